package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;

/**
 * A chapter as it is heard: which stretches of which takes, one after the other. The takes stay whole; what is left out can be
 * brought back. Length and places are those of the passages: an overlap takes from both sides what lies beyond them.
 *
 * @param piece title of the chapter or cue
 * @param passages in the order in which they are heard; none where nothing was recorded
 * @param takes files of all takes that were looked at, used or not; others are newer
 */
public record Assembly(String piece, List<Passage> passages, List<String> takes) {
    /** More passages in a chapter nobody joins (ours). */
    public static final int MOST = 20_000;

    /** @throws IllegalArgumentException where the first fades in, an overlap is longer than its passage, or there are too many */
    public Assembly {
        passages = List.copyOf(passages);
        takes = List.copyOf(takes);
        if (passages.size() > MOST) {
            throw new IllegalArgumentException(Faults.say("assembly.too-many", piece, passages.size(), MOST));
        }
        for (int i = 0; i < passages.size(); i++) {
            Passage one = passages.get(i);
            int next = i + 1 < passages.size() ? passages.get(i + 1).fadeBefore() : 0;
            if ((i == 0 && one.fade() > 0)
                    || one.fadeAfter() + (long) next > one.frames()
                    || one.fadeBefore() > one.from()) {
                throw new IllegalArgumentException(Faults.say("assembly.overlap-does-not", piece, i + 1, one.fade()));
            }
        }
    }

    /** Nothing yet. */
    public static Assembly empty(String piece) {
        return new Assembly(piece, List.of(), List.of());
    }

    /** Frames of the whole. */
    public long frames() {
        return passages.stream().mapToLong(Passage::frames).sum();
    }

    /** How many joins: the first is number 1, between the first two passages. */
    public int joins() {
        return Math.max(0, passages.size() - 1);
    }

    /** Frame of the chapter at which a passage begins. */
    public long startOf(int passage) {
        return passages.subList(0, passage).stream().mapToLong(Passage::frames).sum();
    }

    /** Number of the passage that is heard at a frame of the chapter; the last one at its end. */
    public int passageAt(long frame) {
        long start = 0;
        for (int i = 0; i < passages.size(); i++) {
            start += passages.get(i).frames();
            if (frame < start) {
                return i;
            }
        }
        return passages.size() - 1;
    }

    /** The same with other passages. */
    public Assembly with(List<Passage> others) {
        return new Assembly(piece, others, takes);
    }

    /** The same, having looked at more takes. */
    public Assembly knowing(List<String> more) {
        List<String> all = new ArrayList<>(takes);
        more.stream().filter(m -> !all.contains(m)).forEach(all::add);
        return new Assembly(piece, passages, all);
    }

    /**
     * Whether a join can be undone: it lies within one take, and what was left out comes back.
     *
     * @param join from 1 to {@link #joins}
     */
    public boolean canUndo(int join) {
        Passage before = passages.get(join - 1);
        Passage after = passages.get(join);
        return before.file().equals(after.file()) && after.from() >= before.to();
    }

    /**
     * With what was left out at a join.
     *
     * @throws IllegalArgumentException where {@link #canUndo} is false
     */
    public Assembly undone(int join) {
        if (!canUndo(join)) {
            throw new IllegalArgumentException(Faults.say("assembly.no-undo", join));
        }
        List<Passage> all = new ArrayList<>(passages);
        Passage after = all.remove(join);
        all.set(join - 1, all.get(join - 1).endingAt(after.to()));
        return with(all);
    }

    /**
     * With a join at another place: later by so many frames in both takes, earlier for fewer than 0.
     *
     * @throws IllegalArgumentException where a passage would be too short for it
     */
    public Assembly moved(int join, long frames) {
        List<Passage> all = new ArrayList<>(passages);
        Passage before = all.get(join - 1);
        Passage after = all.get(join);
        all.set(join - 1, before.endingAt(before.to() + frames));
        all.set(join, after.startingAt(after.from() + frames));
        return with(all);
    }

    /**
     * Only up to a frame: what comes later is read anew.
     *
     * @param frame of the chapter
     */
    public Assembly upTo(long frame) {
        List<Passage> all = new ArrayList<>();
        long start = 0;
        for (Passage one : passages) {
            if (start + one.fadeAfter() >= frame) {
                break;
            }
            all.add(start + one.frames() <= frame ? one : one.endingAt(one.from() + frame - start));
            start += one.frames();
        }
        return with(all);
    }
}
