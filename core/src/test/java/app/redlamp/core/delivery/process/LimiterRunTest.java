package app.redlamp.core.delivery.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LimiterRunTest {
    private static final int RATE = 48_000;

    /** What a limiter may exceed its ceiling by. */
    private static final double ALLOWED_DB = 0.1;

    /** Bursts of random sines, up to 12 dB too loud, judged by 16 points a sample of a long sinc. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void nothingComesOutAboveTheCeiling(long seed) throws IOException {
        float[] in = bursts(seed);
        LimiterRun limiter = new LimiterRun(Signals.source(RATE, in), -3);
        float[] out = Signals.readAll(limiter, 700)[0];
        assertThat(out).hasSameSizeAs(in);
        assertThat(truePeakDb(out)).isLessThanOrEqualTo(-3 + ALLOWED_DB);
        assertThat(limiter.reduction().mostDb()).isGreaterThan(1);
    }

    @Test
    void belowTheCeilingNothingChanges() throws IOException {
        float[] in = Signals.sine(440, -6, 0.5, RATE);
        LimiterRun limiter = new LimiterRun(Signals.source(RATE, in), -3);
        assertThat(Signals.readAll(limiter, 1000)[0]).containsExactly(in);
        assertThat(limiter.reduction().mostDb()).isZero();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 13, 512, 100_000})
    void blocksMakeNoDifference(int block) throws IOException {
        float[] in = bursts(9);
        float[] whole = Signals.readAll(new LimiterRun(Signals.source(RATE, in), -6), 4096)[0];
        assertThat(Signals.readAll(new LimiterRun(Signals.source(RATE, in), -6), block)[0])
                .containsExactly(whole);
    }

    /** A steady tone 6 dB over the ceiling settles at the ceiling and keeps its shape. */
    @Test
    void aSteadyToneSettlesAtTheCeiling() throws IOException {
        float[] out = Signals.readAll(new LimiterRun(Signals.source(RATE, Signals.sine(997, 0, 2, RATE)), -6), 4096)[0];
        float[] settled = java.util.Arrays.copyOfRange(out, RATE, RATE + RATE / 2);
        assertThat(Signals.rmsDbfs(settled)).isCloseTo(-6.1 - 3.01, within(0.05));
    }

    /** Both channels are turned down alike, or the voice would wander. */
    @Test
    void channelsKeepTheirBalance() throws IOException {
        float[] loud = Signals.sine(300, 0, 0.5, RATE);
        float[] soft = Signals.sine(300, -12, 0.5, RATE);
        float[][] out = Signals.readAll(new LimiterRun(Signals.source(RATE, loud, soft), -6), 1024);
        for (int n = 1000; n < loud.length; n += 997) {
            if (Math.abs(loud[n]) > 0.1) {
                assertThat(out[1][n] / out[0][n]).isCloseTo(soft[n] / loud[n], within(1e-4f));
            }
        }
    }

    /** The gain moves smoothly: a quiet tone under a single click is not torn. */
    @ParameterizedTest
    @CsvSource({"8000", "44100", "96000"})
    void aClickIsHeldAtAnyRate(int rate) throws IOException {
        float[] in = Signals.sine(200, -20, 1, rate);
        in[rate / 2] = 1f;
        float[] out = Signals.readAll(new LimiterRun(Signals.source(rate, in), -6), 333)[0];
        double largest = 0;
        for (float x : out) {
            largest = Math.max(largest, Math.abs(x));
        }
        assertThat(20 * Math.log10(largest)).isCloseTo(-6, within(0.5));
        assertThat(out[rate / 2 + rate * 9 / 20]).isCloseTo(in[rate / 2 + rate * 9 / 20], within(1e-3f));
    }

    private static float[] bursts(long seed) {
        Random random = new Random(seed);
        double[] frequencies = random.doubles(6, 100, 12_000).toArray();
        return Signals.of(RATE / 2, n -> {
            double sum = 0;
            for (double f : frequencies) {
                sum += Math.sin(2 * Math.PI * f * n / RATE + f);
            }
            double burst = Math.max(0, Math.sin(2 * Math.PI * 7 * n / RATE));
            return sum * 0.45 * burst;
        });
    }

    private static double truePeakDb(float[] samples) {
        double peak = 0;
        for (int n = 100; n < samples.length - 100; n++) {
            if (Math.abs(samples[n]) < 0.4) {
                continue;
            }
            for (int p = -8; p <= 8; p++) {
                double sum = 0;
                for (int k = -60; k <= 60; k++) {
                    double t = p / 16.0 - k;
                    double window = 0.5 + 0.5 * Math.cos(Math.PI * Math.min(1, Math.abs(t) / 61));
                    sum += samples[n + k] * window * (t == 0 ? 1 : Math.sin(Math.PI * t) / (Math.PI * t));
                }
                peak = Math.max(peak, Math.abs(sum));
            }
        }
        return 20 * Math.log10(peak);
    }
}
