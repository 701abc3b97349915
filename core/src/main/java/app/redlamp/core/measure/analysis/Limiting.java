package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.loudness.ActiveSpeech;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.measure.loudness.Levels;

/** Speech that was limited flat: its peaks end at one ceiling. */
final class Limiting {
    /** Finishing that limits a little leaves 8 % at most, speech that was not limited 5 (measured; ours). */
    private static final double LIMITED_SHARE = 0.1;

    /** True peak over active level of speech as it is, in dB: the middle of 341 files of synthetic voices (ours). */
    private static final double NATURAL_CREST_DB = 20;

    private Limiting() {}

    /** Whether it was; what was cut off has a ceiling too, and is told as that. */
    static boolean is(Levels levels, Clipping clipping) {
        return levels.limitedShare() >= LIMITED_SHARE
                && clipping.runs() == 0
                && clipping.flatTopDbfs().isEmpty();
    }

    /** By about how much, in dB, told by what is left of the crest; 0 where it was not. */
    static double amountDb(Levels levels, Clipping clipping, ActiveSpeech active) {
        boolean told = is(levels, clipping) && active.levelDbov().isPresent();
        return told
                ? Math.max(
                        0,
                        NATURAL_CREST_DB
                                - (levels.truePeakDbtp().orElseThrow()
                                        - active.levelDbov().getAsDouble()))
                : 0;
    }
}
