package app.redlamp.media.production;

import app.redlamp.core.planning.take.Assemblies;
import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.Delivery;
import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Texts;

/** Takes, deliveries and joins in {@code production.json} (docs/formats.md). */
final class TakeCodec {
    private static final Codec<Mark> MARK = Codec.of(o -> new Mark(
            o.number("atS", Mark::atS),
            o.number("lengthS", 0, Mark::lengthS),
            o.text("kind", Mark::kind),
            o.text("note", Mark::note)));

    private static final Codec<Take> TAKE = Codec.of(o -> new Take(
            o.text("file", Take::file),
            o.text("piece", Take::piece),
            o.optional("recorded", Texts.MOMENT, Take::recorded),
            o.number("lengthS", Take::lengthS),
            o.optionalText("sha256", Take::sha256),
            o.optionalText("card", Take::card),
            o.list("marks", MARK, Take::marks),
            o.named("state", Take.State.class, Take::state)));

    private static final Codec<Delivery> DELIVERY = Codec.of(o -> new Delivery(
            o.text("take", Delivery::take),
            o.text("specification", Delivery::specification),
            o.as("made", Texts.MOMENT, Delivery::made),
            o.texts("files", Delivery::files),
            o.number("gainDb", Delivery::gainDb)));

    static final Codec<Takes> TAKES = Codec.of(
            o -> new Takes(o.list("all", TAKE, Takes::all), o.list("deliveries", DELIVERY, Takes::deliveries)));

    private static final Codec<Passage> PASSAGE = Codec.of(o -> new Passage(
            o.text("file", Passage::file),
            frame(o.number("from", p -> (double) p.from())),
            frame(o.number("to", p -> (double) p.to())),
            o.named("entry", JoinKind.class, Passage::entry),
            o.integer("fade", Passage::fade)));

    private static final Codec<Assembly> ASSEMBLY = Codec.of(o -> new Assembly(
            o.text("piece", Assembly::piece),
            o.list("passages", PASSAGE, Assembly::passages),
            o.texts("takes", Assembly::takes)));

    static final Codec<Assemblies> JOINS = Codec.of(o -> new Assemblies(o.list("all", ASSEMBLY, Assemblies::all)));

    private TakeCodec() {}

    /** Doubles hold every frame of ten thousand years exactly. */
    private static long frame(double number) {
        return (long) number;
    }
}
