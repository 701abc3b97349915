package app.redlamp.desktop.specification;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.SetLimits;
import app.redlamp.core.delivery.spec.SoundLimits;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.TimeLimits;
import app.redlamp.core.units.Limits;
import app.redlamp.desktop.look.Strings;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** A specification as it is filled in by hand: what is written in each field, and the specification that it makes. */
final class SpecificationForm {
    private static final String USUAL_DEPTH = "24";
    private static final String USUAL_RATE = "192";

    private final Strings strings;
    private final Map<SpecificationField, StringProperty> texts = new EnumMap<>(SpecificationField.class);
    private final Map<DeliveryFormat.Coding, BooleanProperty> accepted = new EnumMap<>(DeliveryFormat.Coding.class);
    private final ObjectProperty<LoudnessTarget.Measure> loudness = new SimpleObjectProperty<>();
    private final ObjectProperty<PeakLimit.Measure> peak = new SimpleObjectProperty<>(PeakLimit.Measure.SAMPLE);
    private final ObjectProperty<DeliveryFormat.Coding> coding = new SimpleObjectProperty<>(DeliveryFormat.Coding.WAV);
    private final BooleanProperty unprocessed = new SimpleBooleanProperty();
    private final BooleanProperty constantBitRate = new SimpleBooleanProperty();
    private final BooleanProperty broadcast = new SimpleBooleanProperty();
    private final BooleanProperty sameChannels = new SimpleBooleanProperty();
    private final ReadOnlyObjectWrapper<SpecificationField> wrong = new ReadOnlyObjectWrapper<>();
    private String id = "";

    /** The fields show them but do not change them; they go through as they are. */
    private final ReadOnlyObjectWrapper<List<Naming.Part>> parts = new ReadOnlyObjectWrapper<>(List.of());

    SpecificationForm(Strings strings) {
        this.strings = strings;
        for (SpecificationField field : SpecificationField.values()) {
            texts.put(field, new SimpleStringProperty(""));
        }
        for (DeliveryFormat.Coding each : DeliveryFormat.Coding.values()) {
            accepted.put(each, new SimpleBooleanProperty());
        }
        coding.addListener((o, was, now) -> complete(now));
    }

    StringProperty text(SpecificationField field) {
        return texts.get(field);
    }

    /** Codings that the client takes beside the one that is written. */
    BooleanProperty accepts(DeliveryFormat.Coding other) {
        return accepted.get(other);
    }

    /** Null where peaks decide. */
    ObjectProperty<LoudnessTarget.Measure> loudness() {
        return loudness;
    }

    ObjectProperty<PeakLimit.Measure> peak() {
        return peak;
    }

    ObjectProperty<DeliveryFormat.Coding> coding() {
        return coding;
    }

    BooleanProperty unprocessed() {
        return unprocessed;
    }

    BooleanProperty constantBitRate() {
        return constantBitRate;
    }

    BooleanProperty broadcast() {
        return broadcast;
    }

    BooleanProperty sameChannels() {
        return sameChannels;
    }

    ReadOnlyObjectProperty<List<Naming.Part>> parts() {
        return parts.getReadOnlyProperty();
    }

    /** The field that was last found wrong, while it is; null where no single one is. */
    ReadOnlyObjectProperty<SpecificationField> wrong() {
        return wrong.getReadOnlyProperty();
    }

    /** Calls back whenever anything in it has changed. */
    void onChange(Runnable changed) {
        Stream.of(
                        texts.values().stream(),
                        accepted.values().stream(),
                        Stream.of(loudness, peak, coding, unprocessed, constantBitRate, broadcast, sameChannels))
                .flatMap(s -> s)
                .forEach(property -> property.addListener((o, was, now) -> changed.run()));
    }

    /** Fills it in. */
    void show(Specification s) {
        id = s.id();
        parts.set(s.naming().parts());
        put(SpecificationField.NAME, s.name());
        put(SpecificationField.SOURCE, s.source());
        loudness.set(s.loudness().map(LoudnessTarget::measure).orElse(null));
        put(
                SpecificationField.LOUDNESS_LOW,
                SpecificationField.LOUDNESS_HIGH,
                s.loudness().map(LoudnessTarget::limits));
        peak.set(s.peak().measure());
        put(
                SpecificationField.PEAK_LOWEST,
                SpecificationField.PEAK_HIGHEST,
                Optional.of(s.peak().limits()));
        put(SpecificationField.FLOOR, FieldText.of(s.noiseFloorDbfs()));
        put(SpecificationField.SHORT_TERM, FieldText.of(s.sound().shortTermLufs()));
        put(SpecificationField.RANGE, FieldText.of(s.sound().rangeLu()));
        put(SpecificationField.CLARITY, FieldText.of(s.sound().clarityDb()));
        put(SpecificationField.BAND_LOW, SpecificationField.BAND_HIGH, s.sound().bandHz());
        put(SpecificationField.CLIPPED, String.valueOf(s.clippedRuns()));
        unprocessed.set(s.sound().unprocessed());
        put(SpecificationField.HEAD_LOW, SpecificationField.HEAD_HIGH, s.headS());
        put(SpecificationField.TAIL_LOW, SpecificationField.TAIL_HIGH, s.tailS());
        put(SpecificationField.LONGEST, FieldText.ofClock(s.longestS()));
        put(SpecificationField.TOTAL, FieldText.ofClock(s.time().totalS()));
        put(SpecificationField.APART_LOUDNESS, FieldText.of(s.set().loudnessDb()));
        put(SpecificationField.APART_FLOOR, FieldText.of(s.set().noiseFloorDb()));
        put(SpecificationField.APART_TONE, FieldText.of(s.set().toneDb()));
        put(SpecificationField.PATTERN, s.naming().pattern().orElse(""));
        put(SpecificationField.TAGS, String.join(", ", s.naming().tags()));
        show(s.format());
    }

    private void show(DeliveryFormat format) {
        put(SpecificationField.BIT_DEPTH, FieldText.of(format.bitDepth()));
        put(SpecificationField.BIT_RATE, FieldText.of(format.bitRateKbps()));
        coding.set(format.coding());
        accepted.forEach((each, taken) -> taken.set(format.accepted().contains(each)));
        constantBitRate.set(format.constantBitRate());
        broadcast.set(format.broadcast());
        put(SpecificationField.SAMPLE_RATE, String.valueOf(format.sampleRateHz()));
        put(SpecificationField.FEWEST, String.valueOf(format.fewestChannels()));
        put(SpecificationField.MOST, String.valueOf(format.mostChannels()));
        sameChannels.set(format.sameChannels());
    }

    /**
     * What it makes.
     *
     * @throws IllegalArgumentException where it makes none; one line that names the field
     */
    Specification read() {
        try {
            Specification read = make();
            wrong.set(null);
            return read;
        } catch (IllegalArgumentException e) {
            wrong.set(e instanceof FieldFault fault ? fault.field() : null);
            throw e;
        }
    }

    private Specification make() {
        Optional<Limits> window = window(SpecificationField.LOUDNESS_LOW, SpecificationField.LOUDNESS_HIGH)
                .filter(w -> w.low().isPresent() && w.high().isPresent());
        return new Specification(
                id,
                filled(SpecificationField.NAME),
                filled(SpecificationField.SOURCE),
                Optional.ofNullable(loudness.get())
                        .map(m -> new LoudnessTarget(
                                m, window.orElseThrow(() -> fault(SpecificationField.LOUDNESS_LOW, "field.both")))),
                new PeakLimit(
                        peak.get(),
                        number(SpecificationField.PEAK_LOWEST),
                        number(SpecificationField.PEAK_HIGHEST)
                                .orElseThrow(() -> fault(SpecificationField.PEAK_HIGHEST, "field.missing"))),
                number(SpecificationField.FLOOR),
                new TimeLimits(
                        window(SpecificationField.HEAD_LOW, SpecificationField.HEAD_HIGH),
                        window(SpecificationField.TAIL_LOW, SpecificationField.TAIL_HIGH),
                        length(SpecificationField.LONGEST),
                        length(SpecificationField.TOTAL)),
                new SoundLimits(
                        whole(SpecificationField.CLIPPED).orElse(0),
                        number(SpecificationField.SHORT_TERM),
                        number(SpecificationField.RANGE),
                        number(SpecificationField.CLARITY),
                        window(SpecificationField.BAND_LOW, SpecificationField.BAND_HIGH),
                        unprocessed.get()),
                new SetLimits(
                        number(SpecificationField.APART_LOUDNESS),
                        number(SpecificationField.APART_FLOOR),
                        number(SpecificationField.APART_TONE)),
                new Naming(
                        Optional.of(text(SpecificationField.PATTERN).get().strip())
                                .filter(p -> !p.isEmpty()),
                        Stream.of(text(SpecificationField.TAGS).get().split(","))
                                .map(String::strip)
                                .filter(t -> !t.isEmpty())
                                .toList(),
                        parts.get()),
                format());
    }

    private DeliveryFormat format() {
        DeliveryFormat.Coding written = coding.get();
        return new DeliveryFormat(
                written,
                accepted.entrySet().stream()
                        .filter(e -> e.getValue().get())
                        .map(Map.Entry::getKey)
                        .collect(Collectors.toSet()),
                whole(SpecificationField.SAMPLE_RATE)
                        .orElseThrow(() -> fault(SpecificationField.SAMPLE_RATE, "field.missing")),
                written.lossless() ? whole(SpecificationField.BIT_DEPTH) : OptionalInt.empty(),
                written.hasBitRate() ? whole(SpecificationField.BIT_RATE) : OptionalInt.empty(),
                written.hasBitRate() && constantBitRate.get(),
                broadcast.get(),
                whole(SpecificationField.FEWEST).orElse(1),
                whole(SpecificationField.MOST).orElse(2),
                sameChannels.get());
    }

    /** What the new coding cannot do without. */
    private void complete(DeliveryFormat.Coding now) {
        if (now.lossless() && text(SpecificationField.BIT_DEPTH).get().isBlank()) {
            put(SpecificationField.BIT_DEPTH, USUAL_DEPTH);
        }
        if (now.hasBitRate() && text(SpecificationField.BIT_RATE).get().isBlank()) {
            put(SpecificationField.BIT_RATE, USUAL_RATE);
        }
    }

    private void put(SpecificationField field, String text) {
        text(field).set(text);
    }

    private void put(SpecificationField low, SpecificationField high, Optional<Limits> window) {
        put(low, window.map(w -> FieldText.of(w.low())).orElse(""));
        put(high, window.map(w -> FieldText.of(w.high())).orElse(""));
    }

    private String filled(SpecificationField field) {
        String text = text(field).get().strip();
        if (text.isEmpty()) {
            throw fault(field, "field.missing");
        }
        return text;
    }

    private Optional<Limits> window(SpecificationField low, SpecificationField high) {
        OptionalDouble from = number(low);
        OptionalDouble to = number(high);
        if (from.isPresent() && to.isPresent() && from.getAsDouble() > to.getAsDouble()) {
            throw fault(low, "field.order");
        }
        return from.isEmpty() && to.isEmpty() ? Optional.empty() : Optional.of(new Limits(from, to));
    }

    private OptionalDouble number(SpecificationField field) {
        return FieldText.number(text(field).get()).orElseThrow(() -> fault(field, "field.number"));
    }

    private OptionalDouble length(SpecificationField field) {
        return FieldText.clock(text(field).get()).orElseThrow(() -> fault(field, "field.clock"));
    }

    private OptionalInt whole(SpecificationField field) {
        OptionalDouble number = number(field);
        if (number.isPresent() && number.getAsDouble() != Math.rint(number.getAsDouble())) {
            throw fault(field, "field.whole");
        }
        return number.isPresent() ? OptionalInt.of((int) number.getAsDouble()) : OptionalInt.empty();
    }

    private FieldFault fault(SpecificationField field, String reason) {
        return new FieldFault(
                field, strings.say(reason, strings.say(field.key()), text(field).get()));
    }
}
