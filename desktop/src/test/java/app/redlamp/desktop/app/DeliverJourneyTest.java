package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
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
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
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
        assertThat(Window.text(robot, "#production-title")).isEqualTo("Borrowed Weather");
        assertThat(Window.notes(robot))
                .containsExactly(
                        "fine; MP3 still to be made",
                        "7.6 dB too quiet",
                        "clipped 14 times",
                        "too noisy to finish",
                        "stereo, 48 kHz");
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, finish 3, then see about 2");

        select(robot, NOISY);
        assertThat(Window.text(robot, "#verdict"))
                .matches(
                        "After the 4\\.\\d dB this needs, the noise floor would be −(50|49)\\.\\d dBFS, \\d+\\.\\d dB too high\\.");

        robot.clickOn("#finish");
        window.settle();
        assertThat(Window.notes(robot))
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
        assertThat(Window.text(robot, "#verdict")).startsWith("Ready:");
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

    /** Somebody at Deliver opens a production: its takes are measured there and then, and not when the station is opened anew. */
    @Test
    void aProductionOpenedHereIsMeasuredHere(FxRobot robot) {
        Path book = recordings.get(0).getParent().getParent();
        robot.interact(() -> List.copyOf(window.wiring.deliver().rows())
                .forEach(r -> window.wiring.deliver().remove(r)));
        robot.interact(() -> window.wiring.production().open(book.resolveSibling("Second Rise")));
        window.settle();
        robot.interact(() -> window.wiring.production().open(book));
        window.settle();
        assertThat(window.wiring.deliver().rows()).hasSize(5);
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, finish 3, then see about 2");
    }

    /** A place in the reading is pressed, and that place plays; a press on the skyline likewise. */
    @Test
    void whatIsWrongCanBeHeard(FxRobot robot) {
        select(robot, 2);
        assertThat(window.wiring.deliver().rows().get(2).playingS().get()).isEmpty();
        robot.interact(() -> ((Button) Window.find(robot, "#hear-clipping")
                        .queryAll()
                        .iterator()
                        .next())
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        double from = window.wiring.deliver().rows().get(2).playingS().get().orElseThrow();
        assertThat(from).isBetween(8.0, 22.0);
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().rows().get(2).playingS().get()).isEmpty();
        Node skyline = Window.find(robot, ".skyline").queryAll().iterator().next();
        robot.clickOn(skyline);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.wiring.deliver().rows().get(0).playingS().get()).isPresent();
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void allThatWasMeasuredIsFoldedAway(FxRobot robot) {
        select(robot, 0);
        assertThat(Window.<Boolean>look(() ->
                        Window.find(robot, ".reading-more-content").query().isVisible()))
                .isFalse();
        robot.interact(() -> ((ToggleButton)
                        Window.find(robot, "#more").queryAll().iterator().next())
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.<List<String>>look(
                        () -> Window.find(robot, ".reading-more-content .figure-name").queryAllAs(Label.class).stream()
                                .map(Label::getText)
                                .toList()))
                .contains("Loudness", "Range", "Noise", "Pace");
    }

    /** From flag to flag of the clipped recording, seen over time, without the mouse. */
    @Test
    void flagsAreHeardOneAfterTheOther(FxRobot robot) {
        select(robot, 2);
        assertThat(Window.find(robot, "#over-time").tryQuery()).isEmpty();
        robot.push(KeyCode.L);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.find(robot, "#over-time").tryQuery()).isPresent();
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
        assertThat(Window.find(robot, "#hills").tryQuery()).isPresent();
    }

    private static double heard(DocketRow row) {
        return row.playingS().get().orElse(Double.NaN);
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
        assertThat(rows.get(7)).contains("CUT_OFF");
        assertThat(rows.get(8)).contains("is a folder");
        assertThat(Window.text(robot, "#notice")).contains(": is ");
        assertThat(Window.text(robot, "#verdict"))
                .isEqualTo("empty.wav is empty (0 bytes); copy it again from where it was" + " recorded.");
        robot.clickOn("#remove");
        assertThat(window.wiring.deliver().rows()).hasSize(8);
    }

    /** The caution stands beside the key before the sound is louder; the same key ends it. */
    @Test
    void theSilenceIsHeardAndStopped(FxRobot robot) {
        select(robot, NOISY);
        assertThat(Window.text(robot, "#hear-silence")).isEqualTo("Hear the silence");
        assertThat(robot.lookup("24 dB louder: headphones low").tryQuery()).isPresent();
        robot.push(KeyCode.Q);
        Window.until(() -> Window.text(robot, "#hear-silence").equals("Stop"));
        robot.push(KeyCode.Q);
        Window.until(() -> Window.text(robot, "#hear-silence").equals("Hear the silence"));
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
        assertThat(Window.look(
                        () -> Window.find(robot, "#play").queryAs(Button.class).getText()))
                .startsWith("Stop  0:00 / 0:20");
        robot.clickOn("#play");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Window.look(
                        () -> Window.find(robot, "#play").queryAs(Button.class).getText()))
                .isEqualTo("Play");
        assertThat(row.playingS().get()).isEmpty();
        assertThat(facts(robot)).doesNotContain("Playing: 2 Letters from the quay");
    }

    @Test
    void cancellingHalfwayLeavesNothingAndCanBeTakenUpAgain(FxRobot robot) throws IOException {
        robot.push(KeyCode.F);
        Window.until(() -> Window.find(robot, "#cancel").tryQuery().isPresent()
                && Window.find(robot, "#cancel").query().isVisible());
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
        assertThat(Window.look(() -> Window.find(robot, "#keys-sheet").query().isVisible()))
                .isTrue();
        Set<String> texts =
                Window.look(() -> Window.find(robot, "#keys-sheet").lookup(".label").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .collect(Collectors.toSet()));
        assertThat(texts).contains("O", "open recordings", "F", "Space", "Ctrl+Z");
        robot.push(KeyCode.ESCAPE);
        assertThat(Window.look(() -> Window.find(robot, "#keys-sheet").query().isVisible()))
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
        robot.interact(() -> Window.find(robot, "#finish").queryAs(Button.class).requestFocus());
        robot.push(KeyCode.SPACE);
        window.settle();
        assertThat(bigLamp(robot)).isEqualTo("Not clear to send, see about 2");
    }

    private void select(FxRobot robot, int index) {
        robot.interact(() -> {
            ListView<?> docket = Window.find(robot, "#docket").queryListView();
            docket.requestFocus();
            docket.getSelectionModel().select(index);
        });
        window.settle();
    }

    private static String bigLamp(FxRobot robot) {
        return Window.look(() -> Window.find(robot, "#big-lamp").query().getAccessibleText());
    }

    private static List<String> facts(FxRobot robot) {
        return Window.look(() -> Window.find(robot, ".rail-fact").queryAllAs(Label.class).stream()
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
