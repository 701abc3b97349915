package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ConvolverTest {
    private static float[] noise(int length, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        float[] all = new float[length];
        for (int n = 0; n < length; n++) {
            all[n] = (float) random.nextGaussian();
        }
        return all;
    }

    /** Against the sum by its definition. */
    @ParameterizedTest
    @ValueSource(ints = {1, 5, 255, 256, 257, 1000, 3000})
    void itIsTheSum(int responseLength) {
        float[] samples = noise(2500, 1);
        float[] response = noise(responseLength, 2);
        float[] out = Convolver.of(samples, response);
        for (int n = 0; n < samples.length; n += 97) {
            double sum = 0;
            for (int k = 0; k < Math.min(responseLength, n + 1); k++) {
                sum += (double) response[k] * samples[n - k];
            }
            assertThat((double) out[n]).isCloseTo(sum, within(1e-3));
        }
    }

    /** Silence is not transformed: sound before it rings on into it, and what comes after it is whole. By the definition too. */
    @ParameterizedTest
    @ValueSource(ints = {1, 256, 700, 3000})
    void silenceInBetweenChangesNothing(int responseLength) {
        float[] samples = noise(6000, 3);
        Arrays.fill(samples, 0, 600, 0);
        Arrays.fill(samples, 1500, 4100, 0);
        Arrays.fill(samples, 4500, 4501, 0);
        float[] response = noise(responseLength, 4);
        float[] out = Convolver.of(samples, response);
        for (int n = 0; n < samples.length; n += 61) {
            double sum = 0;
            for (int k = 0; k < Math.min(responseLength, n + 1); k++) {
                sum += (double) response[k] * samples[n - k];
            }
            assertThat((double) out[n]).as("%d", n).isCloseTo(sum, within(1e-3));
        }
    }

    @Test
    void anotherResponseIsFadedIn() {
        Convolver convolver = new Convolver(64, new float[] {1});
        float[] ones = new float[64];
        Arrays.fill(ones, 1);
        float[] out = new float[64];
        convolver.add(ones, out);
        assertThat(out[63]).isCloseTo(1, within(1e-5f));
        convolver.set(new float[] {3});
        out = new float[64];
        convolver.add(ones, out);
        assertThat(out[0]).isBetween(1f, 1.1f);
        assertThat(out[32]).isCloseTo(2, within(0.05f));
        assertThat(out[63]).isBetween(2.9f, 3f);
        out = new float[64];
        convolver.add(ones, out);
        assertThat(out[5]).isCloseTo(3, within(1e-4f));
    }

    /** A longer response remembers what came before it. */
    @Test
    void aLongerResponseKeepsThePast() {
        Convolver convolver = new Convolver(64, new float[] {1});
        float[] click = new float[64];
        click[0] = 1;
        convolver.add(click, new float[64]);
        float[] late = new float[200];
        late[130] = 5;
        convolver.set(late);
        convolver.add(new float[64], new float[64]);
        float[] out = new float[64];
        convolver.add(new float[64], out);
        assertThat(out[2]).isCloseTo(5, within(1e-4f));
    }

    /** A high-pass of the first order, by its formula. */
    @Test
    void theShortestResponseHasTheGainThatIsAsked() {
        float[] response = MinimumPhase.of(f -> f / Math.hypot(f, 500), 1024, 48_000);
        Fourier transform = new Fourier(4096);
        float[] row = Arrays.copyOf(response, 4096);
        transform.forward(row);
        for (double hz : new double[] {200, 500, 1000, 4000, 12_000}) {
            int k = (int) Math.round(hz / 48_000 * 4096);
            double at = k * 48_000 / 4096.0;
            assertThat(Math.hypot(row[2 * k], row[2 * k + 1])).isCloseTo(at / Math.hypot(at, 500), within(0.01));
        }
        // All of it is at the beginning.
        double first = 0;
        double all = 0;
        for (int n = 0; n < response.length; n++) {
            all += (double) response[n] * response[n];
            first += n < 64 ? (double) response[n] * response[n] : 0;
        }
        assertThat(first / all).isGreaterThan(0.99);
    }
}
