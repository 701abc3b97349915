package app.redlamp.media.library;

import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.SetLimits;
import app.redlamp.core.delivery.spec.SoundLimits;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.TimeLimits;
import app.redlamp.core.units.Limits;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.Texts;
import java.io.IOException;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/** Specifications in their documents (docs/formats.md). Fields that are not known are refused: no limit may vanish. */
public final class SpecificationCodec {
    private static final int FORMAT = 1;

    private static final Codec<LoudnessTarget> LOUDNESS = Codec.strict(o -> new LoudnessTarget(
            o.named("measure", LoudnessTarget.Measure.class, LoudnessTarget::measure),
            Limits.between(
                    o.number("low", l -> l.limits().low().orElseThrow()),
                    o.number("high", l -> l.limits().high().orElseThrow()))));

    private static final Codec<PeakLimit> PEAK = Codec.strict(o -> new PeakLimit(
            o.named("measure", PeakLimit.Measure.class, PeakLimit::measure),
            o.optionalNumber("lowest", PeakLimit::lowest),
            o.number("highest", PeakLimit::highest)));

    private static final Codec<Limits> WINDOW =
            Codec.strict(o -> new Limits(o.optionalNumber("low", Limits::low), o.optionalNumber("high", Limits::high)));

    private static final Codec<SetLimits> BETWEEN_FILES = Codec.strict(o -> new SetLimits(
            o.optionalNumber("loudnessDb", SetLimits::loudnessDb),
            o.optionalNumber("noiseFloorDb", SetLimits::noiseFloorDb),
            o.optionalNumber("toneDb", SetLimits::toneDb)));

    private static final Codec<Naming.Part> PART = Codec.strict(o -> new Naming.Part(
            o.text("name", Naming.Part::name),
            o.text("pattern", Naming.Part::pattern),
            o.optionalNumber("longestS", Naming.Part::longestS)));

    private static final Codec<Naming> FILES = Codec.strict(o -> new Naming(
            o.optionalText("pattern", Naming::pattern),
            o.texts("tags", Naming::tags),
            o.list("parts", PART, Naming::parts)));

    private static final Codec<DeliveryFormat> FILE = Codec.strict(o -> new DeliveryFormat(
            o.named("coding", DeliveryFormat.Coding.class, DeliveryFormat::coding),
            set(o.list(
                    "accepted",
                    Texts.named(DeliveryFormat.Coding.class),
                    f -> f.accepted().stream().sorted().toList())),
            o.integer("sampleRateHz", DeliveryFormat::sampleRateHz),
            o.optionalInteger("bitDepth", DeliveryFormat::bitDepth),
            o.optionalInteger("bitRateKbps", DeliveryFormat::bitRateKbps),
            o.flag("constantBitRate", DeliveryFormat::constantBitRate),
            o.flag("broadcast", DeliveryFormat::broadcast),
            o.integer("fewestChannels", DeliveryFormat::fewestChannels),
            o.integer("mostChannels", DeliveryFormat::mostChannels),
            o.flag("sameChannels", DeliveryFormat::sameChannels)));

    /** A specification. */
    public static final Codec<Specification> SPECIFICATION = Codec.strict(SpecificationCodec::specification);

    private SpecificationCodec() {}

    private static Specification specification(Fields<Specification> o) throws IOException {
        // First, for a newer format may have fields of which this version knows nothing.
        int format = o.integer("format", s -> FORMAT);
        if (format != FORMAT) {
            throw new IOException(Faults.say("specification-codec.format-this-version", format, FORMAT));
        }
        return new Specification(
                o.text("id", Specification::id),
                o.text("name", Specification::name),
                o.text("source", Specification::source),
                o.optional("loudness", LOUDNESS, Specification::loudness),
                o.object("peak", PEAK, Specification::peak),
                o.optionalNumber("noiseFloorDbfs", Specification::noiseFloorDbfs),
                time(o.within(Specification::time)),
                sound(o.within(Specification::sound)),
                o.object("betweenFiles", SetLimits.USUAL, BETWEEN_FILES, Specification::set),
                o.object("files", Naming.FREE, FILES, Specification::naming),
                o.object("file", FILE, Specification::format));
    }

    private static TimeLimits time(Fields<TimeLimits> o) throws IOException {
        return new TimeLimits(
                o.optional("headS", WINDOW, TimeLimits::headS),
                o.optional("tailS", WINDOW, TimeLimits::tailS),
                o.optionalNumber("longestS", TimeLimits::longestS),
                o.optionalNumber("totalS", TimeLimits::totalS));
    }

    private static SoundLimits sound(Fields<SoundLimits> o) throws IOException {
        return new SoundLimits(
                o.integer("clippedRuns", SoundLimits::clippedRuns),
                o.optionalNumber("shortTermLufs", SoundLimits::shortTermLufs),
                o.optionalNumber("rangeLu", SoundLimits::rangeLu),
                clarity(o),
                o.optional("bandHz", WINDOW, SoundLimits::bandHz),
                o.flag("unprocessed", SoundLimits::unprocessed));
    }

    /** Older documents ask for a decay: a narrator in a box room that rings so long has so much clarity. */
    private static OptionalDouble clarity(Fields<SoundLimits> o) throws IOException {
        OptionalDouble clarity = o.optionalNumber("clarityDb", SoundLimits::clarityDb);
        OptionalDouble decay = o.optionalNumber("decayS", s -> OptionalDouble.empty());
        if (clarity.isPresent() || decay.isEmpty()) {
            return clarity;
        }
        double seconds = decay.getAsDouble();
        if (!(seconds >= Wanted.SHORTEST_S && seconds <= Wanted.LONGEST_S)) {
            throw o.fault(
                    "decayS", Faults.say("specification-codec.decay", seconds, Wanted.SHORTEST_S, Wanted.LONGEST_S));
        }
        return OptionalDouble.of(Need.clarityFor(seconds));
    }

    private static Set<DeliveryFormat.Coding> set(List<DeliveryFormat.Coding> codings) {
        Set<DeliveryFormat.Coding> set = EnumSet.noneOf(DeliveryFormat.Coding.class);
        set.addAll(codings);
        return set;
    }
}
