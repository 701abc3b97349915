package app.redlamp.core.signal;

import java.math.BigDecimal;

/**
 * Octave and third-octave bands over a power spectrum.
 *
 * <p>Source: IEC 61260-1, base ten: G = 10^0.3, exact centres 1000 · G^(n/b) Hz, edges at centre · G^(±1/2b).
 */
public final class OctaveBands {
    /** From the centre of an octave to its edges, as a factor (IEC 61260-1, base ten, from memory). */
    public static final double HALF_OCTAVE = Math.pow(10, 0.15);

    /** From the centre of a third octave to the next one's, as a factor (IEC 61260-1, base ten, from memory). */
    public static final double THIRD = Math.pow(10, 0.1);

    /** Third octaves from 63 Hz to 16 kHz. */
    public static final OctaveBands THIRDS = new OctaveBands(3, -12, 12);

    /** Octaves from 31.5 Hz to 16 kHz. */
    public static final OctaveBands OCTAVES = new OctaveBands(1, -5, 4);

    /** Ten to a decade (ISO 266, from memory). */
    private static final double[] NOMINAL = {1, 1.25, 1.6, 2, 2.5, 3.15, 4, 5, 6.3, 8};

    private final double[] centresHz;
    private final double halfWidth;

    private OctaveBands(int bandsPerOctave, int first, int last) {
        centresHz = new double[last - first + 1];
        for (int i = 0; i < centresHz.length; i++) {
            centresHz[i] = octaveHz((double) (first + i) / bandsPerOctave);
        }
        halfWidth = Math.pow(10, 0.3 / (2 * bandsPerOctave));
    }

    /** Exact centre of what lies so many octaves above 1 kHz, in Hz; below for less than 0. */
    public static double octaveHz(double octavesOver1k) {
        return 1000 * Math.pow(10, 0.3 * octavesOver1k);
    }

    /** Whether a frequency lies in a band: its lower edge belongs to it. */
    public boolean contains(int band, double hz) {
        return hz >= centresHz[band] / halfWidth && hz < centresHz[band] * halfWidth;
    }

    /** How many bands. */
    public int count() {
        return centresHz.length;
    }

    /** Exact centre of a band in Hz. */
    public double centreHz(int band) {
        return centresHz[band];
    }

    /** Centre of a band in Hz as it is called, such as 31.5 or 125 (IEC 61260-1, annex E; ISO 266). */
    public double nominalHz(int band) {
        int step = (int) Math.round(NOMINAL.length * Math.log10(centresHz[band]));
        int decade = step / NOMINAL.length;
        return NOMINAL[step % NOMINAL.length] * Math.pow(10, decade);
    }

    /** The nominal centre in digits, as a key: {@code 31.5}, {@code 125}. */
    public String name(int band) {
        return BigDecimal.valueOf(nominalHz(band)).stripTrailingZeros().toPlainString();
    }

    /**
     * Mean square in each band. A bin that an edge cuts counts to both sides by its share.
     *
     * @param bins mean square in each bin of a spectrum, as of {@link PowerSpectrum#bins}
     */
    public double[] powers(double[] bins, double binHz) {
        double[] powers = new double[centresHz.length];
        for (int b = 0; b < powers.length; b++) {
            powers[b] = between(bins, binHz, centresHz[b] / halfWidth, centresHz[b] * halfWidth);
        }
        return powers;
    }

    /** Mean square of a spectrum between two frequencies. */
    public static double between(double[] bins, double binHz, double lowHz, double highHz) {
        double sum = 0;
        int first = (int) Math.max(0, Math.floor(lowHz / binHz - 0.5));
        int last = (int) Math.min(bins.length - 1, Math.ceil(highHz / binHz + 0.5));
        for (int k = first; k <= last; k++) {
            double from = Math.max(lowHz, (k - 0.5) * binHz);
            double to = Math.min(highHz, (k + 0.5) * binHz);
            sum += bins[k] * Math.max(0, to - from) / binHz;
        }
        return sum;
    }
}
