package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** What is delivered against is chosen and edited in the real window. */
@ExtendWith(ApplicationExtension.class)
class SpecificationJourneyTest {
    @TempDir
    Path folder;

    private Window window;

    @Start
    void start(Stage stage) {
        window = new Window(stage, nanoseconds -> {});
    }

    @BeforeEach
    void openDemo() throws IOException {
        window.open(Window.demo(folder));
    }

    @AfterEach
    void close() {
        window.wiring.close();
    }

    @Test
    void anotherSpecificationIsChosenInTheWindow(FxRobot robot) {
        robot.push(KeyCode.S);
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.text(robot, "#specification"))
                .isEqualTo(window.wiring.deliver().specification().get().name());
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("podcast-stereo");
        assertThat(Window.notes(robot)).doesNotContain("too noisy to finish");
        window.settle();
        assertThat(window.saved)
                .last()
                .satisfies(v -> assertThat(v.specificationId()).isEqualTo("podcast-stereo"));
    }

    /** With the keys alone: a copy of what ships is filled in, refused with its field while wrong, saved and used. */
    @Test
    void aSpecificationIsEditedAndUsed(FxRobot robot) {
        robot.press(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        TextField name = Window.find(robot, "#field-NAME").queryAs(TextField.class);
        String given = Window.<String>look(name::getText);
        assertThat(given).isEqualTo("Audiobook, retail, own");
        robot.interact(() -> repeat(name, KeyCode.E, "e"));
        assertThat(Window.<String>look(name::getText)).isEqualTo(given);
        robot.release(KeyCode.E);
        robot.write("TOF");
        assertThat(Window.<String>look(name::getText)).isEqualTo("TOF");
        fill(robot, "#field-LOUDNESS_LOW", "loud");
        assertThat(Window.text(robot, "#specification-fault")).isEqualTo("Loudness: 'loud' is not a number");
        assertThat(ringed(robot, "#field-LOUDNESS_LOW")).isTrue();
        assertThat(ringed(robot, "#field-FLOOR")).isFalse();
        assertThat(Window.text(robot, "#specification-parts"))
                .isEqualTo("opening credits, closing credits, retail sample; change them in the document");
        assertThat(disabled(robot, "#specification-save")).isTrue();
        assertThat(disabled(robot, "#specification-by-document")).isTrue();
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.find(robot, "#specification-fields").tryQuery()).isEmpty();
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("audiobook-retail");

        robot.push(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#field-FLOOR", "-45");
        robot.clickOn("#specification-save");
        window.settle();
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("audiobook-retail-own");
        assertThat(window.wiring.deliver().specification().get().noiseFloorDbfs())
                .hasValue(-45);
        assertThat(Window.notes(robot)).doesNotContain("too noisy to finish");
    }

    /** Who prefers it edits the document itself; fields and document are two sides of one thing. */
    @Test
    void fieldsAndDocumentAreTheSameSpecification(FxRobot robot) {
        robot.clickOn("#edit-specification");
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#field-FLOOR", "-45");
        robot.clickOn("#specification-by-document");
        WaitForAsyncUtils.waitForFxEvents();
        TextArea text = Window.find(robot, "#specification-document").queryAs(TextArea.class);
        String good = Window.<String>look(text::getText);
        assertThat(good).startsWith("{").contains("audiobook-retail-own").contains("\"noiseFloorDbfs\" : -45.0");
        robot.interact(() -> text.setText(good.replace("-23.0", "-13.0")));
        assertThat(Window.text(robot, "#specification-fault")).startsWith("line ");
        assertThat(disabled(robot, "#specification-by-fields")).isTrue();
        robot.interact(() -> text.setText(good.replace("-23.0", "-21.5")));
        assertThat(Window.text(robot, "#specification-fault")).isEmpty();
        robot.clickOn("#specification-by-fields");
        WaitForAsyncUtils.waitForFxEvents();
        TextField low = Window.find(robot, "#field-LOUDNESS_LOW").queryAs(TextField.class);
        assertThat(Window.<String>look(low::getText)).isEqualTo("-21.5");
        robot.clickOn("#specification-cancel");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("audiobook-retail");
    }

    /** Under the editor the docket lies still: its keys are not for what cannot be seen. */
    @Test
    void theKeysOfTheDocketRestWhileAnEditorLiesOverIt(FxRobot robot) {
        robot.push(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> Window.find(robot, "#specification-cancel").query().requestFocus());
        robot.push(KeyCode.F);
        robot.push(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().rows()).hasSize(5);
        assertThat(window.wiring.jobs().running()).isEmpty();
        robot.push(KeyCode.ESCAPE);
    }

    private static void fill(FxRobot robot, String field, String text) {
        robot.interact(() -> Window.find(robot, field).queryAs(TextField.class).setText(text));
    }

    private static boolean ringed(FxRobot robot, String field) {
        return Window.<Boolean>look(() -> Window.find(robot, field).query().getPseudoClassStates().stream()
                .anyMatch(state -> state.getPseudoClassName().equals("wrong")));
    }

    private static boolean disabled(FxRobot robot, String button) {
        return Window.<Boolean>look(() -> Window.find(robot, button).query().isDisabled());
    }

    /** What a keyboard sends while a key is held down. */
    private static void repeat(Node target, KeyCode key, String character) {
        Event.fireEvent(target, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
        Event.fireEvent(
                target, new KeyEvent(KeyEvent.KEY_TYPED, character, "", KeyCode.UNDEFINED, false, false, false, false));
    }
}
