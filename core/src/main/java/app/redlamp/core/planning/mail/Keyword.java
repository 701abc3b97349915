package app.redlamp.core.planning.mail;

import app.redlamp.core.delivery.spec.Asked;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A word that says what a figure beside it is about.
 *
 * @param measure what is measured, where the word says that too: {@code rms}, {@code lufs}, {@code active}, {@code true},
 *     {@code sample}; empty where it does not
 * @param from first character
 * @param to character after the last
 */
record Keyword(Asked asked, String measure, int from, int to) {
    private static final List<Rule> RULES = List.of(
            new Rule(
                    Asked.NOISE_FLOOR,
                    "",
                    "noise[ -]?floor|background noise|room noise|noise level|floor noise|\\bnoise\\b|\\bfloor\\b"),
            new Rule(Asked.PEAK, "true", "true[ -]?peaks?|\\binter-?sample peaks?|\\bdbtp\\b"),
            new Rule(
                    Asked.PEAK,
                    "sample",
                    "\\bpeak(?:s|ing|ed)?\\b(?: levels?| values?)?|\\bceiling\\b|\\bmaxim(?:um|al) level"),
            new Rule(Asked.LOUDNESS, "lufs", "\\bintegrated\\b|\\blufs\\b|\\blkfs\\b"),
            new Rule(Asked.LOUDNESS, "active", "active speech(?: level)?|\\bp\\.?56\\b"),
            new Rule(Asked.LOUDNESS, "rms", "\\brms\\b"),
            new Rule(Asked.LOUDNESS, "", "\\bloudness\\b|\\baverage(?: level)?|\\boverall level|\\bvolume\\b"),
            new Rule(
                    Asked.LONGEST,
                    "",
                    "\\blonger than|\\bper file|\\ba file\\b|\\beach file|\\bfile length|\\bmax(?:imum)? length|\\blongest\\b|\\bper chapter"
                            + "|\\brunning time"),
            new Rule(
                    Asked.HEAD,
                    "",
                    "\\bhead\\b|\\bstart\\b|\\bbeginning\\b|\\bfront\\b|\\bbefore the first word|\\bbefore\\b|\\bleading\\b|\\blead-?in\\b|\\bopening\\b|\\btop\\b"),
            new Rule(
                    Asked.TAIL,
                    "",
                    "\\btail\\b|\\bend(?:ing)?\\b|\\bafter the last word|\\bafter\\b|\\btrailing\\b|\\blead-?out\\b|\\bclos(?:e|ing)\\b"));

    private record Rule(Asked asked, String measure, Pattern pattern) {
        Rule(Asked asked, String measure, String pattern) {
            this(asked, measure, Pattern.compile(pattern));
        }
    }

    /** All that there are; where two overlap the longer one, as "true peak" before "peak". */
    static List<Keyword> in(String text) {
        List<Keyword> all = new ArrayList<>();
        BitSet taken = new BitSet(text.length());
        for (Rule rule : RULES) {
            Matcher found = rule.pattern().matcher(text);
            while (found.find()) {
                int next = taken.nextSetBit(found.start());
                if (next < 0 || next >= found.end()) {
                    taken.set(found.start(), found.end());
                    all.add(new Keyword(rule.asked(), rule.measure(), found.start(), found.end()));
                }
            }
        }
        return all;
    }
}
