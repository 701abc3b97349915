package app.redlamp.words;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.mail.Question;
import app.redlamp.core.units.Limits;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Says what a client asks for, figure by figure, and what has to be asked in return. */
public final class OrderWording {
    private static final double MINUTE_S = 60;

    private final Phrases phrases;
    private final Figures figures;

    public OrderWording(Locale locale) {
        phrases = new Phrases("plan", locale);
        figures = new Figures(locale);
    }

    public String name(Asked asked) {
        return phrases.say("asked." + asked.id());
    }

    /** What a specification asks for here, such as "−23 to −18 dBFS RMS". */
    public String value(Asked asked, Specification s) {
        DeliveryFormat f = s.format();
        return switch (asked) {
            case LOUDNESS ->
                s.loudness().map(l -> window(l.limits(), unit(l.measure()))).orElseGet(this::any);
            case PEAK -> window(s.peak().limits(), unit(s.peak().measure()));
            case NOISE_FLOOR -> highest(s.noiseFloorDbfs());
            case CODING -> coding(f.coding());
            case BIT_RATE ->
                f.bitRateKbps().isPresent()
                        ? phrases.say(
                                f.constantBitRate() ? "order.kbps.constant" : "order.kbps",
                                whole(f.bitRateKbps().getAsInt()))
                        : any();
            case SAMPLE_RATE -> phrases.say("order.khz", figures.kiloHertz(f.sampleRateHz()));
            case BIT_DEPTH ->
                f.bitDepth().isPresent()
                        ? phrases.say("order.bits", whole(f.bitDepth().getAsInt()))
                        : any();
            case CHANNELS -> channels(f);
            case HEAD -> seconds(s.headS());
            case TAIL -> seconds(s.tailS());
            case LONGEST ->
                s.longestS().isPresent()
                        ? phrases.say("order.minutes", whole(s.longestS().getAsDouble() / MINUTE_S))
                        : any();
        };
    }

    /** The file in one line, such as "MP3 192 kbit/s, 44.1 kHz, mono". */
    public String file(Specification s) {
        String detail = s.format().coding().hasBitRate()
                ? " " + value(Asked.BIT_RATE, s)
                : s.format().coding().lossless() ? " " + value(Asked.BIT_DEPTH, s) : "";
        return value(Asked.CODING, s) + detail + ", " + value(Asked.SAMPLE_RATE, s) + ", " + value(Asked.CHANNELS, s);
    }

    /** A question for the user to see, with what is assumed meanwhile. */
    public String question(Question question, Specification assumed) {
        return phrases.say("question." + lower(question.kind()), parts(question, assumed));
    }

    /** The same question for the client, a sentence of a mail. */
    public String mail(Question question, Specification assumed) {
        return phrases.say("ask." + lower(question.kind()), parts(question, assumed));
    }

    private Object[] parts(Question question, Specification assumed) {
        return new Object[] {
            name(question.asked()).toLowerCase(Locale.ROOT), question.words(), value(question.asked(), assumed)
        };
    }

    private String channels(DeliveryFormat f) {
        if (f.fewestChannels() == f.mostChannels()) {
            return phrases.say(f.mostChannels() == 1 ? "order.mono" : "order.stereo");
        }
        return phrases.say("order.either");
    }

    private String window(Limits limits, String unit) {
        if (limits.low().isPresent() && limits.high().isPresent()) {
            return phrases.say("order.between", plain(limits.low()), plain(limits.high()) + " " + unit);
        }
        return limits.high().isPresent()
                ? phrases.say("order.most", plain(limits.high()) + " " + unit)
                : phrases.say("order.least", plain(limits.low()) + " " + unit);
    }

    private String highest(OptionalDouble floor) {
        return floor.isPresent() ? phrases.say("order.most", plain(floor) + " " + phrases.say("order.floor")) : any();
    }

    private String seconds(Optional<Limits> limits) {
        return limits.map(l -> window(l, phrases.say("order.seconds"))).orElseGet(this::any);
    }

    private String unit(Enum<?> measure) {
        return phrases.say("order." + lower(measure));
    }

    private String coding(DeliveryFormat.Coding coding) {
        return phrases.say("coding." + lower(coding));
    }

    private String any() {
        return phrases.say("order.any");
    }

    /** Without a decimal that says nothing. */
    private String plain(OptionalDouble value) {
        double number = value.orElseThrow();
        return number == Math.rint(number) ? figures.whole(number) : figures.tenths(number);
    }

    private String whole(double value) {
        return figures.whole(value);
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
