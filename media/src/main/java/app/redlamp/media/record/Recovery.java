package app.redlamp.media.record;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Recovered;
import app.redlamp.core.taking.raw.RawTake;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.wav.CutWav;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Gets back what is left of takes that were not ended: those that have a journal. */
final class Recovery {
    /** More are not looked for in one folder. */
    private static final int MOST = 5_000;

    private final Disk disk;
    private final TakeKeeper keeper;

    Recovery(Disk disk, TakeKeeper keeper) {
        this.disk = disk;
        this.keeper = keeper;
    }

    Recovered recover(Path production, Optional<Path> backup, Progress progress) throws IOException {
        List<Path> journals = new ArrayList<>(journals(production.resolve(TakeFinder.RAW)));
        if (backup.isPresent()) {
            journals.addAll(
                    journals(backup.get().resolve(production.getFileName()).resolve(TakeFinder.RAW)));
        }
        List<Kept> all = new ArrayList<>();
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < journals.size(); i++) {
            Path journal = journals.get(i);
            Progress here = progress.part((double) i / journals.size(), (i + 1.0) / journals.size());
            try {
                recover(journal, production, backup, here).ifPresent(all::add);
            } catch (IOException e) {
                // One that cannot be got back is in no other's way.
                faults.add(Faults.say("recovery.cannot", TakeJournal.takeOf(journal), Reason.whole(e)));
            }
        }
        return new Recovered(all, faults);
    }

    private static List<Path> journals(Path raw) throws IOException {
        if (!Files.isDirectory(raw, LinkOption.NOFOLLOW_LINKS)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(raw)) {
            return files.filter(f -> TakeJournal.isOne(f) && Files.isRegularFile(f, LinkOption.NOFOLLOW_LINKS))
                    .sorted()
                    .limit(MOST)
                    .toList();
        }
    }

    private Optional<Kept> recover(Path journal, Path production, Optional<Path> backup, Progress progress)
            throws IOException {
        Path file = journal.resolveSibling(TakeJournal.takeOf(journal));
        if (!Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)) {
            // It was begun, and nothing was written.
            disk.delete(journal);
            return Optional.empty();
        }
        if (Files.getFileStore(file).supportsFileAttributeView("unix")
                && (int) Files.getAttribute(file, "unix:nlink", LinkOption.NOFOLLOW_LINKS) > 1) {
            throw new IOException(Faults.say("recovery.second-name"));
        }
        TakeJournal.Read read = TakeJournal.read(journal);
        RecordingFormat format = read.head().format();
        // Who may write everywhere may write to a file that is closed, too: only the journal tells.
        long frames = read.ended()
                ? CutWav.frames(file)
                : CutWav.mend(disk, file, format.sampleRateHz(), format.channels(), format.bitDepth());
        if (frames == 0) {
            disk.delete(file);
            disk.delete(journal);
            return Optional.empty();
        }
        String sha256 = TakeKeeper.sha256(file, progress);
        TakeKeeper.close(file);
        double lengthS = (double) frames / format.sampleRateHz();
        RawTake take = new RawTake(
                read.head().called(file.getFileName().toString()),
                read.marks().stream()
                        .map(m -> m.atS() <= lengthS ? m : m.at(lengthS))
                        .toList(),
                read.lost().stream().filter(l -> l.atFrame() <= frames).toList(),
                frames,
                !read.ended(),
                sha256);
        return Optional.of(keeper.kept(take, file, production, backup));
    }
}
