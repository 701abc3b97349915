package app.redlamp.desktop.app;

import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.PrintJob;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.Doors;
import app.redlamp.media.print.FilePrinting;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.HostServices;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** Asks for files and folders with the dialogs of the platform. */
final class AskingDoors implements Doors {
    private final Stage stage;
    private final Supplier<Wiring> wiring;
    private final HostServices host;

    AskingDoors(Stage stage, Supplier<Wiring> wiring, HostServices host) {
        this.stage = stage;
        this.wiring = wiring;
        this.host = host;
    }

    @Override
    public Path home() {
        return Path.of(System.getProperty("user.home"), "Red Lamp");
    }

    @Override
    public Optional<Path> open(Kind kind) {
        return path(chooser(kind).showOpenDialog(stage));
    }

    @Override
    public List<Path> openSeveral(Kind kind) {
        FileChooser chooser = chooser(kind);
        title(chooser, "chooser.title");
        List<File> files = chooser.showOpenMultipleDialog(stage);
        return files == null ? List.of() : files.stream().map(File::toPath).toList();
    }

    @Override
    public Optional<Path> save(Kind kind) {
        return path(chooser(kind).showSaveDialog(stage));
    }

    @Override
    public Optional<Path> folder() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(strings().say("chooser.folder"));
        return path(chooser.showDialog(stage));
    }

    private FileChooser chooser(Kind kind) {
        FileChooser chooser = new FileChooser();
        switch (kind) {
            case SCRIPT -> title(chooser, "chooser.script");
            case RECORDING -> title(chooser, "chooser.recording");
            case KIT -> title(chooser, "chooser.kit");
            case PICTURE -> {
                title(chooser, "chooser.picture");
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter(
                                strings().say("chooser.pictures"), "*.png", "*.jpg", "*.jpeg"));
            }
            case CALENDAR -> {
                title(chooser, "brief.export");
                offer(chooser, "plan", "ics", "csv");
            }
            case REPORT -> {
                title(chooser, "sheet.write");
                offer(chooser, "report", "html", "pdf", "csv");
            }
        }
        return chooser;
    }

    private void title(FileChooser chooser, String key) {
        chooser.setTitle(strings().say(key));
    }

    @Override
    public void print(PrintedTable table) {
        FileChooser chooser = new FileChooser();
        title(chooser, "chooser.list");
        offer(chooser, "list", "html", "pdf", "csv");
        JobService jobs = wiring.get().jobs();
        path(chooser.showSaveDialog(stage))
                .ifPresent(file -> new PrintJob(jobs, strings()).write(f -> new FilePrinting().write(table, f), file));
    }

    @Override
    public void show(Path folder) {
        host.showDocument(folder.toUri().toString());
    }

    @Override
    public void leave() {
        stage.close();
    }

    private static void offer(FileChooser chooser, String name, String... endings) {
        chooser.setInitialFileName(name + "." + endings[0]);
        for (String ending : endings) {
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter(ending.toUpperCase(Locale.ROOT), "*." + ending));
        }
    }

    @Override
    public void copy(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }

    private Strings strings() {
        return wiring.get().shell().strings();
    }

    private static Optional<Path> path(File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
