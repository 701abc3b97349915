package app.redlamp.desktop.kit;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.datasheet.DataSheet;
import app.redlamp.core.chain.datasheet.DataSheetHeadphones;
import app.redlamp.core.chain.datasheet.DataSheetItem;
import app.redlamp.core.chain.datasheet.Entry;
import app.redlamp.core.chain.datasheet.Quantity;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Price;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A data sheet is pasted or typed, brought to one set of units, doubted, and becomes a microphone of the library. */
final class DataSheetPane extends Overlay {
    private final StationParts<KitStation.Models> parts;
    private final TextArea text = new TextArea();
    private final GridPane grid = new GridPane();
    private final VBox findings = new VBox();
    private final CommitField name;
    private final Button keep;
    private final Choice<SheetSort> sorts;
    private final Choice<Pattern> patterns;
    private String called = "";
    private SheetSort sort = SheetSort.LARGE_CONDENSER;
    private Pattern pattern = Pattern.CARDIOID;
    private double price;
    private DataSheet sheet = DataSheet.EMPTY;
    private String fault = "";

    DataSheetPane(StationParts<KitStation.Models> parts, Runnable close) {
        super(parts.bench(), "sheet.heading", close);
        this.parts = parts;
        text.setId("sheet-text");
        text.getStyleClass().add("mail-text");
        text.setPromptText(parts.say("sheet.prompt"));
        text.setWrapText(true);
        text.setAccessibleText(parts.say("sheet.prompt"));
        Consumer<String> reading = new Latest<>(parts.context().jobs(), ReadSheet::of, this::read)::ask;
        text.textProperty().addListener((o, was, now) -> reading.accept(now));
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
        sorts = new Choice<>(
                "sheet-kind",
                parts.say("sheet.kind"),
                List.of(SheetSort.values()),
                k -> parts.say("sheet.kind." + k.id()),
                () -> sort,
                k -> {
                    sort = k;
                    show();
                });
        patterns = new Choice<>(
                "sheet-pattern",
                parts.say("sheet.pattern"),
                List.of(Pattern.values()),
                p -> parts.words().chains().pattern(p),
                () -> sheet.pattern().orElse(pattern),
                p -> {
                    pattern = p;
                    sheet = new DataSheet(sheet.entries(), Optional.of(p), sheet.phantom(), sheet.faults());
                    show();
                });
        HBox head = Parts.line(
                parts.bench().name("sheet.name", ""),
                name.wide(200),
                parts.bench().name("sheet.kind", ""),
                sorts,
                patterns,
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

    private void read(ReadSheet read) {
        fault = read.fault();
        if (fault.isEmpty()) {
            sheet = read.sheet();
            if (DataSheetHeadphones.isOne(sheet) && sort.isMicrophone()) {
                sort = SheetSort.CLOSED_HEADPHONES;
                sorts.refresh();
            }
            if (called.isEmpty()) {
                called = title(read.pasted());
                name.refresh();
            }
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
        // Only a microphone has one.
        patterns.setVisible(sort.isMicrophone());
        patterns.setManaged(sort.isMicrophone());
        grid.getChildren().clear();
        findings.getChildren().clear();
        for (DataSheetItem item : sort.items()) {
            Optional<Entry> entry = sheet.entry(item);
            CommitField field = new CommitField(
                    "sheet-" + item.id(),
                    parts.words().sheets().item(item),
                    () -> sheet.entry(item).map(Entry::written).orElse(""),
                    written -> type(item, written));
            grid.addRow(
                    grid.getRowCount(),
                    parts.bench().name("item." + item.id(), item.id()),
                    field.wide(190),
                    Parts.label(entry.map(parts.words().sheets()::value).orElse(""), "order-value"),
                    Parts.label(entry.map(parts.words().sheets()::how).orElse(""), "order-source"));
            field.refresh();
        }
        explain();
        keep.setDisable(!(fault.isEmpty() && !called.isEmpty() && made().isPresent()));
    }

    private void explain() {
        if (!fault.isEmpty()) {
            say(fault, "mail-question");
        }
        sheet.faults().forEach(f -> say(f, "mail-question"));
        if (sheet.entries().isEmpty() && !text.getText().isBlank()) {
            say(parts.words().sheets().nothing(), "mail-question");
        }
        made().ifPresent(m -> {
            m.doubts().forEach(d -> say(parts.words().sheets().doubt(d), "mail-question"));
            say(parts.words().sheets().assumed(m.assumed(), m.spreadDb()), "order-value");
            m.here().ifPresent(c -> say(parts.say("sheet.here", snr(c)), "order-quote"));
        });
    }

    private void say(String words, String style) {
        findings.getChildren().add(Parts.wrapped(words, style));
    }

    private void type(DataSheetItem item, String written) {
        try {
            fault = "";
            sheet = written.isBlank() ? sheet.without(item) : sheet.with(Quantity.read(item, written));
        } catch (IllegalArgumentException e) {
            fault = String.valueOf(e.getMessage());
        }
        show();
    }

    /** What the sheet comes to, before it has a name too; absent where a figure cannot be, which is then said. */
    private Optional<SheetSort.Made> made() {
        try {
            int voices = parts.models()
                    .kit()
                    .kits()
                    .current()
                    .map(k -> k.seats().size())
                    .orElse(1);
            return Optional.of(sort.of(
                    sheet,
                    called.isEmpty() ? "?" : called,
                    new Price(price, OptionalDouble.empty()),
                    voices,
                    Optional.ofNullable(parts.models().kit().path().get()).map(SignalPath::chain)));
        } catch (IllegalArgumentException e) {
            fault = String.valueOf(e.getMessage());
            return Optional.empty();
        }
    }

    private String snr(Chain chain) {
        double snr = SignalPath.of(chain.set(parts.models().kit().need().get().school()))
                .snrDb();
        return parts.bench().figures().whole(snr);
    }

    /** Keeps it in the library and puts it into the kit. */
    private void keep() {
        made().map(SheetSort.Made::part).ifPresent(p -> parts.models().shelf().save(p, this::saved));
    }

    private void saved(Gear part) {
        parts.models().shelf().sayKept(part.name());
        putIn(part);
    }

    private void putIn(Gear part) {
        if (part instanceof Microphone m) {
            parts.models()
                    .kit()
                    .editSeat(
                            "edit.part",
                            s -> s.with(m).at(s.position().at(m.kind().usualM())));
        } else if (part instanceof AudioInterface box) {
            parts.models().kit().edit("edit.part", k -> k.through(Optional.of(box)));
        } else if (part instanceof Extra extra) {
            parts.models().kit().edit("edit.extra", k -> k.wearing(extra));
        }
    }
}
