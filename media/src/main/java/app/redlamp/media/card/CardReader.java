package app.redlamp.media.card;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Position;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** Makes gain cards of their document. */
public final class CardReader {
    private CardReader() {}

    /** @throws IOException where they are none; one line */
    public static Cards cards(JsonObject o) throws IOException {
        List<GainCard> cards = new ArrayList<>();
        for (JsonObject one : o.objects("cards")) {
            cards.add(card(one));
        }
        List<Overrule> overrules = new ArrayList<>();
        for (JsonObject one : o.objects("overruled")) {
            overrules.add(new Overrule(
                    Named.of(Overrule.Station.class, one, "station"),
                    one.text("reason"),
                    LocalDateTime.parse(one.text("when"))));
        }
        return new Cards(cards, overrules);
    }

    private static GainCard card(JsonObject o) throws IOException {
        List<GainCard.Knob> knobs = new ArrayList<>();
        for (JsonObject one : o.objects("knobs")) {
            knobs.add(new GainCard.Knob(one.text("name"), one.text("position"), one.optionalNumber("gainDb")));
        }
        Position position =
                new Position(o.number("distanceM"), o.number("angleDeg"), o.number("sideDeg"), o.number("raisedDeg"));
        return new GainCard(
                o.text("id"),
                LocalDateTime.parse(o.text("when")),
                o.text("kit"),
                o.text("voice"),
                new GainCard.Input(o.text("input"), o.flag("simulated"), o.integer("sampleRateHz"), o.integer("bits")),
                knobs,
                new GainCard.Place(position, o.optionalNumber("popFilterM")),
                new GainCard.Levels(
                        Named.of(GainSchool.class, o, "school"),
                        o.number("floorDbfs"),
                        o.number("floorDbA"),
                        o.number("averageDbfs"),
                        o.number("loudestPeakDbfs"),
                        o.optionalNumber("excitedPeakDbfs"),
                        o.numbers("floorOctavesDbfs"),
                        o.numbers("voiceThirdsDb")),
                o.optionalText("photo"),
                o.text("note"));
    }
}
