package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Momentary and short-term maxima (EBU Tech 3341) and loudness range (EBU Tech 3342) of stereo tones of 1 kHz. */
class MaximaAndRangeTest {
    private static final int RATE = 48_000;

    /** What EBU Tech 3341 allows. */
    private static final double EBU_LU = 0.1;

    /** What EBU Tech 3342 allows. */
    private static final double RANGE_LU = 1;

    /** Case 9 (from memory): −20 and −30 dBFS in turn within 3 s; every whole window holds both. */
    @Test
    void shortTermIsSteadyOverItsWindow() {
        List<float[]> parts = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            parts.add(tone(-20, 1.34));
            parts.add(tone(-30, 1.66));
        }
        assertThat(loudness(parts).maxShortTermLufs().orElseThrow()).isCloseTo(-23, within(EBU_LU));
    }

    /** Case 10 (from memory): a tone of 3 s, wherever it begins, gives its full short-term loudness. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19})
    void shortTermMaximumAtEveryOffset(int step) {
        float[] tone = tone(-23, 3);
        List<float[]> parts = List.of(Signals.silence(step * 0.150, RATE), tone, Signals.silence(1, RATE));
        assertThat(loudness(parts).maxShortTermLufs().orElseThrow()).isCloseTo(-23, within(EBU_LU));
    }

    /** Case 11 (from memory): rising from −38 by 1 dB, each level for 3 s with silence around. */
    @ParameterizedTest
    @ValueSource(ints = {0, 7, 13, 19})
    void shortTermMaximumFollowsRisingTones(int step) {
        float[] tone = tone(-38 + step, 3);
        List<float[]> parts = List.of(Signals.silence(step * 0.150, RATE), tone, Signals.silence(3, RATE));
        assertThat(loudness(parts).maxShortTermLufs().orElseThrow()).isCloseTo(-38.0 + step, within(EBU_LU));
    }

    /** Case 12 (from memory): −20 and −30 dBFS in turn within 400 ms. */
    @Test
    void momentaryIsSteadyOverItsWindow() {
        List<float[]> parts = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            parts.add(tone(-20, 0.18));
            parts.add(tone(-30, 0.22));
        }
        assertThat(loudness(parts).maxMomentaryLufs().orElseThrow()).isCloseTo(-23, within(EBU_LU));
    }

    /** Cases 13 and 14 (from memory): a tone of 400 ms, wherever it begins; a meter that moves each 100 ms fails. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19})
    void momentaryMaximumAtEveryOffset(int step) {
        for (double level : new double[] {-23, -38.0 + step}) {
            List<float[]> parts =
                    List.of(Signals.silence(step * 0.020, RATE), tone(level, 0.4), Signals.silence(1, RATE));
            assertThat(loudness(parts).maxMomentaryLufs().orElseThrow()).isCloseTo(level, within(EBU_LU));
        }
    }

    /** Between the steps of 10 ms too: half a step off at either end costs 10 lg (395/400) = 0.05 LU. */
    @ParameterizedTest
    @ValueSource(ints = {1, 100, 240, 333, 479})
    void momentaryMaximumBetweenTheSteps(int samples) {
        List<float[]> parts = List.of(new float[RATE / 10 + samples], tone(-23, 0.4), Signals.silence(1, RATE));
        assertThat(loudness(parts).maxMomentaryLufs().orElseThrow()).isCloseTo(-23, within(EBU_LU));
    }

    /** EBU Tech 3342 cases 1 to 4. */
    @ParameterizedTest
    @CsvSource({"-20;-30,10", "-20;-15,5", "-40;-20,20", "-50;-35;-20;-35;-50,15"})
    void loudnessRange(String levels, double rangeLu) {
        List<float[]> parts = new ArrayList<>();
        for (String level : levels.split(";", -1)) {
            parts.add(tone(Double.parseDouble(level), 20));
        }
        assertThat(loudness(parts).rangeLu().orElseThrow()).isCloseTo(rangeLu, within(RANGE_LU));
    }

    /** Part-filled windows count nowhere. */
    @Test
    void whatIsTooShortHasNoValue() {
        Loudness short1 = loudness(List.of(tone(-20, 0.39)));
        assertThat(short1.maxMomentaryLufs()).isEmpty();
        assertThat(short1.maxShortTermLufs()).isEmpty();
        assertThat(short1.rangeLu()).isEmpty();
        Loudness short2 = loudness(List.of(tone(-20, 2.9)));
        assertThat(short2.maxMomentaryLufs()).isPresent();
        assertThat(short2.maxShortTermLufs()).isEmpty();
        Loudness quiet = loudness(List.of(tone(-80, 10)));
        assertThat(quiet.maxMomentaryLufs()).isEmpty();
        assertThat(quiet.rangeLu()).isEmpty();
    }

    private static float[] tone(double peakDbfs, double seconds) {
        return Signals.sine(1000, peakDbfs, seconds, RATE);
    }

    private static Loudness loudness(List<float[]> parts) {
        float[] all = Signals.join(parts.toArray(float[][]::new));
        return Weighted.loudness(RATE, all, all);
    }
}
