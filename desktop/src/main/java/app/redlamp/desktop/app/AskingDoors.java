package app.redlamp.desktop.app;

import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.brief.BriefStation;
import app.redlamp.desktop.deliver.DeliverStation;
import app.redlamp.desktop.job.SheetJob;
import app.redlamp.desktop.kit.KitStation;
import app.redlamp.desktop.room.RoomStation;
import app.redlamp.media.sheet.FileSheets;
import app.redlamp.words.Wording;
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
final class AskingDoors {
    private final Stage stage;
    private final Supplier<Wiring> wiring;
    private final HostServices host;

    AskingDoors(Stage stage, Supplier<Wiring> wiring, HostServices host) {
        this.stage = stage;
        this.wiring = wiring;
        this.host = host;
    }

    BriefStation.Doors brief() {
        return new BriefStation.Doors(
                Path.of(System.getProperty("user.home"), "Red Lamp"),
                () -> file("chooser.script"),
                this::folder,
                this::calendar,
                AskingDoors::copy);
    }

    RoomStation.Doors room() {
        return new RoomStation.Doors(() -> file("chooser.recording"));
    }

    KitStation.Doors kit() {
        return new KitStation.Doors(() -> file("chooser.recording"), () -> file("chooser.kit"), this::list);
    }

    Doors.Level level() {
        return new Doors.Level(this::list, () -> {
            FileChooser chooser = new FileChooser();
            chooser.setTitle(say("chooser.picture"));
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter(say("chooser.pictures"), "*.png", "*.jpg", "*.jpeg"));
            return path(chooser.showOpenDialog(stage));
        });
    }

    DeliverStation.Doors deliver() {
        return new DeliverStation.Doors(this::recordings, this::show, this::sheet);
    }

    Doors.Whole window() {
        return new Doors.Whole(this::folder, stage::close);
    }

    private Optional<Path> file(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(say(title));
        return path(chooser.showOpenDialog(stage));
    }

    private Optional<Path> folder() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle(say("chooser.folder"));
        return path(chooser.showDialog(stage));
    }

    private Optional<Path> calendar() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(say("brief.export"));
        chooser.setInitialFileName("plan.ics");
        offer(chooser, "ics", "csv");
        return path(chooser.showSaveDialog(stage));
    }

    private void recordings() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(say("chooser.title"));
        List<File> files = chooser.showOpenMultipleDialog(stage);
        if (files != null) {
            wiring.get().deliver().open(files.stream().map(File::toPath).toList());
        }
    }

    private void sheet() {
        if (wiring.get().deliver().rows().isEmpty()) {
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle(say("sheet.write"));
        chooser.setInitialFileName("report.html");
        offer(chooser, "html", "pdf", "csv");
        path(chooser.showSaveDialog(stage))
                .ifPresent(file ->
                        wiring.get().deliver().writeSheet(new FileSheets(), new Wording(Locale.getDefault()), file));
    }

    void list(PrintedTable table) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(say("chooser.list"));
        chooser.setInitialFileName("list.html");
        offer(chooser, "html", "pdf", "csv");
        path(chooser.showSaveDialog(stage))
                .ifPresent(file -> new SheetJob(
                                wiring.get().jobs(), wiring.get().shell().strings())
                        .write(f -> new FileSheets().write(table, f), file));
    }

    private void show(Path folder) {
        host.showDocument(folder.toUri().toString());
    }

    private static void offer(FileChooser chooser, String... endings) {
        for (String ending : endings) {
            chooser.getExtensionFilters()
                    .add(new FileChooser.ExtensionFilter(ending.toUpperCase(Locale.ROOT), "*." + ending));
        }
    }

    private static void copy(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        Clipboard.getSystemClipboard().setContent(content);
    }

    private String say(String key) {
        return wiring.get().shell().strings().say(key);
    }

    private static Optional<Path> path(File file) {
        return Optional.ofNullable(file).map(File::toPath);
    }
}
