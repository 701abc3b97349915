package app.redlamp.desktop.app;

import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.disk.Scratch;
import app.redlamp.media.play.SilentOutput;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;

/**
 * The longest turn of the interface thread: how long something that is asked of it has to wait at worst, while the demo is
 * opened, while the window is left alone, and while each station is opened for the first and for the second time.
 */
public final class TurnsBench extends Application {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-02-16T17:00:00Z"), ZoneOffset.UTC);
    private static final long BETWEEN_MS = 2;
    private static final long ALONE_MS = Long.getLong("alone", 8000);
    private static final long LOOK_MS = 1500;

    private final AtomicLong longest = new AtomicLong();
    private Wiring wiring;

    public static void main(String[] arguments) {
        Main.withoutDisplay();
        Application.launch(TurnsBench.class, arguments);
    }

    @Override
    public void start(Stage stage) throws IOException {
        Path scratch = Files.createTempDirectory("redlamp-turns-");
        Scratch.begin(scratch);
        Look.loadFonts();
        wiring = new Wiring(
                StandIns.ports(new InMemorySettings(), scratch.resolve("library"), SilentOutput.Pace.REAL, 20, CLOCK),
                Locale.UK,
                Platform::runLater,
                new ClosedDoors());
        stage.setScene(wiring.scene());
        stage.show();
        Thread driver = new Thread(() -> drive(scratch), "driver");
        driver.setDaemon(true);
        driver.start();
        Thread probe = new Thread(this::probe, "probe");
        probe.setDaemon(true);
        probe.setPriority(Thread.MAX_PRIORITY);
        probe.start();
    }

    @Override
    public void stop() {
        wiring.close();
    }

    /** Asks for nothing again and again, and keeps the longest wait. */
    private void probe() {
        try {
            while (true) {
                CountDownLatch answered = new CountDownLatch(1);
                long asked = System.nanoTime();
                Platform.runLater(answered::countDown);
                answered.await();
                long waited = System.nanoTime() - asked;
                longest.accumulateAndGet(waited, Math::max);
                TimeUnit.MILLISECONDS.sleep(BETWEEN_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void drive(Path scratch) {
        try (DemoProduction demo = DemoProduction.in(scratch, CLOCK)) {
            List<Path> recordings = new ArrayList<>(demo.recordings());
            say("window", LOOK_MS);
            Platform.runLater(() -> wiring.production().open(demo.folder()));
            say("demo opened", LOOK_MS);
            Platform.runLater(() -> wiring.deliver().open(recordings));
            say("recordings opened elsewhere", LOOK_MS);
            say("left alone", ALONE_MS);
            for (String time : List.of("first", "second")) {
                for (StationId id : StationId.values()) {
                    Platform.runLater(() -> wiring.go(id));
                    say(id.id() + ", " + time + " time", LOOK_MS);
                }
            }
        } catch (IOException | InterruptedException e) {
            System.err.println("redlamp: " + e);
        } finally {
            Platform.exit();
        }
    }

    private void say(String what, long ms) throws InterruptedException {
        TimeUnit.MILLISECONDS.sleep(ms);
        System.out.printf(Locale.ROOT, "%-32s %6.1f ms%n", what, longest.getAndSet(0) / 1e6);
    }
}
