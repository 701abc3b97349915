package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.HighPassed;
import app.redlamp.core.measure.analysis.Report;
import java.io.IOException;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Finds the gain and the ceiling that put every check inside at once, or proves which collide and by how much. Nothing
 * is assumed: after high-pass and conversion, after gain and limiter, and after coding the result is measured, and
 * gain and ceiling follow what was measured.
 */
public final class ConformSolver {
    /** Loudness after limiting comes within a hundredth in fewer (ours). */
    private static final int ROUNDS = 6;

    private static final Set<CheckId> SOUND = EnumSet.of(
            CheckId.LOUDNESS,
            CheckId.PEAK,
            CheckId.NOISE_FLOOR,
            CheckId.CLIPPING,
            CheckId.SHORT_TERM,
            CheckId.DRYNESS,
            CheckId.BAND,
            CheckId.HEAD,
            CheckId.TAIL);

    /** The limiter is set this far below the client's limit; a lossy coding gets more to begin with (ours). */
    private static final double LOSSLESS_ROOM_DB = 0.15;

    /** Coders overshoot peaks by less than this (ours). */
    private static final double LOSSY_ROOM_DB = 0.6;

    /** Taken beyond a measured overshoot when the ceiling is lowered (ours). */
    private static final double EXTRA_DB = 0.1;

    /** No file peaks need more room than this below the limit; beyond it something else is wrong (ours). */
    private static final double DEEPEST_ROOM_DB = 6;

    private final Specification specification;
    private final FinishBench bench;
    private final int commonChannels;

    /**
     * @param commonChannels channels of the other files of the delivery, which this one must match where the client
     *     asks for it
     */
    public ConformSolver(Specification specification, FinishBench bench, int commonChannels) {
        this.specification = specification;
        this.bench = bench;
        this.commonChannels = commonChannels;
    }

    /** Finishes the recording that this report is of. */
    public FinishOutcome solve(Report recording) throws IOException {
        List<Obstacle> unrepairable = Forecast.unrepairable(specification, recording);
        if (!unrepairable.isEmpty()) {
            return new FinishOutcome.Refused(
                    Forecast.of(specification, recording, commonChannels).obstacles());
        }
        ChannelMix mix = ChannelMix.of(specification.format(), recording, commonChannels);
        FinishSettings neutral = FinishSettings.neutral(specification, recording, mix);
        Report base = bench.process(neutral).report();
        Optional<GainPlan> plan = GainPlan.of(specification, base);
        if (plan.isEmpty()) {
            return new FinishOutcome.Refused(List.of(new Obstacle.Silent()));
        }
        Optional<Obstacle> noise = Forecast.noise(specification, base.noisiestDbfs(), plan.get());
        if (noise.isPresent()) {
            return solveSteeper(neutral, recording, noise.get());
        }
        return converge(neutral, plan.get());
    }

    /** Where the noise is in the way: what lies below the voice is taken out as far as that goes, before anything is refused. */
    private FinishOutcome solveSteeper(FinishSettings neutral, Report recording, Obstacle noise) throws IOException {
        Optional<HighPassed.Steeper> steeper = FinishSettings.steeper(specification, recording);
        if (steeper.isPresent()) {
            FinishSettings settings = neutral.behind(steeper.get());
            Optional<GainPlan> plan =
                    GainPlan.of(specification, bench.process(settings).report());
            if (plan.filter(GainPlan::feasible).isPresent()) {
                return converge(settings, plan.get());
            }
        }
        return new FinishOutcome.Refused(List.of(noise));
    }

    private FinishOutcome converge(FinishSettings neutral, GainPlan plan) throws IOException {
        boolean lossy = !specification.format().coding().lossless();
        boolean unprocessed = specification.sound().unprocessed();
        double room = lossy ? LOSSY_ROOM_DB : LOSSLESS_ROOM_DB;
        double gain = plan.aimDb();
        List<Check> outside = List.of();
        for (int round = 0; round < ROUNDS && room <= DEEPEST_ROOM_DB; round++) {
            OptionalDouble ceiling = unprocessed
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(specification.peak().highest() - room);
            FinishSettings settings = neutral.with(gain, ceiling);
            FinishBench.Processed processed = bench.process(settings);
            Judgement master = judge(processed.report());
            outside = soundFaults(master);
            if (outside.isEmpty()) {
                Report delivered = bench.deliver(settings);
                Judgement judgement = judge(delivered);
                if (judgement.pass()) {
                    return new FinishOutcome.Finished(
                            settings, processed.report(), master, processed.reduction(), delivered, judgement);
                }
                outside = judgement.faults();
                master = judgement;
            }
            double overshoot = overshoot(master);
            if (overshoot > 0) {
                room += overshoot + EXTRA_DB;
            }
            double next = gain + loudnessStep(master, plan, gain);
            if (overshoot <= 0 && Math.abs(next - gain) < 0.01) {
                break;
            }
            gain = next;
        }
        return new FinishOutcome.Refused(
                outside.stream().<Obstacle>map(Obstacle.StillOutside::new).toList());
    }

    /** How far the gain moves so that the loudness just measured would reach the aim, within what the floor allows. */
    private double loudnessStep(Judgement measured, GainPlan plan, double gain) {
        CheckId level = specification.loudness().isPresent() ? CheckId.LOUDNESS : CheckId.PEAK;
        Check loudness = measured.check(level).orElseThrow();
        if (loudness.verdict() != CheckResult.OUTSIDE || loudness.measured().isEmpty()) {
            return 0;
        }
        double bound = loudness.limits().low().orElseThrow();
        double top = loudness.limits().high().orElseThrow();
        double aim = Math.min((bound + top) / 2, bound + 1);
        double wanted = gain + aim - loudness.measured().getAsDouble();
        return Math.min(wanted, Math.max(plan.floorDb(), plan.aimDb())) - gain;
    }

    private Judgement judge(Report report) {
        return Judge.judge(
                specification,
                report,
                specification.format().sameChannels()
                        ? commonChannels
                        : report.info().channels());
    }

    /** What is outside in the finished samples, leaving aside what only the coded file decides. */
    private static List<Check> soundFaults(Judgement judgement) {
        return judgement.faults().stream().filter(c -> SOUND.contains(c.id())).toList();
    }

    /** By how much peaks are too high; 0 or less where they are not. */
    private static double overshoot(Judgement judgement) {
        Check peak = judgement.check(CheckId.PEAK).orElseThrow();
        return peak.measured().orElse(Double.NEGATIVE_INFINITY)
                - peak.limits().high().orElseThrow();
    }
}
