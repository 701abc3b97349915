package app.redlamp.core.delivery.spec;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;

/** How much of a voice lies outside a band, leaving a third of an octave at either end for the filter's slope. */
final class VoiceBand {
    /** What is left outside may be this far below all of it, in dB (common practice, no source). */
    static final double MOST_OUTSIDE_DB = -20;

    private VoiceBand() {}

    /** Level outside the band in dB below the whole; absent without a spectrum. */
    static OptionalDouble outsideDb(Report report, Limits band) {
        return report.voice().spectrum().stream()
                .mapToDouble(s -> outside(s, band))
                .findFirst();
    }

    private static double outside(VoiceSpectrum spectrum, Limits band) {
        double sum = 0;
        for (int b = 0; b < OctaveBands.THIRDS.count(); b++) {
            double centre = OctaveBands.THIRDS.centreHz(b);
            boolean inside = centre > band.low().orElse(0) / OctaveBands.THIRD
                    && centre < band.high().orElse(Double.POSITIVE_INFINITY) * OctaveBands.THIRD;
            sum += inside ? 0 : Decibels.toPower(spectrum.levelsDb().get(b));
        }
        return Math.max(-100, Decibels.levelOfPower(sum));
    }
}
