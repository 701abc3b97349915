package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DropoutMeterTest {
    private static final int RATE = 48_000;

    private static List<DropoutMeter.Run> runs(float held, double seconds, int block) {
        SplittableRandom random = new SplittableRandom(8);
        float[] all = new float[RATE];
        for (int n = 0; n < all.length; n++) {
            all[n] = (float) (0.1 * random.nextGaussian());
        }
        Arrays.fill(all, 24_000, 24_000 + (int) (seconds * RATE), held);
        DropoutMeter meter = new DropoutMeter(RATE);
        for (int at = 0; at < all.length; at += block) {
            int count = Math.min(block, all.length - at);
            meter.accept(Arrays.copyOfRange(all, at, at + count), count);
        }
        return meter.runs();
    }

    /** Silence or the last value held, wherever the blocks end. */
    @ParameterizedTest
    @CsvSource({"0, 0.002, 480", "0.3, 0.01, 333", "-0.6, 0.02, 48000"})
    void aLostBufferIsFound(float held, double seconds, int block) {
        assertThat(runs(held, seconds, block)).singleElement().satisfies(r -> {
            assertThat(r.startS()).isCloseTo(0.5, within(0.0001));
            assertThat(r.endS() - r.startS()).isCloseTo(seconds, within(0.0001));
        });
    }

    @Test
    void whatIsCutOffAtFullScaleIsNotLost() {
        assertThat(runs(1, 0.004, 480)).isEmpty();
        assertThat(runs(-1, 0.004, 480)).isEmpty();
    }

    /** Crests that were cut off at 0.37 of full scale and then turned down are no lost buffers; silence with an offset is some. */
    @ParameterizedTest
    @CsvSource({"0.37, 0", "-0.21, 0", "0.004, 5", "0, 5"})
    void crestsThatWereCutOffAreNotLost(float level, int lost) {
        SplittableRandom random = new SplittableRandom(12);
        float[] all = new float[RATE];
        for (int n = 0; n < all.length; n++) {
            all[n] = (float) (0.1 * random.nextGaussian());
        }
        for (int k = 1; k <= 5; k++) {
            Arrays.fill(all, k * 7_000, k * 7_000 + RATE / 400, level);
        }
        DropoutMeter meter = new DropoutMeter(RATE);
        meter.accept(all, all.length);
        assertThat(meter.runs()).hasSize(lost);
    }

    @Test
    void lessThanAMillisecondIsChance() {
        assertThat(runs(0, 0.0006, 480)).isEmpty();
    }
}
