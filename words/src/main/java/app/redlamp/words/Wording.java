package app.redlamp.words;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.finish.ChannelMix;
import app.redlamp.core.delivery.finish.EdgePlan;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.FinishSettings;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.units.Limits;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Verdict;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.ResourceBundle;

/** Says checks, findings and obstacles in one sentence each, for the screen and the command line alike. */
public final class Wording {
    /** Tenths are said; less rounds to none (ours). */
    private static final double LEAST_SAID = 0.05;

    private final ResourceBundle bundle;
    private final Figures figures;

    public Wording(Locale locale) {
        bundle = ResourceBundle.getBundle("app.redlamp.words.wording", locale);
        figures = new Figures(locale);
    }

    public Figures figures() {
        return figures;
    }

    /** The check with its value and its margin, such as "RMS −28.1 dBFS: 5.1 dB too quiet". */
    public String check(Check check, Specification specification) {
        if (check.id() == CheckId.CODING && check.verdict() == CheckResult.ADVICE) {
            return value(check, specification);
        }
        String key = check.text().isEmpty() && check.measured().isEmpty() ? "check.named.undefined" : "check.named";
        return say(key, checkName(check.id(), specification), value(check, specification));
    }

    /** Value and margin without the name, such as "−28.1 dBFS: 5.1 dB too quiet". */
    public String value(Check check, Specification specification) {
        if (check.text().isPresent()) {
            return word(check, specification);
        }
        if (check.measured().isEmpty()) {
            return say("check.undefined." + check.id().id());
        }
        double value = check.measured().getAsDouble();
        String shown = say("value." + unitKey(check), figure(check, value));
        if (check.verdict() == CheckResult.INSIDE) {
            return isCount(check)
                    ? say("check.right", shown)
                    : say("check.inside", shown, amount(check, check.margin().orElse(0)));
        }
        return isCount(check) ? say("check.wrong", shown, wanted(check)) : say("check.outside", shown, miss(check));
    }

    /** By how much a measure is outside and to which side, such as "5.1 dB too quiet", or "just too quiet" where that rounds to nothing. */
    public String miss(Check check) {
        double value = check.measured().orElseThrow();
        boolean low = value < check.limits().low().orElse(Double.NEGATIVE_INFINITY);
        String how = say("check." + (low ? "low." : "high.") + check.id().id());
        double off = -check.margin().orElse(0);
        return off < LEAST_SAID ? say("check.just", how) : say("check.miss", amount(check, off), how);
    }

    /** The bare value with its unit, such as "−28.1 dBFS" or "stereo". */
    public String figure(Check check) {
        if (check.text().isPresent()) {
            return check.id() == CheckId.CODING
                    ? check.text().get().toUpperCase(Locale.ROOT)
                    : check.text().get();
        }
        return check.measured().isPresent()
                ? say("value." + unitKey(check), figure(check, check.measured().getAsDouble()))
                : Figures.ABSENT;
    }

    /** Name of a check in the specification's own measure, such as "RMS" or "True peak". */
    public String checkName(CheckId id, Specification specification) {
        return switch (id) {
            case LOUDNESS ->
                say("name.loudness." + specification.aim().measure().name().toLowerCase(Locale.ROOT));
            case PEAK ->
                say("name.peak." + specification.peak().measure().name().toLowerCase(Locale.ROOT));
            default -> say("name." + id.id());
        };
    }

    /** The allowed window in words, such as "−23.0 to −18.0 dBFS" or "at most −3.0 dBFS". */
    public String wanted(Check check) {
        Limits limits = check.limits();
        String unit = "value." + unitKey(check);
        if (isCount(check) && limits.high().orElse(1) == 0) {
            return say("wanted.none");
        }
        if (limits.low().isPresent() && limits.high().isPresent()) {
            double low = limits.low().getAsDouble();
            double high = limits.high().getAsDouble();
            return low == high
                    ? say(unit, figure(check, low))
                    : say("wanted.between", figure(check, low), say(unit, figure(check, high)));
        }
        return limits.low().isPresent()
                ? say("wanted.atLeast", say(unit, figure(check, limits.low().getAsDouble())))
                : say("wanted.atMost", say(unit, figure(check, limits.high().orElse(0))));
    }

    /** Why a recording cannot be finished, in figures. */
    public String obstacle(Obstacle obstacle, Specification specification) {
        if (obstacle instanceof Obstacle.Noise noise) {
            return say(
                    "obstacle.noise",
                    figures.tenths(noise.gainDb()),
                    figures.tenths(noise.floorDbfs()),
                    figures.tenths(noise.excessDb()));
        }
        if (obstacle instanceof Obstacle.Clipped clipped) {
            return say("obstacle.clipped", clipped.runs());
        }
        if (obstacle instanceof Obstacle.CutOff cutOff) {
            return say("obstacle.cut-off", figures.tenths(cutOff.missingS()));
        }
        if (obstacle instanceof Obstacle.NotWhole part) {
            return part.coding().isPresent()
                    ? say("obstacle.lossy", part.coding().get().toUpperCase(Locale.ROOT))
                    : part.blockSamples().isPresent()
                            ? say(
                                    "obstacle.blocks",
                                    figures.whole(part.blockSamples().getAsInt()))
                            : say("obstacle.narrow", kilohertz(part.bandwidthHz()));
        }
        if (obstacle instanceof Obstacle.FewBits few) {
            return say("obstacle.bits", few.bits(), few.wanted());
        }
        if (obstacle instanceof Obstacle.TooLong tooLong) {
            return say("obstacle.long", figures.clock(tooLong.durationS()), figures.clock(tooLong.longestS()));
        }
        if (obstacle instanceof Obstacle.Misnamed misnamed) {
            return say("obstacle.name", misnamed.name(), misnamed.pattern());
        }
        if (obstacle instanceof Obstacle.StillOutside still) {
            return say("obstacle.outside", check(still.check(), specification));
        }
        return say("obstacle.silent");
    }

    /** What would help against an obstacle, best first, at most three. */
    public List<Advice> help(Obstacle obstacle) {
        if (obstacle instanceof Obstacle.Noise noise) {
            List<Advice> help = new ArrayList<>();
            noise.nearer()
                    .ifPresent(share -> help.add(
                            advice("noise.closer", figures.whole(100 * share), figures.tenths(noise.excessDb()))));
            help.add(advice("noise.source"));
            help.add(advice("noise.ask", figures.tenths(noise.limitDbfs())));
            return help;
        }
        if (obstacle instanceof Obstacle.Clipped) {
            return List.of(advice("clipped.again"), advice("clipped.gain"));
        }
        if (obstacle instanceof Obstacle.CutOff) {
            return List.of(advice("cut-off.copy"));
        }
        if (obstacle instanceof Obstacle.NotWhole) {
            return List.of(advice("whole.original"), advice("whole.again"));
        }
        if (obstacle instanceof Obstacle.FewBits few) {
            return List.of(advice("bits.again", few.wanted()), advice("bits.ask", few.bits()));
        }
        if (obstacle instanceof Obstacle.TooLong) {
            return List.of(advice("long.split"));
        }
        if (obstacle instanceof Obstacle.Misnamed misnamed) {
            return List.of(advice("name.change", misnamed.pattern()));
        }
        if (obstacle instanceof Obstacle.StillOutside still) {
            String key = "outside." + still.check().id().id();
            return List.of(advice(bundle.containsKey("help." + key + ".title") ? key : "outside.other"));
        }
        return List.of(advice("silent.check"));
    }

    /** One thing that would help: what to do, and what it brings. */
    public record Advice(String title, String detail) {
        @Override
        public String toString() {
            return title + ": " + detail;
        }
    }

    private Advice advice(String key, Object... values) {
        return new Advice(say("help." + key + ".title", values), say("help." + key + ".detail", values));
    }

    /** What a finding says: what it is, and what to do about it. */
    public String finding(Finding finding) {
        Object amount = switch (finding.kind()) {
            case CLIPPING,
                    NOT_A_NUMBER,
                    PLOSIVES,
                    SIBILANCE,
                    MOUTH_CLICKS,
                    ELECTRICAL_CLICKS,
                    DROPOUTS,
                    JUMPS,
                    STEPS,
                    KNOCKS,
                    HANDLING,
                    KEYS,
                    KEYS_ON_DESK,
                    CHAIR,
                    CHAIR_ON_FLOOR,
                    PAPER,
                    PAPER_ON_DESK -> Math.round(finding.amount());
            case CALL, LOW_RATE, CODED -> kilohertz(finding.amount());
            case WHINE, PADDED, CODED_IN_BLOCKS, ECHO, LIMITED, REVERBERANT, OFF_SIDE ->
                figures.whole(finding.amount());
            case CLOCK -> figures.hundredths(finding.amount());
            case THIN, MUDDY, BOXY, HARSH, DULL -> figures.tenths(Math.abs(finding.amount()));
            default -> figures.tenths(finding.amount());
        };
        return say("finding." + finding.kind().id(), amount);
    }

    private String kilohertz(double hz) {
        return figures.tenths(hz / 1000);
    }

    /** What a finding is in a word or two, for one place of it. */
    public String flag(Finding.Kind kind) {
        return say("flag." + kind.id());
    }

    /** Where a finding is, such as "1:23: "; empty where it is everywhere. */
    public String place(Finding finding) {
        return finding.places().isEmpty() ? "" : say("finding.place", figures.clock(finding.startS()));
    }

    /**
     * Where a delivery stands, one sentence for all files together.
     *
     * @param files how many there are
     */
    public String sentence(Verdict<DeliveryProblem> verdict, int files) {
        Optional<Problem<DeliveryProblem>> first = verdict.first();
        if (first.isEmpty()) {
            return say("sheet.clear", files);
        }
        return switch (first.get().detail()) {
            case APART, TOO_SHORT -> say("sheet.apart", files);
            case NOTHING -> say("sheet.none");
            default -> say("sheet.faults", outside(verdict), files);
        };
    }

    private static long outside(Verdict<DeliveryProblem> verdict) {
        return Math.round(verdict.holding().stream()
                .mapToDouble(p -> p.amount().orElse(0))
                .sum());
    }

    /** What stands between files and sending them, a few words. */
    public String problem(Problem<DeliveryProblem> problem) {
        return say(
                "problem." + problem.detail().id(), Math.round(problem.amount().orElse(0)));
    }

    /** That the limiter had to do too much, and what to do instead; absent where it had not. */
    public Optional<String> limited(FinishOutcome.Finished finished) {
        return finished.limitedHard()
                ? Optional.of(say(
                        "finish.limited",
                        figures.tenths(finished.reductionDb()),
                        figures.whole(100 * finished.limitedShare())))
                : Optional.empty();
    }

    /** That the high-pass had to be steeper than usual; absent where it had not. */
    public Optional<String> steeper(FinishSettings settings) {
        return settings.steepHz().stream()
                .mapToObj(hz -> say("high-pass.steep", figures.whole(hz)))
                .findFirst();
    }

    /** Which channel was taken alone; absent where all were. */
    public Optional<String> alone(ChannelMix mix) {
        return mix.alone().stream().mapToObj(c -> say("mix.alone", c + 1)).findFirst();
    }

    /** What was done to head and tail, a line each; empty where nothing was. */
    public List<String> edges(EdgePlan edges) {
        List<String> lines = new ArrayList<>();
        addEdge(lines, "edge.head.cut", edges.cutHeadS());
        addEdge(lines, "edge.head.added", edges.addHeadS());
        addEdge(lines, "edge.tail.cut", edges.cutTailS());
        addEdge(lines, "edge.tail.added", edges.addTailS());
        return lines;
    }

    private void addEdge(List<String> lines, String key, double seconds) {
        if (seconds > 0) {
            lines.add(say(key, figures.tenths(seconds)));
        }
    }

    private String word(Check check, Specification specification) {
        String given = check.text().orElseThrow();
        boolean right = check.verdict() == CheckResult.INSIDE;
        return switch (check.id()) {
            case CODING -> coding(check, specification);
            case NAME ->
                right
                        ? say("check.right", given)
                        : say(
                                "check.wrong",
                                given,
                                specification.naming().pattern().orElse(""));
            case TAGS -> right ? say("check.right", given) : say("check.tags.missing", given);
            case ROOM_TONE -> say("check.room-tone");
            default -> say("check." + check.id().id() + "." + given);
        };
    }

    private String coding(Check check, Specification specification) {
        String value = check.text().orElseThrow().toUpperCase(Locale.ROOT);
        String wanted = say("coding." + specification.format().coding().name().toLowerCase(Locale.ROOT));
        return switch (check.verdict()) {
            case INSIDE -> say("check.right", value);
            case ADVICE -> say("check.master", value, wanted);
            case OUTSIDE -> say("check.wrong", value, wanted);
        };
    }

    /** One comparison between the files of a delivery, naming the odd one out. */
    public String comparison(SetJudge.Comparison comparison, List<String> names) {
        String key = "set." + comparison.kind().id();
        boolean inside = comparison.verdict() == CheckResult.INSIDE;
        String odd = comparison.oddOneOut().isPresent()
                ? names.get(comparison.oddOneOut().getAsInt())
                : "";
        return switch (comparison.kind()) {
            case SAMPLE_RATE, CHANNELS, CODING -> inside ? say(key + ".same") : say(key + ".differ", odd);
            case LOUDNESS, NOISE_FLOOR, TONE ->
                inside
                        ? say(key + ".near", figures.tenths(comparison.value()))
                        : say(key + ".apart", figures.tenths(comparison.value()), odd);
            case PARTS ->
                inside ? say("set.parts.there") : say("set.parts.missing", String.join(", ", comparison.missing()));
            case TOTAL ->
                say(
                        inside ? "set.total.enough" : "set.total.short",
                        figures.clock(comparison.value()),
                        figures.clock(comparison.limits().low().orElse(0)));
        };
    }

    /** What the noise in the pauses is made of, and what to try first. */
    public String noise(NoiseProfile noise) {
        return say(
                "noise." + noise.kind().id(),
                noise.hum().map(h -> figures.whole(h.familyHz())).orElse(""),
                noise.tones().isEmpty()
                        ? ""
                        : figures.whole(noise.tones().get(0).frequencyHz()));
    }

    private static boolean isCount(Check check) {
        return switch (check.id()) {
            case CLIPPING, BLOCKS, CHANNELS, SAMPLE_RATE, BIT_DEPTH, BIT_RATE, CODING -> true;
            default -> false;
        };
    }

    private String figure(Check check, double value) {
        if (check.id() == CheckId.LENGTH) {
            return figures.clock(value);
        }
        if (check.id() == CheckId.CHANNELS && (value == 1 || value == 2)) {
            return say(value == 1 ? "channels.mono" : "channels.stereo");
        }
        return isCount(check) ? figures.whole(value) : figures.tenths(value);
    }

    private String amount(Check check, double margin) {
        return switch (check.unit()) {
            case "s" -> check.id() == CheckId.LENGTH ? figures.clock(margin) : say("value.s", figures.tenths(margin));
            case "LUFS", "LU" -> say("value.LU", figures.tenths(margin));
            case "kHz" -> say("value.kHz", figures.tenths(margin));
            default -> say("value.dB", figures.tenths(margin));
        };
    }

    private static String unitKey(Check check) {
        if (check.id() == CheckId.LENGTH) {
            return "clock";
        }
        return check.unit().isEmpty() ? check.id().id() : check.unit().replace("/", "");
    }

    private String say(String key, Object... values) {
        return new MessageFormat(bundle.getString(key), figures.locale()).format(values);
    }
}
