package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.desktop.bench.CoveredPage;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.control.BandsView;
import app.redlamp.desktop.control.CurveView;
import app.redlamp.desktop.control.RoomPlanView;
import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.station.StationParts;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The bench of the Room station: the plan, how long it rings, where it booms, and a desk with what they depend on. */
final class RoomView {
    private static final double SIDE_WIDTH = 306;

    private final StationParts<RoomStation.Models> parts;
    private final RoomPictures pictures;
    private final CoveredPage page = new CoveredPage(this::bench, this::uncovered);
    private final RoomPlanView plan = new RoomPlanView();
    private final BandsView bands = new BandsView();
    private final CurveView bass = new CurveView();
    private final Label name = new Label();
    private final Label size = line("room-size");
    private Optional<VBox> bench = Optional.empty();
    private Optional<Desk<Study>> desk = Optional.empty();
    private String first = "";

    RoomView(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        pictures = new RoomPictures(parts);
        plan.setId("room-plan");
        bands.setId("room-bands");
        bass.setId("room-bass");
        name.getStyleClass().add("heading");
        name.setId("room-name");
        name.setMinWidth(0);
        size.setMinWidth(Region.USE_PREF_SIZE);
        plan.onMoves(new RoomPlanView.Moves() {
            @Override
            public void select(String id) {
                parts.models().room().selected().set(id);
            }

            @Override
            public void drag(String id, double x, double y) {
                parts.models().room().drag(r -> PlanMoves.move(r, id, x, y));
            }

            @Override
            public void drop() {
                parts.models().room().drop("edit.drag");
            }

            @Override
            public void cancel() {
                parts.models().room().cancelDrag();
            }

            @Override
            public void remove() {
                parts.models().room().removeSelected();
            }
        });
        parts.models().room().selected().addListener((o, was, now) -> plan.select(now));
        show();
    }

    Node node() {
        return page;
    }

    /** Whether something lies over the bench that takes the keys. */
    boolean covered() {
        return page.covered();
    }

    /** Whether a night is looked at. */
    boolean nightOpen() {
        return page.overlay().filter(NightPane.class::isInstance).isPresent();
    }

    void show() {
        Spot spot = parts.models().room().spot().get();
        Study study = parts.models().room().study().get();
        if (spot == null) {
            showFirst();
            return;
        }
        first = "";
        page.showBench();
        name.setText(spot.name());
        size.setText(parts.strings()
                .say("room.size", parts.words().rooms().size(spot.room().space())));
        if (study != null && study.spot().id().equals(spot.id())) {
            show(spot.room(), study);
        }
    }

    /** Shows what changes while something is dragged, and nothing else. */
    void showDragged() {
        Spot spot = parts.models().room().spot().get();
        Study study = parts.models().room().study().get();
        if (spot != null && study != null && !page.covered()) {
            draw(spot.room(), study);
        }
    }

    /** Offers rooms to begin with; anew only where another production, or another kind of job, asks for something else. */
    private void showFirst() {
        Production production =
                parts.models().room().openProduction().production().get();
        String wanted = production == null
                ? "-"
                : production.id()
                        + production.brief().kind()
                        + parts.words().lengths().imperial();
        if (!wanted.equals(first)) {
            first = wanted;
            page.showInstead(new FirstPlacePane(parts));
        }
    }

    private void draw(Room room, Study study) {
        Optional<Study> before =
                Optional.ofNullable(parts.models().room().before().get());
        plan.show(Optional.of(pictures.plan(room, study)));
        bands.show(Optional.of(pictures.bands(study, before)));
        bass.show(Optional.of(pictures.bass(study, before)));
    }

    private void show(Room room, Study study) {
        draw(room, study);
        plan.setAccessibleText(parts.words().rooms().verdict(study));
        bands.setAccessibleText(parts.words().rooms().rings(study));
        bass.setAccessibleText(parts.words().rooms().boom(study));
        desk.ifPresent(d -> d.show(study));
    }

    private VBox bench() {
        if (bench.isEmpty()) {
            bench = Optional.of(build());
        }
        return bench.get();
    }

    private VBox build() {
        Desk<Study> made =
                new Desk<>(parts.bench(), sheets(), parts.models().room().fault());
        made.setId("room-desk");
        desk = Optional.of(made);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(
                name,
                size,
                gap,
                hang(),
                parts.bench().button("room-clap", "room.clap", this::openMeasure),
                parts.bench().button("room-compare", "room.compare", this::openCompare),
                parts.bench().button("room-night", "room.night", this::openNight));
        head.getStyleClass().add("docket-header");
        VBox right = Gradual.fill(
                new VBox(),
                titled("bands.heading", "decay", "bands.unit", bands),
                titled("bass.heading", "mode", "bass.unit", bass));
        right.getStyleClass().add("room-side");
        right.setMinWidth(SIDE_WIDTH);
        right.setPrefWidth(SIDE_WIDTH);
        HBox.setHgrow(plan, Priority.ALWAYS);
        HBox middle = Gradual.fill(new HBox(), plan, right);
        middle.getStyleClass().add("room-middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox all = Gradual.fill(new VBox(), head, middle, made);
        all.getStyleClass().addAll("bench", "brief-bench", "brief-part");
        return all;
    }

    private VBox titled(String key, String term, String unit, Region picture) {
        Label title = new Label(parts.strings().say(key));
        title.getStyleClass().add("room-title");
        parts.bench().glossary().explain(title, term);
        Label units = new Label(parts.strings().say(unit));
        units.getStyleClass().add("secondary");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        VBox.setVgrow(picture, Priority.ALWAYS);
        VBox box = new VBox(new HBox(title, gap, units), picture);
        box.getStyleClass().add("room-box");
        VBox.setVgrow(box, Priority.ALWAYS);
        return box;
    }

    /** Everything that can be put into the room. */
    private MenuButton hang() {
        MenuButton menu = new MenuButton(parts.strings().say("room.add"));
        menu.setId("room-add");
        menu.setMinWidth(Region.USE_PREF_SIZE);
        menu.showingProperty().addListener((o, was, now) -> {
            if (now) {
                menu.getItems().setAll(new NewThings(parts).items());
            }
        });
        // Something must be in it, or it does not open.
        menu.getItems().add(new MenuItem(""));
        return menu;
    }

    private Map<String, Supplier<Desk.Sheet<Study>>> sheets() {
        Map<String, Supplier<Desk.Sheet<Study>>> sheets = new LinkedHashMap<>();
        sheets.put("quiet", () -> new QuietSheet(parts, pictures));
        sheets.put("treat", () -> new TreatSheet(parts));
        sheets.put("space", () -> new SpaceSheet(parts));
        sheets.put("things", () -> new ThingsSheet(parts));
        sheets.put("noise", () -> new NoiseSheet(parts, pictures));
        sheets.put("booths", () -> new BoothsSheet(parts, this::openOffer));
        sheets.put("places", () -> new PlacesSheet(parts));
        return sheets;
    }

    void openDesk(String sheet) {
        if (!covered()) {
            desk.ifPresent(d -> d.open(sheet));
        }
    }

    void openMeasure() {
        cover(close -> new ClapPane(parts, close));
    }

    void openCompare() {
        cover(close -> new ComparePane(parts, close));
    }

    void openNight() {
        cover(close -> new NightPane(parts, close));
    }

    private void openOffer(Optional<Cabin> offer) {
        cover(close -> new BoothOfferPane(parts, offer, close));
    }

    void focusPlan() {
        plan.requestFocus();
    }

    private void cover(Function<Runnable, Overlay> maker) {
        if (parts.models().room().spot().get() != null) {
            page.cover(maker);
        }
    }

    private void uncovered() {
        plan.requestFocus();
        show();
    }

    private static Label line(String id) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add("secondary");
        label.setMinWidth(0);
        return label;
    }
}
