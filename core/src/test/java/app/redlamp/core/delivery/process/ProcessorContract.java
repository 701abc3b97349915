package app.redlamp.core.delivery.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

/** What holds for every step of finishing; a subclass gives settings that do something, and such that cannot be. */
abstract class ProcessorContract {
    private static final int[] RATES = {16_000, 44_100, 96_000};

    /** With settings that change what is tried on them. */
    abstract Processor processor();

    /** Settings that are refused. */
    abstract List<Supplier<Processor>> impossible();

    /** Bursts over hiss, loud enough for every step. */
    private static float[][] sound(int rate, int channels) {
        SplittableRandom random = new SplittableRandom(11);
        float[][] all = new float[channels][rate];
        for (int n = 0; n < rate; n++) {
            double burst = n % (rate / 3) < rate / 8 ? 0.8 * Math.sin(2 * Math.PI * 170 * n / rate) : 0;
            for (float[] channel : all) {
                channel[n] = (float) (burst + 0.05 * random.nextGaussian());
            }
        }
        return all;
    }

    private float[][] run(int rate, float[][] in, int block) throws IOException {
        return Signals.readAll(processor().over(Signals.source(rate, in)), block);
    }

    @Test
    void asManyFramesComeOutAsWentIn() throws IOException {
        for (int rate : RATES) {
            for (int channels : new int[] {1, 2}) {
                float[][] out = run(rate, sound(rate, channels), 1000);
                assertThat(out).hasNumberOfRows(channels);
                assertThat(out[0]).hasSize(rate);
            }
        }
        assertThat(run(48_000, new float[1][0], 64)[0]).isEmpty();
        assertThat(run(48_000, new float[1][1], 64)[0]).hasSize(1);
    }

    @Test
    void anyBlockGivesTheSameSamples() throws IOException {
        float[][] in = sound(44_100, 2);
        float[][] whole = run(44_100, in, 44_100);
        for (int block : new int[] {1, 7, 333, 1024, 5000}) {
            assertThat(run(44_100, in, block)).as("blocks of " + block).isDeepEqualTo(whole);
        }
    }

    @Test
    void silenceStaysSilence() throws IOException {
        for (float sample : run(48_000, new float[1][20_000], 512)[0]) {
            assertThat(sample).isZero();
        }
    }

    @Test
    void noNumberGoesInAndOnlyNumbersComeOut() throws IOException {
        float[][] in = sound(48_000, 1);
        in[0][3] = Float.NaN;
        in[0][20_000] = Float.POSITIVE_INFINITY;
        in[0][20_001] = Float.NEGATIVE_INFINITY;
        float[] out = run(48_000, in, 480)[0];
        for (float sample : out) {
            assertThat(Float.isFinite(sample)).isTrue();
        }
        // And what follows is as if nothing had been.
        float[] clean = run(48_000, sound(48_000, 1), 480)[0];
        assertThat(out[47_999]).isCloseTo(clean[47_999], org.assertj.core.api.Assertions.within(1e-4f));
    }

    /** Settings have no state: a second run begins anew, also beside the first. */
    @Test
    void everyRunBeginsAnew() throws IOException {
        Processor settings = processor();
        float[][] in = sound(44_100, 1);
        float[][] first = Signals.readAll(settings.over(Signals.source(44_100, in)), 512);
        Processor.Run beside = settings.over(Signals.source(44_100, in));
        beside.read(new float[1][100], 100);
        assertThat(Signals.readAll(settings.over(Signals.source(44_100, in)), 512))
                .isDeepEqualTo(first);
        assertThat(settings).isEqualTo(processor());
    }

    /** What comes out lies where it went in: the delay inside is taken out. */
    @Test
    void nothingIsDelayed() throws IOException {
        for (int rate : RATES) {
            float[][] in = new float[1][rate];
            in[0][rate / 2] = 0.9f;
            float[] out = run(rate, in, 512)[0];
            int highest = 0;
            for (int n = 0; n < rate; n++) {
                highest = Math.abs(out[n]) > Math.abs(out[highest]) ? n : highest;
            }
            assertThat(highest).isBetween(rate / 2, rate / 2 + 2);
            assertThat(processor().latencyFrames(rate)).isBetween(0, rate / 20);
        }
    }

    @Test
    void itDoesSomethingAndHasAName() throws IOException {
        float[][] in = sound(44_100, 1);
        float[][] before = {in[0].clone()};
        assertThat(run(44_100, in, 512)[0]).isNotEqualTo(before[0]);
        assertThat(processor().id()).matches("[a-z-]+");
    }

    @Test
    void whatCannotBeIsRefused() {
        for (Supplier<Processor> wrong : impossible()) {
            assertThatThrownBy(wrong::get)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("must lie");
        }
    }
}
