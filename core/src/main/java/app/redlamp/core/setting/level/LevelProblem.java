package app.redlamp.core.setting.level;

import java.util.Locale;

/** What stands between a setting and recording. */
public enum LevelProblem {
    /** The input is broken or set wrongly. */
    INPUT,
    /** The noise will be louder than is allowed. */
    NOISE,
    /** The gain is not where it is wanted. */
    GAIN,
    /** The excited line does not fit. */
    EXCITED,
    /** A step was not taken yet. */
    STILL_TO_DO;

    /** Name in reports, such as {@code noise}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
