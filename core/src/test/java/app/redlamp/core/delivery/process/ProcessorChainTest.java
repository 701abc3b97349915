package app.redlamp.core.delivery.process;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.signal.Signals;
import app.redlamp.core.units.Limits;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ProcessorChainTest {
    private static final int RATE = 48_000;

    private final ProcessorChain chain =
            new ProcessorChain(List.of(new BandPass(Limits.atLeast(80), false), new Gain(12), new Limiter(-3)));

    @Test
    void itIsItsStepsOneAfterTheOther() throws IOException {
        float[] in = Signals.sine(500, -10, 1, RATE);
        float[][] byHand = Signals.readAll(
                new Limiter(-3)
                        .over(new Gain(12)
                                .over(new BandPass(Limits.atLeast(80), false).over(Signals.source(RATE, in.clone())))),
                512);
        ProcessorChain.Running running = chain.over(Signals.source(RATE, in.clone()), ProcessorChain.NO_TAP);
        assertThat(Signals.readAll(running.out(), 512)).isDeepEqualTo(byHand);
        // 12 dB up from −10 against a ceiling of −3: five decibels are held back, and one more where the tone sets in.
        assertThat(running.reduction().mostDb()).isBetween(5.0, 6.5);
        assertThat(chain.latencyFrames(RATE)).isEqualTo(new Limiter(-3).latencyFrames(RATE));
    }

    /** The tap hears what went in and what each step made of it, and changes nothing. */
    @Test
    void theTapHearsEveryStep() throws IOException {
        float[] in = Signals.sine(1000, -20, 1, RATE);
        Map<Integer, Double> peaks = new HashMap<>();
        Map<Integer, Integer> frames = new HashMap<>();
        ProcessorChain.Running tapped = chain.over(Signals.source(RATE, in.clone()), (step, block, count) -> {
            for (int n = 0; n < count; n++) {
                peaks.merge(step, (double) Math.abs(block[0][n]), Math::max);
            }
            frames.merge(step, count, Integer::sum);
        });
        float[][] out = Signals.readAll(tapped.out(), 700);
        assertThat(out)
                .isDeepEqualTo(Signals.readAll(
                        chain.over(Signals.source(RATE, in.clone()), ProcessorChain.NO_TAP)
                                .out(),
                        512));
        assertThat(frames)
                .containsOnlyKeys(-1, 0, 1, 2)
                .allSatisfy((step, n) -> assertThat(n).isEqualTo(RATE));
        assertThat(20 * Math.log10(peaks.get(1) / peaks.get(0))).isBetween(11.99, 12.01);
        assertThat(peaks.get(-1)).isCloseTo(0.1, org.assertj.core.api.Assertions.within(1e-3));
    }

    @Test
    void withoutAStepNothingIsDone() throws IOException {
        float[] in = Signals.sine(1000, -20, 0.2, RATE);
        ProcessorChain.Running none =
                new ProcessorChain(List.of()).over(Signals.source(RATE, in), ProcessorChain.NO_TAP);
        assertThat(Signals.readAll(none.out(), 512)[0]).isEqualTo(in);
        assertThat(none.reduction().mostDb()).isZero();
    }
}
