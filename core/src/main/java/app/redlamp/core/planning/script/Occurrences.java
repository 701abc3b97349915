package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.List;

/** Finds where a term stands in a script: as a whole word or words, whatever follows it. */
public final class Occurrences {
    private Occurrences() {}

    /**
     * One place.
     *
     * @param block index of the block
     * @param from first character in the block's text
     * @param to character after the last
     */
    public record Place(int block, int from, int to) {}

    /** Where a term stands in a piece, in the order of the text. */
    public static List<Place> of(String term, ScriptText text, Piece piece) {
        List<Place> places = new ArrayList<>();
        for (Span span : piece.spans()) {
            for (int i = span.from(); i < span.to(); i++) {
                int block = i;
                in(text.blocks().get(i).text(), term).forEach(p -> places.add(new Place(block, p.from(), p.to())));
            }
        }
        return places;
    }

    /** How often a term stands in a piece. */
    public static int count(String term, ScriptText text, Piece piece) {
        return of(term, text, piece).size();
    }

    /** Places in one paragraph, which counts as block 0. */
    public static List<Place> in(String text, String term) {
        List<Place> places = new ArrayList<>();
        for (int at = text.indexOf(term); at >= 0; at = text.indexOf(term, at + term.length())) {
            int end = at + term.length();
            boolean before = at == 0 || !Character.isLetterOrDigit(text.codePointBefore(at));
            boolean after = end == text.length()
                    || !Character.isLetterOrDigit(text.codePointAt(end))
                    || !Character.isLetterOrDigit(text.codePointBefore(end));
            if (before && after) {
                places.add(new Place(0, at, end));
            }
        }
        return places;
    }
}
