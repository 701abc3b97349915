package app.redlamp.media;

import app.redlamp.core.planning.script.Count;
import app.redlamp.core.planning.script.Counter;
import app.redlamp.core.planning.script.MentionFinder;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.PlainText;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Splitter;
import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.text.BreakIterator;
import java.util.List;
import java.util.Locale;

/**
 * A book of 150,000 words taken apart, split, counted and searched for names, against the JDK's own search for the ends of
 * words and sentences over the same text; the first time, as a user has it, and the best of many.
 */
public final class BookBench {
    private static final int WORDS = 150_000;
    private static final int TURNS = 15;

    private BookBench() {}

    public static void main(String[] arguments) throws IOException {
        String book = book();
        double first = Double.NaN;
        double ours = Double.MAX_VALUE;
        double theirs = Double.MAX_VALUE;
        for (int turn = 0; turn < TURNS; turn++) {
            long start = System.nanoTime();
            int words = read(book);
            long middle = System.nanoTime();
            int boundaries = jdk(book);
            long end = System.nanoTime();
            if (words < WORDS || boundaries < WORDS) {
                throw new IllegalStateException(words + " words, " + boundaries + " boundaries");
            }
            first = turn == 0 ? (middle - start) / 1e9 : first;
            ours = Math.min(ours, (middle - start) / 1e9);
            theirs = Math.min(theirs, (end - middle) / 1e9);
        }
        System.out.printf(
                "150,000 words: split, counted and searched in %.2f s the first time, %.2f s at best; the JDK's word and"
                        + " sentence boundaries %.2f s at best; ratio %.2f%n",
                first, ours, theirs, ours / theirs);
    }

    private static int read(String book) {
        ScriptText text = PlainText.read(book);
        Splitter splitter = new Splitter(text);
        List<Piece> pieces = splitter.by(splitter.best(false));
        int words = pieces.stream().map(p -> Counter.of(text.of(p))).mapToInt(Count::words).sum();
        if (MentionFinder.in(text).isEmpty()) {
            throw new IllegalStateException("no names");
        }
        return words;
    }

    private static int jdk(String book) {
        int count = 0;
        for (BreakIterator breaks : List.of(
                BreakIterator.getWordInstance(Locale.ENGLISH), BreakIterator.getSentenceInstance(Locale.ENGLISH))) {
            breaks.setText(book);
            while (breaks.next() != BreakIterator.DONE) {
                count++;
            }
        }
        return count;
    }

    private static String book() throws IOException {
        StringBuilder book = new StringBuilder();
        String chapter;
        try (InputStream in = DemoProduction.class.getResourceAsStream("borrowed-weather.md")) {
            chapter = new String(in.readAllBytes(), StandardCharsets.UTF_8).replaceAll("(?m)^#+ ", "");
        }
        for (int words = 0, n = 1; words < WORDS; words += 3_254, n++) {
            book.append("Chapter ").append(n).append("\n\n").append(chapter).append("\n\n");
        }
        return book.toString();
    }
}
