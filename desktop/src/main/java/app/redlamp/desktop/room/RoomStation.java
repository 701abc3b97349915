package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.RoomProblem;
import app.redlamp.core.acoustics.spot.RoomVerdict;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.bench.ShelfModel;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Sparing;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.KeyBinding;
import app.redlamp.desktop.station.StationBase;
import app.redlamp.desktop.station.StationContext;
import app.redlamp.desktop.station.StationId;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** The Room station for the shell. */
public final class RoomStation extends StationBase {
    private final RoomModel model;
    private final Strings strings;
    private final StationParts<Models> parts;
    private final RoomView view;
    private final RoomReading reading;
    private Reading told;
    private final Sparing words;

    /** What the station works with. */
    public record Models(
            RoomModel room,
            ListeningModel listening,
            QuietModel quiet,
            BoothsModel booths,
            ShelfModel<Material, Spot> shelf) {}

    public RoomStation(StationContext context, Models models) {
        this(StationParts.of(context, models));
    }

    private RoomStation(StationParts<Models> parts) {
        super(StationId.ROOM, parts);
        this.parts = parts;
        model = parts.models().room();
        strings = parts.strings();
        view = new RoomView(parts);
        reading = new RoomReading(parts, this::toBrief);
        words = new Sparing(() -> column().show(reading.now()));
        // One change is told by several properties: the page follows once.
        Soon soon = new Soon(this::show);
        model.spot().addListener((o, was, now) -> {
            if (model.dragging()) {
                view.showDragged();
            } else {
                soon.ask();
            }
        });
        model.study().addListener((o, was, now) -> {
            if (model.dragging()) {
                view.showDragged();
                words.ask();
            } else {
                soon.ask();
            }
        });
        model.advice().addListener((o, was, now) -> soon.ask());
        model.before().addListener((o, was, now) -> soon.ask());
        model.openProduction().production().addListener((o, was, now) -> soon.ask());
        parts.context().units().words().addListener((o, was, now) -> soon.ask());
        show();
    }

    @Override
    public Optional<Overrule.Station> guards() {
        return Optional.of(Overrule.Station.ROOM);
    }

    @Override
    public Node bench() {
        return view.node();
    }

    @Override
    public void opened() {
        model.advise();
    }

    /** Opens the diary of nights. */
    public void openNight() {
        view.openNight();
    }

    /** Two recordings are compared; one is read as a night where that is open, and measured as a clap everywhere else. */
    @Override
    public void drop(List<Path> files) {
        if (!files.isEmpty() && model.spot().get() != null) {
            if (files.size() == 2) {
                parts.models().listening().compare(files.get(0), files.get(1));
                view.openCompare();
            } else if (view.nightOpen()) {
                parts.models().listening().listen(files.get(0));
            } else {
                parts.models().listening().measure(files.get(0));
                view.openMeasure();
            }
        }
    }

    @Override
    public List<KeyBinding> keys() {
        if (view.covered()) {
            return List.of();
        }
        return List.of(
                KeyBinding.plain(KeyCode.P, strings.say("keys.plan"), view::focusPlan),
                KeyBinding.plain(KeyCode.Q, strings.say("keys.quiet"), () -> view.openDesk("quiet")),
                KeyBinding.plain(KeyCode.W, strings.say("keys.treat"), () -> view.openDesk("treat")),
                KeyBinding.plain(KeyCode.S, strings.say("keys.space"), () -> view.openDesk("space")),
                KeyBinding.plain(KeyCode.H, strings.say("keys.things"), () -> view.openDesk("things")),
                KeyBinding.plain(KeyCode.N, strings.say("keys.noise"), () -> view.openDesk("noise")),
                KeyBinding.plain(KeyCode.O, strings.say("keys.booths"), () -> view.openDesk("booths")),
                KeyBinding.plain(KeyCode.L, strings.say("keys.places"), () -> view.openDesk("places")),
                KeyBinding.plain(KeyCode.C, strings.say("keys.clap"), view::openMeasure),
                KeyBinding.plain(KeyCode.B, strings.say("keys.compare"), view::openCompare),
                KeyBinding.plain(KeyCode.G, strings.say("keys.night"), view::openNight),
                KeyBinding.plain(
                        KeyCode.U, strings.say("keys.lengths"), parts.context().units()::turn));
    }

    private void show() {
        told = reading.now();
        redraw();
        tell(nowHeadings());
        tell(nowStanding(told));
        tell(nowFacts());
    }

    @Override
    protected void draw() {
        view.show();
        column().show(told);
    }

    private Headings nowHeadings() {
        Production production = model.openProduction().production().get();
        Spot spot = model.spot().get();
        if (production == null) {
            return new Headings(strings.say("heading.none"), strings.say("heading.brief.none"));
        }
        return new Headings(production.brief().title(), spot == null ? strings.say("heading.room.none") : spot.name());
    }

    private Standing nowStanding(Reading told) {
        Study study = model.study().get();
        if (study == null) {
            return Standing.unknown(strings.say("stand.room.none"), strings.say("stand.room.first"));
        }
        boolean known = told.help().stream().anyMatch(h -> h.action().isPresent());
        String first = known ? told.help().get(0).title() : "";
        Verdict<RoomProblem> verdict = RoomVerdict.of(study);
        return verdict.clear()
                ? new Standing(verdict, false, strings.say("stand.room.fits"), "")
                : new Standing(verdict, false, strings.say("stand.room.not"), first);
    }

    private List<String> nowFacts() {
        List<String> facts = new ArrayList<>();
        Path folder = model.openProduction().folder().get();
        if (folder != null) {
            facts.add(strings.say("fact.production", String.valueOf(folder.getFileName())));
        }
        Spot spot = model.spot().get();
        if (spot != null) {
            facts.add(strings.say("fact.room", spot.name()));
        }
        return facts;
    }
}
