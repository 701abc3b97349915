package app.redlamp.core.signal;

import app.redlamp.core.units.Decibels;
import java.util.function.DoubleUnaryOperator;

/**
 * The long-term average spectrum of speech, in third octaves from 63 Hz to 16 kHz: D. Byrne et al., J. Acoust. Soc. Am. 96(4),
 * 1994, both sexes (from memory).
 */
public final class SpeechSpectrum {
    /** dB SPL, 70 dB in all (as above). */
    private static final double[] AVERAGE = {
        38.6, 43.5, 54.4, 57.7, 56.8, 60.2, 60.3, 59.0, 62.1, 62.1, 60.5, 56.8, 53.7, 53.0, 52.0, 48.7, 48.1, 46.8,
        45.6, 44.5, 44.3, 43.7, 43.4, 41.3, 40.7
    };

    /** What speaks with a voice. */
    public static final SpeechSpectrum VOICED = new SpeechSpectrum(f -> 0);

    /** A whisper has no tone from the larynx: below 1 kHz it falls by 9 dB an octave against speech (an estimate, no source). */
    public static final SpeechSpectrum WHISPERED =
            new SpeechSpectrum(f -> Math.min(0, 9 * Math.log(f / 1000) / Math.log(2)));

    private final double[] levels = new double[OctaveBands.THIRDS.count()];

    private SpeechSpectrum(DoubleUnaryOperator tiltDb) {
        double sum = 0;
        for (int b = 0; b < levels.length; b++) {
            levels[b] = AVERAGE[b] + tiltDb.applyAsDouble(OctaveBands.THIRDS.centreHz(b));
            sum += Decibels.toPower(levels[b]);
        }
        double allDb = Decibels.levelOfPower(sum);
        for (int b = 0; b < levels.length; b++) {
            levels[b] -= allDb;
        }
    }

    /** Level in a band of {@link OctaveBands#THIRDS} against all of them together, in dB. */
    public double atDb(int band) {
        return levels[band];
    }

    /**
     * What becomes of the level of speech where its frequencies are heard unlike each other.
     *
     * @param gain amplitude ratio at a frequency in Hz
     * @return in dB
     */
    public double heardDb(DoubleUnaryOperator gain) {
        double sum = 0;
        for (int b = 0; b < levels.length; b++) {
            double g = gain.applyAsDouble(OctaveBands.THIRDS.centreHz(b));
            sum += Decibels.toPower(levels[b]) * g * g;
        }
        return Decibels.levelOfPower(Math.max(1e-30, sum));
    }
}
