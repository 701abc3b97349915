package app.redlamp.core.planning.plan;

import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.planning.take.Take;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Tells which recording is of which piece: by the name that the pattern gives it, or by the piece's number and title in the
 * name. A finished recording counts before a raw one; a piece has one take at most.
 */
public final class TakeFinder {
    private static final Pattern OTHER_SIGNS = Pattern.compile("[^\\p{L}\\p{N}]+");
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    /** Folder of raw takes in a production. */
    public static final String RAW = "raw";

    private TakeFinder() {}

    /**
     * A recording in the production's folder.
     *
     * @param name file name with ending
     * @param lengthS length in seconds
     * @param ready whether it lies in {@code ready/}
     */
    public record Found(String name, double lengthS, boolean ready) {}

    /** Takes in the order of their pieces; recordings of which the piece is not clear are left out. */
    public static List<Recorded> takes(Production production, List<Found> found) {
        List<String> names = names(production);
        List<Recorded> takes = new ArrayList<>();
        for (int i = 0; i < production.pieces().size(); i++) {
            int piece = i;
            best(piece, names, production, found)
                    .ifPresent(f -> takes.add(new Recorded(piece, f.lengthS(), f.ready())));
        }
        return takes;
    }

    /** A take for each recording in {@code raw/}, with the title of its piece where that is clear. */
    public static List<Take> raw(Production production, List<Found> found) {
        List<String> names = names(production);
        List<Take> takes = new ArrayList<>();
        for (Found one : found) {
            if (!one.ready() && one.lengthS() > 0) {
                String piece = "";
                for (int i = 0; i < production.pieces().size() && piece.isEmpty(); i++) {
                    piece = isOf(one, i, names, production)
                            ? production.pieces().get(i).title()
                            : "";
                }
                takes.add(Take.found(RAW + "/" + one.name(), piece, one.lengthS()));
            }
        }
        return takes;
    }

    private static Optional<Found> best(int piece, List<String> names, Production production, List<Found> found) {
        Optional<Found> best = Optional.empty();
        for (Found one : found) {
            boolean better = best.isEmpty() || (one.ready() && !best.get().ready());
            if (one.lengthS() > 0 && better && isOf(one, piece, names, production)) {
                best = Optional.of(one);
            }
        }
        return best;
    }

    private static boolean isOf(Found one, int piece, List<String> names, Production production) {
        String stem = plain(Naming.stem(one.name()));
        if (piece < names.size() && stem.equals(plain(names.get(piece)))) {
            return true;
        }
        String title = plain(production.pieces().get(piece).title());
        Matcher number = NUMBER.matcher(stem);
        boolean numbered =
                number.find() && number.group().length() < 6 && Integer.parseInt(number.group()) == piece + 1;
        return numbered && !title.isEmpty() && stem.contains(title);
    }

    private static List<String> names(Production production) {
        try {
            return production.fileNames();
        } catch (IllegalArgumentException e) {
            // A pattern that names nothing is the brief's own finding; recordings are still known by number and title.
            return List.of();
        }
    }

    /** Letters and digits only, for people write blanks as they like. */
    private static String plain(String name) {
        String lower = Normalizer.normalize(name, Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
        return OTHER_SIGNS.matcher(lower).replaceAll(" ").strip();
    }
}
