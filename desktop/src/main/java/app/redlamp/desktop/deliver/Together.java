package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where the recordings on the docket do not match each other: what would be sent where all of it is ready, the
 * recordings as they are before.
 *
 * @param outside what is not as the specification wants
 * @param titles names of what was compared, as the comparisons count them
 */
record Together(List<SetJudge.Comparison> outside, List<String> titles) {
    /** What finishing makes alike: not worth a word before. */
    private static final Set<SetJudge.Kind> FINISHED =
            EnumSet.of(SetJudge.Kind.SAMPLE_RATE, SetJudge.Kind.CHANNELS, SetJudge.Kind.CODING, SetJudge.Kind.LOUDNESS);

    static Together of(List<DocketRow> rows, Specification specification) {
        boolean ready =
                !rows.isEmpty() && rows.stream().allMatch(r -> r.status().get().ready());
        List<DocketRow> measured =
                rows.stream().filter(r -> r.report().isPresent()).toList();
        List<Report> reports = measured.stream()
                .flatMap(r -> (ready ? delivery(r) : r.report()).stream())
                .toList();
        List<String> names =
                measured.stream().map(r -> r.file().getFileName().toString()).toList();
        List<SetJudge.Comparison> outside = SetJudge.judge(specification, reports, names).stream()
                .filter(c -> c.verdict() != CheckResult.INSIDE)
                .filter(c -> ready || !FINISHED.contains(c.kind()))
                .toList();
        return new Together(outside, measured.stream().map(DocketRow::title).toList());
    }

    private static Optional<Report> delivery(DocketRow row) {
        return row.status().get() instanceof RowStatus.Ended ended
                ? ended.finished().map(f -> f.delivered())
                : row.report();
    }
}
