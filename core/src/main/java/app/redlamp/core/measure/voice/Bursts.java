package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.Bends;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds plosives and sibilants by the share of the lowest and of the highest frequencies in each 10 ms. Where the
 * thresholds lie is common practice, no source; how they are combined is ours.
 *
 * <ul>
 *   <li>plosive: for 30 ms to a quarter of a second what lies below 60 Hz is at least a third of all, stands 12 dB above
 *       its own middle, comes within 15 dB of the voice, and a word is near: what is low by itself is a thump
 *   <li>sibilant: for 30 ms and more the samples bend as those of a tone of 5 kHz do, or more: their second differences
 *       have (2 sin(π f / rate))⁴ of their mean square; harsh where it is as loud as the voice
 * </ul>
 */
final class Bursts {
    /** Times the power before: 12 dB (ours). */
    private static final double PLOSIVE_ABOVE = 16;

    /** Softer ones are not heard (ours). */
    private static final double PLOSIVE_BELOW_VOICE_DB = 15;

    /** A pop is mostly low: a third lies below 100 Hz (ours). */
    private static final double PLOSIVE_SHARE = 1 / 3.0;

    /** Frames: a voice that sets in or a lopsided stroke pushes for less (ours). */
    private static final int PLOSIVE_SHORTEST = 3;

    /** Frames: longer is rumble (ours). */
    private static final int PLOSIVE_LONGEST = 25;

    /** Frames between two (ours). */
    private static final int PLOSIVE_GAP = 10;

    /** Frames before and after it: the word that it belongs to (ours). */
    private static final int PLOSIVE_SPOKEN = 20;

    /** Around 1 kHz a word reaches so much of the mean of all: 10 dB below it (ours). */
    private static final double SPOKEN = Decibels.toPower(-10);

    /** Softer ones do not hurt (ours). */
    private static final double SIBILANT_BELOW_VOICE_DB = 20;

    /** Sharp S lies above (common practice, no source). */
    private static final double SIBILANT_HZ = 5000;

    /** Frames: shorter is a click (ours). */
    private static final int SIBILANT_SHORTEST = 3;

    private Bursts() {}

    /**
     * @param upDb by how much an automatic gain or a compressor is up where a word begins, which lifts what is low there too; 0 for
     *     none
     */
    static List<Event> plosives(VoiceFrames frames, double voiceDbfs, double upDb) {
        float[] all = frames.all();
        float[] low = frames.low();
        double spoken = SPOKEN * mean(frames.middle());
        double voice = Decibels.toPower(voiceDbfs);
        double middle = low.length == 0 ? 0 : Quantile.median(low);
        double limit = Math.max(middle * PLOSIVE_ABOVE, voice * Decibels.toPower(upDb - PLOSIVE_BELOW_VOICE_DB));
        List<Event> found = new ArrayList<>();
        for (int i = 0; i < low.length; i++) {
            if (low[i] < limit || low[i] < all[i] * PLOSIVE_SHARE) {
                continue;
            }
            int end = i;
            double most = 0;
            for (int k = i; k < low.length && k <= end + PLOSIVE_GAP; k++) {
                if (low[k] >= limit) {
                    end = k;
                    most = Math.max(most, low[k]);
                }
            }
            if (end - i >= PLOSIVE_SHORTEST - 1
                    && end - i < PLOSIVE_LONGEST
                    && isSpoken(frames.middle(), i - PLOSIVE_SPOKEN, end + PLOSIVE_SPOKEN, spoken)) {
                found.add(event(i, end + 1, Decibels.levelOfPower(most / voice)));
            }
            i = end + PLOSIVE_GAP;
        }
        return found;
    }

    /** Whether somebody speaks within frames, by what is around 1 kHz. */
    private static boolean isSpoken(float[] middle, int from, int to, double least) {
        for (int i = Math.max(0, from); i <= Math.min(middle.length - 1, to); i++) {
            if (middle[i] >= least) {
                return true;
            }
        }
        return false;
    }

    private static double mean(float[] values) {
        double sum = 0;
        for (float value : values) {
            sum += value;
        }
        return values.length == 0 ? 0 : sum / values.length;
    }

    /**
     * @param all mean square of each 10 ms
     * @param bends mean square of the second differences
     */
    static List<Event> sibilants(float[] all, float[] bends, double voiceDbfs, int sampleRateHz) {
        double hiss = hissRatio(sampleRateHz);
        double voice = Decibels.toPower(voiceDbfs);
        double limit = voice * Decibels.toPower(-SIBILANT_BELOW_VOICE_DB);
        List<Event> found = new ArrayList<>();
        int start = 0;
        double most = 0;
        for (int i = 0; i <= all.length; i++) {
            boolean hisses = i < all.length && all[i] > limit && bends[i] > hiss * all[i];
            if (hisses) {
                most = Math.max(most, all[i]);
                continue;
            }
            if (i - start >= SIBILANT_SHORTEST) {
                found.add(event(start, i, Decibels.levelOfPower(most / voice)));
            }
            start = i + 1;
            most = 0;
        }
        return found;
    }

    /** Mean square of the second differences of a tone where hissing begins, as a share of its own. */
    static double hissRatio(int sampleRateHz) {
        return Bends.ofTone(SIBILANT_HZ, sampleRateHz);
    }

    private static Event event(int from, int to, double amount) {
        return new Event(from / 100.0, to / 100.0, amount);
    }
}
