package app.redlamp.core.planning.script;

import java.util.Locale;
import java.util.Set;

/** English abbreviations that are followed by a point without ending a sentence, or that have to be said in full. */
final class Abbreviations {
    /** Longer ones are words (ours). */
    private static final int LONGEST = 8;

    /** Common practice, no source. */
    private static final Set<String> KNOWN = Set.of(
            "mr", "mrs", "ms", "dr", "prof", "rev", "st", "ste", "mt", "jr", "sr", "capt", "col", "gen", "lt", "sgt",
            "hon", "gov", "sen", "rep", "pres", "ave", "blvd", "rd", "no", "nos", "vol", "pp", "ch", "fig", "ed", "eds",
            "vs", "etc", "cf", "viz", "approx", "dept", "est", "inc", "ltd", "co", "corp", "bros", "jan", "feb", "mar",
            "apr", "jun", "jul", "aug", "sep", "sept", "oct", "nov", "dec", "mon", "tue", "tues", "wed", "thu", "thurs",
            "fri", "sat", "sun", "min", "max", "sec", "hr", "hrs", "ft", "lb", "lbs", "oz", "km", "cm", "mm", "kg",
            "mg", "ml", "mph", "kph", "kwh", "hz", "khz");
    /** WordScan of their own without a point: abbreviations only with one. */
    private static final Set<String> ALSO_WORDS = Set.of(
            "no", "gen", "hon", "rep", "fig", "co", "mar", "jun", "dec", "sat", "sun", "wed", "mon", "min", "max", "ed",
            "inc", "ave", "mt", "ch", "est", "pres", "fri", "thu", "jan", "nov", "oct", "jul", "apr", "aug", "feb",
            "sec", "sen", "gov", "vol", "corp", "dept");

    private static final Set<String> TITLES =
            Set.of("mr", "mrs", "ms", "dr", "prof", "rev", "st", "mt", "capt", "col", "lt", "sgt", "hon", "gov", "sen");

    private Abbreviations() {}

    /** Whether a word with the signs after it is one. */
    static boolean is(String bare, String written) {
        if (bare.length() > LONGEST) {
            return false;
        }
        String lower = bare.toLowerCase(Locale.ROOT);
        boolean point = written.indexOf('.', written.indexOf(bare) + bare.length()) >= 0;
        return dotted(lower) || (KNOWN.contains(lower) && (point || !ALSO_WORDS.contains(lower)));
    }

    /** Whether it goes before a name, so that its point ends no sentence even before a capital. */
    static boolean isTitle(String bare) {
        return TITLES.contains(bare.toLowerCase(Locale.ROOT));
    }

    /** Letters with points between: "a.m", "U.S", "e.g". */
    private static boolean dotted(String lower) {
        if (lower.length() < 3) {
            return false;
        }
        for (int i = 0; i < lower.length(); i++) {
            boolean right = i % 2 == 0 ? Character.isLetter(lower.charAt(i)) : lower.charAt(i) == '.';
            if (!right) {
                return false;
            }
        }
        return true;
    }
}
