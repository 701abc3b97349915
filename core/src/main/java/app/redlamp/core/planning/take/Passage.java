package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;

/**
 * A stretch of a take that is heard in its chapter.
 *
 * @param file the take's place in the production's folder, or that of a room tone
 * @param from frame of the file with which it begins, 0 or more
 * @param to frame of the file before which it ends, beyond {@code from}
 * @param entry how it comes to follow the passage before it
 * @param fade frames over which that one goes over to this one, half of them before {@code from} and half after it; 0 for none
 */
public record Passage(String file, long from, long to, JoinKind entry, int fade) {

    /** @throws IllegalArgumentException for a file that does not lie in the folder, or places out of order */
    public Passage {
        Take.checkInside(file);
        if (!(from >= 0 && to > from && fade >= 0)) {
            throw new IllegalArgumentException(Faults.say("passage.out-of-order", file, from, to, fade));
        }
    }

    /** The first of a chapter. */
    public static Passage first(String file, long from, long to) {
        return new Passage(file, from, to, JoinKind.START, 0);
    }

    /** How many frames are heard. */
    public long frames() {
        return to - from;
    }

    /** Frames before its beginning at which it begins to be heard. */
    public int fadeBefore() {
        return fade / 2;
    }

    /** Frames after its beginning at which nothing else is heard any more. */
    public int fadeAfter() {
        return fade - fadeBefore();
    }

    /** The same from another frame on. */
    public Passage startingAt(long frame) {
        return new Passage(file, frame, to, entry, fade);
    }

    /** The same up to another frame. */
    public Passage endingAt(long frame) {
        return new Passage(file, from, frame, entry, fade);
    }

    /** The same, reached in another way. */
    public Passage entered(JoinKind how, int over) {
        return new Passage(file, from, to, how, over);
    }
}
