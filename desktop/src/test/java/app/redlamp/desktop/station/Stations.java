package app.redlamp.desktop.station;

import app.redlamp.desktop.look.Strings;
import java.util.Locale;

/** What a station's parts are given in tests of a single part. */
public final class Stations {
    private Stations() {}

    /** In English and metres; whatever belongs to the whole window is not there. */
    public static <M> StationParts<M> parts(M models) {
        Units units = new Units(Locale.ENGLISH, false, () -> false);
        return StationParts.of(
                new StationContext(null, null, new Strings(Locale.ENGLISH), units, null, station -> {}), models);
    }
}
