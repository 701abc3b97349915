package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RepeatMeterTest {
    private static final int RATE = 48_000;

    private static List<RepeatMeter.Repeat> repeats(float[] all, int block) {
        RepeatMeter meter = new RepeatMeter(RATE);
        for (int at = 0; at < all.length; at += block) {
            int count = Math.min(block, all.length - at);
            meter.accept(Arrays.copyOfRange(all, at, at + count), count);
        }
        return meter.repeats();
    }

    /** Played again once or several times, of every size, wherever the blocks end. */
    @ParameterizedTest
    @CsvSource({
        "64,1,480",
        "65,1,333",
        "128,2,480",
        "441,1,48000",
        "512,3,64",
        "1024,1,480",
        "2048,2,4096",
        "4096,1,480"
    })
    void aBufferPlayedAgainIsFoundToTheSample(int size, int times, int block) {
        float[] noise = Signals.noise(-30, 1, RATE, size);
        float[] again = new float[noise.length + size * times];
        System.arraycopy(noise, 0, again, 0, 20_000);
        for (int t = 0; t < times; t++) {
            System.arraycopy(noise, 20_000 - size, again, 20_000 + t * size, size);
        }
        System.arraycopy(noise, 20_000, again, 20_000 + times * size, noise.length - 20_000);
        assertThat(repeats(again, block)).singleElement().satisfies(r -> {
            assertThat(r.startS() * RATE).isCloseTo(20_000, within(0.5));
            assertThat(r.endS() * RATE).isCloseTo(20_000 + size * times, within(0.5));
        });
    }

    /** Each of these periods is a whole number of samples. */
    @ParameterizedTest
    @ValueSource(ints = {25, 48, 100, 480, 1000, 3000})
    void aToneRepeatsItselfAndIsNone(int period) {
        float[] tone = Signals.of(2 * RATE, n -> 0.3 * Math.sin(2 * Math.PI * (n % period) / period));
        assertThat(repeats(tone, 480)).isEmpty();
    }

    @Test
    void silenceWithADitherOfOneStepIsNone() {
        float[] noise = Signals.noise(-92, 3, RATE, 5);
        assertThat(repeats(Signals.of(noise.length, n -> Math.rint(noise[n] * 32_768) / 32_768), 480))
                .isEmpty();
        assertThat(repeats(new float[RATE], 480)).isEmpty();
    }
}
