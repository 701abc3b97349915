package app.redlamp.core.acoustics.diary;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import java.util.Locale;

/**
 * Something that was heard in a diary.
 *
 * @param startS seconds from the beginning
 * @param lengthS how long
 * @param kind what it is like
 * @param levelDb its A-weighted level in dBFS
 * @param overDb how far that is above the quiet
 * @param riseDb how far it rises, A-weighted or in its two lowest octaves, whichever is more
 * @param octaves level of each octave in dBFS, the quiet taken off
 */
public record NoiseEvent(
        double startS, double lengthS, Kind kind, double levelDb, double overDb, double riseDb, OctaveLevels octaves) {

    /** What a noise is like. */
    public enum Kind {
        /** Steady lines: a compressor, a transformer, a fan with a tone. */
        HUM,
        /** Low and without a tone: traffic, machines, footsteps. */
        RUMBLE,
        /** Everything else that lasts: wind, rain, voices, ventilation. */
        BROADBAND,
        /** Shorter than half a second. */
        CLICK;

        /** Name in reports, such as {@code hum}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** When it is over, in seconds from the beginning. */
    public double endS() {
        return startS + lengthS;
    }
}
