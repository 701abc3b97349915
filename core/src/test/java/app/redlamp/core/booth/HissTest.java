package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HissTest {
    private static final int LENGTH = 300_000;

    private static float[] samples(int rate, long seed) {
        Hiss hiss = new Hiss(rate, new SplittableRandom(seed));
        float[] samples = new float[LENGTH];
        for (int n = 0; n < LENGTH; n++) {
            samples[n] = (float) hiss.next();
        }
        return samples;
    }

    private static double correlation(float[] a, float[] b, int lag) {
        double sum = 0;
        for (int n = lag; n < LENGTH; n++) {
            sum += a[n] * b[n - lag];
        }
        return sum / (LENGTH - lag);
    }

    @ParameterizedTest
    @ValueSource(ints = {44_100, 48_000, 96_000})
    void asStrongInEveryHertzUpToTwentyKilohertz(int rate) {
        float[] samples = samples(rate, 1);
        assertThat(Decibels.levelOfPower(correlation(samples, samples, 0))).isCloseTo(0, within(0.1));
        PowerSpectrum spectrum = new PowerSpectrum(4096, rate);
        for (int from = 0; from + 4096 <= LENGTH; from += 2048) {
            spectrum.add(samples, from);
        }
        double all = power(spectrum, 0, rate / 2.0);
        // A share of the band is a share of the power (by definition of white noise).
        assertThat(Decibels.levelOfPower(power(spectrum, 500, 2_500) / all)).isCloseTo(-10, within(0.3));
        assertThat(Decibels.levelOfPower(power(spectrum, 12_000, 16_000) / all)).isCloseTo(-7, within(0.3));
        if (rate > 48_000) {
            assertThat(power(spectrum, 22_000, 40_000) / all).isLessThan(0.001);
        }
    }

    private static double power(PowerSpectrum spectrum, double fromHz, double toHz) {
        double sum = 0;
        double[] bins = spectrum.bins();
        for (int k = 0; k < bins.length; k++) {
            double at = k * spectrum.binHz();
            sum += at >= fromHz && at < toHz ? bins[k] : 0;
        }
        return sum;
    }

    /** Two channels have nothing in common, and what has been heard does not come again. */
    @Test
    void nothingRepeats() {
        float[] one = samples(48_000, 1);
        float[] other = samples(48_000, 2);
        assertThat(correlation(one, other, 0)).isCloseTo(0, within(0.02));
        for (int lag : new int[] {1_024, 131_071, 2 * 104_729}) {
            // One of two rings may have come round, never both.
            assertThat(correlation(one, one, lag)).isLessThan(0.55);
        }
    }

    @Test
    void theSameSeedGivesTheSame() {
        assertThat(samples(48_000, 7)).isEqualTo(samples(48_000, 7));
    }
}
