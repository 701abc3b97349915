package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A room is drawn, damped and measured in the real window. */
@ExtendWith(ApplicationExtension.class)
class RoomJourneyTest {
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

    private void openDemo() throws IOException {
        Path book;
        try (DemoProduction demo = DemoProduction.in(folder)) {
            book = demo.folder();
        }
        Platform.runLater(() -> {
            window.wiring.production().open(book);
            window.wiring.go(StationId.ROOM);
        });
        window.settle();
        Window.until(() -> window.wiring.room().advice().get() != null);
        window.settle();
    }

    private Room room() {
        return window.wiring
                .production()
                .production()
                .get()
                .spots()
                .current()
                .orElseThrow()
                .room();
    }

    @Test
    void withoutAProductionItSaysWhereToBegin(FxRobot robot) {
        window.push(robot, KeyCode.CONTROL, KeyCode.DIGIT2);

        assertThat(Window.text(robot, "#verdict")).contains("start one, or open one, at the Brief");
        window.fire(robot, "#room-start");
        assertThat(Window.find(robot, "#start-title").tryQuery()).isPresent();
    }

    @Test
    void aPlaceIsChosenAndItsSizeIsWritten(FxRobot robot) {
        robot.interact(() -> Window.find(robot, "#start-title").query().requestFocus());
        robot.write("Rain");
        window.push(robot, KeyCode.ENTER);
        window.push(robot, KeyCode.CONTROL, KeyCode.DIGIT2);
        Window.until(() -> window.wiring.room().offers().get().size() == 7);
        assertThat(Window.find(robot, "lacks nothing for this job").tryQuery()).isPresent();
        window.fire(robot, "#first-cupboard");

        assertThat(Window.text(robot, "#room-name")).isEqualTo("Cupboard under the stairs");
        window.push(robot, KeyCode.S);
        window.write(robot, "#room-width", "4 ft");
        assertThat(room().space().widthM()).isCloseTo(1.2192, within(1e-9));
        window.write(robot, "#room-depth", "wide");
        assertThat(Window.text(robot, "#desk-fault")).contains("'wide' is not a length");
        window.write(robot, "#room-depth", "0.2");
        assertThat(Window.text(robot, "#desk-fault")).contains("room depth of 0.2 m");
        assertThat(room().space().depthM()).isEqualTo(1.9);
        robot.interact(() -> Window.find(robot, "#room-plan").query().requestFocus());
        window.push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(room().space().widthM()).isEqualTo(1.1);
    }

    @Test
    void theDemosRoomIsToldInOneSentence(FxRobot robot) throws IOException {
        openDemo();

        assertThat(Window.text(robot, "#verdict")).startsWith("Too much reverb").contains("boxy at");
        assertThat(Window.text(robot, "#room-week-line")).contains("on 3 days");
        window.fire(robot, "#room-hand-hours");
        assertThat(window.wiring.production().production().get().time().quiet()).hasSize(3);
        assertThat(Window.text(robot, "#room-hand-hours")).isEqualTo("In the calendar");
    }

    @Test
    void everythingIsPushedAndTakenAwayWithKeys(FxRobot robot) throws IOException {
        openDemo();
        Point before = room().mouth();
        window.push(robot, KeyCode.P);
        window.push(robot, KeyCode.PAGE_DOWN);
        window.push(robot, KeyCode.RIGHT);
        window.push(robot, KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(room().mouth().x()).isCloseTo(before.x() + 0.06, within(1e-9));

        robot.interact(() -> window.wiring.room().selected().set("duvet"));
        window.push(robot, KeyCode.DELETE);
        assertThat(room().patches()).noneMatch(p -> p.id().equals("duvet"));
        window.push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(room().patches()).anyMatch(p -> p.id().equals("duvet"));
    }

    @Test
    void aThingIsDraggedWithTheMouseAndTheDragIsUndoneAtOnce(FxRobot robot) throws IOException {
        openDemo();
        double before = room().furniture().get(0).x();
        Node plan = Window.find(robot, "#room-plan").query();
        Bounds bounds = Window.look(() -> plan.localToScreen(plan.getBoundsInLocal()));
        // The desk lies a little above the middle of the room.
        robot.moveTo(bounds.getMinX() + bounds.getWidth() * 0.33, bounds.getMinY() + bounds.getHeight() * 0.28);
        robot.press(MouseButton.PRIMARY);
        robot.moveBy(25, 0);
        robot.moveBy(25, 5);
        robot.release(MouseButton.PRIMARY);
        window.settle();

        assertThat(window.wiring.room().selected().get()).isEqualTo("desk");
        assertThat(room().furniture().get(0).x()).isGreaterThan(before + 0.1);
        window.push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(room().furniture().get(0).x()).isEqualTo(before);
    }

    @Test
    void whatHelpsIsTriedWithAButton(FxRobot robot) throws IOException {
        openDemo();
        double rings = window.wiring.room().study().get().decay().middleS();
        int patches = room().patches().size();
        String id = window.wiring.room().advice().get().steps().get(0).patch().id();
        window.fire(robot, "#room-try-" + id);
        Window.until(() -> window.wiring.room().study().get().decay().middleS() < rings);

        assertThat(room().patches()).hasSize(patches + 1);
        assertThat(window.wiring.room().before().get()).isNotNull();
    }

    @Test
    void theWorstIsHungUpFirst(FxRobot robot) throws IOException {
        openDemo();
        window.push(robot, KeyCode.W);
        int steps = window.wiring.room().advice().get().steps().size();
        assertThat(Window.find(robot, ".treat-figure").queryAll()).hasSize(6 * (steps + 1));
        int patches = room().patches().size();
        window.fire(robot, "#treat-2");

        assertThat(room().patches()).hasSize(patches + 2);
        Window.until(() -> window.wiring.room().advice().get().steps().size() < steps);
    }

    @Test
    void anOfferOfABoothIsHeldAgainstClothAndKept(FxRobot robot) throws IOException {
        openDemo();
        window.push(robot, KeyCode.O);
        Window.until(() -> Window.text(robot, "#booths-verdict").contains("hours a week are quiet as it is"));
        window.fire(robot, "#booth-add");
        window.write(robot, "#booth-keeps-3", "44");
        window.write(robot, "#booth-keeps-3", "loud");
        assertThat(Window.text(robot, "#booth-fault")).contains("loud");
        window.write(robot, "#booth-price", "100");
        window.fire(robot, "#overlay-close");
        Window.until(() -> Window.find(robot, "#booth-own-booth").tryQuery().isPresent()
                && Window.text(robot, "#booths-verdict").contains("My offer"));
        window.fire(robot, "#booth-own-booth");
        assertThat(Window.find(robot, "#booth-keeps-3")
                        .queryAs(TextInputControl.class)
                        .getText())
                .as("what was entered was kept, and what could not be is not")
                .isEqualTo("44");
        window.fire(robot, "#booth-forget");
        Window.until(() -> Window.find(robot, "#booth-own-booth").tryQuery().isEmpty());
    }

    @Test
    void aClapIsMeasuredAndCorrectsTheDrawing(FxRobot robot) throws IOException {
        openDemo();
        try (DemoProduction demo = DemoProduction.in(folder.resolve("other"))) {
            window.chosenRecordings.add(demo.sound("clap.wav"));
        }
        window.push(robot, KeyCode.C);
        window.fire(robot, "#clap-load");

        assertThat(Window.text(robot, "#clap-verdict")).startsWith("Reverb time 0.");
        assertThat(room().correction().factors().at(3)).isNotEqualTo(1.0);
        window.fire(robot, "#clap-uncorrect");
        assertThat(room().correction().factors().at(3)).isEqualTo(1.0);
        window.fire(robot, "#clap-correct");
        Window.until(() -> room().correction().factors().at(3) != 1.0);
        window.push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#room-plan").tryQuery()).isPresent();
    }

    @Test
    void aRecordingThatTellsNothingIsSaid(FxRobot robot) throws IOException {
        openDemo();
        Path words = java.nio.file.Files.writeString(folder.resolve("words.wav"), "These are words.");
        for (String pane : new String[] {"clap", "night"}) {
            window.chosenRecordings.add(words);
            window.fire(robot, "#room-" + pane);
            window.fire(robot, "#" + pane + "-load");
            assertThat(Window.text(robot, "#" + pane + "-verdict")).contains("words.wav is not a sound file");
            window.fire(robot, "#overlay-close");
        }
    }

    @Test
    void whatIsDroppedGoesWhereTheUserIs(FxRobot robot) throws IOException {
        openDemo();
        Path words = java.nio.file.Files.writeString(folder.resolve("words.wav"), "These are words.");
        window.drop(robot, List.of(words));
        assertThat(Window.text(robot, "#clap-verdict")).contains("words.wav");
        window.fire(robot, "#overlay-close");
        window.fire(robot, "#room-night");
        window.drop(robot, List.of(words));
        assertThat(Window.text(robot, "#night-verdict")).contains("words.wav");
        window.drop(robot, List.of(words, words));
        assertThat(Window.find(robot, "#compare-verdict").tryQuery()).isPresent();
    }

    @Test
    void twoSentencesAreComparedAndANightIsNamed(FxRobot robot) throws IOException {
        openDemo();
        Path night;
        try (DemoProduction demo = DemoProduction.in(folder.resolve("other"))) {
            window.chosenRecordings.add(demo.sound("sentence-before.wav"));
            window.chosenRecordings.add(demo.sound("sentence-after.wav"));
            night = demo.sound("night.wav");
        }
        window.push(robot, KeyCode.B);
        window.fire(robot, "#compare-load");
        assertThat(Window.text(robot, "#compare-verdict"))
                .contains("dB less noise")
                .contains("clearer in the room");
        window.push(robot, KeyCode.ESCAPE);

        window.chosenRecordings.add(night);
        window.push(robot, KeyCode.G);
        window.fire(robot, "#night-load");
        assertThat(Window.text(robot, "#night-verdict")).startsWith("15 min listened");
        window.write(robot, "#night-name-1", "the fridge");
        int noises = window.wiring.room().spot().get().sources().size();
        window.fire(robot, "#night-add-1");
        assertThat(window.wiring.room().spot().get().sources()).hasSize(noises + 1);
        assertThat(window.wiring.room().spot().get().sources().get(noises).name())
                .isEqualTo("the fridge");
    }

    @Test
    void noisesAreWrittenAndPlacesAreCompared(FxRobot robot) throws IOException {
        openDemo();
        window.push(robot, KeyCode.N);
        window.write(robot, "#noise-level-1", "60");
        assertThat(window.wiring.room().spot().get().sources().get(0).dbA()).isEqualTo(60);
        window.write(robot, "#noise-hours-1", "whenever");
        assertThat(Window.text(robot, "#desk-fault")).contains("are not hours");
        window.write(robot, "#noise-hours-1", "3-5 daily");
        assertThat(window.wiring
                        .room()
                        .spot()
                        .get()
                        .sources()
                        .get(0)
                        .hours()
                        .get(0)
                        .days())
                .hasSize(7);
        window.fire(robot, "#noise-add");
        assertThat(window.wiring.room().spot().get().sources()).hasSize(6);

        robot.interact(() -> Window.find(robot, "#room-plan").query().requestFocus());
        window.push(robot, KeyCode.L);
        window.fire(robot, "#place-choose-1");
        assertThat(window.wiring.room().spot().get().name()).isEqualTo("Wardrobe in the bedroom");
    }

    @Test
    void aMaterialIsEditedWhereItHangs(FxRobot robot) throws IOException {
        openDemo();
        window.push(robot, KeyCode.H);
        robot.interact(() -> window.wiring.room().selected().set("duvet"));
        window.settle();
        window.write(robot, "#absorbs-3", "0.9");

        Material duvet = room().patches().stream()
                .filter(p -> p.id().equals("duvet"))
                .findFirst()
                .orElseThrow()
                .material();
        assertThat(duvet.absorption().at(3)).isEqualTo(0.9);
        assertThat(Window.find(robot, "#material-price").tryQuery()).isPresent();
        window.write(robot, "#absorbs-3", "9");
        assertThat(Window.text(robot, "#desk-fault")).contains("between 0 and 1");
    }

    @Test
    void lengthsAreSaidInFeetAndThisIsRemembered(FxRobot robot) throws IOException {
        openDemo();
        robot.interact(() -> Window.find(robot, "#room-plan").query().requestFocus());
        window.push(robot, KeyCode.U);

        assertThat(Window.text(robot, "#room-size")).startsWith("7 ft 10.5 in");
        assertThat(window.saved.get(window.saved.size() - 1).lengths()).isEqualTo("imperial");
    }
}
