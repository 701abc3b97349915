package app.redlamp.core.measure.voice;

/**
 * Counts the kernels of syllables one level after the other: crests that stand at least 2 dB above the dips beside them.
 *
 * <p>Source: as {@link SyllablePace}.
 */
public final class SyllableCounter {
    /** Syllables are parted by a dip of 2 dB (after de Jong and Wempe, Behavior Research Methods 41, 2009, from memory). */
    private static final double DIP_DB = 2;

    private double dip = Double.NEGATIVE_INFINITY;
    private double crest = Double.NEGATIVE_INFINITY;
    private boolean rising = true;

    /**
     * The level of the next 10 ms.
     *
     * @param levelDb without rumble and hiss, smoothed
     * @param lowestDb softer crests are noise
     * @return whether a syllable has just passed its crest
     */
    public boolean next(double levelDb, double lowestDb) {
        if (!rising) {
            dip = Math.min(dip, levelDb);
            if (levelDb > dip + DIP_DB) {
                rising = true;
                crest = levelDb;
            }
            return false;
        }
        crest = Math.max(crest, levelDb);
        if (levelDb >= crest - DIP_DB) {
            return false;
        }
        boolean syllable = crest > lowestDb && crest - dip >= DIP_DB;
        rising = false;
        dip = levelDb;
        return syllable;
    }
}
