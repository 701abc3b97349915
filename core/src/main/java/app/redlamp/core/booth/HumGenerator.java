package app.redlamp.core.booth;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.units.Decibels;

/** Harmonics of the mains up to the octave of 500 Hz, so strong that each octave has its level. */
final class HumGenerator {
    /** Upper edge of the octave of 500 Hz (ours). */
    static final double HIGHEST_HZ = 720;

    /** Half an octave to each side (IEC 61260-1, from memory). */
    private static final double EDGE = Math.pow(10, 0.15);

    /** Hum is counted above, where the noise floor is measured (common practice, no source). */
    private static final double CORNER_HZ = 80;

    private final double[] re;
    private final double[] im;
    private final double[] turnRe;
    private final double[] turnIm;
    private final double[] amplitudes;
    private final double highPassed;

    /** @param levels what each octave is to have, in dB */
    HumGenerator(double baseHz, OctaveLevels levels, int sampleRateHz) {
        int count = (int) (Math.min(HIGHEST_HZ, 0.45 * sampleRateHz) / baseHz);
        re = new double[count];
        im = new double[count];
        turnRe = new double[count];
        turnIm = new double[count];
        amplitudes = new double[count];
        Biquad highPass = Biquad.highPass(CORNER_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz);
        double sum = 0;
        for (int h = 0; h < count; h++) {
            double hz = baseHz * (h + 1);
            double angle = 2 * Math.PI * hz / sampleRateHz;
            turnRe[h] = Math.cos(angle);
            turnIm[h] = Math.sin(angle);
            // Harmonics begin at phases of their own, or they would add up to a spike.
            re[h] = Math.cos(h * (double) h);
            im[h] = Math.sin(h * (double) h);
            amplitudes[h] = Math.sqrt(2 * power(hz, baseHz, levels));
            double passed = amplitudes[h] * highPass.gainAt(hz, sampleRateHz);
            sum += passed * passed / 2;
        }
        highPassed = sum;
    }

    private static double power(double hz, double baseHz, OctaveLevels levels) {
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            double centre = OctaveLevels.centreHz(b);
            if (hz >= centre / EDGE && hz < centre * EDGE) {
                int sharing = (int) Math.floor(centre * EDGE / baseHz) - (int) Math.ceil(centre / EDGE / baseHz) + 1;
                return Decibels.toPower(levels.at(b)) / Math.max(1, sharing);
            }
        }
        return 0;
    }

    /** Power behind the high-pass of finishing. */
    double highPassed() {
        return highPassed;
    }

    /** Adds it, times a gain. */
    void add(float[] out, int count, double gain) {
        for (int h = 0; h < re.length; h++) {
            double x = re[h];
            double y = im[h];
            double cos = turnRe[h];
            double sin = turnIm[h];
            double size = amplitudes[h] * gain;
            for (int n = 0; n < count; n++) {
                out[n] += (float) (size * y);
                double next = x * cos - y * sin;
                y = x * sin + y * cos;
                x = next;
            }
            // Rounding makes a circle a spiral; once a block it is put right.
            double radius = Math.hypot(x, y);
            re[h] = x / radius;
            im[h] = y / radius;
        }
    }
}
