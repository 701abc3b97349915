package app.redlamp.core.setting.level;

import app.redlamp.core.chain.Finishing;
import app.redlamp.core.chain.GainSchool;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
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
 * @param problems what stands between here and recording, the first thing first
 */
public record LevelVerdict(
        VoiceLevels levels,
        GainSchool school,
        Optional<Turn> turn,
        Optional<FloorForecast> floor,
        List<InputFault> faults,
        List<Problem> problems) {

    /** Peaks of the excited line lie no higher: a little is left (common practice, no source). */
    public static final double EXCITED_DBFS = -1;

    /** What stands between here and recording. */
    public enum Problem {
        /** The input is broken or set wrongly. */
        INPUT,
        /** The noise will be louder than is let pass. */
        NOISE,
        /** The gain is not where it is wanted. */
        GAIN,
        /** The excited line does not fit. */
        EXCITED,
        /** A step was not taken yet. */
        STILL_TO_DO;

        /** Name in reports, such as {@code noise}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public LevelVerdict {
        faults = List.copyOf(faults);
        problems = List.copyOf(problems);
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
            Finishing finishing) {
        Optional<Turn> turn = levels.loudest().map(p -> Turn.of(school, p, levels.averageDbfs(), knob));
        Optional<FloorForecast> floor = floor(levels, predictedDbfs, finishing);
        List<InputFault> faults = new ArrayList<>();
        Set<InputFault.Kind> told = EnumSet.noneOf(InputFault.Kind.class);
        for (Step step : Step.values()) {
            levels.faults(step).stream().filter(f -> told.add(f.kind())).forEach(faults::add);
        }
        levels.pumpingDb().ifPresent(db -> {
            if (told.add(InputFault.Kind.AUTOMATIC_GAIN)) {
                faults.add(new InputFault(InputFault.Kind.AUTOMATIC_GAIN, db));
            }
        });
        return new LevelVerdict(levels, school, turn, floor, faults, problems(levels, turn, floor, faults));
    }

    private static Optional<FloorForecast> floor(
            VoiceLevels levels, OptionalDouble predictedDbfs, Finishing finishing) {
        OptionalDouble raw = levels.floorDbfs();
        OptionalDouble gap = levels.gapDb();
        if (raw.isEmpty() || (gap.isEmpty() && predictedDbfs.isEmpty())) {
            return Optional.empty();
        }
        double average = gap.isPresent() ? raw.getAsDouble() + gap.getAsDouble() : predictedDbfs.getAsDouble();
        return Optional.of(FloorForecast.of(raw.getAsDouble(), average, gap.isPresent(), finishing));
    }

    private static List<Problem> problems(
            VoiceLevels levels, Optional<Turn> turn, Optional<FloorForecast> floor, List<InputFault> faults) {
        List<Problem> all = new ArrayList<>();
        if (!faults.isEmpty()) {
            all.add(Problem.INPUT);
        }
        if (floor.filter(f -> !f.passes()).isPresent()) {
            all.add(Problem.NOISE);
        }
        if (turn.filter(t -> t.verdict() != Turn.Verdict.FITS).isPresent()) {
            all.add(Problem.GAIN);
        }
        if (levels.excited()
                .filter(p -> p.clipped() || p.peakDbfs() > EXCITED_DBFS)
                .isPresent()) {
            all.add(Problem.EXCITED);
        }
        if (!levels.complete()) {
            all.add(Problem.STILL_TO_DO);
        }
        return all;
    }

    /** Whether it may be recorded. */
    public boolean clear() {
        return problems.isEmpty();
    }

    /** The step that comes next; absent where all is done. */
    public Optional<Step> next() {
        for (Step step : List.of(Step.STILL, Step.LOUDEST, Step.READ)) {
            if (levels.of(step).isEmpty()) {
                return Optional.of(step);
            }
        }
        if (turn.filter(Turn::moves).isPresent()) {
            return Optional.of(Step.TURN);
        }
        if (levels.of(Step.EXCITED).isEmpty()) {
            return Optional.of(Step.EXCITED);
        }
        return problems.contains(Problem.EXCITED) ? Optional.of(Step.TURN) : Optional.empty();
    }
}
