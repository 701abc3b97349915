package app.redlamp.media.kit;

import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.chain.kit.Seat;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.TreeMap;

/** Writes kits as JSON (docs/formats.md); {@link KitReader} reads them. Each carries the parts that it is made of. */
public final class KitFields {
    static final int FORMAT = 1;

    private KitFields() {}

    /** Writes all kits of a production into an object. */
    public static void write(Kits kits, ObjectNode node) {
        if (!kits.chosen().isEmpty()) {
            node.put("chosen", kits.chosen());
        }
        ObjectNode owned = node.putObject("owned");
        new TreeMap<>(kits.owned()).forEach(owned::put);
        node.putObject("guess")
                .put("size", kits.guess().size().id())
                .put("softness", kits.guess().softness().id())
                .put("quiet", kits.guess().quiet().id());
        ArrayNode all = node.putArray("sets");
        kits.all().forEach(k -> write(k, all.addObject()));
    }

    /** Writes all of a kit into an object. */
    public static void write(Kit kit, ObjectNode node) {
        node.put("format", FORMAT);
        node.put("id", kit.id()).put("name", kit.name());
        ArrayNode parts = node.putArray("parts");
        for (Gear part : kit.parts().keySet()) {
            GearFields.write(part, parts.addObject());
        }
        ArrayNode seats = node.putArray("seats");
        kit.seats().forEach(s -> seat(s, seats.addObject()));
        kit.box().ifPresent(b -> node.put("box", b.id()));
        ArrayNode extras = node.putArray("extras");
        kit.extras().forEach(e -> extras.add(e.id()));
        node.put("hub", kit.hub());
        node.put("compressionDb", kit.compressionDb());
    }

    private static void seat(Seat seat, ObjectNode node) {
        node.put("name", seat.name()).put("microphone", seat.microphone().id());
        seat.cable().ifPresent(c -> node.put("cable", c.id()));
        seat.booster().ifPresent(b -> node.put("booster", b.id()));
        node.put("gainDb", seat.gainDb());
        node.putObject("voice")
                .put("reading", seat.voice().reading().id())
                .put("loudest", seat.voice().loudest().id())
                .put("crestDb", seat.voice().crestDb());
        node.putObject("position")
                .put("distanceM", seat.position().distanceM())
                .put("angleDeg", seat.position().angleDeg())
                .put("sideDeg", seat.position().sideDeg())
                .put("raisedDeg", seat.position().raisedDeg());
        seat.popFilterM().ifPresent(m -> node.put("popFilterM", m));
    }
}
