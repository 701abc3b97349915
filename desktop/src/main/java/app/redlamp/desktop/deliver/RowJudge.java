package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import java.util.Optional;

/** Holds a measured recording on the docket, and what was made of it, against a specification. */
final class RowJudge {
    private RowJudge() {}

    /**
     * How far it has come: finished as long as its delivery still holds, otherwise judged.
     *
     * @param common channels of the other recordings
     */
    static RowStatus status(DocketRow row, Specification held, int common) {
        RowStatus.Judged judged = judged(row, held, common, "");
        return row.result(held.id())
                .filter(result -> stillHolds(result, held, common))
                .<RowStatus>map(result -> new RowStatus.Ended(judged, result))
                .orElse(judged);
    }

    /** The recording itself, by the name that would be sent. */
    static RowStatus.Judged judged(DocketRow row, Specification held, int common, String problem) {
        Report report = row.report().orElseThrow();
        String own = row.file().getFileName().toString();
        String sent = held.format().accepts(report.info()) ? own : held.format().fileName(own);
        return new RowStatus.Judged(
                report,
                Judge.judge(held, report, common, Optional.of(sent)),
                Forecast.of(held, report, common, own),
                problem);
    }

    /** A delivery must match the others; where the docket has changed since, it may have to be made anew. */
    private static boolean stillHolds(Finishing.Result result, Specification held, int common) {
        return !(result.outcome() instanceof FinishOutcome.Finished finished)
                || Judge.judge(held, finished.delivered(), common, delivered(result))
                        .pass();
    }

    private static Optional<String> delivered(Finishing.Result result) {
        int last = result.written().size() - 1;
        return last < 0
                ? Optional.empty()
                : Optional.of(result.written().get(last).getFileName().toString());
    }
}
