package app.redlamp.desktop.kit;

import app.redlamp.core.chain.choose.Purchase;
import app.redlamp.core.chain.choose.Shopping;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ShoppingItem;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.KitAdvice;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Figures;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is still to be bought, in the order of its effect for the money. */
final class BuySheet extends VBox implements Desk.Sheet<Kit> {
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private final StationParts<KitStation.Models> parts;
    private final Label sum = Parts.wrapped("", "order-name");
    private final GridPane grid = new GridPane();
    private final Button hand;
    private final Button write;

    /** @param print writes a table where the user wants it */
    BuySheet(StationParts<KitStation.Models> parts, Consumer<PrintedTable> print) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        grid.getStyleClass().add("room-grid");
        sum.setId("buy-sum");
        ColumnConstraints first = new ColumnConstraints();
        ColumnConstraints why = new ColumnConstraints();
        why.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().addAll(new ColumnConstraints(), first, why);
        hand = parts.bench().button("buy-hand", "buy.hand", this::hand);
        write = parts.bench().button("buy-write", "buy.write", () -> print.accept(table()));
        getChildren().addAll(sum, grid, Parts.line(hand, write));
        parts.models().kit().advice().addListener((o, was, now) -> rows());
        rows();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Kit kit) {
        rows();
    }

    private List<Purchase> lines() {
        return Optional.ofNullable(parts.models().kit().advice().get())
                .map(a -> a.shopping().lines())
                .orElse(List.of());
    }

    private void rows() {
        grid.getChildren().clear();
        KitAdvice advice = parts.models().kit().advice().get();
        hand.setDisable(lines().isEmpty());
        write.setDisable(lines().isEmpty());
        if (advice == null) {
            sum.setText(parts.say("kit.counting"));
            return;
        }
        Shopping list = advice.shopping();
        sum.setText(parts.words().choices().sum(list, advice.need().budget()));
        if (list.lines().isEmpty()) {
            return;
        }
        grid.addRow(
                0,
                head("buy.when"),
                head("buy.what"),
                head("buy.why"),
                head("buy.new"),
                head("buy.used"),
                head("buy.db"));
        for (int i = 0; i < list.lines().size(); i++) {
            Purchase line = list.lines().get(i);
            Label when = Parts.label(mark(line), "treat-figure");
            when.setMinWidth(Region.USE_PREF_SIZE);
            when.pseudoClassStateChanged(OVER, !line.within());
            grid.addRow(
                    i + 1,
                    when,
                    Parts.wrapped(name(line), "order-value"),
                    Parts.wrapped(
                            parts.words()
                                    .choices()
                                    .why(
                                            line,
                                            parts.words().fits(),
                                            parts.models().kit().several()),
                            "order-source"),
                    figure(parts.bench().plain(line.cost())),
                    figure(used(line)),
                    figure(parts.words().choices().effect(line)));
        }
    }

    private String mark(Purchase line) {
        return line.within()
                ? parts.words().choices().mark(line.mark())
                : parts.words().choices().overBudget();
    }

    private String name(Purchase line) {
        return line.pieces() > 1
                ? parts.say("buy.pieces", line.pieces(), line.part().name())
                : line.part().name();
    }

    private String used(Purchase line) {
        return line.usedCost().isPresent() ? parts.bench().plain(line.usedCost().getAsDouble()) : Figures.ABSENT;
    }

    private static Label figure(String text) {
        Label label = Parts.label(text, "treat-figure");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private Label head(String key) {
        return parts.bench().name(key, "");
    }

    private PrintedTable table() {
        List<PrintedTable.Row> rows = new ArrayList<>();
        for (Purchase line : lines()) {
            rows.add(new PrintedTable.Row(List.of(
                    name(line),
                    parts.words().choices().mark(line.mark()),
                    parts.words()
                            .choices()
                            .why(
                                    line,
                                    parts.words().fits(),
                                    parts.models().kit().several()),
                    parts.bench().plain(line.cost()),
                    line.usedCost().isPresent() ? used(line) : "",
                    line.costPerDb().isPresent() ? parts.words().choices().effect(line) : "")));
        }
        return new PrintedTable(
                parts.say("buy.title", parts.models().kit().kit().get().name()),
                sum.getText(),
                List.of(
                        parts.say("buy.what"),
                        parts.say("buy.when"),
                        parts.say("buy.why"),
                        parts.say("buy.new"),
                        parts.say("buy.used"),
                        parts.say("buy.db")),
                rows);
    }

    /** Puts what starts and what comes next on the production's list, once each. */
    private void hand() {
        parts.models().kit().openProduction().edit(parts.say("edit.hand"), this::handed);
    }

    private Production handed(Production production) {
        List<ShoppingItem> items = new ArrayList<>(production.money().items());
        for (Purchase line : lines()) {
            String name = name(line);
            boolean there = items.stream().anyMatch(i -> i.name().equals(name));
            if (!there && line.mark() != Purchase.Mark.LATER) {
                items.add(new ShoppingItem(
                        name,
                        amount(line.cost()),
                        line.usedCost().isPresent()
                                ? Optional.of(amount(line.usedCost().getAsDouble()))
                                : Optional.empty(),
                        ShoppingItem.Standing.NEW));
            }
        }
        return production.with(production.money().withItems(items));
    }

    private static BigDecimal amount(double value) {
        return BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_EVEN);
    }
}
