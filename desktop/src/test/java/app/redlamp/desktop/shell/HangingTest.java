package app.redlamp.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.redlamp.core.port.Settings;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.look.Theme;
import app.redlamp.desktop.station.Clearance;
import app.redlamp.desktop.station.KeyBinding;
import app.redlamp.desktop.station.StationBase;
import app.redlamp.desktop.station.StationContext;
import app.redlamp.desktop.station.StationId;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.desktop.station.Units;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.beans.property.SimpleStringProperty;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/**
 * A station that nothing in the application knows is hung by one line: its class, its words and its styles are all it needs. What
 * lies outside its package and that line is not touched.
 */
@ExtendWith(ApplicationExtension.class)
class HangingTest {
    private int pressed;
    private int drawn;
    private ShellView shell;
    private StandIn station;

    /** What a new package brings. */
    private final class StandIn extends StationBase {
        private final VBox bench;

        StandIn(StationParts<Void> parts) {
            super(StationId.TAKE, parts);
            Label what = new Label(parts.say("standin.what"));
            what.setId("standin-what");
            bench = new VBox(what, new Label());
            bench.getStyleClass().add("stand-in");
            column().show(Reading.plain(
                    parts.say("standin.what"), List.of(), "", List.of(), Optional.empty(), List.of(), ""));
            tell(new Headings(parts.say("standin.heading.what"), ""));
            tell(List.of("a fact"));
            tell(new Standing(Verdict.of(List.of(), List.of()), false, "clear", ""));
        }

        @Override
        protected void draw() {
            drawn++;
        }

        void changed() {
            redraw();
        }

        @Override
        public Node bench() {
            return bench;
        }

        @Override
        public List<KeyBinding> keys() {
            return List.of(KeyBinding.plain(KeyCode.X, "stand in", () -> pressed++));
        }

        @Override
        public void drop(List<Path> files) {}
    }

    @Start
    void start(Stage stage) {
        Settings settings = mock(Settings.class);
        when(settings.load()).thenReturn(Settings.Values.DEFAULT);
        Strings strings = new Strings(Locale.ENGLISH);
        JobService jobs = new JobService(Runnable::run, Runnable::run);
        Units units = new Units(Locale.ENGLISH, false, () -> false);
        StationContext context = new StationContext(null, jobs, strings, units, null, id -> {});
        station = new StandIn(StationParts.of(context, null));
        shell = new ShellView(
                new ShellModel(settings, jobs, new UndoHistory(), strings),
                List.of(station),
                new Clearance(List.of(station), () -> Cards.NONE, strings),
                new SimpleStringProperty("no input"));
        Scene scene = new Scene(shell.root(), 1280, 800);
        Look.dress(scene, Theme.DUSK, 100);
        stage.setScene(scene);
        stage.show();
    }

    /** A keyboard repeats a key that is held: a command is given once, until it is let go. */
    @Test
    void aHeldKeyGivesItsCommandOnce(FxRobot robot) {
        robot.interact(() -> {
            for (int i = 0; i < 5; i++) {
                key(KeyEvent.KEY_PRESSED);
            }
        });
        assertThat(pressed).isEqualTo(1);
        robot.interact(() -> {
            key(KeyEvent.KEY_RELEASED);
            key(KeyEvent.KEY_PRESSED);
            key(KeyEvent.KEY_RELEASED);
        });
        assertThat(pressed).isEqualTo(2);
    }

    /** A key that is let go over another window is not held for ever. Without a window system no window takes the focus from another. */
    @Test
    @Tag("window")
    @DisabledIfSystemProperty(named = "glass.platform", matches = "Monocle")
    void aKeyLetGoElsewhereIsNotHeld(FxRobot robot) {
        Window here = shell.root().getScene().getWindow();
        robot.interact(() -> key(KeyEvent.KEY_PRESSED));
        Stage[] other = new Stage[1];
        robot.interact(() -> {
            other[0] = new Stage();
            other[0].show();
            other[0].requestFocus();
        });
        until(() -> !here.isFocused());
        robot.interact(() -> other[0].close());
        robot.interact(here::requestFocus);
        until(here::isFocused);
        robot.interact(() -> key(KeyEvent.KEY_PRESSED));
        assertThat(pressed).isEqualTo(2);
    }

    private static void until(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, condition);
        } catch (TimeoutException e) {
            throw new AssertionError("waited in vain", e);
        }
    }

    private void key(EventType<KeyEvent> type) {
        Event.fireEvent(station.bench, new KeyEvent(type, "", "", KeyCode.X, false, false, false, false));
    }

    @Test
    void aNewStationIsHungByOneLine(FxRobot robot) {
        WaitForAsyncUtils.waitForFxEvents();
        Label heading = robot.lookup("#production-title").queryAs(Label.class);
        assertThat(heading.getText()).isEqualTo("Nothing here");
        assertThat(robot.lookup(".wire-name").queryLabeled().getText()).isEqualTo("Stand-in");
        assertThat(robot.lookup("#standin-what").queryLabeled().getText()).startsWith("A station");
        assertThat(station.bench)
                .as("its own styles")
                .satisfies(b -> assertThat(b.getSpacing()).isEqualTo(17));
        assertThat(station.standing().getValue().lamp()).isEqualTo(LampState.LIT);
        robot.push(KeyCode.X);
        assertThat(pressed).isEqualTo(1);
        assertThat(drawn).as("when it was opened").isEqualTo(1);
        robot.interact(station::changed);
        assertThat(drawn).as("at once, for it is seen").isEqualTo(2);
        robot.interact(() -> shell.open(StationId.FINISH));
        assertThat(shell.opened()).as("what is not hung is not opened").isEqualTo(StationId.TAKE);
        robot.push(KeyCode.CONTROL, KeyCode.DIGIT5);
        assertThat(shell.opened()).isEqualTo(StationId.TAKE);
    }
}
