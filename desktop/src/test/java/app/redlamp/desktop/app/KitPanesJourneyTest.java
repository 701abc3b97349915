package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.kit.KitShelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
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

/** What lies over the bench of the Kit station, and what is done with kits as a whole, in the real window. */
@ExtendWith(ApplicationExtension.class)
class KitPanesJourneyTest {
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
    void whichKitExplainsBothSchools(FxRobot robot) throws IOException {
        kits.openDemo(folder, 1);
        window.push(robot, KeyCode.C);
        Window.until(() -> window.wiring.kit().candidates().get() != null);
        window.settle();
        List<String> words =
                Window.look(() -> Window.find(robot, "#choice-schools .label").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .toList());
        assertThat(words).contains("USB or XLR", "Condenser or dynamic");
        assertThat(words).anyMatch(w -> w.startsWith("The figures side with"));
        assertThat(words).filteredOn(w -> w.contains("would take")).hasSize(4);
        // Keys of the bench below do nothing meanwhile.
        window.push(robot, KeyCode.G);
        assertThat(kits.seat().gainDb()).isEqualTo(48);
        window.fire(robot, "#take-usb-dynamic");
        kits.advised();
        assertThat(kits.kits().all()).hasSize(2);
        assertThat(kits.kit().seats()).hasSize(2);
        robot.interact(() -> {
            MenuButton menu = Window.find(robot, "#kit-kits").queryAs(MenuButton.class);
            menu.show();
            menu.getItems().get(0).fire();
            menu.hide();
        });
        kits.advised();
        assertThat(kits.kit().name()).isEqualTo("Two dynamics at the kitchen table");
    }

    @Test
    void theMicrophoneIsPlaced(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        window.push(robot, KeyCode.M);
        assertThat(Window.text(robot, "#place-verdict")).startsWith("A good place");
        // A slow machine repeats a key that is held: how far it goes is tested with the picture by itself.
        window.push(robot, KeyCode.LEFT);
        assertThat(kits.seat().position().distanceM()).isLessThan(0.18);
        place(robot, new Position(0.07, 0, 15, 10));
        assertThat(Window.text(robot, "#place-verdict")).startsWith("Boomy");
        robot.interact(() ->
                Window.find(robot, "#place-screen").queryAs(CheckBox.class).fire());
        window.settle();
        assertThat(kits.seat().popFilterM()).isEmpty();
        place(robot, Position.straight(0.07));
        assertThat(Window.text(robot, "#place-verdict")).startsWith("Every P will pop");
        Slider turned = Window.find(robot, "#place-turned").queryAs(Slider.class);
        robot.interact(turned::requestFocus);
        window.push(robot, KeyCode.RIGHT);
        assertThat(kits.seat().position().angleDeg()).isGreaterThanOrEqualTo(5);
        robot.interact(() -> Window.find(robot, "#place-seats")
                .queryAs(ComboBox.class)
                .getSelectionModel()
                .select(2));
        window.write(robot, "#place-apart", "90 cm");
        assertThat(Window.find(robot, "#place-seats").queryAs(ComboBox.class).getValue())
                .isEqualTo(Bleed.Seats.BESIDE);
        window.push(robot, KeyCode.ESCAPE);
        assertThat(Window.find(robot, "#place-verdict").tryQuery()).isEmpty();
    }

    private void place(FxRobot robot, Position position) {
        robot.interact(() -> window.wiring.kit().editSeat("edit.place.knob", s -> s.at(position)));
        window.settle();
    }

    @Test
    void aDataSheetBecomesAMicrophone(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        window.push(robot, KeyCode.D);
        Button keep = Window.find(robot, "#sheet-keep").queryAs(Button.class);
        assertThat(keep.isDisabled()).isTrue();
        robot.interact(() -> Window.find(robot, "#sheet-text")
                .queryAs(TextInputControl.class)
                .setText("Sunday Lantern\nSensitivity: -34 dBV/Pa\nSelf-noise: 9 dB(A)\nS/N ratio: 80 dB"));
        window.settle();
        assertThat(Window.find(robot, "#sheet-sensitivity")
                        .queryAs(TextInputControl.class)
                        .getText())
                .isEqualTo("-34 dBV/Pa");
        assertThat(Window.look(() -> Window.find(robot, ".mail-question").queryAllAs(Label.class).stream()
                        .map(Label::getText)
                        .toList()))
                .anyMatch(w -> w.contains("do not agree"));
        window.write(robot, "#sheet-sensitivity", "-5 mV/Pa");
        assertThat(Window.text(robot, ".mail-question")).contains("never below 0");
        window.write(robot, "#sheet-sensitivity", "25 mV/Pa");
        window.write(robot, "#sheet-price", "180");
        assertThat(keep.isDisabled()).isFalse();
        robot.interact(keep::fire);
        window.settle();
        assertThat(kits.seat().microphone().name()).isEqualTo("Sunday Lantern");
        assertThat(kits.seat().microphone().capsule().sensitivityMvPerPa()).isEqualTo(25);
        // The worse of two figures that contradict each other.
        assertThat(kits.seat().microphone().capsule().selfNoiseDbA()).hasValue(14);
        window.push(robot, KeyCode.ESCAPE);
        window.push(robot, KeyCode.P);
        assertThat(Window.find(robot, "#pick-microphone")
                        .queryAs(ComboBox.class)
                        .getItems()
                        .contains(kits.seat().microphone()))
                .isTrue();
    }

    @Test
    void aSheetOfABoxBecomesAnInterface(FxRobot robot) throws IOException {
        kits.openDemo(folder, 1);
        window.push(robot, KeyCode.D);
        robot.interact(() -> {
            ComboBox<?> sorts = Window.find(robot, "#sheet-kind").queryAs(ComboBox.class);
            while (!"INTERFACE".equals(String.valueOf(sorts.getValue()))) {
                sorts.getSelectionModel().selectNext();
            }
            Window.find(robot, "#sheet-text")
                    .queryAs(TextInputControl.class)
                    .setText("Larder Two\nGain: 0 to 60 dB\nEIN: -129 dBu A-weighted\n48 V phantom power");
        });
        window.settle();
        assertThat(Window.find(robot, "#sheet-max-gain")
                        .queryAs(TextInputControl.class)
                        .getText())
                .isEqualTo("60 dB");
        window.fire(robot, "#sheet-keep");
        assertThat(kits.kit().box().orElseThrow().name()).isEqualTo("Larder Two");
        assertThat(kits.kit().box().orElseThrow().inputs()).isEqualTo(2);
        assertThat(kits.kit().box().orElseThrow().phantom()).isTrue();
    }

    @Test
    void twoTakesAreCompared(FxRobot robot) throws IOException {
        kits.openDemo(folder, 0);
        Path first;
        Path second;
        try (DemoProduction made = DemoProduction.in(folder.resolve("sounds"))) {
            first = made.sound("sentence-before.wav");
            second = made.sound("sentence-after.wav");
        }
        window.push(robot, KeyCode.V);
        assertThat(Window.text(robot, "#versus-verdict")).startsWith("Record the same text with both");
        window.chosenRecordings.addAll(List.of(first, second));
        window.fire(robot, "#versus-load");
        Window.until(() -> window.wiring.takes().takes().get() != null);
        window.settle();
        assertThat(Window.text(robot, "#versus-verdict")).contains("dB less noise");
        window.push(robot, KeyCode.ESCAPE);
        window.drop(robot, List.of(first, folder.resolve("none.wav")));
        Window.until(() -> window.wiring.takes().takes().get().heard().result().isEmpty());
        window.settle();
        assertThat(Window.text(robot, "#versus-verdict")).contains("none.wav");
    }

    @Test
    void kitsAreCopiedKeptRemovedAndDropped(FxRobot robot) throws IOException {
        kits.openDemo(folder, 2);
        KitShelf.in(folder.resolve("other")).keep(Parts.complete());
        window.drop(robot, List.of(folder.resolve("other/kits/complete.json")));
        kits.advised();
        assertThat(kits.kit().name()).isEqualTo("Complete");
        assertThat(kits.kits().all()).hasSize(2);
        window.drop(robot, List.of(Files.writeString(folder.resolve("bad.json"), "{}")));
        assertThat(window.wiring.jobs().notice().get()).startsWith("bad.json ");
        window.drop(robot, List.of(folder.resolve("a.txt")));
        assertThat(window.wiring.jobs().notice().get()).startsWith("Drop a kit document");
        menu(robot, "kit-copy");
        assertThat(kits.kit().name()).isEqualTo("Complete, changed");
        menu(robot, "kit-keep");
        assertThat(window.wiring.jobs().notice().get()).contains("is kept in the library");
        menu(robot, "kit-remove");
        assertThat(kits.kits().all()).hasSize(2);
        window.chosenFile = folder.resolve("other/kits/complete.json");
        menu(robot, "kit-open");
        assertThat(kits.kits().all()).hasSize(3);
    }

    private void menu(FxRobot robot, String id) {
        robot.interact(() -> {
            MenuButton menu = Window.find(robot, "#kit-kits").queryAs(MenuButton.class);
            menu.show();
            menu.getItems().stream()
                    .filter(i -> id.equals(i.getId()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            menu.hide();
        });
        kits.advised();
    }
}
