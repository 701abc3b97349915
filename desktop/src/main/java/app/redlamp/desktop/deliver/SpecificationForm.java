package app.redlamp.desktop.deliver;

import app.redlamp.core.spec.DeliveryFormat;
import app.redlamp.core.spec.LoudnessTarget;
import app.redlamp.core.spec.Naming;
import app.redlamp.core.spec.PeakLimit;
import app.redlamp.core.spec.SetLimits;
import app.redlamp.core.spec.SoundLimits;
import app.redlamp.core.spec.Specification;
import app.redlamp.core.spec.TimeLimits;
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
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/** A specification as it is filled in by hand: what is written in each field, and the specification that it makes. */
final class SpecificationForm {
    private static final String USUAL_DEPTH = "24";
    private static final String USUAL_RATE = "192";

    private final Strings strings;
    private final Map<Field, StringProperty> texts = new EnumMap<>(Field.class);
    private final Map<DeliveryFormat.Coding, BooleanProperty> accepted = new EnumMap<>(DeliveryFormat.Coding.class);
    private final ObjectProperty<LoudnessTarget.Measure> loudness = new SimpleObjectProperty<>();
    private final ObjectProperty<PeakLimit.Measure> peak = new SimpleObjectProperty<>(PeakLimit.Measure.SAMPLE);
    private final ObjectProperty<DeliveryFormat.Coding> coding = new SimpleObjectProperty<>(DeliveryFormat.Coding.WAV);
    private final BooleanProperty unprocessed = new SimpleBooleanProperty();
    private final BooleanProperty constantBitRate = new SimpleBooleanProperty();
    private final BooleanProperty broadcast = new SimpleBooleanProperty();
    private final BooleanProperty sameChannels = new SimpleBooleanProperty();
    private String id = "";

    /** No field shows them; they go through as they are. */
    private List<Naming.Part> parts = List.of();

    /** What is written by hand; two fields of one window share their name. */
    enum Field {
        NAME("field.name"),
        SOURCE("field.source"),
        LOUDNESS_LOW("field.loudness"),
        LOUDNESS_HIGH("field.loudness"),
        PEAK_LOWEST("field.peak"),
        PEAK_HIGHEST("field.peak"),
        FLOOR("field.floor"),
        SHORT_TERM("field.short-term"),
        RANGE("field.range"),
        DECAY("field.decay"),
        BAND_LOW("field.band"),
        BAND_HIGH("field.band"),
        CLIPPED("field.clipped"),
        HEAD_LOW("field.head"),
        HEAD_HIGH("field.head"),
        TAIL_LOW("field.tail"),
        TAIL_HIGH("field.tail"),
        LONGEST("field.longest"),
        TOTAL("field.total"),
        APART_LOUDNESS("field.apart-loudness"),
        APART_FLOOR("field.apart-floor"),
        APART_TONE("field.apart-tone"),
        PATTERN("field.pattern"),
        TAGS("field.tags"),
        SAMPLE_RATE("field.sample-rate"),
        BIT_DEPTH("field.bit-depth"),
        BIT_RATE("field.bit-rate"),
        FEWEST("field.channels"),
        MOST("field.channels");

        private final String key;

        Field(String key) {
            this.key = key;
        }

        String key() {
            return key;
        }
    }

    SpecificationForm(Strings strings) {
        this.strings = strings;
        for (Field field : Field.values()) {
            texts.put(field, new SimpleStringProperty(""));
        }
        for (DeliveryFormat.Coding each : DeliveryFormat.Coding.values()) {
            accepted.put(each, new SimpleBooleanProperty());
        }
        coding.addListener((o, was, now) -> complete(now));
    }

    StringProperty text(Field field) {
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
        parts = s.naming().parts();
        put(Field.NAME, s.name());
        put(Field.SOURCE, s.source());
        loudness.set(s.loudness().map(LoudnessTarget::measure).orElse(null));
        put(Field.LOUDNESS_LOW, Field.LOUDNESS_HIGH, s.loudness().map(LoudnessTarget::limits));
        peak.set(s.peak().measure());
        put(Field.PEAK_LOWEST, Field.PEAK_HIGHEST, Optional.of(s.peak().limits()));
        put(Field.FLOOR, FieldText.of(s.noiseFloorDbfs()));
        put(Field.SHORT_TERM, FieldText.of(s.sound().shortTermLufs()));
        put(Field.RANGE, FieldText.of(s.sound().rangeLu()));
        put(Field.DECAY, FieldText.of(s.sound().decayS()));
        put(Field.BAND_LOW, Field.BAND_HIGH, s.sound().bandHz());
        put(Field.CLIPPED, String.valueOf(s.clippedRuns()));
        unprocessed.set(s.sound().unprocessed());
        put(Field.HEAD_LOW, Field.HEAD_HIGH, s.headS());
        put(Field.TAIL_LOW, Field.TAIL_HIGH, s.tailS());
        put(Field.LONGEST, FieldText.ofClock(s.longestS()));
        put(Field.TOTAL, FieldText.ofClock(s.time().totalS()));
        put(Field.APART_LOUDNESS, FieldText.of(s.set().loudnessDb()));
        put(Field.APART_FLOOR, FieldText.of(s.set().noiseFloorDb()));
        put(Field.APART_TONE, FieldText.of(s.set().toneDb()));
        put(Field.PATTERN, s.naming().pattern().orElse(""));
        put(Field.TAGS, String.join(", ", s.naming().tags()));
        show(s.format());
    }

    private void show(DeliveryFormat format) {
        put(Field.BIT_DEPTH, FieldText.of(format.bitDepth()));
        put(Field.BIT_RATE, FieldText.of(format.bitRateKbps()));
        coding.set(format.coding());
        accepted.forEach((each, taken) -> taken.set(format.accepted().contains(each)));
        constantBitRate.set(format.constantBitRate());
        broadcast.set(format.broadcast());
        put(Field.SAMPLE_RATE, String.valueOf(format.sampleRateHz()));
        put(Field.FEWEST, String.valueOf(format.fewestChannels()));
        put(Field.MOST, String.valueOf(format.mostChannels()));
        sameChannels.set(format.sameChannels());
    }

    /**
     * What it makes.
     *
     * @throws IllegalArgumentException where it makes none; one line that names the field
     */
    Specification read() {
        Optional<Limits> window = window(Field.LOUDNESS_LOW, Field.LOUDNESS_HIGH)
                .filter(w -> w.low().isPresent() && w.high().isPresent());
        return new Specification(
                id,
                filled(Field.NAME),
                filled(Field.SOURCE),
                Optional.ofNullable(loudness.get())
                        .map(m -> new LoudnessTarget(
                                m, window.orElseThrow(() -> fault(Field.LOUDNESS_LOW, "field.both")))),
                new PeakLimit(
                        peak.get(),
                        number(Field.PEAK_LOWEST),
                        number(Field.PEAK_HIGHEST).orElseThrow(() -> fault(Field.PEAK_HIGHEST, "field.missing"))),
                number(Field.FLOOR),
                new TimeLimits(
                        window(Field.HEAD_LOW, Field.HEAD_HIGH),
                        window(Field.TAIL_LOW, Field.TAIL_HIGH),
                        length(Field.LONGEST),
                        length(Field.TOTAL)),
                new SoundLimits(
                        whole(Field.CLIPPED).orElse(0),
                        number(Field.SHORT_TERM),
                        number(Field.RANGE),
                        number(Field.DECAY),
                        window(Field.BAND_LOW, Field.BAND_HIGH),
                        unprocessed.get()),
                new SetLimits(number(Field.APART_LOUDNESS), number(Field.APART_FLOOR), number(Field.APART_TONE)),
                new Naming(
                        Optional.of(text(Field.PATTERN).get().strip()).filter(p -> !p.isEmpty()),
                        Stream.of(text(Field.TAGS).get().split(","))
                                .map(String::strip)
                                .filter(t -> !t.isEmpty())
                                .toList(),
                        parts),
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
                whole(Field.SAMPLE_RATE).orElseThrow(() -> fault(Field.SAMPLE_RATE, "field.missing")),
                written.lossless() ? whole(Field.BIT_DEPTH) : OptionalInt.empty(),
                written.hasBitRate() ? whole(Field.BIT_RATE) : OptionalInt.empty(),
                written.hasBitRate() && constantBitRate.get(),
                broadcast.get(),
                whole(Field.FEWEST).orElse(1),
                whole(Field.MOST).orElse(2),
                sameChannels.get());
    }

    /** What the new coding cannot do without. */
    private void complete(DeliveryFormat.Coding now) {
        if (now.lossless() && text(Field.BIT_DEPTH).get().isBlank()) {
            put(Field.BIT_DEPTH, USUAL_DEPTH);
        }
        if (now.hasBitRate() && text(Field.BIT_RATE).get().isBlank()) {
            put(Field.BIT_RATE, USUAL_RATE);
        }
    }

    private void put(Field field, String text) {
        text(field).set(text);
    }

    private void put(Field low, Field high, Optional<Limits> window) {
        put(low, window.map(w -> FieldText.of(w.low())).orElse(""));
        put(high, window.map(w -> FieldText.of(w.high())).orElse(""));
    }

    private String filled(Field field) {
        String text = text(field).get().strip();
        if (text.isEmpty()) {
            throw fault(field, "field.missing");
        }
        return text;
    }

    private Optional<Limits> window(Field low, Field high) {
        OptionalDouble from = number(low);
        OptionalDouble to = number(high);
        if (from.isPresent() && to.isPresent() && from.getAsDouble() > to.getAsDouble()) {
            throw fault(low, "field.order");
        }
        return from.isEmpty() && to.isEmpty() ? Optional.empty() : Optional.of(new Limits(from, to));
    }

    private OptionalDouble number(Field field) {
        return FieldText.number(text(field).get()).orElseThrow(() -> fault(field, "field.number"));
    }

    private OptionalDouble length(Field field) {
        return FieldText.clock(text(field).get()).orElseThrow(() -> fault(field, "field.clock"));
    }

    private OptionalInt whole(Field field) {
        OptionalDouble number = number(field);
        if (number.isPresent() && number.getAsDouble() != Math.rint(number.getAsDouble())) {
            throw fault(field, "field.whole");
        }
        return number.isPresent() ? OptionalInt.of((int) number.getAsDouble()) : OptionalInt.empty();
    }

    private IllegalArgumentException fault(Field field, String reason) {
        return new IllegalArgumentException(
                strings.say(reason, strings.say(field.key()), text(field).get()));
    }
}
