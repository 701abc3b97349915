package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BreakMeterTest {
    private static List<BreakMeter.Break> breaks(int rate, float[] all, int block) {
        BreakMeter meter = new BreakMeter(rate);
        for (int at = 0; at < all.length; at += block) {
            int count = Math.min(block, all.length - at);
            meter.accept(Arrays.copyOfRange(all, at, at + count), count);
        }
        return meter.breaks();
    }

    /** A low tone with noise that goes on somewhere else in its period: the first, at a crest; found to a few samples. */
    @ParameterizedTest
    @CsvSource({"32000,333", "44100,480", "48000,48000", "96000,1000", "192000,4096"})
    void aStepIsFoundAtItsPlaceWhateverTheRateAndTheBlocks(int rate, int block) {
        float[] noise = Signals.noise(-70, 2, rate, 3);
        int at = rate + rate / 700;
        float[] broken = Signals.of(
                2 * rate, n -> 0.2 * Math.sin(2 * Math.PI * 170 * (n < at ? n : n + rate / 350.0) / rate) + noise[n]);
        assertThat(breaks(rate, broken, block))
                .isNotEmpty()
                .allSatisfy(b -> assertThat(b.atS() * rate).isCloseTo(at, within(3.0)));
    }

    /** A crest that is cut off, hard or by a gain that turns at once, bends the waveform and does not break it. */
    @ParameterizedTest
    @ValueSource(doubles = {0.9, 0.6, 0.4})
    void aCutCrestIsNone(double share) {
        float[] read = read(48_000, 110, 4);
        float most = 0;
        for (float x : read) {
            most = Math.max(most, Math.abs(x));
        }
        double limit = share * most;
        float[] cut = Signals.of(read.length, n -> Math.max(-limit, Math.min(limit, read[n])));
        float[] turned = Signals.of(
                read.length,
                n -> Math.abs(read[n]) > limit
                        ? Math.signum(read[n]) * (0.5 * limit + 0.5 * Math.abs(read[n]))
                        : read[n]);
        assertThat(Measured.report(48_000, cut).voice().jumps().count()).isZero();
        assertThat(Measured.report(48_000, turned).voice().jumps().count()).isZero();
    }

    @Test
    void belowTheLowestRateNoneIsLookedFor() {
        assertThat(breaks(22_050, Signals.of(22_050, n -> n == 9000 ? 0.5 : 0.001 * (n % 7)), 480))
                .isEmpty();
    }

    /** The made-up reader's glottis closes within one sample; a real one takes longer, as behind this low-pass. */
    private static float[] read(int rate, double pitchHz, long seed) {
        float[] sharp = Speaker.reads(rate, 20, pitchHz, seed);
        float[] noise = Signals.noise(-68, 20, rate, seed);
        BiquadFilter first = new BiquadFilter(Biquad.lowPass(2000, Biquad.BUTTERWORTH_Q, rate));
        BiquadFilter second = new BiquadFilter(Biquad.lowPass(2500, Biquad.BUTTERWORTH_Q, rate));
        return Signals.of(sharp.length, n -> second.next(first.next(sharp[n])) + noise[n]);
    }

    /** What begins, ends or hisses sharply is no break. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aReaderHasNone(long seed) {
        float[] heard = read(44_100, 70.0 + 30 * (int) seed, seed);
        assertThat(Measured.report(44_100, heard).voice().jumps().count()).isZero();
    }

    @Test
    void threeBreaksOfTwoSwappedBuffersAreOnePlace() {
        int rate = 48_000;
        float[] swapped = read(rate, 120, 9);
        int at = loudest(swapped, rate);
        float[] first = Arrays.copyOfRange(swapped, at, at + 256);
        System.arraycopy(swapped, at + 256, swapped, at, 256);
        System.arraycopy(first, 0, swapped, at + 256, 256);
        VoiceProfile voice = Measured.report(rate, swapped).voice();
        assertThat(voice.jumps().worst())
                .singleElement()
                .satisfies(e -> assertThat(e.startS() * rate).isBetween(at - 5.0, at + 517.0));
        assertThat(voice.dropouts().count()).isZero();
    }

    /** The middle of the loudest twentieth of a second. */
    private static int loudest(float[] x, int rate) {
        int length = rate / 20;
        int best = 0;
        double most = 0;
        for (int at = 0; at + length < x.length; at += length) {
            double sum = 0;
            for (int i = at; i < at + length; i++) {
                sum += x[i] * x[i];
            }
            if (sum > most) {
                most = sum;
                best = at;
            }
        }
        return best + length / 2;
    }
}
