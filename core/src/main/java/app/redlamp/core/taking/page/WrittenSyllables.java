package app.redlamp.core.taking.page;

import app.redlamp.core.planning.script.WordScan;
import java.util.Locale;

/**
 * How many syllables a text has, counted by its groups of vowels: a silent e at the end counts for none, a figure for two (common
 * practice for English, no source). Right on the whole and not for each word.
 */
final class WrittenSyllables {
    private static final String VOWELS = "aeiouyàáâãäåæèéêëìíîïòóôõöøœùúûüýÿ";

    /** Syllables of a digit in a figure (ours). */
    private static final int A_DIGIT = 2;

    private WrittenSyllables() {}

    /** Of a text; at least one for each of its words. */
    static int of(String text) {
        WordScan words = new WordScan(text);
        int sum = 0;
        while (words.next()) {
            sum += word(words.bare().toLowerCase(Locale.ROOT));
        }
        return sum;
    }

    private static int word(String word) {
        int groups = 0;
        boolean before = false;
        for (int i = 0; i < word.length(); i++) {
            char c = word.charAt(i);
            boolean vowel = VOWELS.indexOf(c) >= 0;
            groups += vowel && !before ? 1 : 0;
            groups += Character.isDigit(c) ? A_DIGIT : 0;
            before = vowel;
        }
        boolean silent = groups > 1 && silentEnd(word);
        return Math.max(1, silent ? groups - 1 : groups);
    }

    /** "table" and "agree" end in a syllable, "made" and "looked" do not. */
    private static boolean silentEnd(String word) {
        int n = word.length();
        if (n > 3 && word.endsWith("ed")) {
            char c = word.charAt(n - 3);
            return c != 't' && c != 'd' && VOWELS.indexOf(c) < 0;
        }
        return n > 2
                && word.endsWith("e")
                && VOWELS.indexOf(word.charAt(n - 2)) < 0
                && !(word.endsWith("le") && VOWELS.indexOf(word.charAt(n - 3)) < 0);
    }
}
