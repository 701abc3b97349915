package app.redlamp.media.production;

import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.take.Assemblies;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.media.card.CardCodec;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.kit.KitCodec;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.room.SpotCodec;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Currency;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** A production and its document. Fields that this version does not know are passed over; they survive a save. */
final class ProductionCodec {
    /** 2: takes and deliveries. */
    static final int FORMAT = 2;

    private static final Currency EURO = Currency.getInstance("EUR");

    /** Stands for a brief that a newer version has written in a way that this one cannot understand. */
    private static final Brief UNTITLED =
            Brief.of(JobKind.AUDIOBOOK, "?", "", LocalDate.of(2000, 1, 1), Optional.empty());

    private ProductionCodec() {}

    /** Whether a newer version has written it: then it is read to be looked at, as far as it can be understood. */
    static boolean newer(JsonObject document) throws IOException {
        return document.integer("format") > FORMAT;
    }

    /** Name of the file in {@code script/} that holds the text; absent where there is no script. */
    static Optional<String> scriptName(JsonObject document) throws IOException {
        if (newer(document)) {
            document.newer();
        }
        return document.part("script", () -> textName(document.object("script")), Optional.empty());
    }

    private static Optional<String> textName(JsonObject script) throws IOException {
        Optional<String> name = script.optionalText("text");
        return name.isEmpty() ? name : Optional.of(ScriptTextFile.checkedName(name.get()));
    }

    /**
     * A production.
     *
     * @param text the text of its script
     * @param file name of the file in {@code script/} that holds it, where one is written
     */
    static Codec<Production> production(ScriptText text, Optional<String> file) {
        return Codec.of(o -> production(o, ScriptCodec.script(text, file)));
    }

    private static Production production(Fields<Production> o, Codec<Script> script) throws IOException {
        boolean newer = o.integer("format", p -> FORMAT) > FORMAT;
        String id = o.text("id", Production::id);
        Brief brief = o.part("brief", () -> o.object("brief", BriefCodec.BRIEF, Production::brief), UNTITLED);
        Order usual = newer ? usualOrder(brief) : null;
        return new Production(
                id,
                brief,
                o.part("order", () -> o.object("order", BriefCodec.ORDER, Production::order), usual),
                o.part("script", () -> o.object("script", script, Production::script), Script.NONE),
                o.part("effort", () -> o.object("effort", PlanCodec.EFFORT, Production::effort), WorkRatios.USUAL),
                o.part("time", () -> o.object("time", PlanCodec.TIME, Production::time), WorkingTime.USUAL),
                o.part("money", () -> o.object("money", PlanCodec.MONEY, Production::money), Money.in(EURO)),
                o.part("spent", () -> o.list("spent", PlanCodec.SPENT, Production::spent), List.of()),
                // A document may be older than rooms, kits, gain cards, takes and joins are.
                lately(o, "rooms", Spots.NONE, SpotCodec.SPOTS, Production::spots),
                lately(o, "kits", Kits.NONE, KitCodec.KITS, Production::kits),
                lately(o, "setting", Cards.NONE, CardCodec.CARDS, Production::cards),
                lately(o, "takes", Takes.NONE, TakeCodec.TAKES, Production::takes),
                lately(o, "joins", Assemblies.NONE, TakeCodec.JOINS, Production::joins));
    }

    private static <V> V lately(Fields<Production> o, String name, V none, Codec<V> codec, Function<Production, V> get)
            throws IOException {
        return o.part(name, () -> o.object(name, none, codec, get), none);
    }

    private static Order usualOrder(Brief brief) {
        List<Specification> shipped = SpecificationLibrary.shippedOnly();
        return Order.of(shipped.stream()
                .filter(s -> s.id().equals(brief.kind().specificationId()))
                .findFirst()
                .orElse(shipped.get(0)));
    }
}
