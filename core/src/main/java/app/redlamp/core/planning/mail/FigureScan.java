package app.redlamp.core.planning.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds figures with their units in ordinary writing: "-23 to -18 dB RMS", "minus 3", "44,1 kHz", "half a second". */
final class FigureScan {
    /** No mail has more figures (ours). */
    private static final int MOST = 200;

    private static final Pattern BLANK = Pattern.compile("\\s");
    private static final String WORDS = "half an?|an?|one|two|three|four|five|ten";
    private static final String NUMBER = "(?:(?:-|minus )\\s?)?\\d{1,6}(?:[.,]\\d{1,3})?";
    private static final String UNIT =
            "lufs|lkfs|lu\\b|dbtp|db\\s?tp|dbov|db\\s?true peak|db\\s?fs\\s?rms|db\\s?rms|dbfs|db\\s?fs|db|rms\\b"
                    + "|khz|k\\s?hz|hz|kbps|kbit/s|kb/s|kbits?/s|kbs\\b|kbits?\\b|k(?=\\b)|bits?\\b"
                    + "|milliseconds?|msecs?|ms\\b|seconds?|secs?\\b|s\\b|minutes?|mins?\\b|hours?|hrs?\\b|h\\b";
    private static final String SPELT = "(?:" + WORDS + ")(?=[ -](?:milli|msec|sec|min|hour|hr|to\\b|and\\b|s\\b))";
    private static final String EITHER = "(" + NUMBER + "|" + SPELT + ")";
    private static final String TO = "to|through|up to|\\.{2,3}|…|–|—|-|/(?=\\s?-)";
    private static final String TOLERANCE =
            "(?:\\s*[(,]?\\s*(?:with a tolerance of\\s+)?(?:±|\\+\\s?/\\s?-|\\+-|plus or minus|give or take)"
                    + "\\s?(\\d{1,2}(?:[.,]\\d{1,2})?))?";
    private static final Pattern FIGURE = Pattern.compile("(?<![\\w.,-])(?:between\\s+" + EITHER + "[ -]?(?:" + UNIT
            + ")?\\s+and\\s+" + EITHER + "|" + EITHER + "(?:[ -]?(?:" + UNIT + ")?\\s?(?:" + TO + ")\\s?" + EITHER
            + ")?)[\\s-]?(" + UNIT + ")?" + TOLERANCE);
    private static final Map<String, Double> NAMED = Map.of(
            "half a", 0.5, "half an", 0.5, "a", 1.0, "an", 1.0, "one", 1.0, "two", 2.0, "three", 3.0, "four", 4.0,
            "five", 5.0, "ten", 10.0);

    private FigureScan() {}

    /** @param text in small letters and with plain hyphens for minus signs */
    static List<WrittenFigure> of(String text) {
        List<WrittenFigure> figures = new ArrayList<>();
        Matcher found = FIGURE.matcher(text);
        while (found.find() && figures.size() < MOST) {
            WrittenFigure figure = figure(found);
            boolean spelt = NAMED.containsKey(first(found));
            if (!spelt || figure.unit() == WrittenFigure.Unit.SECONDS) {
                figures.add(figure);
            }
        }
        return figures;
    }

    private static String first(Matcher found) {
        return found.group(1) == null ? found.group(3) : found.group(1);
    }

    private static WrittenFigure figure(Matcher found) {
        String other = found.group(1) == null ? found.group(4) : found.group(2);
        String unit =
                found.group(5) == null ? "" : BLANK.matcher(found.group(5)).replaceAll("");
        double factor = factor(unit);
        double first = number(first(found)) * factor;
        boolean two = other != null;
        double second = two ? number(other) * factor : first;
        // "-18 to 23 LUFS" means both below full scale.
        if (two && first < 0 && second > 0 && level(unit)) {
            second = -second;
        }
        OptionalDouble tolerance =
                found.group(6) == null ? OptionalDouble.empty() : OptionalDouble.of(number(found.group(6)));
        return new WrittenFigure(
                Math.min(first, second),
                two ? OptionalDouble.of(Math.max(first, second)) : OptionalDouble.empty(),
                tolerance,
                unit(unit),
                found.start(),
                found.end());
    }

    private static double number(String written) {
        if (NAMED.containsKey(written)) {
            return NAMED.get(written);
        }
        String plain =
                BLANK.matcher(written.replace("minus", "-")).replaceAll("").replace(',', '.');
        return Double.parseDouble(plain);
    }

    private static boolean level(String unit) {
        return unit.startsWith("lu") || unit.startsWith("lk") || unit.startsWith("db") || unit.equals("rms");
    }

    private static double factor(String unit) {
        if (unit.equals("khz") || unit.equals("k")) {
            return 1000;
        }
        if (unit.startsWith("ms") || unit.startsWith("milli")) {
            return 0.001;
        }
        if (unit.startsWith("min")) {
            return 60;
        }
        return unit.startsWith("h") && !unit.equals("hz") ? 3600 : 1;
    }

    private static WrittenFigure.Unit unit(String unit) {
        return switch (unit.toLowerCase(Locale.ROOT)) {
            case "" -> WrittenFigure.Unit.NONE;
            case "lufs", "lkfs", "lu" -> WrittenFigure.Unit.LUFS;
            case "dbtp", "dbtruepeak" -> WrittenFigure.Unit.DBTP;
            case "dbov" -> WrittenFigure.Unit.DBOV;
            case "rms", "dbrms", "dbfsrms" -> WrittenFigure.Unit.RMS;
            case "db", "dbfs" -> WrittenFigure.Unit.DECIBEL;
            case "khz", "hz", "k" -> WrittenFigure.Unit.HERTZ;
            case "kbps", "kbit/s", "kbits/s", "kb/s", "kbs", "kbit", "kbits" -> WrittenFigure.Unit.KBPS;
            case "bit", "bits" -> WrittenFigure.Unit.BITS;
            default -> WrittenFigure.Unit.SECONDS;
        };
    }
}
