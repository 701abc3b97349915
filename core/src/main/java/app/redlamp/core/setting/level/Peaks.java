package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.units.Decibels;

/**
 * How high peaks went.
 *
 * @param peakDbfs largest sample
 * @param clippedShare share of the samples that were cut off at full scale, 0 to 1; 0 for none
 */
public record Peaks(double peakDbfs, double clippedShare) {
    /** What stands for no peak at all (ours). */
    private static final double SILENCE_DBFS = -120;

    /** Share of the time in which sound comes out of somebody who speaks (common practice, no source). */
    private static final double ACTIVITY = 0.6;

    /** Where cut-off peaks end (ours). */
    private static final double MOST_CLIPPED = 0.97;

    /** Peaks of speech over its average (common practice, no source). */
    private static final double CREST_DB = 15;

    /** Cut-off peaks would have gone at least so much higher (ours). */
    private static final double LEAST_OVER_DB = 3;

    /** Rather too low for a moment than cut off once more (ours). */
    private static final double MARGIN_DB = 3;

    /** Peaks of what was heard. */
    public static Peaks of(Report report) {
        double peak = report.samplePeakDbfs().orElse(SILENCE_DBFS);
        Clipping clipping = report.clipping();
        if (clipping.runs() == 0) {
            return new Peaks(peak, 0);
        }
        double samples =
                clipping.places().stream().mapToInt(Clipping.Run::samples).sum();
        double all = samples * clipping.runs() / Math.max(1, clipping.places().size());
        double length = Math.max(1, report.info().durationS() * report.info().sampleRateHz());
        return new Peaks(peak, Math.max(1e-7, Math.min(1, all / length)));
    }

    /** Whether something was cut off. */
    public boolean clipped() {
        return clippedShare > 0;
    }

    /**
     * How high they would have gone, in dBFS. Where they were cut off it is guessed from how much was: the samples of speech spread
     * as those of a two-sided exponential do, so that a share f above a level means an RMS of √2 / −ln f times that level (Paez
     * and Glisson, IEEE Trans. Commun. COM-20, 1972; from memory); peaks lie 15 dB above it (common practice, no source).
     */
    public double wouldBeDbfs() {
        if (!clipped()) {
            return peakDbfs;
        }
        double speaking = Math.min(MOST_CLIPPED, clippedShare / ACTIVITY);
        double rms = Decibels.levelOfAmplitude(Math.sqrt(2) / -Math.log(speaking));
        return Math.max(LEAST_OVER_DB, rms + CREST_DB) + MARGIN_DB;
    }
}
