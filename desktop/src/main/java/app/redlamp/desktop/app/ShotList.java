package app.redlamp.desktop.app;

import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.desktop.deliver.DocketRow;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Slider;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What is drawn for the pictures of the main views, on the demo data: what to do before each, and its name. */
final class ShotList {
    private final Path scratch;
    private final Clock clock;
    private final List<Shot> shots = new ArrayList<>();

    /** One picture: what to do before it, and its name. */
    record Shot(String name, Consumer<Wiring> before) {}

    /** @param scratch folder that the demo is built in */
    ShotList(Path scratch, Clock clock) {
        this.scratch = scratch;
        this.clock = clock;
    }

    /** All pictures, in the order in which they are taken. */
    List<Shot> all() throws IOException {
        shots.add(new Shot("brief-start-dusk", w -> {}));
        try (DemoProduction demo = DemoProduction.in(scratch, clock)) {
            Path book = demo.folder();
            demo.recordings();
            planBrief(book);
            planRoom(demo);
            planKit(demo);
            planLevel(demo);
            shots.add(new Shot("deliver-judged-dusk", w -> {
                w.shell().scale(0);
                w.shell().switchTheme();
                w.production().open(book);
                w.go(StationId.DELIVER);
            }));
        }
        shots.add(new Shot("deliver-too-noisy-dusk", w -> select(w, 3)));
        shots.add(new Shot("deliver-to-hear-dusk", w -> {
            select(w, 2);
            fire(w, "#more");
        }));
        shots.add(new Shot("deliver-over-time-dusk", w -> {
            fire(w, "#show-time");
            fire(w, "#time-closer");
            fire(w, "#time-closer");
        }));
        shots.add(new Shot("specification-dusk", w -> fire(w, "#edit-specification")));
        shots.add(new Shot("deliver-finished-daylight", w -> {
            fire(w, "#specification-cancel");
            fire(w, "#show-levels");
            fire(w, "#more");
            select(w, 1);
            w.shell().switchTheme();
            w.deliver().finishAll();
        }));
        shots.add(new Shot("deliver-clear-dusk", w -> {
            w.shell().switchTheme();
            w.deliver().remove(w.deliver().rows().get(3));
            w.deliver().remove(w.deliver().rows().get(2));
        }));
        shots.add(new Shot("deliver-large-dusk", w -> {
            w.shell().history().undo();
            w.shell().history().undo();
            w.shell().scale(5);
        }));
        shots.add(new Shot("deliver-bad-files-dusk", w -> {
            w.shell().scale(0);
            w.deliver().open(badFiles(w));
        }));
        shots.add(new Shot("keys-dusk", w -> {
            KeyEvent question =
                    new KeyEvent(KeyEvent.KEY_TYPED, "?", "", KeyCode.UNDEFINED, false, false, false, false);
            Event.fireEvent(w.scene().getRoot(), question);
        }));
        shots.addAll(UnsavedShots.all());
        return List.copyOf(shots);
    }

    private void planRoom(DemoProduction demo) throws IOException {
        Path clap = demo.sound("clap.wav");
        Path before = demo.sound("sentence-before.wav");
        Path after = demo.sound("sentence-after.wav");
        Path night = demo.sound("night.wav");
        shots.add(new Shot("room-dusk", w -> {
            w.shell().switchTheme();
            w.shell().history().undo();
            w.go(StationId.ROOM);
        }));
        shots.add(new Shot("room-treat-dusk", w -> fire(w, "#desk-treat")));
        shots.add(new Shot("room-space-dusk", w -> fire(w, "#desk-space")));
        shots.add(new Shot("room-things-dusk", w -> {
            fire(w, "#desk-things");
            w.room().selected().set("duvet");
        }));
        shots.add(new Shot("room-noise-dusk", w -> fire(w, "#desk-noise")));
        shots.add(new Shot("room-places-dusk", w -> fire(w, "#desk-places")));
        shots.add(new Shot("room-clap-dusk", w -> {
            fire(w, "#room-clap");
            w.listening().measure(clap);
        }));
        shots.add(new Shot("room-compare-dusk", w -> {
            fire(w, "#overlay-close");
            fire(w, "#room-compare");
            w.listening().compare(before, after);
        }));
        shots.add(new Shot("room-night-daylight", w -> {
            fire(w, "#overlay-close");
            w.shell().switchTheme();
            fire(w, "#room-night");
            w.listening().listen(night);
        }));
        shots.add(new Shot("room-large-daylight", w -> {
            fire(w, "#overlay-close");
            fire(w, "#desk-quiet");
            w.shell().scale(5);
        }));
    }

    private void planKit(DemoProduction demo) throws IOException {
        Path first = demo.sound("sentence-before.wav");
        Path second = demo.sound("sentence-after.wav");
        Path podcast = demo.folders().get(1);
        shots.add(new Shot("kit-first-dusk", w -> {
            w.shell().scale(0);
            w.shell().switchTheme();
            w.go(StationId.KIT);
            w.production().edit("", p -> p.with(Kits.NONE));
        }));
        shots.add(new Shot("kit-dusk", w -> w.shell().history().undo()));
        shots.add(new Shot("kit-parts-dusk", w -> fire(w, "#desk-parts")));
        shots.add(new Shot("kit-together-dusk", w -> fire(w, "#desk-together")));
        shots.add(new Shot("kit-buy-dusk", w -> fire(w, "#desk-buy")));
        shots.add(new Shot("kit-wire-dusk", w -> fire(w, "#desk-wire")));
        shots.add(new Shot("kit-choice-dusk", w -> {
            fire(w, "#desk-knobs");
            fire(w, "#kit-choose");
        }));
        shots.add(new Shot("kit-place-dusk", w -> {
            fire(w, "#overlay-close");
            fire(w, "#kit-place");
        }));
        shots.add(new Shot("kit-versus-dusk", w -> {
            fire(w, "#overlay-close");
            fire(w, "#kit-versus");
            w.takes().compare(first, second);
        }));
        shots.add(new Shot("kit-sheet-daylight", w -> {
            fire(w, "#overlay-close");
            w.shell().switchTheme();
            fire(w, "#kit-sheet");
            ((TextInputControl) find(w, "#sheet-text").orElseThrow())
                    .setText("Sunday Lantern, cardioid\nSensitivity: -34 dB re 1 V/Pa\nSelf-noise: 8 dB(A)\n"
                            + "Signal-to-noise ratio: 75 dB\nMaximum SPL: 134 dB (0.5 % THD)\n48 V phantom power");
        }));
        shots.add(new Shot("kit-two-hosts-daylight", w -> {
            fire(w, "#overlay-close");
            w.production().open(podcast);
        }));
        shots.add(new Shot("kit-two-hosts-large-daylight", w -> {
            fire(w, "#desk-together");
            w.shell().scale(5);
        }));
    }

    private void planLevel(DemoProduction demo) throws IOException {
        Path book = demo.folder();
        Path podcast = demo.folders().get(1);
        WeekTime evening = new WeekTime(DayOfWeek.SUNDAY, LocalTime.of(20, 30));
        shots.add(new Shot("level-first-dusk", w -> {
            w.shell().scale(0);
            w.shell().switchTheme();
            w.production().open(book);
            w.go(StationId.LEVEL);
            w.level().booth().setTime(evening);
        }));
        shots.add(new Shot("level-still-dusk", w -> w.level().take(SettingStep.STILL)));
        shots.add(new Shot("level-loudest-dusk", w -> w.level().take(SettingStep.LOUDEST)));
        shots.add(new Shot("level-read-dusk", w -> w.level().take(SettingStep.READ)));
        shots.add(new Shot("level-turn-dusk", ShotList::turn));
        // Of cut-off peaks one can only guess how high they would have gone: a second turn is usual.
        shots.add(new Shot("level-hands-dusk", w -> {
            turn(w);
            fire(w, "#desk-hands");
        }));
        shots.add(new Shot("level-excited-dusk", w -> {
            fire(w, "#desk-school");
            w.level().take(SettingStep.EXCITED);
        }));
        shots.add(new Shot("level-card-dusk", w -> {
            fire(w, "#desk-card");
            fire(w, "#card-write");
        }));
        shots.add(new Shot("level-clear-dusk", w -> fire(w, "#desk-clear")));
        shots.add(new Shot("level-input-daylight", w -> {
            w.shell().switchTheme();
            fire(w, "#desk-input");
        }));
        shots.add(new Shot("level-headphones-daylight", w -> {
            fire(w, "#desk-monitor");
            w.level().listen();
        }));
        shots.add(new Shot("level-loudspeaker-daylight", w -> {
            fire(w, "#output-booth-loudspeaker");
            fire(w, "#monitor-start");
        }));
        shots.add(new Shot("level-loudspeaker-heard-daylight", w -> {
            turnUp(w);
            w.level().take(SettingStep.READ);
        }));
        shots.add(new Shot("level-sides-none-daylight", w -> {
            fire(w, "#monitor-start");
            fire(w, "#desk-sides");
        }));
        shots.add(new Shot("level-sides-one-daylight", w -> fire(w, "#sides-first")));
        shots.add(new Shot("level-sides-daylight", w -> fire(w, "#sides-second")));
        shots.add(new Shot("level-watch-daylight", w -> {
            fire(w, "#desk-watch");
            fire(w, "#watch-start");
        }));
        // What was read with a loudspeaker on is read again.
        shots.add(new Shot("level-again-daylight", w -> {
            fire(w, "#watch-start");
            w.level().take(SettingStep.READ);
        }));
        shots.add(new Shot("level-noisy-daylight", w -> {
            fire(w, "#desk-floor");
            w.level().booth().setTime(new WeekTime(DayOfWeek.MONDAY, LocalTime.of(6, 0)));
            w.level().take(SettingStep.STILL);
        }));
        shots.add(new Shot("level-two-hosts-daylight", w -> w.production().open(podcast)));
        shots.add(new Shot("level-two-hosts-hands-daylight", w -> fire(w, "#desk-hands")));
        shots.add(new Shot("level-two-hosts-large-daylight", w -> w.shell().scale(5)));
    }

    /** Turns the gain as far as is asked, if it is: how loud the loudest line was is never quite the same. */
    private static void turn(Wiring wiring) {
        if (find(wiring, "#level-turn").isPresent()) {
            fire(wiring, "#level-turn");
            wiring.level().take(SettingStep.LOUDEST);
        }
    }

    private static void turnUp(Wiring wiring) {
        Slider gain = (Slider) find(wiring, "#monitor-gain").orElseThrow();
        gain.setValue(-3);
    }

    private void planBrief(Path book) {
        shots.add(new Shot("brief-dusk", w -> w.production().open(book)));
        shots.add(new Shot("brief-days-dusk", w -> fire(w, "#desk-days")));
        shots.add(new Shot("brief-job-dusk", w -> fire(w, "#desk-job")));
        shots.add(new Shot("brief-chapters-dusk", w -> {
            fire(w, "#desk-order");
            w.brief().script().selected().set(2);
            fire(w, "#chapters-open");
        }));
        shots.add(new Shot("brief-words-dusk", w -> {
            fire(w, "#overlay-close");
            fire(w, "#words-open-pane");
        }));
        shots.add(new Shot("brief-mail-dusk", w -> {
            fire(w, "#overlay-close");
            fire(w, "#order-mail");
        }));
        shots.add(new Shot("brief-money-large-daylight", w -> {
            fire(w, "#overlay-close");
            fire(w, "#desk-money");
            w.shell().switchTheme();
            w.shell().scale(5);
        }));
        shots.add(new Shot("brief-late-daylight", w -> {
            w.shell().scale(0);
            fire(w, "#desk-order");
            w.brief()
                    .changeBrief(
                            "edit.days",
                            b -> b.between(b.start(), Optional.of(b.start().plusDays(7))));
        }));
    }

    /** A name that is too long, half a file, and a file that is no sound. */
    private static List<Path> badFiles(Wiring wiring) {
        try {
            Path raw = wiring.deliver().rows().get(0).file().getParent();
            Path good = raw.resolve("1-the-cellar-barometer.wav");
            Path words = Files.writeString(raw.resolve("6-notes-for-the-reader.wav"), "These are words and no sound.");
            byte[] bytes = Files.readAllBytes(good);
            Path half = Files.write(raw.resolve("7-the-broken-kettle.wav"), Arrays.copyOf(bytes, bytes.length / 2));
            Path named = Files.copy(
                    good,
                    raw.resolve("8-in-which-the-weather-is-returned-to-its-owner-with-thanks-and-a-small-fee.wav"));
            return List.of(words, half, named);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void fire(Wiring wiring, String button) {
        ((ButtonBase) find(wiring, button).orElseThrow()).fire();
    }

    /** What is seen of that name: stations that are not open have the same. */
    private static Optional<Node> find(Wiring wiring, String id) {
        return wiring.scene().getRoot().lookupAll(id).stream()
                .filter(Sight::seen)
                .findFirst();
    }

    private static void select(Wiring wiring, int index) {
        DocketRow row = wiring.deliver().rows().get(index);
        wiring.deliver().selected().set(row);
    }
}
