package app.redlamp.media.room;

import app.redlamp.core.acoustics.outside.Barrier;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Texts;
import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What sounds outside a room, in its document (docs/formats.md). */
final class SourceCodec {
    private static final Codec<Barrier> BARRIER = Codec.of(o -> new Barrier(
            o.text("name", Barrier::name),
            o.number("massKgPerM2", Barrier::massKgPerM2),
            o.number("areaM2", Barrier::areaM2),
            o.number("gapPercent", Barrier::gapPercent)));

    private static final Codec<Hours> HOURS = Codec.of(o -> new Hours(
            set(o.list("days", Texts.named(DayOfWeek.class), h -> List.copyOf(h.days()))),
            o.as("from", Texts.TIME, Hours::from),
            o.as("to", Texts.TIME, Hours::to)));

    static final Codec<OutsideSource> SOURCE = Codec.of(o -> new OutsideSource(
            o.text("id", OutsideSource::id),
            o.text("name", OutsideSource::name),
            o.named("timbre", Timbre.class, OutsideSource::timbre),
            o.number("dbA", OutsideSource::dbA),
            o.number("distanceM", OutsideSource::distanceM),
            o.optional("barrier", BARRIER, OutsideSource::barrier),
            o.list("hours", HOURS, OutsideSource::hours)));

    private SourceCodec() {}

    private static Set<DayOfWeek> set(List<DayOfWeek> days) {
        Set<DayOfWeek> set = EnumSet.noneOf(DayOfWeek.class);
        set.addAll(days);
        return set;
    }
}
