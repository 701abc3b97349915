package app.redlamp.core.measure.origin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Speaker;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Speech that a small coder of our own cut into blocks: cosines by their definition, values rounded to steps that are coarser the higher they
 * are, and put together again by adding what overlaps.
 */
class BlockMeterTest {
    private static final int RATE = 44_100;
    private static final int PIECES = 8;
    private static final int STEP = 70 * 1024;
    private static final float[] SPEECH = noisy(Speaker.reads(RATE, 16, 140, 9), 9);

    @ParameterizedTest
    @CsvSource({"1024, true, 0.004", "1024, false, 0.002", "256, true, 0.004"})
    void blocksAreFoundWhereverTheRecordingBegins(int size, boolean kaiser, double step) {
        double[] window = kaiser ? LappedTransform.kaiser(size, size == 256 ? 5 : 4) : LappedTransform.sine(size);
        List<float[]> pieces = IntStream.range(0, PIECES)
                .mapToObj(p -> rounded(coded(piece(p), window, step)))
                .toList();
        for (int skipped : new int[] {0, 333}) {
            assertThat(meter(pieces, skipped).blockSamples())
                    .as("without the first %s samples", skipped)
                    .hasValue(size);
        }
        assertThat(meter(pieces.subList(1, PIECES), 0).blockSamples())
                .as("too little")
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void whatWasNeverCodedHasNone(long seed) {
        BlockMeter meter = new BlockMeter(RATE);
        float[] speech = rounded(noisy(Speaker.reads(RATE, 20, (int) (90 + 40 * seed), seed), seed));
        for (int p = 0; p < 12; p++) {
            meter.offer(p * 57_111L, 1, speech, RATE + p * 57_111);
        }
        assertThat(meter.blockSamples()).isEmpty();
    }

    /** A window over which halves that overlap add up to one in power (Princen and Bradley's condition). */
    @Test
    void windowsAddUpToOne() {
        for (double[] window : new double[][] {
            LappedTransform.sine(1024), LappedTransform.kaiser(1024, 4), LappedTransform.kaiser(256, 5)
        }) {
            int size = window.length / 2;
            for (int n = 0; n < size; n++) {
                assertThat(window[n] * window[n] + window[n + size] * window[n + size])
                        .isCloseTo(1, within(1e-9));
            }
        }
    }

    /** All values of all beginnings, by convolution, are those of the definition. */
    @Test
    void bothWaysToTheValuesGiveTheSame() {
        LappedTransform transform = new LappedTransform(LappedTransform.sine(256));
        SplittableRandom random = new SplittableRandom(3);
        float[] samples = new float[3 * 256];
        for (int n = 0; n < samples.length; n++) {
            samples[n] = (float) random.nextDouble(-1, 1);
        }
        double[] all = new double[256];
        transform.addLevels(transform.spectrum(samples), transform.filter(77), 1e-12, all, 0);
        for (int begins : new int[] {0, 1, 100, 255}) {
            assertThat(transform.levels(samples, begins, 77, 78, 1e-12)).isCloseTo(all[begins], within(0.05));
            double value = value(samples, begins, LappedTransform.sine(256), turn(256), 77);
            assertThat(Math.pow(10, all[begins] / 10)).isCloseTo(value * value, within(1e-3));
        }
    }

    /** A meter that was offered what lies a block behind the beginning of each piece, or that much less. */
    private static BlockMeter meter(List<float[]> pieces, int skipped) {
        BlockMeter meter = new BlockMeter(RATE);
        for (int p = 0; p < pieces.size(); p++) {
            meter.offer(STEP * (p + 1) - skipped, p, pieces.get(p), 1024 - skipped);
        }
        return meter;
    }

    /** Speech with noise; pieces are whole blocks apart. */
    private static float[] piece(int number) {
        int from = RATE + number * STEP;
        return Arrays.copyOfRange(SPEECH, from, from + 5 * 1024);
    }

    private static float[] coded(float[] piece, double[] window, double step) {
        int size = window.length / 2;
        double[] turn = turn(size);
        float[] out = new float[piece.length];
        for (int from = 0; from + 2 * size <= piece.length; from += size) {
            double[] values = new double[size];
            for (int k = 0; k < size; k++) {
                double coarse = step * Math.sqrt((double) k / size + 0.01);
                values[k] = coarse * Math.rint(value(piece, from, window, turn, k) / coarse);
            }
            for (int n = 0; n < 2 * size; n++) {
                int place = n;
                out[from + n] += (float) (window[n] * sum(size, k -> values[k] * cosine(turn, place, k)));
            }
        }
        return out;
    }

    private static double value(float[] samples, int from, double[] window, double[] turn, int k) {
        return sum(window.length, n -> window[n] * samples[from + n] * cosine(turn, n, k));
    }

    /** √(2/N) cos(π/N (n + ½ + N/2)(k + ½)), from a turn of 8 N steps. */
    private static double cosine(double[] turn, int n, int k) {
        return turn[(2 * n + 1 + turn.length / 8) * (2 * k + 1) % turn.length];
    }

    private static double[] turn(int size) {
        return IntStream.range(0, 8 * size)
                .mapToDouble(i -> Math.sqrt(2.0 / size) * Math.cos(2 * Math.PI * i / (8 * size)))
                .toArray();
    }

    private static double sum(int count, IntToDoubleFunction term) {
        double sum = 0;
        for (int i = 0; i < count; i++) {
            sum += term.applyAsDouble(i);
        }
        return sum;
    }

    private static float[] noisy(float[] speech, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int n = 0; n < speech.length; n++) {
            speech[n] += (float) (0.0008 * random.nextGaussian());
        }
        return speech;
    }

    /** To 16 bits. */
    private static float[] rounded(float[] samples) {
        float[] rounded = samples.clone();
        for (int n = 0; n < rounded.length; n++) {
            rounded[n] = Math.round(rounded[n] * 32_768) / 32_768f;
        }
        return rounded;
    }
}
