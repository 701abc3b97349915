package app.redlamp.core.measure.disturbance;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.units.Decibels;

/**
 * How a sound crackles above 1.2 kHz: keys click, paper crackles, breath does neither.
 *
 * @param kurtosis fourth moment of the samples against the level around them: 3 for noise, more for what crackles; 0 where too
 *     little of it stands out
 * @param crestDb its loudest 2 ms over its mean
 * @param clicks those of its 2 ms that stand out from the 15 ms around them
 * @param share of its 2 ms that come within 15 dB of the loudest
 */
record Crackle(double kurtosis, double crestDb, Pulses clicks, double share) {
    /** Above lies what crackles (ours). */
    private static final double HIGH_HZ = 1200;

    /** A click lasts about as long (ours). */
    private static final double STEP_S = 0.002;

    /** Steps before and after, over which the level around is taken: 40 ms (ours). */
    private static final int BEFORE = 10;

    /** The rest of the 40 ms (ours). */
    private static final int AFTER = 9;

    /** The share of steps that is quiet (ours). */
    private static final double QUIET = 0.1;

    /** What counts stands out so many times (ours). */
    private static final double STANDS_OUT = 3;

    /** Fewer samples have no moments (ours). */
    private static final int FEWEST = 200;

    /** Steps to each side in which a click is the loudest (ours). */
    private static final int NEAR = 4;

    /** A click over the median around it (ours). */
    private static final double CLICK = 6;

    /** Of the loudest click (ours). */
    private static final double LEAST_CLICK = 0.03;

    /** 15 dB below the loudest (ours). */
    private static final double LOUD = Decibels.toPower(-15);

    static Crackle of(float[] sound, int sampleRateHz) {
        double[] high = new BiquadFilter(Biquad.highPass(HIGH_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz)).all(sound);
        Course course = Course.of(high, STEP_S, sampleRateHz);
        double most = course.most();
        if (!(most > 0)) {
            return new Crackle(0, 0, Pulses.of(), 0);
        }
        return new Crackle(
                kurtosis(high, course),
                Decibels.levelOfPower(most / course.mean()),
                course.pulses(NEAR, CLICK, LEAST_CLICK),
                course.shareAbove(most * LOUD));
    }

    private static double kurtosis(double[] high, Course course) {
        Course around = course.smoothed(BEFORE, AFTER);
        double quiet = course.quantile(QUIET);
        int step = high.length / Math.max(1, course.steps());
        double sum = 0;
        int count = 0;
        for (int i = 0; i < course.steps(); i++) {
            double level = around.at(i);
            for (int n = i * step; level > STANDS_OUT * quiet && n < (i + 1) * step; n++) {
                double x = high[n] * high[n] / level;
                sum += x * x;
                count++;
            }
        }
        return count > FEWEST ? sum / count : 0;
    }
}
