package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** ITU-T P.56 method B on gated tones, whose active part and activity are known. */
class ActiveSpeechMeterTest {
    /** The hangover adds 0.2 s to each burst; it is reckoned in below, and what is left is the envelope's rise. */
    private static final double LEVEL_DB = 0.3;

    private static final double SHARE = 0.02;

    @ParameterizedTest
    @CsvSource({"8000,-20,2,2", "16000,-26,3,1", "44100,-30,1,3", "48000,-12,2,6", "96000,-26,4,4"})
    void aGatedToneGivesTheLevelOfItsActivePart(int rate, double peakDbfs, double onS, double offS) {
        List<float[]> parts = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            parts.add(Signals.sine(1000, peakDbfs, onS, rate));
            parts.add(Signals.silence(offS, rate));
        }
        ActiveSpeech speech = measure(rate, Signals.join(parts.toArray(float[][]::new)));
        double active = (onS + 0.2) / (onS + offS);
        double level = peakDbfs - 3.01 + 10 * Math.log10(onS / (onS + 0.2));
        assertThat(speech.activity()).isCloseTo(active, within(SHARE));
        assertThat(speech.levelDbov().orElseThrow()).isCloseTo(level, within(LEVEL_DB));
    }

    /** The overload point is a full-scale square wave: a full-scale sine lies 3.01 dB below it. */
    @Test
    void aSteadyToneIsActiveThroughout() {
        ActiveSpeech speech = measure(48_000, Signals.sine(1000, 0, 5, 48_000));
        assertThat(speech.levelDbov().orElseThrow()).isCloseTo(-3.01, within(0.05));
        assertThat(speech.activity()).isCloseTo(1, within(0.01));
    }

    @Test
    void silenceHasNoActivity() {
        ActiveSpeech speech = measure(48_000, Signals.silence(2, 48_000));
        assertThat(speech.levelDbov()).isEmpty();
        assertThat(speech.activity()).isZero();
    }

    /** Noise 30 dB below the voice is no activity. */
    @Test
    void noiseInThePausesCountsNothing() {
        int rate = 16_000;
        float[] gated = Signals.join(Signals.sine(500, -20, 5, rate), Signals.silence(5, rate));
        ActiveSpeech speech = measure(rate, Signals.add(gated, Signals.noise(-53, 10, rate, 1)));
        assertThat(speech.activity()).isCloseTo(0.52, within(SHARE));
        assertThat(speech.levelDbov().orElseThrow()).isCloseTo(-23.2, within(LEVEL_DB));
    }

    private static ActiveSpeech measure(int rate, float[] samples) {
        return Measured.report(rate, samples).activeSpeech();
    }
}
