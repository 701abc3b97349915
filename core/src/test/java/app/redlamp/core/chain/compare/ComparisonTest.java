package app.redlamp.core.chain.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.Signals;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Sentences that are made by rule; what was changed between them is known. */
class ComparisonTest {
    private static final int RATE = 44_100;

    /**
     * Syllables of 250 ms with 150 ms between, a second of silence at both ends.
     *
     * @param tail how fast a syllable falls, in seconds for 60 dB
     */
    private static float[] sentence(double gain, double noiseDbfs, double tail, double boxGain) {
        float[] voice = Signals.of(26 * RATE, n -> {
            double t = n / (double) RATE - 1;
            if (t < 0 || t > 24) {
                return 0;
            }
            double at = t % 0.4;
            double level = at < 0.15 ? 1 : Math.pow(10, -3 * (at - 0.15) / tail);
            double sum = 0;
            for (int h = 1; h < 24; h++) {
                double size = h == 1 ? boxGain : 1.0 / h;
                sum += size * Math.sin(2 * Math.PI * 126 * h * t + h * h);
            }
            return 0.1 * gain * level * sum;
        });
        Random random = new Random(7);
        double peak = Math.pow(10, noiseDbfs / 20) * Math.sqrt(3);
        return Signals.of(voice.length, n -> voice[n] + (random.nextDouble() * 2 - 1) * peak);
    }

    private static Report report(float[] samples) {
        return Measured.report(RATE, samples);
    }

    @Test
    void whatWasOnlyTurnedDownHasNotChanged() {
        float[] before = sentence(1, -60, 0.2, 1);
        float[] after = Signals.of(before.length, n -> before[n] * 0.5);
        Comparison same = Comparison.of(report(before), report(after)).orElseThrow();

        assertThat(same.gainDb()).isCloseTo(6.02, within(0.05));
        assertThat(same.lessNoiseDb().orElseThrow()).isCloseTo(0, within(0.1));
        assertThat(same.after().voiceDbfs()).isCloseTo(same.before().voiceDbfs(), within(0.05));
        assertThat(same.changedOctaves()).isEmpty();
    }

    @Test
    void lessNoiseIsSeenInTheFloorAndInEveryOctave() {
        Comparison quieter = Comparison.of(report(sentence(1, -55, 0.2, 1)), report(sentence(1, -67, 0.2, 1)))
                .orElseThrow();

        assertThat(quieter.lessNoiseDb().orElseThrow()).isCloseTo(12, within(0.6));
        assertThat(quieter.changedOctaves()).contains(5, 6, 7, 8);
    }

    @Test
    void aBoxyThirdOctaveIsFollowed() {
        Comparison thinner = Comparison.of(report(sentence(1, -60, 0.2, 2.2)), report(sentence(1, -60, 0.2, 0.8)))
                .orElseThrow();

        assertThat(thinner.before().boxHz()).hasValue(125);
        double less =
                thinner.before().boxDb().orElseThrow() - thinner.boxNowDb().orElseThrow();
        assertThat(less).isBetween(3.0, 20 * Math.log10(2.2 / 0.8) + 0.5);
        assertThat(thinner.before().voiceOctavesDbfs()).hasSize(8);
    }

    @Test
    void whereNobodySpeaksThereIsNothingToCompare() {
        assertThat(Comparison.of(report(sentence(1, -60, 0.2, 1)), report(Signals.silence(5, RATE))))
                .isEmpty();
    }
}
