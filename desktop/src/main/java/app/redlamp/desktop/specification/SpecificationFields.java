package app.redlamp.desktop.specification;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The fields of a specification, in groups: what an empty field asks for is nothing. */
final class SpecificationFields extends ScrollPane {
    private final SpecificationForm form;
    private final Strings strings;
    private final Glossary glossary;

    SpecificationFields(SpecificationForm form, Strings strings, Glossary glossary) {
        this.form = form;
        this.strings = strings;
        this.glossary = glossary;
        setId("specification-fields");
        setFitToWidth(true);
        FieldGrid names = new FieldGrid(form, strings, glossary);
        names.row("field.name", "", names.text(SpecificationField.NAME));
        names.row("field.source", "", names.text(SpecificationField.SOURCE));
        HBox halves = new HBox(
                new VBox(heading("field.group.sound"), sound(), heading("field.group.time"), time()),
                new VBox(heading("field.group.file"), file(), heading("field.group.between"), between()));
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
        getContent().lookup("#field-" + SpecificationField.NAME.name()).requestFocus();
    }

    private FieldGrid sound() {
        FieldGrid group = new FieldGrid(form, strings, glossary);
        ComboBox<LoudnessTarget.Measure> measure = FieldGrid.choice(
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
        group.row("field.loudness", "LUFS", measure);
        group.row(
                "",
                "",
                FieldGrid.off(
                        group.window(
                                SpecificationField.LOUDNESS_LOW,
                                SpecificationField.LOUDNESS_HIGH,
                                FieldGrid.unit(form.loudness(), LoudnessTarget.Measure::unit)),
                        none));
        ComboBox<PeakLimit.Measure> peak = FieldGrid.choice(
                form.peak(),
                List.of(PeakLimit.Measure.values()),
                m -> strings.say(m == PeakLimit.Measure.SAMPLE ? "field.sample-peak" : "field.true-peak"));
        peak.setAccessibleText(strings.say("field.peak"));
        group.row("field.peak", "dBTP-peak", peak);
        group.row(
                "",
                "",
                group.window(
                        SpecificationField.PEAK_LOWEST,
                        SpecificationField.PEAK_HIGHEST,
                        FieldGrid.unit(form.peak(), PeakLimit.Measure::unit)));
        group.row("field.floor", "noise-floor", group.most(SpecificationField.FLOOR, "field.unit.dbfs"));
        group.row("field.clipped", "clipping", group.most(SpecificationField.CLIPPED, "field.unit.runs"));
        group.row("field.short-term", "", group.most(SpecificationField.SHORT_TERM, "field.unit.lufs"));
        group.row("field.range", "", group.most(SpecificationField.RANGE, "field.unit.lu"));
        group.row("field.clarity", "clarity", group.atLeast(SpecificationField.CLARITY, "field.unit.db"));
        group.row(
                "field.band",
                "",
                group.window(SpecificationField.BAND_LOW, SpecificationField.BAND_HIGH, group.unit("field.unit.hz")));
        group.row("", "", group.check("unprocessed", "field.unprocessed", form.unprocessed()));
        return group;
    }

    private FieldGrid time() {
        FieldGrid group = new FieldGrid(form, strings, glossary);
        group.row(
                "field.head",
                "head",
                group.window(SpecificationField.HEAD_LOW, SpecificationField.HEAD_HIGH, group.unit("field.unit.s")));
        group.row(
                "field.tail",
                "tail",
                group.window(SpecificationField.TAIL_LOW, SpecificationField.TAIL_HIGH, group.unit("field.unit.s")));
        group.row("field.longest", "", group.most(SpecificationField.LONGEST, "field.unit.clock"));
        group.row("field.total", "", group.least(SpecificationField.TOTAL, "field.unit.clock"));
        return group;
    }

    private FieldGrid between() {
        FieldGrid group = new FieldGrid(form, strings, glossary);
        group.row("field.apart-loudness", "", group.most(SpecificationField.APART_LOUDNESS, "field.unit.db"));
        group.row("field.apart-floor", "", group.most(SpecificationField.APART_FLOOR, "field.unit.db"));
        group.row("field.apart-tone", "", group.most(SpecificationField.APART_TONE, "field.unit.db"));
        return group;
    }

    private FieldGrid file() {
        FieldGrid group = new FieldGrid(form, strings, glossary);
        List<DeliveryFormat.Coding> written = Arrays.stream(DeliveryFormat.Coding.values())
                .filter(DeliveryFormat.Coding::written)
                .toList();
        ComboBox<DeliveryFormat.Coding> coding = FieldGrid.choice(form.coding(), written, this::codingName);
        coding.setId("specification-coding");
        coding.setAccessibleText(strings.say("field.coding"));
        group.row("field.coding", "coding", coding);
        FlowPane others = new FlowPane();
        others.getStyleClass().add("specification-codings");
        for (DeliveryFormat.Coding other : DeliveryFormat.Coding.values()) {
            CheckBox box = group.check("accepts-" + other.name(), codingKey(other), form.accepts(other));
            box.disableProperty().bind(form.coding().isEqualTo(other));
            others.getChildren().add(box);
        }
        group.row("field.accepted", "", others);
        group.row(
                "field.sample-rate",
                "sample-rate",
                group.line(group.number(SpecificationField.SAMPLE_RATE), "field.unit.hz"));
        ObservableBooleanValue noDepth =
                Bindings.createBooleanBinding(() -> !form.coding().get().lossless(), form.coding());
        ObservableBooleanValue noRate =
                Bindings.createBooleanBinding(() -> !form.coding().get().hasBitRate(), form.coding());
        group.row(
                "field.bit-depth",
                "",
                FieldGrid.off(group.line(group.number(SpecificationField.BIT_DEPTH), "field.unit.bits"), noDepth));
        HBox rate = group.line(group.number(SpecificationField.BIT_RATE), "field.unit.kbps");
        rate.getChildren().add(group.check("constant", "field.constant", form.constantBitRate()));
        group.row("field.bit-rate", "bit-rate", FieldGrid.off(rate, noRate));
        group.row(
                "field.channels",
                "channels",
                group.window(SpecificationField.FEWEST, SpecificationField.MOST, new Label()));
        group.row("", "", group.check("same-channels", "field.same", form.sameChannels()));
        group.row("", "", group.check("broadcast", "field.broadcast", form.broadcast()));
        group.row("field.pattern", "", group.text(SpecificationField.PATTERN));
        group.row("field.tags", "", group.text(SpecificationField.TAGS));
        group.row("field.parts", "", parts());
        return group;
    }

    /** Parts are rare and seldom change: they are shown here and edited in the document. */
    private Label parts() {
        Label parts = new Label();
        parts.setId("specification-parts");
        parts.setWrapText(true);
        parts.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> form.parts().get().isEmpty()
                                ? strings.say("field.parts.none")
                                : strings.say(
                                        "field.parts.some",
                                        form.parts().get().stream()
                                                .map(Naming.Part::name)
                                                .collect(Collectors.joining(", "))),
                        form.parts()));
        return parts;
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
}
