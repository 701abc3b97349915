package app.redlamp.desktop.app;

import app.redlamp.desktop.deliver.DeliverStation;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Look;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.library.Places;
import app.redlamp.media.library.SettingsFile;
import app.redlamp.media.play.FilePlayback;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The application in its window. */
public final class RedLampApp extends Application {
    private static final double LEAST_WIDTH = 860;
    private static final double LEAST_HEIGHT = 560;

    private Wiring wiring;
    private DemoProduction demo;

    @Override
    public void start(Stage stage) {
        Look.loadFonts();
        wiring = new Wiring(
                SettingsFile.ofUser(),
                FilePlayback.onThisMachine(),
                Locale.getDefault(),
                Platform::runLater,
                new DeliverStation.Doors(() -> choose(stage), this::showFolder));
        stage.setTitle("Red Lamp");
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        stage.setScene(wiring.scene());
        stage.show();
        List<String> given = getParameters().getUnnamed();
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

    private void openDemo() {
        List<JobService.Work<List<Path>>> build = List.of(progress -> {
            demo = DemoProduction.in(Places.demo());
            return demo.recordings(progress);
        });
        wiring.jobs().start(wiring.shell().strings().say("job.demo"), build, new JobService.Listener<>() {
            @Override
            public void done(int part, List<Path> recordings) {
                wiring.deliver().start("audiobook-retail");
                wiring.deliver().open(recordings);
            }

            @Override
            public void failed(int part, String message) {
                wiring.jobs().notify(wiring.shell().strings().say("demo.failed", message));
            }

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    private void choose(Stage stage) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(wiring.shell().strings().say("chooser.title"));
        List<File> files = chooser.showOpenMultipleDialog(stage);
        if (files != null) {
            wiring.deliver().open(files.stream().map(File::toPath).toList());
        }
    }

    private void showFolder(Path folder) {
        getHostServices().showDocument(folder.toUri().toString());
    }
}
