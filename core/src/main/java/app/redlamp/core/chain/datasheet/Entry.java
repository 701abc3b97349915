package app.redlamp.core.chain.datasheet;

import java.util.Locale;

/**
 * A figure as it was written, and what it is in the unit of its item.
 *
 * @param value in the unit of the item
 * @param written as it stood there
 * @param how by what it was brought there
 */
public record Entry(DataSheetItem item, double value, String written, How how) {

    /** How a figure was brought to its unit. */
    public enum How {
        AS_IT_IS,
        /** 20 log10 of a voltage per pascal. */
        FROM_LEVEL,
        /** dBV are 2.2 dB more in dBu. */
        FROM_DBV,
        /** 0 dBu is 0.775 V. */
        FROM_DBU,
        /** One microbar is a tenth of a pascal. */
        FROM_MICROBAR,
        /** A-weighting takes 2 dB and more from white noise. */
        FROM_A_WEIGHTED,
        /** ITU-R BS.468 reads about 11 dB more than dB(A) for white noise (common practice, no source). */
        FROM_QUASI_PEAK,
        /** Distortion grows with the level: twice the percentage is 6 dB more. */
        FROM_DISTORTION,
        FROM_OTHER_UNIT;

        /** Name in reports, such as {@code from-level}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
