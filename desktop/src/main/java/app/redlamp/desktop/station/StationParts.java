package app.redlamp.desktop.station;

import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Words;

/**
 * What every part of a station's bench needs.
 *
 * @param <M> the models that the station works with
 * @param context of the station
 * @param models of the station
 * @param bench small things that every bench is made of
 */
public record StationParts<M>(StationContext context, M models, Parts bench) {

    public static <M> StationParts<M> of(StationContext context, M models) {
        return new StationParts<>(
                context, models, Parts.of(context.strings(), context.strings().locale()));
    }

    public Strings strings() {
        return context.strings();
    }

    public String say(String key, Object... values) {
        return context.strings().say(key, values);
    }

    /** All wordings, with lengths as they are said now. */
    public Words words() {
        return context.units().words().get();
    }

    public Doors doors() {
        return context.doors();
    }
}
