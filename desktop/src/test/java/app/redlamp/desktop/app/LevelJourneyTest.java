package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.RadioButton;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The Level station in a window, on the demo; the simulated booth's time passes as fast as it can. */
@ExtendWith(ApplicationExtension.class)
class LevelJourneyTest {
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

    private void openDemo(int index) throws IOException {
        List<Path> demo;
        try (DemoProduction made = DemoProduction.in(folder)) {
            demo = made.folders();
        }
        Platform.runLater(() -> {
            window.wiring.production().open(demo.get(index));
            window.wiring.go(StationId.LEVEL);
        });
        Window.until(() -> window.wiring.level().verdict().get() != null
                && window.wiring.level().booth().scene().get() != null);
        window.settle();
    }

    private void heard(SettingStep step) {
        Window.until(() -> window.wiring.level().running().get() == null
                && window.wiring.level().levels().of(step).isPresent());
        window.settle();
    }

    private void theFirstThreeSteps(FxRobot robot) {
        window.push(robot, KeyCode.DIGIT1);
        heard(SettingStep.STILL);
        window.push(robot, KeyCode.DIGIT2);
        heard(SettingStep.LOUDEST);
        window.push(robot, KeyCode.DIGIT3);
        heard(SettingStep.READ);
    }

    private static String label(FxRobot robot, String id) {
        return Window.find(robot, id).queryAs(Label.class).getText();
    }

    @Test
    void withoutAJobItLeadsToTheBrief(FxRobot robot) {
        window.push(robot, KeyCode.CONTROL, KeyCode.DIGIT4);
        assertThat(Window.text(robot, "#verdict")).startsWith("No job is open");
        window.fire(robot, "#level-start");
        assertThat(Window.find(robot, "#start-title").tryQuery()).isPresent();
    }

    /** Space takes the next step; what is simulated is never silent about it. */
    @Test
    void theKeyboardAloneSetsTheLevel(FxRobot robot) throws IOException {
        openDemo(0);
        assertThat(label(robot, "#simulated-banner")).contains("no microphone is listening");
        assertThat(Window.text(robot, "#verdict")).startsWith("Ten seconds of silence");
        theFirstThreeSteps(robot);
        Window.until(() -> Window.find(robot, "#level-turn").tryQuery().isPresent()
                || Window.text(robot, "#verdict").startsWith("The noise"));
        assertThat(Window.find(robot, "#level-line").queryAs(Label.class).getText())
                .isNotBlank();
        double before = window.wiring.level().chain().orElseThrow().gainDb();
        window.fire(robot, "#level-turn");
        assertThat(window.wiring.level().chain().orElseThrow().gainDb()).isNotEqualTo(before);
        window.fire(robot, "#level-take");
        heard(SettingStep.LOUDEST);
        window.push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(window.wiring.level().chain().orElseThrow().gainDb()).isEqualTo(before);
    }

    private void said(FxRobot robot, String id) {
        window.fire(robot, id);
        Window.until(() -> !Window.find(robot, "#sides-progress").query().isVisible());
        window.settle();
    }

    /** Spoken from behind: what is wrong is said, the test is one key away, and reading again from the front clears it. */
    @Test
    void theFrontIsFoundAndTheReadingClears(FxRobot robot) throws IOException {
        openDemo(0);
        RoomGuess lively = new RoomGuess(RoomGuess.Size.BEDROOM, RoomGuess.Softness.MIXED, RoomGuess.Quiet.STILL);
        Platform.runLater(() -> {
            window.wiring
                    .production()
                    .edit("", p -> p.with(Spots.NONE).with(p.kits().guessing(lively)));
            window.wiring
                    .level()
                    .kit()
                    .editSeat("edit.knob", s -> s.at(s.position().turnedRound()));
        });
        window.settle();
        theFirstThreeSteps(robot);
        assertThat(Window.text(robot, "#verdict")).contains("as from behind the microphone");
        window.push(robot, KeyCode.SPACE);
        assertThat(label(robot, "#sides-answer")).startsWith("Which side is the front?");
        said(robot, "#sides-first");
        assertThat(label(robot, "#sides-answer")).startsWith("Heard.");
        said(robot, "#sides-second");
        assertThat(label(robot, "#sides-answer")).startsWith("The second side is the front");
        assertThat(label(robot, "#sides-signs")).contains("dB louder");
        window.fire(robot, "#sides-turn");
        assertThat(window.wiring.level().chain().orElseThrow().position().angleDeg())
                .isZero();
        window.push(robot, KeyCode.DIGIT3);
        heard(SettingStep.READ);
        assertThat(Window.text(robot, "#verdict")).doesNotContain("behind");
    }

    private void line(FxRobot robot) {
        robot.clickOn("#marks-say");
        Window.until(() -> !Window.find(robot, "#marks-progress").query().isVisible());
        window.settle();
    }

    /** A mark that is not there is refused in one line; what is learnt at three marks turns the knob in one's own marks. */
    @Test
    void theMarksOfTheKnobAreLearnt(FxRobot robot) throws IOException {
        openDemo(0);
        window.push(robot, KeyCode.M);
        assertThat(label(robot, "#marks-answer")).startsWith("No decibels on the knob");
        robot.clickOn("#marks-slider-scale").clickOn("none");
        robot.clickOn("#marks-knob").eraseText(4).write("11").push(KeyCode.ENTER);
        assertThat(label(robot, "#desk-fault")).contains("0.0 to 10.0");
        robot.clickOn("#marks-knob").eraseText(4).write("2.5").push(KeyCode.ENTER);
        line(robot);
        assertThat(Window.find(robot, "#marks-lines").lookup("2.5").tryQuery()).isPresent();
        assertThat(Window.find(robot, "#marks-knob-scale").query().isDisabled()).isTrue();
        window.fire(robot, "#marks-out-1");
        for (int i = 0; i < 7 && !label(robot, "#marks-answer").startsWith("Put the knob at "); i++) {
            line(robot);
        }
        assertThat(label(robot, "#marks-answer")).startsWith("Put the knob at ");
        robot.clickOn("#marks-knob").eraseText(4).write("4.5").push(KeyCode.ENTER);
        line(robot);
        window.push(robot, KeyCode.DIGIT2);
        heard(SettingStep.LOUDEST);
        List<String> texts =
                Window.look(() -> robot.lookup((Labeled l) -> l.getText() != null).queryAllAs(Labeled.class).stream()
                        .map(Labeled::getText)
                        .toList());
        assertThat(texts).anyMatch(t -> t.startsWith("By your own marks: from 4.5 to "));
        window.push(robot, KeyCode.DIGIT1);
        heard(SettingStep.STILL);
        window.push(robot, KeyCode.DIGIT3);
        heard(SettingStep.READ);
        assertThat(Window.look(() ->
                        Window.find(robot, "#level-turn").queryAs(Button.class).getText()))
                .matches("Turn it to \\d\\.\\d");
    }

    /** At six on a weekday the mixers run: all steps are over, and what is said to do next is not to write it all down. */
    @Test
    void whereNoiseIsInTheWayNotEverythingIsSet(FxRobot robot) throws IOException {
        openDemo(0);
        Platform.runLater(
                () -> window.wiring.level().booth().setTime(new WeekTime(DayOfWeek.MONDAY, LocalTime.of(6, 0))));
        window.settle();
        for (int takes = 0; window.wiring.level().verdict().get().next().isPresent() && takes < 9; takes++) {
            SettingStep next = window.wiring.level().verdict().get().next().get();
            if (next == SettingStep.TURN) {
                window.fire(robot, "#level-turn");
            }
            window.fire(robot, "#level-take");
            heard(next == SettingStep.TURN ? SettingStep.LOUDEST : next);
        }
        assertThat(Window.text(robot, "#verdict")).contains("too loud");
        assertThat(label(robot, "#level-ask")).startsWith("Every step is taken");
    }

    @Test
    void aCardIsWrittenAndPrinted(FxRobot robot) throws IOException {
        openDemo(0);
        theFirstThreeSteps(robot);
        window.push(robot, KeyCode.C);
        window.settle();
        Window.until(() -> Window.find(robot, "#card-write").tryQuery().isPresent());
        robot.interact(
                () -> Window.find(robot, "#card-note").queryAs(TextField.class).setText("window shut"));
        window.fire(robot, "#card-write");
        window.settle();
        Window.until(
                () -> !Window.find(robot, "#card-print").queryAs(Button.class).isDisabled());
        window.fire(robot, "#card-print");
        assertThat(window.printed).hasSize(1);
        PrintedTable card = window.printed.get(0);
        assertThat(card.title()).startsWith("Gain card");
        assertThat(card.rows()).anyMatch(r -> r.cells().contains("window shut"));
        assertThat(card.rows()).anyMatch(r -> r.cells().get(1).contains("no real microphone"));
        window.chosenFile = picture();
        window.fire(robot, "#card-picture");
        Window.until(
                () -> Window.find(robot, "#card-photo").queryAs(ImageView.class).getImage() != null);
        Path kept = window.wiring.production().folder().get().resolve("pictures/desk.png");
        assertThat(kept).exists();
        window.fire(robot, "#card-picture");
        Window.until(() -> !Window.find(robot, "#card-photo").query().isVisible());
        assertThat(kept).as("what is kept stays").exists();
    }

    private static List<String> told(FxRobot robot) {
        return Window.find(robot, "#level-reading .label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList();
    }

    /** Two hosts: each heard by itself, how equally loud they are, and how much of each is with the other. */
    @Test
    void hostsAreHeldAgainstEachOther(FxRobot robot) throws IOException {
        openDemo(1);
        for (int host = 0; host < 2; host++) {
            window.push(robot, KeyCode.DIGIT1);
            heard(SettingStep.STILL);
            window.push(robot, KeyCode.DIGIT3);
            heard(SettingStep.READ);
            if (host == 0) {
                window.push(robot, KeyCode.N);
            }
        }
        Window.until(() -> Window.find(robot, "#more").tryQuery().isPresent());
        robot.interact(
                () -> Window.find(robot, "#more").queryAs(ToggleButton.class).setSelected(true));
        window.settle();
        Window.until(() -> told(robot).contains("Bleed"));
        assertThat(told(robot)).contains("Match");
        window.push(robot, KeyCode.K);
        Window.until(() -> Window.find(robot, "#level-apart").tryQuery().isPresent());
        List<String> before = told(robot);
        robot.interact(() -> {
            TextField apart = Window.find(robot, "#level-apart").queryAs(TextField.class);
            apart.requestFocus();
            apart.setText("3 m");
            apart.getOnAction().handle(new ActionEvent());
        });
        Window.until(() -> !told(robot).equals(before));
        assertThat(told(robot)).as("computed for that far apart").anyMatch(t -> t.contains("predicted at 3"));
    }

    private Path picture() throws IOException {
        Path picture = folder.resolve("desk.png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        return picture;
    }

    /** A loudspeaker instead of headphones: it is heard, told, and switched off from the reading. */
    @Test
    void aLoudspeakerIsTold(FxRobot robot) throws IOException {
        openDemo(0);
        robot.interact(() -> window.wiring.kit().editSeat("edit.gain", seat -> seat.gained(36)));
        window.push(robot, KeyCode.H);
        Window.until(
                () -> Window.find(robot, "#output-booth-headphones").tryQuery().isPresent());
        assertThat(Window.find(robot, "#output-booth-headphones")
                        .queryAs(RadioButton.class)
                        .isSelected())
                .as("headphones first")
                .isTrue();
        window.fire(robot, "#monitor-start");
        Window.until(() -> label(robot, "#monitor-state").contains("to your ear"));
        window.fire(robot, "#monitor-start");
        Window.until(() -> label(robot, "#monitor-state").startsWith("Nothing"));
        robot.interact(() -> Window.find(robot, "#output-booth-loudspeaker")
                .queryAs(RadioButton.class)
                .fire());
        window.fire(robot, "#monitor-start");
        Window.until(
                () -> Window.find(robot, "#monitor-gain").queryAs(Slider.class).getValue() == -30);
        robot.interact(
                () -> Window.find(robot, "#monitor-gain").queryAs(Slider.class).setValue(-3));
        Window.until(() -> Window.find(robot, "#level-unmonitor").tryQuery().isPresent());
        assertThat(label(robot, "#monitor-state")).contains("A loudspeaker is on");
        window.fire(robot, "#level-unmonitor");
        Window.until(() -> label(robot, "#monitor-state").startsWith("Nothing"));
        Window.until(() -> Window.find(robot, "#monitor-start")
                .queryAs(Button.class)
                .getText()
                .equals("Hear yourself"));
    }

    /** The big lamp stands for room, kit and level; whoever knows better says why. */
    @Test
    void theLampIsOverruledWithAReason(FxRobot robot) throws IOException {
        openDemo(0);
        window.push(robot, KeyCode.O);
        Window.until(() -> Window.find(robot, "#overrule-room").tryQuery().isPresent());
        window.fire(robot, "#overrule-room");
        assertThat(window.wiring.production().production().get().cards().overrules())
                .isEmpty();
        for (String station : List.of("room", "kit", "level")) {
            robot.interact(() -> Window.find(robot, "#reason-" + station)
                    .queryAs(TextField.class)
                    .setText("only a demo"));
            window.fire(robot, "#overrule-" + station);
            window.settle();
            Window.until(
                    () -> Window.find(robot, "#trust-" + station).tryQuery().isPresent());
        }
        assertThat(Window.find(robot, "#big-lamp").query().getAccessibleText()).startsWith("Clear to record");
        window.fire(robot, "#trust-kit");
        window.settle();
        Window.until(() ->
                Window.find(robot, "#big-lamp").query().getAccessibleText().startsWith("Not clear to record"));
    }

    @Test
    void twoHostsAreSetOneAfterTheOther(FxRobot robot) throws IOException {
        openDemo(1);
        assertThat(window.wiring.level().voice()).isEqualTo("Ada");
        window.push(robot, KeyCode.DIGIT1);
        heard(SettingStep.STILL);
        window.fire(robot, "#level-seat-2");
        window.settle();
        assertThat(window.wiring.level().voice()).isEqualTo("Ben");
        assertThat(window.wiring.level().levels().of(SettingStep.STILL)).isEmpty();
    }
}
