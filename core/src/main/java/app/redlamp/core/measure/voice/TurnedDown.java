package app.redlamp.core.measure.voice;

import app.redlamp.core.measure.noise.FrameLevels;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * By how much the gain is turned down while somebody speaks. The noise of the room and of the preamp is there under the words as well: in
 * the gaps of P, T and K, and between two syllables, a recording never falls below the noise of the pauses beside it. Where it does, a
 * compressor turned the noise down with the voice, whatever voice it was.
 *
 * <p>How it is told is ours: by the second differences of the samples, in which there is more of the noise than of the voice.
 */
final class TurnedDown {
    /** Frames at the beginning of a pause in which a gain still comes up (ours). */
    private static final int COMES_UP = 15;

    /** Frames at the end of a pause that may be word (ours). */
    private static final int LAST = 2;

    /** Frames beside a pause that are neither (ours). */
    private static final int BESIDE = 8;

    /** The quieter frames of a pause (ours). */
    private static final double QUIET = 0.1;

    /** Fewer pauses tell nothing (ours). */
    private static final int FEWEST_PAUSES = 2;

    /** Fewer frames of words tell nothing (ours). */
    private static final int FEWEST_FRAMES = 300;

    /** The deepest of them are chance (ours) ... */
    private static final int CHANCE = 5;

    /** ... and one in a hundred (ours). */
    private static final double CHANCE_SHARE = 0.01;

    /** So much before and after it is heard of it, in seconds (ours). */
    private static final double HEARD_S = 1.5;

    /** Seconds to each side in which pauses tell how quiet it gets (ours). */
    private static final double AROUND_S = 30;

    /** A pause so much quieter than those beside shows that the noise goes by itself (ours). */
    private static final double GOES = Decibels.toPower(-6);

    private TurnedDown() {}

    /** Amount in dB, 0 and less where it is not, and the place where it is most; absent where there are too few pauses or words to tell. */
    static Optional<Event> most(VoiceFrames frames, Pauses pauses) {
        List<Pauses.Stretch> stretches = pauses.stretches();
        if (stretches.size() < FEWEST_PAUSES) {
            return Optional.empty();
        }
        float[] bends = frames.bends();
        double[] floors = stretches.stream()
                .mapToDouble(p -> floor(bends, frame(p.startS()), frame(p.endS())))
                .toArray();
        double[] ratios = new double[bends.length];
        int count = 0;
        int deepest = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int p = 0; p <= floors.length; p++) {
            double before = p > 0 ? floors[p - 1] : floors[0];
            double beside = Math.min(before, p < floors.length ? floors[p] : before);
            double around = around(floors, stretches, p);
            double floor = around < beside * GOES ? around : beside;
            int from = p > 0 ? frame(stretches.get(p - 1).endS()) + BESIDE : 0;
            int to = p < floors.length ? frame(stretches.get(p).startS()) - BESIDE : bends.length;
            for (int i = from; i < Math.min(to, bends.length); i++) {
                if (bends[i] > 0 && frames.all()[i] > 0 && floor > 0) {
                    double ratio = bends[i] / floor;
                    deepest = ratio < least ? i : deepest;
                    least = Math.min(least, ratio);
                    ratios[count++] = ratio;
                }
            }
        }
        if (count < FEWEST_FRAMES) {
            return Optional.empty();
        }
        Arrays.sort(ratios, 0, count);
        int chance = Math.max(CHANCE, (int) (CHANCE_SHARE * count));
        double endS = (double) bends.length / FrameLevels.FRAMES_PER_SECOND;
        double atS = (double) deepest / FrameLevels.FRAMES_PER_SECOND;
        return Optional.of(new Event(
                Math.max(0, atS - HEARD_S), Math.min(endS, atS + HEARD_S), -Decibels.levelOfPower(ratios[chance])));
    }

    /** The least but one of the pauses' floors around a stretch of words: a noise that goes again goes under words as well. */
    private static double around(double[] floors, List<Pauses.Stretch> stretches, int p) {
        double fromS = p > 0 ? stretches.get(p - 1).endS() - AROUND_S : Double.NEGATIVE_INFINITY;
        double toS = p < floors.length ? stretches.get(p).startS() + AROUND_S : Double.POSITIVE_INFINITY;
        int first = p;
        while (first > 0 && stretches.get(first - 1).endS() >= fromS) {
            first--;
        }
        int last = p;
        while (last < floors.length && stretches.get(last).startS() <= toS) {
            last++;
        }
        double[] near =
                Arrays.stream(floors, first, last).filter(f -> f > 0).sorted().toArray();
        return near.length == 0 ? 0 : near[Math.min(1, near.length - 1)];
    }

    /** What the quieter frames of a pause have; 0 where it is too short. */
    private static double floor(float[] bends, int from, int to) {
        int first = from + Math.min(COMES_UP, (to - from) / 2);
        int last = Math.min(bends.length, to - LAST);
        return last > first ? Quantile.of(Arrays.copyOfRange(bends, first, last), QUIET) : 0;
    }

    private static int frame(double seconds) {
        return (int) Math.round(seconds * FrameLevels.FRAMES_PER_SECOND);
    }
}
