package app.redlamp.words;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.kit.Need;
import java.util.OptionalDouble;

/** Says in sentences what happens on the way from mouth to file, for the screen and the command line alike. */
public final class ChainWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;

    public ChainWording(Lengths lengths, Figures figures) {
        this.lengths = lengths;
        this.figures = figures;
        phrases = new Phrases("chain", figures.locale());
    }

    /** A voice whose microphone goes nowhere. */
    public String noWay(String microphone) {
        return phrases.say("verdict.none", microphone);
    }

    public String stage(Node.Stage stage) {
        return phrases.say("stage." + stage.id());
    }

    /** What stands at a place: "7 cm, cardioid". */
    public String detail(Node.Stage stage, Chain chain) {
        return switch (stage) {
            case MOUTH -> phrases.say("node.mouth", effort(chain.voice().reading()));
            case CAPSULE ->
                phrases.say(
                        "node.capsule",
                        lengths.say(chain.position().distanceM()),
                        pattern(chain.capsule().pattern()));
            case MICROPHONE ->
                phrases.say("node.microphone", figures.tenths(chain.capsule().sensitivityMvPerPa()));
            case LEAD ->
                chain.lead().lengthM() == 0
                        ? phrases.say("node.lead.none")
                        : phrases.say(
                                chain.lead().balanced() ? "node.lead.balanced" : "node.lead.unbalanced",
                                lengths.say(chain.lead().lengthM()));
            case BOOSTER ->
                phrases.say(
                        "node.booster",
                        figures.whole(chain.booster().orElseThrow().gainDb()));
            case PREAMP -> phrases.say("node.preamp", gain(chain.gainDb()));
            case CONVERTER -> phrases.say("node.converter", chain.converter().bits());
            case FINISHED ->
                phrases.say("node.finished", figures.tenths(chain.finishing().levelDbfs()));
        };
    }

    /** "+41". */
    public String gain(double db) {
        String whole = figures.whole(db);
        return db >= 0.5 ? "+" + whole : whole;
    }

    public String effort(VocalEffort effort) {
        return phrases.say("effort." + effort.id());
    }

    public String pattern(Pattern pattern) {
        return phrases.say("pattern." + pattern.id());
    }

    /** "the preamp". */
    public String source(Source source) {
        return phrases.say("source." + source.id());
    }

    /** "Preamp". */
    public String part(Source source) {
        return phrases.say("part." + source.id());
    }

    public String snr(Node node) {
        return phrases.say("snr", figures.whole(node.snrDb()));
    }

    /** What one place leaves of the signal-to-noise ratio of another before it. */
    public String snrAfter(Node before, Node node) {
        double lost = before.snrDb() - node.snrDb();
        return lost < 0.5
                ? phrases.say("snr.same", figures.whole(node.snrDb()))
                : phrases.say(
                        "snr.lost", figures.whole(node.snrDb()), figures.whole(lost), source(added(before, node)));
    }

    /** What came in between two places and counts most. */
    private static Source added(Node before, Node node) {
        Source most = node.dominant();
        double share = -1;
        for (Source source : node.noises().keySet()) {
            if (!before.noises().containsKey(source) && node.share(source) > share) {
                share = node.share(source);
                most = source;
            }
        }
        return most;
    }

    public String snrInFile(SignalPath path) {
        return phrases.say(
                "snr.file",
                figures.whole(path.snrDb()),
                figures.whole(path.chain().finishing().wantedSnrDb()));
    }

    public String floor(SignalPath path) {
        OptionalDouble allowed = path.chain().finishing().floorDbfs();
        return allowed.isPresent()
                ? phrases.say("floor", figures.whole(path.floorDbfs()), figures.whole(allowed.getAsDouble()))
                : phrases.say("floor.free", figures.whole(path.floorDbfs()));
    }

    /** How far the loudest line is from what clips first. */
    public String ceiling(SignalPath path) {
        String what = phrases.say("clips." + path.tightest().stage().id());
        return path.headroomDb() >= 0
                ? phrases.say("ceiling.over", figures.whole(path.headroomDb()), what)
                : phrases.say("ceiling.clips", figures.whole(-path.headroomDb()), what);
    }

    /** Whether a shout would clip, and what. */
    public String shout(Chain chain) {
        Voice shouting =
                new Voice(VocalEffort.SHOUT, VocalEffort.SHOUT, chain.voice().crestDb());
        SignalPath path = SignalPath.of(chain.spoken(shouting));
        String what = phrases.say("clips." + path.tightest().stage().id());
        return phrases.say(
                path.headroomDb() >= 0 ? "shout.over" : "shout.clips",
                figures.whole(Math.abs(path.headroomDb())),
                what);
    }

    public String gain(GainFit gain, Preamp preamp) {
        String needed = figures.whole(gain.neededDb());
        return switch (gain.verdict()) {
            case ENOUGH ->
                phrases.say(
                        "gain.enough", needed, figures.whole(preamp.minGainDb()), figures.whole(preamp.maxGainDb()));
            case STRAINED -> phrases.say("gain.strained", needed, figures.whole(Preamp.STRAINED_DB));
            case SHORT -> phrases.say("gain.short", needed, figures.whole(preamp.maxGainDb()));
            case TOO_HOT -> phrases.say("gain.too-hot", needed, figures.whole(preamp.minGainDb()));
        };
    }

    public String clarity(SignalPath path, Need need) {
        return phrases.say("clarity", figures.whole(path.clarityDb()), figures.whole(need.clarityDb()));
    }

    /** How much of the noise in the file comes from one source, and what it costs. */
    public String share(SignalPath path, Source source) {
        Node file = path.file();
        String share = phrases.say(
                "share", figures.whole(file.noises().get(source).flatDb()), figures.whole(100 * file.share(source)));
        double without = path.without(source);
        return without >= 0.5 ? phrases.say("share.without", share, figures.tenths(without)) : share;
    }

    /** Whether a better microphone is any use. */
    public String betterMicrophone(SignalPath path) {
        double without = path.without(Source.MICROPHONE);
        return phrases.say(without < Upgrade.WORTH_DB ? "better.none" : "better.some", figures.tenths(without));
    }

    public String levels(Node node) {
        return phrases.say(
                "levels",
                figures.whole(node.averageDb()),
                figures.whole(node.loudestPeakDb()),
                figures.whole(node.noise().flatDb()),
                node.stage().unit(),
                source(node.dominant()));
    }

    public String makeUp(SignalPath path) {
        return path.limitingDb() > 0.5
                ? phrases.say("makeup.limited", figures.whole(path.makeUpDb()), figures.whole(path.limitingDb()))
                : phrases.say("makeup", figures.whole(path.makeUpDb()));
    }
}
