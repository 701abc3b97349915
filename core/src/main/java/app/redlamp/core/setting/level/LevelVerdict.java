package app.redlamp.core.setting.level;

import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.units.Limits;
import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.Figure;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Severity;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Where the setting of one voice stands.
 *
 * @param levels what was heard
 * @param school where the loudest line is wanted
 * @param turn what to do with the gain; absent before the loudest line
 * @param floor what the noise will be; absent before the still seconds or while no voice is known
 * @param faults what is wrong with the input
 * @param verdict what it comes to
 */
public record LevelVerdict(
        VoiceLevels levels,
        GainSchool school,
        Optional<Turn> turn,
        Optional<FloorForecast> floor,
        List<InputFault> faults,
        Verdict<LevelProblem> verdict) {

    /** Peaks of the excited line lie no higher: a little is left (common practice, no source). */
    public static final double EXCITED_DBFS = -1;

    public LevelVerdict {
        faults = List.copyOf(faults);
    }

    /**
     * @param knob what can be turned; absent where nobody knows
     * @param predictedDbfs average of the reading as the kit computes it, for as long as nobody has read; absent without a kit
     */
    public static LevelVerdict of(
            VoiceLevels levels,
            GainSchool school,
            Optional<Knob> knob,
            OptionalDouble predictedDbfs,
            FinishingTarget finishing) {
        Optional<Turn> turn = levels.loudest().map(p -> Turn.of(school, p, levels.averageDbfs(), knob));
        Optional<FloorForecast> floor = floor(levels, predictedDbfs, finishing);
        List<InputFault> faults = new ArrayList<>();
        Set<InputFault.Kind> told = EnumSet.noneOf(InputFault.Kind.class);
        for (SettingStep step : SettingStep.values()) {
            levels.faults(step).stream().filter(f -> told.add(f.kind())).forEach(faults::add);
        }
        levels.pumpingDb().ifPresent(db -> {
            if (told.add(InputFault.Kind.AUTOMATIC_GAIN)) {
                faults.add(new InputFault(InputFault.Kind.AUTOMATIC_GAIN, db));
            }
        });
        return new LevelVerdict(levels, school, turn, floor, faults, verdict(levels, school, turn, floor, faults));
    }

    private static Optional<FloorForecast> floor(
            VoiceLevels levels, OptionalDouble predictedDbfs, FinishingTarget finishing) {
        OptionalDouble raw = levels.floorDbfs();
        OptionalDouble snr = levels.snrDb();
        if (raw.isEmpty() || (snr.isEmpty() && predictedDbfs.isEmpty())) {
            return Optional.empty();
        }
        double average = snr.isPresent() ? raw.getAsDouble() + snr.getAsDouble() : predictedDbfs.getAsDouble();
        return Optional.of(FloorForecast.of(raw.getAsDouble(), average, snr.isPresent(), finishing));
    }

    private static Verdict<LevelProblem> verdict(
            VoiceLevels levels,
            GainSchool school,
            Optional<Turn> turn,
            Optional<FloorForecast> floor,
            List<InputFault> faults) {
        if (levels.steps().isEmpty()) {
            return Verdict.unknown(
                    List.of(problem(LevelProblem.STILL_TO_DO, Severity.OPEN, Cost.NOT_KNOWN, "next-step")));
        }
        List<Problem<LevelProblem>> all = new ArrayList<>();
        if (!faults.isEmpty()) {
            all.add(problem(LevelProblem.INPUT, Severity.SPOILS, Cost.RETAKES, "input"));
        }
        floor.filter(f -> !f.passes())
                .ifPresent(f -> all.add(problem(LevelProblem.NOISE, Severity.SPOILS, Cost.REFUSED, "source", "closer")
                        .by(-f.marginDb().orElseThrow(), "dB")));
        turn.filter(t -> t.verdict() != Turn.Verdict.FITS)
                .ifPresent(t -> all.add(
                        problem(LevelProblem.GAIN, Severity.SPOILS, t.db() < 0 ? Cost.CLIPPED : Cost.NOISE, "knob")
                                .by(t.db() + t.bySomeDb(), "dB")));
        levels.excited()
                .filter(LevelVerdict::overExcited)
                .ifPresent(p -> all.add(problem(LevelProblem.EXCITED, Severity.SPOILS, Cost.CLIPPED, "knob", "back-off")
                        .by(p.wouldBeDbfs() - EXCITED_DBFS, "dB")));
        if (!levels.complete()) {
            all.add(problem(LevelProblem.STILL_TO_DO, Severity.OPEN, Cost.NOT_KNOWN, "next-step"));
        }
        return Verdict.of(all, figures(levels, school, floor));
    }

    private static boolean overExcited(Peaks peaks) {
        return peaks.clipped() || peaks.peakDbfs() > EXCITED_DBFS;
    }

    private static Problem<LevelProblem> problem(LevelProblem what, Severity severity, Cost cost, String... mends) {
        return Problem.of(what, "level." + what.id(), severity, "", cost, List.of(mends));
    }

    private static List<Figure> figures(VoiceLevels levels, GainSchool school, Optional<FloorForecast> floor) {
        List<Figure> all = new ArrayList<>();
        levels.loudest()
                .ifPresent(p -> all.add(Figure.of(
                        FigureId.LEVEL_LOUDEST, p.peakDbfs(), Limits.between(school.lowDbfs(), school.highDbfs()))));
        floor.ifPresent(f -> all.add(new Figure(
                FigureId.LEVEL_FLOOR,
                OptionalDouble.of(f.afterDbfs()),
                new Limits(OptionalDouble.empty(), f.limitDbfs()))));
        all.add(Figure.told(FigureId.LEVEL_SNR, levels.snrDb()));
        all.add(Figure.told(FigureId.LEVEL_AVERAGE, levels.averageDbfs()));
        levels.excited()
                .ifPresent(p -> all.add(Figure.of(FigureId.LEVEL_EXCITED, p.peakDbfs(), Limits.atMost(EXCITED_DBFS))));
        return all;
    }

    /** Whether a problem holds the lamp. */
    public boolean held(LevelProblem problem) {
        return verdict.held("level." + problem.id());
    }

    /** The step that comes next; absent where all is done. */
    public Optional<SettingStep> next() {
        for (SettingStep step : List.of(SettingStep.STILL, SettingStep.LOUDEST, SettingStep.READ)) {
            if (levels.of(step).isEmpty()) {
                return Optional.of(step);
            }
        }
        if (turn.filter(Turn::moves).isPresent()) {
            return Optional.of(SettingStep.TURN);
        }
        if (levels.of(SettingStep.EXCITED).isEmpty()) {
            return Optional.of(SettingStep.EXCITED);
        }
        return held(LevelProblem.EXCITED) ? Optional.of(SettingStep.TURN) : Optional.empty();
    }
}
