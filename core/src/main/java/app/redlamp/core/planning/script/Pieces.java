package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;

/** Corrections of a split by hand: each gives a new list and leaves the old one as it was. */
public final class Pieces {
    private Pieces() {}

    /**
     * Joins a piece with the one after it.
     *
     * @throws IndexOutOfBoundsException where there is none after it
     */
    public static List<Piece> merge(List<Piece> pieces, int index) {
        List<Piece> all = new ArrayList<>(pieces);
        all.set(index, all.get(index).and(all.get(index + 1)));
        all.remove(index + 1);
        return all;
    }

    /**
     * Splits a piece before one of its blocks.
     *
     * @param block index of the block in the script; must be in the piece and not its first
     * @param title of the new piece, which begins with the block
     * @throws IllegalArgumentException where the block is not in the piece, or is its first
     */
    public static List<Piece> split(List<Piece> pieces, int index, int block, String title) {
        Piece piece = pieces.get(index);
        List<Span> before = new ArrayList<>();
        List<Span> after = new ArrayList<>();
        for (Span span : piece.spans()) {
            if (!after.isEmpty()) {
                after.add(span);
            } else if (span.contains(block)) {
                if (block > span.from()) {
                    before.add(new Span(span.from(), block));
                }
                after.add(new Span(block, span.to()));
            } else {
                before.add(span);
            }
        }
        if (before.isEmpty() || after.isEmpty()) {
            throw new IllegalArgumentException(Faults.say("pieces.cannot-be-split", piece.title()));
        }
        List<Piece> all = new ArrayList<>(pieces);
        all.set(index, new Piece(piece.title(), before, piece.plannedS()));
        all.add(index + 1, Piece.read(title, after));
        return all;
    }

    /** The same pieces with one under another title, counted from 0. */
    public static List<Piece> rename(List<Piece> pieces, int index, String title) {
        List<Piece> all = new ArrayList<>(pieces);
        all.set(index, all.get(index).called(title));
        return all;
    }

    /** Puts a piece at another place; the others close up. */
    public static List<Piece> move(List<Piece> pieces, int from, int to) {
        List<Piece> all = new ArrayList<>(pieces);
        all.add(to, all.remove(from));
        return all;
    }

    /** The same pieces without one, counted from 0. */
    public static List<Piece> remove(List<Piece> pieces, int index) {
        List<Piece> all = new ArrayList<>(pieces);
        all.remove(index);
        return all;
    }
}
