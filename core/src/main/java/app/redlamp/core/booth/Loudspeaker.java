package app.redlamp.core.booth;

import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.units.Decibels;

/**
 * Something that gives sound in the simulated booth while somebody monitors: a small loudspeaker on the desk, or headphones that
 * let out a little. What is played is heard by the microphones, after the time that device and air take. One thread may play
 * while another reads the booth.
 */
public final class Loudspeaker {
    /** At 1 m, at full scale: a small loudspeaker of a computer (common practice, no source). */
    private static final double FULL_SCALE_SPL_DB = 96;

    /** Headphones with closed cups let out so much less (common practice, no source). */
    private static final double CLOSED_DB = -45;

    /** From a loudspeaker on the desk to the microphone (common practice, no source). */
    private static final double DISTANCE_M = 0.8;

    /** Seen from the microphone it stands 60° off the front (ours). */
    private static final double COSINE = Math.cos(Math.toRadians(60));

    /** Below, a loudspeaker on a desk gives next to nothing (common practice, no source). */
    private static final double LOWEST_HZ = 200;

    /** Above, it beams past the microphone (common practice, no source). */
    private static final double HIGHEST_HZ = 5000;

    /** A cheap loudspeaker is a little louder just below its end (ours). */
    private static final double RESONANCE = 1.6;

    /** A delay that is longer is refused (ours). */
    private static final int MOST_S = 1;

    private final float[] ring;
    private final int lead;
    private final int sampleRateHz;
    private final double pascal;
    private final BiquadFilter low;
    private final BiquadFilter high;
    private long written;
    private long read;

    private Loudspeaker(int sampleRateHz, double db) {
        this.sampleRateHz = sampleRateHz;
        // The booth is made a block ahead, and played in blocks of 10 ms.
        lead = BoothStream.BLOCK + sampleRateHz / 100 + (int) (DISTANCE_M / Air.USUAL.speedMps() * sampleRateHz);
        ring = new float[MOST_S * sampleRateHz];
        pascal = Decibels.toAmplitude(db - Decibels.levelOfAmplitude(DISTANCE_M) - Volts.PASCAL_DB) * Math.sqrt(2);
        low = new BiquadFilter(Biquad.highPass(LOWEST_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        high = new BiquadFilter(Biquad.lowPass(Math.min(HIGHEST_HZ, 0.4 * sampleRateHz), RESONANCE, sampleRateHz));
    }

    /** A loudspeaker on the desk. */
    public static Loudspeaker onTheDesk(int sampleRateHz) {
        return new Loudspeaker(sampleRateHz, FULL_SCALE_SPL_DB);
    }

    /** Closed headphones on a head. */
    public static Loudspeaker headphones(int sampleRateHz) {
        return new Loudspeaker(sampleRateHz, FULL_SCALE_SPL_DB + CLOSED_DB);
    }

    /** From what is played to a microphone, at the least, in seconds. */
    public double delayS() {
        return (double) lead / sampleRateHz;
    }

    /** Plays samples, full scale ±1. */
    public synchronized void play(float[] samples, int count) {
        if (written < read) {
            written = read + lead;
        }
        for (int n = 0; n < count && written - read < ring.length; n++) {
            ring[(int) (written % ring.length)] = (float) low.next(high.next(samples[n]));
            written++;
        }
    }

    /** Adds what a microphone of a pattern hears, in pascals; the time goes on with the last of them. */
    synchronized void add(Pattern pattern, float[] capsule) {
        double gain = pascal * pattern.gain(COSINE);
        for (int n = 0; n < capsule.length && read + n < written; n++) {
            capsule[n] += (float) (gain * ring[(int) ((read + n) % ring.length)]);
        }
    }

    /** So many samples are over. */
    synchronized void pass(int count) {
        for (int n = 0; n < count; n++) {
            ring[(int) ((read + n) % ring.length)] = 0;
        }
        read += count;
    }
}
