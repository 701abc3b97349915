package app.redlamp.desktop.app;

import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.FileListening;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.cache.RememberingRecordings;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.finish.FileFinishing;
import app.redlamp.media.library.Places;
import app.redlamp.media.print.FilePrinting;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.production.RescueFolder;
import app.redlamp.media.record.TakeRecorder;
import app.redlamp.media.script.ScriptFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** The application in its window. */
public final class RedLampApp extends Application {
    private static final double LEAST_WIDTH = 860;
    private static final double LEAST_HEIGHT = 560;

    /** About what a window manager adds above the scene. */
    private static final double TITLE_BAR = 28;

    private static final int FIRST_PICTURE_PULSES = 2;

    private Wiring wiring;
    private DemoProduction demo;

    @Override
    public void start(Stage stage) {
        Preparation.fonts();
        AskingDoors doors = new AskingDoors(stage, () -> wiring, getHostServices());
        Clock clock = Clock.system(ZoneId.systemDefault());
        wiring = new Wiring(
                new Ports(
                        Preparation.settings(),
                        new RememberingRecordings(new FileRecordings(), Places.cache()),
                        new FileFinishing(),
                        new FilePrinting(),
                        Preparation.specifications(),
                        Preparation.playback(),
                        new ProductionFolders(clock),
                        new ScriptFiles(),
                        Preparation.rooms(),
                        Preparation.offeredBooths(),
                        new FileListening(),
                        Preparation.equipment(),
                        Preparation.marks(),
                        Preparation.inputs(),
                        Preparation.booth(),
                        Preparation.monitoring(),
                        new TakeRecorder(clock),
                        new RescueFolder(Places.library(), clock),
                        clock),
                Locale.getDefault(),
                Platform::runLater,
                doors);
        stage.setOnCloseRequest(e -> {
            if (!wiring.closing().mayLeave()) {
                e.consume();
            }
        });
        stage.setTitle("Red Lamp");
        stage.setScene(wiring.scene());
        size(stage);
        stage.show();
        // Some window managers forget the size of a window while it opens: say it again.
        Platform.runLater(() -> {
            size(stage);
            stage.setMinWidth(LEAST_WIDTH);
            stage.setMinHeight(LEAST_HEIGHT);
        });
        whenDrawn(() -> {
            open(getParameters().getUnnamed());
            wiring.prepare();
        });
    }

    /** Runs something once the window can be seen: what measures would hold up its first picture. */
    private static void whenDrawn(Runnable then) {
        new AnimationTimer() {
            private int pulses;

            @Override
            public void handle(long now) {
                if (++pulses > FIRST_PICTURE_PULSES) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    private void open(List<String> given) {
        List<Path> paths = given.stream().flatMap(g -> Given.path(g).stream()).toList();
        if (paths.size() < given.size()) {
            wiring.jobs().notify(wiring.shell().strings().say("given.unreadable"));
        }
        if (given.equals(List.of("demo"))) {
            openDemo();
        } else if (paths.size() == 1 && isProduction(paths.get(0))) {
            wiring.production().open(paths.get(0));
        } else if (!paths.isEmpty()) {
            wiring.go(StationId.DELIVER);
            wiring.deliver().open(paths);
        } else if (given.isEmpty()) {
            wiring.shell().recent().stream()
                    .findFirst()
                    .flatMap(Given::path)
                    .filter(RedLampApp::isProduction)
                    .ifPresent(last -> wiring.production().open(last));
        }
        if (!given.equals(List.of("demo"))) {
            wiring.closing().offer();
        }
    }

    private static boolean isProduction(Path path) {
        return Files.isDirectory(path) || path.endsWith("production.json");
    }

    @Override
    public void stop() throws IOException {
        if (wiring != null) {
            wiring.close();
        }
        if (demo != null) {
            demo.close();
        }
    }

    private static void size(Stage stage) {
        Rectangle2D screen = Screen.getPrimary().getVisualBounds();
        stage.setWidth(Math.min(Wiring.WIDTH, screen.getWidth()));
        stage.setHeight(Math.min(Wiring.HEIGHT + TITLE_BAR, screen.getHeight()));
    }

    /** Opens the audiobook of the demo, builds its chapters side by side and puts them on the docket in their order. */
    private void openDemo() {
        List<JobService.Work<List<Path>>> first = List.of(progress -> demo().folders());
        wiring.jobs().start("", first, new JobService.Listener<>() {
            @Override
            public void done(int part, List<Path> folders) {
                wiring.offer(folders);
                wiring.production().open(folders.get(0));
                buildDemo();
            }

            @Override
            public void failed(int part, String message) {
                wiring.jobs().notify(wiring.shell().strings().say("demo.failed", message));
            }

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    private void buildDemo() {
        Path[] built = new Path[DemoProduction.size()];
        List<JobService.Work<Path>> parts = new ArrayList<>();
        for (int i = 0; i < built.length; i++) {
            int index = i;
            parts.add(progress -> demo().recording(index));
        }
        wiring.jobs().start(wiring.shell().strings().say("job.demo"), parts, new JobService.Listener<>() {
            @Override
            public void done(int part, Path recording) {
                built[part] = recording;
            }

            @Override
            public void failed(int part, String message) {
                wiring.jobs().notify(wiring.shell().strings().say("demo.failed", message));
            }

            @Override
            public void ended(boolean cancelled) {
                wiring.deliver().open(Stream.of(built).filter(Objects::nonNull).toList());
                buildSounds();
            }
        });
    }

    /** Recordings of the room, to be measured at the Room station; nothing waits for them. */
    private void buildSounds() {
        List<JobService.Work<Path>> parts = new ArrayList<>();
        DemoProduction.soundNames().forEach(name -> parts.add(progress -> demo().sound(name)));
        wiring.jobs().start("", parts, new JobService.Listener<>() {
            @Override
            public void done(int part, Path recording) {}

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    private synchronized DemoProduction demo() throws IOException {
        if (demo == null) {
            demo = DemoProduction.in(Places.demo());
        }
        return demo;
    }
}
