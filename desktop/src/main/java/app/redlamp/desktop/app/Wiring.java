package app.redlamp.desktop.app;

import app.redlamp.core.port.Playback;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.port.Settings;
import app.redlamp.core.port.Specifications;
import app.redlamp.core.text.Wording;
import app.redlamp.desktop.deliver.DeliverModel;
import app.redlamp.desktop.deliver.DeliverStation;
import app.redlamp.desktop.deliver.PlayModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.shell.ShellModel;
import app.redlamp.desktop.shell.ShellView;
import app.redlamp.desktop.shell.UndoHistory;
import app.redlamp.media.finish.FileFinishing;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import javafx.scene.Group;
import javafx.scene.Scene;

/** Puts the application together: the one place where interface and files meet. */
public final class Wiring implements AutoCloseable {
    /** A natural size at which everything is seen. */
    public static final double WIDTH = 1280;

    public static final double HEIGHT = 800;

    private static final long PATIENCE_S = 10;

    private final ExecutorService workers =
            Executors.newFixedThreadPool(Math.max(2, Runtime.getRuntime().availableProcessors()), task -> {
                Thread thread = new Thread(task, "worker");
                thread.setDaemon(true);
                return thread;
            });
    private final Playback playback;
    private final JobService jobs;
    private final ShellModel shell;
    private final DeliverModel deliver;
    private final Scene scene;

    public Wiring(
            Settings settings,
            Recordings recordings,
            Specifications specifications,
            Playback playback,
            Locale locale,
            Executor interfaceThread,
            DeliverStation.Doors doors) {
        this.playback = playback;
        scene = new Scene(new Group(), WIDTH, HEIGHT);
        Strings strings = new Strings(locale);
        UndoHistory history = new UndoHistory();
        jobs = new JobService(workers, interfaceThread);
        shell = new ShellModel(settings, jobs, history, strings);
        FileFinishing finishing = new FileFinishing();
        // Dressed before there is anything in it: what is built afterwards is styled once and not three times.
        dress();
        deliver = new DeliverModel(recordings, finishing, specifications, jobs, history, strings);
        deliver.start(shell.specificationId());
        deliver.specification().addListener((o, was, now) -> shell.rememberSpecification(now.id()));
        PlayModel player = new PlayModel(playback, jobs, interfaceThread);
        DeliverStation station =
                new DeliverStation(deliver, player, finishing, jobs, strings, new Wording(locale), doors);
        ShellView view = new ShellView(shell, List.of(station));
        view.root().getStyleClass().add(shell.theme().get().id());
        scene.setRoot(view.root());
        shell.theme().addListener((o, was, now) -> dress());
        shell.scalePercent().addListener((o, was, now) -> dress());
    }

    public Scene scene() {
        return scene;
    }

    public DeliverModel deliver() {
        return deliver;
    }

    public ShellModel shell() {
        return shell;
    }

    public JobService jobs() {
        return jobs;
    }

    /** Cancels what runs and waits until it has taken back what it had begun to write, and settings are saved. */
    @Override
    public void close() {
        jobs.cancelAll();
        playback.close();
        workers.shutdown();
        try {
            workers.awaitTermination(PATIENCE_S, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        workers.shutdownNow();
    }

    private void dress() {
        Look.dress(scene, shell.theme().get(), shell.scalePercent().get());
    }
}
