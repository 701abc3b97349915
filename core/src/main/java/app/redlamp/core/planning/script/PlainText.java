package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Takes a text without any marks apart: paragraphs stand between empty lines, or are lines where there are none; a form
 * feed is the end of a page; the lines of a list of numbered cues stay apart.
 */
public final class PlainText {
    private static final Pattern EMPTY_LINE = Pattern.compile("\\n[ \\t\\u00a0]*\\n");

    private PlainText() {}

    /** Reads text with blank lines between paragraphs. */
    public static ScriptText read(String text) {
        String lines = text.replace("\r\n", "\n")
                .replace('\r', '\n')
                .replace('\u2028', '\n')
                .replace("\u2029", "\n\n");
        boolean paragraphs = EMPTY_LINE.matcher(lines.strip()).find();
        List<Block> blocks = new ArrayList<>();
        StringBuilder paragraph = new StringBuilder();
        for (String line : lines.split("\n", -1)) {
            int from = 0;
            for (int feed = line.indexOf('\f'); feed >= 0; feed = line.indexOf('\f', from)) {
                add(line.substring(from, feed), paragraph, blocks, paragraphs);
                close(paragraph, blocks);
                blocks.add(Block.PAGE);
                from = feed + 1;
            }
            add(line.substring(from), paragraph, blocks, paragraphs);
        }
        close(paragraph, blocks);
        return HeadingFinder.mark(new ScriptText(blocks));
    }

    private static void add(String line, StringBuilder paragraph, List<Block> blocks, boolean paragraphs) {
        String plain = tidy(line);
        if (plain.isEmpty() || !paragraphs || CueMark.of(plain).isPresent()) {
            close(paragraph, blocks);
        }
        if (endsBroken(paragraph) && startsSmall(plain)) {
            paragraph.setLength(paragraph.length() - 1);
            paragraph.append(plain);
        } else {
            paragraph.append(paragraph.isEmpty() || plain.isEmpty() ? "" : " ").append(plain);
        }
        if (!paragraphs) {
            close(paragraph, blocks);
        }
    }

    private static void close(StringBuilder paragraph, List<Block> blocks) {
        if (!paragraph.isEmpty()) {
            blocks.add(Block.paragraph(paragraph.toString()));
            paragraph.setLength(0);
        }
    }

    /** One line with single blanks and nothing that commands a printer or a terminal. */
    public static String tidy(String line) {
        StringBuilder tidy = new StringBuilder(line.length());
        for (int i = 0; i < line.length(); i++) {
            char c = line.charAt(i);
            boolean blank = c == ' ' || c == '\u00a0' || (c != '\f' && Character.isWhitespace(c));
            boolean unseen = Character.isISOControl(c) || c == '\ufeff' || c == '\u00ad' || c == '\u200b';
            if (blank) {
                if (!tidy.isEmpty() && tidy.charAt(tidy.length() - 1) != ' ') {
                    tidy.append(' ');
                }
            } else if (!unseen) {
                tidy.append(c);
            }
        }
        if (!tidy.isEmpty() && tidy.charAt(tidy.length() - 1) == ' ') {
            tidy.setLength(tidy.length() - 1);
        }
        return tidy.toString();
    }

    private static boolean endsBroken(StringBuilder paragraph) {
        int last = paragraph.length() - 1;
        return last > 0 && paragraph.charAt(last) == '-' && Character.isLetter(paragraph.charAt(last - 1));
    }

    private static boolean startsSmall(String line) {
        return !line.isEmpty() && Character.isLowerCase(line.codePointAt(0));
    }
}
