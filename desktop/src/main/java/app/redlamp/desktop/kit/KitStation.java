package app.redlamp.desktop.kit;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.control.ReadingColumn;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Sparing;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.shell.KeyBinding;
import app.redlamp.desktop.shell.ShellView;
import app.redlamp.desktop.shell.ShownStation;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;

/** The Kit station for the shell. */
public final class KitStation extends ShownStation {
    private final KitModel model;
    private final Strings strings;
    private final KitParts parts;
    private final KitView view;
    private final KitReading reading;
    private final ReadingColumn column;
    private final Runnable switchLengths;
    private final Sparing words;

    /**
     * Ways out of the window, which differ between the application and its tests.
     *
     * @param chooseRecording asks for a recording
     * @param chooseKit asks for a kit's document
     * @param print writes a table where the user wants it
     */
    public record Doors(
            Supplier<Optional<Path>> chooseRecording,
            Supplier<Optional<Path>> chooseKit,
            Consumer<PrintedTable> print) {}

    /**
     * What belongs to the whole window.
     *
     * @param imperial whether lengths are in feet and inches
     * @param switchLengths changes that, and remembers it
     * @param start goes to where a production is started
     */
    public record Shell(boolean imperial, Supplier<Boolean> switchLengths, Runnable start) {}

    /** What the station works with. */
    public record Models(KitModel kit, PartsModel parts, TakesModel takes) {}

    public KitStation(Models models, Strings strings, Locale locale, Doors doors, Shell shell) {
        model = models.kit();
        this.strings = strings;
        parts = new KitParts(models, strings, locale, shell.imperial());
        switchLengths = () -> parts.measure(shell.switchLengths().get());
        view = new KitView(parts, doors);
        reading = new KitReading(parts, shell.start());
        column = new ReadingColumn(parts.bench().glossary());
        column.setId("kit-reading");
        words = new Sparing(() -> column.show(reading.now()));
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
        model.open().production().addListener((o, was, now) -> soon.ask());
        parts.lengths().addListener((o, was, now) -> soon.ask());
        show();
    }

    @Override
    public String name() {
        return strings.say("station.kit");
    }

    @Override
    public Node bench() {
        return view.node();
    }

    @Override
    public Node reading() {
        return column;
    }

    /** Two recordings are compared, one document is read as a kit; what else can be dropped is said. */
    @Override
    public void drop(List<Path> files) {
        if (model.open().production().get() == null) {
            return;
        }
        if (files.size() == 2 && model.kit().get() != null) {
            parts.takes().compare(files.get(0), files.get(1));
            view.openVersus();
        } else if (files.size() == 1 && files.get(0).toString().endsWith(".json")) {
            parts.shelf().read(files.get(0), kit -> model.change("edit.kit", k -> k.with(kit)));
        } else {
            parts.shelf().say("kit.drop");
        }
    }

    @Override
    public List<KeyBinding> keys() {
        if (view.covered()) {
            return List.of();
        }
        return List.of(
                ShellView.plain(KeyCode.R, strings.say("keys.ribbon"), view::focusRibbon),
                ShellView.plain(KeyCode.K, strings.say("keys.knobs"), () -> view.openDesk("knobs")),
                ShellView.plain(KeyCode.P, strings.say("keys.parts"), () -> view.openDesk("parts")),
                ShellView.plain(KeyCode.T, strings.say("keys.together"), () -> view.openDesk("together")),
                ShellView.plain(KeyCode.B, strings.say("keys.buy"), () -> view.openDesk("buy")),
                ShellView.plain(KeyCode.W, strings.say("keys.wire"), () -> view.openDesk("wire")),
                ShellView.plain(KeyCode.C, strings.say("keys.choose"), view::openChoose),
                ShellView.plain(KeyCode.M, strings.say("keys.place"), view::openPlace),
                ShellView.plain(KeyCode.D, strings.say("keys.sheet.data"), view::openSheet),
                ShellView.plain(KeyCode.V, strings.say("keys.versus"), view::openVersus),
                ShellView.plain(KeyCode.G, strings.say("keys.gain"), model::setGains),
                ShellView.plain(KeyCode.N, strings.say("keys.voice"), this::nextVoice),
                ShellView.plain(KeyCode.U, strings.say("keys.lengths"), switchLengths));
    }

    private void nextVoice() {
        if (model.kit().get() != null) {
            model.look((model.seat().get() + 1) % model.kit().get().seats().size());
        }
    }

    private void show() {
        view.show();
        Reading told = reading.now();
        column.show(told);
        tell(nowHeadings());
        tell(nowStanding(told));
        tell(nowFacts());
    }

    private Headings nowHeadings() {
        Production production = model.open().production().get();
        Kit kit = model.kit().get();
        if (production == null) {
            return new Headings(strings.say("heading.none"), strings.say("heading.brief.none"));
        }
        return new Headings(production.brief().title(), kit == null ? strings.say("heading.kit.none") : kit.name());
    }

    private Standing nowStanding(Reading told) {
        Optional<Verdict<KitProblem>> verdict = model.verdict();
        if (verdict.isEmpty()) {
            return Standing.unknown(strings.say("stand.kit.none"), strings.say("stand.kit.first"));
        }
        String first = told.help().stream()
                .filter(h -> h.action().isPresent())
                .findFirst()
                .map(Reading.Help::title)
                .orElse("");
        return verdict.get().clear()
                ? new Standing(verdict.get(), false, strings.say("stand.kit.fits"), "")
                : new Standing(verdict.get(), false, strings.say("stand.kit.not"), first);
    }

    private List<String> nowFacts() {
        List<String> facts = new ArrayList<>();
        Path folder = model.open().folder().get();
        if (folder != null) {
            facts.add(strings.say("fact.production", String.valueOf(folder.getFileName())));
        }
        Production production = model.open().production().get();
        if (production != null) {
            production.spots().current().map(Spot::name).ifPresent(n -> facts.add(strings.say("fact.room", n)));
        }
        if (model.kit().get() != null) {
            facts.add(strings.say("fact.kit", model.kit().get().name()));
        }
        return facts;
    }
}
