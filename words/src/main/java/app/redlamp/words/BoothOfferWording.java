package app.redlamp.words;

import app.redlamp.core.acoustics.cabin.CabinChoice;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.spot.Wanted;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Says what a booth would bring beside cloth and wool, and what a decibel of it costs. */
public final class BoothOfferWording {
    /** Less is not told (ours): nobody hears it. */
    private static final double TOLD_DB = 1;

    private static final double KILO = 1000;

    private final Phrases phrases;
    private final Figures figures;

    public BoothOfferWording(Locale locale) {
        phrases = new Phrases("booths", locale);
        figures = new Figures(locale);
    }

    /** What is done: "as it is", "hung with what is advised", or the booth's name. */
    public String name(CabinChoice choice) {
        return switch (choice.way()) {
            case AS_IT_IS -> phrases.say("way.as-it-is");
            case TREATED -> phrases.say("way.treated");
            case CABIN ->
                phrases.say(
                        choice.fits() ? "way.booth" : "way.booth.too-large",
                        choice.cabin().orElseThrow().offer().name());
        };
    }

    /** A figure in whole numbers; a dash where there is none. */
    public String whole(OptionalDouble value) {
        return value.isPresent() ? figures.whole(value.getAsDouble()) : phrases.say("none");
    }

    /** What it costs; nothing for what is there. */
    public String price(CabinChoice choice) {
        return choice.way() == CabinChoice.Way.AS_IT_IS ? phrases.say("none") : figures.whole(choice.price());
    }

    /** "18 dB for 240 each"; a dash where it brings none. */
    public String noise(CabinChoice choice, CabinChoice now) {
        return bought(choice.quieterDb(now).orElse(0), choice.noisePrice(now));
    }

    /** The same of the room in the voice. */
    public String room(CabinChoice choice, CabinChoice now) {
        return bought(choice.voiceOverRoomDb() - now.voiceOverRoomDb(), choice.roomPrice(now));
    }

    private String bought(double db, OptionalDouble each) {
        if (each.isPresent()) {
            double price = each.getAsDouble();
            return phrases.say("bought", figures.whole(db), price < 10 ? figures.tenths(price) : figures.whole(price));
        }
        return db <= -TOLD_DB ? phrases.say("worse", figures.whole(-db)) : phrases.say("none");
    }

    /** "125", "2 k": an octave as sellers call it. */
    public String octave(int band) {
        double hz = OctaveLevels.nominalHz(band);
        return hz < KILO ? figures.whole(hz) : phrases.say("kilo", figures.whole(hz / KILO));
    }

    /** Minutes with the door shut; a dash where it stays fresh. */
    public String air(CabinChoice choice) {
        OptionalDouble minutes = choice.staleMinutes();
        return minutes.isPresent()
                ? phrases.say("minutes", figures.whole(minutes.getAsDouble()))
                : phrases.say("fresh");
    }

    /**
     * What all of it comes to, one or two sentences.
     *
     * @param choices the first of them as it is
     */
    public String verdict(List<CabinChoice> choices, Wanted wanted) {
        CabinChoice now = choices.get(0);
        if (now.noiseDbA().isEmpty()) {
            return phrases.say("verdict.unknown");
        }
        if (!now.isTooLoud(wanted)) {
            return phrases.say("verdict.quiet");
        }
        Optional<CabinChoice> enough = choices.stream()
                .filter(c -> c.way() == CabinChoice.Way.CABIN && c.fits())
                .filter(c -> !c.isTooLoud(wanted))
                .findFirst();
        String hours = phrases.say("verdict.hours", whole(now.quietHours()));
        String said = enough.isPresent()
                ? phrases.say("verdict.enough", name(enough.get()), figures.whole(wanted.noiseDbA()))
                : phrases.say("verdict.none", figures.whole(wanted.noiseDbA()));
        return now.quietHours().orElse(0) >= 1 ? hours + said : said;
    }
}
