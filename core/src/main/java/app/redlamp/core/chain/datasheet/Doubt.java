package app.redlamp.core.chain.datasheet;

import java.util.Locale;

/**
 * Something on a data sheet that cannot be, or hardly can.
 *
 * @param kind what it is
 * @param item which figure
 * @param value as it stands there
 * @param other what it is held against
 */
public record Doubt(Kind kind, DataSheetItem item, double value, double other) {

    /** What it is. */
    public enum Kind {
        /** Self-noise and signal-to-noise ratio do not add up to 94 dB; the other is what self-noise would be. */
        CONTRADICTION,
        /** Quieter than the thermal noise of its own resistance; the other is that. */
        BELOW_THERMAL,
        /** Less than such things have; the other is the least. */
        LOW,
        /** More than such things have; the other is the most. */
        HIGH;

        /** Name in reports, such as {@code below-thermal}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
