package app.redlamp.core.analysis;

import java.util.Locale;

/**
 * Something about a recording that its figures alone do not say.
 *
 * @param kind what it is
 * @param severity how much it matters
 * @param startS where it begins, in seconds from the start of the recording
 * @param endS where it ends
 * @param amount how much of it, in the kind's own unit (see {@link Kind})
 */
public record Finding(Kind kind, Severity severity, double startS, double endS, double amount) {

    /** The kinds, each with the unit of its amount. */
    public enum Kind {
        /** Digital clipping; number of runs. */
        CLIPPING,
        /** Mean of the samples away from zero; dBFS. */
        DC_OFFSET,
        /** Digital silence where room tone belongs; seconds. */
        DIGITAL_SILENCE,
        /** Samples that are no numbers, read as zero; how many. */
        NOT_A_NUMBER,
        /** No pause long enough to measure the floor in; seconds that would be needed. */
        NO_PAUSE;

        /** Name in reports, such as {@code dc-offset}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** How much a finding matters. */
    public enum Severity {
        NOTE,
        WARNING,
        FAULT;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
