package app.redlamp.core.measure.voice;

import app.redlamp.core.measure.origin.Edge;
import app.redlamp.core.measure.voice.VoiceSpectrum.Colour;
import app.redlamp.core.measure.voice.VoiceSpectrum.Shade;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.signal.SpeechSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Averages the spectrum of the voice and holds it against the long-term average of speech, {@link SpeechSpectrum}. From what deviation a range has a name is
 * common practice, no source; every voice differs.
 */
public final class VoiceSpectrumMeter {
    /** Below, noise is stronger than voices (ours). */
    private static final double LOWEST_HZ = 150;

    /** Above, nothing is told of a voice (ours). */
    private static final double HIGHEST_HZ = 10_500;

    /** Fewer give no average (ours). */
    private static final int FEWEST_WINDOWS = 20;

    /** Filters begin below half the sample rate (ours). */
    private static final double USABLE = 0.45;

    private static final List<Range> RANGES = List.of(
            new Range(Shade.THIN, 150, 420, -5),
            new Range(Shade.MUDDY, 190, 420, 5),
            new Range(Shade.BOXY, 390, 1050, 5),
            new Range(Shade.HARSH, 1900, 4100, 5),
            new Range(Shade.DULL, 4900, 10_500, -12));

    private record Range(Shade shade, double lowHz, double highHz, double limitDb) {}

    private final double sampleRateHz;
    private final PowerSpectrum spectrum;

    public VoiceSpectrumMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(0.05, sampleRateHz), sampleRateHz);
    }

    /** Samples that {@link #add} looks at. */
    public int windowSamples() {
        return spectrum.length();
    }

    /** Windows that were added. */
    public int windows() {
        return spectrum.count();
    }

    /** Adds a window of voice. */
    public void add(float[] samples, int from) {
        spectrum.add(samples, from);
    }

    /**
     * Absent with less than a second of voice.
     *
     * @param edge where the recording ends although there is room for more: nothing is told of what is missing above
     */
    public Optional<VoiceSpectrum> result(Optional<Edge> edge) {
        if (spectrum.count() < FEWEST_WINDOWS) {
            return Optional.empty();
        }
        double usableHz = usableHz(edge);
        OctaveBands thirds = OctaveBands.THIRDS;
        double[] powers = thirds.powers(spectrum.bins(), spectrum.binHz());
        double total = Arrays.stream(powers).sum();
        if (!(total > 0)) {
            return Optional.empty();
        }
        double[] deviations = new double[powers.length];
        double mean = 0;
        int counted = 0;
        for (int b = 0; b < powers.length; b++) {
            deviations[b] = db(powers[b] / total) - SpeechSpectrum.VOICED.atDb(b);
            if (counts(thirds.centreHz(b), usableHz)) {
                mean += deviations[b];
                counted++;
            }
        }
        List<Double> levels = new ArrayList<>();
        for (int b = 0; b < powers.length; b++) {
            levels.add(db(powers[b] / total));
            deviations[b] = thirds.centreHz(b) < usableHz ? deviations[b] - mean / counted : 0;
        }
        boolean call = edge.filter(e -> e.kind() == Edge.Kind.CALL).isPresent();
        return Optional.of(new VoiceSpectrum(
                levels,
                Arrays.stream(deviations).boxed().toList(),
                call ? Optional.empty() : colour(thirds, deviations, usableHz)));
    }

    /** What is told of a voice ends a little below what was left of it, and nothing is told of a call. */
    private double usableHz(Optional<Edge> edge) {
        double rate = USABLE * sampleRateHz;
        return edge.isPresent() ? Math.min(rate, 2 * USABLE * edge.get().hz()) : rate;
    }

    private static boolean counts(double centreHz, double usableHz) {
        return centreHz > LOWEST_HZ && centreHz < Math.min(HIGHEST_HZ, usableHz);
    }

    private static Optional<Colour> colour(OctaveBands thirds, double[] deviations, double usableHz) {
        Colour most = null;
        double mostOver = 0;
        for (Range range : RANGES) {
            double sum = 0;
            int count = 0;
            int furthest = -1;
            for (int b = 0; b < deviations.length; b++) {
                double centre = thirds.centreHz(b);
                if (centre > range.lowHz() && centre < range.highHz() && counts(centre, usableHz)) {
                    sum += deviations[b];
                    count++;
                    double sign = Math.signum(range.limitDb());
                    furthest = furthest < 0 || sign * deviations[b] > sign * deviations[furthest] ? b : furthest;
                }
            }
            double off = count == 0 ? 0 : sum / count;
            double over = off / range.limitDb();
            if (over >= 1 && over > mostOver) {
                mostOver = over;
                most = new Colour(range.shade(), thirds.centreHz(furthest), off);
            }
        }
        return Optional.ofNullable(most);
    }

    private static double db(double power) {
        return Decibels.levelOfPower(Math.max(power, 1e-15));
    }
}
