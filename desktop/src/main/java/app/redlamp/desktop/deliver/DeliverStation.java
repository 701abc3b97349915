package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.plan.DiskNeed;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Printing;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.gradual.Steps;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.KeyBinding;
import app.redlamp.desktop.station.StationBase;
import app.redlamp.desktop.station.StationContext;
import app.redlamp.desktop.station.StationId;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Wording;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** The Deliver station for the shell. */
public final class DeliverStation extends StationBase {

    private final DeliverModel model;
    private final PlayModel player;
    private final Finishing finishing;
    private final JobService jobs;
    private final Strings strings;
    private final Wording wording;
    private final StationContext context;
    private final DeliverFiles files;
    private final DeliverView view;
    private final DeliverReading reading;
    private OptionalLong freeBytes = OptionalLong.empty();
    private Optional<Path> asked = Optional.empty();
    private int readyCount = -1;
    private Optional<Reading> unshown = Optional.empty();
    private Told told;

    /**
     * What the station works with.
     *
     * @param finishing asked for the room that is left on a disk
     * @param printing writes the report on a delivery
     */
    public record Models(DeliverModel deliver, PlayModel player, Finishing finishing, Printing printing) {}

    public DeliverStation(StationContext context, Models models) {
        this(StationParts.of(context, models));
    }

    private DeliverStation(StationParts<Models> parts) {
        super(StationId.DELIVER, parts);
        model = parts.models().deliver();
        player = parts.models().player();
        finishing = parts.models().finishing();
        jobs = parts.context().jobs();
        strings = parts.strings();
        wording = parts.words().recordings();
        context = parts.context();
        files = new DeliverFiles(parts);
        view = new DeliverView(parts);
        reading = new DeliverReading(model, player, strings, wording, files::bring, parts.doors()::show);
        Soon refresh = new Soon(this::show);
        model.changes().addListener((o, was, now) -> refresh.ask());
        model.selected().addListener((o, was, now) -> redraw());
        context.production().production().addListener((o, was, now) -> refresh.ask());
        player.playing().addListener((o, was, now) -> showFacts());
        model.brokenSpecifications().forEach(jobs::notify);
        show();
    }

    @Override
    public Node bench() {
        return view.node();
    }

    /** Space plays: a button would take it. */
    @Override
    public Optional<Node> work() {
        return view.docket();
    }

    /** What came with the production is measured when somebody looks. */
    @Override
    public void opened() {
        model.measureFresh();
    }

    @Override
    public void drop(List<Path> files) {
        model.open(files);
    }

    @Override
    public List<KeyBinding> keys() {
        // What lies under the editor is not worked on by keys meant for the editor.
        if (view.editing()) {
            return List.of();
        }
        return List.of(
                KeyBinding.plain(KeyCode.O, strings.say("keys.open"), files::bring),
                KeyBinding.plain(KeyCode.S, strings.say("keys.specification"), view::focusSpecification),
                KeyBinding.plain(KeyCode.E, strings.say("keys.edit"), view::editSpecification),
                KeyBinding.plain(KeyCode.R, strings.say("keys.sheet"), files::report),
                KeyBinding.plain(KeyCode.F, strings.say("keys.finish"), model::finishAll),
                KeyBinding.plain(KeyCode.ENTER, strings.say("keys.finishOne"), () -> onSelected(model::finish)),
                KeyBinding.plain(
                        KeyCode.SPACE,
                        strings.say("keys.play"),
                        () -> player.toggle(model.selected().get())),
                KeyBinding.plain(
                        KeyCode.Q,
                        strings.say("keys.silence"),
                        () -> player.toggleSilence(model.selected().get())),
                KeyBinding.plain(
                        KeyCode.L,
                        strings.say("keys.turn"),
                        () -> view.selected().ifPresent(SelectedPanel::turn)),
                KeyBinding.plain(
                        KeyCode.N,
                        strings.say("keys.next-flag"),
                        () -> view.selected().ifPresent(s -> s.hearFlag(true))),
                KeyBinding.plain(
                        KeyCode.P,
                        strings.say("keys.flag-before"),
                        () -> view.selected().ifPresent(s -> s.hearFlag(false))),
                KeyBinding.plain(KeyCode.DELETE, strings.say("keys.remove"), () -> onSelected(model::remove)),
                KeyBinding.plain(KeyCode.ESCAPE, strings.say("keys.cancel"), this::cancel));
    }

    private void onSelected(Consumer<DocketRow> action) {
        if (model.selected().get() != null) {
            action.accept(model.selected().get());
        }
    }

    private void cancel() {
        player.stop();
        model.cancel();
    }

    /** Reads anew only where something has changed that is told: sixty results may arrive in a second. */
    private void read() {
        DocketRow row = model.selected().get();
        Told now = new Told(
                row,
                row == null ? null : row.status().get(),
                (int) model.rows().stream().filter(r -> r.report().isPresent()).count(),
                model.finishable().size(),
                model.specification().get());
        if (!now.sameAs(told)) {
            told = now;
            unshown = Optional.of(reading.now());
        }
    }

    private void showReading() {
        unshown.ifPresent(column()::show);
        unshown = Optional.empty();
    }

    /** What the reading was built from. */
    private record Told(DocketRow row, RowStatus status, int measured, int finishable, Specification specification) {
        boolean sameAs(Told other) {
            return other != null
                    && row == other.row
                    && status == other.status
                    && measured == other.measured
                    && finishable == other.finishable
                    && specification.equals(other.specification);
        }
    }

    private void show() {
        if (Sight.seen(view.node())) {
            // Another production was opened, or takes have come, while somebody looks.
            model.measureFresh();
        }
        redraw();
        DeliverStanding now =
                DeliverStanding.of(model.rows(), model.specification().get(), strings);
        tell(new Standing(now.verdict(), now.verdict().clear(), now.answer(), now.first()));
        tell(nowHeadings());
        askForSpace();
        showFacts();
    }

    @Override
    protected void draw() {
        view.showRows();
        // Rows and hills change with the same result: each has its own turn.
        Steps.later(reading(), this::read, this::showReading);
    }

    private Headings nowHeadings() {
        Production production = context.production().production().get();
        if (production != null && model.rows().isEmpty()) {
            return new Headings(production.brief().title(), strings.say("heading.none.line"));
        }
        if (model.rows().isEmpty()) {
            return new Headings(strings.say("heading.none"), strings.say("heading.none.line"));
        }
        Path folder = ReadyFolder.production(model.rows().get(0).file());
        double seconds = model.rows().stream()
                .flatMap(r -> r.report().stream())
                .mapToDouble(r -> r.info().durationS())
                .sum();
        Path name = folder.getFileName();
        int count = model.rows().size();
        return new Headings(
                production != null ? production.brief().title() : name == null ? folder.toString() : name.toString(),
                seconds > 0
                        ? strings.say("heading.line", count, wording.figures().clock(seconds))
                        : strings.say("heading.count", count));
    }

    /** Asks away from the interface thread how much room is left: once for a folder, and again when something is ready. */
    private void askForSpace() {
        Optional<Path> folder = model.readyFolder();
        int ready = (int)
                model.rows().stream().filter(r -> r.status().get().ready()).count();
        if (folder.isEmpty() || (folder.equals(asked) && ready == readyCount)) {
            return;
        }
        asked = folder;
        readyCount = ready;
        List<JobService.Work<Long>> work = List.of(progress -> finishing.freeBytes(folder.get()));
        jobs.start("", work, new JobService.Listener<>() {
            @Override
            public void done(int part, Long bytes) {
                freeBytes = OptionalLong.of(bytes);
                showFacts();
            }

            @Override
            public void failed(int part, String message) {
                freeBytes = OptionalLong.empty();
            }

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    private void showFacts() {
        List<String> now = new ArrayList<>();
        model.readyFolder()
                .ifPresent(f -> now.add(
                        strings.say("fact.ready", String.valueOf(f.getParent().getFileName()))));
        now.add(strings.say(
                player.output().simulated() ? "fact.output.simulated" : "fact.output",
                player.output().name()));
        DocketRow playing = player.playing().get();
        if (playing != null) {
            now.add(strings.say("fact.playing", playing.title()));
        }
        if (freeBytes.isPresent()) {
            now.add(strings.say(
                    "fact.disk", DiskNeed.readyHours(model.specification().get().format(), 1, freeBytes.getAsLong())));
        }
        tell(now);
    }
}
