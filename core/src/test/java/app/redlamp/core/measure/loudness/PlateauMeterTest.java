package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Signals;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Clipping that was filtered, coded or drowned afterwards, so that no two samples of its tops are equal. */
class PlateauMeterTest {
    private static final int SECONDS = 30;

    private static float[] voice(int rate, double pitchHz, long seed) {
        return Signals.add(Speaker.reads(rate, SECONDS, pitchHz, seed), Signals.noise(-70, SECONDS, rate, seed));
    }

    /** Cut off so far below its highest peak. */
    private static float[] cut(float[] samples, double db) {
        float most = 0;
        for (float x : samples) {
            most = Math.max(most, Math.abs(x));
        }
        double ceiling = most * Math.pow(10, -db / 20);
        return Signals.of(samples.length, n -> Math.max(-ceiling, Math.min(ceiling, samples[n])));
    }

    private static float[] filtered(float[] samples, Biquad... sections) {
        float[] out = samples.clone();
        for (Biquad section : sections) {
            BiquadFilter filter = new BiquadFilter(section);
            for (int n = 0; n < out.length; n++) {
                out[n] = (float) filter.next(out[n]);
            }
        }
        return out;
    }

    private static Optional<PlateauMeter.Cut> measure(int rate, float[] samples) {
        PlateauMeter meter = new PlateauMeter(rate, 1);
        // In blocks of an odd size, so that half-waves go on from one to the next.
        for (int at = 0; at < samples.length; at += 997) {
            int count = Math.min(997, samples.length - at);
            float[] block = java.util.Arrays.copyOfRange(samples, at, at + count);
            meter.accept(0, block, count);
        }
        return meter.result();
    }

    @ParameterizedTest
    @CsvSource({"44100, 120, 9, 1", "48000, 190, 9, 2", "32000, 100, 12, 3", "96000, 230, 10, 4"})
    void underNoiseAndBehindALowPass(int rate, double pitchHz, double db, long seed) {
        float[] cut = cut(voice(rate, pitchHz, seed), db);
        float[] noisy = Signals.add(cut, Signals.noise(-50, SECONDS, rate, seed + 9));
        assertThat(measure(rate, noisy)).isPresent();
        assertThat(measure(rate, filtered(cut, Biquad.lowPass(9000, 0.7, rate))))
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"44100, 120, 70, 1", "48000, 190, 80, 2", "32000, 100, 100, 3", "96000, 230, 90, 4"})
    void behindAHighPass(int rate, double pitchHz, double cornerHz, long seed) {
        float[] cut = cut(voice(rate, pitchHz, seed), 10);
        assertThat(measure(rate, filtered(cut, Biquad.highPass(cornerHz, 0.7, rate))))
                .isPresent();
    }

    /** The level is that of the tops; what lies around them belongs to the waveform. */
    @Test
    void whereAndAtWhichLevel() {
        int rate = 44_100;
        float[] cut = cut(voice(rate, 130, 7), 9);
        float[] turned = Signals.of(cut.length, n -> 0.4 * cut[n]);
        double ceiling = 0;
        for (float x : turned) {
            ceiling = Math.max(ceiling, Math.abs(x));
        }
        float[] noisy = Signals.add(turned, Signals.noise(-55, SECONDS, rate, 8));
        PlateauMeter.Cut found = measure(rate, noisy).orElseThrow();
        assertThat(found.db()).isCloseTo(20 * Math.log10(ceiling), within(0.5));
        for (Clipping.Run run : found.runs()) {
            double most = 0;
            for (int i = 0; i < run.samples(); i++) {
                most = Math.max(most, Math.abs(noisy[(int) Math.round(run.startS() * rate) + i]));
            }
            assertThat(most).isGreaterThan(0.7 * ceiling);
        }
    }

    @ParameterizedTest
    @CsvSource({"44100, 120, 11", "48000, 190, 12", "32000, 100, 13", "96000, 230, 14", "22050, 150, 15"})
    void aVoiceThatWasNotCutOffHasNone(int rate, double pitchHz, long seed) {
        float[] voice = voice(rate, pitchHz, seed);
        assertThat(measure(rate, voice)).isEmpty();
        for (double hz : new double[] {60, 80, 120}) {
            assertThat(measure(rate, filtered(voice, Biquad.highPass(hz, 0.7, rate))))
                    .isEmpty();
        }
        assertThat(measure(rate, filtered(voice, Biquad.lowPass(4000, 0.7, rate))))
                .isEmpty();
    }

    @Test
    void tonesNoiseAndSilenceHaveNone() {
        assertThat(measure(44_100, Signals.sine(200, -6, 5, 44_100))).isEmpty();
        assertThat(measure(44_100, Signals.sine(50, -1, 5, 44_100))).isEmpty();
        assertThat(measure(44_100, Signals.noise(-12, 10, 44_100, 3))).isEmpty();
        assertThat(measure(44_100, new float[44_100])).isEmpty();
        assertThat(measure(44_100, new float[0])).isEmpty();
    }

    /** What is cut off at full scale is told as that, and once. */
    @Test
    void theClipMeterAsksItLast() {
        float[] voice = cut(voice(44_100, 120, 21), 9);
        ClipMeter plain = new ClipMeter(44_100, 1);
        plain.accept(0, voice, voice.length);
        double exact = plain.result().flatTopDbfs().orElseThrow();
        float[] noisy = Signals.add(voice, Signals.noise(-45, SECONDS, 44_100, 22));
        ClipMeter behind = new ClipMeter(44_100, 1);
        behind.accept(0, noisy, noisy.length);
        assertThat(behind.result().flatTopDbfs().orElseThrow()).isCloseTo(exact, within(0.7));
        assertThat(behind.result().flatTops()).hasSizeBetween(10, 1000);
    }
}
