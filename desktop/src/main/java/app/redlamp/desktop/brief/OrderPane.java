package app.redlamp.desktop.brief;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.Gauge;
import app.redlamp.desktop.control.WindowBar;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
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

    /** What the one line on the file is made of. */
    private static final List<Asked> FILE = List.of(Asked.CODING, Asked.BIT_RATE, Asked.SAMPLE_RATE, Asked.BIT_DEPTH);

    private final StationParts<BriefStation.Models> parts;
    private final MenuButton specification = new MenuButton();
    private final GridPane grid = new GridPane();
    private final Label more = new Label();

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
        grid.getStyleClass().add("order-grid");
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints()
                .addAll(new ColumnConstraints(92), new ColumnConstraints(130), new ColumnConstraints(240), words);
        HBox line = Parts.line(
                parts.bench().name("order.based", "specification"),
                specification,
                parts.bench().button("order-edit", "order.edit", edit),
                parts.bench().button("order-mail", "order.mail", mail),
                more);
        more.setId("order-more");
        more.getStyleClass().add("secondary");
        more.setMinWidth(0);
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, grid);
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
        grid.getChildren().clear();
        for (int i = 0; i < SHOWN.size(); i++) {
            row(i, SHOWN.get(i), order);
        }
    }

    private void row(int index, Asked asked, Order order) {
        Specification s = order.specification();
        Label name = new Label(parts.words().orders().name(asked));
        name.getStyleClass().add("order-name");
        parts.bench().glossary().explain(name, term(asked));
        Label value = new Label(
                asked == Asked.CODING
                        ? parts.words().orders().file(s)
                        : parts.words().orders().value(asked, s));
        value.getStyleClass().add("order-value");
        Label from = new Label(from(asked, order));
        from.setId("order-from-" + asked.id());
        from.getStyleClass().add(isQuoted(asked, order) ? "order-quote" : "order-source");
        from.setMinWidth(0);
        from.setTooltip(new Tooltip(from.getText()));
        grid.add(name, 0, index);
        gauge(asked, s).ifPresent(g -> {
            WindowBar bar = new WindowBar();
            bar.show(Optional.of(g), false);
            grid.add(bar, 1, index);
        });
        boolean file = asked == Asked.CODING;
        grid.add(value, file ? 1 : 2, index, file ? 2 : 1, 1);
        grid.add(from, 3, index);
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
