package app.redlamp.words;

import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.outside.WhatIf;
import app.redlamp.core.acoustics.room.Boom;
import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.DrawnDecay;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.acoustics.spot.BassTrap;
import app.redlamp.core.acoustics.spot.Ranking;
import app.redlamp.core.acoustics.spot.RoomProblem;
import app.redlamp.core.acoustics.spot.RoomVerdict;
import app.redlamp.core.acoustics.spot.StaleAir;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Says in sentences what a place is like and what would help, for the screen and the command line alike. */
public final class RoomWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;
    private final Locale locale;

    public RoomWording(Locale locale, Lengths lengths) {
        this.locale = locale;
        this.lengths = lengths;
        phrases = new Phrases("room", locale);
        figures = new Figures(locale);
    }

    public Lengths lengths() {
        return lengths;
    }

    /** Where the place stands, one sentence. */
    public String verdict(Study study) {
        if (RoomVerdict.of(study).clear()) {
            return phrases.say(study.noiseDbA().isPresent() ? "verdict.fits" : "verdict.fits.unknown");
        }
        List<String> wrong = new ArrayList<>();
        Optional<Boom> boom = study.bass().worst().filter(b -> b.excessDb() >= Study.BOOM_DB);
        boom.ifPresent(b -> wrong.add(phrases.say("verdict.boom", figures.whole(b.frequencyHz()))));
        study.echoes().stream()
                .findFirst()
                .ifPresent(r ->
                        wrong.add(phrases.say("verdict.echo", off(study.spot().room(), r))));
        if (!study.quietEnough()) {
            wrong.add(
                    phrases.say("verdict.noise", figures.whole(study.noiseDbA().orElseThrow())));
        }
        String dead = dead(study);
        return wrong.isEmpty()
                ? dead + "."
                : phrases.say(study.deadFrom().isEmpty() ? "verdict.all" : "verdict.both", dead, joined(wrong));
    }

    private String dead(Study study) {
        Optional<Integer> from = study.deadFrom();
        if (from.isEmpty()) {
            return phrases.say("dead.not", seconds(study.decay().middleS()));
        }
        if (from.get() == 0) {
            return phrases.say("dead.all");
        }
        return phrases.say("dead.above", band(from.get() - 1));
    }

    private String joined(List<String> parts) {
        if (parts.size() == 1) {
            return parts.get(0);
        }
        String first = String.join(", ", parts.subList(0, parts.size() - 1));
        return phrases.say("and", first, parts.get(parts.size() - 1));
    }

    /** Name of a band: "125 Hz", "2 kHz". */
    public String band(int band) {
        double hz = SixBands.centreHz(band);
        return hz >= 1000 ? phrases.say("khz", figures.kiloHertz(hz)) : phrases.say("hz", figures.whole(hz));
    }

    public String seconds(double seconds) {
        return phrases.say("s", figures.hundredths(seconds));
    }

    /** How long it rings against what is wanted. */
    public String rings(Study study) {
        int worst = RoomVerdict.worstBand(study);
        return phrases.say(
                "rings",
                seconds(study.decay().seconds().at(worst)),
                band(worst),
                seconds(study.wanted().decays().at(worst)));
    }

    /** The loudest first reflection. */
    public String firstEcho(Study study) {
        return study.reflections().stream()
                .findFirst()
                .map(r -> phrases.say(
                        "echo", off(study.spot().room(), r), figures.tenths(r.delayMs()), figures.whole(r.levelDb())))
                .orElse(Figures.ABSENT);
    }

    /** A reflection with its path and the frequencies it takes away. */
    public String reflection(Room room, Reflection r) {
        List<Double> notches = r.notchesHz(3);
        return phrases.say(
                "reflection",
                off(room, r),
                lengths.say(r.pathM()),
                figures.tenths(r.delayMs()),
                figures.tenths(r.levelDb()),
                figures.whole(notches.get(0)),
                figures.whole(notches.get(1)),
                figures.whole(notches.get(2)),
                figures.tenths(-r.notchDb()));
    }

    /** What a reflection comes off: "the window", "the desk", "the left wall". */
    public String off(Room room, Reflection r) {
        Optional<String> thing = r.thing()
                .flatMap(id -> room.furniture().stream()
                        .filter(f -> f.id().equals(id))
                        .map(Furniture::material)
                        .findFirst())
                .map(m -> phrases.say("the", m.name()));
        return thing.orElseGet(() -> r.material().equals(room.surfaces().get(r.face()))
                ? face(r.face())
                : phrases.say("off.face", r.material().name(), face(r.face())));
    }

    public String face(Face face) {
        return phrases.say("face." + face.id());
    }

    public String boom(Study study) {
        return study.bass()
                .worst()
                .map(b -> phrases.say(
                        "boom",
                        figures.whole(b.frequencyHz()),
                        figures.whole(b.excessDb()),
                        phrases.say("mode." + b.mode().kind().name().toLowerCase(Locale.ROOT))))
                .orElseGet(() -> phrases.say("boom.none"));
    }

    /** How much of what is heard is the voice itself. */
    public String direct(Study study) {
        return phrases.say(
                "direct",
                figures.signed(study.direct().speechDb()),
                lengths.say(study.spot().room().distanceM()),
                lengths.say(study.direct().criticalM()));
    }

    /** Noise in the quietest hour, against what the job lets pass. */
    public String noise(Study study) {
        if (study.noiseDbA().isEmpty()) {
            return phrases.say("noise.unknown");
        }
        String level = figures.whole(study.noiseDbA().getAsDouble());
        String most = figures.whole(study.wanted().noiseDbA());
        if (study.spot().noiseDbA().isPresent()) {
            return phrases.say("noise.measured", level, most);
        }
        return phrases.say(
                "noise",
                level,
                figures.whole(study.week().map(WeekNoise::loudest).orElse(0.0)),
                most);
    }

    /** Which formula counts at 500 Hz, and why. */
    public String trust(Study study) {
        DrawnDecay.Trust trust = study.decay().trust().get(SixBands.MIDDLE);
        String why = phrases.say(
                "trust." + trust.name().toLowerCase(Locale.ROOT),
                figures.hundredths(study.decay().meanAbsorption().at(SixBands.MIDDLE)));
        return phrases.say("trust", why, figures.whole(study.decay().schroederHz()));
    }

    /** Where to go, and what it brings. */
    public String move(Boominess.Move move) {
        return phrases.say("move", way(move.by()));
    }

    public String moveDetail(Boominess.Move move) {
        return phrases.say("move.detail", figures.whole(move.nowDb()), figures.whole(move.thenDb()));
    }

    /** Thick absorption in a corner. */
    public String trap(BassTrap trap) {
        return phrases.say(
                trap.pieces() == 1 ? "trap.one" : "trap.many",
                trap.patch().material().name(),
                face(trap.patch().face()),
                String.valueOf(trap.pieces()));
    }

    public String trapDetail(BassTrap trap) {
        return phrases.say("trap.detail", figures.whole(trap.nowDb()), figures.whole(trap.thenDb()));
    }

    /** "30 cm towards the back wall", or two of these. */
    private String way(Point by) {
        List<String> ways = new ArrayList<>();
        if (Math.abs(by.x()) > 0.01) {
            ways.add(phrases.say("towards", lengths.say(Math.abs(by.x())), face(by.x() > 0 ? Face.RIGHT : Face.LEFT)));
        }
        if (Math.abs(by.y()) > 0.01) {
            ways.add(phrases.say("towards", lengths.say(Math.abs(by.y())), face(by.y() > 0 ? Face.BACK : Face.FRONT)));
        }
        return joined(ways);
    }

    /** One piece of treatment and its place. */
    public String step(TreatmentStep step) {
        return phrases.say(
                step.pieces() == 1 ? "step.one" : "step.many",
                step.patch().material().name(),
                face(step.patch().face()),
                String.valueOf(step.pieces()));
    }

    /** What it does to the decay, to the echo, and whether it leaves the bass. */
    public String stepDetail(TreatmentStep step) {
        int band = step.bestBand();
        String detail = phrases.say(
                "step.detail",
                band(band),
                seconds(step.before().at(band)),
                seconds(step.after().at(band)));
        if (step.treatsEcho()) {
            detail = phrases.say(
                    "step.echo", detail, figures.whole(step.echoBeforeDb()), figures.whole(step.echoAfterDb()));
        }
        return step.leavesBass() ? phrases.say("step.bass", detail, band(0)) : detail;
    }

    /** A change against the loudest noise. */
    public String whatIf(WhatIf change, List<OutsideSource> sources) {
        String name = sources.stream()
                .filter(s -> s.id().equals(change.source()))
                .map(OutsideSource::name)
                .findFirst()
                .orElse("");
        return phrases.say("what-if." + key(change.kind()), name);
    }

    public String whatIfDetail(WhatIf change) {
        return phrases.say("what-if.detail", figures.tenths(change.gainDb()));
    }

    /** How long whoever is in a room can stay behind a closed door, and how warm it gets. */
    public String air(StaleAir air) {
        OptionalDouble stuffy = air.minutesTo(StaleAir.STUFFY_PPM);
        OptionalDouble stale = air.minutesTo(StaleAir.STALE_PPM);
        double rise = air.riseK(60);
        String persons = phrases.count("air", air.persons());
        String warm = phrases.say(
                lengths.imperial() ? "air.warmer.imperial" : "air.warmer",
                figures.whole(lengths.imperial() ? 1.8 * rise : rise));
        if (stuffy.isEmpty()) {
            return phrases.say("air.fresh", persons, warm);
        }
        String minutes = figures.whole(stuffy.getAsDouble());
        return stale.isPresent()
                ? phrases.say("air.stale", persons, minutes, figures.whole(stale.getAsDouble()), warm)
                : phrases.say("air.stuffy", persons, minutes, warm);
    }

    /** A quiet stretch of a day. */
    public String quiet(WeekNoise.Quiet quiet) {
        return phrases.say(
                "quiet",
                quiet.day().getDisplayName(TextStyle.SHORT, locale),
                quiet.from(),
                quiet.to(),
                figures.whole(quiet.dbA()));
    }

    /** Size of a room: "2.40 × 1.90 × 2.45 m". */
    public String size(Space space) {
        if (lengths.imperial()) {
            return phrases.say(
                    "size", lengths.say(space.widthM()), lengths.say(space.depthM()), lengths.say(space.heightM()));
        }
        return phrases.say(
                        "size",
                        figures.hundredths(space.widthM()),
                        figures.hundredths(space.depthM()),
                        figures.hundredths(space.heightM()))
                + " m";
    }

    /** What is wrong with a place, in figures. */
    public String problem(Study study, RoomProblem problem) {
        return phrases.say("rank." + key(problem), trait(study, problem));
    }

    /** Why a place is where it is among the others: what it lacks, the worst first. */
    public String reason(Ranking ranking) {
        List<String> lacks = new ArrayList<>();
        for (RoomProblem trait : ranking.lacks()) {
            lacks.add(phrases.say("rank." + key(trait), trait(ranking.study(), trait)));
        }
        return lacks.isEmpty() ? phrases.say("rank.clear") : String.join("; ", lacks);
    }

    private String trait(Study study, RoomProblem trait) {
        return switch (trait) {
            case DECAY -> rings(study);
            case ECHO -> firstEcho(study);
            case BOOM -> boom(study);
            case NOISE -> noise(study);
        };
    }

    private static String key(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
