package app.redlamp.core.delivery.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.process.BandPass;
import app.redlamp.core.delivery.process.Gain;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.Signals;
import app.redlamp.core.units.Limits;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The small steps of finishing: edges, channels, tone and gain, dither. */
class SourcesTest {
    private static final int RATE = 44_100;

    @Test
    void severalChannelsBecomeTheirMean() throws IOException {
        float[] a = {1, 0.5f, 0};
        float[] b = {0, 0.5f, -1};
        assertThat(Signals.readAll(new MixedSource(Signals.source(RATE, a, b), 1), 2)[0])
                .containsExactly(0.5f, 0.5f, -0.5f);
        assertThat(Signals.readAll(new MixedSource(Signals.source(RATE, a), 2), 2))
                .isDeepEqualTo(new float[][] {a, a});
        assertThat(Signals.readAll(new MixedSource(Signals.source(RATE, a, b), 2), 2))
                .isDeepEqualTo(new float[][] {a, b});
        assertThatIllegalArgumentException().isThrownBy(() -> new MixedSource(Signals.source(RATE, a), 3));
    }

    @Test
    void gainAndHighPassDoWhatTheySay() throws IOException {
        float[] in = Signals.sine(1000, -20, 2, RATE);
        float[] out = Signals.readAll(
                new Gain(9.4).over(new BandPass(Limits.atLeast(80), false).over(Signals.source(RATE, in))), 4096)[0];
        float[] settled = Arrays.copyOfRange(out, RATE, 2 * RATE);
        double filter =
                20 * Math.log10(Biquad.highPass(80, Biquad.BUTTERWORTH_Q, RATE).gainAt(1000, RATE));
        assertThat(Signals.rmsDbfs(settled)).isCloseTo(-20 - 3.0103 + 9.4 + filter, within(0.001));
    }

    @Test
    void brokenSamplesDoNotSpoilTheFilter() throws IOException {
        float[] in = Signals.sine(1000, -20, 1, RATE);
        in[100] = Float.NaN;
        in[200] = Float.NEGATIVE_INFINITY;
        for (float sample :
                Signals.readAll(new BandPass(Limits.atLeast(80), false).over(Signals.source(RATE, in)), 512)[0]) {
            assertThat(sample).isBetween(-1f, 1f);
        }
    }

    /** Total error of triangular dither is a quarter step squared of noise power, free of distortion. */
    @ParameterizedTest
    @CsvSource({"16", "24"})
    void ditheredRoundingErrorIsNoise(int bits) {
        Dither dither = new Dither(bits);
        double step = Math.pow(2, 1 - bits);
        float[] in = Signals.sine(441, -80 + (16 - bits) * 4, 5, RATE);
        double error = 0;
        double along = 0;
        double power = 0;
        for (float x : in) {
            double e = dither.quantise(x) * step - x;
            error += e * e;
            along += e * x;
            power += (double) x * x;
        }
        // Rounding gives step²/12, the dither of two even spreads of one step each another step²/6.
        assertThat(Math.sqrt(error / in.length) / step).isCloseTo(0.5, within(0.01));
        // So a full-scale sine stands 6.02 N + 1.76 dB over plain rounding, 4.77 dB less with the dither.
        double ratio = 10 * Math.log10(0.5 / (error / in.length));
        assertThat(ratio).isCloseTo(6.0206 * bits + 1.7609 - 4.7712, within(0.1));
        assertThat(along / power)
                .as("part of the error that follows the signal")
                .isCloseTo(0, within(0.01));
    }

    @Test
    void ditherStaysWithinTheBits() {
        Dither dither = new Dither(16);
        for (int n = 0; n < 1000; n++) {
            assertThat(dither.quantise(1f)).isBetween(32_764, 32_767);
            assertThat(dither.quantise(-1.5f)).isEqualTo(-32_768);
        }
        assertThatIllegalArgumentException().isThrownBy(() -> new Dither(32)).withMessageContaining("2 to 24");
    }

    @Test
    void edgesComeIntoTheirWindows() {
        EdgePlan plan = EdgePlan.of(
                Specifications.audiobook(), Reports.good().edges(0.3, 7).get());
        assertThat(plan.addHeadS()).isCloseTo(0.3, within(1e-9));
        assertThat(plan.cutTailS()).isCloseTo(2.1, within(1e-9));
        assertThat(plan.cutHeadS()).isZero();
        assertThat(plan.tone()).isPresent();
        assertThat(EdgePlan.of(Specifications.audiobook(), Reports.good().get()).changes())
                .isFalse();
        assertThat(EdgePlan.of(
                        Specifications.broadcast(), Reports.good().edges(0, 0).get()))
                .isEqualTo(EdgePlan.NONE);
    }

    @Test
    void aPlanThatCannotBeIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new EdgePlan(-1, 0, 0, 0, Optional.empty()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new EdgePlan(0, 0, 1, 0, Optional.empty()))
                .withMessageContaining("tone");
    }

    @Test
    void addedEdgesAreRoomToneWithoutASeam() throws IOException {
        float[] room = Signals.noise(-60, 3, RATE, 1);
        float[] tone = Arrays.copyOfRange(room, 1000, 1000 + RATE / 2);
        Optional<Pauses.Stretch> stretch = Optional.of(new Pauses.Stretch(1000.0 / RATE, 1000.0 / RATE + 0.5, -60));
        EdgePlan plan = new EdgePlan(0, 0, 1.5, 2, stretch);
        float[] out = Signals.readAll(
                new EdgedSource(Signals.source(RATE, room), plan, room.length, new float[][] {tone}), 777)[0];
        assertThat(out).hasSize(room.length + Math.round(3.5f * RATE));
        for (int at = 0; at + RATE / 10 < out.length; at += RATE / 10) {
            double level = Signals.rmsDbfs(Arrays.copyOfRange(out, at, at + RATE / 10));
            assertThat(level).as("at " + (double) at / RATE + " s").isCloseTo(-60, within(0.7));
        }
    }

    @Test
    void cutEdgesLeaveTheRestAsItWas() throws IOException {
        float[] in = Signals.noise(-20, 2, RATE, 2);
        EdgePlan plan = new EdgePlan(0.5, 0.25, 0, 0, Optional.empty());
        float[] out =
                Signals.readAll(new EdgedSource(Signals.source(RATE, in), plan, in.length, new float[0][0]), 1000)[0];
        assertThat(out).containsExactly(Arrays.copyOfRange(in, RATE / 2, 2 * RATE - RATE / 4));
    }
}
