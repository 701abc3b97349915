package app.redlamp.desktop.app;

import app.redlamp.desktop.look.Look;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.play.SilentOutput;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Locale;
import java.util.Queue;
import java.util.stream.Stream;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javafx.util.Duration;

/** Draws a PNG of every main view, from the demo data, without a monitor. */
public final class ShotsApp extends Application {
    private static final Duration SETTLE = Duration.millis(120);

    /** A Monday, so that the same demo is drawn every time. */
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-02-16T17:00:00Z"), ZoneOffset.UTC);

    private final Queue<ShotList.Shot> shots = new ArrayDeque<>();

    /** Whether a picture could not be taken. */
    private static volatile boolean failed;

    private Wiring wiring;
    private Path folder;
    private Path scratch;

    /** How many times faster than a real one the simulated booth is. */
    private static final double HASTE = 20;

    @Override
    public void start(Stage stage) throws IOException {
        folder = Path.of(getParameters().getRaw().get(0));
        Files.createDirectories(folder);
        scratch = Files.createTempDirectory("redlamp-shots-");
        Look.loadFonts();
        wiring = new Wiring(
                StandIns.ports(
                        new InMemorySettings(),
                        new FileRecordings(),
                        scratch.resolve("library"),
                        SilentOutput.Pace.REAL,
                        HASTE,
                        CLOCK),
                Locale.UK,
                Platform::runLater,
                new ClosedDoors());
        stage.setScene(wiring.scene());
        stage.show();
        Thread.currentThread().setUncaughtExceptionHandler((thread, e) -> {
            failed = true;
            System.err.println("redlamp: " + (shots.size() + 1) + " pictures were not taken: " + e);
            Platform.exit();
        });
        shots.addAll(new ShotList(scratch, CLOCK).all());
        next();
    }

    static boolean failed() {
        return failed;
    }

    @Override
    public void stop() throws IOException {
        wiring.close();
        try (Stream<Path> tree = Files.walk(scratch)) {
            for (Path path : tree.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }

    private void next() {
        ShotList.Shot shot = shots.poll();
        if (shot == null) {
            Platform.exit();
            return;
        }
        shot.before().accept(wiring);
        settle(shot);
    }

    /** Waits until no job runs and the picture has been laid out, then takes it. */
    private void settle(ShotList.Shot shot) {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished(e -> {
            if (wiring.jobs().running().isEmpty() && !wiring.hears() && wiring.drawn()) {
                // What a finished job has just told may still be on its way to the picture.
                Platform.runLater(() -> take(shot));
            } else {
                settle(shot);
            }
        });
        pause.play();
    }

    private void take(ShotList.Shot shot) {
        Path file = folder.resolve(shot.name() + ".png");
        try {
            WritableImage image = wiring.scene().snapshot(null);
            PngFile.write(image, file);
            System.out.println(file);
            next();
        } catch (IOException e) {
            failed = true;
            System.err.println(
                    "redlamp: " + file + ": cannot be written (" + e.getMessage() + "); choose another folder");
            Platform.exit();
        }
    }
}
