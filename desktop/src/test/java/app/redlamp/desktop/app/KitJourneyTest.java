package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.planning.plan.ShoppingItem;
import app.redlamp.core.print.PrintedTable;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
import javafx.scene.control.Spinner;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** A kit is taken, turned up, mended, bought and wired in the real window. */
@ExtendWith(ApplicationExtension.class)
class KitJourneyTest {
    @TempDir
    Path folder;

    private Window window;
    private KitWindow kits;

    @Start
    void start(Stage stage) {
        window = new Window(stage, nanoseconds -> {});
        kits = new KitWindow(window);
    }

    @AfterEach
    void close() {
        window.wiring.close();
    }

    @Test
    void withoutAProductionItSaysWhereToBegin(FxRobot robot) {
        window.push(robot, KeyCode.CONTROL, KeyCode.DIGIT3);

        assertThat(Window.text(robot, "#verdict")).contains("start one, or open one, at the Brief");
        // Keys of a bench that is not there do nothing.
        window.push(robot, KeyCode.C);
        window.push(robot, KeyCode.G);
        window.push(robot, KeyCode.N);
        window.fire(robot, "#kit-start");
        assertThat(Window.find(robot, "#start-title").tryQuery()).isPresent();
    }

    @Test
    void aKitIsTakenForARoomThatIsOnlyGuessed(FxRobot robot) {
        robot.interact(() -> Window.find(robot, "#start-title").query().requestFocus());
        robot.write("Rain");
        window.push(robot, KeyCode.ENTER);
        window.push(robot, KeyCode.CONTROL, KeyCode.DIGIT3);
        Window.until(() -> window.wiring.kit().candidates().get() != null);
        window.settle();
        assertThat(Window.text(robot, "#verdict")).startsWith("What will you record with?");
        assertThat(Window.find(robot, "#take-xlr-dynamic").tryQuery()).isPresent();

        robot.interact(() -> {
            ComboBox<?> quiet = Window.find(robot, "#guess-quiet").queryAs(ComboBox.class);
            quiet.getSelectionModel().select(3);
        });
        window.settle();
        assertThat(window.wiring.kit().need().get().room().noise().dbA()).isCloseTo(45, within(1e-6));
        window.fire(robot, "#take-xlr-condenser");
        kits.advised();
        assertThat(kits.kit().seats()).hasSize(1);
        assertThat(kits.seat().name()).isEqualTo("Voice 1");
        assertThat(Window.find(robot, "#kit-ribbon").tryQuery()).isPresent();
        window.push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(kits.kits().all()).isEmpty();
    }

    @Test
    void theGainIsSetAndTakenBack(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        assertThat(Window.text(robot, "#verdict")).startsWith("The gain is too high for your loudest line");
        double before = kits.seat().gainDb();

        window.fire(robot, "#kit-set-gain");
        kits.advised();
        assertThat(kits.seat().gainDb()).isLessThan(before - 5);
        assertThat(Window.text(robot, "#verdict")).startsWith("Quiet enough, but too much room");
        window.push(robot, KeyCode.CONTROL, KeyCode.Z);
        assertThat(kits.seat().gainDb()).isEqualTo(before);
        window.push(robot, KeyCode.G);
        assertThat(kits.seat().gainDb()).isLessThan(before - 5);
    }

    @Test
    void theKnobsMoveTheRibbonAndTheRibbonTheKnobs(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        Slider gain = Window.find(robot, "#knob-gain").queryAs(Slider.class);
        assertThat(gain.getValue()).isCloseTo(kits.seat().gainDb(), within(0.01));
        robot.interact(gain::requestFocus);
        window.push(robot, KeyCode.LEFT);
        // A slow machine repeats a key that is held.
        double turned = kits.seat().gainDb();
        assertThat(turned).isLessThanOrEqualTo(40);
        assertThat(gain.getValue()).isCloseTo(turned, within(0.01));

        Bounds ribbon = Window.look(() -> Window.find(robot, "#kit-ribbon")
                .query()
                .localToScreen(Window.find(robot, "#kit-ribbon").query().getBoundsInLocal()));
        double preamp = ribbon.getMinX() + 62 + (ribbon.getWidth() - 124) * 4 / 6;
        robot.drag(preamp, ribbon.getCenterY()).dropTo(preamp, ribbon.getCenterY() + 20);
        window.settle();
        assertThat(kits.seat().gainDb()).isLessThan(turned - 4);
        assertThat(gain.getValue()).isCloseTo(kits.seat().gainDb(), within(0.01));
        assertThat(Window.text(robot, "#knob-gain-words")).startsWith("+");
        robot.interact(() -> window.wiring.shell().history().undo());
        window.settle();
        assertThat(kits.seat().gainDb()).isEqualTo(turned);
    }

    @Test
    void theVoiceIsChosenAndNeverLouderThanItsLoudestLine(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        robot.interact(() -> Window.find(robot, "#voice-reading")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(4));
        window.settle();
        assertThat(kits.seat().voice().reading().id()).isEqualTo("loud");
        assertThat(kits.seat().voice().loudest().id()).isEqualTo("loud");
    }

    @Test
    void anotherPartIsPutInFromTheTable(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        window.fire(robot, "#upgrade-hob-1");
        kits.advised();
        assertThat(kits.seat().microphone().id()).isEqualTo("hob-1");
        assertThat(kits.seat().position().distanceM()).isEqualTo(0.08);
        assertThat(Window.find(robot, "#kit-upgrades").tryQuery()).isPresent();
    }

    @Test
    void partsArePickedAddedTakenOutAndCounted(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        window.push(robot, KeyCode.P);
        window.write(robot, "#seat-name", "Ysolde");
        assertThat(kits.seat().name()).isEqualTo("Ysolde");
        robot.interact(() -> {
            ComboBox<?> box = Window.find(robot, "#pick-box").queryAs(ComboBox.class);
            box.getSelectionModel().select(5);
        });
        window.settle();
        assertThat(kits.kit().box().orElseThrow().id()).isEqualTo("sconce-2");
        robot.interact(() -> Window.find(robot, "#pick-lead")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(0));
        window.settle();
        assertThat(kits.seat().cable()).isEmpty();
        robot.interact(() -> Window.find(robot, "#extra-add")
                .queryAs(MenuButton.class)
                .getItems()
                .get(0)
                .fire());
        window.settle();
        assertThat(kits.kit().extras()).hasSize(4);
        window.fire(robot, "#extra-remove-pop");
        assertThat(kits.kit().extras()).hasSize(3);
        robot.interact(
                () -> Window.find(robot, "#kit-hub").queryAs(CheckBox.class).fire());
        window.settle();
        assertThat(kits.kit().hub()).isTrue();
        robot.interact(() ->
                Window.find(robot, "#owned-tallow-1").queryAs(Spinner.class).increment());
        window.settle();
        assertThat(kits.kits().owned()).containsEntry("tallow-1", 2);
        window.fire(robot, "#seat-add");
        kits.advised();
        assertThat(kits.kit().seats()).hasSize(2);
        assertThat(window.wiring.kit().seat().get()).isEqualTo(1);
        window.fire(robot, "#seat-remove");
        kits.advised();
        assertThat(kits.kit().seats()).hasSize(1);
        // One voice at least there must be.
        window.fire(robot, "#seat-remove");
        assertThat(kits.kit().seats()).hasSize(1);
        assertThat(Window.text(robot, "#desk-fault")).contains("1 to 16 voices");
    }

    @Test
    void whatDoesNotFitIsMendedOneByOne(FxRobot robot) throws IOException {
        kits.openDemo(folder, 1);
        window.push(robot, KeyCode.T);
        assertThat(Window.text(robot, "#fit-verdict")).endsWith("things will be heard.");
        assertThat(kits.kit().hub()).isTrue();
        for (int i = 0; i < 12 && Window.find(robot, "#mend-0").tryQuery().isPresent(); i++) {
            window.fire(robot, "#mend-0");
            kits.advised();
        }
        assertThat(kits.kit().hub()).isFalse();
        assertThat(window.wiring.kit().advice().get().fit().clear()).isTrue();
    }

    @Test
    void everyVoiceIsLookedAt(FxRobot robot) throws IOException {
        kits.openDemo(folder, 1);
        assertThat(Window.text(robot, "#seat-1")).isEqualTo("Ada");
        window.push(robot, KeyCode.N);
        assertThat(window.wiring.kit().seat().get()).isEqualTo(1);
        assertThat(window.wiring.kit().path().get().chain().booster()).isPresent();
        window.fire(robot, "#seat-1");
        assertThat(window.wiring.kit().path().get().chain().booster()).isEmpty();
    }

    @Test
    void theListIsHandedToTheBriefAndWritten(FxRobot robot) throws IOException {
        kits.openDemo(folder, 1);
        window.push(robot, KeyCode.B);
        assertThat(Window.text(robot, "#buy-sum"))
                .startsWith("To start today: ")
                .endsWith("The budget is 150.");
        window.fire(robot, "#buy-hand");
        List<ShoppingItem> items =
                window.wiring.production().production().get().money().items();
        assertThat(items).isNotEmpty();
        window.fire(robot, "#buy-hand");
        assertThat(window.wiring.production().production().get().money().items())
                .hasSameSizeAs(items);
        window.fire(robot, "#buy-write");
        PrintedTable written = window.printed.get(0);
        assertThat(written.title()).isEqualTo("To buy for: Two dynamics at the kitchen table");
        assertThat(written.rows()).hasSizeGreaterThan(3);
        assertThat(written.columns()).contains("New", "Used");
    }

    @Test
    void wiringIsTickedAndWritten(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        window.push(robot, KeyCode.W);
        CheckBox first = Window.find(robot, "#wire-1").queryAs(CheckBox.class);
        assertThat(first.getText()).startsWith("1. Everything down");
        robot.interact(first::fire);
        window.push(robot, KeyCode.K);
        window.push(robot, KeyCode.W);
        assertThat(Window.find(robot, "#wire-1").queryAs(CheckBox.class).isSelected())
                .isTrue();
        window.fire(robot, "#wire-write");
        assertThat(window.printed.get(0).rows().get(1).cells().get(0)).contains("48 V off");
    }

    @Test
    void lengthsAreSaidInFeetToo(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        assertThat(Window.text(robot, "#knob-place-words")).startsWith("18 cm");
        window.push(robot, KeyCode.U);
        robot.interact(() -> Window.find(robot, "#knob-place").query().requestFocus());
        window.push(robot, KeyCode.RIGHT);
        assertThat(Window.text(robot, "#knob-place-words")).contains(" in; +");
    }
}
