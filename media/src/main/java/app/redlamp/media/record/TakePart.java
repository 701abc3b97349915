package app.redlamp.media.record;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.taking.raw.LostStretch;
import app.redlamp.core.taking.raw.TakeHead;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.wav.GrowingWav;
import java.io.Closeable;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** One file of a take while it is written, with its journal. A step that the disk refuses can be tried again. */
final class TakePart implements Closeable {
    private final Disk disk;
    private final Path file;
    private final TakeHead head;
    private final GrowingWav wav;
    private final TakeJournal journal;
    private final List<Mark> late = new ArrayList<>();
    private boolean left;
    private boolean finished;

    private TakePart(Disk disk, Path file, TakeHead head, GrowingWav wav, TakeJournal journal) {
        this.disk = disk;
        this.file = file;
        this.head = head;
        this.wav = wav;
        this.journal = journal;
    }

    /**
     * Begins a file that was not there, and its journal before it: a file without one is nobody's.
     *
     * @throws IOException where either cannot be written; nothing is left behind then
     */
    static TakePart begin(Disk disk, Path folder, TakeHead head) throws IOException {
        Path file = folder.resolve(head.name());
        TakeJournal journal = TakeJournal.begin(disk, file, head);
        try {
            RecordingFormat format = head.format();
            GrowingWav wav = new GrowingWav(disk, file, format.sampleRateHz(), format.channels(), format.bitDepth());
            return new TakePart(disk, file, head, wav, journal).named();
        } catch (IOException e) {
            journal.close();
            disk.delete(TakeJournal.of(file));
            throw e;
        }
    }

    /** Its names are on the disk. */
    private TakePart named() throws IOException {
        try {
            disk.syncFolder(file.getParent());
            return this;
        } catch (IOException e) {
            wav.close();
            disk.delete(file);
            throw e;
        }
    }

    Path file() {
        return file;
    }

    TakeHead head() {
        return head;
    }

    /** Its length; of one that was left, as it was settled last. */
    long frames() {
        return left ? wav.settledFrames() : wav.frames();
    }

    /** Those in what was settled; the others are of the part that goes on. */
    List<Mark> marks() {
        List<Mark> all = new ArrayList<>(journal.marks());
        all.removeIf(m -> left && m.atS() * head.format().sampleRateHz() > wav.settledFrames());
        all.addAll(late);
        return all;
    }

    /** A mark that came after the end. */
    void late(Mark mark) {
        late.add(mark);
    }

    List<LostStretch> lost() {
        return journal.lost().stream()
                .filter(l -> !left || l.atFrame() < wav.settledFrames())
                .toList();
    }

    void mark(Mark mark) throws IOException {
        journal.mark(mark);
    }

    void lost(LostStretch stretch) throws IOException {
        journal.lost(stretch);
    }

    /** Frames that can be put; more after what there is went to the disk. */
    int room() throws IOException {
        if (wav.room() == 0) {
            wav.flush();
        }
        return wav.room();
    }

    void put(float[] interleaved, int count) {
        wav.put(interleaved, count);
    }

    void putSilence(int count) {
        wav.putSilence(count);
    }

    /** Frames that came since it was settled. */
    long unsettled() {
        return wav.frames() - wav.settledFrames();
    }

    void settle() throws IOException {
        if (!finished) {
            journal.settle();
            wav.settle();
        }
    }

    /** Ends it; the journal stays until the production knows of it. */
    void finish() throws IOException {
        if (!finished) {
            journal.ended();
            settle();
            wav.finish();
            journal.close();
            finished = true;
            disk.syncFolder(file.getParent());
        }
    }

    /** Ends it as it was settled last: what came after that goes elsewhere, and its place may not take anything any more. */
    void leave() {
        left = true;
        try (journal) {
            wav.cut();
        } catch (IOException e) {
            close();
        }
    }

    @Override
    public void close() {
        try (journal) {
            wav.close();
        } catch (IOException e) {
            // What was settled is there.
            return;
        }
    }
}
