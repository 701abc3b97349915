package app.redlamp.desktop.brief;

import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.ShoppingItem;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.station.StationParts;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** What the client pays, what an hour of work brings, and what is still to be bought. */
final class MoneyPane extends VBox implements Desk.Sheet<Planned> {
    private static final double AMOUNT_WIDTH = 84;

    private final StationParts<BriefStation.Models> parts;
    private final List<CommitField> fields = new ArrayList<>();
    private final ComboBox<Fee.Basis> basis = new ComboBox<>();
    private final Label sum = new Label();
    private final GridPane list = new GridPane();
    private boolean showing;

    MoneyPane(StationParts<BriefStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        list.getStyleClass().add("money-grid");
        sum.setId("money-sum");
        sum.getStyleClass().add("secondary");
        sum.setWrapText(true);
        sum.setMinHeight(Region.USE_PREF_SIZE);
        getChildren().addAll(fee(), sum, list, more());
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Planned planned) {
        Money money = planned.production().money();
        showing = true;
        basis.setValue(money.fee().map(Fee::basis).orElse(Fee.Basis.FINISHED_HOUR));
        showing = false;
        fields.forEach(CommitField::refresh);
        String income = planned.plan().income().isPresent()
                ? parts.words().plans().fee(planned.plan())
                : parts.strings().say("money.none");
        String left = money.left()
                .map(l -> parts.strings()
                        .say(
                                l.signum() < 0 ? "money.over" : "money.left",
                                parts.words().plans().money(money.toPay(), money.currency()),
                                parts.words().plans().money(l.abs(), money.currency())))
                .orElseGet(() -> money.items().isEmpty()
                        ? ""
                        : parts.strings()
                                .say("money.to-pay", parts.words().plans().money(money.toPay(), money.currency())));
        sum.setText(income + (left.isEmpty() ? "" : "  ·  " + left));
        showList(money);
    }

    private Money money() {
        return parts.models().brief().openProduction().production().get().money();
    }

    private HBox fee() {
        basis.setId("fee-basis");
        basis.setAccessibleText(parts.strings().say("money.fee"));
        basis.getItems().setAll(Fee.Basis.values());
        basis.setConverter(words("money.basis."));
        basis.setOnAction(e -> {
            if (!showing) {
                change(m -> m.withFee(m.fee().map(f -> new Fee(basis.getValue(), f.amount()))));
            }
        });
        CommitField amount = amount(
                "fee-amount",
                "money.fee",
                () -> money().fee().map(Fee::amount),
                w -> m -> m.withFee(optional(w).map(a -> new Fee(basis.getValue(), a))));
        CommitField budget =
                amount("budget", "money.budget", () -> money().budget(), w -> m -> m.withBudget(optional(w)));
        CommitField currency = new CommitField(
                "currency",
                parts.strings().say("money.currency"),
                () -> money().currency().getCurrencyCode(),
                w -> change(m -> in(m, w)));
        fields.add(currency);
        HBox line = Parts.line(
                parts.bench().name("money.fee", "fee"),
                amount,
                basis,
                parts.bench().name("money.currency", ""),
                currency.wide(60),
                parts.bench().name("money.budget", ""),
                budget);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private Money in(Money money, String code) {
        try {
            return money.in(code.strip().toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(parts.strings().say("money.unknown", code.strip()), e);
        }
    }

    private interface Amount {
        Optional<BigDecimal> now();
    }

    private interface Paying {
        UnaryOperator<Money> of(String written);
    }

    private CommitField amount(String id, String key, Amount shown, Paying paying) {
        CommitField field = new CommitField(
                id,
                parts.strings().say(key),
                () -> shown.now().map(BigDecimal::toPlainString).orElse(""),
                w -> change(m -> paying.of(w).apply(m)));
        field.setAlignment(Pos.CENTER_RIGHT);
        fields.add(field);
        return field.wide(AMOUNT_WIDTH);
    }

    private void showList(Money money) {
        list.getChildren().clear();
        for (int i = 0; i < money.items().size(); i++) {
            ShoppingItem item = money.items().get(i);
            int index = i;
            Label name = new Label(item.name());
            Label price = new Label(parts.strings()
                    .say(
                            "money.prices",
                            parts.words().plans().money(item.newPrice(), money.currency()),
                            item.usedPrice()
                                    .map(p -> parts.words().plans().money(p, money.currency()))
                                    .orElse("–")));
            price.getStyleClass().add("secondary");
            ComboBox<ShoppingItem.Standing> standing = new ComboBox<>();
            standing.setId("item-" + i);
            standing.setAccessibleText(item.name());
            standing.getItems().setAll(ShoppingItem.Standing.values());
            standing.setConverter(words("money.standing."));
            standing.setValue(item.standing());
            standing.setOnAction(e -> {
                if (standing.getValue() != item.standing()) {
                    replace(
                            index,
                            new ShoppingItem(item.name(), item.newPrice(), item.usedPrice(), item.standing()),
                            standing.getValue());
                }
            });
            Button remove = parts.bench()
                    .button(
                            "item-remove-" + i,
                            "money.remove",
                            () -> change(m -> {
                                List<ShoppingItem> fewer = new ArrayList<>(m.items());
                                fewer.remove(index);
                                return m.withItems(fewer);
                            }));
            list.addRow(i, name, price, standing, remove);
        }
    }

    private void replace(int index, ShoppingItem item, ShoppingItem.Standing standing) {
        change(m -> {
            List<ShoppingItem> items = new ArrayList<>(m.items());
            items.set(index, new ShoppingItem(item.name(), item.newPrice(), item.usedPrice(), standing));
            return m.withItems(items);
        });
        parts.models().brief().planned().ifPresent(this::show);
    }

    private HBox more() {
        TextField name = draft("item-name", "money.item");
        TextField fresh = draft("item-new", "money.new");
        TextField used = draft("item-used", "money.used");
        name.setPrefWidth(210);
        Button add = parts.bench()
                .button(
                        "item-add",
                        "money.add",
                        () -> change(m -> {
                            List<ShoppingItem> more = new ArrayList<>(m.items());
                            more.add(new ShoppingItem(
                                    name.getText().strip(),
                                    optional(fresh.getText()).orElse(BigDecimal.ZERO),
                                    optional(used.getText()),
                                    ShoppingItem.Standing.NEW));
                            List.of(name, fresh, used).forEach(TextField::clear);
                            return m.withItems(more);
                        }));
        HBox line = Parts.line(
                parts.bench().name("money.item", ""),
                name,
                parts.bench().name("money.new", ""),
                fresh,
                parts.bench().name("money.used", ""),
                used,
                add);
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private TextField draft(String id, String key) {
        TextField field = new TextField();
        field.setId(id);
        field.setAccessibleText(parts.strings().say(key));
        field.getStyleClass().add("field");
        field.setPrefWidth(AMOUNT_WIDTH);
        return field;
    }

    private void change(UnaryOperator<Money> change) {
        parts.models().brief().enter(() -> parts.models().brief().changeMoney(change));
    }

    private Optional<BigDecimal> optional(String written) {
        return written.isBlank()
                ? Optional.empty()
                : Optional.of(BigDecimal.valueOf(parts.bench().number(written)).stripTrailingZeros());
    }

    private <E extends Enum<E>> StringConverter<E> words(String prefix) {
        return new StringConverter<>() {
            @Override
            public String toString(E value) {
                return value == null
                        ? ""
                        : parts.strings()
                                .say(prefix
                                        + value.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            }

            @Override
            public E fromString(String text) {
                throw new UnsupportedOperationException(text);
            }
        };
    }
}
