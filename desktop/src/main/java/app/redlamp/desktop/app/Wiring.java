package app.redlamp.desktop.app;

import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Monitoring;
import app.redlamp.core.port.Playback;
import app.redlamp.core.port.Specifications;
import app.redlamp.desktop.bench.ShelfModel;
import app.redlamp.desktop.brief.BriefModel;
import app.redlamp.desktop.brief.BriefStation;
import app.redlamp.desktop.deliver.DeliverModel;
import app.redlamp.desktop.deliver.DeliverStation;
import app.redlamp.desktop.deliver.PlayModel;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.input.BoothModel;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.input.MonitorModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.kit.KitStation;
import app.redlamp.desktop.kit.TakesModel;
import app.redlamp.desktop.level.CardModel;
import app.redlamp.desktop.level.LevelModel;
import app.redlamp.desktop.level.LevelStation;
import app.redlamp.desktop.level.LineTake;
import app.redlamp.desktop.level.MarksModel;
import app.redlamp.desktop.level.SidesModel;
import app.redlamp.desktop.level.WatchModel;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ClosingModel;
import app.redlamp.desktop.production.DeliveryBook;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.desktop.production.TakesLeft;
import app.redlamp.desktop.room.BoothsModel;
import app.redlamp.desktop.room.ListeningModel;
import app.redlamp.desktop.room.QuietModel;
import app.redlamp.desktop.room.RoomModel;
import app.redlamp.desktop.room.RoomStation;
import app.redlamp.desktop.shell.ShellModel;
import app.redlamp.desktop.shell.ShellView;
import app.redlamp.desktop.station.Clearance;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.Station;
import app.redlamp.desktop.station.StationContext;
import app.redlamp.desktop.station.StationId;
import app.redlamp.desktop.station.Units;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Executor;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableValue;
import javafx.scene.Group;
import javafx.scene.Scene;

/** Puts the application together: the one place where interface and files meet. */
public final class Wiring implements AutoCloseable {
    /** A natural size at which everything is seen. */
    public static final double WIDTH = 1280;

    public static final double HEIGHT = 800;

    private final LaneThreads lanes = new LaneThreads();
    private final Playback playback;
    private final JobService jobs;
    private final ShellModel shell;
    private final ProductionModel production;
    private final ClosingModel closing;
    private final BriefModel brief;
    private final RoomModel room;
    private final ListeningModel listening;
    private final KitModel kit;
    private final TakesModel takes;
    private final InputModel input;
    private final LevelModel level;
    private final SidesModel sides;
    private final MarksModel marks;
    private final Clearance clearance;
    private final Capture capture;
    private final Monitoring monitoring;
    private final DeliverModel deliver;
    private final ShellView view;
    private final Scene scene;
    private List<Path> offered = List.of();

    public Wiring(Ports ports, Locale locale, Executor interfaceThread, Doors doors) {
        playback = ports.playback();
        capture = ports.capture();
        monitoring = ports.monitoring();
        scene = new Scene(new Group(), WIDTH, HEIGHT);
        Strings strings = new Strings(locale);
        UndoHistory history = new UndoHistory();
        jobs = new JobService(lanes.lanes(), interfaceThread);
        shell = new ShellModel(ports.settings(), jobs, history, strings);
        // Dressed before there is anything in it: what is built afterwards is styled once and not three times.
        dress();
        production = new ProductionModel(ports.productions(), ports.rescues(), jobs, history, strings, ports.clock());
        TakesLeft.follow(production, ports.takes(), jobs, strings);
        closing = new ClosingModel(production, ports.rescues(), jobs, strings, doors::folder, doors::leave);
        brief = new BriefModel(production, ports.scripts(), ports.specifications(), jobs, strings);
        deliver = new DeliverModel(
                ports.recordings(),
                ports.finishing(),
                ports.specifications(),
                jobs,
                history,
                strings,
                new DeliveryBook(production, ports.clock()));
        deliver.start(shell.specificationId());
        deliver.specification().addListener((o, was, now) -> remember(ports.specifications(), now.id()));
        production.production().addListener((o, was, now) -> follow(was, now));
        production.folder().addListener((o, was, now) -> remember(now));
        room = new RoomModel(production, ports.rooms(), jobs, strings);
        listening = new ListeningModel(room, ports.listening(), ports.recordings(), jobs, strings);
        kit = new KitModel(production, ports.equipment(), jobs, strings);
        takes = new TakesModel(production, ports.recordings(), jobs, strings);
        input = new InputModel(ports.capture(), jobs, interfaceThread);
        BoothModel booth =
                new BoothModel(kit, input, ports.booth(), jobs, WeekTime.of(LocalDateTime.now(ports.clock())));
        level = new LevelModel(kit, input, booth, jobs, strings, ports.clock());
        LineTake line = new LineTake(level, jobs);
        sides = new SidesModel(level, line);
        marks = new MarksModel(level, line, ports.marks(), jobs);
        CardModel cards = new CardModel(level, strings);
        WatchModel watch = new WatchModel(level, (diary, since) -> watched(strings, diary, since), jobs);
        Units units = new Units(locale, shell.imperial(), shell::switchLengths);
        StationContext context = new StationContext(production, jobs, strings, units, doors, this::go);
        RoomStation roomStation = new RoomStation(
                context,
                new RoomStation.Models(
                        room,
                        listening,
                        new QuietModel(room, jobs, strings),
                        new BoothsModel(room, ports.offeredBooths(), jobs),
                        new ShelfModel<>(ports.rooms(), Spot::name, jobs, strings)));
        List<Station> stations = List.of(
                new BriefStation(context, new BriefStation.Models(brief, this::recent)),
                roomStation,
                new KitStation(
                        context,
                        new KitStation.Models(
                                kit, new ShelfModel<>(ports.equipment(), Kit::name, jobs, strings), takes)),
                new LevelStation(
                        context,
                        new LevelStation.Models(
                                level,
                                cards,
                                watch,
                                sides,
                                marks,
                                new MonitorModel(production, input, booth, ports.monitoring(), jobs, interfaceThread),
                                this::clearance,
                                () -> {
                                    go(StationId.ROOM);
                                    roomStation.openNight();
                                })),
                new DeliverStation(
                        context,
                        new DeliverStation.Models(
                                deliver,
                                new PlayModel(playback, jobs, interfaceThread),
                                ports.finishing(),
                                ports.printing())));
        clearance = new Clearance(stations, cards::cards, strings);
        production.production().addListener((o, was, now) -> clearance.refresh());
        view = new ShellView(shell, stations, clearance, inputFact(strings));
        view.whenAnswered(closing::answered);
        closing.question().addListener((o, was, now) -> view.ask(now));
        view.root().getStyleClass().add(shell.theme().get().id());
        scene.setRoot(view.root());
        shell.theme().addListener((o, was, now) -> dress());
        shell.scalePercent().addListener((o, was, now) -> dress());
    }

    /** What was heard while the room was watched goes to its diary. */
    private void watched(Strings strings, Diary diary, LocalDateTime since) {
        String when = since.toLocalDate() + " " + since.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
        listening.watched(strings.say("watch.name", when), diary, since);
    }

    private void remember(Specifications specifications, String id) {
        if (specifications.byId(id).isPresent()) {
            shell.rememberSpecification(id);
        }
    }

    private Clearance clearance() {
        return clearance;
    }

    /** The input in a few words; what is simulated says so. */
    private ObservableValue<String> inputFact(Strings strings) {
        return Bindings.createStringBinding(
                () -> {
                    Capture.Input now = input.chosen().get();
                    if (now == null) {
                        return strings.say("fact.input.none");
                    }
                    return strings.say(now.simulated() ? "fact.input.simulated" : "fact.input", now.name());
                },
                input.chosen());
    }

    /** Productions to offer: those of the demo, and those that were open before. */
    private List<Path> recent() {
        return Stream.concat(offered.stream(), shell.recent().stream().flatMap(r -> Given.path(r).stream()))
                .distinct()
                .toList();
    }

    /** The demo is built anew at every start: what is opened of it is nothing to come back to. */
    private void remember(Path folder) {
        if (!offered.contains(folder)) {
            shell.rememberProduction(folder.toString());
        }
    }

    /** Offers productions to be opened, without remembering them. */
    void offer(List<Path> productions) {
        offered = List.copyOf(productions);
    }

    /** What the production's client asks for is what is delivered against. */
    private void follow(Production was, Production now) {
        Path folder = production.folder().get();
        if (folder != null) {
            deliver.follow(
                    now.id(),
                    now.takes().all().stream()
                            .map(t -> folder.resolve(t.file()))
                            .toList());
        }
        Specification ordered = now.order().specification();
        if (was == null || !was.order().specification().equals(ordered)) {
            deliver.follow(ordered);
        }
    }

    /** Opens a station. */
    public void go(StationId station) {
        view.open(station);
    }

    /** Makes all stations ready in idle moments. */
    void prepare() {
        view.prepare();
    }

    /** Whether all stations are ready to be opened. */
    boolean prepared() {
        return view.prepared();
    }

    /** Whether the open station is drawn whole. */
    boolean drawn() {
        return view.drawn();
    }

    /** Whether something is listened for that ends by itself. */
    boolean hears() {
        return level.running().get() != null
                || sides.running().get() != null
                || marks.running().get();
    }

    /** The stations that are built. */
    List<StationId> hung() {
        return Stream.of(StationId.values()).filter(view::has).toList();
    }

    /** The station that is open. */
    public StationId open() {
        return view.opened();
    }

    public LevelModel level() {
        return level;
    }

    public RoomModel room() {
        return room;
    }

    public KitModel kit() {
        return kit;
    }

    public TakesModel takes() {
        return takes;
    }

    public ListeningModel listening() {
        return listening;
    }

    public BriefModel brief() {
        return brief;
    }

    public ClosingModel closing() {
        return closing;
    }

    public ProductionModel production() {
        return production;
    }

    public Scene scene() {
        return scene;
    }

    public DeliverModel deliver() {
        return deliver;
    }

    public ShellModel shell() {
        return shell;
    }

    public JobService jobs() {
        return jobs;
    }

    /**
     * Cancels what runs and waits until it has taken back what it had begun to write, and what was changed is saved; not for
     * ever, for a disk may not answer.
     */
    @Override
    public void close() {
        jobs.cancelAll();
        playback.close();
        capture.close();
        monitoring.close();
        lanes.end(production::shut);
    }

    private void dress() {
        Look.dress(scene, shell.theme().get(), shell.scalePercent().get());
    }
}
