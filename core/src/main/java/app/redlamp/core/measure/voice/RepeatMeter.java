package app.redlamp.core.measure.voice;

import java.util.ArrayList;
import java.util.List;

/**
 * Finds pieces of one channel that are played twice to the last bit: a buffer of {@value #SHORTEST} to {@value #LONGEST} samples
 * that a driver handed over again, once or several times. Sound never repeats itself exactly; a made tone does, for much longer
 * than its period. Whether somebody speaks there is decided afterwards.
 *
 * <p>How they are found is ours: one sample in eight, chosen by its own bits, is looked up among those before, and
 * where four in a row were heard before, the stretches are compared both ways.
 */
public final class RepeatMeter {
    /** The shortest buffer (common practice, no source). */
    static final int SHORTEST = 64;

    /** The longest buffer (common practice, no source). */
    static final int LONGEST = 4096;

    /** A buffer handed over more often than this is a tone (ours). */
    private static final int MOST_TIMES = 8;

    /** Samples that may agree by chance at both ends (ours). */
    private static final int CHANCE = 4;

    /** Bits of a sample that must be clear for it to be looked up: one in eight is (ours). */
    private static final int CLEAR_BITS = 3;

    /** Samples that are compared at once (ours). */
    private static final int KEY = 4;

    /** Places remembered: two to the power of so much (ours). */
    private static final int PLACES_BITS = 12;

    /** Samples kept, a power of two: those that a repeated buffer may lie behind (ours). */
    private static final int KEPT = 1 << 14;

    /** Spreads the bits of a sample: 2³² divided by the golden ratio (from memory). */
    private static final int SPREAD = 0x9E3779B9;

    /** More are no lost buffers (ours). */
    private static final int MOST = 20_000;

    private final int sampleRateHz;
    private final float[] kept = new float[KEPT];
    private final long[] places = new long[1 << PLACES_BITS];
    private final List<Repeat> repeats = new ArrayList<>();
    private long position;
    private int lag;
    private int length;
    private int changes;

    /**
     * A piece that was played again.
     *
     * @param startS where it begins again, in seconds
     * @param endS where what was played again ends
     */
    public record Repeat(double startS, double endS) {}

    public RepeatMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
    }

    /** Takes the next samples. */
    public void accept(float[] samples, int count) {
        for (int i = 0; i < count; i++) {
            float x = samples[i];
            kept[(int) position & (KEPT - 1)] = x;
            if (lag > 0) {
                goOn(x);
            } else {
                int bits = Float.floatToRawIntBits(x) * SPREAD;
                if (bits >>> (Integer.SIZE - CLEAR_BITS) == 0 && x != 0) {
                    lookUp();
                }
            }
            position++;
        }
    }

    private float at(long place) {
        return kept[(int) place & (KEPT - 1)];
    }

    /** The repeats that have ended so far, in the order of time. */
    public List<Repeat> repeats() {
        return List.copyOf(repeats);
    }

    private void goOn(float x) {
        if (x == at(position - lag)) {
            length++;
            changes += x == at(position - 1) ? 0 : 1;
            return;
        }
        int times = Math.round((float) length / lag);
        boolean whole = times >= 1 && times <= MOST_TIMES && Math.abs(length - times * lag) <= CHANCE;
        // What mostly stays as it is, is silence.
        if (whole && 2 * changes >= length && repeats.size() < MOST) {
            repeats.add(new Repeat((double) (position - length) / sampleRateHz, (double) position / sampleRateHz));
        }
        lag = 0;
    }

    private void lookUp() {
        int key = 0;
        for (int i = 0; i < KEY; i++) {
            key = key * 31 + Float.floatToRawIntBits(at(position - i));
        }
        int slot = (key * SPREAD) >>> (Integer.SIZE - PLACES_BITS);
        long before = places[slot];
        places[slot] = position;
        long apart = position - before;
        if (before >= KEY && apart >= SHORTEST && apart <= LONGEST) {
            compare((int) apart);
        }
    }

    /** Goes back as far as both stretches agree, and on from here where they may be a buffer. */
    private void compare(int apart) {
        int back = 0;
        int changed = 0;
        long most = Math.min(position - apart, (long) MOST_TIMES * apart);
        while (back < most && back < KEPT - apart - 1 && at(position - back) == at(position - back - apart)) {
            changed += at(position - back) == at(position - back - 1) ? 0 : 1;
            back++;
        }
        if (back >= KEY) {
            lag = apart;
            length = back;
            changes = changed;
        }
    }
}
