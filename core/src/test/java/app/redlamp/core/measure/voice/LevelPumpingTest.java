package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Signals;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An automatic gain that turns up in pauses, and what only looks like one. */
class LevelPumpingTest {
    private static final int SECONDS = 60;

    private static float[] noisy(int rate, double pitchHz, double noiseDbfs, long seed) {
        return Signals.add(Speaker.reads(rate, SECONDS, pitchHz, seed), Signals.noise(noiseDbfs, SECONDS, rate, seed));
    }

    /** Turns up by so many dB a second while nobody speaks, as far as it may, and down again within 30 ms. */
    private static float[] automatic(float[] samples, int rate, double mostDb, double risesDbPerS) {
        float[] out = new float[samples.length];
        double level = 0;
        double gainDb = 0;
        for (int n = 0; n < samples.length; n++) {
            double square = samples[n] * samples[n];
            level += (square > level ? 0.003 : 0.0005) * (square - level);
            boolean speaks = level > 0.0005;
            gainDb = speaks ? gainDb * (1 - 1 / (0.03 * rate)) : Math.min(mostDb, gainDb + risesDbPerS / rate);
            out[n] = (float) (samples[n] * Math.pow(10, gainDb / 20));
        }
        return out;
    }

    /** Breath before every word that follows a pause: as strong around 1 kHz as a breath is, and weak above and below. */
    private static float[] breathing(float[] samples, int rate, double amplitude, long seed) {
        Random random = new Random(seed);
        BiquadFilter high = new BiquadFilter(Biquad.highPass(700, 0.7, rate));
        BiquadFilter low = new BiquadFilter(Biquad.lowPass(4000, 0.7, rate));
        float[] out = samples.clone();
        int still = 0;
        for (int n = 0; n < samples.length; n++) {
            if (Math.abs(samples[n]) < 0.01) {
                still++;
                continue;
            }
            int length = (int) (0.3 * rate);
            for (int i = 0; still > 0.35 * rate && i < length; i++) {
                double shape = Math.sin(Math.PI * i / length);
                out[n - length + i] += (float) (amplitude * shape * low.next(high.next(random.nextGaussian())));
            }
            still = 0;
        }
        return out;
    }

    @ParameterizedTest
    @CsvSource({
        "44100, 110, -55, 9, 10, 1",
        "48000, 190, -60, 9, 20, 2",
        "32000, 140, -50, 12, 12, 3",
        "44100, 95, -58, 15, 18, 4",
        "48000, 220, -52, 18, 8, 5"
    })
    void anAutomaticGainIsToldFromNineDecibelsOn(
            int rate, double pitchHz, double noiseDbfs, double mostDb, double risesDbPerS, long seed) {
        float[] samples = automatic(noisy(rate, pitchHz, noiseDbfs, seed), rate, mostDb, risesDbPerS);
        VoiceProfile voice = Measured.report(rate, samples).voice();
        // Pauses of 0.4 to 1.1 s let it rise by so much, and no more than it may.
        double reached = Math.min(mostDb, 1.1 * risesDbPerS);
        assertThat(voice.swellDb().orElseThrow()).isBetween(0.45 * reached, 1.1 * reached);
        assertThat(voice.plosives().count()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "44100, 110, -55, 0.02, 11",
        "48000, 200, -62, 0.01, 12",
        "44100, 150, -50, 0.04, 13",
        "32000, 120, -58, 0.005, 14"
    })
    void aBreathBeforeEveryWordIsNone(int rate, double pitchHz, double noiseDbfs, double amplitude, long seed) {
        float[] samples = breathing(noisy(rate, pitchHz, noiseDbfs, seed), rate, amplitude, seed);
        assertThat(Measured.report(rate, samples).voice().swellDb()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"44100, 100, -45, 21", "48000, 170, -55, 22", "32000, 210, -65, 23", "44100, 130, -75, 24"})
    void whatStaysAsItIsIsNone(int rate, double pitchHz, double noiseDbfs, long seed) {
        float[] samples = noisy(rate, pitchHz, noiseDbfs, seed);
        assertThat(Measured.report(rate, samples).voice().swellDb()).isEmpty();
    }

    /** A noise that swells by 10 dB over every ten seconds has nothing to do with the words. */
    @Test
    void noiseThatComesAndGoesByItselfIsNone() {
        int rate = 44_100;
        float[] speech = Speaker.reads(rate, SECONDS, 125, 31);
        float[] noise = Signals.noise(-60, SECONDS, rate, 31);
        float[] samples =
                Signals.of(speech.length, n -> speech[n] + noise[n] * Math.pow(10, (n / (double) rate % 10) / 20));
        assertThat(Measured.report(rate, samples).voice().swellDb()).isEmpty();
    }

    /** Pauses of nothing: a gate, whose lid opens early. */
    @Test
    void gatedPausesTellNothing() {
        assertThat(Measured.report(44_100, Speaker.reads(44_100, SECONDS, 125, 41))
                        .voice()
                        .swellDb())
                .isEmpty();
    }
}
