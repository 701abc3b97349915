package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Printing;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.port.Specifications;
import app.redlamp.core.print.PrintedReport;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.PrintJob;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.DeliveryBook;
import app.redlamp.desktop.specification.SpecificationEdit;
import app.redlamp.words.ReportWording;
import app.redlamp.words.Wording;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The Deliver station: a docket of recordings held against one specification, and their finishing. */
public final class DeliverModel {
    private final Recordings recordings;
    private final Finishing finishing;
    private final Specifications specifications;
    private final JobService jobs;
    private final UndoHistory history;
    private final Strings strings;
    private final DeliveryBook book;
    private final ObservableList<DocketRow> rows = FXCollections.observableArrayList();
    private final ObservableList<DocketRow> shownRows = FXCollections.unmodifiableObservableList(rows);
    private final ObjectProperty<DocketRow> selected = new SimpleObjectProperty<>();
    private final ReadOnlyObjectWrapper<Specification> specification = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyIntegerWrapper changes = new ReadOnlyIntegerWrapper();
    private final Map<String, Docked> docked = new HashMap<>();
    private Set<Path> known = new HashSet<>();
    private String productionId = "";

    public DeliverModel(
            Recordings recordings,
            Finishing finishing,
            Specifications specifications,
            JobService jobs,
            UndoHistory history,
            Strings strings,
            DeliveryBook book) {
        this.book = book;
        this.recordings = recordings;
        this.finishing = finishing;
        this.specifications = specifications;
        this.jobs = jobs;
        this.history = history;
        this.strings = strings;
        specification.set(specifications.all().get(0));
    }

    public ObservableList<DocketRow> rows() {
        return shownRows;
    }

    public ObjectProperty<DocketRow> selected() {
        return selected;
    }

    public List<Specification> specifications() {
        return specifications.all();
    }

    /** Lines on documents of the user's own that cannot be read. */
    public List<String> brokenSpecifications() {
        return specifications.faults();
    }

    /** Begins to edit what everything is held against, or a copy of it. */
    public SpecificationEdit edit() {
        return SpecificationEdit.inLibrary(specifications, jobs, strings, specification.get());
    }

    public ReadOnlyObjectProperty<Specification> specification() {
        return specification.getReadOnlyProperty();
    }

    /** Rises whenever any row, the docket or the specification has changed: what depends on several rows listens here. */
    public ReadOnlyIntegerProperty changes() {
        return changes.getReadOnlyProperty();
    }

    /** Puts recordings on the docket and measures them; those that are on it already are only selected. */
    public void open(List<Path> files) {
        Set<Path> there = new HashSet<>();
        rows.forEach(r -> there.add(r.file()));
        List<DocketRow> added = new ArrayList<>();
        Path first = null;
        for (Path file : files) {
            Path path = file.toAbsolutePath().normalize();
            first = first == null ? path : first;
            known.add(path);
            if (there.add(path)) {
                added.add(new DocketRow(path));
            }
        }
        if (!added.isEmpty()) {
            history.perform(new UndoHistory.Edit(
                    strings.say("edit.open", added.size()), () -> insert(added), () -> take(added)));
            measure(added);
        }
        Path wanted = first;
        rows.stream().filter(r -> r.file().equals(wanted)).findFirst().ifPresent(selected::set);
    }

    /** Takes a recording off the docket; the file stays where it is. */
    public void remove(DocketRow row) {
        int at = rows.indexOf(row);
        if (at >= 0) {
            history.perform(new UndoHistory.Edit(
                    strings.say("edit.remove", row.title()), () -> take(List.of(row)), () -> {
                        rows.add(Math.min(at, rows.size()), row);
                        selected.set(row);
                        judgeAll();
                    }));
        }
    }

    /** Chooses the specification that everything is held against. */
    public void choose(Specification wanted) {
        Specification before = specification.get();
        if (wanted != null && !wanted.equals(before)) {
            history.perform(new UndoHistory.Edit(
                    strings.say("edit.choose", wanted.name()), () -> hold(wanted), () -> hold(before)));
        }
    }

    /** Chooses by id without making it undoable; an unknown id changes nothing. */
    public void start(String specificationId) {
        specifications.byId(specificationId).ifPresent(this::hold);
    }

    /** Holds everything against what the production's client asks for, without making it undoable here. */
    public void follow(Specification ordered) {
        hold(ordered);
    }

    /**
     * Shows what belongs to a production: its takes, and what was dropped while it was open. What lay on the docket of another
     * production comes back with it; what was dropped before any was open goes to the first.
     *
     * @param id of the production
     * @param takes where its takes lie
     */
    public void follow(String id, List<Path> takes) {
        if (!id.equals(productionId)) {
            Docked there = docked.getOrDefault(id, new Docked(new ArrayList<>(), new HashSet<>()));
            if (!productionId.isEmpty()) {
                docked.put(productionId, new Docked(new ArrayList<>(rows), known));
                known = there.known();
                selected.set(null);
                rows.setAll(there.rows());
            }
            productionId = id;
        }
        List<DocketRow> fresh = new ArrayList<>();
        for (Path take : takes) {
            Path path = take.toAbsolutePath().normalize();
            if (known.add(path) && rows.stream().noneMatch(r -> r.file().equals(path))) {
                fresh.add(new DocketRow(path));
            }
        }
        rows.addAll(fresh);
        if (selected.get() == null && !rows.isEmpty()) {
            selected.set(rows.get(0));
        }
        judgeAll();
    }

    /** The docket of a production that is not open now: what lies on it, and what ever did. */
    private record Docked(List<DocketRow> rows, Set<Path> known) {}

    /** Measures what came with a production and nobody has looked at yet. */
    public void measureFresh() {
        List<DocketRow> fresh = rows.stream()
                .filter(r -> r.status().get() instanceof RowStatus.Fresh)
                .toList();
        if (!fresh.isEmpty()) {
            measure(fresh);
        }
    }

    /** Measures what was cancelled. */
    public void measureAgain(DocketRow row) {
        if (row.status().get() instanceof RowStatus.Unmeasured) {
            measure(List.of(row));
        }
    }

    public List<DocketRow> finishable() {
        return rows.stream().filter(r -> r.status().get().finishable()).toList();
    }

    /** Finishes everything that can be finished and is not yet. */
    public void finishAll() {
        finish(finishable());
    }

    /** Finishes one recording, where it can be. */
    public void finish(DocketRow row) {
        if (row.status().get().finishable()) {
            finish(List.of(row));
        }
    }

    public void cancel() {
        jobs.cancelAll();
    }

    /**
     * Writes the report on everything that has been measured, away from the interface thread.
     *
     * @param file its ending decides the form: .html, .pdf or .csv
     */
    public void writeSheet(Printing sheets, Wording wording, Path file) {
        List<ReportWording.Entry> entries = rows.stream()
                .filter(r -> r.report().isPresent())
                .map(r -> new ReportWording.Entry(
                        r.file().getFileName().toString(), r.report().orElseThrow()))
                .toList();
        PrintedReport sheet = ReportWording.of(wording, specification.get(), entries);
        new PrintJob(jobs, strings).write(f -> sheets.write(sheet, f), file);
    }

    /** Folder that what is finished goes to; absent for an empty docket. */
    public Optional<Path> readyFolder() {
        return rows.isEmpty()
                ? Optional.empty()
                : Optional.of(ReadyFolder.of(rows.get(0).file()));
    }

    private void insert(List<DocketRow> added) {
        rows.addAll(added);
        if (selected.get() == null) {
            selected.set(added.get(0));
        }
        judgeAll();
    }

    private void take(List<DocketRow> taken) {
        int at = rows.indexOf(selected.get());
        rows.removeAll(taken);
        if (!rows.contains(selected.get())) {
            selected.set(rows.isEmpty() ? null : rows.get(Math.max(0, Math.min(at, rows.size() - 1))));
        }
        judgeAll();
    }

    private void hold(Specification wanted) {
        specification.set(wanted);
        judgeAll();
    }

    private void measure(List<DocketRow> added) {
        List<JobService.Work<Report>> works = new ArrayList<>();
        for (DocketRow row : added) {
            row.set(new RowStatus.Measuring());
            works.add(progress -> recordings.measure(row.file(), progress));
        }
        changed();
        jobs.start(strings.say("job.measure", added.size()), works, new JobService.Listener<>() {
            @Override
            public void done(int part, Report report) {
                int before = commonChannels();
                DocketRow row = added.get(part);
                row.measured(report);
                book.measured(
                        row.file(),
                        report,
                        RowJudge.judged(row, specification.get(), commonChannels(), "")
                                .judgement());
                int now = commonChannels();
                if (now == before) {
                    judge(added.get(part), now);
                    changed();
                } else {
                    judgeAll();
                }
            }

            @Override
            public void failed(int part, String message) {
                added.get(part).set(new RowStatus.Unreadable(message));
                jobs.notify(added.get(part).file().getFileName() + ": " + message);
                changed();
            }

            @Override
            public void ended(boolean cancelled) {
                added.stream()
                        .filter(r -> r.status().get() instanceof RowStatus.Measuring)
                        .forEach(r -> r.set(new RowStatus.Unmeasured()));
                changed();
            }
        });
    }

    private void finish(List<DocketRow> wanted) {
        Specification held = specification.get();
        int common = commonChannels();
        List<JobService.Work<Finishing.Result>> works = new ArrayList<>();
        for (DocketRow row : wanted) {
            RowStatus.Judged judged = row.status().get().judged().orElseThrow();
            row.set(new RowStatus.AtWork(judged));
            Finishing.Order order =
                    new Finishing.Order(row.file(), judged.report(), held, common, ReadyFolder.of(row.file()));
            works.add(progress -> finishing.finish(order, progress));
        }
        changed();
        jobs.start(strings.say("job.finish", wanted.size()), works, new JobService.Listener<>() {
            @Override
            public void done(int part, Finishing.Result result) {
                wanted.get(part).ended(held.id(), result);
                book.ended(wanted.get(part).file(), held, result);
                judge(wanted.get(part), commonChannels());
                changed();
            }

            @Override
            public void failed(int part, String message) {
                DocketRow row = wanted.get(part);
                row.set(RowJudge.judged(row, held, commonChannels(), message));
                jobs.notify(row.file().getFileName() + ": " + message);
                changed();
            }

            @Override
            public void ended(boolean cancelled) {
                wanted.stream()
                        .filter(r -> r.status().get() instanceof RowStatus.AtWork)
                        .forEach(r -> r.set(RowJudge.judged(r, held, commonChannels(), "")));
                changed();
            }
        });
    }

    private int commonChannels() {
        return Judge.commonChannels(
                rows.stream().flatMap(r -> r.report().stream()).toList());
    }

    private void judgeAll() {
        int common = commonChannels();
        rows.stream()
                .filter(r -> !(r.status().get() instanceof RowStatus.AtWork))
                .forEach(r -> judge(r, common));
        changed();
    }

    private void judge(DocketRow row, int common) {
        if (row.report().isPresent()) {
            row.set(RowJudge.status(row, specification.get(), common));
        }
    }

    private void changed() {
        changes.set(changes.get() + 1);
    }
}
