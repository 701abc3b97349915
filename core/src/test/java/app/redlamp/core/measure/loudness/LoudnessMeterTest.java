package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LoudnessMeterTest {
    private static final int RATE = 48_000;

    /** What EBU Tech 3341 allows. */
    private static final double EBU_LU = 0.1;

    /** Our own: the arithmetic leaves no more. */
    private static final double PIN_LU = 0.01;

    /** ITU-R BS.1770-5 annex 1: a 997 Hz sine of 0 dBFS on one front channel reads −3.01 LKFS. */
    @Test
    void fullScaleSineOnOneChannel() {
        assertThat(loudness(RATE, Signals.sine(997, 0, 20, RATE)).orElseThrow()).isCloseTo(-3.01, within(PIN_LU));
    }

    /** The numerator that the standard prints is kept at every rate, which costs up to 0.03 LU far from 48 kHz. */
    @ParameterizedTest
    @ValueSource(ints = {8000, 16_000, 22_050, 32_000, 44_100, 88_200, 96_000, 192_000})
    void atOtherSampleRates(int rate) {
        assertThat(loudness(rate, Signals.sine(997, 0, 5, rate)).orElseThrow()).isCloseTo(-3.01, within(EBU_LU));
    }

    /** EBU Tech 3341 cases 1 and 2: stereo sines. */
    @ParameterizedTest
    @CsvSource({"-23,-23.0", "-33,-33.0"})
    void steadyStereoTones(double peakDbfs, double lufs) {
        float[] tone = Signals.sine(1000, peakDbfs, 20, RATE);
        assertThat(loudness(RATE, tone, tone).orElseThrow()).isCloseTo(lufs, within(EBU_LU));
    }

    /** EBU Tech 3341 case 3: the quiet ends fall to the relative gate. */
    @Test
    void relativeGate() {
        assertStereo(-23.0, new double[][] {{-36, 10}, {-23, 60}, {-36, 10}});
    }

    /** EBU Tech 3341 case 4: and the very quiet ones to the absolute gate. */
    @Test
    void absoluteGate() {
        assertStereo(-23.0, new double[][] {{-72, 10}, {-36, 10}, {-23, 60}, {-36, 10}, {-72, 10}});
    }

    /** EBU Tech 3341 case 5. */
    @Test
    void loudMiddle() {
        assertStereo(-23.0, new double[][] {{-26, 20}, {-20, 20.1}, {-26, 20}});
    }

    /** EBU Tech 3341 case 6: five channels at −28, −28, −24, −30 and −30 dBFS. */
    @Test
    void fiveChannels() {
        float[] front = Signals.sine(1000, -28, 20, RATE);
        float[] side = Signals.sine(1000, -30, 20, RATE);
        assertThat(loudness(RATE, front, front, Signals.sine(1000, -24, 20, RATE), side, side)
                        .orElseThrow())
                .isCloseTo(-23.0, within(EBU_LU));
    }

    @Test
    void theLowFrequencyChannelOfSixCountsNothing() {
        float[] tone = Signals.sine(1000, -20, 5, RATE);
        float[] none = Signals.silence(5, RATE);
        float[] loud = Signals.sine(60, 0, 5, RATE);
        assertThat(loudness(RATE, tone, tone, none, loud, none, none).orElseThrow())
                .isCloseTo(loudness(RATE, tone, tone).orElseThrow(), within(PIN_LU));
    }

    /** Twice the energy: 10 lg 2 = 3.01. */
    @Test
    void dualMonoIsThreeLouder() {
        float[] tone = Signals.sine(440, -20, 5, RATE);
        assertThat(loudness(RATE, tone, tone).orElseThrow()
                        - loudness(RATE, tone).orElseThrow())
                .isCloseTo(3.01, within(PIN_LU));
    }

    @Test
    void whatIsShorterThanABlockOrSilentHasNoLoudness() {
        assertThat(loudness(RATE, Signals.sine(1000, -10, 0.399, RATE))).isEmpty();
        assertThat(loudness(RATE, Signals.sine(1000, -10, 0.4, RATE))).isPresent();
        assertThat(loudness(RATE, Signals.silence(5, RATE))).isEmpty();
        assertThat(loudness(RATE, Signals.sine(1000, -75, 5, RATE))).isEmpty();
        assertThat(loudness(RATE, new float[0])).isEmpty();
    }

    private static void assertStereo(double lufs, double[][] levelsAndSeconds) {
        float[][] parts = new float[levelsAndSeconds.length][];
        for (int i = 0; i < parts.length; i++) {
            parts[i] = Signals.sine(1000, levelsAndSeconds[i][0], levelsAndSeconds[i][1], RATE);
        }
        float[] all = Signals.join(parts);
        assertThat(loudness(RATE, all, all).orElseThrow()).isCloseTo(lufs, within(EBU_LU));
    }

    private static OptionalDouble loudness(int rate, float[]... channels) {
        return Weighted.loudness(rate, channels).integratedLufs();
    }
}
