package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Every station by keyboard alone: from another station, and after its main action. The focus never leaves the work. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class KeyboardJourneyTest {
    @TempDir
    static Path folder;

    private static List<Path> demo;

    private Window window;

    @Start
    void start(Stage stage) {
        window = new Window(stage, nanoseconds -> {});
    }

    @BeforeEach
    void open() throws IOException {
        if (demo == null) {
            try (DemoProduction made = DemoProduction.in(folder)) {
                demo = made.folders();
            }
        }
        Platform.runLater(() -> window.wiring.production().open(demo.get(0)));
        Window.until(() -> window.wiring.production().planned().get() != null
                && window.wiring.level().verdict().get() != null
                && window.wiring.level().booth().scene().get() != null);
        window.settle();
    }

    @AfterEach
    void close() {
        window.wiring.close();
    }

    private Node focus() {
        return Window.look(() -> window.wiring.scene().getFocusOwner());
    }

    private static boolean on(Node node, String style) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getStyleClass().contains(style)) {
                return true;
            }
        }
        return false;
    }

    private void assertFocusIsInTheStation(String when) {
        assertThat(focus()).as(when).isNotNull();
        assertThat(on(focus(), "wire")).as("%s, on the wire: %s", when, focus()).isFalse();
        assertThat(on(focus(), "rail")).as("%s, on the rail: %s", when, focus()).isFalse();
        assertThat(focus()).as(when).isNotInstanceOf(TextInputControl.class);
    }

    private void go(FxRobot robot, StationId station) {
        KeyCode[] digits = {
            KeyCode.DIGIT1,
            KeyCode.DIGIT2,
            KeyCode.DIGIT3,
            KeyCode.DIGIT4,
            KeyCode.DIGIT5,
            KeyCode.DIGIT6,
            KeyCode.DIGIT7
        };
        window.push(robot, KeyCode.CONTROL, digits[station.number() - 1]);
    }

    private static StationId opened(Window window) {
        return Window.look(() -> window.wiring.open());
    }

    @ParameterizedTest
    @EnumSource(
            value = StationId.class,
            names = {"BRIEF", "ROOM", "KIT", "LEVEL", "DELIVER"})
    void openingAStationBringsTheFocusIntoIt(StationId station, FxRobot robot) {
        for (StationId from : List.of(StationId.BRIEF, StationId.KIT, StationId.LEVEL)) {
            go(robot, from);
            go(robot, station);
            assertThat(opened(window)).isEqualTo(station);
            assertFocusIsInTheStation(from + " to " + station);
        }
    }

    /** Whatever the space bar does at a station, it does it there. */
    @ParameterizedTest
    @EnumSource(
            value = StationId.class,
            names = {"ROOM", "KIT", "LEVEL", "DELIVER"})
    void theSpaceBarLeadsNobodyAway(StationId station, FxRobot robot) {
        go(robot, station);
        for (int i = 0; i < 3; i++) {
            window.push(robot, KeyCode.SPACE);
            assertThat(opened(window)).as("after %s presses", i + 1).isEqualTo(station);
            assertFocusIsInTheStation(station + " after " + (i + 1));
        }
    }

    /** The guided setting from end to end with one key, from another station. */
    @Test
    void levelIsSetWithTheSpaceBarAlone(FxRobot robot) {
        go(robot, StationId.LEVEL);
        for (int presses = 0; presses < 12 && !Window.look(this::set); presses++) {
            LevelVerdict before =
                    Window.look(() -> window.wiring.level().verdict().get());
            double gain =
                    Window.look(() -> window.wiring.kit().path().get().chain().gainDb());
            window.push(robot, KeyCode.SPACE);
            // A real keyboard is heard a moment later: pressed again too soon, the space bar stops the step.
            Window.until(() -> window.wiring.level().running().get() != null
                    || window.wiring.kit().path().get().chain().gainDb() != gain
                    || !before.equals(window.wiring.level().verdict().get()));
            Window.until(() -> window.wiring.level().running().get() == null);
            window.settle();
            assertThat(opened(window)).isEqualTo(StationId.LEVEL);
        }
        assertThat(Window.look(this::set)).isTrue();
    }

    private boolean set() {
        return window.wiring.level().verdict().get().next().isEmpty();
    }
}
