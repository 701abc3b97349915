package app.redlamp.core.measure.analysis;

/**
 * Takes the offset off the samples of one channel, so that it counts in no level, no floor and no rumble, and measures it.
 *
 * <p>What is taken off is the offset of the pauses: the mean of each frame counts by how quiet the frame is. A filter would
 * ring after every word whose waveform is not the same above and below, which is no offset. How this is done is ours.
 */
final class OffsetTracker {
    /** What was heard counts by so much less with every frame: a second to follow (ours). */
    private static final double KEEP = 0.99;

    /** The least variance is forgotten by so much a frame, so that a louder room counts as quiet after some seconds (ours). */
    private static final double FORGET = 1.002;

    /** Keeps the least variance from nothing (ours). */
    private static final double NOTHING = 1e-30;

    private float[] centred = new float[0];
    private boolean begun;
    private float pauses;
    private double least;
    private double weights;
    private double sum;
    private long samples;
    private double frameSum;
    private double frameSquares;
    private int frameSamples;

    /** The samples {@code from} up to {@code to} without the offset, beginning at 0; good until the next call. */
    float[] take(float[] block, int from, int to) {
        if (centred.length < to - from) {
            centred = new float[to - from];
        }
        if (!begun) {
            begun = true;
            pauses = mean(block, from, to);
        }
        float offset = pauses;
        double total = 0;
        double squares = 0;
        for (int i = from; i < to; i++) {
            float x = block[i] - offset;
            centred[i - from] = x;
            total += x;
            squares += x * x;
        }
        frameSum += total;
        frameSquares += squares;
        frameSamples += to - from;
        return centred;
    }

    /** Ends the frame: by how much its samples vary around their own mean, as a mean square. */
    double closeFrame() {
        double mean = frameSum / frameSamples;
        double variance = Math.max(0, frameSquares / frameSamples - mean * mean);
        sum += frameSum + (double) pauses * frameSamples;
        samples += frameSamples;
        least = Math.max(NOTHING, samples == frameSamples ? variance : Math.min(least * FORGET, variance));
        double weight = least / Math.max(NOTHING, variance);
        weights = KEEP * weights + weight;
        pauses += (float) (weight / weights * mean);
        frameSum = 0;
        frameSquares = 0;
        frameSamples = 0;
        return variance;
    }

    /** Mean of all samples as a share of full scale; 0 where there are none. */
    double offset() {
        long count = samples + frameSamples;
        return count == 0 ? 0 : (sum + frameSum + (double) pauses * frameSamples) / count;
    }

    private static float mean(float[] block, int from, int to) {
        float total = 0;
        for (int i = from; i < to; i++) {
            total += block[i];
        }
        return total / (to - from);
    }
}
