package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;
import java.util.Objects;

/**
 * A heading, a paragraph or a page break of a script: the smallest thing that a script can be split at.
 *
 * @param level 1 for the highest heading, at most 6; 0 for what is no heading
 * @param text one line, without breaks; empty for a page break only
 */
public record Block(Kind kind, int level, String text) {
    /** Headings go six deep (HTML and Markdown). */
    static final int DEEPEST = 6;

    /** What a block is. */
    public enum Kind {
        HEADING,
        PARAGRAPH,
        PAGE_BREAK
    }

    /** The end of a page. */
    public static final Block PAGE = new Block(Kind.PAGE_BREAK, 0, "");

    /** @throws IllegalArgumentException for a level that does not go with the kind, or text where there must be none */
    public Block {
        Objects.requireNonNull(text);
        boolean levelled = kind == Kind.HEADING ? level >= 1 && level <= DEEPEST : level == 0;
        if (!levelled || (kind == Kind.PAGE_BREAK) != text.isEmpty()) {
            throw new IllegalArgumentException(Faults.say("block.block-level-with", kind, level, text.length()));
        }
    }

    /** A heading of a level from 1 to 6. */
    public static Block heading(int level, String text) {
        return new Block(Kind.HEADING, Math.max(1, Math.min(DEEPEST, level)), text);
    }

    /** A paragraph of text. */
    public static Block paragraph(String text) {
        return new Block(Kind.PARAGRAPH, 0, text);
    }

    /** Whether it is a heading. */
    public boolean isHeading() {
        return kind == Kind.HEADING;
    }
}
