package app.redlamp.desktop.kit;

import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.desktop.bench.CoveredPage;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.control.ChoiceButton;
import app.redlamp.desktop.control.RibbonView;
import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.station.Doors;
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
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The bench of the Kit station: the ribbon, and a desk with what it depends on. */
final class KitView {
    private final StationParts<KitStation.Models> parts;
    private final KitPictures pictures;
    private final CoveredPage page = new CoveredPage(this::bench, this::uncovered);
    private final RibbonView ribbon = new RibbonView();
    private final Label name = new Label();
    private final HBox seats = new HBox();
    private Optional<VBox> bench = Optional.empty();
    private Optional<Desk<Kit>> desk = Optional.empty();
    private String first = "";
    private String seated = "";

    KitView(StationParts<KitStation.Models> parts) {
        this.parts = parts;
        pictures = new KitPictures(parts);
        ribbon.setId("kit-ribbon");
        ribbon.onMoves(new KitMoves(parts.models().kit()));
        name.getStyleClass().add("heading");
        name.setId("kit-name");
        name.setMinWidth(60);
        seats.setId("kit-seats");
        seats.getStyleClass().add("desk-tabs");
        show();
    }

    Node node() {
        return page;
    }

    /** Whether something lies over the bench that takes the keys. */
    boolean covered() {
        return page.covered();
    }

    void show() {
        Kit kit = parts.models().kit().kit().get();
        if (kit == null) {
            showFirst();
            return;
        }
        first = "";
        page.showBench();
        name.setText(kit.name());
        seats(kit);
        showWay();
        desk.ifPresent(d -> d.show(kit));
    }

    /** Shows what changes while something is dragged, and nothing else. */
    void showWay() {
        SignalPath path = parts.models().kit().path().get();
        ribbon.show(Optional.ofNullable(path).map(pictures::ribbon));
        ribbon.setAccessibleText(
                path == null ? parts.say("kit.no-way") : parts.words().chains().snrInFile(path));
    }

    private void seats(Kit kit) {
        String now = parts.models().kit().seat().get()
                + String.join("|", kit.seats().stream().map(s -> s.name()).toList());
        if (now.equals(seated)) {
            return;
        }
        seated = now;
        seats.getChildren().clear();
        if (kit.seats().size() > 1) {
            ToggleGroup group = new ToggleGroup();
            for (int i = 0; i < kit.seats().size(); i++) {
                int index = i;
                ChoiceButton button =
                        new ChoiceButton("seat-" + (i + 1), kit.seats().get(i).name());
                button.setToggleGroup(group);
                button.setSelected(i == parts.models().kit().seat().get());
                button.setOnAction(e -> parts.models().kit().look(index));
                seats.getChildren().add(button);
            }
        }
    }

    /** Offers kits to begin with; anew only where another production, or another kind of job, asks for something else. */
    private void showFirst() {
        Production production =
                parts.models().kit().openProduction().production().get();
        String wanted = production == null
                ? "-"
                : production.id()
                        + production.brief().kind()
                        + parts.words().lengths().imperial();
        if (!wanted.equals(first)) {
            first = wanted;
            page.showInstead(new FirstKitPane(parts));
        }
    }

    private VBox bench() {
        if (bench.isEmpty()) {
            bench = Optional.of(build());
        }
        return bench.get();
    }

    private VBox build() {
        Desk<Kit> made =
                new Desk<>(parts.bench(), sheets(), parts.models().kit().fault());
        made.setId("kit-desk");
        desk = Optional.of(made);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(
                name,
                seats,
                gap,
                kits(),
                parts.bench().button("kit-choose", "kit.choose", this::openChoose),
                parts.bench().button("kit-place", "kit.place", this::openPlace),
                parts.bench().button("kit-sheet", "kit.sheet", this::openSheet),
                parts.bench().button("kit-versus", "kit.versus", this::openVersus));
        head.getStyleClass().add("docket-header");
        VBox.setVgrow(ribbon, Priority.ALWAYS);
        VBox all = Gradual.fill(new VBox(), head, ribbon, made);
        all.getStyleClass().addAll("bench", "brief-bench", "brief-part");
        return all;
    }

    /** The production's kits, and what is done with them. */
    private MenuButton kits() {
        MenuButton menu = new MenuButton(parts.say("kit.kits"));
        menu.setId("kit-kits");
        menu.setMinWidth(Region.USE_PREF_SIZE);
        menu.showingProperty().addListener((o, was, now) -> {
            if (now) {
                menu.getItems().setAll(new KitMenu(parts).items());
            }
        });
        // Something must be in it, or it does not open.
        menu.getItems().add(new MenuItem(""));
        return menu;
    }

    private Map<String, Supplier<Desk.Sheet<Kit>>> sheets() {
        Map<String, Supplier<Desk.Sheet<Kit>>> sheets = new LinkedHashMap<>();
        sheets.put("knobs", () -> new KitKnobsSheet(parts));
        sheets.put("parts", () -> new PartsSheet(parts));
        sheets.put("together", () -> new TogetherSheet(parts));
        sheets.put("buy", () -> new BuySheet(parts, parts.doors()::print));
        sheets.put("wire", () -> new WireSheet(parts, parts.doors()::print));
        return sheets;
    }

    void openDesk(String sheet) {
        if (!covered()) {
            desk.ifPresent(d -> d.open(sheet));
        }
    }

    void openChoose() {
        cover(close -> new ChoosePane(parts, close));
    }

    void openPlace() {
        cover(close -> new PlacePane(parts, close));
    }

    void openSheet() {
        cover(close -> new DataSheetPane(parts, close));
    }

    void openVersus() {
        cover(close -> new VersusPane(parts, () -> parts.doors().open(Doors.Kind.RECORDING), close));
    }

    void focusRibbon() {
        ribbon.requestFocus();
    }

    private void cover(Function<Runnable, Overlay> maker) {
        if (parts.models().kit().kit().get() != null) {
            page.cover(maker);
        }
    }

    private void uncovered() {
        ribbon.requestFocus();
        show();
    }
}
