package app.redlamp.media.card;

import app.redlamp.core.chain.Position;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.media.json.Named;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** Writes gain cards as JSON (docs/formats.md); {@link CardReader} reads them. */
public final class CardFields {
    private CardFields() {}

    /** Writes all cards of a production, and what was overruled, into an object. */
    public static void write(Cards cards, ObjectNode node) {
        ArrayNode all = node.putArray("cards");
        cards.cards().forEach(c -> write(c, all.addObject()));
        ArrayNode overrules = node.putArray("overruled");
        cards.overrules()
                .forEach(o -> overrules
                        .addObject()
                        .put("station", o.station().id())
                        .put("reason", o.reason())
                        .put("when", o.when().toString()));
    }

    private static void write(GainCard card, ObjectNode node) {
        node.put("id", card.id())
                .put("when", card.when().toString())
                .put("kit", card.kit())
                .put("voice", card.voice())
                .put("input", card.input().name())
                .put("simulated", card.input().simulated())
                .put("sampleRateHz", card.input().sampleRateHz())
                .put("bits", card.input().bits());
        ArrayNode knobs = node.putArray("knobs");
        for (GainCard.Knob knob : card.knobs()) {
            ObjectNode one = knobs.addObject().put("name", knob.name()).put("position", knob.position());
            knob.gainDb().ifPresent(db -> one.put("gainDb", db));
        }
        Position position = card.place().position();
        node.put("distanceM", position.distanceM())
                .put("angleDeg", position.angleDeg())
                .put("sideDeg", position.sideDeg())
                .put("raisedDeg", position.raisedDeg());
        card.place().popFilterM().ifPresent(m -> node.put("popFilterM", m));
        GainCard.Levels levels = card.levels();
        node.put("school", Named.id(levels.school()))
                .put("floorDbfs", levels.floorDbfs())
                .put("floorDbA", levels.floorDbA())
                .put("averageDbfs", levels.averageDbfs())
                .put("loudestPeakDbfs", levels.loudestPeakDbfs());
        levels.excitedPeakDbfs().ifPresent(db -> node.put("excitedPeakDbfs", db));
        numbers(levels.floorOctavesDbfs(), node.putArray("floorOctavesDbfs"));
        numbers(levels.voiceThirdsDb(), node.putArray("voiceThirdsDb"));
        card.photo().ifPresent(p -> node.put("photo", p));
        node.put("note", card.note());
    }

    private static void numbers(List<Double> numbers, ArrayNode into) {
        numbers.forEach(n -> into.add(Math.rint(n * 1000) / 1000));
    }
}
