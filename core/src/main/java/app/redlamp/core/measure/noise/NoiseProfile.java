package app.redlamp.core.measure.noise;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What the noise in the pauses is made of.
 *
 * @param kind what there is most of
 * @param floorDbA A-weighted level in dBFS
 * @param highPassedDbfs level behind the high-pass of 80 Hz that finishing begins with
 * @param octavesDbfs level in each octave of {@link app.redlamp.core.signal.OctaveBands#OCTAVES}
 * @param hum mains hum, where there is some
 * @param tones whining tones, loudest first, at most three
 * @param rumbleDbfs level below 100 Hz without the hum
 * @param hissDbfs level above 2 kHz without the tones
 * @param changeDb by how much the noise changes: its noisiest half second less the level that a tenth of the pauses, by time, stay
 *     below
 */
public record NoiseProfile(
        Kind kind,
        double floorDbA,
        double highPassedDbfs,
        List<Double> octavesDbfs,
        Optional<Hum> hum,
        List<Tone> tones,
        double rumbleDbfs,
        double hissDbfs,
        double changeDb) {

    /** What the noise is; each asks for something else. */
    public enum Kind {
        /** Mains hum: leads, earth loops, dimmers. */
        HUM,
        /** Tones: fans, lamps, chargers. */
        WHINE,
        /** Traffic, footsteps, the desk. */
        RUMBLE,
        /** Preamp and microphone. */
        HISS,
        /** Neither low nor high: the room and what is heard in it. */
        ROOM;

        /** Name in reports, such as {@code hum}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A steady tone. */
    public record Tone(double frequencyHz, double levelDbfs) {}

    public NoiseProfile {
        octavesDbfs = List.copyOf(octavesDbfs);
        tones = List.copyOf(tones);
    }
}
