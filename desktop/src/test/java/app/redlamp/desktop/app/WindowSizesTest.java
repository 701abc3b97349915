package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.desktop.station.StationId;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The page at every size: nothing leaves the window, no button is cut off. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class WindowSizesTest {
    @TempDir
    Path folder;

    private Window window;

    @Start
    void start(Stage stage) {
        window = new Window(stage, nanoseconds -> {});
    }

    @AfterEach
    void close() {
        window.wiring.close();
    }

    @ParameterizedTest
    @ValueSource(ints = {90, 100, 125, 150})
    void nothingLeavesTheWindow(int percent, FxRobot robot) throws IOException {
        window.open(Window.demo(folder));
        robot.interact(() -> window.wiring.shell().scale((percent - 100) / 5 == 0 ? 0 : (percent - 100) / 5));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.shell().scalePercent().get()).isEqualTo(percent);
        assertThat(Window.look(() -> outside(robot))).isEmpty();
        assertThat(Window.look(() -> cutOff(robot))).isEmpty();
    }

    private List<String> outside(FxRobot robot) {
        List<String> outside = new ArrayList<>();
        for (String part :
                List.of(".wire", ".rail", ".bench", ".reading", ".hills", ".docket", ".big-lamp", "rail.keys")) {
            Node node = part.startsWith(".")
                    ? Window.find(robot, part).query()
                    : robot.lookup((Node n) -> part.equals(n.getId())).query();
            Bounds at = node.localToScene(node.getLayoutBounds());
            boolean within = at.getMinX() >= -1
                    && at.getMinY() >= -1
                    && at.getMaxX() <= window.wiring.scene().getWidth() + 1
                    && at.getMaxY() <= window.wiring.scene().getHeight() + 1;
            if (!within || at.getWidth() < 10 || at.getHeight() < 10) {
                outside.add(part + " " + at);
            }
        }
        return outside;
    }

    private static List<String> cutOff(FxRobot robot) {
        return Window.find(robot, ".button").queryAllAs(Button.class).stream()
                .filter(b -> b.isVisible() && b.getWidth() > 0 && !b.getText().isEmpty())
                .filter(b -> b.getWidth() < b.minWidth(-1))
                .map(Button::getText)
                .toList();
    }

    @Test
    void longNamesAreShortenedAndNothingMoves(FxRobot robot) throws IOException {
        List<Path> demo = Window.demo(folder);
        Path odd = Files.copy(
                demo.get(0),
                demo.get(0)
                        .resolveSibling("12-a-chapter-whose-name-is-so-long-that-no-docket-on-earth-can-hold-it.wav"));
        window.open(List.of(odd));
        Label title = Window.look(() -> Window.find(robot, ".docket-title").queryAs(Label.class));
        Node row = Window.look(() -> Window.find(robot, ".docket-row").query());
        assertThat(title.getBoundsInParent().getMaxX())
                .isLessThan(row.getLayoutBounds().getWidth() / 2);
        assertThat(title.getText()).startsWith("12 A chapter whose");
    }

    @Test
    void withoutRecordingsThePageSaysWhatToDo(FxRobot robot) {
        robot.interact(() -> window.wiring.go(StationId.DELIVER));
        assertThat(Window.find(robot, "#verdict").queryAs(Label.class).getText())
                .isEqualTo("Nothing to judge yet.");
        robot.clickOn("#open");
        assertThat(window.chooserOpened).isEqualTo(1);
        assertThat(Window.find(robot, ".docket-empty").query().isVisible()).isTrue();
    }
}
