package app.redlamp.desktop.deliver;

import app.redlamp.core.spec.DeliveryFormat;
import app.redlamp.core.spec.LoudnessTarget;
import app.redlamp.core.spec.PeakLimit;
import app.redlamp.desktop.deliver.SpecificationForm.Field;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import javafx.beans.binding.Bindings;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.value.ObservableBooleanValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The fields of a specification, in groups: what an empty field asks for is nothing. */
final class SpecificationFields extends ScrollPane {
    private static final double NAME_WIDTH = 104;
    private static final double NUMBER_WIDTH = 66;
    private static final double TO_WIDTH = 16;
    private static final double GAP = 7;

    private final SpecificationForm form;
    private final Strings strings;
    private final Glossary glossary;

    SpecificationFields(SpecificationForm form, Strings strings, Glossary glossary) {
        this.form = form;
        this.strings = strings;
        this.glossary = glossary;
        setId("specification-fields");
        setFitToWidth(true);
        GridPane names = group();
        row(names, "field.name", "", text(Field.NAME));
        row(names, "field.source", "", text(Field.SOURCE));
        HBox halves = new HBox(
                new VBox(heading("field.group.sound"), sound(), heading("field.group.between"), between()),
                new VBox(heading("field.group.file"), file(), heading("field.group.time"), time()));
        halves.getStyleClass().add("specification-halves");
        halves.getChildren().forEach(half -> {
            half.getStyleClass().add("specification-half");
            HBox.setHgrow(half, Priority.ALWAYS);
            ((Region) half).setPrefWidth(0);
        });
        VBox all = new VBox(names, halves);
        all.getStyleClass().add("specification-half");
        setContent(all);
    }

    void focus() {
        // What scrolls stands in the scene only once it has been styled.
        applyCss();
        layout();
        getContent().lookup("#field-" + Field.NAME.name()).requestFocus();
    }

    private GridPane sound() {
        GridPane group = group();
        ComboBox<LoudnessTarget.Measure> measure = choice(
                form.loudness(),
                Arrays.asList(
                        null,
                        LoudnessTarget.Measure.RMS,
                        LoudnessTarget.Measure.INTEGRATED,
                        LoudnessTarget.Measure.ACTIVE),
                m -> m == null
                        ? strings.say("field.none")
                        : switch (m) {
                            case INTEGRATED -> strings.say("field.integrated");
                            case ACTIVE -> strings.say("field.active");
                            default -> strings.say("field.rms");
                        });
        measure.setAccessibleText(strings.say("field.loudness"));
        ObservableBooleanValue none = Bindings.isNull(form.loudness());
        row(group, "field.loudness", "LUFS", measure);
        row(
                group,
                "",
                "",
                off(
                        window(
                                Field.LOUDNESS_LOW,
                                Field.LOUDNESS_HIGH,
                                unit(form.loudness(), LoudnessTarget.Measure::unit)),
                        none));
        ComboBox<PeakLimit.Measure> peak = choice(
                form.peak(),
                List.of(PeakLimit.Measure.values()),
                m -> strings.say(m == PeakLimit.Measure.SAMPLE ? "field.sample-peak" : "field.true-peak"));
        peak.setAccessibleText(strings.say("field.peak"));
        row(group, "field.peak", "dBTP-peak", peak);
        row(group, "", "", window(Field.PEAK_LOWEST, Field.PEAK_HIGHEST, unit(form.peak(), PeakLimit.Measure::unit)));
        row(group, "field.floor", "noise-floor", most(Field.FLOOR, "field.unit.dbfs"));
        row(group, "field.clipped", "clipping", most(Field.CLIPPED, "field.unit.runs"));
        row(group, "field.short-term", "", most(Field.SHORT_TERM, "field.unit.lufs"));
        row(group, "field.range", "", most(Field.RANGE, "field.unit.lu"));
        row(group, "field.decay", "", most(Field.DECAY, "field.unit.s"));
        row(group, "field.band", "", window(Field.BAND_LOW, Field.BAND_HIGH, unit("field.unit.hz")));
        row(group, "", "", check("unprocessed", "field.unprocessed", form.unprocessed()));
        return group;
    }

    private GridPane time() {
        GridPane group = group();
        row(group, "field.head", "head", window(Field.HEAD_LOW, Field.HEAD_HIGH, unit("field.unit.s")));
        row(group, "field.tail", "tail", window(Field.TAIL_LOW, Field.TAIL_HIGH, unit("field.unit.s")));
        row(group, "field.longest", "", most(Field.LONGEST, "field.unit.clock"));
        row(group, "field.total", "", least(Field.TOTAL, "field.unit.clock"));
        return group;
    }

    private GridPane between() {
        GridPane group = group();
        row(group, "field.apart-loudness", "", most(Field.APART_LOUDNESS, "field.unit.db"));
        row(group, "field.apart-floor", "", most(Field.APART_FLOOR, "field.unit.db"));
        row(group, "field.apart-tone", "", most(Field.APART_TONE, "field.unit.db"));
        return group;
    }

    private GridPane file() {
        GridPane group = group();
        List<DeliveryFormat.Coding> written = Arrays.stream(DeliveryFormat.Coding.values())
                .filter(DeliveryFormat.Coding::written)
                .toList();
        ComboBox<DeliveryFormat.Coding> coding = choice(form.coding(), written, this::codingName);
        coding.setId("specification-coding");
        coding.setAccessibleText(strings.say("field.coding"));
        row(group, "field.coding", "coding", coding);
        FlowPane others = new FlowPane();
        others.getStyleClass().add("specification-codings");
        for (DeliveryFormat.Coding other : DeliveryFormat.Coding.values()) {
            CheckBox box = check("accepts-" + other.name(), codingKey(other), form.accepts(other));
            box.disableProperty().bind(form.coding().isEqualTo(other));
            others.getChildren().add(box);
        }
        row(group, "field.accepted", "", others);
        row(group, "field.sample-rate", "sample-rate", line(number(Field.SAMPLE_RATE, NUMBER_WIDTH), "field.unit.hz"));
        ObservableBooleanValue noDepth =
                Bindings.createBooleanBinding(() -> !form.coding().get().lossless(), form.coding());
        ObservableBooleanValue noRate =
                Bindings.createBooleanBinding(() -> !form.coding().get().hasBitRate(), form.coding());
        row(group, "field.bit-depth", "", off(line(number(Field.BIT_DEPTH, NUMBER_WIDTH), "field.unit.bits"), noDepth));
        HBox rate = line(number(Field.BIT_RATE, NUMBER_WIDTH), "field.unit.kbps");
        rate.getChildren().add(check("constant", "field.constant", form.constantBitRate()));
        row(group, "field.bit-rate", "bit-rate", off(rate, noRate));
        row(group, "field.channels", "channels", window(Field.FEWEST, Field.MOST, new Label()));
        row(group, "", "", check("same-channels", "field.same", form.sameChannels()));
        row(group, "", "", check("broadcast", "field.broadcast", form.broadcast()));
        row(group, "field.pattern", "", text(Field.PATTERN));
        row(group, "field.tags", "", text(Field.TAGS));
        return group;
    }

    private String codingName(DeliveryFormat.Coding coding) {
        return strings.say(codingKey(coding));
    }

    private static String codingKey(DeliveryFormat.Coding coding) {
        return switch (coding) {
            case WAV -> "field.coding.wav";
            case FLAC -> "field.coding.flac";
            case AIFF -> "field.coding.aiff";
            case MP3 -> "field.coding.mpeg";
            case AAC -> "field.coding.aac";
            case MU_LAW -> "field.coding.mu-law";
            case A_LAW -> "field.coding.a-law";
        };
    }

    private Label heading(String key) {
        Label heading = new Label(strings.say(key));
        heading.getStyleClass().add("specification-group");
        return heading;
    }

    private static GridPane group() {
        GridPane group = new GridPane();
        group.getStyleClass().add("specification-grid");
        ColumnConstraints names = new ColumnConstraints(NAME_WIDTH);
        ColumnConstraints fields = new ColumnConstraints();
        fields.setHgrow(Priority.ALWAYS);
        group.getColumnConstraints().addAll(names, fields);
        return group;
    }

    private void row(GridPane group, String key, String term, Node field) {
        Label name = new Label(key.isEmpty() ? "" : strings.say(key));
        name.getStyleClass().add("field-name");
        glossary.explain(name, term);
        group.addRow(group.getRowCount(), name, field);
    }

    private HBox window(Field low, Field high, Label unit) {
        Label to = new Label(strings.say("field.to"));
        to.setMinWidth(TO_WIDTH);
        to.setAlignment(Pos.CENTER);
        HBox line = new HBox(GAP, number(low, NUMBER_WIDTH), to, number(high, NUMBER_WIDTH), unit);
        line.getStyleClass().add("field-line");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private Label unit(String key) {
        return new Label(strings.say(key));
    }

    /** A unit that goes with what is measured; none where nothing is. */
    private static <M> Label unit(ObjectProperty<M> measure, Function<M, String> of) {
        Label unit = new Label();
        unit.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> measure.get() == null ? "" : of.apply(measure.get()), measure));
        return unit;
    }

    /** The highest stands under the highest of a window. */
    private HBox most(Field field, String unitKey) {
        Label most = new Label(strings.say("field.most"));
        most.setMinWidth(NUMBER_WIDTH + GAP + TO_WIDTH);
        most.setAlignment(Pos.CENTER_RIGHT);
        HBox line = line(number(field, NUMBER_WIDTH), unitKey);
        line.getChildren().add(0, most);
        return line;
    }

    private HBox least(Field field, String unitKey) {
        HBox line = line(number(field, NUMBER_WIDTH), "field.least");
        line.getChildren().add(unit(unitKey));
        return line;
    }

    private HBox line(Node field, String unitKey) {
        HBox line = new HBox(GAP, field, unit(unitKey));
        line.getStyleClass().add("field-line");
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private static Node off(Node node, ObservableBooleanValue when) {
        node.disableProperty().bind(when);
        return node;
    }

    private TextField number(Field field, double width) {
        TextField written = text(field);
        written.setPrefWidth(width);
        written.setMaxWidth(width);
        written.setAlignment(Pos.CENTER_RIGHT);
        return written;
    }

    private TextField text(Field field) {
        TextField written = new TextField();
        written.setId("field-" + field.name());
        written.setMinWidth(NUMBER_WIDTH);
        written.setAccessibleText(strings.say(field.key()));
        written.textProperty().bindBidirectional(form.text(field));
        return written;
    }

    private CheckBox check(String id, String key, BooleanProperty chosen) {
        CheckBox box = new CheckBox(strings.say(key));
        box.setId("field-" + id);
        box.selectedProperty().bindBidirectional(chosen);
        return box;
    }

    private static <T> ComboBox<T> choice(ObjectProperty<T> chosen, List<T> values, Function<T, String> name) {
        ComboBox<T> box = new ComboBox<>();
        box.getItems().setAll(values);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return name.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException(text);
            }
        });
        box.valueProperty().bindBidirectional(chosen);
        return box;
    }
}
