package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TruePeakMeterTest {
    private static final int RATE = 48_000;
    private static final double EBU_ABOVE_DB = 0.2;
    private static final double EBU_BELOW_DB = 0.4;

    /** Four points a sample miss a crest at 0.35 of the rate by at most 20 lg cos(0.35 π / 4) = −0.33 dB. */
    private static final double SINES_DB = 0.33;

    /** EBU Tech 3341 cases 15 to 19 (from memory): sines whose samples miss their crests. */
    @ParameterizedTest
    @CsvSource({"4,0,0.5,-6.0", "4,45,0.5,-6.0", "6,60,0.5,-6.0", "8,67.5,0.5,-6.0", "4,45,1.41,3.0"})
    void sinesBetweenTheSamples(int samplesPerPeriod, double degrees, double amplitude, double dbtp) {
        float[] tone = Signals.sine((double) RATE / samplesPerPeriod, amplitude, degrees, 1, RATE);
        assertThat(peak(RATE, fadedEnds(tone)).orElseThrow()).isBetween(dbtp - EBU_BELOW_DB, dbtp + EBU_ABOVE_DB);
    }

    /** Sums of sines up to 0.35 of the rate, whose waveform is known: its crest at 64 points a sample is the truth. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void sumsOfSines(long seed) {
        Random random = new Random(seed);
        double[][] parts = new double[12][];
        for (int k = 0; k < parts.length; k++) {
            parts[k] = new double[] {random.nextDouble() * 0.35, random.nextDouble() * 2 * Math.PI};
        }
        int length = 4800;
        double truth = 0;
        for (int point = 0; point < length * 64; point++) {
            truth = Math.max(truth, Math.abs(wave(parts, point / 64.0, length)));
        }
        float[] samples = Signals.of(length, n -> wave(parts, n, length));
        assertThat(peak(RATE, samples).orElseThrow()).isCloseTo(20 * Math.log10(truth), within(SINES_DB));
    }

    private static double wave(double[][] parts, double at, int length) {
        double sum = 0;
        for (double[] part : parts) {
            sum += Math.sin(2 * Math.PI * part[0] * at + part[1]) / parts.length;
        }
        double fromEnd = Math.min(at, length - 1 - at);
        return sum * Math.min(1, Math.max(0, fromEnd / 400));
    }

    /** The reason why the end is flushed: the crest of the last sample lies after it. */
    @Test
    void theVeryEndCounts() {
        float[] ending = {0, 0, 0, 0, 0, 0, 0, 0, 0.1f, 0.1f};
        assertThat(peak(RATE, ending).orElseThrow()).isGreaterThan(-20 + 1);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 7, 64, 1000, 4096})
    void blocksMakeNoDifference(int block) {
        float[] samples = Signals.noise(-12, 0.5, RATE, 3);
        assertThat(peakInBlocks(samples, block)).isEqualTo(peakInBlocks(samples, samples.length));
    }

    @Test
    void silenceHasNoPeak() {
        assertThat(peak(RATE, Signals.silence(1, RATE))).isEmpty();
        assertThat(peak(RATE, new float[0])).isEmpty();
    }

    @Test
    void neverBelowTheLargestSample() {
        float[] click = new float[1000];
        click[500] = 0.9f;
        assertThat(peak(RATE, click).orElseThrow()).isGreaterThanOrEqualTo(20 * Math.log10(0.9f));
    }

    private static float[] fadedEnds(float[] tone) {
        int fade = tone.length / 20;
        return Signals.of(tone.length, n -> tone[n] * Math.min(1, Math.min(n, tone.length - 1 - n) / (double) fade));
    }

    private static OptionalDouble peak(int rate, float[] samples) {
        TruePeakMeter meter = new TruePeakMeter(rate);
        meter.accept(samples, samples.length);
        return meter.truePeakDbtp();
    }

    private static OptionalDouble peakInBlocks(float[] samples, int block) {
        TruePeakMeter meter = new TruePeakMeter(RATE);
        for (int at = 0; at < samples.length; at += block) {
            float[] part = Arrays.copyOfRange(samples, at, Math.min(samples.length, at + block));
            meter.accept(part, part.length);
        }
        return meter.truePeakDbtp();
    }
}
