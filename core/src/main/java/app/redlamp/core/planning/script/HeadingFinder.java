package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Finds headings in a text that does not mark them: short paragraphs that say that they are a chapter or a part, or that are a
 * lone number, and lines in capitals. A text that has marked headings keeps just those.
 */
public final class HeadingFinder {
    /** A longer line is a sentence (ours). */
    private static final int LONGEST = 80;

    /** Fewer are a number or a slip (ours). */
    private static final int FEWEST_LETTERS = 4;

    private static final String NUMBER =
            "(?:\\d{1,3}|[IVXLC]{1,7}|one|two|three|four|five|six|seven|eight|nine|ten|eleven"
                    + "|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty|thirty|forty|fifty"
                    + "|(?:twenty|thirty|forty|fifty)[- ](?:one|two|three|four|five|six|seven|eight|nine))";
    private static final Pattern PART =
            Pattern.compile("(?i)(?:part|book|volume)\\s+(?:the\\s+)?" + NUMBER + "\\b[^.!?]{0,60}");
    private static final Pattern CHAPTER =
            Pattern.compile("(?i)(?:chapter|episode|lesson|module|unit|section|scene|stop)\\s+"
                    + NUMBER
                    + "\\b.{0,70}|(?:prologue|epilogue|foreword|preface|introduction|afterword|acknowledge?ments"
                    + "|opening credits|closing credits)\\b.{0,40}");
    private static final Pattern LONE = Pattern.compile("\\d{1,3}\\.?|[IVXLC]{1,7}\\.?");

    private HeadingFinder() {}

    /** The same blocks with headings where they are likely. */
    public static ScriptText mark(ScriptText text) {
        if (text.blocks().stream().anyMatch(Block::isHeading)) {
            return text;
        }
        List<Block> marked = new ArrayList<>();
        boolean parts = false;
        for (Block block : text.blocks()) {
            String line = block.text();
            boolean part = line.length() <= LONGEST && PART.matcher(line).matches();
            parts |= part;
            if (part) {
                marked.add(Block.heading(1, line));
            } else if (block.kind() == Block.Kind.PARAGRAPH && isChapter(line)) {
                marked.add(Block.heading(parts ? 2 : 1, line));
            } else {
                marked.add(block);
            }
        }
        return new ScriptText(marked);
    }

    private static boolean isChapter(String line) {
        return line.length() <= LONGEST
                && (CHAPTER.matcher(line).matches() || LONE.matcher(line).matches() || capitals(line));
    }

    private static boolean capitals(String line) {
        long letters = line.codePoints().filter(Character::isLetter).count();
        return letters >= FEWEST_LETTERS && line.codePoints().noneMatch(Character::isLowerCase) && !line.endsWith(":");
    }
}
