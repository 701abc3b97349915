package app.redlamp.media.production;

import app.redlamp.core.plan.Production;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.media.disk.DiskSpace;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.ReadOnlyFileSystemException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** A production folder that is open in this window, or is only looked at where it cannot be changed. */
final class HeldFolder implements Productions.Held {
    private static final int MOST_NEIGHBOURS = 2_000;
    private static final DateTimeFormatter SINCE = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final ProductionDocument document;
    private final ProductionLog log;
    private final FolderSight sight = new FolderSight();
    private final Clock clock;
    private final Production opened;
    private Path folder;
    private Optional<ProductionLock> lock = Optional.empty();
    private Optional<String> readOnly = Optional.empty();
    private Optional<String> notice = Optional.empty();

    private HeldFolder(Path folder, ProductionDocument document, Production opened, Clock clock) {
        this.folder = folder;
        this.document = document;
        this.opened = opened;
        this.clock = clock;
        log = new ProductionLog(clock);
    }

    /** Takes a folder that holds a production, or will hold one as soon as it is saved. */
    static HeldFolder take(Path folder, ProductionDocument document, Production production, Clock clock)
            throws IOException {
        HeldFolder held = new HeldFolder(folder, document, production, clock);
        held.takeLock();
        return held;
    }

    static HeldFolder open(Path folder, Clock clock) throws IOException {
        ProductionDocument document = new ProductionDocument();
        ProductionDocument.Read read = document.read(folder);
        HeldFolder held = take(folder, document, read.production(), clock);
        if (read.newer()) {
            held.close();
            held.readOnly = Optional.of(
                    "was saved by a newer Red Lamp; it can be looked at and not changed until this one is brought up to date");
        }
        read.fault()
                .ifPresent(fault -> held.notice = Optional.of(ProductionDocument.NAME + " is damaged (" + fault
                        + "): the backup was opened, and the damaged one is kept when you save"));
        return held;
    }

    private void takeLock() throws IOException {
        if (!Files.isWritable(folder)) {
            readOnly = Optional.of(mayNotBeWritten());
            return;
        }
        try {
            ProductionLock taken = ProductionLock.take(folder, holder());
            lock = Optional.of(taken);
            if (taken.wasStale()) {
                notice = Optional.of("was not closed the last time; everything that was saved is here");
            }
        } catch (ProductionLock.HeldElsewhere e) {
            throw e;
        } catch (IOException | ReadOnlyFileSystemException e) {
            // Whatever keeps the lock from being written would keep the production from being saved.
            readOnly = Optional.of(mayNotBeWritten());
        }
    }

    private static String mayNotBeWritten() {
        return "lies in a folder that may not be written; copy it to another place to work on it";
    }

    private String holder() {
        return "since " + SINCE.format(LocalDateTime.now(clock)) + ", process "
                + ProcessHandle.current().pid();
    }

    @Override
    public synchronized Path folder() {
        return folder;
    }

    @Override
    public Production production() {
        return opened;
    }

    @Override
    public synchronized Optional<String> readOnly() {
        return readOnly;
    }

    @Override
    public synchronized Optional<String> notice() {
        return notice;
    }

    @Override
    public synchronized Optional<String> save(Production production) throws IOException {
        if (readOnly.isPresent()) {
            throw new IOException(readOnly.get());
        }
        Optional<String> moved = find();
        try {
            Optional<String> kept = document.save(folder, production);
            return kept.map(name -> "somebody else had changed it; what they wrote is kept as " + name)
                    .or(() -> moved);
        } catch (ReadOnlyFileSystemException e) {
            throw new IOException(mayNotBeWritten(), e);
        } catch (IOException e) {
            throw new IOException(
                    "cannot be saved (" + DiskSpace.reason(e)
                            + "); free some space or check that the disk is there; nothing"
                            + " is lost while this window is open",
                    e);
        }
    }

    /** Follows a folder that was renamed; says so, or throws where it is gone. */
    private Optional<String> find() throws IOException {
        if (Files.isDirectory(folder)
                && ProductionDocument.idIn(folder).map(opened.id()::equals).orElse(true)) {
            return Optional.empty();
        }
        Path parent = folder.getParent();
        if (parent != null && Files.isDirectory(parent)) {
            try (Stream<Path> neighbours = Files.list(parent)) {
                Optional<Path> found = neighbours
                        .limit(MOST_NEIGHBOURS)
                        .filter(Files::isDirectory)
                        .filter(f -> ProductionDocument.idIn(f)
                                .map(opened.id()::equals)
                                .orElse(false))
                        .findFirst();
                if (found.isPresent()) {
                    folder = found.get();
                    return Optional.of("was renamed; going on in " + folder.getFileName());
                }
            }
        }
        throw new IOException("is no longer at " + folder
                + "; put it back, or open it where it is now: nothing is lost while" + " this window is open");
    }

    @Override
    public synchronized void follow(Path wanted) throws IOException {
        if (!ProductionDocument.idIn(wanted).map(opened.id()::equals).orElse(false)) {
            throw new IOException(wanted + " is another production, or none; choose the folder of this one");
        }
        close();
        folder = wanted;
        takeLock();
    }

    @Override
    public synchronized void log(String kind, Map<String, String> what) throws IOException {
        if (readOnly.isEmpty()) {
            find();
            log.append(folder, kind, what);
        }
    }

    @Override
    public synchronized void keepScript(Path file) throws IOException {
        if (readOnly.isEmpty()) {
            KeptFiles.script(folder, file);
        }
    }

    @Override
    public synchronized String keepPicture(Path file) throws IOException {
        if (readOnly.isPresent()) {
            throw new IOException(readOnly.get());
        }
        find();
        return KeptFiles.picture(folder, file);
    }

    @Override
    public Productions.Seen look(Progress progress) throws IOException {
        return ProductionFolders.seen(opened, folder(), sight, progress);
    }

    @Override
    public synchronized void close() {
        try {
            if (lock.isPresent()) {
                lock.get().close();
            }
        } catch (IOException e) {
            // The system lets go of the lock when the process ends.
            notice = Optional.of("could not be let go of (" + DiskSpace.reason(e) + ")");
        }
        lock = Optional.empty();
    }
}
