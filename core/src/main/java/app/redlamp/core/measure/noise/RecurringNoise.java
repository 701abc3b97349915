package app.redlamp.core.measure.noise;

import app.redlamp.core.measure.noise.Stretches.Span;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;

/**
 * Tells a noise that comes for a second or three and goes again, by its coming back as it was: no sound of a voice is at the
 * same level with the same treble time and again, and is there under the words beside it too.
 *
 * <p>How it is told is ours: at least five steady stretches within two minutes to each side of one, of 3 s in all, whose
 * levels and trebles lie within 1.5 dB of its own; and for half of them the level stays up for a second more, before and after
 * taken together, which it does not beside breaths.
 */
final class RecurringNoise {
    /** Frames to each side in which it comes back (ours). */
    private static final int REACH = 12_000;

    /** So many times, itself counted (ours). */
    private static final int LEAST_TIMES = 5;

    /** Frames that they last together (ours). */
    private static final int LEAST_FRAMES = 300;

    /** So far its level and its treble are from each other's at most (ours). */
    private static final double ALIKE = Decibels.toPower(1.5);

    /** Frames for which it stays under the words beside it (ours). */
    private static final int BESIDE = 100;

    /**
     * A steady stretch.
     *
     * @param level its mean square
     * @param treble mean square of the second differences of its samples
     * @param beside frames before it and after it in which the level stays up
     */
    record Heard(Span span, double level, double treble, int beside) {
        private boolean isLike(Heard other) {
            return alike(level, other.level) && alike(treble, other.treble);
        }

        private static boolean alike(double one, double other) {
            return one < other * ALIKE && other < one * ALIKE;
        }
    }

    private RecurringNoise() {}

    /** Those of steady stretches, given in the order of time, that are a noise which comes back. */
    static List<Heard> of(List<Heard> all) {
        List<Heard> found = new ArrayList<>();
        int first = 0;
        int last = 0;
        for (Heard one : all) {
            while (all.get(first).span().to() < one.span().from() - REACH) {
                first++;
            }
            while (last < all.size() && all.get(last).span().from() < one.span().to() + REACH) {
                last++;
            }
            if (recurs(one, all.subList(first, last))) {
                found.add(one);
            }
        }
        return found;
    }

    private static boolean recurs(Heard one, List<Heard> around) {
        List<Heard> alike = around.stream().filter(one::isLike).toList();
        int frames = alike.stream().mapToInt(h -> h.span().length()).sum();
        int[] beside = alike.stream().mapToInt(Heard::beside).sorted().toArray();
        return alike.size() >= LEAST_TIMES && frames >= LEAST_FRAMES && beside[beside.length / 2] >= BESIDE;
    }
}
