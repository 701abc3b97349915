package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.room.Boom;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.control.BandsView;
import app.redlamp.desktop.control.CurveView;
import app.redlamp.desktop.control.RoomPlan;
import app.redlamp.desktop.control.WeekView;
import app.redlamp.desktop.station.StationParts;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Makes the pictures of a study. */
final class RoomPictures {
    private static final double STRIP_M = 0.06;
    private static final double SOFT = 0.3;
    private static final double QUIETEST_RAY_DB = -45;
    private static final double FEET_M = 0.9144;
    private static final int MOST_NOTES = 6;
    private static final int SHORT_HOURS = 20;
    private static final List<Double> BASS_TICKS = List.of(60.0, 80.0, 100.0, 150.0, 200.0, 300.0);

    private final StationParts<RoomStation.Models> parts;

    RoomPictures(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
    }

    /** @param shown the room as it is dragged; the study may be a moment older */
    RoomPlan plan(Room shown, Study study) {
        List<RoomPlan.Shape> shapes = new ArrayList<>();
        shown.patches().stream().filter(p -> p.face() == Face.FLOOR).forEach(p -> shapes.add(shape(p, shown)));
        shown.furniture().forEach(f -> shapes.add(shape(f)));
        shown.patches().stream().filter(p -> p.face().isWall()).forEach(p -> shapes.add(shape(p, shown)));
        shown.patches().stream().filter(p -> p.face() == Face.CEILING).forEach(p -> shapes.add(shape(p, shown)));
        boolean imperial = parts.words().lengths().imperial();
        double scale = imperial ? FEET_M : 1;
        return new RoomPlan(
                shown.space().widthM(),
                shown.space().depthM(),
                shapes,
                rays(study),
                shown.mouth().x(),
                shown.mouth().y(),
                shown.microphone().x(),
                shown.microphone().y(),
                PlanIds.READER,
                PlanIds.MICROPHONE,
                notes(study),
                parts.words().lengths().say(scale),
                scale);
    }

    private static RoomPlan.Shape shape(Furniture f) {
        boolean soft = f.material().absorption().at(SixBands.MIDDLE) > SOFT;
        return new RoomPlan.Shape(
                f.id(),
                f.material().name(),
                soft ? RoomPlan.Look.SOFT_THING : RoomPlan.Look.THING,
                f.x(),
                f.y(),
                f.widthM(),
                f.depthM());
    }

    private static RoomPlan.Shape shape(Patch p, Room room) {
        double thick = p.material().ware().map(Material.Ware::thicknessM).orElse(STRIP_M);
        RoomPlan.Look look = look(p);
        String name = p.material().name();
        return switch (p.face()) {
            case FLOOR, CEILING -> new RoomPlan.Shape(p.id(), name, look, p.u(), p.v(), p.widthM(), p.heightM());
            case FRONT -> new RoomPlan.Shape(p.id(), name, look, p.u(), 0, p.widthM(), thick);
            case BACK ->
                new RoomPlan.Shape(p.id(), name, look, p.u(), room.space().depthM() - thick, p.widthM(), thick);
            case LEFT -> new RoomPlan.Shape(p.id(), name, look, 0, p.u(), thick, p.widthM());
            case RIGHT ->
                new RoomPlan.Shape(p.id(), name, look, room.space().widthM() - thick, p.u(), thick, p.widthM());
        };
    }

    private static RoomPlan.Look look(Patch p) {
        if (p.face() == Face.CEILING) {
            return RoomPlan.Look.OVERHEAD;
        }
        if (p.face() == Face.FLOOR) {
            return RoomPlan.Look.RUG;
        }
        if (p.material().use() != Material.Use.OPENING) {
            return RoomPlan.Look.TREATMENT;
        }
        return p.v() < 0.2 ? RoomPlan.Look.DOOR : RoomPlan.Look.WINDOW;
    }

    private List<RoomPlan.Ray> rays(Study study) {
        List<RoomPlan.Ray> rays = new ArrayList<>();
        for (Reflection r : study.reflections()) {
            boolean flat = r.face().isWall() || r.thing().isPresent();
            if (flat && r.levelDb() > QUIETEST_RAY_DB) {
                rays.add(new RoomPlan.Ray(
                        r.point().x(),
                        r.point().y(),
                        parts.strings()
                                .say(
                                        "plan.ray",
                                        parts.bench().figures().tenths(r.delayMs()),
                                        parts.bench().figures().whole(r.levelDb())),
                        r.levelDb() > Reflection.HEARD_DB,
                        Math.max(0, 1 + r.levelDb() / -QUIETEST_RAY_DB)));
            }
        }
        return rays;
    }

    private List<RoomPlan.Note> notes(Study study) {
        List<RoomPlan.Note> notes = new ArrayList<>();
        List<OutsideSource> sources = study.spot().sources();
        for (int i = 0; i < Math.min(MOST_NOTES, sources.size()); i++) {
            OutsideSource s = sources.get(i);
            double level = study.week().orElseThrow().shares().get(i).dbA();
            notes.add(new RoomPlan.Note(
                    s.name(), shortHours(s), here(level), level > study.wanted().noiseDbA()));
        }
        return notes;
    }

    /** What is heard of a noise; nobody hears less than 5 dB(A). */
    String here(double level) {
        return level < 5
                ? parts.strings().say("plan.here.nothing")
                : parts.strings().say("plan.here", parts.bench().figures().whole(level));
    }

    /** The hours where there is little room: many single days are counted. */
    private String shortHours(OutsideSource source) {
        String all = hours(source);
        return all.length() <= SHORT_HOURS
                ? all
                : parts.strings()
                        .say(
                                "hours.days",
                                source.hours().get(0).from(),
                                source.hours().get(0).to(),
                                source.hours().get(0).days().size());
    }

    /** "04:00–08:00, Mon–Sat"; "always". */
    String hours(OutsideSource source) {
        if (source.hours().isEmpty()) {
            return parts.strings().say("hours.never");
        }
        Hours first = source.hours().get(0);
        if (first.equals(Hours.always())) {
            return parts.strings().say("hours.always");
        }
        String more = source.hours().size() > 1
                ? parts.strings().say("hours.more", source.hours().size() - 1)
                : "";
        return parts.strings().say("hours.from", first.from(), first.to(), days(first.days())) + more;
    }

    /** "daily", "Mon–Sat", or the days one by one. */
    String days(Set<DayOfWeek> days) {
        if (days.size() == DayOfWeek.values().length) {
            return parts.strings().say("hours.daily");
        }
        DayOfWeek first = EnumSet.copyOf(days).iterator().next();
        DayOfWeek last = first.plus(days.size() - 1L);
        boolean run = first.getValue() + days.size() - 1 <= 7 && days.equals(EnumSet.range(first, last));
        if (run && days.size() > 2) {
            return day(first) + "–" + day(last);
        }
        return String.join(" ", days.stream().sorted().map(this::day).toList());
    }

    String day(DayOfWeek day) {
        return day.getDisplayName(TextStyle.SHORT, parts.strings().locale());
    }

    BandsView.Bands bands(Study study, Optional<Study> before) {
        List<String> names = new ArrayList<>();
        List<Double> now = new ArrayList<>();
        List<Double> was = new ArrayList<>();
        List<Double> most = new ArrayList<>();
        List<String> words = new ArrayList<>();
        List<Boolean> faint = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            names.add(shortName(b));
            now.add(study.decay().seconds().at(b));
            int band = b;
            before.filter(s -> !s.decay().equals(study.decay()))
                    .ifPresent(s -> was.add(s.decay().seconds().at(band)));
            most.add(study.wanted().decays().at(b));
            words.add(parts.bench().figures().hundredths(study.decay().seconds().at(b)));
            faint.add(study.decay().modal(b));
        }
        return new BandsView.Bands(names, now, was, most, words, faint);
    }

    static String shortName(int band) {
        double hz = SixBands.centreHz(band);
        return hz >= 1000 ? Math.round(hz / 1000) + "k" : String.valueOf(Math.round(hz));
    }

    CurveView.Curves bass(Study study, Optional<Study> before) {
        List<CurveView.Mark> marks = study.bass().booms().stream()
                .limit(2)
                .map(this::mark)
                .sorted(java.util.Comparator.comparingDouble(CurveView.Mark::hz))
                .toList();
        List<CurveView.Curve> lines = new ArrayList<>();
        before.filter(s -> !s.bass().equals(study.bass()))
                .ifPresent(s -> lines.add(new CurveView.Curve(
                        CurveView.Look.BEFORE,
                        s.bass().frequenciesHz(),
                        s.bass().colourDb())));
        lines.add(new CurveView.Curve(
                CurveView.Look.NOW, study.bass().frequenciesHz(), study.bass().colourDb()));
        return new CurveView.Curves(lines, BASS_TICKS, -22, 20, marks);
    }

    private CurveView.Mark mark(Boom boom) {
        return new CurveView.Mark(
                boom.frequencyHz(),
                boom.liftDb(),
                parts.strings()
                        .say(
                                "bass.mark",
                                parts.bench().figures().whole(boom.frequencyHz()),
                                parts.bench().figures().whole(boom.excessDb())),
                boom.excessDb() >= Study.BOOM_DB);
    }

    WeekView.Week week(Study study) {
        WeekNoise week = study.week().orElseThrow();
        List<String> days = new ArrayList<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            days.add(day(day));
        }
        double low = week.quietest();
        double span = Math.max(12, week.loudest() - low);
        List<Double> steps = week.dbA().stream().map(db -> (db - low) / span).toList();
        List<WeekView.Frame> frames = parts.models().quiet().stretches().stream()
                .map(q -> new WeekView.Frame(
                        q.day().getValue() - 1,
                        q.from().toSecondOfDay() / 60 / WeekNoise.SLOT_MIN,
                        q.to().toSecondOfDay() == 0
                                ? WeekNoise.SLOTS_A_DAY
                                : q.to().toSecondOfDay() / 60 / WeekNoise.SLOT_MIN))
                .toList();
        return new WeekView.Week(days, steps, frames);
    }
}
