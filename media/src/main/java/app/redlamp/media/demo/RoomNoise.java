package app.redlamp.media.demo;

import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * Simple simulated noise of a room and its leads, sample by sample, the same for the same seed: a fan (white noise behind
 * a first-order low-pass), hiss (white noise) and mains hum (50 Hz and five harmonics). Its level is known from the
 * formula, not measured: {@code y[n] = a x[n] + (1 − a) y[n−1]} leaves {@code a / (2 − a)} of the power of white noise,
 * and a sine has half the square of its amplitude.
 */
final class RoomNoise {
    private static final double FAN_HZ = 900;
    private static final double HISS_SHARE = 0.15;
    private static final int MAINS_HZ = 50;

    /** Amplitudes of 50, 100, 150, 200, 250 and 300 Hz, as a bad lead gives them. */
    private static final double[] HARMONICS = {0.5, 1, 0.8, 0.45, 0.3, 0.2};

    /** Standard deviation of an even spread over −1 to 1. */
    private static final double WHITE_RMS = 1 / Math.sqrt(3);

    private final double[] period;
    private final double smoothing;
    private final double fanGain;
    private final double hissGain;
    private final double humGain;
    private long state;
    private double fan;
    private int at;

    /**
     * @param sampleRateHz a multiple of 50
     * @param steadyDbfs RMS of fan and hiss together in dBFS
     * @param humDbfs RMS of the hum in dBFS; absent for none
     * @param seed any number but 0
     */
    RoomNoise(int sampleRateHz, double steadyDbfs, OptionalDouble humDbfs, long seed) {
        period = period(sampleRateHz);
        state = seed;
        smoothing = 1 - Math.exp(-2 * Math.PI * FAN_HZ / sampleRateHz);
        double steady = Decibels.toAmplitude(steadyDbfs) / WHITE_RMS;
        fanGain = steady * Math.sqrt(1 - HISS_SHARE) / Math.sqrt(smoothing / (2 - smoothing));
        hissGain = steady * Math.sqrt(HISS_SHARE);
        double squares = 0;
        for (double amplitude : HARMONICS) {
            squares += amplitude * amplitude / 2;
        }
        humGain = humDbfs.isPresent() ? Decibels.toAmplitude(humDbfs.getAsDouble()) / Math.sqrt(squares) : 0;
    }

    double next() {
        fan += smoothing * (white() - fan);
        double steady = fan * fanGain + white() * hissGain;
        return humGain > 0 ? steady + hum() * humGain : steady;
    }

    private double hum() {
        double now = period[at];
        at = at + 1 == period.length ? 0 : at + 1;
        return now;
    }

    /** One period, which is a whole number of samples at every rate that is used. */
    private static double[] period(int sampleRateHz) {
        double[] period = new double[sampleRateHz / MAINS_HZ];
        for (int n = 0; n < period.length; n++) {
            for (int h = 0; h < HARMONICS.length; h++) {
                period[n] += HARMONICS[h] * Math.sin(2 * Math.PI * (h + 1) * n / period.length + h);
            }
        }
        return period;
    }

    /** Evenly spread over −1 to 1 (xorshift64*, top 53 bits). */
    private double white() {
        state ^= state >>> 12;
        state ^= state << 25;
        state ^= state >>> 27;
        return ((state * 0x2545F4914F6CDD1DL) >>> 11) * 0x1p-52 - 1;
    }
}
