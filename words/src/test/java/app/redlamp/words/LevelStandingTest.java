package app.redlamp.words;

import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Taken;
import app.redlamp.core.setting.level.VoiceLevels;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

class LevelStandingTest extends StandingContract {
    private static final FinishingTarget AUDIOBOOK = new FinishingTarget(-20.5, -3, 0, 16, OptionalDouble.of(-60));
    private final LevelWording words = new LevelWording(new Lengths(Locale.UK, false), new Figures(Locale.UK));

    @Override
    List<Case> cases() {
        List<Case> all = new ArrayList<>();
        for (GainSchool school : GainSchool.values()) {
            for (double floor : new double[] {-90, -72, -58}) {
                for (double peak : new double[] {-20, -11, -7, -3, -0.5}) {
                    for (double average : new double[] {-30, -22, -18.5}) {
                        for (int steps = 0; steps <= 4; steps++) {
                            all.add(of(school, floor, peak, average, steps));
                        }
                    }
                }
            }
        }
        return all;
    }

    private Case of(GainSchool school, double floor, double peak, double average, int steps) {
        VoiceLevels levels = VoiceLevels.none(0);
        List<SettingStep> order =
                List.of(SettingStep.STILL, SettingStep.LOUDEST, SettingStep.READ, SettingStep.EXCITED);
        for (SettingStep step : order.subList(0, steps)) {
            double high = step == SettingStep.EXCITED ? peak + 2 : peak;
            Report report = Reports.good()
                    .loudness(average)
                    .peak(Math.min(0, high))
                    .floor(floor)
                    .get();
            levels = levels.with(new Taken(step, OptionalDouble.of(30), List.of(report)));
        }
        LevelVerdict verdict = LevelVerdict.of(levels, school, Optional.empty(), OptionalDouble.of(average), AUDIOBOOK);
        return new Case(
                school + ", floor " + floor + ", peak " + peak + ", average " + average + ", " + steps + " steps",
                verdict.verdict(),
                words.verdict(verdict));
    }

    @Override
    boolean saysClear(String sentence) {
        return sentence.equals(words.clear());
    }
}
