package app.redlamp.core.measure.room;

import app.redlamp.core.units.Decibels;
import java.util.List;

/**
 * How well the falls of a recording agree with a {@link Tail}. Of each fall the lower part is looked at: up to some frame the
 * voice still sounds, of which only is known that it lies over what the room holds; from there on, to the end of the fall, there
 * is nothing but the room and the noise. The moment is chosen that makes what was measured most likely.
 *
 * <p>Source: maximum likelihood of a free decay after R. Ratnam and others, "Blind estimation of reverberation time" (2003),
 * from memory; the voice before it and the level of the room are ours.
 */
final class TailFit {
    /** How far a frame strays from its mean, in dB (ours). */
    private static final double STRAY_DB = 1.6;

    /** The lower part begins so far below the last loud frame (ours). */
    private static final double LOWER_DB = 10;

    /** Frames before a fall from which the room is still full: all that a second can say (ours). */
    private static final int BEFORE = 100;

    /** Frames of a fall that count (ours). */
    private static final int LONGEST = 60;

    /** Frames of nothing but the room that are seen at least (ours). */
    private static final int SHORTEST = 4;

    /** The moment is looked for in steps of so many frames (ours). */
    private static final int STEP = 2;

    /** That there is nothing but the room has to be more likely than not by this, as a logarithm (ours). */
    private static final double DOUBT = 3;

    /** A frame below what the room must hold speaks against that room by this, as a logarithm (ours). */
    private static final double BELOW = 2;

    /** And is one that lies so many times the stray below it (ours). */
    private static final double FAR_BELOW = 1.5;

    /** A single frame may be anything: it speaks against no more than this, as a logarithm (ours). */
    private static final double ANYTHING = 6;

    /** A moment that strays by more is not the one, in times the stray (ours). */
    private static final double NOT_THE_ONE = 4;

    /** What a voice may do, in dB: from the noise to so far over its level (ours). */
    private static final double LOUD_DB = 12;

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double SMALLEST = 1e-30;

    private final float[] levels;
    private final float[] levelsDb;
    private final double noise;
    private final double gauss;
    private final double below = Decibels.toPower(-FAR_BELOW * STRAY_DB);

    /** What a fall says: how much more likely it is with the room than with none, and whether the room is heard in it. */
    record Evidence(double likelihood, boolean heard) {}

    TailFit(float[] levels, Fall.Ground ground, List<Fall> falls) {
        this.levels = levels;
        noise = ground.noise();
        double voice = -Math.log(ground.depthDb() + LOUD_DB);
        gauss = -Math.log(STRAY_DB * Math.sqrt(2 * Math.PI)) - voice;
        levelsDb = new float[levels.length];
        for (Fall fall : falls) {
            for (int i = fall.from(); i <= fall.to(); i++) {
                levelsDb[i] = (float) Decibels.levelOfPower(Math.max(SMALLEST, levels[i]));
            }
        }
    }

    /** What a fall says of a tail. */
    Evidence of(Fall fall, double keep, double feed) {
        double[] room = new double[BEFORE + LONGEST + 1];
        int start = Math.max(0, fall.from() - BEFORE);
        int end = Math.min(fall.to(), fall.from() + LONGEST);
        double held = 0;
        for (int i = start; i <= end; i++) {
            room[i - start] = held;
            held = keep * (held + feed * Math.max(0, levels[i] - noise - held));
        }
        int lower = fall.from() + 1;
        while (lower < end && levelsDb[lower] > levelsDb[fall.from()] - LOWER_DB) {
            lower++;
        }
        double best = 0;
        for (int i = lower; i <= end; i++) {
            best -= below(i, room[i - start]);
        }
        boolean heard = false;
        double voice = -DOUBT;
        for (int i = lower; i + SHORTEST - 1 <= end && room[i - start] >= noise / 2; i += STEP) {
            double likelihood = free(i, end, room[i - start], keep, voice);
            if (likelihood > best) {
                best = likelihood;
                heard = true;
            }
            for (int k = i; k < i + STEP; k++) {
                voice -= below(k, room[k - start]);
            }
        }
        return new Evidence(best, heard);
    }

    private double below(int frame, double held) {
        return levels[frame] < below * (held + noise) ? BELOW : 0;
    }

    /** Logarithm of how likely frames are where nothing but the room sounds any more, over frames of a voice. */
    private double free(int from, int end, double held, double keep, double before) {
        double sum = before;
        double left = held;
        for (int i = from; i <= end; i++) {
            double stray = (levelsDb[i] - Decibels.levelOfPower(left + noise)) / STRAY_DB;
            if (i == from && Math.abs(stray) > NOT_THE_ONE) {
                return Double.NEGATIVE_INFINITY;
            }
            sum += Math.max(gauss - stray * stray / 2, -ANYTHING);
            left *= keep;
        }
        return sum;
    }
}
