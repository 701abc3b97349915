package app.redlamp.core.booth;

import java.util.Locale;

/**
 * Something that a simulated reader did, and when: the truth that detectors are checked against.
 *
 * @param kind what
 * @param stand which reader, from 0
 * @param startS seconds from the beginning of the recording
 * @param endS when it was over
 */
public record BoothEvent(Kind kind, int stand, double startS, double endS) {

    /** What readers do besides reading. */
    public enum Kind {
        /** The puff of a P. */
        PLOSIVE,
        /** A sharp S. */
        SIBILANT,
        BREATH,
        /** Of tongue and lips. */
        CLICK,
        /** Of the chair. */
        CREAK,
        /** Of clothes. */
        RUSTLE,
        PAGE;

        /** Name in files, such as {@code plosive}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether it belongs to words. */
        boolean spoken() {
            return this == PLOSIVE || this == SIBILANT;
        }

        /** Whether it comes in pauses. */
        boolean paused() {
            return this == BREATH || this == CLICK;
        }
    }
}
