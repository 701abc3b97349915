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
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * Writes what was measured and finished into the log of the production that the recording belongs to. Where another production is
 * open by then, it waits until the one that it belongs to is opened again.
 */
public final class DeliveryBook {
    /** Of recordings that belong to no production, no more are kept (ours). */
    private static final int MOST_WAITING = 1000;

    private final ProductionModel open;
    private final Clock clock;
    private final Deque<Entry> waiting = new ArrayDeque<>();

    /** What is to be written of a file, given its place in the production's folder. */
    private record Entry(Path file, Consumer<String> write) {}

    public DeliveryBook(ProductionModel open, Clock clock) {
        this.open = open;
        this.clock = clock;
        open.production().addListener((o, was, now) -> {
            if (was == null || now == null || !was.id().equals(now.id())) {
                writeWaiting();
            }
        });
    }

    /** A recording was measured and held against a specification. */
    public void measured(Path file, Report report, Judgement judgement) {
        write(
                file,
                name -> open.files()
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
        LocalDateTime at = LocalDateTime.now(clock).withNano(0);
        if (result.outcome() instanceof FinishOutcome.Finished finished) {
            write(file, name -> finished(name, specification, result.written(), finished, at));
        } else if (result.outcome() instanceof FinishOutcome.Refused refused) {
            write(
                    file,
                    name -> open.files()
                            .log(new LogEntry.Refused(
                                    name,
                                    specification.id(),
                                    refused.obstacles().stream()
                                            .map(Obstacle::id)
                                            .toList())));
        }
    }

    private void finished(
            String name,
            Specification specification,
            List<Path> files,
            FinishOutcome.Finished finished,
            LocalDateTime at) {
        List<String> written = files.stream().flatMap(w -> inside(w).stream()).toList();
        double gainDb = finished.settings().gainDb();
        open.files().log(new LogEntry.Finished(name, specification.id(), written, gainDb, finished.reductionDb()));
        if (!written.isEmpty()) {
            open.note(t -> t.delivering(new Delivery(name, specification.id(), at, written, gainDb)));
        }
    }

    private void write(Path file, Consumer<String> entry) {
        inside(file).ifPresentOrElse(entry, () -> {
            waiting.add(new Entry(file, entry));
            if (waiting.size() > MOST_WAITING) {
                waiting.remove();
            }
        });
    }

    private void writeWaiting() {
        List<Entry> all = List.copyOf(waiting);
        waiting.clear();
        all.forEach(e -> write(e.file(), e.write()));
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
