package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.redlamp.core.kit.Kit;
import app.redlamp.core.kit.Kits;
import app.redlamp.core.kit.Parts;
import app.redlamp.core.kit.Seat;
import app.redlamp.core.placement.Bleed;
import app.redlamp.core.plan.Item;
import app.redlamp.core.text.TableSheet;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.kit.KitShelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A kit is chosen, mended, placed, wired and compared in the real window. */
@ExtendWith(ApplicationExtension.class)
class KitJourneyTest {
    @TempDir
    Path folder;

    private Window window;
    private List<Path> demo = List.of();

    @Start
    void start(Stage stage) {
        window = new Window(stage, nanoseconds -> {});
    }

    @AfterEach
    void close() {
        window.wiring.close();
    }

    /** @param index 0 the audiobook, 1 the podcast of two hosts, 2 the audio guide */
    private void openDemo(int index) throws IOException {
        try (DemoProduction made = DemoProduction.in(folder)) {
            demo = made.folders();
        }
        Platform.runLater(() -> {
            window.wiring.production().open(demo.get(index));
            window.wiring.toKit();
        });
        advised();
    }

    private void advised() {
        window.settle();
        Window.until(() -> window.wiring.kit().advice().get() != null
                && window.wiring.kit().advice().get().kit().equals(kit()));
        window.settle();
    }

    private Kits kits() {
        return window.wiring.production().production().get().kits();
    }

    private Kit kit() {
        return kits().current().orElseThrow();
    }

    private Seat seat() {
        return kit().seats().get(0);
    }

    private void fire(FxRobot robot, String id) {
        robot.interact(() -> robot.lookup(id).queryAs(ButtonBase.class).fire());
        window.settle();
    }

    private void push(FxRobot robot, KeyCode... keys) {
        robot.push(keys);
        window.settle();
    }

    private void write(FxRobot robot, String id, String text) {
        robot.interact(() -> {
            TextInputControl field = robot.lookup(id).queryAs(TextInputControl.class);
            field.requestFocus();
            field.setText(text);
        });
        push(robot, KeyCode.ENTER);
    }

    private void drop(FxRobot robot, List<Path> files) {
        Dragboard board = mock(Dragboard.class);
        when(board.getFiles()).thenReturn(files.stream().map(Path::toFile).toList());
        DragEvent event = mock(DragEvent.class);
        when(event.getDragboard()).thenReturn(board);
        robot.interact(() -> robot.lookup(".page").query().getOnDragDropped().handle(event));
        window.settle();
    }

    @Test
    void withoutAProductionItSaysWhereToBegin(FxRobot robot) {
        push(robot, KeyCode.CONTROL, KeyCode.DIGIT3);

        assertThat(Window.text(robot, "#verdict")).contains("start one, or open one, at the Brief");
        // Keys of a bench that is not there do nothing.
        push(robot, KeyCode.C);
        push(robot, KeyCode.G);
        push(robot, KeyCode.N);
        fire(robot, "#kit-start");
        assertThat(robot.lookup("#start-title").tryQuery()).isPresent();
    }

    @Test
    void aKitIsTakenForARoomThatIsOnlyGuessed(FxRobot robot) {
        robot.interact(() -> robot.lookup("#start-title").query().requestFocus());
        robot.write("Rain");
        push(robot, KeyCode.ENTER);
        push(robot, KeyCode.CONTROL, KeyCode.DIGIT3);
        Window.until(() -> window.wiring.kit().candidates().get() != null);
        window.settle();
        assertThat(Window.text(robot, "#verdict")).startsWith("What will you record with?");
        assertThat(robot.lookup("#take-xlr-dynamic").tryQuery()).isPresent();

        robot.interact(() -> {
            ComboBox<?> quiet = robot.lookup("#guess-quiet").queryAs(ComboBox.class);
            quiet.getSelectionModel().select(3);
        });
        window.settle();
        assertThat(window.wiring.kit().need().get().room().noise().dbA()).isCloseTo(45, within(1e-6));
        fire(robot, "#take-xlr-condenser");
        advised();
        assertThat(kit().seats()).hasSize(1);
        assertThat(seat().name()).isEqualTo("Voice 1");
        assertThat(robot.lookup("#kit-ribbon").tryQuery()).isPresent();
        push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(kits().all()).isEmpty();
    }

    @Test
    void theGainIsSetAndTakenBack(FxRobot robot) throws IOException {
        openDemo(0);
        assertThat(Window.text(robot, "#verdict")).startsWith("The gain is too high for your loudest line");
        double before = seat().gainDb();

        fire(robot, "#kit-set-gain");
        advised();
        assertThat(seat().gainDb()).isLessThan(before - 5);
        assertThat(Window.text(robot, "#verdict")).startsWith("Quiet enough, but the room answers");
        push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(seat().gainDb()).isEqualTo(before);
        push(robot, KeyCode.G);
        assertThat(seat().gainDb()).isLessThan(before - 5);
    }

    @Test
    void theKnobsMoveTheRibbonAndTheRibbonTheKnobs(FxRobot robot) throws IOException {
        openDemo(0);
        Slider gain = robot.lookup("#knob-gain").queryAs(Slider.class);
        assertThat(gain.getValue()).isCloseTo(seat().gainDb(), within(0.01));
        robot.interact(gain::requestFocus);
        push(robot, KeyCode.LEFT);
        assertThat(seat().gainDb()).isEqualTo(40);
        robot.interact(() -> robot.lookup("#kit-ribbon").query().requestFocus());
        push(robot, KeyCode.LEFT);
        push(robot, KeyCode.DOWN);
        assertThat(seat().gainDb()).isEqualTo(39);
        assertThat(gain.getValue()).isCloseTo(39, within(0.01));

        Bounds ribbon = Window.look(() -> robot.lookup("#kit-ribbon")
                .query()
                .localToScreen(robot.lookup("#kit-ribbon").query().getBoundsInLocal()));
        double preamp = ribbon.getMinX() + 62 + (ribbon.getWidth() - 124) * 4 / 6;
        robot.drag(preamp, ribbon.getCenterY()).dropTo(preamp, ribbon.getCenterY() + 20);
        window.settle();
        assertThat(seat().gainDb()).isLessThan(35);
        assertThat(Window.text(robot, "#knob-gain-words")).startsWith("+");
        push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(seat().gainDb()).isEqualTo(39);
    }

    @Test
    void theVoiceIsChosenAndNeverLouderThanItsLoudestLine(FxRobot robot) throws IOException {
        openDemo(0);
        robot.interact(() -> robot.lookup("#voice-reading")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(4));
        window.settle();
        assertThat(seat().voice().reading().id()).isEqualTo("loud");
        assertThat(seat().voice().loudest().id()).isEqualTo("loud");
    }

    @Test
    void anotherPartIsPutInFromTheTable(FxRobot robot) throws IOException {
        openDemo(0);
        fire(robot, "#upgrade-hob-1");
        advised();
        assertThat(seat().microphone().id()).isEqualTo("hob-1");
        assertThat(seat().position().distanceM()).isEqualTo(0.08);
        assertThat(robot.lookup("#kit-upgrades").tryQuery()).isPresent();
    }

    @Test
    void partsArePickedAddedTakenOutAndCounted(FxRobot robot) throws IOException {
        openDemo(0);
        push(robot, KeyCode.P);
        write(robot, "#seat-name", "Ysolde");
        assertThat(seat().name()).isEqualTo("Ysolde");
        robot.interact(() -> {
            ComboBox<?> box = robot.lookup("#pick-box").queryAs(ComboBox.class);
            box.getSelectionModel().select(5);
        });
        window.settle();
        assertThat(kit().box().orElseThrow().id()).isEqualTo("sconce-2");
        robot.interact(() -> robot.lookup("#pick-lead")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(0));
        window.settle();
        assertThat(seat().cable()).isEmpty();
        robot.interact(() -> robot.lookup("#extra-add")
                .queryAs(MenuButton.class)
                .getItems()
                .get(0)
                .fire());
        window.settle();
        assertThat(kit().extras()).hasSize(4);
        fire(robot, "#extra-remove-pop");
        assertThat(kit().extras()).hasSize(3);
        robot.interact(() -> robot.lookup("#kit-hub").queryAs(CheckBox.class).fire());
        window.settle();
        assertThat(kit().hub()).isTrue();
        robot.interact(
                () -> robot.lookup("#owned-tallow-1").queryAs(Spinner.class).increment());
        window.settle();
        assertThat(kits().owned()).containsEntry("tallow-1", 2);
        fire(robot, "#seat-add");
        advised();
        assertThat(kit().seats()).hasSize(2);
        assertThat(window.wiring.kit().seat().get()).isEqualTo(1);
        fire(robot, "#seat-remove");
        advised();
        assertThat(kit().seats()).hasSize(1);
        // One voice at least there must be.
        fire(robot, "#seat-remove");
        assertThat(kit().seats()).hasSize(1);
        assertThat(Window.text(robot, "#desk-fault")).contains("1 to 16 voices");
    }

    @Test
    void whatDoesNotFitIsMendedOneByOne(FxRobot robot) throws IOException {
        openDemo(1);
        push(robot, KeyCode.T);
        assertThat(Window.text(robot, "#fit-verdict")).endsWith("things will be heard.");
        assertThat(kit().hub()).isTrue();
        for (int i = 0; i < 12 && robot.lookup("#mend-0").tryQuery().isPresent(); i++) {
            fire(robot, "#mend-0");
            advised();
        }
        assertThat(kit().hub()).isFalse();
        assertThat(window.wiring.kit().advice().get().fit().clear()).isTrue();
    }

    @Test
    void everyVoiceIsLookedAt(FxRobot robot) throws IOException {
        openDemo(1);
        assertThat(Window.text(robot, "#seat-1")).isEqualTo("Ada");
        push(robot, KeyCode.N);
        assertThat(window.wiring.kit().seat().get()).isEqualTo(1);
        assertThat(window.wiring.kit().path().get().chain().booster()).isPresent();
        fire(robot, "#seat-1");
        assertThat(window.wiring.kit().path().get().chain().booster()).isEmpty();
    }

    @Test
    void theListIsHandedToTheBriefAndWritten(FxRobot robot) throws IOException {
        openDemo(1);
        push(robot, KeyCode.B);
        assertThat(Window.text(robot, "#buy-sum"))
                .startsWith("To start today: ")
                .endsWith("The budget is 150.");
        fire(robot, "#buy-hand");
        List<Item> items = window.wiring.production().production().get().money().items();
        assertThat(items).isNotEmpty();
        fire(robot, "#buy-hand");
        assertThat(window.wiring.production().production().get().money().items())
                .hasSameSizeAs(items);
        fire(robot, "#buy-write");
        TableSheet written = window.printed.get(0);
        assertThat(written.title()).isEqualTo("To buy for: Two dynamics at the kitchen table");
        assertThat(written.rows()).hasSizeGreaterThan(3);
        assertThat(written.columns()).contains("New", "Used");
    }

    @Test
    void wiringIsTickedAndWritten(FxRobot robot) throws IOException {
        openDemo(0);
        push(robot, KeyCode.W);
        CheckBox first = robot.lookup("#wire-1").queryAs(CheckBox.class);
        assertThat(first.getText()).startsWith("1. Everything down");
        robot.interact(first::fire);
        push(robot, KeyCode.K);
        push(robot, KeyCode.W);
        assertThat(robot.lookup("#wire-1").queryAs(CheckBox.class).isSelected()).isTrue();
        fire(robot, "#wire-write");
        assertThat(window.printed.get(0).rows().get(1).cells().get(0)).contains("48 V off");
    }

    @Test
    void whichKitExplainsBothSchools(FxRobot robot) throws IOException {
        openDemo(1);
        push(robot, KeyCode.C);
        Window.until(() -> window.wiring.kit().candidates().get() != null);
        window.settle();
        List<String> words = Window.look(() -> robot.lookup("#choice-schools .label").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .toList());
        assertThat(words).contains("USB or XLR", "Condenser or dynamic");
        assertThat(words).anyMatch(w -> w.startsWith("The figures side with"));
        assertThat(words).filteredOn(w -> w.contains("would take")).hasSize(4);
        // Keys of the bench below do nothing meanwhile.
        push(robot, KeyCode.G);
        assertThat(seat().gainDb()).isEqualTo(48);
        fire(robot, "#take-usb-dynamic");
        advised();
        assertThat(kits().all()).hasSize(2);
        assertThat(kit().seats()).hasSize(2);
        robot.interact(() -> {
            MenuButton menu = robot.lookup("#kit-kits").queryAs(MenuButton.class);
            menu.show();
            menu.getItems().get(0).fire();
            menu.hide();
        });
        advised();
        assertThat(kit().name()).isEqualTo("Two dynamics at the kitchen table");
    }

    @Test
    void theMicrophoneIsPlaced(FxRobot robot) throws IOException {
        openDemo(0);
        push(robot, KeyCode.M);
        assertThat(Window.text(robot, "#place-verdict")).startsWith("A good place");
        for (int i = 0; i < 11; i++) {
            push(robot, KeyCode.LEFT);
        }
        assertThat(seat().position().distanceM()).isCloseTo(0.07, within(0.001));
        assertThat(Window.text(robot, "#place-verdict")).startsWith("Boomy");
        robot.interact(
                () -> robot.lookup("#place-screen").queryAs(CheckBox.class).fire());
        window.settle();
        for (int i = 0; i < 2; i++) {
            push(robot, KeyCode.SHIFT, KeyCode.DOWN);
        }
        robot.interact(() -> robot.lookup("#place-picture").query().requestFocus());
        for (int i = 0; i < 3; i++) {
            push(robot, KeyCode.DOWN);
        }
        assertThat(seat().position().sideDeg()).isZero();
        assertThat(seat().position().raisedDeg()).isZero();
        assertThat(Window.text(robot, "#place-verdict")).startsWith("Every P will pop");
        Slider turned = robot.lookup("#place-turned").queryAs(Slider.class);
        robot.interact(turned::requestFocus);
        push(robot, KeyCode.RIGHT);
        assertThat(seat().position().angleDeg()).isEqualTo(5);
        robot.interact(() -> robot.lookup("#place-seats")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(2));
        write(robot, "#place-apart", "90 cm");
        assertThat(robot.lookup("#place-seats").queryAs(ComboBox.class).getValue())
                .isEqualTo(Bleed.Seats.BESIDE);
        push(robot, KeyCode.ESCAPE);
        assertThat(robot.lookup("#place-verdict").tryQuery()).isEmpty();
    }

    @Test
    void aDataSheetBecomesAMicrophone(FxRobot robot) throws IOException {
        openDemo(0);
        push(robot, KeyCode.D);
        Button keep = robot.lookup("#sheet-keep").queryAs(Button.class);
        assertThat(keep.isDisabled()).isTrue();
        robot.interact(() -> robot.lookup("#sheet-text")
                .queryAs(TextInputControl.class)
                .setText("Sunday Lantern\nSensitivity: -34 dBV/Pa\nSelf-noise: 9 dB(A)\nS/N ratio: 80 dB"));
        window.settle();
        assertThat(robot.lookup("#sheet-sensitivity")
                        .queryAs(TextInputControl.class)
                        .getText())
                .isEqualTo("-34 dBV/Pa");
        assertThat(Window.look(() -> robot.lookup(".mail-question").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .toList()))
                .anyMatch(w -> w.contains("do not agree"));
        write(robot, "#sheet-sensitivity", "-5 mV/Pa");
        assertThat(Window.text(robot, ".mail-question")).contains("never below 0");
        write(robot, "#sheet-sensitivity", "25 mV/Pa");
        write(robot, "#sheet-price", "180");
        assertThat(keep.isDisabled()).isFalse();
        robot.interact(keep::fire);
        window.settle();
        assertThat(seat().microphone().name()).isEqualTo("Sunday Lantern");
        assertThat(seat().microphone().capsule().sensitivityMvPerPa()).isEqualTo(25);
        // The worse of two figures that contradict each other.
        assertThat(seat().microphone().capsule().selfNoiseDbA()).hasValue(14);
        push(robot, KeyCode.ESCAPE);
        push(robot, KeyCode.P);
        assertThat(robot.lookup("#pick-microphone")
                        .queryAs(ComboBox.class)
                        .getItems()
                        .contains(seat().microphone()))
                .isTrue();
    }

    @Test
    void aSheetOfABoxBecomesAnInterface(FxRobot robot) throws IOException {
        openDemo(1);
        push(robot, KeyCode.D);
        robot.interact(() -> {
            robot.lookup("#sheet-kind")
                    .queryAs(ComboBox.class)
                    .getSelectionModel()
                    .select(4);
            robot.lookup("#sheet-text")
                    .queryAs(TextInputControl.class)
                    .setText("Larder Two\nGain: 0 to 60 dB\nEIN: -129 dBu A-weighted\n48 V phantom power");
        });
        window.settle();
        assertThat(robot.lookup("#sheet-max-gain")
                        .queryAs(TextInputControl.class)
                        .getText())
                .isEqualTo("60 dB");
        fire(robot, "#sheet-keep");
        assertThat(kit().box().orElseThrow().name()).isEqualTo("Larder Two");
        assertThat(kit().box().orElseThrow().inputs()).isEqualTo(2);
        assertThat(kit().box().orElseThrow().phantom()).isTrue();
    }

    @Test
    void twoTakesAreCompared(FxRobot robot) throws IOException {
        openDemo(0);
        Path first;
        Path second;
        try (DemoProduction made = DemoProduction.in(folder.resolve("sounds"))) {
            first = made.sound("sentence-before.wav");
            second = made.sound("sentence-after.wav");
        }
        push(robot, KeyCode.V);
        assertThat(Window.text(robot, "#versus-verdict")).startsWith("Record the same text with both");
        window.chosenRecordings.addAll(List.of(first, second));
        fire(robot, "#versus-load");
        Window.until(() -> window.wiring.takes().takes().get() != null);
        window.settle();
        assertThat(Window.text(robot, "#versus-verdict")).contains("dB less noise");
        push(robot, KeyCode.ESCAPE);
        drop(robot, List.of(first, folder.resolve("none.wav")));
        Window.until(() -> window.wiring.takes().takes().get().heard().result().isEmpty());
        window.settle();
        assertThat(Window.text(robot, "#versus-verdict")).contains("none.wav");
    }

    @Test
    void kitsAreCopiedKeptRemovedAndDropped(FxRobot robot) throws IOException {
        openDemo(2);
        new KitShelf(folder.resolve("other")).keep(Parts.complete());
        drop(robot, List.of(folder.resolve("other/kits/complete.json")));
        advised();
        assertThat(kit().name()).isEqualTo("Complete");
        assertThat(kits().all()).hasSize(2);
        drop(robot, List.of(Files.writeString(folder.resolve("bad.json"), "{}")));
        assertThat(window.wiring.jobs().notice().get()).startsWith("bad.json ");
        menu(robot, "kit-copy");
        assertThat(kit().name()).isEqualTo("Complete, changed");
        menu(robot, "kit-keep");
        assertThat(window.wiring.jobs().notice().get()).contains("is kept in the library");
        menu(robot, "kit-remove");
        assertThat(kits().all()).hasSize(2);
        window.chosenFile = folder.resolve("other/kits/complete.json");
        menu(robot, "kit-open");
        assertThat(kits().all()).hasSize(3);
    }

    private void menu(FxRobot robot, String id) {
        robot.interact(() -> {
            MenuButton menu = robot.lookup("#kit-kits").queryAs(MenuButton.class);
            menu.show();
            menu.getItems().stream()
                    .filter(i -> id.equals(i.getId()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            menu.hide();
        });
        advised();
    }

    @Test
    void lengthsAreSaidInFeetToo(FxRobot robot) throws IOException {
        openDemo(0);
        assertThat(Window.text(robot, "#knob-place-words")).startsWith("18 cm");
        push(robot, KeyCode.U);
        robot.interact(() -> robot.lookup("#knob-place").query().requestFocus());
        push(robot, KeyCode.RIGHT);
        assertThat(Window.text(robot, "#knob-place-words")).startsWith("7.5 in");
    }
}
