package app.redlamp.core.text;

import app.redlamp.core.analysis.Finding;
import app.redlamp.core.finish.EdgePlan;
import app.redlamp.core.finish.Obstacle;
import app.redlamp.core.spec.Check;
import app.redlamp.core.spec.CheckId;
import app.redlamp.core.spec.Specification;
import app.redlamp.core.spec.Verdict;
import app.redlamp.core.units.Limits;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;

/** Says checks, findings and obstacles in one sentence each, for the screen and the command line alike. */
public final class Wording {
    private final ResourceBundle bundle;
    private final Figures figures;

    public Wording(Locale locale) {
        bundle = ResourceBundle.getBundle("app.redlamp.core.text.wording", locale);
        figures = new Figures(locale);
    }

    public Figures figures() {
        return figures;
    }

    /** The check with its value and its margin, such as "Loudness −28.1 dBFS RMS: 5.1 dB too quiet". */
    public String check(Check check, Specification specification) {
        String name = checkName(check.id(), specification);
        if (check.text().isPresent()) {
            return word(check, specification, name);
        }
        if (check.measured().isEmpty()) {
            return say("check.undefined." + check.id().id(), name);
        }
        double value = check.measured().getAsDouble();
        String shown = say("value." + unitKey(check), figure(check, value));
        if (check.verdict() == Verdict.INSIDE) {
            return isCount(check)
                    ? say("check.right", name, shown)
                    : say(
                            "check.inside",
                            name,
                            shown,
                            amount(check, check.margin().orElse(0)));
        }
        if (isCount(check)) {
            return say("check.wrong", name, shown, wanted(check));
        }
        boolean low = value < check.limits().low().orElse(Double.NEGATIVE_INFINITY);
        String how = say("check." + (low ? "low." : "high.") + check.id().id());
        return say("check.outside", name, shown, amount(check, -check.margin().orElse(0)), how);
    }

    /** Name of a check in the specification's own measure, such as "RMS" or "True peak". */
    public String checkName(CheckId id, Specification specification) {
        return switch (id) {
            case LOUDNESS ->
                say("name.loudness." + specification.loudness().measure().name().toLowerCase(Locale.ROOT));
            case PEAK ->
                say("name.peak." + specification.peak().measure().name().toLowerCase(Locale.ROOT));
            default -> say("name." + id.id());
        };
    }

    /** The allowed window in words, such as "−23.0 to −18.0 dBFS" or "at most −3.0 dBFS". */
    public String wanted(Check check) {
        Limits limits = check.limits();
        String unit = "value." + unitKey(check);
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
        if (obstacle instanceof Obstacle.TooLong tooLong) {
            return say("obstacle.long", figures.clock(tooLong.durationS()), figures.clock(tooLong.longestS()));
        }
        if (obstacle instanceof Obstacle.StillOutside still) {
            return say("obstacle.outside", check(still.check(), specification));
        }
        return say("obstacle.silent");
    }

    /** What would help against an obstacle, best first, at most three. */
    public List<String> help(Obstacle obstacle) {
        if (obstacle instanceof Obstacle.Noise noise) {
            double share = Math.pow(10, -noise.excessDb() / 20);
            return List.of(
                    say("help.noise.closer", figures.whole(100 * share), figures.tenths(noise.excessDb())),
                    say("help.noise.source"),
                    say("help.noise.ask", figures.tenths(noise.limitDbfs())));
        }
        if (obstacle instanceof Obstacle.Clipped) {
            return List.of(say("help.clipped.again"), say("help.clipped.gain"));
        }
        if (obstacle instanceof Obstacle.TooLong) {
            return List.of(say("help.long.split"));
        }
        if (obstacle instanceof Obstacle.StillOutside still) {
            String key = "help.outside." + still.check().id().id();
            return List.of(say(bundle.containsKey(key) ? key : "help.outside.other"));
        }
        return List.of(say("help.silent.check"));
    }

    public String finding(Finding finding) {
        Object amount = finding.kind() == Finding.Kind.CLIPPING || finding.kind() == Finding.Kind.NOT_A_NUMBER
                ? (Object) Math.round(finding.amount())
                : figures.tenths(finding.amount());
        return say("finding." + finding.kind().id(), amount);
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

    private String word(Check check, Specification specification, String name) {
        String value = check.text().orElseThrow().toUpperCase(Locale.ROOT);
        String wanted = specification.format().coding().name();
        return switch (check.verdict()) {
            case INSIDE -> say("check.right", name, value);
            case ADVICE -> say("check.master", value, wanted);
            case OUTSIDE -> say("check.wrong", name, value, wanted);
        };
    }

    private static boolean isCount(Check check) {
        return switch (check.id()) {
            case CLIPPING, CHANNELS, SAMPLE_RATE, BIT_DEPTH, BIT_RATE, CODING -> true;
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
            case "LUFS" -> say("value.LU", figures.tenths(margin));
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
