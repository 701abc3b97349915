package app.redlamp.words;

import app.redlamp.core.acoustics.decay.BandDecay;
import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.decay.Flutter;
import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.diary.NoiseGroup;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.chain.compare.Comparison;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Says in sentences what recordings of a room tell: claps, sentences before and after, whole nights. */
public final class ClapWording {
    private static final double MINUTE_S = 60;
    private static final double HOUR_S = 3600;

    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;
    private final RoomWording rooms;

    public ClapWording(Locale locale, Lengths lengths) {
        this.lengths = lengths;
        phrases = new Phrases("clap", locale);
        figures = new Figures(locale);
        rooms = new RoomWording(locale, lengths);
    }

    /** What the clap tells, one sentence. */
    public String verdict(Clap clap) {
        if (clap.middleS().isEmpty()) {
            return phrases.say("verdict.nothing");
        }
        String rings = figures.hundredths(clap.middleS().getAsDouble());
        String key =
                clap.flutter().isPresent() ? "verdict.flutter" : clap.twoSlopes() ? "verdict.two" : "verdict.plain";
        return phrases.say(key, rings);
    }

    /** A band's figures and how far they can be trusted. */
    public String band(int band, BandDecay decay) {
        if (decay.seconds().isEmpty()) {
            return phrases.say("band.none", rooms.band(band), figures.whole(decay.rangeDb()));
        }
        return phrases.say(
                decay.twoSlopes() ? "band.two" : "band",
                rooms.band(band),
                seconds(decay.edt()),
                seconds(decay.t20()),
                seconds(decay.t30()),
                trust(decay),
                figures.whole(decay.rangeDb()));
    }

    /** How far the best figure of a band can be trusted, in words. */
    public String trust(BandDecay decay) {
        return phrases.say("trust." + decay.trust().name().toLowerCase(Locale.ROOT));
    }

    private String seconds(OptionalDouble seconds) {
        return seconds.isPresent() ? figures.hundredths(seconds.getAsDouble()) : Figures.ABSENT;
    }

    /** What else there is to say: which clap, clipping, flutter, early reflections. */
    public List<String> notes(Clap clap, double speedMps) {
        List<String> notes = new ArrayList<>();
        if (clap.burst().count() > 1) {
            notes.add(phrases.say(
                    "note.several",
                    String.valueOf(clap.burst().count()),
                    String.valueOf(clap.burst().number())));
        }
        if (clap.burst().clipped()) {
            notes.add(phrases.say("note.clipped"));
        }
        clap.flutter()
                .ifPresent(f -> notes.add(
                        phrases.say("note.flutter", figures.tenths(f.periodMs()), lengths.say(f.spacingM(speedMps)))));
        for (EarlyEcho echo : clap.echoes()) {
            notes.add(phrases.say(
                    "note.echo",
                    figures.tenths(echo.delayMs()),
                    figures.whole(echo.levelDb()),
                    lengths.say(echo.pathDifferenceM(speedMps))));
        }
        return notes;
    }

    /** Which pair of drawn sides a flutter runs between; absent where none is so far apart. */
    public Optional<String> flutter(Flutter flutter, Room room) {
        return flutter.between(room)
                .map(face -> phrases.say(
                        "flutter.between",
                        rooms.face(face),
                        rooms.face(face.opposite()),
                        lengths.say(flutter.spacingM(room.air().speedMps()))));
    }

    /** What a measured echo comes off in the drawing: the reflection that is as late within a third of a millisecond. */
    public String echo(EarlyEcho echo, Room room, List<Reflection> drawn) {
        String what = echo.among(drawn).map(r -> rooms.off(room, r)).orElseGet(() -> phrases.say("echo.unknown"));
        return phrases.say(
                "echo",
                figures.tenths(echo.delayMs()),
                figures.whole(echo.levelDb()),
                lengths.say(echo.pathDifferenceM(room.air().speedMps())),
                what);
    }

    /** What changed from before to after, one sentence. */
    public String comparison(Comparison comparison) {
        List<String> parts = new ArrayList<>();
        comparison
                .heardLessNoiseDb()
                .ifPresent(db -> parts.add(phrases.say(
                        db > 0 ? "compare.less-noise" : "compare.more-noise", figures.whole(Math.abs(db)))));
        comparison.clearerDb().stream()
                .filter(db -> db != 0)
                .forEach(db -> parts.add(
                        phrases.say(db > 0 ? "compare.clearer" : "compare.less-clear", figures.whole(Math.abs(db)))));
        comparison
                .heardLessBoxDb()
                .ifPresent(db -> parts.add(phrases.say(
                        db > 0 ? "compare.less-box" : "compare.more-box",
                        figures.whole(Math.abs(db)),
                        figures.whole(comparison.before().boxHz().orElseThrow()))));
        return parts.isEmpty() ? phrases.say("compare.same") : phrases.say("compare", String.join(", ", parts));
    }

    /** What a night tells, one sentence. */
    public String diary(Diary diary) {
        String told = phrases.say(
                diary.events().isEmpty() ? "diary.quiet" : "diary",
                time(diary.durationS()),
                String.valueOf(diary.events().size() + diary.leftOut()),
                figures.whole(100 * diary.disturbed()));
        return diary.leftOut() > 0
                ? phrases.say("diary.left", told, String.valueOf(diary.events().size()))
                : told;
    }

    /** One thing that is heard in a night. */
    public String group(NoiseGroup group) {
        String kind = phrases.say("kind." + group.kind().id());
        String count = phrases.count("group", group.events().size());
        String rises = phrases.say("group.rises", kind, count, time(group.lengthS()), figures.whole(group.riseDb()));
        return group.periodS().isPresent()
                ? phrases.say("group.every", rises, time(group.periodS().getAsDouble()))
                : rises;
    }

    private String time(double seconds) {
        if (seconds < MINUTE_S) {
            return phrases.say("time.s", brief(seconds));
        }
        return seconds < 2 * HOUR_S
                ? phrases.say("time.min", brief(seconds / MINUTE_S))
                : phrases.say("time.h", figures.tenths(seconds / HOUR_S));
    }

    /** With a decimal below ten, where one figure says too little. */
    private String brief(double value) {
        return value < 9.95 ? figures.tenths(value) : figures.whole(value);
    }
}
