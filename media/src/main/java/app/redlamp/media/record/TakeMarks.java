package app.redlamp.media.record;

import app.redlamp.core.planning.take.Mark;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedQueue;

/** Marks on their way to the part that they belong to: what is heard later is of a later part, perhaps. */
final class TakeMarks {
    private final int sampleRateHz;
    private final ConcurrentLinkedQueue<Asked> asked = new ConcurrentLinkedQueue<>();
    /** Those that were noted and are not on the disk yet; of the writing thread alone. */
    private final List<Asked> unsettled = new ArrayList<>();

    /** A mark, with the frames that were heard before it. */
    private record Asked(long atFrame, String kind, String note) {}

    TakeMarks(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
    }

    /** Asks for one; from any thread. */
    void ask(long atFrame, String kind, String note) {
        asked.add(new Asked(atFrame, kind, note));
    }

    /** Whether there is one that is not noted. */
    boolean waiting() {
        return !asked.isEmpty();
    }

    /**
     * Notes those of a part so far.
     *
     * @param from frames that had passed when the part began
     * @param passed frames that have passed now
     */
    void note(TakePart part, long from, long passed) throws IOException {
        for (Asked next = asked.peek(); next != null && next.atFrame() <= passed; next = asked.peek()) {
            part.mark(inPart(next, from));
            unsettled.add(asked.remove());
        }
    }

    /** What was noted is on the disk. */
    void settled() {
        unsettled.clear();
    }

    /** What was not on the disk when a part was left is noted in the next. */
    void again(TakePart next, long from) throws IOException {
        for (Asked mark : unsettled) {
            next.mark(inPart(mark, from));
        }
    }

    /** Marks after the last sample belong to the last part, which is closed already; without one they are of nothing. */
    void late(Optional<TakePart> last, long from) {
        last.ifPresent(part -> asked.forEach(m -> part.late(inPart(m, from))));
        asked.clear();
    }

    private Mark inPart(Asked mark, long from) {
        double atS = Math.max(0, mark.atFrame() - from) / (double) sampleRateHz;
        return new Mark(atS, mark.kind(), mark.note());
    }
}
