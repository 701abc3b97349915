package app.redlamp.core.booth;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.loudness.ActiveSpeechMeter;
import app.redlamp.core.units.Decibels;

/** Speech by the millisecond: enough to know its level and its peaks, and what becomes of them where syllables are turned up or down. */
final class Syllables {
    /** The envelope is looked at so often (ours). */
    private static final double TICKS_A_SECOND = 1000;

    /** While the active level is measured, peaks stay so far under full scale (ours). */
    private static final double HEADROOM_DB = 3;

    /** A level is a mean of so long (ours). */
    private static final double SYLLABLE_S = 0.04;

    /** Below this share of the peak there is no syllable (ours). */
    private static final double QUIETEST = 0.03;

    /** Evened out more, pauses would fill with what is softest; the rest is for whoever bends the peaks (ours). */
    private static final double MOST_EVENED = 0.1;

    /** Made more uneven, single syllables would stand alone (ours). */
    private static final double MOST_UNEVEN = 1;

    /** Halvings leave a ten-thousandth (ours). */
    private static final int BISECTIONS = 14;

    private final int group;
    private final float[] peaks;
    private final float[] magnitudes;
    private final float[] squares;
    private final float[] envelope;

    private Syllables(int group, int count) {
        this.group = group;
        peaks = new float[count];
        magnitudes = new float[count];
        squares = new float[count];
        envelope = new float[count];
    }

    static Syllables of(float[] speech, int sampleRateHz) {
        int group = sampleRateHz / 1000;
        Syllables all = new Syllables(group, speech.length / group);
        for (int g = 0; g < all.peaks.length; g++) {
            float peak = 0;
            float magnitude = 0;
            float square = 0;
            for (int n = g * group; n < (g + 1) * group; n++) {
                float size = Math.abs(speech[n]);
                peak = Math.max(peak, size);
                magnitude += size;
                square += size * size;
            }
            all.peaks[g] = peak;
            all.magnitudes[g] = magnitude / group;
            all.squares[g] = square / group;
        }
        all.listen();
        return all;
    }

    /** RMS of about a syllable around each millisecond. */
    private void listen() {
        int half = (int) (SYLLABLE_S / 2 * TICKS_A_SECOND);
        double[] sums = new double[squares.length + 1];
        for (int g = 0; g < squares.length; g++) {
            sums[g + 1] = sums[g] + squares[g];
        }
        for (int g = 0; g < squares.length; g++) {
            int from = Math.max(0, g - half);
            int to = Math.min(squares.length, g + half);
            envelope[g] = (float) Math.sqrt(Math.max(0, sums[to] - sums[from]) / (to - from));
        }
    }

    int count() {
        return envelope.length;
    }

    /** RMS around a millisecond. */
    float envelope(int millisecond) {
        return envelope[Math.min(envelope.length - 1, millisecond)];
    }

    double peakDb() {
        return peakDb(0);
    }

    /** Active level (ITU-T P.56) in dB against 1. */
    double levelDb() {
        return levelDb(0);
    }

    /** Louder syllables louder still, or softer, by a power of their level: the one that puts peaks so far above the level. */
    double unevenFor(double crestDb) {
        double low = -MOST_EVENED;
        double high = MOST_UNEVEN;
        for (int i = 0; i < BISECTIONS; i++) {
            double uneven = (low + high) / 2;
            if (peakDb(uneven) - levelDb(uneven) < crestDb) {
                low = uneven;
            } else {
                high = uneven;
            }
        }
        return (low + high) / 2;
    }

    /** The gain of each sample for that. */
    float[] applied(float[] speech, double uneven) {
        float[] gains = new float[count() + 1];
        for (int g = 0; g < gains.length; g++) {
            gains[g] = (float) gain(Math.min(g, count() - 1), uneven);
        }
        float[] out = new float[speech.length];
        for (int n = 0; n < out.length; n++) {
            int g = Math.min(count() - 1, n / group);
            float share = (n % group) / (float) group;
            out[n] = speech[n] * (gains[g] + share * (gains[g + 1] - gains[g]));
        }
        return out;
    }

    private double gain(int g, double uneven) {
        return uneven == 0 ? 1 : Math.pow(Math.max(QUIETEST, envelope[g]), uneven);
    }

    private double peakDb(double uneven) {
        double most = 1e-9;
        for (int g = 0; g < peaks.length; g++) {
            most = Math.max(most, peaks[g] * gain(g, uneven));
        }
        return Decibels.levelOfAmplitude(most);
    }

    private double levelDb(double uneven) {
        double down = Decibels.toAmplitude(-(peakDb(uneven) + HEADROOM_DB));
        ActiveSpeechMeter meter = new ActiveSpeechMeter(TICKS_A_SECOND);
        double sum = 0;
        for (int g = 0; g < peaks.length; g++) {
            double gain = gain(g, uneven) * down;
            meter.next(magnitudes[g] * gain);
            sum += squares[g] * gain * gain;
        }
        double level = meter.result(sum, peaks.length)
                .levelDbov()
                .orElseThrow(() -> new IllegalArgumentException(Faults.say("syllables.speech-that-is")));
        return level - Decibels.levelOfAmplitude(down);
    }
}
