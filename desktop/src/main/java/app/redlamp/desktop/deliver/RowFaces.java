package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.desktop.control.Gauge;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Wording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Says the state of a recording in the few words and marks of a docket row. */
final class RowFaces {
    private static final int MOST_NOTES = 2;

    private final Strings strings;
    private final Wording wording;

    RowFaces(Strings strings, Wording wording) {
        this.strings = strings;
        this.wording = wording;
    }

    RowFace of(DocketRow row) {
        RowStatus status = row.status().get();
        if (status instanceof RowStatus.Unreadable unreadable) {
            return bare(LampState.BARRED, row, unreadable.message(), "docket.action.remove");
        } else if (status instanceof RowStatus.Measuring) {
            return bare(LampState.UNLIT, row, strings.say("docket.measuring"), "");
        } else if (status instanceof RowStatus.Fresh) {
            return bare(LampState.UNLIT, row, strings.say("docket.fresh"), "");
        } else if (status instanceof RowStatus.Unmeasured) {
            return bare(LampState.UNLIT, row, strings.say("docket.unmeasured"), "docket.action.measure");
        } else if (status instanceof RowStatus.AtWork work) {
            return measured(row, LampState.HALF, strings.say("docket.finishing"), work.before(), Optional.empty(), "");
        } else if (status instanceof RowStatus.Ended ended) {
            return ended.finished()
                    .map(f -> measured(
                            row,
                            status.flaw().isEmpty() ? LampState.LIT : LampState.HALF,
                            status.flaw().map(this::flaw).orElse(strings.say("docket.ready")),
                            ended.before(),
                            Optional.of(f.judgement()),
                            "docket.action.ready"))
                    .orElseGet(() -> refused(row, ended));
        }
        return judged(row, (RowStatus.Judged) status);
    }

    private RowFace judged(DocketRow row, RowStatus.Judged judged) {
        if (!judged.problem().isEmpty()) {
            return measured(row, LampState.HALF, judged.problem(), judged, Optional.empty(), "docket.action.finish");
        } else if (!judged.forecast().finishable()) {
            String note = obstacle(judged.forecast().obstacles().get(0));
            return measured(row, LampState.BARRED, note, judged, Optional.empty(), "docket.action.why");
        } else if (judged.flaw().isPresent()) {
            String action = judged.deliverable() ? "" : "docket.action.finish";
            String note = flaw(judged.flaw().get());
            return measured(row, LampState.HALF, note, judged, Optional.empty(), action);
        } else if (judged.deliverable()) {
            return measured(row, LampState.LIT, strings.say("docket.clear"), judged, Optional.empty(), "");
        }
        boolean fine = judged.judgement().pass();
        String coding = judged.judgement().specification().format().coding().name();
        String note = fine ? strings.say("docket.fine", coding) : faults(judged.judgement());
        return measured(
                row, fine ? LampState.LIT : LampState.HALF, note, judged, Optional.empty(), "docket.action.finish");
    }

    private RowFace refused(DocketRow row, RowStatus.Ended ended) {
        FinishOutcome.Refused refused = (FinishOutcome.Refused) ended.result().outcome();
        String note = obstacle(refused.obstacles().get(0));
        return measured(row, LampState.BARRED, note, ended.before(), Optional.empty(), "docket.action.why");
    }

    private RowFace bare(LampState lamp, DocketRow row, String note, String action) {
        return new RowFace(
                lamp,
                row.title(),
                note,
                List.of(),
                Optional.empty(),
                List.of(),
                action.isEmpty() ? "" : strings.say(action));
    }

    private RowFace measured(
            DocketRow row,
            LampState lamp,
            String note,
            RowStatus.Judged judged,
            Optional<Judgement> delivered,
            String action) {
        Report report = judged.report();
        List<RowFace.Bar> bars = new ArrayList<>();
        for (CheckId id : bars(judged.judgement().specification())) {
            judged.judgement()
                    .check(id)
                    .ifPresent(check -> bars.add(bar(
                            check,
                            delivered.flatMap(d -> d.check(id)),
                            row.status().get().hopeless())));
        }
        double length = Math.max(report.info().durationS(), 1e-3);
        List<Double> flags =
                Flags.of(report, wording).stream().map(f -> f.atS() / length).toList();
        return new RowFace(
                lamp,
                row.title(),
                note,
                bars,
                Optional.of(report.outline()),
                flags,
                action.isEmpty() ? "" : strings.say(action));
    }

    /** What has a bar of its own, from left to right. */
    static List<CheckId> bars(Specification specification) {
        List<CheckId> bars = new ArrayList<>();
        if (specification.loudness().isPresent()) {
            bars.add(CheckId.LOUDNESS);
        }
        bars.add(CheckId.PEAK);
        if (specification.noiseFloorDbfs().isPresent()) {
            bars.add(CheckId.NOISE_FLOOR);
        }
        return bars;
    }

    private RowFace.Bar bar(Check check, Optional<Check> delivered, boolean hopeless) {
        OptionalDouble now = delivered.map(Check::measured).orElse(check.measured());
        OptionalDouble before = delivered.isPresent() ? check.measured() : OptionalDouble.empty();
        return new RowFace.Bar(
                wording.figures().tenths(now), Optional.of(Gauge.ofDecibels(check.limits(), now, before)), hopeless);
    }

    private String flaw(Finding flaw) {
        return switch (flaw.kind()) {
            case DROPOUTS -> strings.say("docket.flaw.dropouts");
            case CHANNELS_INVERTED -> strings.say("docket.flaw.inverted");
            case CHANNELS_DELAYED -> strings.say("docket.flaw.delayed");
            case CUT_OFF -> strings.say("docket.flaw.cut-off");
            default -> strings.say("docket.flaw.samples");
        };
    }

    private String obstacle(Obstacle obstacle) {
        if (obstacle instanceof Obstacle.Clipped clipped) {
            return strings.say("docket.clipped", clipped.runs());
        } else if (obstacle instanceof Obstacle.Noise) {
            return strings.say("docket.noisy");
        } else if (obstacle instanceof Obstacle.CutOff) {
            return strings.say("docket.cut-off");
        } else if (obstacle instanceof Obstacle.NotWhole) {
            return strings.say("docket.not-whole");
        } else if (obstacle instanceof Obstacle.FewBits few) {
            return strings.say("docket.few-bits", few.bits());
        } else if (obstacle instanceof Obstacle.TooLong) {
            return strings.say("docket.long");
        } else if (obstacle instanceof Obstacle.Misnamed) {
            return strings.say("docket.misnamed");
        } else if (obstacle instanceof Obstacle.StillOutside still) {
            return strings.say("docket.outside", briefly(still.check()));
        }
        return strings.say("docket.silent");
    }

    private String faults(Judgement judgement) {
        List<String> notes = judgement.faults().stream()
                .filter(c -> c.id() != CheckId.CLIPPING)
                .sorted(Comparator.comparingInt(c -> c.id() == CheckId.HEAD || c.id() == CheckId.TAIL ? 1 : 0))
                .limit(MOST_NOTES)
                .map(this::briefly)
                .toList();
        return String.join(", ", notes);
    }

    /** A fault in as few words as possible. */
    private String briefly(Check check) {
        return switch (check.id()) {
            case LOUDNESS, NOISE_FLOOR ->
                check.measured().isPresent() ? wording.miss(check) : strings.say("docket.silent");
            case PEAK -> check.measured().isPresent() ? strings.say("docket.peak", wording.miss(check)) : "";
            case HEAD -> strings.say("docket.head", wording.miss(check));
            case TAIL -> strings.say("docket.tail", wording.miss(check));
            case SAMPLE_RATE ->
                strings.say(
                        "docket.rate",
                        wording.figures().kiloHertz(check.measured().orElse(0)));
            default -> check.verdict() == CheckResult.INSIDE ? "" : wording.figure(check);
        };
    }
}
