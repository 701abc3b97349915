package app.redlamp.core.delivery.spec;

import java.util.Locale;

/** Where one measure stands against what is allowed. */
public enum CheckResult {
    /** Allowed. */
    INSIDE,
    /** Not allowed: the client would reject it. */
    OUTSIDE,
    /** Not a ground for rejection, but worth knowing. */
    ADVICE;

    /** Name in reports, such as {@code pass}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
