package app.redlamp.core.measure.noise;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Finds runs of frames. */
final class Stretches {
    private Stretches() {}

    /** From {@code from} up to, not including, {@code to}. */
    record Span(int from, int to) {
        int length() {
            return to - from;
        }
    }

    /** The runs between two frames that belong together and last at least so many frames, in the order of time. */
    static List<Span> runs(IntPredicate belongs, int from, int to, int shortest) {
        List<Span> runs = new ArrayList<>();
        int start = from;
        for (int i = from; i <= to; i++) {
            if (i == to || !belongs.test(i)) {
                if (i - start >= shortest) {
                    runs.add(new Span(start, i));
                }
                start = i + 1;
            }
        }
        return runs;
    }
}
