package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Signals;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Noise that swells and goes evenly is noise at its loudest too, is told as what it is, and as no automatic gain. */
class ThrobTest {
    private static final double SECONDS = 64;

    /** A fan whose level goes up and down with its turns; a bell of a sharpness of 1 is a cosine, of more a short swell. */
    private static float[] throbbing(int rate, double turnS, double depthDb, double sharpness, double dbfs, long seed) {
        return shaped(Speaker.fan(rate, SECONDS, dbfs, seed), rate, s -> {
            double bell = Math.pow((1 + Math.cos(2 * Math.PI * s / turnS)) / 2, sharpness);
            return Math.pow(10, -depthDb * (1 - bell) / 20);
        });
    }

    private static float[] shaped(float[] noise, int rate, DoubleUnaryOperator gain) {
        float[] shaped = noise.clone();
        for (int i = 0; i < shaped.length; i++) {
            shaped[i] *= (float) gain.applyAsDouble((double) i / rate);
        }
        return shaped;
    }

    @ParameterizedTest
    @CsvSource({
        "44100,110,1.1,16,1,-47,1",
        "48000,205,1.7,21,1,-52,2",
        "22050,150,2.3,14,2,-44,3",
        "96000,130,2.9,18,1,-58,4",
        "44100,180,0.85,20,1,-49,5",
        "48000,95,3.6,24,3,-46,6",
    })
    void swellsAreMeasuredAndTold(
            int rate, double pitchHz, double turnS, double depthDb, double sharpness, double dbfs, long seed) {
        float[] voice = Speaker.reads(rate, SECONDS, pitchHz, seed);
        float[] noise = Signals.add(
                throbbing(rate, turnS, depthDb, sharpness, dbfs, seed), Signals.noise(-79, SECONDS, rate, 7));
        Report report = Measured.report(rate, Signals.add(voice, noise));
        assertThat(report.pauses().throbS().orElse(0)).isCloseTo(turnS, within(0.03 * turnS));
        assertThat(report.noisiestDbfs().orElseThrow() - PausesUnderNoiseTest.worst(voice, noise, rate))
                .as("error of the noisiest half second")
                .isBetween(-1.5, 2.0);
        assertThat(Measured.kinds(report))
                .contains(Finding.Kind.THROBBING_NOISE)
                .doesNotContain(Finding.Kind.CHANGING_NOISE, Finding.Kind.PUMPING, Finding.Kind.COMPRESSED);
    }

    /** Words in an even beat, with steady noise: it is the voice that comes back, and not the noise. */
    @ParameterizedTest
    @CsvSource({"44100,120,1.5,-55", "48000,190,2.0,-63", "32000,150,1.2,-48"})
    void aVoiceInAnEvenBeatDoesNotThrob(int rate, double pitchHz, double turnS, double dbfs) {
        float[] voice = shaped(Speaker.reads(rate, SECONDS, pitchHz, 9), rate, s -> s % turnS < 0.5 * turnS ? 1 : 0);
        float[] noise = Speaker.fan(rate, SECONDS, dbfs, 9);
        Report report = Measured.report(rate, Signals.add(voice, noise));
        assertThat(report.pauses().throbS()).isEmpty();
        assertThat(report.noiseFloorDbfs().orElseThrow()).isCloseTo(dbfs, within(0.5));
    }

    /** Less than half a minute is laid over itself too few times. */
    @ParameterizedTest
    @CsvSource({"29, false", "40, true"})
    void itTakesHalfAMinute(double seconds, boolean told) {
        int rate = 44_100;
        float[] noise = throbbing(rate, 1.3, 18, 1, -48, 11);
        float[] all = Signals.add(Speaker.reads(rate, SECONDS, 140, 11), noise);
        Report report = Measured.report(rate, java.util.Arrays.copyOf(all, (int) (seconds * rate)));
        assertThat(report.pauses().throbS().isPresent()).isEqualTo(told);
    }
}
