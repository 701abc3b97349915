package app.redlamp.desktop.brief;

import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.gradual.Steps;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.KeyBinding;
import app.redlamp.desktop.station.StationBase;
import app.redlamp.desktop.station.StationContext;
import app.redlamp.desktop.station.StationId;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** The Brief station for the shell. */
public final class BriefStation extends StationBase {
    private final BriefModel model;
    private final Strings strings;
    private final StationParts<Models> parts;
    private final BriefView view;
    /** Id of the production whose bench is shown; empty for none. */
    private String drawn = "";

    private final BriefReading reading;
    private Reading told;

    /**
     * What the station works with.
     *
     * @param recent productions that were open before, the newest first
     */
    public record Models(BriefModel brief, Supplier<List<Path>> recent) {}

    public BriefStation(StationContext context, Models models) {
        this(StationParts.of(context, models));
    }

    private BriefStation(StationParts<Models> parts) {
        super(StationId.BRIEF, parts);
        this.parts = parts;
        model = parts.models().brief();
        strings = parts.strings();
        view = new BriefView(parts, parts.models().recent());
        reading = new BriefReading(
                model,
                strings,
                parts.words().plans(),
                parts.words().orders(),
                new BriefReading.Ways(
                        view::bring,
                        view::openPaste,
                        view::openMail,
                        view::openWords,
                        () -> view.openDesk("job"),
                        this::export));
        ProductionModel open = model.openProduction();
        open.planned().addListener((o, was, now) -> show());
        model.questions().addListener((o, was, now) -> show());
        open.saved().addListener((o, was, now) -> showFacts());
        open.folder().addListener((o, was, now) -> showFacts());
        show();
    }

    @Override
    public Node bench() {
        return view.node();
    }

    @Override
    public Optional<Node> behind() {
        return view.behind();
    }

    @Override
    public void opened() {
        model.openProduction().look();
    }

    /** A folder is opened as a production; anything else is brought as the script. */
    @Override
    public void drop(List<Path> files) {
        for (Path file : files) {
            if (Files.isDirectory(file)) {
                model.openProduction().open(file);
                return;
            }
        }
        if (!files.isEmpty() && model.planned().isPresent()) {
            model.script().bring(files.get(0));
        }
    }

    @Override
    public List<KeyBinding> keys() {
        if (view.covered()) {
            return List.of();
        }
        return List.of(
                KeyBinding.plain(KeyCode.S, strings.say("keys.script"), view::bring),
                KeyBinding.plain(KeyCode.V, strings.say("keys.paste"), view::openPaste),
                KeyBinding.plain(KeyCode.C, strings.say("keys.chapters"), view::openChapters),
                KeyBinding.plain(KeyCode.W, strings.say("keys.words"), view::openWords),
                KeyBinding.plain(KeyCode.M, strings.say("keys.mail"), view::openMail),
                KeyBinding.plain(KeyCode.E, strings.say("keys.order"), view::editOrder),
                KeyBinding.plain(KeyCode.D, strings.say("keys.days"), () -> view.openDesk("days")),
                KeyBinding.plain(KeyCode.J, strings.say("keys.job"), () -> view.openDesk("job")),
                KeyBinding.plain(KeyCode.F, strings.say("keys.fee"), () -> view.openDesk("money")),
                KeyBinding.plain(KeyCode.X, strings.say("keys.export"), this::export),
                KeyBinding.plain(KeyCode.R, strings.say("keys.look"), model.openProduction()::look),
                KeyBinding.plain(KeyCode.O, strings.say("keys.other"), this::other));
    }

    /** Another production: one that is there, or a new one. */
    private void other() {
        view.showStart();
        view.focusStart();
    }

    private void export() {
        model.planned()
                .ifPresent(p -> parts.doors()
                        .save(Doors.Kind.CALENDAR)
                        .ifPresent(file -> model.openProduction().files().writeCalendar(p.plan(), file)));
    }

    private void show() {
        Planned now = model.openProduction().planned().get();
        told = reading.now();
        redraw();
        tell(nowHeadings(now));
        tell(nowStanding(now, told));
        showFacts();
    }

    @Override
    protected void draw() {
        Planned now = model.openProduction().planned().get();
        Steps.later(reading(), () -> column().show(told));
        if (now == null) {
            drawn = "";
            return;
        }
        if (!now.production().id().equals(drawn)) {
            drawn = now.production().id();
            view.showOpened();
        } else {
            view.show(now);
        }
    }

    private Headings nowHeadings(Planned now) {
        if (now == null) {
            return new Headings(strings.say("heading.none"), strings.say("heading.brief.none"));
        }
        Production production = now.production();
        Brief brief = production.brief();
        List<String> line = new ArrayList<>();
        line.add(parts.words().plans().kind(brief.kind()));
        if (!production.pieces().isEmpty()) {
            line.add(parts.words()
                    .plans()
                    .pieces(brief.kind(), production.pieces().size()));
        }
        brief.deadline()
                .ifPresent(d -> line.add(
                        strings.say("heading.due", parts.words().plans().shortDay(d))));
        return new Headings(brief.title(), String.join(" · ", line));
    }

    private Standing nowStanding(Planned now, Reading told) {
        if (now == null || now.verdict().state() == Verdict.State.UNKNOWN) {
            return Standing.unknown(
                    strings.say("stand.nothing"), strings.say(now == null ? "stand.start" : "stand.script"));
        }
        String first = told.help().isEmpty() ? "" : told.help().get(0).title();
        // The big lamp itself is for recording and sending; a brief that stands is where that begins.
        return new Standing(
                now.verdict(), false, strings.say(now.verdict().clear() ? "stand.clear" : "stand.not"), first);
    }

    private void showFacts() {
        List<String> now = new ArrayList<>();
        Path folder = model.openProduction().folder().get();
        if (folder != null) {
            now.add(strings.say("fact.production", String.valueOf(folder.getFileName())));
            if (model.openProduction().readOnly().isPresent()) {
                now.add(strings.say("fact.read-only"));
            } else {
                now.add(strings.say(
                        switch (model.openProduction().saved().get()) {
                            case YES -> "fact.saved";
                            case SOON -> "fact.saving";
                            case NO -> "fact.unsaved";
                        }));
            }
        }
        model.planned().ifPresent(p -> {
            if (p.freeBytes().isPresent()) {
                now.add(parts.words().plans().room(p.room(), p.freeBytes()));
            }
        });
        tell(now);
    }
}
