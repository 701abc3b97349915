package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What finishing would do, told from the report alone, behind its high-pass: quick enough to show for every recording. The solver measures
 * each step and has the last word.
 *
 * @param gainDb gain that would be used, or that the loudness needs at least where there is an obstacle; absent for
 *     silence
 * @param obstacles what stands in the way; empty where the recording can be finished
 */
public record Forecast(OptionalDouble gainDb, List<Obstacle> obstacles) {

    public Forecast {
        obstacles = List.copyOf(obstacles);
    }

    /**
     * What finishing would make of a recording.
     *
     * @param commonChannels channels of the other files of the delivery
     */
    public static Forecast of(Specification specification, Report report, int commonChannels) {
        List<Obstacle> obstacles = new ArrayList<>(unrepairable(specification, report));
        Optional<GainPlan> plan =
                GainPlan.forecast(specification, report, ChannelMix.of(specification.format(), report, commonChannels));
        if (plan.isEmpty()) {
            return new Forecast(OptionalDouble.empty(), obstacles);
        }
        noise(specification, report.highPassed().noisiestDbfs(), plan.get()).ifPresent(obstacles::add);
        double gain = plan.get().feasible() ? plan.get().aimDb() : plan.get().lowestDb();
        return new Forecast(OptionalDouble.of(gain), obstacles);
    }

    /** The same, with the name that the delivery of this recording would have. */
    public static Forecast of(Specification specification, Report report, int commonChannels, String recordingName) {
        Forecast forecast = of(specification, report, commonChannels);
        List<Obstacle> obstacles = new ArrayList<>(forecast.obstacles());
        byName(specification, report, recordingName).stream()
                .filter(o -> !obstacles.contains(o))
                .forEach(obstacles::add);
        return new Forecast(forecast.gainDb(), obstacles);
    }

    /** What its name forbids: to be called like this, or to be so long for the part that it is. */
    public static List<Obstacle> byName(Specification specification, Report report, String recordingName) {
        String name = specification.format().fileName(recordingName);
        List<Obstacle> obstacles = new ArrayList<>();
        misnamed(specification, name).ifPresent(obstacles::add);
        double length = report.info().durationS();
        OptionalDouble longest = specification.naming().longestS(name);
        if (length > longest.orElse(Double.POSITIVE_INFINITY)) {
            obstacles.add(new Obstacle.TooLong(length, longest.getAsDouble()));
        }
        return obstacles;
    }

    private static Optional<Obstacle> misnamed(Specification specification, String name) {
        return specification
                .naming()
                .pattern()
                .filter(p -> !specification.naming().allows(name))
                .map(p -> new Obstacle.Misnamed(name, p));
    }

    /** Whether it can be finished. */
    public boolean finishable() {
        return obstacles.isEmpty();
    }

    /** Faults of the recording that no gain and no limiter touch. */
    static List<Obstacle> unrepairable(Specification specification, Report report) {
        List<Obstacle> obstacles = new ArrayList<>();
        if (specification.aim().of(report).isEmpty()) {
            obstacles.add(new Obstacle.Silent());
        }
        if (report.info().missingS() > 0) {
            obstacles.add(new Obstacle.CutOff(report.info().missingS()));
        }
        if (report.clippedRuns() > specification.clippedRuns()) {
            obstacles.add(new Obstacle.Clipped(report.clippedRuns()));
        }
        if (report.info().durationS() > specification.longestS().orElse(Double.POSITIVE_INFINITY)) {
            obstacles.add(new Obstacle.TooLong(
                    report.info().durationS(), specification.longestS().getAsDouble()));
        }
        notWhole(specification, report).ifPresent(obstacles::add);
        fewBits(specification, report).ifPresent(obstacles::add);
        return obstacles;
    }

    private static Optional<Obstacle> notWhole(Specification specification, Report report) {
        boolean lossy = !report.info().lossless();
        double bandwidth = report.bandwidthHz();
        boolean narrow = bandwidth < specification.bandwidthHz();
        OptionalInt blocks = report.origin().blockSamples();
        return specification.wantsWhole() && (lossy || narrow || blocks.isPresent())
                ? Optional.of(new Obstacle.NotWhole(
                        lossy ? Optional.of(report.info().codingName()) : Optional.empty(), bandwidth, blocks))
                : Optional.empty();
    }

    private static Optional<Obstacle> fewBits(Specification specification, Report report) {
        int wanted = specification.format().bitDepth().orElse(0);
        OptionalInt bits = report.bitDepth();
        return specification.sound().unprocessed() && bits.isPresent() && bits.getAsInt() < wanted
                ? Optional.of(new Obstacle.FewBits(bits.getAsInt(), wanted))
                : Optional.empty();
    }

    /** The collision of loudness and noise floor, where there is one. */
    static Optional<Obstacle> noise(Specification specification, OptionalDouble floorDbfs, GainPlan plan) {
        if (plan.feasible()) {
            return Optional.empty();
        }
        double floor = floorDbfs.orElseThrow() + plan.lowestDb();
        return Optional.of(new Obstacle.Noise(
                plan.lowestDb(), floor, specification.noiseFloorDbfs().orElseThrow()));
    }
}
