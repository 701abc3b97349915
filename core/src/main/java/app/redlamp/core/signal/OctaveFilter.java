package app.redlamp.core.signal;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;

/**
 * A band-pass one octave wide: Butterworth of the sixth order, made by the bilinear transform from the analogue prototype.
 * It keeps the limits of class 1.
 *
 * <p>Source: IEC 61260-1:2014, base ten: edges at centre · 10^(±0.15).
 */
public final class OctaveFilter {
    /** A Butterworth band-pass of the sixth order is of class 1 (IEC 61260-1, from memory). */
    private static final int ORDER = 3;

    private final List<Biquad> sections;

    /**
     * @param centreHz exact middle of the band; its upper edge must lie below half the sample rate
     * @throws IllegalArgumentException where it does not
     */
    public OctaveFilter(double centreHz, double sampleRateHz) {
        double lowHz = centreHz / OctaveBands.HALF_OCTAVE;
        double highHz = centreHz * OctaveBands.HALF_OCTAVE;
        if (!(lowHz > 0 && highHz < sampleRateHz / 2)) {
            throw new IllegalArgumentException(Faults.say("octave-filter.octave-at-hz", centreHz, sampleRateHz / 2));
        }
        double low = warped(lowHz, sampleRateHz);
        double high = warped(highHz, sampleRateHz);
        double square = low * high;
        double width = high - low;
        List<Biquad> all = new ArrayList<>();
        // The prototype's real pole −1 gives one pair, its pair of complex poles gives two.
        all.add(section(width, square, sampleRateHz));
        double angle = Math.PI * (ORDER + 1) / (2 * ORDER);
        all.addAll(pairs(width * Math.cos(angle), width * Math.sin(angle), square, width, sampleRateHz));
        sections = List.copyOf(all);
    }

    /** Frequency in rad/s at which the transform puts a frequency. */
    private static double warped(double frequencyHz, double sampleRateHz) {
        return 2 * sampleRateHz * Math.tan(Math.PI * frequencyHz / sampleRateHz);
    }

    /** The analogue section {@code width s / (s² + p s + q)} as a digital one. */
    private static Biquad digital(double width, double p, double q, double sampleRateHz) {
        double k = 2 * sampleRateHz;
        double a0 = k * k + p * k + q;
        double b = width * k / a0;
        return new Biquad(b, 0, -b, 2 * (q - k * k) / a0, (k * k - p * k + q) / a0);
    }

    private static Biquad section(double width, double square, double sampleRateHz) {
        return digital(width, width, square, sampleRateHz);
    }

    /**
     * Two sections of the roots of s² − w s + square and of their conjugates, w complex.
     *
     * @param re real part of w
     * @param im imaginary part of w
     */
    private static List<Biquad> pairs(double re, double im, double square, double width, double sampleRateHz) {
        // Square root of w² − 4·square.
        double dRe = re * re - im * im - 4 * square;
        double dIm = 2 * re * im;
        double size = Math.hypot(dRe, dIm);
        double rootRe = Math.sqrt((size + dRe) / 2);
        double rootIm = Math.copySign(Math.sqrt((size - dRe) / 2), dIm);
        List<Biquad> both = new ArrayList<>();
        for (int sign = -1; sign <= 1; sign += 2) {
            double poleRe = (re + sign * rootRe) / 2;
            double poleIm = (im + sign * rootIm) / 2;
            both.add(digital(width, -2 * poleRe, poleRe * poleRe + poleIm * poleIm, sampleRateHz));
        }
        return both;
    }

    /** Gain as an amplitude ratio at a frequency. */
    public double gainAt(double frequencyHz, double sampleRateHz) {
        double gain = 1;
        for (Biquad section : sections) {
            gain *= section.gainAt(frequencyHz, sampleRateHz);
        }
        return gain;
    }

    /** Filters samples into a new array. */
    public float[] filter(float[] samples) {
        float[] out = samples.clone();
        for (Biquad section : sections) {
            BiquadFilter filter = new BiquadFilter(section);
            for (int n = 0; n < out.length; n++) {
                out[n] = (float) filter.next(out[n]);
            }
        }
        return out;
    }

    /**
     * Filters from the end to the beginning, so that the filter's own ringing comes before a decay and not into it
     * (ISO 3382-2:2008, 7.3).
     */
    public float[] filterBackwards(float[] samples) {
        float[] out = samples.clone();
        for (Biquad section : sections) {
            BiquadFilter filter = new BiquadFilter(section);
            for (int n = out.length - 1; n >= 0; n--) {
                out[n] = (float) filter.next(out[n]);
            }
        }
        return out;
    }
}
