package app.redlamp.words;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Position;
import app.redlamp.core.setting.level.DistanceGuess;
import app.redlamp.core.setting.level.Drift;
import app.redlamp.core.setting.level.FloorForecast;
import app.redlamp.core.setting.level.Hosts;
import app.redlamp.core.setting.level.InputFault;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.Peaks;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Sides;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.core.setting.level.VoiceLevels;
import app.redlamp.core.verdict.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Says in sentences how the gain stands and what to do. */
public final class LevelWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;

    public LevelWording(Lengths lengths, Figures figures) {
        this.lengths = lengths;
        this.figures = figures;
        phrases = new Phrases("level", figures.locale());
    }

    public String step(SettingStep step) {
        return phrases.say("step." + step.id());
    }

    /** A step in the middle of a sentence about what comes next. */
    String next(SettingStep step) {
        return phrases.say("next." + step.id());
    }

    /** What to do in a step. */
    public String ask(SettingStep step) {
        return phrases.say("ask." + step.id());
    }

    /** A step's figure, a few words. */
    public String figure(SettingStep step, LevelVerdict verdict) {
        VoiceLevels levels = verdict.levels();
        if (step == SettingStep.TURN) {
            return verdict.turn().map(this::figure).orElse(phrases.say("figure.none"));
        }
        return switch (step) {
            case STILL -> level(levels.floorDbfs());
            case LOUDEST -> levels.loudest().map(this::peak).orElse(phrases.say("figure.none"));
            case EXCITED -> levels.excited().map(this::peak).orElse(phrases.say("figure.none"));
            default ->
                levels.snrDb().isPresent()
                        ? phrases.say("figure.snr", figures.whole(levels.snrDb().getAsDouble()))
                        : level(levels.averageDbfs());
        };
    }

    private String level(OptionalDouble dbfs) {
        return dbfs.isPresent()
                ? phrases.say("figure.level", figures.tenths(dbfs.getAsDouble()))
                : phrases.say("figure.none");
    }

    private String peak(Peaks peaks) {
        return peaks.clipped()
                ? phrases.say("figure.clipped")
                : phrases.say("figure.peak", figures.tenths(peaks.peakDbfs()));
    }

    private String figure(Turn turn) {
        if (turn.verdict() == Turn.Verdict.FITS) {
            return phrases.say("figure.right");
        }
        if (!turn.moves()) {
            return phrases.say("figure.end");
        }
        return phrases.say(turn.db() > 0 ? "figure.up" : "figure.down", figures.whole(Math.abs(turn.db())));
    }

    /** Which way to turn and by how much, one sentence. */
    public String turn(Turn turn) {
        String db = figures.whole(Math.abs(turn.db()));
        String rest = figures.whole(Math.abs(turn.bySomeDb()));
        String key = "turn." + turn.verdict().id();
        return switch (turn.verdict()) {
            case OUT_OF_GAIN, TOO_HOT -> turn.moves() ? phrases.say(key, db, rest) : phrases.say(key + ".all", rest);
            default -> phrases.say(key, db);
        };
    }

    /** What it goes by. */
    public String turnFrom(LevelVerdict verdict) {
        Peaks peaks = verdict.levels().loudest().orElseThrow();
        if (peaks.clipped()) {
            return phrases.say("turn.clipped");
        }
        return phrases.say(
                "turn.from",
                figures.tenths(peaks.peakDbfs()),
                figures.whole(verdict.school().lowDbfs()),
                figures.whole(verdict.school().highDbfs()));
    }

    /** How far that is on a knob without figures. */
    public String marks(Turn turn) {
        double marks = turn.marks();
        return marks < 1 ? phrases.say("turn.slight") : phrases.say("turn.marks", figures.whole(marks));
    }

    /** What may help where the knob is at an end. */
    public String help(String what) {
        return phrases.say("help." + what);
    }

    /** The same for a distance. */
    public String help(String what, double metres) {
        return phrases.say("help." + what, lengths.say(metres));
    }

    /** Where it stands, one sentence. */
    public String verdict(LevelVerdict verdict) {
        if (verdict.levels().steps().isEmpty()) {
            return phrases.say("verdict.none");
        }
        Optional<Problem<LevelProblem>> first = verdict.verdict().first();
        if (first.isEmpty()) {
            return clear();
        }
        return switch (first.get().detail()) {
            case INPUT -> phrases.say("verdict.input", fault(verdict.faults().get(0)));
            case NOISE ->
                phrases.say(
                        "verdict.noise",
                        figures.tenths(-verdict.floor().orElseThrow().marginDb().orElseThrow()));
            case GAIN -> gain(verdict);
            case EXCITED -> phrases.say("verdict.excited");
            case STILL_TO_DO ->
                phrases.say(
                        "verdict.still-to-do", verdict.next().map(this::next).orElse(""));
        };
    }

    /** That nothing is left to do. */
    String clear() {
        return phrases.say("verdict.clear");
    }

    private String gain(LevelVerdict verdict) {
        Turn turn = verdict.turn().orElseThrow();
        if (!turn.moves()) {
            return phrases.say("verdict.gain.end");
        }
        String heard = verdict.floor().isPresent() ? "" : ".unheard";
        String way = turn.db() > 0 ? "up" : "down";
        return phrases.say("verdict.gain." + way + heard, figures.whole(Math.abs(turn.db())));
    }

    /** What is wrong with an input, in the middle of a sentence. */
    public String fault(InputFault fault) {
        String amount = switch (fault.kind()) {
            case NOT_A_NUMBER, STUTTER -> figures.whole(fault.amount());
            case NARROW_BAND -> figures.tenths(fault.amount() / 1000);
            default -> figures.tenths(fault.amount());
        };
        return phrases.say("fault." + fault.kind().id(), amount);
    }

    /** What to do about it. */
    public String mend(InputFault fault) {
        return phrases.say("mend." + fault.kind().id());
    }

    /** A few words more on that. */
    public String mendDetail(InputFault fault) {
        return phrases.say("mend." + fault.kind().id() + ".detail");
    }

    /**
     * Why an input cannot be listened to, and what to do.
     *
     * @param fault its id, such as {@code in-use}
     */
    public String device(String fault, int sampleRateHz, int bits, int channels) {
        return phrases.say(
                "device." + fault, figures.whole(sampleRateHz), String.valueOf(bits), String.valueOf(channels));
    }

    /** What the noise will be in the file. */
    public String floor(FloorForecast floor) {
        String after = figures.tenths(floor.afterDbfs());
        if (floor.limitDbfs().isEmpty()) {
            return phrases.say("floor.after.free", after);
        }
        String limit = figures.tenths(floor.limitDbfs().getAsDouble());
        return phrases.say(floor.measured() ? "floor.after" : "floor.predicted", after, limit);
    }

    /** How loud it may be while it is recorded. */
    public String rawLimit(FloorForecast floor) {
        return phrases.say("floor.raw", figures.tenths(floor.rawLimitDbfs()));
    }

    public String snr(double snrDb, double wantedDb) {
        return phrases.say("snr.measured", figures.whole(snrDb), figures.whole(wantedDb));
    }

    public String excited(Peaks peaks) {
        return peaks.clipped()
                ? phrases.say("peak.excited.clipped", figures.whole(Math.ceil(peaks.wouldBeDbfs() + 1)))
                : phrases.say("peak.excited", figures.tenths(peaks.peakDbfs()), figures.tenths(-peaks.peakDbfs()));
    }

    public String distance(Optional<DistanceGuess> guess, Position kit) {
        if (guess.isEmpty()) {
            return phrases.say("distance.none");
        }
        String nearest = lengths.say(guess.get().nearestM());
        OptionalDouble furthest = guess.get().furthestM();
        String about = furthest.isPresent()
                ? phrases.say("distance.between", nearest, lengths.say(furthest.getAsDouble()))
                : phrases.say("distance.over", nearest);
        return switch (guess.get().against(kit)) {
            case CLOSER -> phrases.say("distance.closer", about);
            case AGREES -> phrases.say("distance.agrees", about);
            case FURTHER -> phrases.say("distance.further", about);
        };
    }

    public String plosives(int count) {
        return count == 0 ? phrases.say("plosives.none") : phrases.count("plosives", count);
    }

    public String sibilants(int count) {
        return count == 0 ? phrases.say("sibilants.none") : phrases.count("sibilants", count);
    }

    /** Which side of a microphone is its front, one sentence. */
    public String sides(Sides sides) {
        return phrases.say("sides." + sides.answer().id());
    }

    /** What tells the front from the back; empty where nothing does. */
    public String signs(Sides sides) {
        int sign = sides.answer() == Sides.Answer.SECOND ? -1 : 1;
        if (sides.answer() != Sides.Answer.FIRST && sides.answer() != Sides.Answer.SECOND) {
            return "";
        }
        List<String> all = new ArrayList<>();
        sides.louderDb().ifPresent(db -> all.add(sign(sign * db, "sides.louder", "sides.softer")));
        sides.brighterDb().ifPresent(db -> all.add(sign(sign * db, "sides.brighter", "sides.darker")));
        sides.clearerDb().ifPresent(db -> all.add(sign(sign * db, "sides.clearer", "sides.less-clear")));
        all.removeIf(String::isEmpty);
        return phrases.say("sides.from-front", String.join(", ", all));
    }

    private String sign(double db, String more, String less) {
        double whole = Math.rint(db);
        return whole == 0 ? "" : phrases.say(whole > 0 ? more : less, figures.whole(Math.abs(whole)));
    }

    /** Whether somebody got louder or softer while reading. */
    public String drift(double db) {
        if (Drift.even(db)) {
            return phrases.say("drift.even");
        }
        return phrases.say(db > 0 ? "drift.louder" : "drift.softer", figures.tenths(Math.abs(db)));
    }

    public String part(Suspect.Part part) {
        return phrases.say("part." + part.id());
    }

    public String humFamily(int familyHz) {
        return phrases.say("hum.family", String.valueOf(familyHz));
    }

    /** Where a part of the noise comes from. */
    public String from(Suspect suspect) {
        return phrases.say("from." + suspect.source().id(), suspect.name());
    }

    /** Whether it is as loud as was to be expected. */
    public String expected(Suspect suspect) {
        double more = suspect.levelDbfs() - suspect.predictedDbfs();
        return suspect.louderThanExpected()
                ? phrases.say("louder-than", figures.whole(more))
                : phrases.say("as-predicted");
    }

    /** What to do about it first. */
    public String remedy(Suspect suspect) {
        String key = "do." + suspect.part().id();
        String more = switch (suspect.part()) {
            case HUM -> suspect.source() == Suspect.From.OUTSIDE ? ".outside" : ".lead";
            case RUMBLE -> suspect.source() == Suspect.From.UNKNOWN ? ".unknown" : "";
            case HISS ->
                switch (suspect.source()) {
                    case OUTSIDE -> ".outside";
                    case MICROPHONE -> ".microphone";
                    default -> ".preamp";
                };
            case BUZZ, WHINE, ROOM -> "";
        };
        return phrases.say(key + more);
    }

    public String school(GainSchool school) {
        return phrases.say("school." + id(school));
    }

    /** What a school gives and costs. */
    public String schoolWhy(GainSchool school) {
        return phrases.say("school." + id(school) + ".why");
    }

    private static String id(GainSchool school) {
        return school.name().toLowerCase(Locale.ROOT);
    }

    /** How much of one voice is heard in another's microphone. */
    public String bleed(String speaker, String owner, double measuredDb, double predictedDb, double apartM) {
        return phrases.say(
                "bleed.measured",
                speaker,
                figures.whole(-measuredDb),
                owner,
                figures.whole(-predictedDb),
                lengths.say(apartM));
    }

    /** Whether two voices are equally loud. */
    public String match(String first, String second, double firstOverDb) {
        if (Hosts.even(firstOverDb)) {
            return phrases.say("match.even", first, second);
        }
        return firstOverDb > 0
                ? phrases.say("match.off", first, figures.tenths(firstOverDb), second)
                : phrases.say("match.off", second, figures.tenths(-firstOverDb), first);
    }
}
