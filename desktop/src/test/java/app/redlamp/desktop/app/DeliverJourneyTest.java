package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.spec.Judge;
import app.redlamp.desktop.deliver.DocketRow;
import app.redlamp.media.FileRecordings;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
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

/** The whole way in the real window: from the demo's recordings to deliveries that were measured again. */
@ExtendWith(ApplicationExtension.class)
class DeliverJourneyTest {
    private static final int NOISY = 3;

    @TempDir
    Path folder;

    private final CountDownLatch sound = new CountDownLatch(1);
    private Window window;
    private List<Path> recordings;

    @Start
    void start(Stage stage) {
        window = new Window(stage, nanoseconds -> sound.await());
    }

    @BeforeEach
    void openDemo() throws IOException {
        recordings = Window.demo(folder);
        window.open(recordings);
    }

    @AfterEach
    void close() {
        sound.countDown();
        window.wiring.close();
    }

    @Test
    void fromTheVerdictsToAMeasuredDelivery(FxRobot robot) throws IOException {
        assertThat(text(robot, "#production-title")).isEqualTo("Borrowed Weather");
        assertThat(notes(robot))
                .containsExactly(
                        "fine; MP3 still to be made",
                        "7.6 dB too quiet",
                        "clipped 14 times",
                        "too noisy to finish",
                        "stereo, 48 kHz");
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, finish 3, then see about 2");

        select(robot, NOISY);
        assertThat(text(robot, "#verdict"))
                .matches(
                        "After the 4\\.\\d dB this needs, the noise floor would be −50\\.\\d dBFS, \\d\\.\\d dB too high\\.");

        robot.clickOn("#finish");
        window.settle();
        assertThat(notes(robot))
                .containsExactly(
                        "ready, measured again",
                        "ready, measured again",
                        "clipped 14 times",
                        "too noisy to finish",
                        "ready, measured again");
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, see about 2");

        Path ready = recordings.get(0).getParent().resolveSibling("ready");
        assertThat(names(ready))
                .containsExactlyInAnyOrder(
                        "1-the-cellar-barometer.wav",
                        "1-the-cellar-barometer.mp3",
                        "2-letters-from-the-quay.wav",
                        "2-letters-from-the-quay.mp3",
                        "5-harbour-lights.wav",
                        "5-harbour-lights.mp3");
        for (String name : names(ready)) {
            if (name.endsWith(".mp3")) {
                Report again = new FileRecordings().measure(ready.resolve(name), Progress.NONE);
                assertThat(Judge.judge(window.wiring.deliver().specification().get(), again, 1)
                                .pass())
                        .as(name)
                        .isTrue();
            }
        }

        select(robot, 1);
        assertThat(text(robot, "#verdict")).startsWith("Ready:");
        robot.clickOn("#show-folder");
        assertThat(window.shownFolders).containsExactly(ready);
    }

    @Test
    void takingTheHopelessOnesOffLightsTheLamp(FxRobot robot) {
        select(robot, NOISY);
        robot.push(KeyCode.DELETE);
        select(robot, 2);
        robot.push(KeyCode.DELETE);
        robot.push(KeyCode.F);
        window.settle();
        assertThat(bigLamp(robot)).isEqualTo("Clear to send, all 3 inside; 3 parts are missing");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, see about 1");
    }

    @Test
    void anotherSpecificationIsChosenInTheWindow(FxRobot robot) {
        robot.push(KeyCode.S);
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#specification"))
                .isEqualTo(window.wiring.deliver().specification().get().name());
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("podcast-stereo");
        assertThat(notes(robot)).doesNotContain("too noisy to finish");
        window.settle();
        assertThat(window.saved)
                .last()
                .satisfies(v -> assertThat(v.specificationId()).isEqualTo("podcast-stereo"));
    }

    /** A place in the reading is pressed, and that place plays; a press on the skyline likewise. */
    @Test
    void whatIsWrongCanBeHeard(FxRobot robot) {
        select(robot, 2);
        assertThat(window.wiring.deliver().rows().get(2).playingS().get()).isEmpty();
        robot.interact(() ->
                ((Button) robot.lookup("#hear-clipping").queryAll().iterator().next()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        double from = window.wiring.deliver().rows().get(2).playingS().get().orElseThrow();
        assertThat(from).isBetween(8.0, 22.0);
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().rows().get(2).playingS().get()).isEmpty();
        Node skyline = robot.lookup(".skyline").queryAll().iterator().next();
        robot.clickOn(skyline);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().rows().get(0).playingS().get()).isPresent();
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void allThatWasMeasuredIsFoldedAway(FxRobot robot) {
        select(robot, 0);
        assertThat(Window.<Boolean>look(
                        () -> robot.lookup(".reading-more-content").query().isVisible()))
                .isFalse();
        robot.interact(() ->
                ((ToggleButton) robot.lookup("#more").queryAll().iterator().next()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.<List<String>>look(
                        () -> robot.lookup(".reading-more-content .figure-name").queryAllAs(Label.class).stream()
                                .map(Label::getText)
                                .toList()))
                .contains("Loudness", "Range", "Noise", "Pace");
    }

    /** With the keys alone: a copy of what ships is filled in, refused with its field while wrong, saved and used. */
    @Test
    void aSpecificationIsEditedAndUsed(FxRobot robot) {
        robot.press(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        TextField name = robot.lookup("#field-NAME").queryAs(TextField.class);
        String given = Window.<String>look(name::getText);
        assertThat(given).isEqualTo("Audiobook, retail, own");
        robot.interact(() -> repeat(name, KeyCode.E, "e"));
        assertThat(Window.<String>look(name::getText)).isEqualTo(given);
        robot.release(KeyCode.E);
        robot.write("TOF");
        assertThat(Window.<String>look(name::getText)).isEqualTo("TOF");
        fill(robot, "#field-LOUDNESS_LOW", "loud");
        assertThat(text(robot, "#specification-fault")).isEqualTo("Loudness: 'loud' is no number");
        assertThat(disabled(robot, "#specification-save")).isTrue();
        assertThat(disabled(robot, "#specification-by-document")).isTrue();
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#specification-fields").tryQuery()).isEmpty();
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("audiobook-retail");

        robot.push(KeyCode.E);
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#field-FLOOR", "-45");
        robot.clickOn("#specification-save");
        window.settle();
        assertThat(window.wiring.deliver().specification().get().id()).isEqualTo("audiobook-retail-own");
        assertThat(window.wiring.deliver().specification().get().noiseFloorDbfs())
                .hasValue(-45);
        assertThat(notes(robot)).doesNotContain("too noisy to finish");
    }

    /** Who prefers it edits the document itself; fields and document are two sides of one thing. */
    @Test
    void fieldsAndDocumentAreTheSameSpecification(FxRobot robot) {
        robot.clickOn("#edit-specification");
        WaitForAsyncUtils.waitForFxEvents();
        fill(robot, "#field-FLOOR", "-45");
        robot.clickOn("#specification-by-document");
        WaitForAsyncUtils.waitForFxEvents();
        TextArea text = robot.lookup("#specification-document").queryAs(TextArea.class);
        String good = Window.<String>look(text::getText);
        assertThat(good).startsWith("{").contains("audiobook-retail-own").contains("\"noiseFloorDbfs\" : -45.0");
        robot.interact(() -> text.setText(good.replace("-23.0", "-13.0")));
        assertThat(text(robot, "#specification-fault")).startsWith("line ");
        assertThat(disabled(robot, "#specification-by-fields")).isTrue();
        robot.interact(() -> text.setText(good.replace("-23.0", "-21.5")));
        assertThat(text(robot, "#specification-fault")).isEmpty();
        robot.clickOn("#specification-by-fields");
        WaitForAsyncUtils.waitForFxEvents();
        TextField low = robot.lookup("#field-LOUDNESS_LOW").queryAs(TextField.class);
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
        robot.interact(() -> robot.lookup("#specification-cancel").query().requestFocus());
        robot.push(KeyCode.F);
        robot.push(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().rows()).hasSize(5);
        assertThat(window.wiring.jobs().running()).isEmpty();
        robot.push(KeyCode.ESCAPE);
    }

    private static void fill(FxRobot robot, String field, String text) {
        robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(text));
    }

    private static boolean disabled(FxRobot robot, String button) {
        return Window.<Boolean>look(() -> robot.lookup(button).query().isDisabled());
    }

    /** From flag to flag of the clipped recording, seen over time, without the mouse. */
    @Test
    void flagsAreHeardOneAfterTheOther(FxRobot robot) {
        select(robot, 2);
        assertThat(robot.lookup("#over-time").tryQuery()).isEmpty();
        robot.push(KeyCode.L);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#over-time").tryQuery()).isPresent();
        DocketRow clipped = window.wiring.deliver().rows().get(2);

        robot.push(KeyCode.P);
        assertThat(Window.<Boolean>look(() -> clipped.playingS().get().isPresent()))
                .isFalse();
        robot.push(KeyCode.N);
        Window.until(() -> clipped.playingS().get().isPresent());
        double first = heard(clipped);
        robot.push(KeyCode.N);
        Window.until(() -> heard(clipped) > first + 1);
        robot.push(KeyCode.P);
        Window.until(() -> heard(clipped) < first + 1);
        robot.push(KeyCode.ESCAPE);
        Window.until(() -> clipped.playingS().get().isEmpty());

        robot.push(KeyCode.L);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#hills").tryQuery()).isPresent();
    }

    private static double heard(DocketRow row) {
        return row.playingS().get().orElse(Double.NaN);
    }

    /** What a keyboard sends while a key is held down. */
    private static void repeat(Node target, KeyCode key, String character) {
        Event.fireEvent(target, new KeyEvent(KeyEvent.KEY_PRESSED, "", "", key, false, false, false, false));
        Event.fireEvent(
                target, new KeyEvent(KeyEvent.KEY_TYPED, character, "", KeyCode.UNDEFINED, false, false, false, false));
    }

    @Test
    void brokenFilesStandInTheDocketAndTheOthersGoOn(FxRobot robot) throws IOException {
        Path empty = Files.createFile(folder.resolve("empty.wav"));
        Path words = Files.writeString(folder.resolve("words.wav"), "no sound at all", StandardCharsets.UTF_8);
        Path half =
                Files.write(folder.resolve("half.wav"), Arrays.copyOf(Files.readAllBytes(recordings.get(0)), 500_000));
        window.open(List.of(empty, words, half, folder));
        List<String> rows = window.wiring.deliver().rows().stream()
                .map(DocketRow::status)
                .map(s -> s.get().toString())
                .toList();
        assertThat(rows).hasSize(9);
        assertThat(rows.get(5)).contains("is empty (0 bytes)");
        assertThat(rows.get(6)).contains("is not a sound file");
        assertThat(rows.get(7)).contains("is cut off");
        assertThat(rows.get(8)).contains("is a folder");
        assertThat(text(robot, "#notice")).contains(": is ");
        assertThat(text(robot, "#verdict"))
                .isEqualTo("empty.wav is empty (0 bytes); copy it again from where it was" + " recorded.");
        robot.clickOn("#remove");
        assertThat(window.wiring.deliver().rows()).hasSize(8);
    }

    @Test
    void playAndStop(FxRobot robot) {
        select(robot, 1);
        robot.push(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        DocketRow row = window.wiring.deliver().rows().get(1);
        assertThat(row.playingS().get()).isPresent();
        assertThat(facts(robot))
                .contains("Playing: 2 Letters from the quay", "Plays on: silent stand-in (no sound device)");
        assertThat(Window.look(() -> robot.lookup("#play").queryAs(Button.class).getText()))
                .startsWith("Stop  0:00 / 0:20");
        robot.clickOn("#play");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.look(() -> robot.lookup("#play").queryAs(Button.class).getText()))
                .isEqualTo("Play");
        assertThat(row.playingS().get()).isEmpty();
        assertThat(facts(robot)).doesNotContain("Playing: 2 Letters from the quay");
    }

    @Test
    void cancellingHalfwayLeavesNothingAndCanBeTakenUpAgain(FxRobot robot) throws IOException {
        robot.push(KeyCode.F);
        Window.until(() -> robot.lookup("#cancel").tryQuery().isPresent()
                && robot.lookup("#cancel").query().isVisible());
        robot.push(KeyCode.ESCAPE);
        window.settle();
        Path ready = recordings.get(0).getParent().resolveSibling("ready");
        long whole = names(ready).stream().filter(n -> n.endsWith(".mp3")).count();
        assertThat(names(ready)).hasSize((int) whole * 2).noneMatch(n -> n.contains("part"));
        robot.push(KeyCode.F);
        window.settle();
        assertThat(names(ready)).hasSize(6);
    }

    @Test
    void closingHalfwayLeavesNothingHalf(FxRobot robot) throws IOException {
        robot.push(KeyCode.F);
        Path ready = recordings.get(0).getParent().resolveSibling("ready");
        Window.until(() -> Files.exists(ready));
        window.wiring.close();
        assertThat(names(ready)).noneMatch(n -> n.contains("part"));
    }

    @Test
    void theKeysOfTheStationAreAQuestionMarkAway(FxRobot robot) {
        Platform.runLater(() -> window.wiring
                .scene()
                .getRoot()
                .fireEvent(new javafx.scene.input.KeyEvent(
                        javafx.scene.input.KeyEvent.KEY_TYPED,
                        "?",
                        "",
                        KeyCode.UNDEFINED,
                        false,
                        false,
                        false,
                        false)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.look(() -> robot.lookup("#keys-sheet").query().isVisible()))
                .isTrue();
        Set<String> texts =
                Window.look(() -> robot.lookup("#keys-sheet").lookup(".label").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .collect(Collectors.toSet()));
        assertThat(texts).contains("O", "open recordings", "F", "Space", "Ctrl+Z");
        robot.push(KeyCode.ESCAPE);
        assertThat(Window.look(() -> robot.lookup("#keys-sheet").query().isVisible()))
                .isFalse();
    }

    /** No mouse at all: round by Tab, every stop is visible, has a name, and the button on the reading can be pressed. */
    @Test
    void everythingIsReachedByKeyboard(FxRobot robot) {
        robot.push(KeyCode.O);
        assertThat(window.chooserOpened).isEqualTo(1);
        java.util.LinkedHashSet<javafx.scene.Node> stops = new java.util.LinkedHashSet<>();
        for (int i = 0; i < 30; i++) {
            robot.push(KeyCode.TAB);
            javafx.scene.Node owner = window.wiring.scene().getFocusOwner();
            if (owner != null) {
                stops.add(owner);
            }
        }
        assertThat(stops.stream().map(javafx.scene.Node::getId))
                .contains("docket", "specification", "finish", "rail.keys");
        for (javafx.scene.Node stop : stops) {
            String name = stop instanceof Labeled labeled
                            && labeled.getText() != null
                            && !labeled.getText().isEmpty()
                    ? labeled.getText()
                    : stop.getAccessibleText();
            assertThat(name == null && stop instanceof javafx.scene.control.ScrollPane ? "scroll" : name)
                    .as(stop.toString())
                    .isNotBlank();
        }
        robot.interact(() -> robot.lookup("#finish").queryAs(Button.class).requestFocus());
        robot.push(KeyCode.SPACE);
        window.settle();
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, see about 2");
    }

    private void select(FxRobot robot, int index) {
        robot.interact(() -> {
            ListView<?> docket = robot.lookup("#docket").queryListView();
            docket.requestFocus();
            docket.getSelectionModel().select(index);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static String text(FxRobot robot, String query) {
        return Window.look(() -> robot.lookup(query).queryAs(Labeled.class).getText())
                .replace('\u00a0', ' ');
    }

    private static String bigLamp(FxRobot robot) {
        return Window.look(() -> robot.lookup("#big-lamp").query().getAccessibleText());
    }

    private static List<String> notes(FxRobot robot) {
        return Window.look(() -> robot.lookup(".docket-note").queryAllAs(Label.class).stream()
                .filter(l -> l.getScene() != null && l.getParent().getParent().isVisible())
                .sorted(java.util.Comparator.comparingDouble(
                        l -> l.localToScene(l.getBoundsInLocal()).getMinY()))
                .map(Label::getText)
                .toList());
    }

    private static List<String> facts(FxRobot robot) {
        return Window.look(() -> robot.lookup(".rail-fact").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList());
    }

    private static Set<String> names(Path ready) throws IOException {
        if (!Files.exists(ready)) {
            return Set.of();
        }
        try (Stream<Path> files = Files.list(ready)) {
            return files.map(p -> p.getFileName().toString()).collect(Collectors.toSet());
        }
    }
}
