package app.redlamp.desktop.level;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.level.DistanceGuess;
import app.redlamp.core.setting.level.Drift;
import app.redlamp.core.setting.level.InputFault;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.core.setting.level.VoiceLevels;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Figures;
import app.redlamp.words.LevelWording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the reading column says of the level. */
final class LevelReading {
    private static final double HALF = 0.5;
    private static final double NEAREST_M = 0.06;

    private final StationParts<LevelStation.Models> parts;
    private final Runnable start;
    private final Runnable sides;

    /**
     * @param start goes to where a production is started
     * @param sides opens the test of both sides
     */
    LevelReading(StationParts<LevelStation.Models> parts, Runnable start, Runnable sides) {
        this.parts = parts;
        this.start = start;
        this.sides = sides;
    }

    Reading now() {
        if (parts.models().level().openProduction().production().get() == null) {
            return plain(
                    parts.say("level.none.production"),
                    Optional.of(new Reading.Action("level-start", parts.say("room.start"), start)));
        }
        Optional<LevelVerdict> verdict = parts.models().level().current();
        if (verdict.isEmpty()) {
            return plain(parts.say("level.none.kit"), Optional.empty());
        }
        if (parts.models().level().input().fault().get() != null) {
            return plain(
                    Trouble.device(parts),
                    Optional.of(new Reading.Action(
                            "level-again",
                            parts.say("level.again"),
                            () -> parts.models().level().listen())));
        }
        return Reading.plain(
                        parts.words().level().verdict(verdict.get()),
                        figures(verdict.get()),
                        parts.say("kit.help"),
                        help(verdict.get()),
                        primary(verdict.get()),
                        cautions(),
                        parts.say("level.source"))
                .hearing("", List.of(), more(verdict.get()));
    }

    private Reading plain(String verdict, Optional<Reading.Action> action) {
        return Reading.plain(verdict, List.of(), "", List.of(), action, List.of(), "");
    }

    /** The next step, or how to stop the one that is taken. */
    private Optional<Reading.Action> primary(LevelVerdict verdict) {
        SettingStep running = parts.models().level().running().get();
        if (running != null) {
            return Optional.of(new Reading.Action(
                    "level-stop",
                    parts.say("level.stop"),
                    () -> parts.models().level().stop()));
        }
        if (offSide(verdict)) {
            return Optional.of(
                    parts.models().sides().heard().get().sides().isPresent()
                            ? take(SettingStep.READ)
                            : new Reading.Action("level-sides", parts.say("level.sides"), sides));
        }
        Optional<SettingStep> next = verdict.next();
        if (next.isEmpty()) {
            return Optional.empty();
        }
        if (next.get() == SettingStep.TURN
                && parts.models().level().input().simulated()
                && !parts.models().level().movedSince()) {
            return verdict.turn().map(this::turnIt);
        }
        return Optional.of(
                next.get() == SettingStep.TURN
                        ? take(SettingStep.LOUDEST, parts.say("level.turned"))
                        : take(next.get()));
    }

    private Reading.Action take(SettingStep step) {
        return take(step, parts.say("level.take." + step.id(), String.valueOf((int) step.seconds())));
    }

    private Reading.Action take(SettingStep step, String label) {
        return new Reading.Action(
                "level-take", label, () -> parts.models().level().take(step));
    }

    /** Before the gain is turned for a voice, it must come from the right side. */
    private static boolean offSide(LevelVerdict verdict) {
        return verdict.faults().stream().anyMatch(f -> f.kind() == InputFault.Kind.OFF_SIDE);
    }

    private List<Reading.Figure> figures(LevelVerdict verdict) {
        List<Reading.Figure> all = new ArrayList<>();
        VoiceLevels levels = verdict.levels();
        Figures figures = parts.bench().figures();
        levels.loudest()
                .ifPresent(p -> all.add(figure(
                        FigureId.LEVEL_LOUDEST,
                        "level.figure.loudest",
                        p.clipped()
                                ? parts.say("level.clipped")
                                : parts.say("level.dbfs", figures.tenths(p.peakDbfs())),
                        "peak")));
        verdict.floor()
                .ifPresent(f -> all.add(figure(
                        FigureId.LEVEL_FLOOR,
                        "level.figure.after",
                        parts.words().level().floor(f),
                        "makeup")));
        levels.snrDb()
                .ifPresent(g -> all.add(figure(
                        FigureId.LEVEL_SNR,
                        "level.figure.snr",
                        parts.words()
                                .level()
                                .snr(
                                        g,
                                        parts.models()
                                                .level()
                                                .chain()
                                                .orElseThrow()
                                                .finishing()
                                                .wantedSnrDb()),
                        "snr")));
        distance(levels)
                .ifPresent(
                        words -> all.add(figure(FigureId.LEVEL_DISTANCE, "level.figure.distance", words, "proximity")));
        levels.excited()
                .ifPresent(p -> all.add(figure(
                        FigureId.LEVEL_EXCITED,
                        "level.figure.excited",
                        parts.words().level().excited(p),
                        "")));
        return all;
    }

    private Optional<String> distance(VoiceLevels levels) {
        Optional<Chain> chain = parts.models().level().chain();
        return levels.of(SettingStep.READ)
                .flatMap(r -> r.voice().spectrum())
                .filter(s -> chain.isPresent())
                .map(s -> parts.words()
                        .level()
                        .distance(
                                DistanceGuess.of(
                                        s,
                                        chain.get().capsule(),
                                        chain.get().position().angleDeg()),
                                chain.get().position()));
    }

    private Reading.More more(LevelVerdict verdict) {
        List<Reading.Figure> all = new ArrayList<>();
        Figures figures = parts.bench().figures();
        Optional<Report> read = verdict.levels().of(SettingStep.READ);
        if (verdict.levels().averageDbfs().isPresent()) {
            all.add(figure(
                    FigureId.LEVEL_AVERAGE,
                    "level.figure.average",
                    parts.say("level.dbfs", figures.tenths(verdict.levels().averageDbfs())),
                    "active"));
        }
        verdict.floor()
                .filter(f -> f.limitDbfs().isPresent())
                .ifPresent(f -> all.add(figure(
                        FigureId.LEVEL_RAW_FLOOR,
                        "level.figure.raw",
                        parts.words().level().rawLimit(f),
                        "floor")));
        read.ifPresent(r -> {
            all.add(figure(
                    FigureId.LEVEL_PLOSIVES,
                    "level.figure.plosives",
                    parts.words().level().plosives(r.voice().plosives().count()),
                    ""));
            all.add(figure(
                    FigureId.LEVEL_SIBILANTS,
                    "level.figure.sibilants",
                    parts.words().level().sibilants(r.voice().harshSibilants().count()),
                    ""));
            double wanted = parts.models().level().kit().need().get().clarityDb();
            all.add(figure(
                    FigureId.LEVEL_ROOM,
                    "level.figure.room",
                    parts.words().heardRoom().against(r.voice().reverberation(), wanted),
                    "clarity"));
            Drift.db(r)
                    .ifPresent(d -> all.add(figure(
                            FigureId.LEVEL_DRIFT,
                            "level.figure.drift",
                            parts.words().level().drift(d),
                            "")));
        });
        new HostsReading(parts).add(all);
        return all.isEmpty() ? Reading.More.NONE : new Reading.More(parts.say("level.more"), List.of(), all);
    }

    private Reading.Figure figure(FigureId id, String key, String value, String term) {
        return new Reading.Figure(id, parts.say(key), value, term);
    }

    private List<Reading.Help> help(LevelVerdict verdict) {
        List<Reading.Help> all = new ArrayList<>();
        if (parts.models().monitor().warning().get().present()) {
            all.add(new Reading.Help(
                    parts.say("monitor.warning"),
                    Trouble.monitor(parts),
                    parts.models().monitor().on().get()
                            ? Optional.of(new Reading.Action(
                                    "level-unmonitor",
                                    parts.say("monitor.stop"),
                                    () -> parts.models().monitor().stop()))
                            : Optional.empty()));
        }
        for (InputFault fault : verdict.faults()) {
            LevelWording words = parts.words().level();
            // The first is what the verdict says; of the others it is said here.
            boolean said = fault.equals(verdict.faults().get(0));
            all.add(new Reading.Help(
                    words.mend(fault), said ? words.mendDetail(fault) : words.fault(fault), Optional.empty()));
        }
        if (verdict.held(LevelProblem.NOISE)) {
            noise(verdict, all);
        }
        verdict.turn().filter(Turn::moves).ifPresent(t -> turn(t, all));
        verdict.turn().ifPresent(t -> atTheEnd(t, all));
        return all.stream().limit(Reading.MOST_HELP).toList();
    }

    private void noise(LevelVerdict verdict, List<Reading.Help> all) {
        Set<String> told = new HashSet<>();
        verdict.levels()
                .of(SettingStep.STILL)
                .flatMap(Report::noise)
                .ifPresent(n ->
                        Suspect.of(
                                        n,
                                        parts.models().level().chainWhenStill(),
                                        parts.models().level().booth().noises())
                                .stream()
                                .sorted(Comparator.comparingDouble(s -> -s.annoyance()))
                                .filter(s -> told.add(s.source() + s.name()))
                                .limit(2)
                                .forEach(s -> all.add(new Reading.Help(
                                        parts.say(
                                                "level.suspect",
                                                parts.words().level().part(s.part()),
                                                parts.words().level().from(s)),
                                        parts.words().level().remedy(s),
                                        Optional.empty()))));
    }

    private void turn(Turn turn, List<Reading.Help> all) {
        boolean moved = parts.models().level().movedSince();
        all.add(new Reading.Help(
                moved ? parts.say("level.moved") : parts.words().level().turn(turn),
                moved ? parts.say("level.moved.detail") : marks(turn),
                Optional.empty()));
    }

    /** In the marks of one's own knob where they were learnt. */
    private String marks(Turn turn) {
        MarksModel marks = parts.models().marks();
        return marks.turned(turn.db()).stream()
                .mapToObj(to -> parts.words()
                        .marks()
                        .turn(
                                marks.learnt().get().knob(),
                                marks.stands().orElseThrow().knob(),
                                to))
                .findFirst()
                .orElseGet(() -> parts.words().level().marks(turn));
    }

    /** Where the knob is turned to, in its own marks where they were learnt. */
    private String turnTo(Turn turn, double gainDb) {
        MarksModel marks = parts.models().marks();
        return marks.turned(turn.db()).stream()
                .mapToObj(to -> parts.words().marks().mark(marks.learnt().get().knob(), to))
                .map(mark -> parts.say("level.turn.mark", mark))
                .findFirst()
                .orElseGet(
                        () -> parts.say("level.turn.do", parts.words().chains().gain(gainDb)));
    }

    /** In the simulated booth the knob is turned here. */
    private Reading.Action turnIt(Turn turn) {
        Chain chain = parts.models().level().chain().orElseThrow();
        double to = chain.preamp().within(chain.gainDb() + turn.db());
        return new Reading.Action(
                "level-turn",
                turnTo(turn, to),
                () -> parts.models().level().kit().editSeat("edit.gain", s -> s.gained(to)));
    }

    /** What may help where the knob ends. */
    private void atTheEnd(Turn turn, List<Reading.Help> all) {
        double distance =
                parts.models().level().chain().orElseThrow().position().distanceM();
        if (turn.verdict() == Turn.Verdict.OUT_OF_GAIN) {
            if (distance * HALF >= NEAREST_M) {
                all.add(plainHelp("closer", distance * HALF));
            }
            all.add(new Reading.Help(
                    parts.words().level().help("booster"),
                    parts.words().level().help("booster.detail"),
                    Optional.empty()));
            all.add(new Reading.Help(
                    parts.words().level().help("microphone"),
                    parts.words().level().help("microphone.detail"),
                    Optional.empty()));
        } else if (turn.verdict() == Turn.Verdict.TOO_HOT) {
            all.add(plainHelp("further", distance / HALF));
            all.add(new Reading.Help(
                    parts.words().level().help("pad"), parts.words().level().help("pad.detail"), Optional.empty()));
        }
    }

    private Reading.Help plainHelp(String what, double metres) {
        return new Reading.Help(
                parts.words().level().help(what, metres),
                parts.words().level().help(what + ".detail"),
                Optional.empty());
    }

    private List<String> cautions() {
        return List.of(parts.say("level.caution.hearing"), parts.say("level.caution.power"));
    }
}
