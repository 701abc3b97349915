package app.redlamp.core.delivery.finish;

/**
 * Endless room tone from one pause: the pause over and over, each end faded into the next beginning with equal power
 * over 50 ms (a tenth of the pause where it is short).
 */
final class RoomTone {
    /** Repeated room tone runs into itself for so long (ours). */
    private static final double FADE_S = 0.050;

    private final float[][] samples;
    private final int fade;
    private final int period;

    RoomTone(float[][] samples, int sampleRateHz) {
        this.samples = samples;
        int length = samples.length == 0 ? 0 : samples[0].length;
        fade = (int) Math.min(length / 10, Math.round(FADE_S * sampleRateHz));
        period = length - fade;
    }

    float sample(int channel, long position) {
        if (period <= 0) {
            return 0;
        }
        float[] pause = samples[channel];
        int at = (int) (position % period);
        if (at >= fade || position < period) {
            return pause[at];
        }
        double angle = (double) at / fade * Math.PI / 2;
        return (float) (Math.sin(angle) * pause[at] + Math.cos(angle) * pause[period + at]);
    }
}
