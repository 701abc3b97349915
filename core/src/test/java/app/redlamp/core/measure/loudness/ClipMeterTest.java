package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.signal.Signals;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ClipMeterTest {
    private static final int RATE = 1000;

    @Test
    void threeInARowAreARun() {
        assertThat(runs(0, 1, 1, 0, 1, 1, 1, 0)).isEqualTo(1);
        assertThat(runs(1, 1, 1, 1, 1, 1, 1, 1)).isEqualTo(1);
        assertThat(runs(1, 1, -1, -1, 1, 1)).isZero();
        assertThat(runs(-1, -1, -1, 0, 1, 1, 1)).isEqualTo(2);
    }

    /** A 16-bit file's full scale is 32767/32768 = 0.99997. */
    @Test
    void sixteenBitFullScaleCounts() {
        float top = 32767 / 32768f;
        assertThat(runs(top, top, top)).isEqualTo(1);
        assertThat(runs(0.999f, 0.999f, 0.999f)).isZero();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 5, 100})
    void aRunMayCrossBlocks(int block) {
        float[] samples = {0, 0, 1, 1, 1, 1, 0, 0, -1, -1, -1, 0};
        ClipMeter meter = new ClipMeter(RATE, 1);
        for (int at = 0; at < samples.length; at += block) {
            float[] part = java.util.Arrays.copyOfRange(samples, at, Math.min(samples.length, at + block));
            meter.accept(0, part, part.length);
        }
        assertThat(meter.result().places())
                .containsExactly(new Clipping.Run(0.002, 4, 0), new Clipping.Run(0.008, 3, 0));
    }

    /** A sine driven 6 dB over full scale is flat at both crests of every period. */
    @Test
    void aClippedSineHasTwoRunsAPeriod() {
        float[] sine = Signals.sine(100, 6, 1, 48_000);
        float[] clipped = Signals.of(sine.length, n -> Math.max(-1, Math.min(1, sine[n])));
        ClipMeter meter = new ClipMeter(48_000, 1);
        meter.accept(0, clipped, clipped.length);
        assertThat(meter.result().runs()).isEqualTo(200);
    }

    private static int runs(float... samples) {
        ClipMeter meter = new ClipMeter(RATE, 1);
        meter.accept(0, samples, samples.length);
        return meter.result().runs();
    }
}
