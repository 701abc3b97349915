package app.redlamp.desktop.kit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.datasheet.Entry;
import app.redlamp.core.datasheet.Item;
import app.redlamp.core.datasheet.Quantity;
import app.redlamp.core.datasheet.Sheet;
import app.redlamp.core.datasheet.SheetMicrophone;
import app.redlamp.core.datasheet.SheetReader;
import app.redlamp.core.kit.Microphone;
import app.redlamp.core.kit.Plug;
import app.redlamp.core.kit.Price;
import app.redlamp.core.room.Pattern;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A data sheet is pasted or typed, brought to one set of units, doubted, and becomes a microphone of the library. */
final class DataSheetPane extends Overlay {
    private static final List<Item> ITEMS = List.of(
            Item.SENSITIVITY,
            Item.SELF_NOISE,
            Item.SIGNAL_TO_NOISE,
            Item.MAX_SPL,
            Item.OUTPUT_IMPEDANCE,
            Item.DIAPHRAGM,
            Item.WEIGHT);

    private static final double USUAL_DIAPHRAGM_MM = 20;
    private static final double USUAL_WEIGHT_KG = 0.4;

    private final KitParts parts;
    private final TextArea text = new TextArea();
    private final GridPane grid = new GridPane();
    private final VBox findings = new VBox();
    private final CommitField name;
    private final Button keep;
    private String called = "";
    private Microphone.Kind kind = Microphone.Kind.LARGE_CONDENSER;
    private Pattern pattern = Pattern.CARDIOID;
    private double price;
    private Sheet sheet = Sheet.EMPTY;
    private String fault = "";

    DataSheetPane(KitParts parts, Runnable close) {
        super(parts.bench(), "sheet.heading", close);
        this.parts = parts;
        text.setId("sheet-text");
        text.getStyleClass().add("mail-text");
        text.setPromptText(parts.say("sheet.prompt"));
        text.setWrapText(true);
        text.setAccessibleText(parts.say("sheet.prompt"));
        text.textProperty().addListener((o, was, now) -> read(now));
        grid.getStyleClass().add("room-grid");
        findings.getStyleClass().add("kit-schools");
        name = new CommitField("sheet-name", parts.say("sheet.name"), () -> called, n -> {
            called = n.strip();
            show();
        });
        keep = parts.bench().button("sheet-keep", "sheet.keep", this::keep);
        CommitField cost = new CommitField(
                "sheet-price", parts.say("sheet.price"), () -> parts.bench().plain(price), p -> {
                    try {
                        price = Math.max(0, parts.bench().number(p));
                        fault = "";
                    } catch (IllegalArgumentException e) {
                        fault = String.valueOf(e.getMessage());
                    }
                    show();
                });
        HBox head = Parts.line(
                parts.bench().name("sheet.name", ""),
                name.wide(200),
                parts.bench().name("sheet.kind", ""),
                new Choice<>(
                        "sheet-kind",
                        parts.say("sheet.kind"),
                        Stream.of(Microphone.Kind.values())
                                .filter(Microphone.Kind::isHeld)
                                .toList(),
                        k -> parts.say("sheet.kind." + k.id()),
                        () -> kind,
                        k -> {
                            kind = k;
                            show();
                        }),
                new Choice<>(
                        "sheet-pattern",
                        parts.say("sheet.pattern"),
                        List.of(Pattern.values()),
                        p -> parts.chains().pattern(p),
                        () -> sheet.pattern().orElse(pattern),
                        p -> {
                            pattern = p;
                            sheet = new Sheet(sheet.entries(), Optional.of(p), sheet.phantom(), sheet.faults());
                            show();
                        }),
                parts.bench().name("sheet.price", ""),
                cost.wide(70),
                keep);
        VBox right = new VBox(grid, findings);
        right.getStyleClass().add("kit-choice");
        ScrollPane page = new ScrollPane(right);
        page.setFitToWidth(true);
        page.getStyleClass().add("desk-page");
        HBox.setHgrow(page, Priority.ALWAYS);
        name.refresh();
        cost.refresh();
        text.setPrefWidth(340);
        text.setMinWidth(220);
        HBox body = new HBox(text, page);
        body.getStyleClass().add("room-middle");
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(head, body);
        show();
    }

    @Override
    public void begin() {
        text.requestFocus();
    }

    private void read(String pasted) {
        try {
            sheet = SheetReader.read(pasted);
            if (called.isEmpty()) {
                called = title(pasted);
                name.refresh();
            }
            fault = "";
        } catch (IllegalArgumentException e) {
            fault = String.valueOf(e.getMessage());
        }
        show();
    }

    /** What a sheet is headed with, unless that is a figure already. */
    private static String title(String pasted) {
        String first = pasted.lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .findFirst()
                .orElse("");
        String head = first.split("[,;:]", -1)[0].strip();
        return first.contains(":") || head.length() > 40 ? "" : head;
    }

    private void show() {
        grid.getChildren().clear();
        findings.getChildren().clear();
        for (Item item : ITEMS) {
            Optional<Entry> entry = sheet.entry(item);
            CommitField field = new CommitField(
                    "sheet-" + item.id(),
                    parts.sheets().item(item),
                    () -> sheet.entry(item).map(Entry::written).orElse(""),
                    written -> type(item, written));
            grid.addRow(
                    grid.getRowCount(),
                    parts.bench().name("item." + item.id(), item.id()),
                    field.wide(190),
                    KitParts.label(entry.map(parts.sheets()::value).orElse(""), "order-value"),
                    KitParts.label(entry.map(parts.sheets()::how).orElse(""), "order-source"));
            field.refresh();
        }
        explain();
        boolean ready = fault.isEmpty() && !called.isEmpty() && microphone().isPresent();
        keep.setDisable(!ready);
    }

    private void explain() {
        if (!fault.isEmpty()) {
            say(fault, "mail-question");
        }
        sheet.faults().forEach(f -> say(f, "mail-question"));
        if (sheet.entries().isEmpty() && !text.getText().isBlank()) {
            say(parts.sheets().nothing(), "mail-question");
        }
        read().ifPresent(m -> {
            m.doubts().forEach(d -> say(parts.sheets().doubt(d), "mail-question"));
            say(parts.sheets().assumed(m, spread(m)), "order-value");
            say(parts.say("sheet.here", gap(m)), "order-quote");
        });
    }

    private void say(String words, String style) {
        findings.getChildren().add(KitParts.wrapped(words, style));
    }

    private void type(Item item, String written) {
        try {
            fault = "";
            sheet = written.isBlank() ? sheet.without(item) : sheet.with(Quantity.read(item, written));
        } catch (IllegalArgumentException e) {
            fault = String.valueOf(e.getMessage());
        }
        show();
    }

    private Optional<SheetMicrophone> read() {
        try {
            return Optional.of(SheetMicrophone.of(sheet, kind));
        } catch (IllegalArgumentException e) {
            say(String.valueOf(e.getMessage()), "mail-question");
            return Optional.empty();
        }
    }

    private Optional<Chain> here() {
        return Optional.ofNullable(parts.model().path().get()).map(p -> p.chain());
    }

    private double spread(SheetMicrophone m) {
        return here().map(m::spreadDb).orElse(0.0);
    }

    private String gap(SheetMicrophone m) {
        return here().map(c -> parts.bench()
                        .figures()
                        .whole(SignalPath.of(c.heardBy(m.usual())
                                        .at(c.position().at(kind.usualM()))
                                        .set(parts.model().need().get().target()))
                                .gapDb()))
                .orElse("–");
    }

    private Optional<Microphone> microphone() {
        try {
            SheetMicrophone made = SheetMicrophone.of(sheet, kind);
            boolean phantom = kind.isCondenser();
            return Optional.of(new Microphone(
                    id(called),
                    called,
                    kind,
                    made.usual(),
                    kind == Microphone.Kind.LARGE_CONDENSER || kind == Microphone.Kind.RIBBON
                            ? Microphone.Address.SIDE
                            : Microphone.Address.END,
                    Plug.XLR,
                    phantom ? Microphone.Power.PHANTOM : Microphone.Power.NONE,
                    Optional.empty(),
                    sheet.value(Item.DIAPHRAGM).orElse(USUAL_DIAPHRAGM_MM) / 1000,
                    sheet.value(Item.WEIGHT).orElse(USUAL_WEIGHT_KG),
                    new Price(price, OptionalDouble.empty()),
                    ""));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static String id(String name) {
        String plain =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|-+$", "");
        return "own-" + plain.substring(0, Math.min(50, plain.length()));
    }

    /** Keeps it in the library and puts it into the kit, where there is one. */
    private void keep() {
        microphone()
                .ifPresent(m -> parts.shelf()
                        .keep(
                                m,
                                () -> parts.model()
                                        .editSeat(
                                                "edit.part",
                                                s -> s.with(m)
                                                        .at(s.position()
                                                                .at(m.kind().usualM())))));
    }
}
