package app.redlamp.core.measure.analysis;

import java.util.Locale;

/**
 * How the first two channels go together.
 *
 * @param kind what they are to each other
 * @param delayMs by how many milliseconds the second comes after the first (negative: before); 0 unless delayed
 * @param correlation of the samples in place, −1 to 1
 * @param better the one to use where one has to do alone, 0 or 1: the live one, the one that the sound reaches first, or
 *     otherwise the louder; 0 for a single channel
 */
public record ChannelRelation(Kind kind, double delayMs, double correlation, int better) {

    /** The relations. */
    public enum Kind {
        /** There is one channel. */
        SINGLE,
        /** Two different sounds. */
        STEREO,
        /** The same sound twice. */
        IDENTICAL,
        /** One of the two is silent. */
        ONE_SILENT,
        /** The same sound, once turned upside down. */
        INVERTED,
        /** The same sound, once later. */
        DELAYED;

        /** Whether two channels must not be mixed: one of them is used alone. */
        public boolean spoilt() {
            return this == ONE_SILENT || this == INVERTED || this == DELAYED;
        }

        /** Name in reports, such as {@code one-silent}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
