package app.redlamp.core.setting.level;

import app.redlamp.core.chain.GainSchool;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What to do with the gain.
 *
 * @param verdict what it comes to
 * @param db by how much to turn, up positive; 0 where it is right
 * @param bySomeDb what would be wanted and cannot be turned, in dB; 0 where all can
 */
public record Turn(Verdict verdict, double db, double bySomeDb) {
    /** What it comes to. */
    public enum Verdict {
        /** Leave it. */
        FITS,
        UP,
        DOWN,
        /** Up, into the last part of the knob, where preamps hiss. */
        UP_STRAINED,
        /** The knob ends before it is loud enough. */
        OUT_OF_GAIN,
        /** It is down and still too loud. */
        TOO_HOT;

        /** Name in reports, such as {@code out-of-gain}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Marks of a knob without figures: about so many dB from one to the next (common practice, no source). */
    private static final double DB_A_MARK = 5;

    /** How far that is on a knob without figures, in marks; less than 1 for a slight turn. */
    public double marks() {
        return Math.abs(db) / DB_A_MARK;
    }

    /**
     * @param peaks of the loudest line
     * @param averageDbfs average of the reading; absent where nobody has read yet
     * @param knob what can be turned; absent where it is not known, as with many devices
     */
    public static Turn of(GainSchool school, Peaks peaks, OptionalDouble averageDbfs, Optional<Knob> knob) {
        // How high cut-off peaks would have gone is a guess, and what was cut off tells nothing of the average.
        OptionalDouble average = peaks.clipped() ? OptionalDouble.empty() : averageDbfs;
        double wanted = school.changeDb(peaks.wouldBeDbfs(), average);
        if (!peaks.clipped() && school.fits(peaks.peakDbfs(), average)) {
            return new Turn(Verdict.FITS, 0, 0);
        }
        if (knob.isEmpty()) {
            return new Turn(wanted > 0 ? Verdict.UP : Verdict.DOWN, wanted, 0);
        }
        return within(knob.get(), wanted);
    }

    private static Turn within(Knob knob, double wanted) {
        double to = knob.gainDb() + wanted;
        double reached = Math.max(knob.minDb(), Math.min(knob.maxDb(), to));
        double db = reached - knob.gainDb();
        double rest = to - reached;
        if (rest > GainSchool.WORTH_DB) {
            return new Turn(Verdict.OUT_OF_GAIN, db, rest);
        }
        if (rest < -GainSchool.WORTH_DB) {
            return new Turn(Verdict.TOO_HOT, db, rest);
        }
        if (wanted < 0) {
            return new Turn(Verdict.DOWN, db, 0);
        }
        return new Turn(reached > knob.cleanDb() + GainSchool.WORTH_DB ? Verdict.UP_STRAINED : Verdict.UP, db, 0);
    }

    /** Whether the knob is to be moved. */
    public boolean moves() {
        return Math.abs(db) >= GainSchool.WORTH_DB;
    }
}
