package app.redlamp.core.setting.monitor;

import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * Hears howl-round: a microphone that hears its own loudspeaker, at one frequency louder with every round. It is told from speech
 * by what is usual for finding acoustic feedback (T. van Waterschoot and M. Moonen, Fifty Years of Acoustic Feedback Control,
 * Proc. IEEE 99, 2011, section on howling detection, from memory): one line that stands over all the rest, has no harmonics, stays
 * where it is and grows.
 */
public final class HowlDetector {
    /** Two thousand samples: lines of 25 Hz (ours). */
    private static final double WINDOW_S = 0.0427;

    /** Nothing howls below (ours). */
    private static final double LOWEST_HZ = 80;

    /** Bins that a line fills (by definition). */
    private static final int NEAR = 2;

    /** A sixth of an octave to each side: high above the limit several rounds grow beside each other (ours). */
    private static final double SIXTH = Math.pow(2, 1 / 6.0);

    /** The line has so many times the power of all the rest (ours). */
    private static final double OVER_REST = 4;

    /** And its harmonics no more of it than so much, while nothing is cut off (ours). */
    private static final double HARMONICS = 0.01;

    /** From here on it is cut off and has harmonics (ours). */
    private static final double CUT = 0.98;

    /** A line has to stay and grow for so long (ours). */
    private static final double LASTS_S = 0.2;
    /** Grows in the first half of that and in the second: a tone that only begins does not (ours). */
    private static final double HALF_GROWS_DB = 1;

    /** Louder, it need not grow any more (ours). */
    private static final double LOUD_DBFS = -9;

    /** Softer, it is a tone of the room (ours). */
    private static final double SOFTEST_DBFS = -60;

    /** A howl that falls by more is none (ours). */
    private static final double WAVERS_DB = 0.5;

    /** Whatever it is, no voice stands so close to full scale (RMS) for so long: it has grown over everything already (ours). */
    private static final double FULL_DBFS = -6;

    /** Near full scale that is enough (ours). */
    private static final double FULL_LASTS_S = 0.08;

    private final int sampleRateHz;
    private final Frames frames;
    private final double[] before;
    private final int lowest;
    private final int lasting;
    private final int fullLasting;
    private float peak;
    private int line = -1;
    private int run;
    private int full;

    public HowlDetector(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        frames = new Frames(WINDOW_S, sampleRateHz);
        int size = frames.size();
        lowest = Math.max(NEAR + 1, (int) (LOWEST_HZ * size / sampleRateHz));
        lasting = (int) Math.ceil(LASTS_S * sampleRateHz / (size / 2.0));
        before = new double[lasting];
        fullLasting = (int) Math.ceil(FULL_LASTS_S * sampleRateHz / (size / 2.0));
    }

    /**
     * Takes the next samples.
     *
     * @return the frequency in Hz at which it howls; empty while it does not
     */
    public OptionalDouble accept(float[] samples, int count) {
        OptionalDouble howl = OptionalDouble.empty();
        for (int n = 0; n < count; n++) {
            float x = Float.isFinite(samples[n]) ? samples[n] : 0;
            peak = Math.max(peak, Math.abs(x));
            if (frames.add(x)) {
                if (look(frames.powers())) {
                    howl = OptionalDouble.of((double) line * sampleRateHz / frames.size());
                }
                peak = 0;
            }
        }
        return howl;
    }

    private boolean look(double[] powers) {
        int highest = lowest;
        double total = 0;
        for (int k = lowest; k < powers.length - NEAR; k++) {
            total += powers[k];
            highest = powers[k] > powers[highest] ? k : highest;
        }
        full = Decibels.levelOfPower(Math.max(1e-15, total)) > FULL_DBFS ? full + 1 : 0;
        if (full >= fullLasting) {
            line = highest;
            return true;
        }
        double own = around(powers, highest);
        double db = Decibels.levelOfPower(Math.max(1e-15, own));
        boolean alone = own > OVER_REST * Math.max(0, total - own);
        double harmonics = around(powers, 2 * highest) + around(powers, 3 * highest);
        boolean pure = peak >= CUT || harmonics < HARMONICS * own;
        if (!(alone && pure && db > SOFTEST_DBFS)) {
            run = 0;
            return false;
        }
        boolean goesOn = run > 0 && near(highest, line) && db >= before[(run - 1) % lasting] - WAVERS_DB;
        run = goesOn ? run + 1 : 1;
        line = highest;
        before[(run - 1) % lasting] = db;
        return run >= lasting && (db > LOUD_DBFS || grows(db));
    }

    private boolean grows(double db) {
        double first = before[run % lasting];
        double middle = before[(run + lasting / 2) % lasting];
        return middle - first >= HALF_GROWS_DB && db - middle >= HALF_GROWS_DB;
    }

    private static boolean near(int one, int other) {
        return Math.abs(one - other) <= 1 || (one < other * SIXTH && other < one * SIXTH);
    }

    private static double around(double[] powers, int bin) {
        double sum = 0;
        int from = Math.min(bin - NEAR, (int) (bin / SIXTH));
        int to = Math.max(bin + NEAR, (int) Math.ceil(bin * SIXTH));
        for (int k = Math.max(0, from); k <= to && k < powers.length; k++) {
            sum += powers[k];
        }
        return sum;
    }
}
