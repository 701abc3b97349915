package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.input.BoothModel;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.media.capture.BoothCapture;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.production.ProductionFolders;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Locale;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** The demo's audiobook and the simulated booth, whose time passes as fast as it can; this thread is the interface's. */
abstract class OnTheDemo {
    static final Clock CLOCK = Clock.fixed(Instant.parse("2026-02-15T20:30:00Z"), ZoneOffset.UTC);
    private static final long PATIENCE_S = 60;

    @TempDir
    Path home;

    final BlockingQueue<Runnable> pending = new LinkedBlockingQueue<>();
    final JobService jobs = new JobService(Runnable::run, pending::add);
    final Strings strings = new Strings(Locale.ENGLISH);
    final ProductionModel open =
            new ProductionModel(new ProductionFolders(CLOCK), jobs, new UndoHistory(), strings, CLOCK);
    final BoothCapture booth = new BoothCapture("Simulated booth", nanoseconds -> {});
    KitModel kit;
    InputModel input;
    LevelModel level;
    CardModel cards;

    BoothModel booth(SimulatedBooth simulated) {
        return new BoothModel(kit, input, simulated, jobs, WeekTime.of(LocalDateTime.now(CLOCK)));
    }

    @BeforeEach
    void begin() throws IOException {
        kit = new KitModel(open, KitShelf.in(home.resolve("library")), jobs, strings);
        input = new InputModel(booth, jobs, pending::add);
        level = new LevelModel(kit, input, booth(booth), jobs, strings, CLOCK);
        cards = new CardModel(level, strings);
        input.refresh();
        Path folder;
        try (DemoProduction demo = DemoProduction.in(home, CLOCK)) {
            folder = demo.folder();
        }
        open.open(folder);
        until(() -> level.verdict().get() != null && level.booth().scene().get() != null);
    }

    @AfterEach
    void close() {
        booth.close();
    }

    /** Does what is due on the interface thread until something holds. */
    void until(BooleanSupplier holds) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        try {
            while (!holds.getAsBoolean()) {
                assertThat(System.nanoTime()).as("patience").isLessThan(end);
                Runnable next = pending.poll(1, TimeUnit.SECONDS);
                if (next != null) {
                    next.run();
                }
            }
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    void take(SettingStep step) {
        level.take(step);
        until(() -> level.running().get() == null);
        assertThat(level.levels().of(step)).as(step.id()).isPresent();
    }

    LevelVerdict verdict() {
        return level.verdict().get();
    }

    void turn() {
        Turn turn = verdict().turn().orElseThrow();
        double to = kit.currentSeat().orElseThrow().gainDb() + turn.db();
        kit.editSeat("edit.gain", s -> s.gained(to));
        until(() -> Math.abs(level.chain().orElseThrow().gainDb() - to) < 1e-6);
    }
}
