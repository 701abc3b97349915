package app.redlamp.core.measure.noise;

import java.util.List;

/**
 * Mains hum.
 *
 * @param baseHz frequency of the mains as found, near 50 or 60
 * @param levelDbfs level of all harmonics together in dBFS RMS
 * @param harmonicsDbfs level of each harmonic from the first on; very low where one is not there
 */
public record Hum(double baseHz, double levelDbfs, List<Double> harmonicsDbfs) {
    /** Stands for a harmonic that does not rise from the noise (ours). */
    public static final double NONE_DBFS = -150;

    public Hum {
        harmonicsDbfs = List.copyOf(harmonicsDbfs);
    }

    /** The mains' nominal frequency: 50 or 60 Hz. */
    public int familyHz() {
        return family(baseHz);
    }

    /** Which family a frequency near 50 or 60 Hz belongs to. */
    static int family(double baseHz) {
        return baseHz < 55 ? 50 : 60;
    }
}
