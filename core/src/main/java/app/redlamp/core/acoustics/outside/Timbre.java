package app.redlamp.core.acoustics.outside;

import java.util.Locale;

/** What a noise is made of: levels of its octaves against each other. Shapes are common practice, no source. */
public enum Timbre {
    /** Large machines, kneading and rolling, felt as much as heard. */
    RUMBLE,
    /** A compressor, a transformer, a boiler: a hum with little above. */
    HUM,
    /** Ventilation, a computer. */
    FAN,
    /** A road. */
    TRAFFIC,
    /** Neighbours, a television. */
    SPEECH,
    /** Rain, hiss. */
    BROAD;

    /** Name in files, such as {@code rumble}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The noise of this kind that has a level in dB(A). */
    public OctaveLevels at(double dbA) {
        OctaveLevels shape = shape();
        return shape.plus(dbA - shape.dbA());
    }

    private OctaveLevels shape() {
        return switch (this) {
            case RUMBLE -> OctaveLevels.of(0, -3, -8, -14, -20, -26, -32, -38);
            case HUM -> OctaveLevels.of(0, 4, -4, -10, -18, -26, -34, -40);
            case FAN -> OctaveLevels.of(0, -2, -4, -7, -11, -16, -22, -29);
            case TRAFFIC -> OctaveLevels.of(0, -4, -7, -8, -8, -11, -17, -25);
            case SPEECH -> OctaveLevels.of(-12, -4, 0, 0, -5, -10, -15, -21);
            case BROAD -> OctaveLevels.of(-9, -6, -4, -2, 0, 0, -1, -2);
        };
    }
}
