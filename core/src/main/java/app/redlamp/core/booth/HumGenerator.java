package app.redlamp.core.booth;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.units.Decibels;

/** Harmonics of the mains up to the octave of 500 Hz, so strong that each octave has its level. */
final class HumGenerator {
    /** Upper edge of the octave of 500 Hz (ours). */
    static final double HIGHEST_HZ = 720;

    /** Hum is counted above, where the noise floor is measured (common practice, no source). */
    private static final double CORNER_HZ = 80;

    /** Samples of one period; straight lines between them are 97 dB under the highest harmonic (ours). */
    private static final int PERIOD = 8192;

    private final double[] period = new double[PERIOD + 1];
    private final double step;
    private double at;
    private final double highPassed;

    /** @param levels what each octave is to have, in dB */
    HumGenerator(double baseHz, OctaveLevels levels, int sampleRateHz) {
        int count = (int) (Math.min(HIGHEST_HZ, 0.45 * sampleRateHz) / baseHz);
        Biquad highPass = Biquad.highPass(CORNER_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz);
        double sum = 0;
        for (int h = 0; h < count; h++) {
            double hz = baseHz * (h + 1);
            double amplitude = Math.sqrt(2 * power(hz, baseHz, levels));
            // Harmonics begin at phases of their own, or they would add up to a spike.
            add(h + 1, amplitude, h * (double) h);
            double passed = amplitude * highPass.gainAt(hz, sampleRateHz);
            sum += passed * passed / 2;
        }
        period[PERIOD] = period[0];
        step = baseHz / sampleRateHz * PERIOD;
        highPassed = sum;
    }

    private void add(int harmonic, double amplitude, double phase) {
        for (int n = 0; n < PERIOD && amplitude > 0; n++) {
            period[n] += amplitude * Math.sin(phase + 2 * Math.PI * harmonic * n / PERIOD);
        }
    }

    private static double power(double hz, double baseHz, OctaveLevels levels) {
        int band = OctaveLevels.bandOf(hz);
        if (band == OctaveLevels.NO_BAND) {
            return 0;
        }
        int sharing = (int) Math.floor(OctaveLevels.highHz(band) / baseHz)
                - (int) Math.ceil(OctaveLevels.lowHz(band) / baseHz)
                + 1;
        return Decibels.toPower(levels.at(band)) / Math.max(1, sharing);
    }

    /** Power behind the high-pass of finishing. */
    double highPassed() {
        return highPassed;
    }

    /** Adds it, times a gain. */
    void add(float[] out, int count, double gain) {
        for (int n = 0; n < count; n++) {
            int before = (int) at;
            out[n] += (float) (gain * (period[before] + (at - before) * (period[before + 1] - period[before])));
            at += step;
            if (at >= PERIOD) {
                at -= PERIOD;
            }
        }
    }
}
