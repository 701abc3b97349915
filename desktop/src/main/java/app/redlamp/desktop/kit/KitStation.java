package app.redlamp.desktop.kit;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.bench.ShelfModel;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Sparing;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.KitModel;
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

/** The Kit station for the shell. */
public final class KitStation extends StationBase {
    private final KitModel model;
    private final Strings strings;
    private final StationParts<Models> parts;
    private final KitView view;
    private final KitReading reading;
    private final Sparing words;

    /** What the station works with. */
    public record Models(KitModel kit, ShelfModel<Gear, Kit> shelf, TakesModel takes) {}

    public KitStation(StationContext context, Models models) {
        this(StationParts.of(context, models));
    }

    private KitStation(StationParts<Models> parts) {
        super(StationId.KIT, parts);
        this.parts = parts;
        model = parts.models().kit();
        strings = parts.strings();
        view = new KitView(parts);
        reading = new KitReading(parts, this::toBrief);
        words = new Sparing(() -> column().show(reading.now()));
        // One change is told by several properties: the page follows once.
        Soon soon = new Soon(this::show);
        model.path().addListener((o, was, now) -> {
            if (model.dragging()) {
                view.showWay();
                words.ask();
            } else {
                soon.ask();
            }
        });
        model.kit().addListener((o, was, now) -> {
            if (!model.dragging()) {
                soon.ask();
            }
        });
        model.seat().addListener((o, was, now) -> soon.ask());
        model.need().addListener((o, was, now) -> soon.ask());
        model.advice().addListener((o, was, now) -> soon.ask());
        model.openProduction().production().addListener((o, was, now) -> soon.ask());
        parts.context().units().words().addListener((o, was, now) -> soon.ask());
        show();
    }

    @Override
    public Optional<Overrule.Station> guards() {
        return Optional.of(Overrule.Station.KIT);
    }

    @Override
    public Node bench() {
        return view.node();
    }

    /** Two recordings are compared, one document is read as a kit; what else can be dropped is said. */
    @Override
    public void drop(List<Path> files) {
        if (model.openProduction().production().get() == null) {
            return;
        }
        if (files.size() == 2 && model.kit().get() != null) {
            parts.models().takes().compare(files.get(0), files.get(1));
            view.openVersus();
        } else if (files.size() == 1 && files.get(0).toString().endsWith(".json")) {
            parts.models().shelf().read(files.get(0), kit -> model.change("edit.kit", k -> k.with(kit)));
        } else {
            parts.context().jobs().notify(strings.say("kit.drop"));
        }
    }

    @Override
    public List<KeyBinding> keys() {
        if (view.covered()) {
            return List.of();
        }
        return List.of(
                KeyBinding.plain(KeyCode.R, strings.say("keys.ribbon"), view::focusRibbon),
                KeyBinding.plain(KeyCode.K, strings.say("keys.knobs"), () -> view.openDesk("knobs")),
                KeyBinding.plain(KeyCode.P, strings.say("keys.parts"), () -> view.openDesk("parts")),
                KeyBinding.plain(KeyCode.T, strings.say("keys.together"), () -> view.openDesk("together")),
                KeyBinding.plain(KeyCode.B, strings.say("keys.buy"), () -> view.openDesk("buy")),
                KeyBinding.plain(KeyCode.W, strings.say("keys.wire"), () -> view.openDesk("wire")),
                KeyBinding.plain(KeyCode.C, strings.say("keys.choose"), view::openChoose),
                KeyBinding.plain(KeyCode.M, strings.say("keys.place"), view::openPlace),
                KeyBinding.plain(KeyCode.D, strings.say("keys.sheet.data"), view::openSheet),
                KeyBinding.plain(KeyCode.V, strings.say("keys.versus"), view::openVersus),
                KeyBinding.plain(KeyCode.G, strings.say("keys.gain"), model::setGains),
                KeyBinding.plain(KeyCode.N, strings.say("keys.voice"), this::nextVoice),
                KeyBinding.plain(
                        KeyCode.U, strings.say("keys.lengths"), parts.context().units()::turn));
    }

    private void nextVoice() {
        if (model.kit().get() != null) {
            model.look((model.seat().get() + 1) % model.kit().get().seats().size());
        }
    }

    private void show() {
        redraw();
        tell(nowHeadings());
        tell(nowStanding());
        tell(nowFacts());
    }

    @Override
    protected void draw() {
        view.show();
        column().show(reading.now());
    }

    private Headings nowHeadings() {
        Production production = model.openProduction().production().get();
        Kit kit = model.kit().get();
        if (production == null) {
            return new Headings(strings.say("heading.none"), strings.say("heading.brief.none"));
        }
        return new Headings(production.brief().title(), kit == null ? strings.say("heading.kit.none") : kit.name());
    }

    private Standing nowStanding() {
        Optional<Verdict<KitProblem>> verdict = model.verdict();
        if (verdict.isEmpty()) {
            return Standing.unknown(strings.say("stand.kit.none"), strings.say("stand.kit.first"));
        }
        return verdict.get().clear()
                ? new Standing(verdict.get(), false, strings.say("stand.kit.fits"), "")
                : new Standing(verdict.get(), false, strings.say("stand.kit.not"), reading.first());
    }

    private List<String> nowFacts() {
        List<String> facts = new ArrayList<>();
        Path folder = model.openProduction().folder().get();
        if (folder != null) {
            facts.add(strings.say("fact.production", String.valueOf(folder.getFileName())));
        }
        Production production = model.openProduction().production().get();
        if (production != null) {
            production.spots().current().map(Spot::name).ifPresent(n -> facts.add(strings.say("fact.room", n)));
        }
        if (model.kit().get() != null) {
            facts.add(strings.say("fact.kit", model.kit().get().name()));
        }
        return facts;
    }
}
