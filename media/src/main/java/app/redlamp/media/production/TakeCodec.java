package app.redlamp.media.production;

import app.redlamp.core.planning.take.Delivery;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** Takes and deliveries in {@code production.json}, both ways (docs/formats.md). */
final class TakeCodec {
    private TakeCodec() {}

    static void write(Takes takes, ObjectNode node) {
        ArrayNode all = node.putArray("all");
        takes.all().forEach(t -> take(all.addObject(), t));
        ArrayNode deliveries = node.putArray("deliveries");
        takes.deliveries().forEach(d -> delivery(deliveries.addObject(), d));
    }

    private static void take(ObjectNode node, Take take) {
        node.put("file", take.file());
        node.put("piece", take.piece());
        take.recorded().ifPresent(at -> node.put("recorded", at.toString()));
        node.put("lengthS", take.lengthS());
        take.sha256().ifPresent(h -> node.put("sha256", h));
        take.card().ifPresent(c -> node.put("card", c));
        node.put("state", take.state().id());
        ArrayNode marks = node.putArray("marks");
        take.marks()
                .forEach(m -> marks.addObject()
                        .put("atS", m.atS())
                        .put("kind", m.kind())
                        .put("note", m.note()));
    }

    private static void delivery(ObjectNode node, Delivery delivery) {
        node.put("take", delivery.take());
        node.put("specification", delivery.specification());
        node.put("made", delivery.made().toString());
        ArrayNode files = node.putArray("files");
        delivery.files().forEach(files::add);
        node.put("gainDb", delivery.gainDb());
    }

    static Takes read(JsonObject o) throws IOException {
        List<Take> takes = new ArrayList<>();
        for (JsonObject take : o.objects("all")) {
            takes.add(take(take));
        }
        List<Delivery> deliveries = new ArrayList<>();
        for (JsonObject delivery : o.objects("deliveries")) {
            deliveries.add(new Delivery(
                    delivery.text("take"),
                    delivery.text("specification"),
                    LocalDateTime.parse(delivery.text("made")),
                    delivery.texts("files"),
                    delivery.number("gainDb")));
        }
        return new Takes(takes, deliveries);
    }

    private static Take take(JsonObject o) throws IOException {
        List<Mark> marks = new ArrayList<>();
        for (JsonObject mark : o.objects("marks")) {
            marks.add(new Mark(mark.number("atS"), mark.text("kind"), mark.text("note")));
        }
        return new Take(
                o.text("file"),
                o.text("piece"),
                o.optionalText("recorded").map(LocalDateTime::parse),
                o.number("lengthS"),
                o.optionalText("sha256"),
                o.optionalText("card"),
                marks,
                Named.of(Take.State.class, o, "state"));
    }
}
