package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is wrong with an input, told by what it gives.
 *
 * @param kind what
 * @param amount how much, in the unit of its kind
 */
public record InputFault(Kind kind, double amount) {
    /** Softer than any microphone's noise: −120 dBFS (ours). */
    private static final double DEAD_DBFS = -120;

    /** What a condenser without its 48 V gives is all but nothing (ours). */
    private static final double UNPOWERED_DBFS = -85;

    /** A direct voltage from here on is the converter's (common practice, no source). */
    private static final double OFFSET_DBFS = -50;

    /** Fewer are chance (ours). */
    private static final double STUTTERS_A_MINUTE = 2;

    /** What may be wrong. */
    public enum Kind {
        /** Nothing but zeros; 0. */
        ZEROS,
        /** Next to nothing where somebody spoke; dBFS. */
        NEXT_TO_NOTHING,
        /** Samples that are no numbers; how many. */
        NOT_A_NUMBER,
        /** Nothing above the band of a call or of a low sample rate; Hz at which it ends. */
        NARROW_BAND,
        /** Dull, soft and full of room, as from behind the microphone or from too far; clarity in dB. */
        OFF_SIDE,
        /** Sound lost for moments; how often. */
        STUTTER,
        /** Of several channels the one that is wanted is silent; 0. */
        ONE_CHANNEL_SILENT,
        /** Cut off below full scale; dBFS. */
        CLIPPED_BELOW,
        /** The level is set by somebody else: noise swells in pauses; dB. */
        AUTOMATIC_GAIN,
        /** The middle of the wave is not at zero; dBFS. */
        OFFSET;

        /** Name in reports, such as {@code narrow-band}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Everything that is wrong, gravest first.
     *
     * @param heard what came out of the input
     * @param spoken whether somebody spoke
     */
    public static List<InputFault> of(Report heard, boolean spoken) {
        List<InputFault> all = new ArrayList<>();
        OptionalDouble peak = heard.samplePeakDbfs();
        if (peak.orElse(DEAD_DBFS) <= DEAD_DBFS) {
            all.add(new InputFault(Kind.ZEROS, 0));
            return all;
        }
        finding(heard, Finding.Kind.NOT_A_NUMBER)
                .ifPresent(f -> all.add(new InputFault(Kind.NOT_A_NUMBER, f.amount())));
        OptionalDouble rms = heard.rmsDbfs();
        if (spoken && rms.orElse(0) < UNPOWERED_DBFS) {
            all.add(new InputFault(Kind.NEXT_TO_NOTHING, rms.getAsDouble()));
            return all;
        }
        double minutes = Math.max(1 / 6.0, heard.info().durationS() / 60);
        // Nobody has cut here yet: what breaks off was lost.
        int lost = heard.voice().dropouts().count() + heard.voice().jumps().count();
        if (lost >= STUTTERS_A_MINUTE * minutes && lost > 0) {
            all.add(new InputFault(Kind.STUTTER, lost));
        }
        heard.clipping().flatTopDbfs().ifPresent(level -> all.add(new InputFault(Kind.CLIPPED_BELOW, level)));
        heard.voice().swellDb().ifPresent(db -> all.add(new InputFault(Kind.AUTOMATIC_GAIN, db)));
        if (spoken && heard.origin().isNarrow(heard.info())) {
            all.add(new InputFault(Kind.NARROW_BAND, heard.bandwidthHz()));
        }
        finding(heard, Finding.Kind.OFF_SIDE).ifPresent(f -> all.add(new InputFault(Kind.OFF_SIDE, f.amount())));
        OptionalDouble offset = Decibels.ofAmplitude(Math.abs(heard.levels().dcOffset()));
        if (offset.orElse(DEAD_DBFS) >= OFFSET_DBFS) {
            all.add(new InputFault(Kind.OFFSET, offset.getAsDouble()));
        }
        return all;
    }

    private static Optional<Finding> finding(Report heard, Finding.Kind kind) {
        return heard.findings().stream().filter(f -> f.kind() == kind).findFirst();
    }
}
