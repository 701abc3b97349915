package app.redlamp.media.production;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.log.History;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.finish.Leftovers;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.ReadOnlyFileSystemException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A production folder that is open in this window, or is only looked at where it cannot be changed. */
final class HeldFolder implements Productions.Held {
    private static final int MOST_NEIGHBOURS = 2_000;
    private static final DateTimeFormatter SINCE =
            DateTimeFormatter.ofPattern(Faults.say("held-folder.mmm"), Locale.ENGLISH);

    /** What is written here during a session: a link among them would lead elsewhere. */
    private static final List<String> WRITTEN =
            List.of(ProductionLock.NAME, ProductionDocument.NAME, ProductionDocument.BACKUP, ProductionLog.NAME);

    private static final String READY = "ready";
    private static final int MOST_SHOWN = 3;

    private final ProductionDocument document;
    private final ProductionLog log;
    private final FolderSight sight = new FolderSight();
    private final Clock clock;
    private final Production opened;
    /** Held while the document is written; whoever only asks how things stand never waits for it. */
    private final Object saving = new Object();

    private volatile Path folder;
    private volatile Optional<ProductionLock> lock = Optional.empty();
    private volatile Optional<String> readOnly = Optional.empty();
    private volatile Optional<String> notice = Optional.empty();

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

    static HeldFolder open(Path folder, ProductionDocument document, Clock clock) throws IOException {
        ProductionDocument.Read read = document.read(folder);
        HeldFolder held = take(folder, document, read.production(), clock);
        if (read.newer()) {
            held.close();
            held.readOnly = Optional.of(
                    Faults.say("held-folder.saved-by-a-newer", notKnown(Faults.say("held-folder.not-shown-it"), read)));
        } else if (!read.notKnown().isEmpty()) {
            held.notice = Optional.of(notKnown(Faults.say("held-folder.holds-what-this"), read));
        }
        read.fault()
                .ifPresent(fault -> held.notice =
                        Optional.of(Faults.say("held-folder.is-damaged-the", ProductionDocument.NAME, fault)));
        return held;
    }

    private static String notKnown(String before, ProductionDocument.Read read) {
        return read.notKnown().isEmpty()
                ? ""
                : before
                        + read.notKnown().stream().limit(MOST_SHOWN).collect(Collectors.joining("; "))
                        + (read.notKnown().size() > MOST_SHOWN ? " …" : "");
    }

    private void takeLock() throws IOException {
        if (!Files.isWritable(folder)) {
            readOnly = Optional.of(mayNotBeWritten());
            return;
        }
        try {
            GuardedFolder guard = new GuardedFolder(folder);
            for (String name : WRITTEN) {
                guard.place(name);
            }
            guard.place(ProductionDocument.SCRIPT, "text");
            ProductionLock taken = ProductionLock.take(folder, holder());
            lock = Optional.of(taken);
            PassingName.sweep(folder, true);
            Leftovers.tidy(folder.resolve(READY));
            if (taken.wasStale()) {
                notice = Optional.of(Faults.say("held-folder.was-not-closed"));
            }
        } catch (ProductionLock.HeldElsewhere e) {
            throw e;
        } catch (GuardedFolder.Refused | ProductionLock.NotOurs e) {
            readOnly = Optional.of(Faults.say("held-folder.can-be-looked", e.getMessage()));
        } catch (IOException | ReadOnlyFileSystemException e) {
            // Whatever keeps the lock from being written would keep the production from being saved.
            readOnly = Optional.of(mayNotBeWritten());
        }
    }

    private static String mayNotBeWritten() {
        return Faults.say("held-folder.lies-in-folder");
    }

    private String holder() {
        return "since " + SINCE.format(LocalDateTime.now(clock)) + ", process "
                + ProcessHandle.current().pid();
    }

    @Override
    public Path folder() {
        return folder;
    }

    @Override
    public Production production() {
        return opened;
    }

    @Override
    public Optional<String> readOnly() {
        return readOnly;
    }

    @Override
    public Optional<String> notice() {
        return notice;
    }

    @Override
    public Optional<String> save(Production production) throws IOException {
        synchronized (saving) {
            if (readOnly.isPresent()) {
                throw new IOException(readOnly.get());
            }
            Optional<String> moved = find();
            checkHeld();
            try {
                Optional<String> kept = document.save(folder, production);
                return kept.map(name -> Faults.say("held-folder.somebody-else-had", name))
                        .or(() -> moved);
            } catch (ProductionDocument.Unreadable e) {
                throw e;
            } catch (GuardedFolder.Refused e) {
                throw new IOException(Faults.say("held-folder.cannot-be-saved", e.getMessage()), e);
            } catch (ReadOnlyFileSystemException e) {
                throw new IOException(mayNotBeWritten(), e);
            } catch (IOException e) {
                throw new IOException(Faults.say("held-folder.cannot-be-saved-free", Reason.of(e)), e);
            }
        }
    }

    /** Another window that took the production over has written its own name into the lock. */
    private void checkHeld() throws IOException {
        if (lock.isPresent() && !lock.get().held()) {
            throw new IOException(Faults.say("held-folder.was-opened-in"));
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
                    return Optional.of(Faults.say("held-folder.was-renamed-going", folder.getFileName()));
                }
            }
        }
        throw new IOException(Faults.say("held-folder.is-no-longer", folder));
    }

    @Override
    public void follow(Path wanted) throws IOException {
        synchronized (saving) {
            if (!ProductionDocument.idIn(wanted).map(opened.id()::equals).orElse(false)) {
                throw new IOException(Faults.say("held-folder.is-another-production", wanted));
            }
            close();
            folder = wanted;
            takeLock();
        }
    }

    @Override
    public void log(LogEntry entry) throws IOException {
        if (readOnly.isEmpty()) {
            find();
            try {
                log.append(folder, entry);
            } catch (GuardedFolder.Refused e) {
                throw e;
            } catch (IOException e) {
                throw new IOException(Faults.say("held-folder.its-log-cannot", Reason.of(e)), e);
            }
        }
    }

    @Override
    public History history() throws IOException {
        try {
            return log.history(folder);
        } catch (GuardedFolder.Refused e) {
            throw e;
        } catch (IOException e) {
            throw new IOException(Faults.say("held-folder.its-log-cannot-be", Reason.of(e)), e);
        }
    }

    @Override
    public void keepScript(Path file) throws IOException {
        if (readOnly.isEmpty()) {
            KeptFiles.script(folder, file);
        }
    }

    @Override
    public String keepPicture(Path file) throws IOException {
        if (readOnly.isPresent()) {
            throw new IOException(readOnly.get());
        }
        find();
        return KeptFiles.picture(folder, file);
    }

    @Override
    public Productions.Seen look(Progress progress) throws IOException {
        return ProductionFolders.seen(opened, folder, sight, progress);
    }

    @Override
    public void close() {
        synchronized (saving) {
            try {
                if (lock.isPresent()) {
                    lock.get().close();
                }
            } catch (IOException e) {
                // The system lets go of the lock when the process ends.
                notice = Optional.of(Faults.say("held-folder.could-not-be", Reason.of(e)));
            }
            lock = Optional.empty();
        }
    }
}
