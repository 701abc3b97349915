package app.redlamp.desktop.app;

import app.redlamp.media.FileRecordings;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.disk.Scratch;
import app.redlamp.media.play.SilentOutput;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;

/**
 * The longest turn of the interface thread: how long something that is asked of it has to wait at worst, while the window
 * is left alone, while the demo is opened, and while each station is opened for the first and for the second time.
 */
public final class TurnsBench {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-02-16T17:00:00Z"), ZoneOffset.UTC);
    private static final long BETWEEN_MS = 2;
    private static final long LOOK_MS = 1500;

    private final AtomicReference<Turn> longest = new AtomicReference<>(Turn.NONE);
    private Wiring wiring;

    /** One wait, and what of it the interface thread worked. */
    private record Turn(long wallNs, long cpuNs) {
        static final Turn NONE = new Turn(0, 0);
    }

    private TurnsBench() {}

    public static void main(String[] arguments) {
        Main.withoutDisplay();
        Application.launch(Window.class, arguments);
    }

    /** The application without any device; apart, so that the class path needs no modules. */
    public static final class Window extends Application {
        private final TurnsBench bench = new TurnsBench();

        @Override
        public void start(Stage stage) throws IOException {
            bench.start(stage);
        }

        @Override
        public void stop() {
            bench.wiring.close();
        }
    }

    private void start(Stage stage) throws IOException {
        Path scratch = Files.createTempDirectory("redlamp-turns-");
        Scratch.begin(scratch);
        Look.loadFonts();
        wiring = new Wiring(
                StandIns.ports(new InMemorySettings(), new FileRecordings(), scratch.resolve("library"), SilentOutput.Pace.REAL, 20, CLOCK),
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

    /** Asks for nothing again and again, and keeps the longest wait and the thread's own time in it. */
    private void probe() {
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        try {
            CompletableFuture<Long> id = new CompletableFuture<>();
            Platform.runLater(() -> id.complete(Thread.currentThread().getId()));
            long interfaceThread = id.join();
            while (true) {
                CountDownLatch answered = new CountDownLatch(1);
                long asked = System.nanoTime();
                long before = threads.getThreadCpuTime(interfaceThread);
                Platform.runLater(answered::countDown);
                answered.await();
                Turn turn = new Turn(System.nanoTime() - asked, threads.getThreadCpuTime(interfaceThread) - before);
                longest.accumulateAndGet(turn, (a, b) -> a.wallNs() > b.wallNs() ? a : b);
                TimeUnit.MILLISECONDS.sleep(BETWEEN_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void drive(Path scratch) {
        try (DemoProduction demo = DemoProduction.in(scratch, CLOCK)) {
            List<Path> recordings = new ArrayList<>(demo.recordings());
            say("window");
            Platform.runLater(wiring::prepare);
            untilPrepared();
            say("left alone");
            Platform.runLater(() -> wiring.production().open(demo.folder()));
            say("demo opened");
            Platform.runLater(() -> wiring.deliver().open(recordings));
            say("recordings measured");
            untilPrepared();
            say("left alone again");
            for (String time : List.of("first", "second")) {
                for (StationId id : wiring.hung()) {
                    Platform.runLater(() -> wiring.go(id));
                    say(id.id() + ", " + time + " time");
                }
            }
        } catch (IOException | InterruptedException e) {
            System.err.println("redlamp: " + e);
        } finally {
            Platform.exit();
        }
    }

    /** Waits until all stations were made ready in idle moments. */
    private void untilPrepared() throws InterruptedException {
        boolean prepared = false;
        while (!prepared) {
            TimeUnit.MILLISECONDS.sleep(LOOK_MS);
            CompletableFuture<Boolean> asked = new CompletableFuture<>();
            Platform.runLater(() -> asked.complete(wiring.prepared()));
            prepared = asked.join();
        }
    }

    /** Waits until nothing goes on any more, and tells the longest turn until then. */
    private void say(String what) throws InterruptedException {
        boolean busy = true;
        while (busy) {
            TimeUnit.MILLISECONDS.sleep(LOOK_MS);
            CompletableFuture<Boolean> running = new CompletableFuture<>();
            Platform.runLater(() -> running.complete(!wiring.jobs().running().isEmpty()));
            busy = running.join();
        }
        Turn turn = longest.getAndSet(Turn.NONE);
        System.out.printf(
                Locale.ROOT, "%-24s %7.1f ms, of its own %7.1f ms%n", what, turn.wallNs() / 1e6, turn.cpuNs() / 1e6);
    }
}
