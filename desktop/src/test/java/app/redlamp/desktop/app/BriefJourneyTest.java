package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** A job is planned in the real window, mostly without a mouse. */
@ExtendWith(ApplicationExtension.class)
class BriefJourneyTest {
    private static final String SCRIPT = "Chapter 1\n\nIt rained on Ysolde Bight. " + "Rain fell. ".repeat(1500)
            + "\n\nChapter 2\n\n“Look at the cwm,” said Ysolde Bight.\n\nIt was shut.";

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

    private Production production() {
        return window.wiring.production().production().get();
    }

    private List<String> titles() {
        return production().pieces().stream().map(Piece::title).toList();
    }

    private void fire(FxRobot robot, String id) {
        robot.interact(() -> Window.find(robot, id).queryAs(ButtonBase.class).fire());
        window.settle();
    }

    private void write(FxRobot robot, String id, String text) {
        robot.interact(() -> {
            TextInputControl field = Window.find(robot, id).queryAs(TextInputControl.class);
            field.requestFocus();
            field.setText(text);
        });
    }

    private void push(FxRobot robot, KeyCode... keys) {
        robot.push(keys);
        window.settle();
    }

    private void startBook(FxRobot robot) {
        robot.interact(() -> Window.find(robot, "#start-title").query().requestFocus());
        robot.write("Rain");
        push(robot, KeyCode.ENTER);
    }

    private void paste(FxRobot robot) {
        push(robot, KeyCode.V);
        write(robot, "#paste-text", SCRIPT);
        fire(robot, "#paste-replace");
    }

    @Test
    void aJobIsStartedWithATitleAndEnter(FxRobot robot) {
        assertThat(Window.text(robot, "#verdict")).isEqualTo("What is to be recorded, for whom and by when?");
        fire(robot, "#kind-audio-guide");
        assertThat(Window.text(robot, "#start-why")).contains("48 kHz").contains("AES TD1008");
        startBook(robot);
        assertThat(Window.text(robot, "#production-title")).isEqualTo("Rain");
        assertThat(Window.text(robot, "#verdict")).isEqualTo("Rain has no script yet.");
        assertThat(production().order().specification().id()).isEqualTo("streamed-speech");
        assertThat(window.wiring.deliver().specification().get().id())
                .as("delivered against the same")
                .isEqualTo("streamed-speech");
        assertThat(window.wiring.production().folder().get().resolve("production.json"))
                .exists();
        assertThat(window.saved.get(window.saved.size() - 1).recent()).hasSize(1);
    }

    @Test
    void aScriptIsPastedAndPlanned(FxRobot robot) {
        startBook(robot);
        paste(robot);
        assertThat(titles()).containsExactly("Chapter 1", "Chapter 2");
        assertThat(Window.text(robot, "#verdict")).startsWith("19 min of book, 39 min in the booth, 1 evening.");
        assertThat(Window.text(robot, "#book-line")).startsWith("2 chapters · 3,019 words");
        push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(titles()).isEmpty();
        assertThat(Window.text(robot, "#verdict")).isEqualTo("Rain has no script yet.");
        push(robot, KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(titles()).hasSize(2);
    }

    @Test
    void aScriptIsBroughtFromAFileAndABrokenOneIsRefused(FxRobot robot) throws IOException {
        startBook(robot);
        window.chosenFile = Files.writeString(folder.resolve("book.md"), "# One\n\nRain.\n\n# Two\n\nSun.\n");
        push(robot, KeyCode.S);
        assertThat(titles()).containsExactly("One", "Two");
        window.chosenFile = Files.write(folder.resolve("half.docx"), new byte[] {'P', 'K', 3, 4, 0});
        push(robot, KeyCode.S);
        assertThat(Window.text(robot, "#notice")).startsWith("half.docx is cut off or damaged");
        assertThat(titles()).containsExactly("One", "Two");
    }

    @Test
    void chaptersAreCorrectedByHand(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.C);
        push(robot, KeyCode.DOWN);
        assertThat(Window.text(robot, "#chapter-figures"))
                .startsWith("12 words")
                .contains("33 % dialogue");
        robot.interact(() -> Window.find(robot, "#chapter-text")
                .queryListView()
                .getSelectionModel()
                .select(2));
        fire(robot, "#chapter-split");
        assertThat(titles()).containsExactly("Chapter 1", "Chapter 2", "It was shut.");
        write(robot, "#chapter-title", "The cwm");
        push(robot, KeyCode.ENTER);
        assertThat(titles()).containsExactly("Chapter 1", "The cwm", "It was shut.");
        fire(robot, "#chapter-merge");
        fire(robot, "#chapter-up");
        assertThat(titles()).containsExactly("The cwm", "Chapter 1");
        push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#chapters").tryQuery()).isEmpty();
        assertThat(Window.find(robot, "#book").tryQuery()).isPresent();
    }

    @Test
    void howThingsAreSaidIsDecidedInTheList(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.W);
        fire(robot, "#words-foreign");
        assertThat(Window.text(robot, "#word-term")).isEqualTo("cwm");
        assertThat(Window.text(robot, "#word-where")).isEqualTo("2 Chapter 2 (1×)");
        write(robot, "#word-said", "koom");
        push(robot, KeyCode.ENTER);
        assertThat(production().script().sayings().get(0).said()).isEqualTo("koom");
        fire(robot, "#words-names");
        write(robot, "#word-voice", "low and dry");
        fire(robot, "#word-keep");
        assertThat(production().script().voices().get(0).name()).isEqualTo("Ysolde Bight");
        fire(robot, "#words-open");
        assertThat(Window.find(robot, "#mentions").queryListView().getItems()).hasSizeLessThan(3);
        push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#mentions").tryQuery()).isEmpty();
    }

    @Test
    void aMailIsReadWhileItIsWritten(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.M);
        write(robot, "#mail-text", "Peaks no higher than -4 dB, noise floor under -62.");
        window.settle();
        assertThat(Window.text(robot, "#mail-peak")).isEqualTo("−4 dBFS or lower");
        fire(robot, "#mail-ask");
        assertThat(window.copied.get(0)).contains("Which channels would you like?");
        fire(robot, "#mail-take");
        assertThat(production().order().quotes()).containsOnlyKeys(Asked.PEAK, Asked.NOISE_FLOOR);
        assertThat(Window.text(robot, "#order-from-peak"))
                .isEqualTo("“Peaks no higher than -4 dB” (library: −3 dBFS or lower)");
        assertThat(window.wiring.deliver().specification().get().peak().highest())
                .isEqualTo(-4);
        push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(production().order().mail()).isEmpty();
    }

    @Test
    void figuresOfTheOrderAreChangedWithoutTouchingTheLibrary(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.E);
        write(robot, "#field-FLOOR", "-65");
        write(robot, "#field-SAMPLE_RATE", "48000");
        window.settle();
        fire(robot, "#specification-save");
        assertThat(production().order().specification().noiseFloorDbfs()).hasValue(-65);
        assertThat(Window.text(robot, "#order-from-noise-floor")).startsWith("changed by you (library: −60");
        assertThat(Window.text(robot, "#order-from-coding"))
                .as("the sample rate is part of the file")
                .startsWith("changed by you (library: MP3 192 kbit/s, constant, 44.1 kHz");
        assertThat(Window.text(robot, "#order-more")).isEmpty();
        assertThat(window.wiring.brief().specifications()).hasSize(10);
    }

    @Test
    void daysAndHoursChangeThePlanAtOnce(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.D);
        write(robot, "#time-session", "15");
        push(robot, KeyCode.ENTER);
        assertThat(production().time().longestSessionMin()).isEqualTo(15);
        assertThat(Window.text(robot, "#verdict")).contains("3 evenings");
        write(robot, "#time-session", "soon");
        push(robot, KeyCode.ENTER);
        assertThat(Window.text(robot, "#desk-fault")).isEqualTo("'soon' is not a number");
        assertThat(production().time().longestSessionMin()).isEqualTo(15);
        robot.interact(
                () -> Window.find(robot, "#day-6").queryAs(CheckBox.class).fire());
        window.settle();
        write(robot, "#day-6-from", "8");
        push(robot, KeyCode.ENTER);
        assertThat(production().time().quiet().get(java.time.DayOfWeek.SATURDAY).from())
                .hasToString("08:00");
        write(robot, "#spent-minutes", "90");
        push(robot, KeyCode.ENTER);
        assertThat(Window.text(robot, "#spent-sum")).isEqualTo("1 h 30 min so far");
    }

    @Test
    void aDayIsTakenOffWithTheKeyboard(FxRobot robot) {
        startBook(robot);
        paste(robot);
        robot.interact(() -> Window.find(robot, "#evenings").<Node>query().requestFocus());
        push(robot, KeyCode.RIGHT);
        push(robot, KeyCode.SPACE);
        assertThat(production().time().daysOff()).hasSize(1);
        assertThat(production().time().daysOff())
                .contains(window.wiring.production().today());
        push(robot, KeyCode.SPACE);
        assertThat(production().time().daysOff()).isEmpty();
    }

    @Test
    void theJobIsChangedAndItsNamesAreSeen(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.J);
        assertThat(Window.text(robot, "#job-names"))
                .isEqualTo("Files are called Rain_01_Chapter-1.mp3 to Rain_02_Chapter-2.mp3.");
        assertThat(Window.text(robot, "#job-why"))
                .contains("44.1 kHz")
                .contains("−12 and −6 dBFS")
                .contains("One file a chapter");
        write(robot, "#job-pattern", "{n}-{title}");
        assertThat(Window.text(robot, "#job-names"))
                .as("while it is written")
                .isEqualTo("Files are called 1-Chapter-1.mp3 to 2-Chapter-2.mp3.");
        write(robot, "#job-pattern", "../{nn}");
        push(robot, KeyCode.ENTER);
        assertThat(Window.text(robot, "#desk-fault")).contains("'/' cannot stand in a file name");
        assertThat(production().brief().pattern()).isEqualTo("{production}_{nn}_{title}");
        write(robot, "#job-pattern", "{production}");
        push(robot, KeyCode.ENTER);
        assertThat(Window.text(robot, "#desk-fault"))
                .isEqualTo("'Chapter 1' and 'Chapter 2' would both be called Rain; put {nn} into the pattern");
        assertThat(production().brief().pattern()).isEqualTo("{production}_{nn}_{title}");
        write(robot, "#job-pattern", "{nnn}");
        push(robot, KeyCode.ENTER);
        assertThat(Window.text(robot, "#job-names")).contains("001.mp3 to 002.mp3");
    }

    @Test
    void moneyIsReckoned(FxRobot robot) {
        startBook(robot);
        paste(robot);
        push(robot, KeyCode.F);
        write(robot, "#fee-amount", "200");
        push(robot, KeyCode.ENTER);
        write(robot, "#currency", "EUR");
        push(robot, KeyCode.ENTER);
        write(robot, "#item-name", "stand");
        write(robot, "#item-new", "40");
        fire(robot, "#item-add");
        assertThat(Window.text(robot, "#money-sum")).contains("0.32 h × €200").contains("still to pay €40");
        write(robot, "#currency", "PEBBLES");
        push(robot, KeyCode.ENTER);
        assertThat(Window.text(robot, "#desk-fault")).contains("'PEBBLES' is not a currency");
    }

    @Test
    void theCalendarIsExportedAndAnotherProductionOpened(FxRobot robot) throws IOException {
        startBook(robot);
        paste(robot);
        window.chosenCalendar = folder.resolve("plan.ics");
        push(robot, KeyCode.X);
        assertThat(Files.readString(folder.resolve("plan.ics"))).contains("BEGIN:VCALENDAR");
        Path rain = window.wiring.production().folder().get();
        push(robot, KeyCode.O);
        write(robot, "#start-title", "Sun");
        push(robot, KeyCode.ENTER);
        assertThat(production().brief().title()).isEqualTo("Sun");
        push(robot, KeyCode.O);
        push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#book").tryQuery())
                .as("thought better of it")
                .isPresent();
        push(robot, KeyCode.O);
        window.chosenFolder = rain;
        fire(robot, "#open-production");
        assertThat(production().brief().title()).isEqualTo("Rain");
        push(robot, KeyCode.O);
        assertThat(Window.text(robot, "#recent-0")).isEqualTo("Rain");
        fire(robot, "#recent-1");
        assertThat(production().brief().title()).isEqualTo("Sun");
        push(robot, KeyCode.O);
        fire(robot, "#recent-1");
        assertThat(titles()).hasSize(2);
    }

    @Test
    void theStationsAreReachedByKey(FxRobot robot) {
        push(robot, KeyCode.CONTROL, KeyCode.DIGIT7);
        assertThat(Window.find(robot, "#specification").tryQuery()).isPresent();
        push(robot, KeyCode.CONTROL, KeyCode.DIGIT1);
        assertThat(Window.find(robot, "#start-title").tryQuery()).isPresent();
    }

    @Test
    void longTitlesAndManyCuesAreShown(FxRobot robot) {
        startBook(robot);
        StringBuilder cues = new StringBuilder();
        for (int i = 1; i <= 400; i++) {
            cues.append(i).append(". Prompt number ").append(i).append(" of a very long list that goes on and on\n");
        }
        push(robot, KeyCode.V);
        write(robot, "#paste-text", cues.toString());
        fire(robot, "#paste-replace");
        assertThat(titles()).hasSize(400);
        WaitForAsyncUtils.waitForFxEvents();
        Platform.runLater(() -> window.wiring.shell().scale(10));
        window.settle();
        assertThat(Window.text(robot, "#book-line")).startsWith("400 chapters");
    }

    @Test
    void theDemosOtherJobsAreOfferedAndNotRemembered(FxRobot robot) throws IOException {
        List<Path> jobs;
        try (DemoProduction demo = DemoProduction.in(folder)) {
            jobs = demo.folders();
        }
        robot.interact(() -> {
            window.wiring.offer(jobs);
            window.wiring.production().open(jobs.get(0));
        });
        window.settle();
        assertThat(Window.text(robot, "#book-line")).startsWith("12 chapters · 3,254 words");
        push(robot, KeyCode.O);
        assertThat(Window.text(robot, "#recent-2")).isEqualTo("The Salt Mill");
        fire(robot, "#recent-2");
        assertThat(Window.text(robot, "#book-line")).startsWith("20 stops");
        assertThat(window.saved)
                .as("nothing of it is remembered")
                .allMatch(v -> v.recent().isEmpty());
        push(robot, KeyCode.O);
        fire(robot, "#recent-1");
        assertThat(Window.text(robot, "#book-line")).startsWith("3 episodes · 2 h");
    }
}
