package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The long-term spectrum of the voice against that of speech in general.
 *
 * @param levelsDb level in each third octave of {@link app.redlamp.core.signal.OctaveBands#THIRDS}, all together 0 dB
 * @param deviationsDb how far each lies from the average of speech, their mean taken off; 0 above half the sample rate
 * @param colour what stands out most, where something does
 */
public record VoiceSpectrum(List<Double> levelsDb, List<Double> deviationsDb, Optional<Colour> colour) {

    /** What a voice sounds like when part of its spectrum is off. */
    public enum Shade {
        /** Too little at 160 to 400 Hz. */
        THIN,
        /** Too much at 200 to 400 Hz. */
        MUDDY,
        /** Too much at 400 to 1000 Hz. */
        BOXY,
        /** Too much at 2 to 4 kHz. */
        HARSH,
        /** Too little at 5 to 10 kHz. */
        DULL;

        /** Name in reports, such as {@code thin}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A part of the spectrum that is off.
     *
     * @param frequencyHz the third octave that is furthest off
     * @param deviationDb how far the whole range is off on average, with its sign
     */
    public record Colour(Shade shade, double frequencyHz, double deviationDb) {}

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double NOTHING = 1e-12;

    /** Thirds that are so much softer than all together hold next to nothing of a voice, in dB (ours). */
    private static final double NEXT_TO_NOTHING_DB = -30;

    /** Where the voice begins: the lower edge of the lowest third octave that holds some of it, in Hz; 56 or more. */
    public double lowestHz() {
        OctaveBands thirds = OctaveBands.THIRDS;
        int band = 0;
        while (band < levelsDb.size() - 1 && levelsDb.get(band) < NEXT_TO_NOTHING_DB) {
            band++;
        }
        return thirds.centreHz(band) / Math.sqrt(OctaveBands.THIRD);
    }

    /** Level of the thirds of an octave from one nominal frequency to another, both counted, of all together; −120 dB at least. */
    public double levelDb(double fromHz, double toHz) {
        double power = thirds(fromHz, toHz)
                .mapToDouble(b -> Decibels.toPower(levelsDb.get(b)))
                .sum();
        return Decibels.levelOfPower(Math.max(NOTHING, power));
    }

    /** Mean of the deviations of the thirds from one nominal frequency to another, both counted, in dB. */
    public double deviationDb(double fromHz, double toHz) {
        return thirds(fromHz, toHz).mapToDouble(deviationsDb::get).average().orElse(0);
    }

    private IntStream thirds(double fromHz, double toHz) {
        return IntStream.range(0, levelsDb.size())
                .filter(b -> OctaveBands.THIRDS.nominalHz(b) >= fromHz && OctaveBands.THIRDS.nominalHz(b) <= toHz);
    }

    public VoiceSpectrum {
        levelsDb = List.copyOf(levelsDb);
        deviationsDb = List.copyOf(deviationsDb);
    }
}
