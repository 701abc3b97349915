package app.redlamp.core.setting.monitor;

import app.redlamp.core.units.Decibels;

/**
 * What is sent to the headphones: all channels in one, as loud as it was turned. Always begins low, and turns without a click.
 * May be turned on one thread and used on another.
 */
public final class MonitorMix {
    /** Where it begins: a voice set to peaks of −9 dBFS is soft then (common practice: start low, then turn up). */
    public static final double START_DB = -30;

    /** Softer is off (ours). */
    public static final double LOWEST_DB = -60;

    /** Nothing is made louder than it came: ears (ours). */
    public static final double HIGHEST_DB = 0;

    /** A turn is not heard as a click (ours). */
    private static final double RAMP_S = 0.02;

    private final double follow;
    private volatile double wanted = amplitude(START_DB);
    private double now;

    public MonitorMix(int sampleRateHz) {
        follow = 1 - Math.exp(-1 / (RAMP_S * sampleRateHz));
    }

    /** Turns it to a gain in dB; out of −60 to 0 the nearest of them. */
    public void turn(double gainDb) {
        wanted = amplitude(Math.max(LOWEST_DB, Math.min(HIGHEST_DB, gainDb)));
    }

    /** Silence from the next sample on. */
    public void mute() {
        wanted = 0;
    }

    /**
     * Mixes a block. What is no number counts as silence, what is over full scale is cut.
     *
     * @param heard takes {@code frames} samples: all channels in one, before it is turned
     * @param out takes as many that are turned
     */
    public void mix(float[][] block, int frames, float[] heard, float[] out) {
        double gain = wanted;
        now = gain == 0 ? 0 : now;
        for (int n = 0; n < frames; n++) {
            now += follow * (gain - now);
            double sum = 0;
            for (float[] channel : block) {
                sum += Float.isFinite(channel[n]) ? channel[n] : 0;
            }
            heard[n] = (float) (sum / block.length);
            out[n] = (float) Math.max(-1, Math.min(1, now * heard[n]));
        }
    }

    private static double amplitude(double db) {
        return Decibels.toAmplitude(db);
    }
}
