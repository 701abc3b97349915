package app.redlamp.core.acoustics.decay;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.OctaveFilter;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/** Measures a room from a recording of a clap or a balloon. */
public final class ClapMeter {
    /** Longest recording that is taken: it is held in memory (ours). */
    public static final double LONGEST_S = 120;

    /** Frames read at a time (ours). */
    private static final int BLOCK = 8192;

    /** No room at home rings for longer (common practice, no source). */
    private static final double LONGEST_FALL_S = 6;

    private ClapMeter() {}

    /**
     * Reads and measures; the caller closes the source.
     *
     * @throws ClapFault where it tells nothing of a room
     * @throws IOException where it cannot be read
     */
    public static Clap of(AudioSource source) throws IOException {
        return of(loudestChannel(source), source.sampleRateHz());
    }

    /**
     * Measures one channel.
     *
     * @throws ClapFault where it tells nothing of a room
     */
    public static Clap of(float[] samples, int sampleRateHz) throws ClapFault {
        Burst burst = BurstFinder.find(samples, sampleRateHz);
        int end = (int) Math.min(burst.end(), burst.start() + LONGEST_FALL_S * sampleRateHz);
        float[] fall = Arrays.copyOfRange(samples, burst.start(), end);
        List<BandDecay> bands = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            bands.add(band(fall, sampleRateHz, b, burst.clipped()));
        }
        return new Clap(burst, bands, Flutter.find(fall, sampleRateHz), EarlyEcho.find(fall, sampleRateHz));
    }

    private static BandDecay band(float[] fall, int sampleRateHz, int band, boolean clipped) {
        double centre = OctaveBands.octaveHz(band - 3.0);
        if (centre * OctaveBands.HALF_OCTAVE >= sampleRateHz / 2.0) {
            OptionalDouble none = OptionalDouble.empty();
            BandDecay.Trust no = BandDecay.Trust.NONE;
            return new BandDecay(none, none, none, 0, 0, false, no, no, no);
        }
        float[] filtered = new OctaveFilter(centre, sampleRateHz).filterBackwards(fall);
        return DecayCurve.measure(
                filtered, sampleRateHz, centre * (OctaveBands.HALF_OCTAVE - 1 / OctaveBands.HALF_OCTAVE), clipped);
    }

    private static float[] loudestChannel(AudioSource source) throws IOException {
        int most = (int) (LONGEST_S * source.sampleRateHz());
        float[][] all = new float[source.channels()][Math.min(most, 1 << 20)];
        float[][] block = new float[source.channels()][BLOCK];
        float[] peaks = new float[source.channels()];
        int length = 0;
        for (int n = source.read(block, BLOCK); n > 0; n = source.read(block, BLOCK)) {
            if (length + n > most) {
                throw ClapFault.tooLong(LONGEST_S);
            }
            for (int c = 0; c < all.length; c++) {
                if (length + n > all[c].length) {
                    all[c] = Arrays.copyOf(all[c], Math.min(most, 2 * all[c].length));
                }
                for (int i = 0; i < n; i++) {
                    float x = Float.isFinite(block[c][i]) ? block[c][i] : 0;
                    all[c][length + i] = x;
                    peaks[c] = Math.max(peaks[c], Math.abs(x));
                }
            }
            length += n;
        }
        int loudest = 0;
        for (int c = 1; c < peaks.length; c++) {
            loudest = peaks[c] > peaks[loudest] ? c : loudest;
        }
        return Arrays.copyOf(all[loudest], length);
    }
}
