package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.desktop.production.ProductionModel.Saved;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.production.RescueFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The window closes while something could not be saved: nothing is lost without a question, and the keyboard is enough. */
@Tag("window")
@ExtendWith(ApplicationExtension.class)
class ClosingJourneyTest {
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

    private boolean mayLeave() {
        return Window.look(() -> window.wiring.closing().mayLeave());
    }

    /** A production with a change that cannot be saved, because its folder was taken away. */
    private Path unsaved(FxRobot robot) throws IOException {
        robot.interact(() -> Window.find(robot, "#start-title").query().requestFocus());
        robot.write("Rain");
        window.push(robot, KeyCode.ENTER);
        Path production = window.wiring.production().folder().get();
        Path away = Files.createDirectories(folder.resolve("a/b")).resolve("Rain");
        Files.move(production, away);
        robot.interact(() -> window.wiring
                .production()
                .edit("for Mill House", p -> p.with(p.brief().forClient("Mill House"))));
        Window.until(() -> window.wiring.production().saved().get() == Saved.NO);
        window.settle();
        return production;
    }

    private static String client(Path production) throws IOException {
        return new ProductionFolders(Clock.system(ZoneOffset.UTC))
                .look(production)
                .production()
                .brief()
                .client();
    }

    @Test
    void whatIsNotSavedIsAskedAboutAndTheKeyboardIsEnough(FxRobot robot) throws IOException {
        assertThat(mayLeave()).as("nothing is open").isTrue();
        Path production = unsaved(robot);
        robot.interact(() -> Window.find(robot, "#desk-money").query().requestFocus());
        assertThat(mayLeave()).isFalse();
        window.settle();
        assertThat(Window.text(robot, ".question-heading")).isEqualTo("“Rain” is not saved");
        assertThat(Window.find(robot, "#closing-again").queryAs(Button.class).isFocused())
                .isTrue();
        // Nothing behind the question can be reached.
        var theme = window.wiring.shell().theme().get();
        window.push(robot, KeyCode.T);
        assertThat(window.wiring.shell().theme().get()).isEqualTo(theme);
        for (int i = 0; i < 6; i++) {
            window.push(robot, KeyCode.TAB);
            assertThat(Window.look(() -> window.wiring.scene().getFocusOwner().getId()))
                    .startsWith("closing-");
        }
        window.push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#closing").tryQuery()).isEmpty();
        assertThat(window.left).isZero();
        assertThat(Window.look(() -> window.wiring.scene().getFocusOwner().getId()))
                .isEqualTo("desk-money");
        window.push(robot, KeyCode.T);
        assertThat(window.wiring.shell().theme().get())
                .as("everything is within reach again")
                .isNotEqualTo(theme);

        assertThat(mayLeave()).isFalse();
        window.settle();
        Files.move(folder.resolve("a/b/Rain"), production);
        window.push(robot, KeyCode.ENTER);
        Window.until(() -> window.left == 1);
        assertThat(client(production)).isEqualTo("Mill House");
    }

    @Test
    void whatIsNotSavedCanBeSavedElsewhere(FxRobot robot) throws IOException {
        unsaved(robot);
        mayLeave();
        window.settle();
        window.chosenFolder = folder.resolve("other");
        window.fire(robot, "#closing-elsewhere");
        Window.until(() -> window.left == 1);
        assertThat(client(folder.resolve("other/Rain"))).isEqualTo("Mill House");
    }

    /** What the last window could not save is offered, and "later" leaves it where it is. */
    @Test
    void whatTheLastWindowCouldNotSaveIsOffered(FxRobot robot) throws IOException {
        unsaved(robot);
        RescueFolder rescues = new RescueFolder(window.rescued, Clock.system(ZoneOffset.UTC));
        assertThat(rescues.all()).hasSize(1);
        robot.interact(() -> window.wiring.closing().offer());
        Window.until(() -> Window.find(robot, "#rescue").tryQuery().isPresent());
        assertThat(Window.text(robot, ".question-heading")).contains("Rain", "could not be saved");
        window.push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#rescue").tryQuery()).isEmpty();
        assertThat(rescues.all()).hasSize(1);
    }
}
