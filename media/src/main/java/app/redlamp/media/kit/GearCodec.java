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
import app.redlamp.core.chain.kit.HeadphoneOutput;
import app.redlamp.core.chain.kit.Headphones;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Price;
import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;

/** Parts in their documents (docs/formats.md). */
final class GearCodec {
    private static final Codec<Preamp> PREAMP = Codec.of(o -> new Preamp(
            o.number("minGainDb", Preamp::minGainDb),
            o.number("maxGainDb", Preamp::maxGainDb),
            o.number("einDbu", Preamp::einDbu),
            o.number("strainDb", Preamp::strainDb),
            o.number("maxInputDbu", Preamp::maxInputDbu),
            o.number("inputOhm", Preamp::inputOhm)));

    private static final Codec<Converter> CONVERTER = Codec.of(o ->
            new Converter(o.integer("bits", Converter::bits), o.number("dynamicRangeDbA", Converter::dynamicRangeDbA)));

    private static final Codec<Capsule> CAPSULE = Codec.of(o -> new Capsule(
            o.named("pattern", Pattern.class, Capsule::pattern),
            o.number("sensitivityMvPerPa", Capsule::sensitivityMvPerPa),
            o.optionalNumber("selfNoiseDbA", Capsule::selfNoiseDbA),
            o.number("maxSplDb", Capsule::maxSplDb),
            o.number("outputOhm", Capsule::outputOhm),
            o.optionalNumber("evenAtM", Capsule::evenAtM)));

    private static final Codec<HeadphoneOutput> HEADPHONE_OUT = Codec.of(
            o -> new HeadphoneOutput(o.number("volts", HeadphoneOutput::volts), o.number("ohm", HeadphoneOutput::ohm)));

    private static final Codec<Headphones> HEADPHONES = Codec.of(o ->
            new Headphones(o.number("ohm", Headphones::ohm), o.number("dbPerMilliwatt", Headphones::dbPerMilliwatt)));

    private static final Codec<Microphone.Inside> INSIDE = Codec.of(o -> new Microphone.Inside(
            o.object("preamp", PREAMP, Microphone.Inside::preamp),
            o.object("converter", CONVERTER, Microphone.Inside::converter),
            o.flag("headphones", Microphone.Inside::headphones),
            o.optional("headphoneOut", HEADPHONE_OUT, Microphone.Inside::headphoneOut),
            o.flag("automatic", Microphone.Inside::automatic)));

    private static final Codec<Price> PRICE =
            Codec.of(o -> new Price(o.number("new", Price::fresh), o.optionalNumber("used", Price::used)));

    private static final List<Type<?>> TYPES = List.of(
            new Type<>("microphone", Microphone.class, GearCodec::microphone),
            new Type<>("interface", AudioInterface.class, GearCodec::box),
            new Type<>("booster", BoosterPart.class, GearCodec::booster),
            new Type<>("cable", Cable.class, GearCodec::cable),
            new Type<>("extra", Extra.class, GearCodec::extra));

    /** A part of any type. */
    static final Codec<Gear> GEAR = Codec.of(GearCodec::gear);

    private GearCodec() {}

    /** A type of part: its name, its class and its fields. */
    private record Type<G extends Gear>(String name, Class<G> type, Codec.Shape<G> shape) {
        Gear of(Fields<Gear> fields) throws IOException {
            return shape.of(fields.within(type::cast));
        }
    }

    /** The fields of a part, which may be among others. */
    static Gear gear(Fields<Gear> o) throws IOException {
        String name = o.text(
                "type",
                g -> TYPES.stream()
                        .filter(t -> t.type().isInstance(g))
                        .findFirst()
                        .orElseThrow()
                        .name());
        for (Type<?> type : TYPES) {
            if (type.name().equals(name)) {
                return type.of(o);
            }
        }
        throw o.fault(
                "type",
                Faults.say(
                        "gear-codec.type-must",
                        Reason.shown(name),
                        TYPES.stream().map(Type::name).collect(Collectors.joining(", "))));
    }

    private static Microphone microphone(Fields<Microphone> o) throws IOException {
        return new Microphone(
                id(o),
                name(o),
                o.named("kind", Microphone.Kind.class, Microphone::kind),
                o.object("capsule", CAPSULE, Microphone::capsule),
                o.named("address", Microphone.Address.class, Microphone::address),
                o.named("plug", Plug.class, Microphone::plug),
                o.named("power", Microphone.Power.class, Microphone::power),
                o.optional("inside", INSIDE, Microphone::inside),
                o.number("diaphragmMm", m -> millimetres(m.diaphragmM())) / 1000,
                o.number("weightKg", Microphone::weightKg),
                price(o),
                note(o));
    }

    /** To the thousandth, so that what is read is what was written. */
    private static double millimetres(double metres) {
        return Math.rint(metres * 1e6) / 1e3;
    }

    private static AudioInterface box(Fields<AudioInterface> o) throws IOException {
        return new AudioInterface(
                id(o),
                name(o),
                o.named("form", AudioInterface.Form.class, AudioInterface::form),
                o.integer("inputs", AudioInterface::inputs),
                o.named("socket", Plug.class, AudioInterface::socket),
                o.object("preamp", PREAMP, AudioInterface::preamp),
                o.object("converter", CONVERTER, AudioInterface::converter),
                o.flag("phantom", AudioInterface::phantom),
                o.integer("tracks", AudioInterface::tracks),
                o.integer("headphoneOutputs", AudioInterface::headphoneOutputs),
                o.optional("headphoneOut", HEADPHONE_OUT, AudioInterface::headphoneOut),
                o.flag("directMonitoring", AudioInterface::directMonitoring),
                o.integer("busMilliamps", AudioInterface::busMilliamps),
                price(o),
                note(o));
    }

    private static BoosterPart booster(Fields<BoosterPart> o) throws IOException {
        Fields<Booster> b = o.within(BoosterPart::booster);
        return new BoosterPart(
                id(o),
                name(o),
                new Booster(
                        b.number("gainDb", Booster::gainDb),
                        b.number("einDbu", Booster::einDbu),
                        b.number("maxOutputDbu", Booster::maxOutputDbu)),
                price(o),
                note(o));
    }

    private static Cable cable(Fields<Cable> o) throws IOException {
        return new Cable(
                id(o),
                name(o),
                o.named("from", Plug.class, Cable::from),
                o.named("to", Plug.class, Cable::to),
                o.number("lengthM", Cable::lengthM),
                price(o),
                note(o));
    }

    private static Extra extra(Fields<Extra> o) throws IOException {
        return new Extra(
                id(o),
                name(o),
                o.named("use", Extra.Use.class, Extra::use),
                o.optionalNumber("reachM", Extra::reachM),
                o.optionalNumber("holdsKg", Extra::holdsKg),
                o.integer("outputs", 0, Extra::outputs),
                o.optional("headphones", HEADPHONES, Extra::headphones),
                o.optional("drive", HEADPHONE_OUT, Extra::drive),
                price(o),
                note(o));
    }

    private static String id(Fields<? extends Gear> o) throws IOException {
        return o.text("id", Gear::id);
    }

    private static String name(Fields<? extends Gear> o) throws IOException {
        return o.text("name", Gear::name);
    }

    private static Price price(Fields<? extends Gear> o) throws IOException {
        return o.object("price", PRICE, Gear::price);
    }

    private static String note(Fields<? extends Gear> o) throws IOException {
        return o.text("note", "", Gear::note);
    }
}
