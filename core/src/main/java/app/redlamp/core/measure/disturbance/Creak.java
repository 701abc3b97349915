package app.redlamp.core.measure.disturbance;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;

/**
 * How a sound creaks from 200 Hz to 2 kHz: wood and springs that stick and slip, some fifteen to eighty times a second and never
 * evenly, where a voice strikes more often.
 */
final class Creak {
    /** What rings lies above (ours). */
    private static final double LOW_HZ = 200;

    /** And below (ours). */
    private static final double HIGH_HZ = 2000;

    /** A stroke lasts about as long (ours). */
    private static final double STEP_S = 0.002;

    /** Steps to each side in which a stroke is the loudest (ours). */
    private static final int NEAR = 2;

    /** A stroke over the median around it (ours). */
    private static final double STROKE = 3;

    /** Of the loudest (ours). */
    private static final double LEAST_STROKE = 0.05;

    private Creak() {}

    /** The strokes of a sound. */
    static Pulses of(float[] sound, int sampleRateHz) {
        BiquadFilter high = new BiquadFilter(Biquad.highPass(LOW_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        BiquadFilter low = new BiquadFilter(Biquad.lowPass(HIGH_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        return Course.of(low.all(high.all(sound)), STEP_S, sampleRateHz).pulses(NEAR, STROKE, LEAST_STROKE);
    }
}
