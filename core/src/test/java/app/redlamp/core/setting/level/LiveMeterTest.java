package app.redlamp.core.setting.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.core.signal.OctaveBands;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LiveMeterTest {
    private static final int RATE = 48_000;

    private static float[] sine(double hz, double amplitude, double seconds) {
        float[] all = new float[(int) (seconds * RATE)];
        for (int n = 0; n < all.length; n++) {
            all[n] = (float) (amplitude * Math.sin(2 * Math.PI * hz * n / RATE));
        }
        return all;
    }

    private static LiveMeter.Look look(LiveMeter meter) {
        LiveMeter.Look look = new LiveMeter.Look();
        meter.look(look);
        return look;
    }

    /** A peak is shown with the block that holds it. */
    @Test
    void peaksAreShownAtOnce() {
        LiveMeter meter = new LiveMeter(RATE);
        meter.accept(new float[RATE], RATE);
        float[] block = new float[480];
        block[479] = 0.5f;
        meter.accept(block, 480);
        assertThat(look(meter).levelDb()).isCloseTo(-6.02, within(0.01));
    }

    /** 20 dB in 1.7 s: IEC 60268-18, from memory. */
    @Test
    void itFallsByTwentyDecibelsIn1Point7Seconds() {
        LiveMeter meter = new LiveMeter(RATE);
        meter.accept(sine(1000, 1, 0.1), RATE / 10);
        meter.accept(new float[2 * RATE], (int) (1.7 * RATE));
        assertThat(look(meter).levelDb()).isCloseTo(-20, within(0.1));
        meter.accept(new float[2 * RATE], (int) (0.85 * RATE));
        assertThat(look(meter).levelDb()).isCloseTo(-30, within(0.1));
    }

    @Test
    void theHighestPeakStaysUntilItIsForgotten() {
        LiveMeter meter = new LiveMeter(RATE);
        meter.accept(sine(1000, 0.5, 1), RATE);
        meter.accept(new float[4 * RATE], 4 * RATE);
        assertThat(look(meter).highestDb()).isCloseTo(-6.02, within(0.01));
        meter.forget();
        meter.accept(sine(1000, 0.1, 1), RATE);
        assertThat(look(meter).highestDb()).isCloseTo(-20, within(0.01));
    }

    @Test
    void noiseAndVoiceAreTwoHills() {
        LiveMeter meter = new LiveMeter(RATE);
        SplittableRandom random = new SplittableRandom(1);
        float[] noise = new float[RATE / 2];
        for (int i = 0; i < 20; i++) {
            for (int n = 0; n < noise.length; n++) {
                noise[n] = (float) (0.001 * random.nextGaussian());
            }
            meter.accept(noise, noise.length);
            meter.accept(sine(200, 0.2, 0.5), RATE / 2);
        }
        LiveMeter.Look look = look(meter);
        int noiseAt = 0;
        int voiceAt = 0;
        for (int b = 0; b < LevelHistogram.BINS; b++) {
            noiseAt = look.noise(b) > look.noise(noiseAt) ? b : noiseAt;
            voiceAt = look.voice(b) > look.voice(voiceAt) ? b : voiceAt;
        }
        assertThat(LevelHistogram.levelOf(noiseAt)).isCloseTo(-60, within(1.0));
        assertThat(LevelHistogram.levelOf(voiceAt)).isCloseTo(-17, within(1.0));
        assertThat(look.quietDb()).isCloseTo(-60, within(0.5));
        // One peak for each 0.4 s.
        assertThat(look.peakCount()).isEqualTo(50);
        assertThat(look.peakDb(1)).isCloseTo(-13.98, within(0.05));
    }

    /** Half a minute of noise, and so much of it 20 dB louder: a door that shuts is no voice, a second of reading is one. */
    @ParameterizedTest
    @CsvSource({"0.0, false", "0.15, false", "0.45, false", "1.0, true", "5.0, true"})
    void whatIsRareIsNoVoice(double loudS, boolean voice) {
        LiveMeter meter = new LiveMeter(RATE);
        SplittableRandom random = new SplittableRandom(2);
        float[] block = new float[RATE / 20];
        for (int i = 0; i < 600; i++) {
            double size = i >= 200 && i < 200 + loudS * 20 ? 0.01 : 0.001;
            for (int n = 0; n < block.length; n++) {
                block[n] = (float) (size * random.nextGaussian());
            }
            meter.accept(block, block.length);
        }
        LiveMeter.Look look = look(meter);
        int spoken = 0;
        for (int b = 0; b < LevelHistogram.BINS; b++) {
            spoken += look.voice(b);
        }
        assertThat(spoken > 0).isEqualTo(voice);
    }

    /** A full-scale sine is −3.01 dBFS RMS, all of it in its third octave. */
    @Test
    void theSpectrumHasTheLevelOfATone() {
        LiveMeter meter = new LiveMeter(RATE);
        for (int i = 0; i < 20; i++) {
            meter.accept(sine(1000, 1, 0.5), RATE / 2);
        }
        int band = 0;
        while (OctaveBands.THIRDS.centreHz(band) < 990) {
            band++;
        }
        LiveMeter.Look look = look(meter);
        assertThat(look.thirdDb(band)).isCloseTo(-3.01, within(0.1));
        assertThat(look.thirdDb(band - 3)).isLessThan(-60);
    }

    @Test
    void clippedSamplesAreCountedAndWhatIsNoNumberIsSilence() {
        LiveMeter meter = new LiveMeter(RATE);
        meter.accept(new float[] {1, -1, 0.5f, Float.NaN, Float.POSITIVE_INFINITY}, 5);
        assertThat(look(meter).clipped()).isEqualTo(2);
        assertThat(look(meter).highestDb()).isCloseTo(0, within(1e-6));
    }

    @Test
    void silenceIsNoNumberEither() {
        LiveMeter.Look look = look(new LiveMeter(RATE));
        assertThat(look.levelDb()).isEqualTo(-150);
        assertThat(look.peakCount()).isZero();
    }
}
