package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.signal.Centred;
import app.redlamp.core.signal.Fourier;

/**
 * Compares the first two channels: their correlation in place over the whole recording, and in a few stretches at any
 * delay up to 50 ms. From what correlation two channels carry the same sound is ours.
 */
final class RelationMeter {
    /** Two channels that are one (coefficient of correlation) (ours). */
    private static final double SAME = 0.999;

    /** One voice in two microphones (ours). */
    private static final double SAME_DELAYED = 0.85;

    /** One channel is the other upside down (ours). */
    private static final double INVERTED = -0.9;

    /** Mean square of digital silence (ours). */
    private static final double NOTHING = 1e-12;

    /** Stretches in which a delay is looked for (ours). */
    private static final int MOST_STRETCHES = 3;

    /** Two microphones 17 m apart (ours). */
    private static final double LONGEST_DELAY_S = 0.05;

    private final int sampleRateHz;
    private double firstSquares;
    private double secondSquares;
    private double products;
    private double firstSum;
    private double secondSum;
    private long samples;
    private int stretches;
    private double bestDelay;
    private double bestCorrelation;

    RelationMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
    }

    void accept(float[][] block, int count) {
        float[] first = block[0];
        float[] second = block[1];
        double a = firstSquares;
        double b = secondSquares;
        double ab = products;
        double sumA = firstSum;
        double sumB = secondSum;
        for (int i = 0; i < count; i++) {
            a += (double) first[i] * first[i];
            b += (double) second[i] * second[i];
            ab += (double) first[i] * second[i];
            sumA += first[i];
            sumB += second[i];
        }
        firstSum = sumA;
        secondSum = sumB;
        samples += count;
        firstSquares = a;
        secondSquares = b;
        products = ab;
    }

    /** Looks for a delay in the middle of a stretch, where somebody speaks. */
    void delayIn(float[] first, float[] second, int count) {
        int length = Math.min(1 << 16, Integer.highestOneBit(Math.max(1, count)));
        if (stretches == MOST_STRETCHES || length < 4 * LONGEST_DELAY_S * sampleRateHz) {
            return;
        }
        int from = (count - length) / 2;
        float[] a = new float[2 * length];
        float[] b = new float[2 * length];
        Centred.copy(first, from, a, length);
        Centred.copy(second, from, b, length);
        double energy = Math.sqrt(squares(a) * squares(b));
        if (!(energy > 0)) {
            return;
        }
        stretches++;
        Fourier transform = new Fourier(2 * length);
        transform.forward(a);
        transform.forward(b);
        float[] product = new float[2 * length];
        product[0] = a[0] * b[0];
        product[1] = a[1] * b[1];
        for (int k = 2; k < product.length; k += 2) {
            product[k] = a[k] * b[k] + a[k + 1] * b[k + 1];
            product[k + 1] = a[k] * b[k + 1] - a[k + 1] * b[k];
        }
        transform.inverse(product);
        int longest = (int) (LONGEST_DELAY_S * sampleRateHz);
        for (int lag = -longest; lag <= longest; lag++) {
            double correlation = product[lag < 0 ? product.length + lag : lag] / energy;
            if (Math.abs(correlation) > Math.abs(bestCorrelation)) {
                bestCorrelation = correlation;
                bestDelay = lag;
            }
        }
    }

    /** @param levels of the two channels */
    ChannelRelation result(Levels levels) {
        // An offset is no sound: two channels that share nothing but that are not alike.
        double firstPower = Math.max(0, firstSquares - firstSum * firstSum / Math.max(1, samples));
        double secondPower = Math.max(0, secondSquares - secondSum * secondSum / Math.max(1, samples));
        double product = products - firstSum * secondSum / Math.max(1, samples);
        int louder = secondPower > firstPower ? 1 : 0;
        if (!(Math.max(firstPower, secondPower) > NOTHING * samples)) {
            return new ChannelRelation(ChannelRelation.Kind.IDENTICAL, 0, 1, 0);
        }
        if (levels.live().size() == 1) {
            return new ChannelRelation(
                    ChannelRelation.Kind.ONE_SILENT, 0, 0, levels.live().get(0));
        }
        double correlation = product / Math.sqrt(firstPower * secondPower);
        if (correlation >= SAME) {
            return new ChannelRelation(ChannelRelation.Kind.IDENTICAL, 0, correlation, louder);
        }
        if (correlation <= INVERTED) {
            return new ChannelRelation(ChannelRelation.Kind.INVERTED, 0, correlation, louder);
        }
        if (bestDelay != 0 && Math.abs(bestCorrelation) >= SAME_DELAYED && Math.abs(bestCorrelation) > correlation) {
            return new ChannelRelation(
                    ChannelRelation.Kind.DELAYED, 1000 * bestDelay / sampleRateHz, correlation, bestDelay > 0 ? 0 : 1);
        }
        return new ChannelRelation(ChannelRelation.Kind.STEREO, 0, correlation, louder);
    }

    private static double squares(float[] samples) {
        double sum = 0;
        for (float x : samples) {
            sum += x * x;
        }
        return sum;
    }
}
