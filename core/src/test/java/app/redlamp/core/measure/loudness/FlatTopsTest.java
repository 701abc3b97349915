package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Clipping that happened before the level was turned down. */
class FlatTopsTest {
    private static final int RATE = 44_100;

    @ParameterizedTest
    @ValueSource(doubles = {-1, -6, -12})
    void clippedAndTurnedDown(double gainDb) {
        double gain = Math.pow(10, gainDb / 20);
        float[] voice = voice(6, 1);
        float[] samples = sixteenBits(Signals.of(voice.length, n -> gain * Math.max(-1, Math.min(1, voice[n]))), 2);
        Clipping clipping = measure(samples);
        assertThat(clipping.runs()).isZero();
        assertThat(clipping.flatTopDbfs().orElseThrow()).isCloseTo(gainDb, within(0.1));
        assertThat(clipping.flatTops()).hasSizeGreaterThan(20);
        Clipping.Run first = clipping.flatTops().get(0);
        assertThat(Math.abs(samples[(int) Math.round(first.startS() * RATE) + 1]))
                .isCloseTo((float) gain, within(0.01f));
    }

    /** The same voice with room above it, a loud low tone and loud noise have no flat tops. */
    @Test
    void whatIsNotClippedHasNone() {
        for (long seed = 1; seed <= 5; seed++) {
            assertThat(measure(sixteenBits(voice(-6, seed), seed)).flatTopDbfs())
                    .isEmpty();
        }
        assertThat(measure(sixteenBits(Signals.sine(50, -1, 5, RATE), 1)).flatTopDbfs())
                .isEmpty();
        assertThat(measure(sixteenBits(Signals.noise(-12, 60, RATE, 1), 1)).flatTopDbfs())
                .isEmpty();
    }

    @Test
    void aSingleFlatTopIsNoProof() {
        float[] samples = sixteenBits(voice(-8, 1), 1);
        for (int i = 0; i < 6; i++) {
            samples[20_000 + i] = 0.5f;
        }
        assertThat(measure(samples).flatTopDbfs()).isEmpty();
    }

    /** Harmonics of a gliding pitch with a varying level: a voice without words; 5 s. */
    private static float[] voice(double peakDbfs, long seed) {
        Random random = new Random(seed);
        double phase = random.nextDouble();
        float[] wave = Signals.of(5 * RATE, n -> {
            double t = (double) n / RATE;
            double turn = 2 * Math.PI * (120 * t + 3 * Math.sin(1.7 * t) + phase);
            double sum = 0;
            for (int h = 1; h <= 12; h++) {
                sum += Math.sin(h * turn + h * h) / h;
            }
            return sum * (0.6 + 0.4 * Math.sin(5.3 * t));
        });
        float largest = 0;
        for (float x : wave) {
            largest = Math.max(largest, Math.abs(x));
        }
        double gain = Math.pow(10, peakDbfs / 20) / largest;
        return Signals.of(wave.length, n -> gain * wave[n]);
    }

    private static float[] sixteenBits(float[] samples, long seed) {
        Random random = new Random(seed);
        return Signals.of(samples.length, n -> Math.rint(samples[n] * 32_768 + random.nextDouble() - 0.5) / 32_768);
    }

    private static Clipping measure(float[] samples) {
        ClipMeter meter = new ClipMeter(RATE, 1);
        meter.accept(0, samples, samples.length);
        return meter.result();
    }
}
