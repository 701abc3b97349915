package app.redlamp.desktop.brief;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.Gauge;
import app.redlamp.desktop.control.WindowBar;
import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the client will check, each figure with the words that it came from. */
final class OrderPane extends VBox implements Desk.Sheet<Planned> {
    private static final List<Asked> SHOWN = List.of(
            Asked.LOUDNESS,
            Asked.PEAK,
            Asked.NOISE_FLOOR,
            Asked.CODING,
            Asked.CHANNELS,
            Asked.HEAD,
            Asked.TAIL,
            Asked.LONGEST);

    private static final PseudoClass QUOTED = PseudoClass.getPseudoClass("quoted");

    /** A row. */
    private static final int CELLS = 4;

    /** What the one line on the file is made of. */
    private static final List<Asked> FILE = List.of(Asked.CODING, Asked.BIT_RATE, Asked.SAMPLE_RATE, Asked.BIT_DEPTH);

    private final StationParts<BriefStation.Models> parts;
    private final MenuButton specification = new MenuButton();
    private final Label more = new Label();
    private final List<Row> rows = new ArrayList<>();

    /** What is asked, its picture where it has one, and who says so. */
    private record Row(Asked asked, WindowBar bar, Label value, Label from) {}

    /**
     * @param mail opens the client's mail
     * @param edit opens the editor
     */
    OrderPane(StationParts<BriefStation.Models> parts, Runnable mail, Runnable edit) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        specification.setId("order-specification");
        specification.setAccessibleText(parts.strings().say("order.based"));
        specification.getItems().add(new MenuItem());
        specification.setOnShowing(e -> offer());
        GridPane grid = new GridPane();
        grid.getStyleClass().add("order-grid");
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints()
                .addAll(new ColumnConstraints(92), new ColumnConstraints(130), new ColumnConstraints(240), words);
        HBox line = Gradual.fill(
                Parts.line(),
                parts.bench().name("order.based", "specification"),
                specification,
                parts.bench().button("order-edit", "order.edit", edit),
                parts.bench().button("order-mail", "order.mail", mail),
                more);
        more.setId("order-more");
        more.getStyleClass().add("secondary");
        more.setMinWidth(0);
        line.setAlignment(Pos.CENTER_LEFT);
        List<Node> cells = new ArrayList<>();
        SHOWN.forEach(asked -> row(asked, cells));
        getChildren().addAll(line, Gradual.fillBy(CELLS, grid, cells));
    }

    private void row(Asked asked, List<Node> cells) {
        Label name = Parts.label(parts.words().orders().name(asked), "order-name");
        parts.bench().glossary().explain(name, term(asked));
        Row row = new Row(asked, new WindowBar(), Parts.label("", "order-value"), Parts.label("", "order-from"));
        row.from().setId("order-from-" + asked.id());
        row.from().setMinWidth(0);
        row.from().setTooltip(new Tooltip());
        boolean file = asked == Asked.CODING;
        GridPane.setConstraints(name, 0, rows.size());
        GridPane.setConstraints(row.bar(), 1, rows.size());
        GridPane.setConstraints(row.value(), file ? 1 : 2, rows.size(), file ? 2 : 1, 1);
        GridPane.setConstraints(row.from(), 3, rows.size());
        rows.add(row);
        cells.addAll(List.of(name, row.bar(), row.value(), row.from()));
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Planned planned) {
        Order order = planned.production().order();
        specification.setText(order.basedOn().name());
        more.setText(order.deviatesOtherwise() ? parts.strings().say("order.more") : "");
        rows.forEach(row -> show(row, order));
    }

    private void show(Row row, Order order) {
        Specification s = order.specification();
        Optional<Gauge> gauge = gauge(row.asked(), s);
        row.bar().setVisible(gauge.isPresent());
        row.bar().setManaged(gauge.isPresent());
        row.bar().show(gauge, false);
        row.value()
                .setText(
                        row.asked() == Asked.CODING
                                ? parts.words().orders().file(s)
                                : parts.words().orders().value(row.asked(), s));
        row.from().setText(from(row.asked(), order));
        row.from().getTooltip().setText(row.from().getText());
        row.from().pseudoClassStateChanged(QUOTED, isQuoted(row.asked(), order));
    }

    /** The client's words; or that it was changed by hand, with what the library says; or where the library has it from. */
    private String from(Asked asked, Order order) {
        List<Asked> made = asked == Asked.CODING ? FILE : List.of(asked);
        String quote = made.stream()
                .map(a -> order.quotes().getOrDefault(a, ""))
                .filter(q -> !q.isEmpty())
                .distinct()
                .collect(Collectors.joining("; "));
        boolean other = made.stream().anyMatch(order::deviates);
        String usual = asked == Asked.CODING
                ? parts.words().orders().file(order.basedOn())
                : parts.words().orders().value(asked, order.basedOn());
        if (!quote.isEmpty()) {
            return parts.strings().say(other ? "order.quote.other" : "order.quote", quote, usual);
        }
        if (other) {
            return parts.strings().say("order.changed", usual);
        }
        return parts.strings()
                .say(
                        order.mail().isEmpty() ? "order.library" : "order.unsaid",
                        order.basedOn().source());
    }

    private static boolean isQuoted(Asked asked, Order order) {
        return asked == Asked.CODING
                ? FILE.stream().anyMatch(order.quotes()::containsKey)
                : order.quotes().containsKey(asked);
    }

    private static Optional<Gauge> gauge(Asked asked, Specification s) {
        return switch (asked) {
            case LOUDNESS ->
                s.loudness().map(l -> Gauge.ofDecibels(l.limits(), OptionalDouble.empty(), OptionalDouble.empty()));
            case PEAK ->
                Optional.of(Gauge.ofDecibels(s.peak().limits(), OptionalDouble.empty(), OptionalDouble.empty()));
            case NOISE_FLOOR ->
                s.noiseFloorDbfs().isPresent()
                        ? Optional.of(Gauge.ofDecibels(
                                new app.redlamp.core.units.Limits(OptionalDouble.empty(), s.noiseFloorDbfs()),
                                OptionalDouble.empty(),
                                OptionalDouble.empty()))
                        : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static String term(Asked asked) {
        return switch (asked) {
            case LOUDNESS -> "loudness";
            case PEAK -> "peak";
            case NOISE_FLOOR -> "noise-floor";
            default -> "";
        };
    }

    private void offer() {
        Specification held = parts.models()
                .brief()
                .openProduction()
                .production()
                .get()
                .order()
                .basedOn();
        specification
                .getItems()
                .setAll(parts.models().brief().specifications().stream()
                        .map(s -> {
                            RadioMenuItem item = new RadioMenuItem(s.name());
                            item.setMnemonicParsing(false);
                            item.setSelected(s.id().equals(held.id()));
                            item.setOnAction(e -> parts.models().brief().choose(s));
                            return item;
                        })
                        .toList());
    }
}
