package app.redlamp.core.chain;

import java.util.Locale;

/**
 * Whether a preamp has the gain that is needed.
 *
 * @param neededDb gain that puts the voice where it is wanted
 * @param verdict whether it is there
 * @param shortDb by how much it is missing, or by how much it is too much with the knob down; 0 where it is there
 */
public record GainFit(double neededDb, Verdict verdict, double shortDb) {

    /** Whether it is there. */
    public enum Verdict {
        ENOUGH,
        /** Only in the last part of the knob, where preamps hiss. */
        STRAINED,
        /** Not at all: the recording stays low, and its noise comes up when it is raised. */
        SHORT,
        /** Even with the knob down it is too loud. */
        TOO_HOT;

        /** Name in reports, such as {@code too-hot}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** How the gain that a school wants fits the preamp of a chain. */
    public static GainFit of(Chain chain, GainSchool school) {
        double needed = chain.neededGainDb(school);
        Preamp preamp = chain.preamp();
        if (needed > preamp.maxGainDb()) {
            return new GainFit(needed, Verdict.SHORT, needed - preamp.maxGainDb());
        }
        if (needed < preamp.minGainDb()) {
            return new GainFit(needed, Verdict.TOO_HOT, preamp.minGainDb() - needed);
        }
        return new GainFit(needed, needed > preamp.cleanGainDb() ? Verdict.STRAINED : Verdict.ENOUGH, 0);
    }
}
