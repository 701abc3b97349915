package app.redlamp.core.measure.disturbance;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.units.Decibels;

/**
 * How a sound strikes below 300 Hz: what is knocked on is there at once and dies away.
 *
 * @param riseDb by how much it rises within 30 ms to its loudest
 * @param fallDb by how much it has fallen 100 ms later
 * @param loudMs how long it is within 6 dB of its loudest, in all
 */
record Thump(double riseDb, double fallDb, double loudMs) {
    /** Above, nothing is carried by a desk (ours). */
    private static final double LOW_HZ = 300;

    /** Half a swing at 100 Hz (ours). */
    private static final double STEP_S = 0.005;

    /** Steps before the loudest from which it rises (ours). */
    private static final int FROM = 6;

    /** And up to which it rises (ours). */
    private static final int UP_TO = 2;

    /** Steps to where it has fallen (ours). */
    private static final int LATER = 20;

    /** 6 dB (by definition). */
    private static final double HALF = 0.25;

    /** Softer than −150 dBFS is nothing (ours). */
    private static final double NOTHING = 1e-15;

    static Thump of(float[] sound, int sampleRateHz) {
        double[] low = new BiquadFilter(Biquad.lowPass(LOW_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz)).all(sound);
        Course course = Course.of(low, STEP_S, sampleRateHz).smoothed(1, 1);
        if (!(course.most() > 0)) {
            return new Thump(0, 0, 0);
        }
        int top = course.loudest();
        double before = course.at(0);
        for (int i = Math.max(0, top - FROM); i < top - UP_TO; i++) {
            before = i == Math.max(0, top - FROM) ? course.at(i) : Math.min(before, course.at(i));
        }
        double after = course.at(Math.min(course.steps() - 1, top + LATER));
        return new Thump(
                over(course.at(top), before),
                over(course.at(top), after),
                1000 * course.stepS() * course.steps() * course.shareAbove(course.most() * HALF));
    }

    private static double over(double power, double other) {
        return Decibels.levelOfPower(power / Math.max(NOTHING, other));
    }
}
