package app.redlamp.core.taking.raw;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.MarkKind;
import app.redlamp.core.planning.take.Take;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A take of which all is on the disk.
 *
 * @param head what was known before it began
 * @param marks what was marked in it, in the order of time
 * @param lost what was lost of it, in the order of time
 * @param frames its length, with what was lost
 * @param cutOff whether something else than its reader ended it
 * @param sha256 of its file, in hexadecimal digits
 */
public record RawTake(
        TakeHead head, List<Mark> marks, List<LostStretch> lost, long frames, boolean cutOff, String sha256) {

    /** @throws IllegalArgumentException for a length below 0 */
    public RawTake {
        marks = List.copyOf(marks);
        lost = List.copyOf(lost);
        if (frames < 0) {
            throw new IllegalArgumentException(Faults.say("raw-take.out-of-range", frames));
        }
    }

    /** Its length in seconds. */
    public double lengthS() {
        return seconds(frames);
    }

    /** Frames that were lost of it. */
    public long lostFrames() {
        return lost.stream().mapToLong(LostStretch::frames).sum();
    }

    private double seconds(long count) {
        return (double) count / head.format().sampleRateHz();
    }

    /** The take as the production knows it: what was lost and where it was cut off are marks of it. */
    public Take take() {
        List<Mark> all = new ArrayList<>(marks);
        lost.forEach(l -> all.add(new Mark(seconds(l.atFrame()), seconds(l.frames()), MarkKind.LOST.id(), "")));
        if (cutOff) {
            all.add(new Mark(lengthS(), 0, MarkKind.CUT_OFF.id(), ""));
        }
        all.sort(Comparator.comparingDouble(Mark::atS));
        return new Take(
                head.file(),
                head.piece(),
                Optional.of(head.begun()),
                lengthS(),
                Optional.of(sha256),
                head.card(),
                all.subList(0, Math.min(all.size(), Take.MOST_MARKS)),
                Take.State.RAW);
    }

    /** What the log says of it. */
    public LogEntry.Recorded entry() {
        return new LogEntry.Recorded(
                head.name(), head.piece(), head.input(), head.simulated(), lengthS(), lostFrames(), cutOff, sha256);
    }
}
