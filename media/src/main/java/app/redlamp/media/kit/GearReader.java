package app.redlamp.media.kit;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Booster;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Price;
import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import java.io.IOException;
import java.util.Optional;

/** Makes a part of its document. */
final class GearReader {
    private final JsonObject o;

    private GearReader(JsonObject o) {
        this.o = o;
    }

    /** @throws IOException where it is no part; one line with the place and the reason */
    static Gear read(JsonObject document) throws IOException {
        try {
            return new GearReader(document).gear();
        } catch (IllegalArgumentException e) {
            throw new IOException(Faults.say("json.line-and-why", document.lineOf("id"), e.getMessage()), e);
        }
    }

    private Gear gear() throws IOException {
        return switch (o.text("type")) {
            case "microphone" -> microphone();
            case "interface" -> box();
            case "booster" ->
                new BoosterPart(
                        o.text("id"),
                        o.text("name"),
                        new Booster(o.number("gainDb"), o.number("einDbu"), o.number("maxOutputDbu")),
                        price(),
                        note());
            case "cable" ->
                new Cable(
                        o.text("id"),
                        o.text("name"),
                        Named.of(Plug.class, o, "from"),
                        Named.of(Plug.class, o, "to"),
                        o.number("lengthM"),
                        price(),
                        note());
            case "extra" ->
                new Extra(
                        o.text("id"),
                        o.text("name"),
                        Named.of(Extra.Use.class, o, "use"),
                        o.optionalNumber("reachM"),
                        o.optionalNumber("holdsKg"),
                        o.optionalInteger("outputs").orElse(0),
                        price(),
                        note());
            default ->
                throw new IOException(
                        Faults.say("gear-reader.line-type-must", o.lineOf("type"), Reason.shown(o.text("type"))));
        };
    }

    private Microphone microphone() throws IOException {
        JsonObject c = o.object("capsule");
        Optional<JsonObject> inside = o.optionalObject("inside");
        return new Microphone(
                o.text("id"),
                o.text("name"),
                Named.of(Microphone.Kind.class, o, "kind"),
                new Capsule(
                        Named.of(Pattern.class, c, "pattern"),
                        c.number("sensitivityMvPerPa"),
                        c.optionalNumber("selfNoiseDbA"),
                        c.number("maxSplDb"),
                        c.number("outputOhm"),
                        c.optionalNumber("evenAtM")),
                Named.of(Microphone.Address.class, o, "address"),
                Named.of(Plug.class, o, "plug"),
                Named.of(Microphone.Power.class, o, "power"),
                inside.isEmpty() ? Optional.empty() : Optional.of(inside(inside.get())),
                o.number("diaphragmMm") / 1000,
                o.number("weightKg"),
                price(),
                note());
    }

    private static Microphone.Inside inside(JsonObject i) throws IOException {
        return new Microphone.Inside(
                preamp(i.object("preamp")),
                converter(i.object("converter")),
                i.flag("headphones"),
                i.flag("automatic"));
    }

    private AudioInterface box() throws IOException {
        return new AudioInterface(
                o.text("id"),
                o.text("name"),
                Named.of(AudioInterface.Form.class, o, "form"),
                o.integer("inputs"),
                Named.of(Plug.class, o, "socket"),
                preamp(o.object("preamp")),
                converter(o.object("converter")),
                o.flag("phantom"),
                o.integer("tracks"),
                o.integer("headphoneOutputs"),
                o.flag("directMonitoring"),
                o.integer("busMilliamps"),
                price(),
                note());
    }

    private static Preamp preamp(JsonObject p) throws IOException {
        return new Preamp(
                p.number("minGainDb"),
                p.number("maxGainDb"),
                p.number("einDbu"),
                p.number("strainDb"),
                p.number("maxInputDbu"),
                p.number("inputOhm"));
    }

    private static Converter converter(JsonObject c) throws IOException {
        return new Converter(c.integer("bits"), c.number("dynamicRangeDbA"));
    }

    private Price price() throws IOException {
        JsonObject p = o.object("price");
        return new Price(p.number("new"), p.optionalNumber("used"));
    }

    private String note() throws IOException {
        return o.optionalText("note").orElse("");
    }
}
