package app.redlamp.media.production;

import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.Item;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.media.card.CardFields;
import app.redlamp.media.kit.KitFields;
import app.redlamp.media.library.SpecificationDocument;
import app.redlamp.media.room.SpotFields;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.time.DayOfWeek;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** Writes a production as a JSON tree; {@link ProductionReader} reads it. */
final class ProductionFields {
    /** 2: takes and deliveries. */
    static final int FORMAT = 2;

    private final ObjectMapper mapper;

    ProductionFields(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    /** @param scriptName name of the file in {@code script/} that holds the text; empty for none */
    ObjectNode of(Production production, String scriptName) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        node.put("format", FORMAT);
        node.put("id", production.id());
        node.set("brief", brief(production.brief()));
        node.set("order", order(production.order()));
        node.set("script", script(production, scriptName));
        node.set("effort", effort(production.effort()));
        node.set("time", time(production.time()));
        node.set("money", money(production.money()));
        ArrayNode spent = node.putArray("spent");
        production
                .spent()
                .forEach(s -> spent.addObject()
                        .put("day", s.day().toString())
                        .put("phase", s.phase().id())
                        .put("minutes", s.minutes()));
        rooms(node.putObject("rooms"), production.spots());
        KitFields.write(production.kits(), node.putObject("kits"));
        CardFields.write(production.cards(), node.putObject("setting"));
        TakeCodec.write(production.takes(), node.putObject("takes"));
        return node;
    }

    private static void rooms(ObjectNode node, Spots spots) {
        if (!spots.chosen().isEmpty()) {
            node.put("chosen", spots.chosen());
        }
        ArrayNode places = node.putArray("places");
        spots.all().forEach(s -> SpotFields.write(s, places.addObject()));
    }

    private ObjectNode brief(Brief brief) {
        ObjectNode node = mapper.createObjectNode();
        node.put("kind", brief.kind().id());
        node.put("title", brief.title());
        node.put("client", brief.client());
        node.put("start", brief.start().toString());
        brief.deadline().ifPresent(d -> node.put("deadline", d.toString()));
        node.put("pattern", brief.pattern());
        node.putObject("capture")
                .put("sampleRateHz", brief.capture().sampleRateHz())
                .put("bitDepth", brief.capture().bitDepth())
                .put("channels", brief.capture().channels());
        node.put("gain", brief.school().name().toLowerCase(Locale.ROOT));
        return node;
    }

    private ObjectNode order(Order order) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        node.set("specification", mapper.readTree(SpecificationDocument.write(order.specification())));
        node.set("basedOn", mapper.readTree(SpecificationDocument.write(order.basedOn())));
        ObjectNode quotes = node.putObject("quotes");
        for (Map.Entry<Asked, String> quote : new TreeMap<>(order.quotes()).entrySet()) {
            quotes.put(quote.getKey().id(), quote.getValue());
        }
        node.put("mail", order.mail());
        return node;
    }

    private ObjectNode script(Production production, String scriptName) {
        ObjectNode node = mapper.createObjectNode();
        if (!scriptName.isEmpty()) {
            node.put("text", scriptName);
        }
        ArrayNode pieces = node.putArray("pieces");
        for (Piece piece : production.pieces()) {
            ObjectNode one = pieces.addObject().put("title", piece.title());
            ArrayNode spans = one.putArray("blocks");
            piece.spans().forEach(s -> spans.addObject().put("from", s.from()).put("to", s.to()));
            piece.plannedS().ifPresent(s -> one.put("plannedS", s));
        }
        ArrayNode sayings = node.putArray("sayings");
        production
                .script()
                .sayings()
                .forEach(s -> sayings.addObject()
                        .put("term", s.term())
                        .put("said", s.said())
                        .put("note", s.note()));
        ArrayNode voices = node.putArray("voices");
        production
                .script()
                .voices()
                .forEach(v -> voices.addObject().put("name", v.name()).put("voice", v.voice()));
        return node;
    }

    private ObjectNode effort(WorkRatios effort) {
        return mapper.createObjectNode()
                .put("wordsPerMinute", effort.wordsPerMinute())
                .put("booth", effort.booth())
                .put("edit", effort.edit())
                .put("proof", effort.proof())
                .put("kept", effort.kept());
    }

    private ObjectNode time(WorkingTime time) {
        ObjectNode node = mapper.createObjectNode();
        ArrayNode quiet = node.putArray("quiet");
        for (Map.Entry<DayOfWeek, QuietHours> day : time.quiet().entrySet()) {
            quiet.addObject()
                    .put("day", day.getKey().name().toLowerCase(Locale.ROOT))
                    .put("from", day.getValue().from().toString())
                    .put("to", day.getValue().to().toString());
        }
        ArrayNode off = node.putArray("daysOff");
        time.daysOff().stream().sorted().forEach(d -> off.add(d.toString()));
        node.put("longestSessionMin", time.longestSessionMin());
        node.put("stretchMin", time.stretchMin());
        node.put("breakMin", time.breakMin());
        node.put("editMin", time.editMin());
        node.put("correctionDays", time.correctionDays());
        return node;
    }

    private ObjectNode money(Money money) {
        ObjectNode node = mapper.createObjectNode();
        node.put("currency", money.currency().getCurrencyCode());
        money.fee().ifPresent(f -> fee(node.putObject("fee"), f));
        // Amounts are texts, so that no reader of JSON makes 0.1 of them that is none.
        money.budget().ifPresent(b -> node.put("budget", b.toPlainString()));
        ArrayNode items = node.putArray("items");
        money.items().forEach(i -> item(items.addObject(), i));
        return node;
    }

    private static void fee(ObjectNode node, Fee fee) {
        node.put("basis", fee.basis().id());
        node.put("amount", fee.amount().toPlainString());
    }

    private static void item(ObjectNode node, Item item) {
        node.put("name", item.name());
        node.put("new", item.newPrice().toPlainString());
        item.usedPrice().ifPresent(p -> node.put("used", p.toPlainString()));
        node.put("standing", item.standing().name().toLowerCase(Locale.ROOT));
    }
}
