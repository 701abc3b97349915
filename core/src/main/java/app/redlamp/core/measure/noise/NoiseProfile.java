package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.AWeighting;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the noise in the pauses is made of.
 *
 * @param kind what there is most of
 * @param floorDbA A-weighted level in dBFS
 * @param highPassedDbfs level behind the high-pass of 80 Hz that finishing begins with
 * @param steepDbfs level behind a steep high-pass, whose corner was given
 * @param octavesDbfs level in each octave of {@link app.redlamp.core.signal.OctaveBands#OCTAVES}
 * @param hum mains hum, where there is some
 * @param buzzDbfs level of the mains' harmonics above 800 Hz; absent where they do not stand out
 * @param tones whining tones, loudest first, at most three
 * @param rumbleDbfs level below 100 Hz without the hum
 * @param hissDbfs level above 2 kHz without the tones
 * @param changeDb by how much the noise changes: its noisiest half second less the level that a tenth of the pauses, by time, stay
 *     below
 * @param unevenness how unevenly its spectrum comes and goes, 1 for noise as it is; absent with too little of it
 */
public record NoiseProfile(
        Kind kind,
        double floorDbA,
        double highPassedDbfs,
        double steepDbfs,
        List<Double> octavesDbfs,
        Optional<Hum> hum,
        OptionalDouble buzzDbfs,
        List<Tone> tones,
        double rumbleDbfs,
        double hissDbfs,
        double changeDb,
        OptionalDouble unevenness) {

    /** What the noise is; each asks for something else. */
    public enum Kind {
        /** Mains hum: leads, earth loops, dimmers. */
        HUM,
        /** Harmonics of the mains above hum: dimmers, power supplies. */
        BUZZ,
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

    /**
     * A steady tone.
     *
     * @param audibilityDb how plainly it is heard beside the noise in its critical band, its tonal audibility: nobody minds below
     *     {@value #COUNTS_DB} (ISO 1996-2:2007, annex C)
     */
    public record Tone(double frequencyHz, double levelDbfs, double audibilityDb) {
        /** From here on a tone counts against a noise (ISO 1996-2:2007, annex C). */
        public static final double COUNTS_DB = 4;

        /** From here on it counts in full (ISO 1996-2:2007, annex C). */
        public static final double PROMINENT_DB = 10;

        /** A voice that is heard at 65 dB is so far above what is too soft to be heard at all (ours). */
        private static final double BELOW_VOICE_DB = 60;

        /** Whether it is heard by somebody who hears the voice as is usual. */
        public boolean isHeard(double voiceDbfs) {
            return audibilityDb >= COUNTS_DB && levelDbfs + AWeighting.db(frequencyHz) > voiceDbfs - BELOW_VOICE_DB;
        }
    }

    /** Of the tones that somebody hears who hears the voice as is usual, the one that is heard most plainly. */
    public Optional<Tone> heard(double voiceDbfs) {
        return tones.stream().filter(t -> t.isHeard(voiceDbfs)).max(Comparator.comparingDouble(Tone::audibilityDb));
    }

    public NoiseProfile {
        octavesDbfs = List.copyOf(octavesDbfs);
        tones = List.copyOf(tones);
    }
}
