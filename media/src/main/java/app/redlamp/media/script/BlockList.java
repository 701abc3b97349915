package app.redlamp.media.script;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.PlainText;
import app.redlamp.core.planning.script.ScriptText;
import java.util.ArrayList;
import java.util.List;

/** Gathers the blocks of a document and refuses more of them than any script has. */
final class BlockList {
    static final int MOST_CHARACTERS = ScriptText.MOST_CHARACTERS;

    private final List<Block> blocks = new ArrayList<>();
    private long characters;

    /** Blank ones are left out. */
    void paragraph(String text) throws DocumentFault {
        String line = PlainText.tidy(text);
        if (!line.isEmpty()) {
            count(line);
            blocks.add(Block.paragraph(line));
        }
    }

    /** Blank ones are left out. */
    void heading(int level, String text) throws DocumentFault {
        String line = PlainText.tidy(text);
        if (!line.isEmpty()) {
            count(line);
            blocks.add(Block.heading(level, line));
        }
    }

    void page() {
        if (!blocks.isEmpty() && blocks.get(blocks.size() - 1).kind() != Block.Kind.PAGE_BREAK) {
            blocks.add(Block.PAGE);
        }
    }

    ScriptText text() {
        return new ScriptText(blocks);
    }

    private void count(String line) throws DocumentFault {
        characters += line.length();
        if (characters > MOST_CHARACTERS) {
            throw tooLong();
        }
    }

    static DocumentFault tooLong() {
        return new DocumentFault(ScriptText.tooLong());
    }
}
