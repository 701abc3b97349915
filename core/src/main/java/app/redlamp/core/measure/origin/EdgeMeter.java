package app.redlamp.core.measure.origin;

import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.Optional;

/**
 * Looks for the frequency above which there is nothing. Microphones, rooms and preamps leave some noise up to half the sample rate; where
 * it stops at once, something took the rest away: a coding, a lower sample rate, a telephone.
 *
 * <p>In each band the level that one window in five exceeds is looked at: codings leave the top out in most windows, and a click,
 * which fills every band, is in fewer.
 */
public final class EdgeMeter {
    /** Long enough to part what is 250 Hz apart (ours). */
    private static final double LENGTH_S = 0.05;

    /** Wide enough for a steady level, narrow enough for an edge (ours). */
    private static final double BAND_HZ = 250;

    /** One window in five is louder (ours). */
    private static final double LOUD = 0.8;

    /** Fewer tell nothing (ours). */
    private static final int FEWEST_WINDOWS = 10;

    /** An edge falls within a kilohertz (ours). */
    private static final int SLOPE = 4;

    /** Nearer to half the sample rate nothing is seen (ours). */
    private static final double TOP = 0.99;

    /** Up to here a voice itself may end at once (ours). */
    private static final double LOW_HZ = 10_000;

    /** Between 3 and 5 kHz some voices fall by 30 dB of themselves, and no more (ours). */
    private static final double LOW_CLIFF_DB = 40;

    /** Above 10 kHz no voice falls like that within a kilohertz, whatever is left (ours). */
    private static final double CLIFF_DB = 30;

    /** Down to nothing, so much is enough (ours). */
    private static final double DROP_DB = 12;

    /**
     * Nothing: level in one bin of 23 Hz, in dBFS. Rounding to 16 bits leaves −131, dithered −126, and the quietest preamps −115 (the first two
     * computed, the last common practice, no source).
     */
    private static final double NOTHING_DBFS = -118;

    /** The same above 10 kHz, where nothing falls like that of itself: what was rounded may have been turned up by 12 dB since (ours). */
    private static final double TURNED_UP_DBFS = -114;

    /** A window of 2048 samples at 48 kHz, by definition. */
    private static final double USUAL_BIN_HZ = 23.4;

    /** Where the level is down from what it was by so much, it ends: voices fall by less up to there (ours). */
    private static final double END_DB = 20;

    /** Where an edge begins is looked for so many bands further down (ours). */
    private static final int FURTHER = 10;

    /** Levels are counted in steps; finer ones tell no more (ours). */
    private static final double STEP_DB = 2;

    /** Below what single precision holds (ours). */
    private static final double LOWEST_DB = -200;

    private final int bands;
    private final double highestHz;
    private final PowerSpectrum spectrum;
    private final int[][] counts;
    private int windows;

    public EdgeMeter(int sampleRateHz) {
        spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(LENGTH_S, sampleRateHz), sampleRateHz);
        highestHz = Edge.wholeHz(sampleRateHz);
        bands = (int) (TOP * sampleRateHz / 2 / BAND_HZ);
        counts = new int[bands][(int) (-LOWEST_DB / STEP_DB) + 1];
    }

    /** Samples that {@link #add} looks at. */
    public int windowSamples() {
        return spectrum.length();
    }

    /** Adds a window of anything; digital silence is left out. */
    public void add(float[] samples, int at) {
        spectrum.add(samples, at);
        double binHz = spectrum.binHz();
        if (!(spectrum.latest(1, spectrum.length() / 2) > 0)) {
            return;
        }
        for (int b = 0; b < bands; b++) {
            int from = (int) Math.ceil(b * BAND_HZ / binHz);
            int to = Math.max(from + 1, (int) Math.ceil((b + 1) * BAND_HZ / binHz));
            double level = Decibels.levelOfPower(spectrum.latest(from, to));
            counts[b][bin(level)]++;
        }
        windows++;
    }

    private static int bin(double level) {
        return (int) Math.max(0, Math.min(-LOWEST_DB / STEP_DB, (level - LOWEST_DB) / STEP_DB));
    }

    /** The edge; absent where there is none, or with too little sound. */
    public Optional<Edge> result() {
        if (windows < FEWEST_WINDOWS) {
            return Optional.empty();
        }
        double[] levels = new double[bands];
        Arrays.setAll(levels, b -> levelIn(counts[b]));
        double finer = Decibels.levelOfPower(spectrum.binHz() / USUAL_BIN_HZ);
        double above = Double.NEGATIVE_INFINITY;
        for (int b = bands - 1 - SLOPE - 1; b * BAND_HZ >= Edge.LOWEST_HZ; b--) {
            above = Math.max(above, levels[b + SLOPE]);
            boolean low = b * BAND_HZ < LOW_HZ;
            double level = around(levels, b);
            boolean toNothing = level - above >= DROP_DB
                    && level > finer + NOTHING_DBFS
                    && above <= finer + (low ? NOTHING_DBFS : TURNED_UP_DBFS);
            if (toNothing || level - above >= (low ? LOW_CLIFF_DB : CLIFF_DB)) {
                return edge(levels, b, above);
            }
        }
        return Optional.empty();
    }

    private Optional<Edge> edge(double[] levels, int first, double above) {
        double before = around(levels, first);
        int end = first + SLOPE;
        for (int b = first - 1; b > first - FURTHER && b * BAND_HZ >= Edge.LOWEST_HZ - SLOPE * BAND_HZ; b--) {
            before = Math.max(before, around(levels, b));
        }
        double last = before - Math.min(END_DB, (before - above) / 2);
        while (levels[end] < last) {
            end--;
        }
        double hz = (end + 1) * BAND_HZ;
        return hz < highestHz ? Optional.of(new Edge(hz, before - above)) : Optional.empty();
    }

    /** Middle level of four bands up to this one, whatever tone is in one of them. */
    private static double around(double[] levels, int band) {
        double[] four = Arrays.copyOfRange(levels, Math.max(0, band - SLOPE + 1), band + 1);
        Arrays.sort(four);
        return (four[(four.length - 1) / 2] + four[four.length / 2]) / 2;
    }

    private double levelIn(int[] band) {
        int below = 0;
        int at = 0;
        while (at < band.length - 1 && below + band[at] < LOUD * windows) {
            below += band[at++];
        }
        return LOWEST_DB + (at + 0.5) * STEP_DB;
    }
}
