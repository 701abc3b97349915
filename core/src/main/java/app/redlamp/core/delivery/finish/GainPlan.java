package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Limits;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Which gains bring loudness and noise floor inside at once. Gain moves both by the same decibels, so loudness allows a
 * window of gains and the floor a highest gain; where they do not meet, no gain helps.
 *
 * @param lowestDb least gain that the loudness window asks for
 * @param highestDb greatest gain that loudness window and noise floor both allow; below {@code lowestDb} where they
 *     collide
 * @param floorDb greatest gain that the noise floor allows; infinite where nothing is asked of it
 * @param aimDb the gain to use
 */
public record GainPlan(double lowestDb, double highestDb, double floorDb, double aimDb) {

    /** Kept clear of every bound where there is room for it, so that measuring again agrees (ours). */
    private static final double CLEARANCE_DB = 0.3;

    /** The plan for samples as they stand; absent where they have no loudness. */
    public static Optional<GainPlan> of(Specification specification, Report report) {
        return of(specification, specification.aim().of(report), report.noisiestDbfs());
    }

    /**
     * The plan for a recording whose channels will be mixed and that will pass the high-pass, a steeper one where the noise asks for it;
     * absent where it has no loudness.
     */
    public static Optional<GainPlan> forecast(Specification specification, Report recording, ChannelMix mix) {
        LoudnessTarget aim = specification.aim();
        double shift = mix.shiftDb(aim.measure(), recording);
        if (specification.sound().unprocessed()) {
            return of(specification, shifted(aim.of(recording), shift), recording.noisiestDbfs());
        }
        OptionalDouble loudness = aim.measure() == LoudnessTarget.Measure.RMS
                ? recording.highPassed().rmsDbfs()
                : aim.of(recording);
        OptionalDouble ahead = shifted(loudness, shift);
        Optional<GainPlan> usual =
                of(specification, ahead, recording.highPassed().noisiestDbfs());
        Optional<GainPlan> steeper = FinishSettings.steeper(specification, recording)
                .flatMap(s -> of(specification, ahead, OptionalDouble.of(s.noisiestDbfs())));
        return usual.filter(GainPlan::feasible).isPresent()
                ? usual
                : steeper.filter(GainPlan::feasible).or(() -> usual);
    }

    private static OptionalDouble shifted(OptionalDouble level, double shiftDb) {
        return level.isPresent() ? OptionalDouble.of(level.getAsDouble() + shiftDb) : level;
    }

    private static Optional<GainPlan> of(Specification specification, OptionalDouble loudness, OptionalDouble floor) {
        if (loudness.isEmpty()) {
            return Optional.empty();
        }
        Limits window = specification.aim().limits();
        double lowest = window.low().orElseThrow() - loudness.getAsDouble();
        double loudest = window.high().orElseThrow() - loudness.getAsDouble();
        OptionalDouble limit = specification.noiseFloorDbfs();
        double quietEnough = limit.isPresent() && floor.isPresent()
                ? limit.getAsDouble() - floor.getAsDouble()
                : Double.POSITIVE_INFINITY;
        double highest = Math.min(loudest, quietEnough);
        double clearance = Math.min(CLEARANCE_DB, Math.max(0, highest - lowest) / 2);
        double middle = (lowest + loudest) / 2;
        boolean leave = specification.sound().unprocessed() && lowest <= 0 && highest >= 0;
        double aim = leave ? 0 : Math.max(lowest + clearance, Math.min(middle, highest - clearance));
        return Optional.of(new GainPlan(lowest, highest, quietEnough, aim));
    }

    /** Whether there is a gain at which all holds. */
    public boolean feasible() {
        return highestDb >= lowestDb;
    }
}
