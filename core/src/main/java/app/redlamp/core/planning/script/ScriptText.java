package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;

/** The text of a script, as it came: blocks in their order. It never changes; how it is split does. */
public record ScriptText(List<Block> blocks) {
    /** About ten long books; common practice, no source. */
    public static final int MOST_CHARACTERS = 8_000_000;

    public static final ScriptText EMPTY = new ScriptText(List.of());

    /** @throws IllegalArgumentException for more text than {@value #MOST_CHARACTERS} characters; one line */
    public ScriptText {
        blocks = List.copyOf(blocks);
        if (blocks.stream().mapToLong(b -> b.text().length()).sum() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(Faults.say("script-text.script", tooLong()));
        }
    }

    /** What is said of a longer one. */
    public static String tooLong() {
        return Faults.say("script-text.holds-more-than", MOST_CHARACTERS / 1_000_000);
    }

    /** How many blocks. */
    public int size() {
        return blocks.size();
    }

    /** This one and another below it. */
    public ScriptText and(ScriptText more) {
        List<Block> all = new ArrayList<>(blocks);
        all.addAll(more.blocks);
        return new ScriptText(all);
    }

    /**
     * The text block by block as it is said, without page breaks.
     *
     * @throws IndexOutOfBoundsException for a span beyond the end
     */
    public List<Block> of(Piece piece) {
        List<Block> all = new ArrayList<>();
        for (Span span : piece.spans()) {
            blocks.subList(span.from(), span.to()).stream()
                    .filter(b -> b.kind() != Block.Kind.PAGE_BREAK)
                    .forEach(all::add);
        }
        return all;
    }
}
