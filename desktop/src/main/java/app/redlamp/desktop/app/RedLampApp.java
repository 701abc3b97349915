package app.redlamp.desktop.app;

import app.redlamp.core.text.Wording;
import app.redlamp.desktop.deliver.DeliverStation;
import app.redlamp.desktop.job.JobService;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.cache.RememberingRecordings;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.library.Places;
import app.redlamp.media.sheet.FileSheets;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.stage.FileChooser;
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
        wiring = new Wiring(
                Preparation.settings(),
                new RememberingRecordings(new FileRecordings(), Places.cache().resolve("measured")),
                Preparation.specifications(),
                Preparation.playback(),
                Locale.getDefault(),
                Platform::runLater,
                new DeliverStation.Doors(() -> choose(stage), this::showFolder, () -> writeSheet(stage)));
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
        whenDrawn(() -> open(getParameters().getUnnamed()));
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
        if (given.equals(List.of("demo"))) {
            openDemo();
        } else if (!given.isEmpty()) {
            wiring.deliver().open(given.stream().map(Path::of).toList());
        }
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

    /** Builds the chapters side by side and opens them in their order. */
    private void openDemo() {
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
                wiring.deliver().start("audiobook-retail");
                wiring.deliver().open(Stream.of(built).filter(Objects::nonNull).toList());
            }
        });
    }

    private synchronized DemoProduction demo() throws IOException {
        if (demo == null) {
            demo = DemoProduction.in(Places.demo());
        }
        return demo;
    }

    private void choose(Stage stage) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(wiring.shell().strings().say("chooser.title"));
        List<File> files = chooser.showOpenMultipleDialog(stage);
        if (files != null) {
            wiring.deliver().open(files.stream().map(File::toPath).toList());
        }
    }

    private void writeSheet(Stage stage) {
        if (wiring.deliver().rows().isEmpty()) {
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle(wiring.shell().strings().say("sheet.write"));
        chooser.setInitialFileName("report.html");
        for (String ending : List.of("html", "pdf", "csv")) {
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter(ending.toUpperCase(Locale.ROOT), "*." + ending));
        }
        File file = chooser.showSaveDialog(stage);
        if (file != null) {
            wiring.deliver().writeSheet(new FileSheets(), new Wording(Locale.getDefault()), file.toPath());
        }
    }

    private void showFolder(Path folder) {
        getHostServices().showDocument(folder.toUri().toString());
    }
}
