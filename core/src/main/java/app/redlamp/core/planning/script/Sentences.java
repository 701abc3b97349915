package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.List;

/**
 * Finds where sentences end while somebody goes through a text word by word. A sentence ends at a point, an exclamation
 * or question mark after which a capital, a figure or a quotation follows, unless the point belongs to a title, an initial
 * or another abbreviation; and at the end of a paragraph.
 */
public final class Sentences {
    private static final String ENDS = ".!?…";
    private static final String CLOSES = "\"'”’»)]*_";
    private static final String OPENS = "\"'“‘«([*_¿¡";

    private Sentences() {}

    /** The sentences of a paragraph as they are written, without the space between them. */
    public static List<String> of(String paragraph) {
        List<String> all = new ArrayList<>();
        WordScan words = new WordScan(paragraph);
        int from = 0;
        boolean ended = false;
        while (words.next()) {
            if (ended) {
                all.add(paragraph.substring(from, words.start()).strip());
                from = words.start();
            }
            ended = endsAt(paragraph, words);
        }
        String last = paragraph.substring(from).strip();
        if (!last.isEmpty()) {
            all.add(last);
        }
        return all;
    }

    /** Whether a sentence ends with the word at which {@code words} stands. */
    static boolean endsAt(String text, WordScan words) {
        int at = words.end();
        boolean ends = false;
        boolean point = false;
        int last = at - 1;
        while (last >= words.start() && CLOSES.indexOf(text.charAt(last)) >= 0) {
            last--;
        }
        if (last >= words.start() && ENDS.indexOf(text.charAt(last)) >= 0) {
            ends = true;
            point = text.charAt(last) == '.';
        }
        // An ellipsis or a lone mark may stand apart from the word before it.
        while (at < text.length()
                && !Character.isLetterOrDigit(text.charAt(at))
                && OPENS.indexOf(text.charAt(at)) < 0) {
            ends |= ENDS.indexOf(text.charAt(at)) >= 0;
            at++;
        }
        while (at < text.length() && !Character.isLetterOrDigit(text.charAt(at))) {
            at++;
        }
        if (at >= text.length()) {
            return true;
        }
        return ends && !Character.isLowerCase(text.codePointAt(at)) && !(point && abbreviated(text, words, at));
    }

    private static boolean abbreviated(String text, WordScan words, int next) {
        String bare = words.bare();
        boolean initial = bare.length() == 1 && Character.isUpperCase(bare.charAt(0)) && !bare.equals("I");
        if (initial || Abbreviations.isTitle(bare)) {
            return true;
        }
        // "at 5 p.m. They left": a sentence may end with one of the others, and a figure may follow one ("No. 7").
        return Abbreviations.is(bare, words.written()) && Character.isDigit(text.charAt(next));
    }
}
