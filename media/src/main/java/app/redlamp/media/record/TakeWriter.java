package app.redlamp.media.record;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.TakeRecording.Trouble;
import app.redlamp.core.port.TakeRecording.Watcher;
import app.redlamp.core.taking.raw.DiskReserve;
import app.redlamp.core.taking.raw.LostStretch;
import app.redlamp.core.taking.raw.TakeHead;
import app.redlamp.core.taking.raw.TakeNames;
import app.redlamp.media.disk.Disk;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.locks.LockSupport;

/**
 * Writes what is in the ring, on a thread of its own: settled each second, tried again where the disk refuses, in the second place where
 * it goes on refusing, in a new part where the device came back. What it has not written stays in the ring.
 */
final class TakeWriter implements Runnable {
    /** A place is left, too, when the ring is as full as this. */
    private static final double FULL = 0.5;

    /** Longer stretches that are missing are not filled with silence: a new part begins after them. */
    private static final int LONGEST_FILL_S = 10;

    private static final int BLOCK = 1 << 13;

    private final SampleRing ring;
    private final Disk disk;
    private final TakeTiming timing;
    private final Clock clock;
    private final List<Places.Place> places;
    private final TakeHead head;
    private final TakeWarnings warnings;
    private final TakeMarks marks;
    private final List<TakePart> done = new ArrayList<>();
    private final float[] block;
    private final long bytesASecond;

    /**
     * How far it is.
     *
     * @param passed frames that were written or are missing, in all parts
     * @param silence frames of silence that are still to be written
     */
    private record State(long passed, long silence) {}

    private volatile boolean stopping;
    private volatile boolean over;
    private volatile boolean ended;
    private TakePart part;
    private int place;
    private int parts = 1;
    private State state = new State(0, 0);
    private State settled = state;
    /** Frames that had passed when the part began. */
    private long partFrom;

    private volatile long unwritten;
    /** The part ends as soon as the disk lets it. */
    private boolean ending;

    private long faultSince;
    private long leftAt = System.nanoTime();
    private long settledAt = System.nanoTime();
    private long lookedAt = settledAt;

    /** @param first the first part, begun in the first of the places */
    TakeWriter(
            SampleRing ring,
            Disk disk,
            TakeTiming timing,
            Clock clock,
            List<Places.Place> places,
            TakePart first,
            Watcher watcher) {
        this.ring = ring;
        this.timing = timing;
        this.disk = disk;
        this.clock = clock;
        this.places = places;
        warnings = new TakeWarnings(watcher);
        part = first;
        head = first.head();
        marks = new TakeMarks(head.format().sampleRateHz());
        block = new float[BLOCK * head.format().channels()];
        bytesASecond = head.format().bytesASecond();
    }

    /** Marks what is heard now. */
    void mark(String kind, String note) {
        marks.ask(ring.heard(), kind, note);
    }

    /** Writes what is held, and ends then; nothing more may come in. */
    void stop() {
        stopping = true;
    }

    /** Whether nothing more fits. */
    boolean over() {
        return over;
    }

    /** Whether it has ended, and {@link #done} can be asked. */
    boolean ended() {
        return ended;
    }

    /** Frames that no place took; once it has ended. */
    long unwritten() {
        return unwritten;
    }

    /** The parts, in their order; once it has ended. */
    List<TakePart> done() {
        return done;
    }

    @Override
    public void run() {
        while (!ended) {
            try {
                if (faultSince != 0 && part != null) {
                    settle();
                }
                boolean moved = step();
                if (!moved && stopping && ring.isEmpty() && state.silence() == 0) {
                    finish();
                    end();
                } else if (!moved) {
                    LockSupport.parkNanos(timing.idleNs());
                }
            } catch (IOException | RuntimeException e) {
                refused(e);
            }
        }
    }

    /** Does the next thing that there is to do; false where there is none. */
    private boolean step() throws IOException {
        long now = System.nanoTime();
        look(now);
        if (ending) {
            finish();
            return true;
        }
        if (ring.breaks()) {
            ring.pass();
            ending = true;
            return true;
        }
        if (state.silence() == 0 && ring.missing() > 0) {
            missing(ring.missing());
            return true;
        }
        boolean moved = false;
        if (state.silence() > 0 || ring.waiting() > 0) {
            open();
            moved = write();
        }
        if (part != null && now - settledAt >= timing.settleNs() && (part.unsettled() > 0 || marks.waiting())) {
            settle();
        }
        return moved;
    }

    private boolean write() throws IOException {
        int room = Math.min(part.room(), BLOCK);
        if (state.silence() > 0) {
            int count = (int) Math.min(state.silence(), room);
            part.putSilence(count);
            state = new State(state.passed() + count, state.silence() - count);
            return true;
        }
        int count = ring.take(block, room);
        part.put(block, count);
        state = new State(state.passed() + count, 0);
        return count > 0;
    }

    /** Frames are missing here: silence stands for them, or the next part begins after them. */
    private void missing(long frames) throws IOException {
        open();
        part.lost(new LostStretch(part.frames(), frames));
        ring.pass();
        if (frames > (long) LONGEST_FILL_S * head.format().sampleRateHz()) {
            state = new State(state.passed() + frames, 0);
            // Before its first sample there is nothing that could be drawn together.
            ending = part.frames() > 0;
        } else {
            state = new State(state.passed(), frames);
        }
        warnings.tell(Trouble.LOST, "", (double) frames);
    }

    /** All that was written is on the disk for good: the ring need not hold it any more. */
    private void settle() throws IOException {
        open();
        marks.note(part, partFrom, state.passed());
        part.settle();
        safe();
        settledAt = System.nanoTime();
        if (faultSince != 0) {
            faultSince = 0;
            warnings.tell(Trouble.STORE_BACK, "", 0);
        }
    }

    private void safe() {
        ring.release();
        settled = state;
        marks.settled();
    }

    private void end() {
        marks.late(done.stream().reduce((a, b) -> b), partFrom);
        ended = true;
    }

    /** Begins the next part where there is none. */
    private void open() throws IOException {
        if (part == null) {
            part = begin();
            partFrom = state.passed();
        }
    }

    private TakePart begin() throws IOException {
        LocalDateTime now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
        String name = TakeNames.part(head.name(), parts + 1);
        TakePart next = TakePart.begin(
                disk, places.get(place).folder(), head.called(name).begun(now));
        parts++;
        warnings.tell(Trouble.PART, name, 0);
        return next;
    }

    private void finish() throws IOException {
        if (part != null) {
            marks.note(part, partFrom, state.passed());
            part.finish();
            safe();
            done.add(part);
            part = null;
        }
        ending = false;
    }

    /** Sees from time to time how much still fits, and how much is held. */
    private void look(long now) throws IOException {
        warnings.held(heldS());
        if (now - lookedAt < timing.lookNs() || stopping) {
            return;
        }
        lookedAt = now;
        DiskReserve left = new DiskReserve(disk.free(places.get(place).folder()), bytesASecond);
        if (left.over() && !leave(place + 1)) {
            over = true;
            stopping = true;
            warnings.tell(Trouble.DISK_FULL, "", 0);
        } else {
            warnings.left(left);
        }
    }

    private double heldS() {
        return ring.held() / (double) head.format().sampleRateHz();
    }

    private void refused(Exception e) {
        long now = System.nanoTime();
        if (faultSince == 0) {
            faultSince = now;
            warnings.tell(Trouble.STORE_FAULT, Reason.of(e), heldS());
        }
        long since = now - faultSince;
        if (stopping && since > timing.endNs()) {
            giveUp();
            return;
        }
        boolean leaves = since > timing.placeNs() || ring.fullness() > FULL;
        if (!(leaves && leave(place + 1)) && since > timing.fileNs() && now - leftAt > timing.placeNs()) {
            leave(place);
        }
        LockSupport.parkNanos(timing.retryNs());
    }

    private void giveUp() {
        unwritten = ring.held();
        if (part != null) {
            part.leave();
            done.add(part);
            part = null;
        }
        end();
    }

    /** Goes on in a new part; what was not settled in the one before is written once more. False where that cannot be. */
    private boolean leave(int where) {
        if (where >= places.size()) {
            return false;
        }
        int before = place;
        place = where;
        try {
            TakePart next = begin();
            if (part != null) {
                part.leave();
                done.add(part);
            }
            part = next;
            leftAt = System.nanoTime();
            ring.rewind();
            ending = false;
            state = settled;
            partFrom = state.passed();
            marks.again(next, partFrom);
        } catch (IOException e) {
            place = before;
            return false;
        }
        if (where != before) {
            warnings.tell(Trouble.MOVED, part.file().getParent().toString(), 0);
        }
        return true;
    }
}
