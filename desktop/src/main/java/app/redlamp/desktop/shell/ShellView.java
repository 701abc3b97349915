package app.redlamp.desktop.shell;

import app.redlamp.desktop.control.ReadingColumn;
import app.redlamp.desktop.edit.Question;
import app.redlamp.desktop.gradual.OneAtATime;
import app.redlamp.desktop.gradual.Piecemeal;
import app.redlamp.desktop.look.ScaledPane;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.Clearance;
import app.redlamp.desktop.station.KeyBinding;
import app.redlamp.desktop.station.Station;
import app.redlamp.desktop.station.StationId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;

/** The one page: wire, bench, reading, rail, and the sheet of keys that can be laid over it. */
public final class ShellView {
    private static final double READING_WIDTH = 396;
    private static final double READING_NARROW = 310;
    private static final double NARROW_PAGE = 1100;

    /** Whoever has touched nothing for so long is looking. */
    private static final long STILL_NS = 400_000_000;

    private static final Map<StationId, KeyCode> DIGITS = Map.of(
            StationId.BRIEF, KeyCode.DIGIT1,
            StationId.ROOM, KeyCode.DIGIT2,
            StationId.KIT, KeyCode.DIGIT3,
            StationId.LEVEL, KeyCode.DIGIT4,
            StationId.TAKE, KeyCode.DIGIT5,
            StationId.FINISH, KeyCode.DIGIT6,
            StationId.DELIVER, KeyCode.DIGIT7);

    private final ShellModel model;
    private final List<Station> stations;
    private final BorderPane page = new BorderPane();
    private final OneAtATime benches = new OneAtATime();
    private final OneAtATime readings = new OneAtATime();
    private final ScaledPane root;
    private final WireView wire;
    private final RailView rail;
    private final FocusKeeper focus;
    private final StackPane layers;
    private final Backstage backstage;
    private long lastInput = System.nanoTime();
    private final KeysSheet sheet;
    private final HeldCommand command = new HeldCommand();
    private final ObservableValue<String> input;
    private Runnable closing = () -> ask(null);
    /** What had the focus before there was a question. */
    private Optional<Node> before = Optional.empty();

    private Station open;

    /**
     * @param clearance whether the lamp may go on
     * @param input what is listened to, in a few words
     */
    public ShellView(ShellModel model, List<Station> stations, Clearance clearance, ObservableValue<String> input) {
        this.model = model;
        this.input = input;
        this.stations = List.copyOf(stations);
        sheet = new KeysSheet(model.strings());
        wire = new WireView(this.stations, clearance, this::open);
        rail = new RailView(model, this::toggleKeys);
        page.getStyleClass().add("page");
        page.setTop(wire);
        page.setBottom(rail);
        page.setCenter(benches);
        page.setRight(readings);
        layers = new StackPane(page);
        backstage = new Backstage(this.stations, benches, readings, this::idle);
        root = new ScaledPane(layers);
        root.getStyleClass().add("page-root");
        model.scalePercent().addListener((o, was, now) -> root.setScalePercent(now.intValue()));
        root.setScalePercent(model.scalePercent().get());
        model.scalePercent().addListener((o, was, now) -> backstage.again());
        model.theme().addListener((o, was, now) -> backstage.again());
        root.addEventFilter(InputEvent.ANY, e -> lastInput = System.nanoTime());
        root.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        root.addEventFilter(KeyEvent.KEY_TYPED, this::typed);
        root.addEventFilter(KeyEvent.KEY_RELEASED, e -> command.released(e.getCode()));
        root.sceneProperty()
                .flatMap(Scene::windowProperty)
                .flatMap(Window::focusedProperty)
                .addListener((o, was, now) -> command.forget());
        for (Station station : this.stations) {
            station.facts().addListener((o, was, now) -> showFacts());
            station.stale().addListener((o, was, now) -> {
                if (now && station == open) {
                    station.attend();
                }
            });
        }
        input.addListener((o, was, now) -> showFacts());
        new FileDrop(page, files -> station().drop(files));
        page.widthProperty().addListener((o, was, now) -> fitReading());
        focus = new FocusKeeper(root, this::station, this::asking);
        for (Station station : this.stations) {
            if (station.reading() instanceof ReadingColumn column) {
                column.whenBuilt(() -> {
                    if (station == open) {
                        focus.again();
                    }
                });
            }
        }
        open(this.stations.get(0));
    }

    /** Lays a question over the page; null takes it away. */
    public void ask(Question question) {
        if (question != null && !asking()) {
            before = Optional.ofNullable(root.getScene()).map(Scene::getFocusOwner);
        }
        layers.getChildren().removeIf(QuestionSheet.class::isInstance);
        page.setDisable(question != null);
        if (question == null) {
            before.ifPresent(Node::requestFocus);
            before = Optional.empty();
            focus.leave();
        } else {
            sheet.setVisible(false);
            QuestionSheet asked = new QuestionSheet(question, closing);
            layers.getChildren().add(asked);
            asked.begin();
        }
    }

    /** @param closing told that a question was answered, before its answer is carried out */
    public void whenAnswered(Runnable closing) {
        this.closing = closing;
    }

    /** Whether nothing goes on: no job, nothing that is still drawn, and nobody has touched anything for a moment. */
    private boolean idle() {
        return model.jobs().running().isEmpty() && drawn() && System.nanoTime() - lastInput > STILL_NS;
    }

    private boolean asking() {
        return page.isDisabled();
    }

    /** The root for a scene. */
    public Parent root() {
        return root;
    }

    /** Opens a station; one that is not hung is not opened. */
    public void open(StationId id) {
        stations.stream().filter(s -> s.id() == id).findFirst().ifPresent(this::open);
    }

    /** Makes the other stations ready in idle moments, so that none is waited for when it is first opened. */
    public void prepare() {
        backstage.begin();
    }

    /** Whether everything that nobody looks at is ready to be opened. */
    public boolean prepared() {
        return backstage.done();
    }

    /** Whether the open station is drawn whole: its pictures may still grow. */
    public boolean drawn() {
        return Piecemeal.whole(open.bench()) && Piecemeal.whole(open.reading());
    }

    /** Whether a station is hung. */
    public boolean has(StationId id) {
        return stations.stream().anyMatch(s -> s.id() == id);
    }

    /** The station that is open. */
    public StationId opened() {
        return open.id();
    }

    private void open(Station station) {
        open = station;
        station.attend();
        benches.show(station.bench());
        readings.show(station.reading());
        wire.open(station);
        fitReading();
        showFacts();
        station().opened();
        focus.bring();
    }

    private Station station() {
        return open;
    }

    private void explain() {
        if (open.reading() instanceof ReadingColumn column) {
            column.explain();
        }
    }

    private void showFacts() {
        List<String> facts = new ArrayList<>(station().facts().getValue());
        facts.add(input.getValue());
        rail.showFacts(facts);
    }

    private void fitReading() {
        if (open.reading() instanceof Region reading) {
            double width = page.getWidth() >= NARROW_PAGE ? READING_WIDTH : READING_NARROW;
            reading.setPrefWidth(width);
            reading.setMinWidth(width);
        }
    }

    private List<KeyBinding> bindings() {
        Strings strings = model.strings();
        List<KeyBinding> all = new ArrayList<>(station().keys());
        for (Station station : stations) {
            all.add(KeyBinding.shortcut(
                    DIGITS.get(station.id()),
                    false,
                    strings.say("keys.station", station.name()),
                    () -> open(station.id())));
        }
        all.add(KeyBinding.shortcut(KeyCode.Z, false, strings.say("keys.undo"), model.history()::undo));
        all.add(KeyBinding.shortcut(KeyCode.Z, true, strings.say("keys.redo"), model.history()::redo));
        all.add(KeyBinding.plain(KeyCode.F2, strings.say("keys.how"), this::explain));
        all.add(KeyBinding.plain(KeyCode.T, strings.say("keys.theme"), model::switchTheme));
        all.add(KeyBinding.shortcut(KeyCode.PLUS, false, strings.say("keys.larger"), () -> model.scale(1)));
        all.add(KeyBinding.shortcut(KeyCode.MINUS, false, strings.say("keys.smaller"), () -> model.scale(-1)));
        all.add(KeyBinding.shortcut(KeyCode.DIGIT0, false, strings.say("keys.natural"), () -> model.scale(0)));
        return all;
    }

    private void pressed(KeyEvent event) {
        if (writing(event)) {
            command.keepFromText(event);
            return;
        }
        if (sheet.isVisible()) {
            if (event.getCode() == KeyCode.ESCAPE) {
                sheet.setVisible(false);
                event.consume();
            }
            return;
        }
        if (asking() || belongsToControl(event)) {
            return;
        }
        if (command.isHeld(event.getCode()) && !event.isShortcutDown()) {
            event.consume();
            return;
        }
        boolean plus = event.isShortcutDown() && (event.getCode() == KeyCode.EQUALS || event.getCode() == KeyCode.ADD);
        if (plus) {
            model.scale(1);
            event.consume();
            return;
        }
        bindings().stream().filter(b -> b.keys().match(event)).findFirst().ifPresent(b -> {
            command.given(event.getCode());
            b.action().run();
            event.consume();
        });
    }

    /** Whoever writes text gets every key: letters are no commands there. */
    private static boolean writing(KeyEvent event) {
        return event.getTarget() instanceof TextInputControl;
    }

    private void typed(KeyEvent event) {
        if (writing(event)) {
            command.keepFromText(event);
            return;
        }
        if (event.getCharacter().equals("?") && !asking()) {
            toggleKeys();
            event.consume();
        }
    }

    private void toggleKeys() {
        if (sheet.isVisible()) {
            sheet.setVisible(false);
        } else {
            if (!layers.getChildren().contains(sheet)) {
                layers.getChildren().add(sheet);
            }
            sheet.show(bindings());
        }
    }

    /** A focused button or list takes the keys that press or open it. */
    private static boolean belongsToControl(KeyEvent event) {
        Node target = event.getTarget() instanceof Node node ? node : null;
        boolean takes = target instanceof ButtonBase || target instanceof ComboBoxBase<?>;
        return takes
                && !event.isShortcutDown()
                && (event.getCode() == KeyCode.SPACE
                        || event.getCode() == KeyCode.ENTER
                        || (target instanceof ComboBoxBase<?> box && box.isShowing())
                        || (target instanceof MenuButton menu && menu.isShowing()));
    }
}
