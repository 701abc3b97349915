package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class QuantileTest {
    @Test
    void countsFromBelow() {
        double[] values = {5, 1, 4, 2, 3};
        assertThat(Quantile.of(values, 0)).isEqualTo(1);
        assertThat(Quantile.of(values, 0.25)).isEqualTo(2);
        assertThat(Quantile.median(values)).isEqualTo(3);
        assertThat(Quantile.of(values, 0.99)).isEqualTo(5);
        assertThat(values).as("left as they were").containsExactly(5, 1, 4, 2, 3);
        assertThat(Quantile.median(new float[] {2, 1})).as("the upper of two").isEqualTo(2);
        assertThat(Quantile.median(List.of(7.0))).isEqualTo(7);
    }

    @Test
    void onlyTheFirstCount() {
        assertThat(Quantile.ofFirst(new double[] {9, 7, 8, 0, 0}, 3, 0.5)).isEqualTo(8);
    }

    /** Bins of white noise through the window add up to its mean square. */
    @Test
    void aWindowKeepsThePower() {
        int size = 1024;
        float[] window = Hann.window(size);
        double scale = Hann.scale(window);
        float[] noise = Signals.noise(-20, 20, 48_000, 4);
        double sum = 0;
        int frames = noise.length / size;
        Fourier transform = new Fourier(size);
        for (int f = 0; f < frames; f++) {
            float[] work = new float[size];
            for (int n = 0; n < size; n++) {
                work[n] = noise[f * size + n] * window[n];
            }
            transform.forward(work);
            for (int k = 2; k < size; k++) {
                sum += scale * work[k] * work[k];
            }
        }
        assertThat(10 * Math.log10(sum / frames)).isCloseTo(-20, within(0.1));
    }
}
