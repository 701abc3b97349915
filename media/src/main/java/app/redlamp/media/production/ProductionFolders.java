package app.redlamp.media.production;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.FileNames;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.media.calendar.PlanFiles;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.DiskSpace;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;

/** Productions in folders (docs/formats.md). */
public final class ProductionFolders implements Productions {
    private static final String SCRIPT = ProductionDocument.SCRIPT;
    private static final List<String> SUBFOLDERS = List.of("raw", "working", "ready", "tone", SCRIPT);

    private final Clock clock;
    private final Disk disk;

    /** @param clock for the log */
    public ProductionFolders(Clock clock) {
        this(clock, Disk.REAL);
    }

    /** On a disk of one's own. */
    ProductionFolders(Clock clock, Disk disk) {
        this.clock = clock;
        this.disk = disk;
    }

    @Override
    public Held create(Path parent, Production production) throws IOException {
        Path folder = parent.resolve(folderName(production)).toAbsolutePath();
        make(parent, folder);
        return begun(folder, production);
    }

    @Override
    public Held begin(Path given, Production production) throws IOException {
        Path folder = given.toAbsolutePath().normalize();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> there = Files.newDirectoryStream(folder)) {
                if (there.iterator().hasNext()) {
                    throw new IOException(Faults.say("production-folders.is-not-empty", given));
                }
            } catch (FileSystemException e) {
                throw new IOException(Faults.say("production-folders.cannot-be-made", given, Reason.of(e)), e);
            }
        } else {
            make(folder.getParent() == null ? folder : folder.getParent(), folder);
        }
        return begun(folder, production);
    }

    private Held begun(Path folder, Production production) throws IOException {
        HeldFolder held = hold(folder, production);
        try {
            held.log(new LogEntry.Created(production.brief().title()));
        } catch (IOException e) {
            // It is saved: a line that is missing in its log does not unmake it.
            return held;
        }
        return held;
    }

    private HeldFolder hold(Path folder, Production production) throws IOException {
        HeldFolder held = null;
        try {
            for (String subfolder : SUBFOLDERS) {
                Files.createDirectory(folder.resolve(subfolder));
            }
            held = HeldFolder.take(folder, new ProductionDocument(disk), production, clock);
            held.save(production);
            return held;
        } catch (IOException e) {
            if (held != null) {
                held.close();
            }
            unmake(folder);
            throw e;
        }
    }

    private static void make(Path parent, Path folder) throws IOException {
        try {
            Files.createDirectories(parent);
        } catch (IOException e) {
            throw new IOException(Faults.say("production-folders.is-no-folder", parent, Reason.of(e)), e);
        }
        try {
            Files.createDirectory(folder);
        } catch (FileAlreadyExistsException e) {
            throw new IOException(Faults.say("production-folders.is-there-already", folder), e);
        } catch (IOException e) {
            throw new IOException(Faults.say("production-folders.cannot-be-made", folder, Reason.of(e)), e);
        }
    }

    /** Takes back what could not be made whole: what we have just put there, and folders in which nothing else lies. */
    private static void unmake(Path folder) {
        if (Files.exists(folder.resolve(ProductionDocument.NAME))) {
            return;
        }
        List<Path> made = new ArrayList<>();
        try (DirectoryStream<Path> texts = Files.newDirectoryStream(folder.resolve(SCRIPT), "text-*.txt")) {
            texts.forEach(made::add);
        } catch (IOException | DirectoryIteratorException e) {
            // There was no room for it either.
            made.clear();
        }
        SUBFOLDERS.forEach(subfolder -> made.add(folder.resolve(subfolder)));
        made.add(folder.resolve(ProductionLock.NAME));
        made.add(folder);
        made.forEach(ProductionFolders::delete);
    }

    /** What something else lies in stays, and whoever tries again is told of it. */
    private static boolean delete(Path path) {
        try {
            return Files.deleteIfExists(path);
        } catch (IOException e) {
            return false;
        }
    }

    private static String folderName(Production production) throws IOException {
        try {
            return FileNames.folder(production.brief().title());
        } catch (IllegalArgumentException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    @Override
    public Held open(Path folder) throws IOException {
        return HeldFolder.open(folderOf(folder), new ProductionDocument(disk), clock);
    }

    @Override
    public Seen look(Path folder) throws IOException {
        Path there = folderOf(folder);
        ProductionDocument.Read read = new ProductionDocument(disk).read(there);
        Seen seen = seen(read.production(), there, new FolderSight(), Progress.NONE);
        return read.fault().isEmpty()
                ? seen
                : seen.noticing(Faults.say(
                        "production-folders.is-damaged-this",
                        ProductionDocument.NAME,
                        read.fault().get()));
    }

    @Override
    public void writeCalendar(ProductionPlan plan, Path file) throws IOException {
        PlanFiles.write(plan, file, clock.instant());
    }

    static Seen seen(Production production, Path folder, FolderSight sight, Progress progress) throws IOException {
        return new Seen(
                production, sight.recordings(folder, progress), FolderSight.usedBytes(folder), DiskSpace.free(folder));
    }

    private static Path folderOf(Path given) throws IOException {
        Path path = given.toAbsolutePath().normalize();
        if (Files.isRegularFile(path) && path.endsWith(ProductionDocument.NAME)) {
            return path.getParent();
        }
        if (!Files.isDirectory(path)) {
            throw new IOException(Faults.say("production-folders.is-not-there"));
        }
        return path;
    }
}
