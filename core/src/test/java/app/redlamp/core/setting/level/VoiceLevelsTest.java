package app.redlamp.core.setting.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What the steps tell together. The sounds are noise, and bursts of a buzz over noise in place of a voice. */
class VoiceLevelsTest {
    private static final int RATE = 48_000;
    private static final double SECONDS = 12;

    /** What each channel gives: noise at a level, and bursts of half a second over it where it speaks. */
    private static Taken taken(SettingStep step, double gainDb, double noiseDb, boolean silentFirst, int channels) {
        return taken(step, gainDb, noiseDb, -200, silentFirst, channels);
    }

    private static Taken taken(
            SettingStep step, double gainDb, double noiseDb, double rumbleDb, boolean silentFirst, int channels) {
        StepMeter meter = new StepMeter(RATE, 24, channels, 0, SECONDS, 480);
        SplittableRandom random = new SplittableRandom(4);
        float[][] block = new float[channels][480];
        double noise = Math.pow(10, noiseDb / 20);
        // White noise behind two equal poles has a quarter of the power that their angle is: the sum of its squared
        // response.
        double pole = 2 * Math.PI * 120 / RATE;
        double rumble = Math.pow(10, rumbleDb / 20) / Math.sqrt(pole / 4);
        double first = 0;
        double low = 0;
        for (int at = 0; !meter.done(); at += 480) {
            for (int n = 0; n < 480; n++) {
                double t = (double) (at + n) / RATE;
                double voice = step.spoken() && t % 1.5 < 0.6 ? 0.1 * buzz(t) : 0;
                first += pole * (random.nextGaussian() - first);
                low += pole * (first - low);
                float x = (float) (noise * random.nextGaussian() + rumble * low + voice);
                for (int c = 0; c < channels; c++) {
                    block[c][n] = silentFirst && c == 0 ? 0 : x;
                }
            }
            meter.accept(block, 480);
        }
        List<Report> reports = meter.reports();
        return new Taken(step, OptionalDouble.of(gainDb), reports);
    }

    private static double buzz(double t) {
        double sum = 0;
        for (int h = 1; h < 60; h++) {
            sum += Math.sin(2 * Math.PI * 130 * h * t + h * h) / Math.sqrt(h);
        }
        return sum / 3;
    }

    private static List<InputFault> faults(VoiceLevels levels) {
        return LevelVerdict.of(
                        levels,
                        GainSchool.MIDDLE,
                        Optional.empty(),
                        OptionalDouble.empty(),
                        new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60)))
                .faults();
    }

    private static Taken plain(SettingStep step, Finding.Kind... found) {
        List<Finding> findings = Arrays.stream(found)
                .map(k -> new Finding(k, Finding.Severity.WARNING, 0, 8, 9, List.of()))
                .toList();
        return new Taken(
                step,
                OptionalDouble.of(30),
                List.of(Reports.good().findings(findings).get()));
    }

    /** Eight seconds do not tell a side; the reading does, and what was said into the wrong one before it says nothing. */
    @Test
    void whatWasSaidIntoTheWrongSideIsForgotten() {
        VoiceLevels behind = VoiceLevels.none(0)
                .with(plain(SettingStep.STILL))
                .with(plain(SettingStep.LOUDEST, Finding.Kind.OFF_SIDE));
        assertThat(faults(behind)).isEmpty();
        VoiceLevels read =
                behind.with(plain(SettingStep.READ, Finding.Kind.OFF_SIDE)).with(plain(SettingStep.EXCITED));
        assertThat(faults(read)).extracting(InputFault::kind).containsExactly(InputFault.Kind.OFF_SIDE);
        assertThat(read.with(plain(SettingStep.READ, Finding.Kind.OFF_SIDE)).complete())
                .isTrue();
        VoiceLevels turned = read.with(plain(SettingStep.READ));
        assertThat(faults(turned)).isEmpty();
        assertThat(turned.steps()).containsOnlyKeys(SettingStep.STILL, SettingStep.READ);
    }

    /** A machine that began to run between the two steps is louder in its own octaves, and no automatic gain. */
    @ParameterizedTest
    @ValueSource(doubles = {-58, -52, -46})
    void aMachineThatBeganToRunIsNoAutomaticGain(double rumbleDb) {
        VoiceLevels levels = VoiceLevels.none(0)
                .with(taken(SettingStep.STILL, 30, -72, rumbleDb, false, 1))
                .with(taken(SettingStep.READ, 30, -72, false, 1));
        double louder = levels.of(SettingStep.STILL)
                        .orElseThrow()
                        .noiseFloorDbfs()
                        .orElseThrow()
                - levels.of(SettingStep.READ).orElseThrow().noiseFloorDbfs().orElseThrow();
        assertThat(louder).as("louder it is").isGreaterThan(12);
        assertThat(levels.pumpingDb()).isEmpty();
    }

    /** The knob may have been turned in between: that is no automatic gain. */
    @ParameterizedTest
    @CsvSource({"-45, 30, -65, 30, 20", "-65, 30, -45, 50, 0", "-45, 50, -65, 30, 0", "-60, 30, -64, 30, 0"})
    void noiseThatIsLouderWithoutAVoiceIsAnAutomaticGain(
            double stillDb, double stillGain, double readDb, double readGain, double expected) {
        VoiceLevels levels = VoiceLevels.none(0)
                .with(taken(SettingStep.STILL, stillGain, stillDb, false, 1))
                .with(taken(SettingStep.READ, readGain, readDb, false, 1));
        assertThat(levels.pumpingDb().orElse(0)).isCloseTo(expected, within(1.5));
        assertThat(faults(levels).stream().anyMatch(f -> f.kind() == InputFault.Kind.AUTOMATIC_GAIN))
                .isEqualTo(expected > 0);
    }

    @Test
    void aMicrophoneInTheOtherSocketIsToldFromADeadOne() {
        VoiceLevels first = VoiceLevels.none(0).with(taken(SettingStep.READ, 30, -60, true, 2));
        assertThat(faults(first)).extracting(InputFault::kind).containsExactly(InputFault.Kind.ONE_CHANNEL_SILENT);
        VoiceLevels second = VoiceLevels.none(1).with(taken(SettingStep.READ, 30, -60, true, 2));
        assertThat(faults(second)).isEmpty();
        VoiceLevels alone = VoiceLevels.none(0).with(taken(SettingStep.READ, 30, -60, true, 1));
        assertThat(faults(alone)).extracting(InputFault::kind).containsExactly(InputFault.Kind.ZEROS);
    }

    @Test
    void whatWasNotTakenTellsNothing() {
        VoiceLevels none = VoiceLevels.none(0);
        assertThat(none.pumpingDb()).isEmpty();
        assertThat(none.snrDb()).isEmpty();
        assertThat(none.complete()).isFalse();
        assertThat(faults(none)).isEmpty();
    }
}
