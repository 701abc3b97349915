package app.redlamp.core.planning.script;

import java.util.List;

/** Counts what there is to read. */
public final class Counter {
    /** More are counted and not listed (ours). */
    private static final int SHOWN = 200;

    private Counter() {}

    /** Counts words, sentences and how long they take to say. */
    public static Count of(List<Block> blocks) {
        Count sum = Count.NONE;
        for (Block block : blocks) {
            sum = sum.plus(of(block.text()));
        }
        return sum;
    }

    /** Counts one paragraph or heading. */
    public static Count of(String text) {
        WordScan words = new WordScan(text);
        Dialogue dialogue = new Dialogue(text);
        int count = 0;
        int sentences = 0;
        int spoken = 0;
        int length = 0;
        int begin = 0;
        int longest = 0;
        int longestBegin = 0;
        int longestEnd = 0;
        while (words.next()) {
            begin = length == 0 ? words.start() : begin;
            count++;
            length++;
            spoken += dialogue.at(firstLetter(text, words.start())) ? 1 : 0;
            if (Sentences.endsAt(text, words)) {
                sentences++;
                if (length > longest) {
                    longest = length;
                    longestBegin = begin;
                    longestEnd = words.end();
                }
                length = 0;
            }
        }
        return new Count(count, sentences, longest, cut(text, longestBegin, longestEnd), spoken);
    }

    private static int firstLetter(String text, int from) {
        int at = from;
        while (!Character.isLetterOrDigit(text.codePointAt(at))) {
            at++;
        }
        return at;
    }

    private static String cut(String text, int from, int to) {
        return to - from <= SHOWN ? text.substring(from, to) : text.substring(from, from + SHOWN) + "…";
    }
}
