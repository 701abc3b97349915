package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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

    /** A sample by the definition. */
    private static double sum(float[] samples, float[] response, int at) {
        double sum = 0;
        for (int k = 0; k < Math.min(response.length, at + 1); k++) {
            sum += (double) response[k] * samples[at - k];
        }
        return sum;
    }

    /** Against the sum by its definition. */
    @ParameterizedTest
    @ValueSource(ints = {1, 5, 255, 256, 257, 1000, 3000})
    void itIsTheSum(int responseLength) {
        float[] samples = noise(2500, 1);
        float[] response = noise(responseLength, 2);
        float[] out = Convolver.of(samples, response);
        for (int n = 0; n < samples.length; n += 97) {
            assertThat((double) out[n]).isCloseTo(sum(samples, response, n), within(1e-3));
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
            assertThat((double) out[n]).as("%d", n).isCloseTo(sum(samples, response, n), within(1e-3));
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

    /** Several at once give what each gives by itself, whichever of them is silent or fades. */
    @ParameterizedTest
    @ValueSource(ints = {-1, 0, 1, 2})
    void severalAtOnceAreTheirSum(int fading) {
        List<Convolver> alone = new ArrayList<>();
        List<Convolver> together = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            alone.add(new Convolver(64, noise(40 + 150 * i, i)));
            together.add(new Convolver(64, noise(40 + 150 * i, i)));
        }
        for (int round = 0; round < 9; round++) {
            if (fading >= 0 && round == 4) {
                alone.get(fading).set(noise(300, 77));
                together.get(fading).set(noise(300, 77));
            }
            List<float[]> samples =
                    List.of(round < 2 ? new float[64] : noise(64, 10 + round), noise(64, 30 + round), new float[64]);
            float[] wanted = noise(64, 5);
            float[] out = noise(64, 5);
            for (int i = 0; i < 3; i++) {
                alone.get(i).add(samples.get(i), wanted);
            }
            Convolver.addAll(together, samples, out);
            assertThat(out).as("%d", round).containsExactly(wanted, within(1e-3f));
        }
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
