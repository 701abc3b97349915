package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Bursts of noise stand for words here; real speech with known noise is measured where recordings are read. */
class PauseFinderTest {
    private static final int RATE = 44_100;

    /** Wanted of the measure: the floor within half a decibel of the truth. */
    private static final double FLOOR_DB = 0.5;

    @ParameterizedTest
    @ValueSource(doubles = {-75, -65, -55, -45})
    void theFloorIsTheNoiseInThePauses(double noiseDbfs) {
        float[] speech = Signals.join(
                Signals.silence(0.8, RATE),
                word(-20, 1.5, 1),
                Signals.silence(0.6, RATE),
                word(-24, 1.0, 2),
                Signals.silence(0.5, RATE),
                word(-18, 2.0, 3),
                Signals.silence(2.0, RATE));
        Pauses pauses = measure(Signals.add(speech, Signals.noise(noiseDbfs, 8.4, RATE, 9)));
        assertThat(pauses.noiseFloorDbfs().orElseThrow()).isCloseTo(noiseDbfs, within(FLOOR_DB));
        assertThat(pauses.headS().orElseThrow()).isCloseTo(0.8, within(0.05));
        assertThat(pauses.tailS().orElseThrow()).isCloseTo(2.0, within(0.05));
        assertThat(pauses.stretches()).hasSize(4);
        assertThat(pauses.voiceDbfs().orElseThrow()).isBetween(-21.0, -18.0);
    }

    @Test
    void digitalSilenceIsCountedApartAndNeverAveragedIn() {
        float[] quiet = Signals.noise(-60, 1, RATE, 4);
        Pauses pauses = measure(
                Signals.join(Signals.silence(1, RATE), quiet, word(-20, 2, 5), quiet, Signals.silence(0.5, RATE)));
        assertThat(pauses.noiseFloorDbfs().orElseThrow()).isCloseTo(-60, within(FLOOR_DB));
        assertThat(pauses.digitalSilenceS()).isCloseTo(1.5, within(0.02));
    }

    @Test
    void withoutAPauseThereIsNoFloor() {
        Pauses pauses = measure(word(-20, 3, 6));
        assertThat(pauses.noiseFloorDbfs()).isEmpty();
    }

    @Test
    void roomToneAloneIsOnePauseAndNobodySpeaks() {
        Pauses pauses = measure(Signals.noise(-62, 10, RATE, 7));
        assertThat(pauses.noiseFloorDbfs().orElseThrow()).isCloseTo(-62, within(0.1));
        assertThat(pauses.voiceDbfs()).isEmpty();
        assertThat(pauses.headS()).isEmpty();
        assertThat(pauses.tailS()).isEmpty();
    }

    @Test
    void digitalSilenceAloneHasNothingToMeasure() {
        Pauses pauses = measure(Signals.silence(5, RATE));
        assertThat(pauses.noiseFloorDbfs()).isEmpty();
        assertThat(pauses.voiceDbfs()).isEmpty();
        assertThat(pauses.digitalSilenceS()).isCloseTo(5, within(0.01));
        assertThat(pauses.stretches()).isEmpty();
    }

    @Test
    void nothingAtAllHasNothingToMeasure() {
        assertThat(PauseFinder.of(new float[0], new float[0]).noiseFloorDbfs()).isEmpty();
    }

    /** Two words with a gap of 0.2 s: too short to be a pause. */
    @Test
    void aShortGapIsNoPause() {
        float[] speech =
                Signals.join(word(-20, 1, 1), Signals.silence(0.2, RATE), word(-20, 1, 2), Signals.silence(1, RATE));
        Pauses pauses = measure(Signals.add(speech, Signals.noise(-60, 3.2, RATE, 8)));
        assertThat(pauses.stretches()).hasSize(1);
        assertThat(pauses.stretches().get(0).startS()).isGreaterThan(2.2);
    }

    private static float[] word(double rmsDbfs, double seconds, long seed) {
        return Signals.noise(rmsDbfs, seconds, RATE, seed);
    }

    private static Pauses measure(float[] samples) {
        return PauseFinder.of(Frames.meanSquares(samples, RATE), Frames.bends(samples, RATE));
    }
}
