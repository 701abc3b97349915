package app.redlamp.core.planning.script;

import java.util.Locale;
import java.util.Set;

/**
 * Tells whether a word looks as if it came from outside English: other letters than a to z, no vowel, or letters side by
 * side that English hardly ever puts there. Common practice, no source; it points words out and decides nothing.
 */
final class ForeignLook {
    private static final String VOWELS = "aeiouy";
    /** Pairs of letters that English words do not have; from memory. */
    private static final Set<String> PAIRS =
            Set.of(("aa ii uu hh jj kk qq ww yy bq bx cb cf cj cv cx dx fq fx gq gx hx hz jb jc jd"
                            + " jf jg jh jk jl jm jn jp jr js jt jv jw jz kx kz lx mx pq px qa qe qi qo vb vc vd vf vg vh vk vl vm vn vp"
                            + " vr vs vt vx vz wx xb xd xg xj xk xn xr xv xz zd zj zk zn zq zr zs zx sz cz kj lj nj bj dj hj fj gj")
                    .split(" "));

    private static final Set<String> BEGINNINGS = Set.of(
            "ng", "mb", "nd", "nk", "nt", "gw", "cw", "ts", "tz", "dz", "hr", "hl", "ll", "pf", "mp", "zh", "bh", "dh",
            "lh", "gj");
    private static final Set<String> ENGLISH = Set.of(
            "vacuum",
            "continuum",
            "skiing",
            "taxiing",
            "bookkeeper",
            "bookkeeping",
            "trekked",
            "trekking",
            "llama",
            "tsar",
            "adjust",
            "adjacent",
            "object",
            "subject",
            "rhythm",
            "rhythms",
            "hmm",
            "shh",
            "brr",
            "pfft",
            "psst",
            "tsk",
            "nth",
            "withhold",
            "withheld",
            "hitchhike",
            "hitchhiker",
            "roughhouse",
            "bathhouse",
            "savvy",
            "conjure",
            "injure",
            "injury",
            "enjoy",
            "enjoyed",
            "enjoying",
            "enjoyment",
            "banjo",
            "ninja",
            "navvy",
            "revved",
            "obviously",
            "abject",
            "banjos");

    private ForeignLook() {}

    /** @param bare a word without signs around it, in small letters or not */
    static boolean is(String bare) {
        String lower = bare.toLowerCase(Locale.ROOT).replace("’", "'");
        int apostrophe = lower.indexOf('\'');
        String word = apostrophe > 1 ? lower.substring(0, apostrophe) : lower;
        if (word.length() < 2 || ENGLISH.contains(word) || word.chars().anyMatch(Character::isDigit)) {
            return false;
        }
        if (word.codePoints().anyMatch(c -> Character.isLetter(c) && (c < 'a' || c > 'z'))) {
            return true;
        }
        for (String part : word.split("-", -1)) {
            if (part.length() > 1 && letters(part) && strange(part)) {
                return true;
            }
        }
        return false;
    }

    private static boolean letters(String part) {
        return part.chars().allMatch(c -> c >= 'a' && c <= 'z');
    }

    private static boolean strange(String part) {
        if (part.chars().noneMatch(c -> VOWELS.indexOf(c) >= 0) || BEGINNINGS.contains(part.substring(0, 2))) {
            return !ENGLISH.contains(part);
        }
        for (int i = 0; i + 2 <= part.length(); i++) {
            String pair = part.substring(i, i + 2);
            boolean joint = pair.endsWith("j")
                    && (part.startsWith("ad")
                            || part.startsWith("en")
                            || part.startsWith("in")
                            || part.startsWith("con")
                            || part.startsWith("sub")
                            || part.startsWith("ob"));
            if (PAIRS.contains(pair) && !joint) {
                return true;
            }
        }
        return false;
    }
}
