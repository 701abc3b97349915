package app.redlamp.media.card;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.Texts;
import app.redlamp.media.kit.KitCodec;
import java.io.IOException;
import java.util.List;

/** Gain cards in {@code production.json} (docs/formats.md). */
public final class CardCodec {
    private static final Codec<GainCard.Knob> KNOB = Codec.of(o -> new GainCard.Knob(
            o.text("name", GainCard.Knob::name),
            o.text("position", GainCard.Knob::position),
            o.optionalNumber("gainDb", GainCard.Knob::gainDb)));

    private static final Codec<GainCard> CARD = Codec.of(o -> new GainCard(
            o.text("id", GainCard::id),
            o.as("when", Texts.MOMENT, GainCard::when),
            o.text("kit", GainCard::kit),
            o.text("voice", GainCard::voice),
            input(o.within(GainCard::input)),
            o.list("knobs", KNOB, GainCard::knobs),
            place(o.within(GainCard::place)),
            levels(o.within(GainCard::levels)),
            o.optionalText("photo", GainCard::photo),
            o.text("note", GainCard::note)));

    private static final Codec<Overrule> OVERRULE = Codec.of(o -> new Overrule(
            o.named("station", Overrule.Station.class, Overrule::station),
            o.text("reason", Overrule::reason),
            o.as("when", Texts.MOMENT, Overrule::when)));

    /** All cards of a production, and what was overruled. */
    public static final Codec<Cards> CARDS = Codec.of(
            o -> new Cards(o.list("cards", CARD, Cards::cards), o.list("overruled", OVERRULE, Cards::overrules)));

    private CardCodec() {}

    private static GainCard.Input input(Fields<GainCard.Input> o) throws IOException {
        return new GainCard.Input(
                o.text("input", GainCard.Input::name),
                o.flag("simulated", GainCard.Input::simulated),
                o.integer("sampleRateHz", GainCard.Input::sampleRateHz),
                o.integer("bits", GainCard.Input::bits));
    }

    private static GainCard.Place place(Fields<GainCard.Place> o) throws IOException {
        return new GainCard.Place(
                KitCodec.position(o.within(GainCard.Place::position)),
                o.optionalNumber("popFilterM", GainCard.Place::popFilterM));
    }

    private static GainCard.Levels levels(Fields<GainCard.Levels> o) throws IOException {
        return new GainCard.Levels(
                o.named("school", GainSchool.class, GainCard.Levels::school),
                o.number("floorDbfs", GainCard.Levels::floorDbfs),
                o.number("floorDbA", GainCard.Levels::floorDbA),
                o.number("averageDbfs", GainCard.Levels::averageDbfs),
                o.number("loudestPeakDbfs", GainCard.Levels::loudestPeakDbfs),
                o.optionalNumber("excitedPeakDbfs", GainCard.Levels::excitedPeakDbfs),
                o.numbers("floorOctavesDbfs", l -> rounded(l.floorOctavesDbfs())),
                o.numbers("voiceThirdsDb", l -> rounded(l.voiceThirdsDb())));
    }

    /** To the thousandth of a decibel. */
    private static List<Double> rounded(List<Double> decibels) {
        return decibels.stream().map(n -> Math.rint(n * 1000) / 1000).toList();
    }
}
