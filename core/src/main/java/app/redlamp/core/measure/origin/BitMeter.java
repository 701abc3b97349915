package app.redlamp.core.measure.origin;

import java.util.OptionalInt;

/**
 * Counts the bits of each sample that are ever used: a recording of 16 bits in a file of 24 leaves the lowest eight at zero. Decided by the
 * samples themselves, each of them, whatever the file says.
 */
public final class BitMeter {
    /** As many as a single-precision number holds (IEEE 754). */
    public static final int MOST_BITS = 24;

    /** Whole numbers of that many bits, by definition. */
    private static final float SCALE = 1 << (MOST_BITS - 1);

    private int used;

    /** Takes samples of any channel. */
    public void accept(float[] samples, int count) {
        if ((used & 1) != 0) {
            return;
        }
        int all = 0;
        for (int i = 0; i < count; i++) {
            float scaled = samples[i] * SCALE;
            int whole = (int) scaled;
            all |= whole | (whole == scaled ? 0 : 1);
        }
        used |= all;
    }

    /** Bits from the highest to the lowest that is used; absent for silence. */
    public OptionalInt bits() {
        return used == 0
                ? OptionalInt.empty()
                : OptionalInt.of(Math.max(1, MOST_BITS - Integer.numberOfTrailingZeros(used)));
    }
}
