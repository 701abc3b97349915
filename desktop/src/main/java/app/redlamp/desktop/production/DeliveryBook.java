package app.redlamp.desktop.production;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.planning.take.Delivery;
import app.redlamp.core.port.Finishing;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Writes what was measured and finished into the log of the production that the recording belongs to, while it is open. */
public final class DeliveryBook {
    private final ProductionModel open;
    private final Clock clock;

    public DeliveryBook(ProductionModel open, Clock clock) {
        this.open = open;
        this.clock = clock;
    }

    /** A recording was measured and held against a specification. */
    public void measured(Path file, Report report, Judgement judgement) {
        inside(file)
                .ifPresent(name -> open.files()
                        .log(new LogEntry.Measured(
                                name,
                                judgement.specification().id(),
                                judgement.pass(),
                                report.info().durationS(),
                                report.integratedLufs(),
                                report.rmsDbfs(),
                                report.samplePeakDbfs(),
                                report.noiseFloorDbfs(),
                                report.snrDb())));
    }

    /** Finishing ended: what was made is a delivery of the take. */
    public void ended(Path file, Specification specification, Finishing.Result result) {
        Optional<String> name = inside(file);
        if (name.isEmpty()) {
            return;
        }
        if (result.outcome() instanceof FinishOutcome.Finished finished) {
            List<String> written =
                    result.written().stream().flatMap(w -> inside(w).stream()).toList();
            open.files()
                    .log(new LogEntry.Finished(
                            name.get(),
                            specification.id(),
                            written,
                            finished.settings().gainDb(),
                            finished.reductionDb()));
            if (!written.isEmpty()) {
                open.note(t -> t.delivering(new Delivery(
                        name.get(),
                        specification.id(),
                        LocalDateTime.now(clock).withNano(0),
                        written,
                        finished.settings().gainDb())));
            }
        } else if (result.outcome() instanceof FinishOutcome.Refused refused) {
            open.files()
                    .log(new LogEntry.Refused(
                            name.get(),
                            specification.id(),
                            refused.obstacles().stream().map(Obstacle::id).toList()));
        }
    }

    /** A file's place in the folder of the open production; absent for one that lies elsewhere. */
    private Optional<String> inside(Path file) {
        Path folder = open.folder().get();
        if (folder == null || open.production().get() == null) {
            return Optional.empty();
        }
        Path root = folder.toAbsolutePath().normalize();
        Path path = file.toAbsolutePath().normalize();
        return path.startsWith(root) && !path.equals(root)
                ? Optional.of(root.relativize(path).toString().replace('\\', '/'))
                : Optional.empty();
    }
}
