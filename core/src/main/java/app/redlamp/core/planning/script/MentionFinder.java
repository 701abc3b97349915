package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Finds what a reader has to look up before reading: names, figures, abbreviations and words that look foreign. For
 * scripts in English.
 */
public final class MentionFinder {
    /** WordScan of a name (ours). */
    private static final int MOST_WORDS = 4;

    private static final Pattern ROMAN = Pattern.compile("^(?=[IVXLC]{2,})X{0,3}(?:XC|XL|L?X{0,3})(?:IX|IV|V?I{0,3})");
    private static final Pattern EDGES =
            Pattern.compile("^[^\\p{L}\\p{N}\\p{Sc}+−-]+|(?<![^\\p{L}\\p{N}%°\\p{Sc}])[^\\p{L}\\p{N}%°\\p{Sc}]+$");
    private static final Pattern CAPITALS = Pattern.compile("[A-Z][A-Z0-9&]{1,6}s?");
    /** Capitalised without being anybody's name. */
    private static final Set<String> PLAIN = Set.of(
            "i",
            "i'm",
            "i'll",
            "i've",
            "i'd",
            "monday",
            "tuesday",
            "wednesday",
            "thursday",
            "friday",
            "saturday",
            "sunday",
            "january",
            "february",
            "march",
            "april",
            "may",
            "june",
            "july",
            "august",
            "september",
            "october",
            "november",
            "december",
            "chapter",
            "part",
            "stop",
            "prologue",
            "epilogue",
            "ok",
            "okay",
            "mr",
            "mrs",
            "ms",
            "dr",
            "english");

    private final ScriptText text;
    private final Set<String> small = new HashSet<>();
    private final Set<String> within = new HashSet<>();
    private final Map<String, Mention> found = new LinkedHashMap<>();
    private final Map<String, Boolean> foreign = new HashMap<>();

    /** A word that has a capital, and whether a sentence begins with it. */
    private record Capital(String word, boolean first) {}

    private MentionFinder(ScriptText text) {
        this.text = text;
    }

    /** All mentions, the most frequent first. */
    public static List<Mention> in(ScriptText text) {
        MentionFinder finder = new MentionFinder(text);
        finder.learn();
        for (int i = 0; i < text.size(); i++) {
            finder.look(i);
        }
        return finder.found.values().stream()
                .sorted(Comparator.comparingInt(Mention::count).reversed().thenComparingInt(Mention::first))
                .toList();
    }

    /** Which words occur in small letters, and which with a capital where no sentence begins. */
    private void learn() {
        for (Block block : text.blocks()) {
            WordScan words = new WordScan(block.text());
            boolean first = true;
            while (words.next()) {
                String bare = words.bare();
                if (Character.isLowerCase(bare.codePointAt(0))) {
                    small.add(possessor(bare));
                } else if (!first && !block.isHeading() && !shouted(bare)) {
                    within.add(possessor(bare));
                }
                first = Sentences.endsAt(block.text(), words) || opens(words);
            }
        }
    }

    private void look(int index) {
        Block block = text.blocks().get(index);
        boolean loud = block.text().codePoints().noneMatch(Character::isLowerCase);
        WordScan words = new WordScan(block.text());
        List<Capital> run = new ArrayList<>();
        boolean first = true;
        while (words.next()) {
            String bare = words.bare();
            boolean begins = first || opens(words);
            Mention.Kind kind = kind(bare, words.written(), loud);
            boolean name = kind == null && !loud && Character.isUpperCase(bare.codePointAt(0)) && !isPlain(bare);
            if (!name || begins) {
                close(run, index);
            }
            if (kind == Mention.Kind.NUMBER && block.isHeading()) {
                // The number of a chapter needs no deciding.
                close(run, index);
            } else if (kind != null) {
                add(
                        kind,
                        kind == Mention.Kind.NUMBER ? figure(words.written()) : term(bare, words.written(), kind),
                        index);
            } else if (name) {
                run.add(new Capital(possessor(bare), begins || block.isHeading()));
            } else if (Character.isLowerCase(bare.codePointAt(0)) && foreign.computeIfAbsent(bare, ForeignLook::is)) {
                add(Mention.Kind.FOREIGN, bare.toLowerCase(Locale.ROOT), index);
            }
            first = Sentences.endsAt(block.text(), words);
            if (first || breaks(words.written()) || !possessor(bare).equals(bare)) {
                close(run, index);
            }
        }
        close(run, index);
    }

    private static Mention.Kind kind(String bare, String written, boolean loud) {
        if (hasDigit(bare)) {
            return Mention.Kind.NUMBER;
        }
        // Only what begins with two capitals can be either.
        boolean capitals = !loud && bare.length() > 1 && bare.charAt(0) <= 'Z' && bare.charAt(1) <= 'Z';
        if (capitals && ROMAN.matcher(bare).matches()) {
            return Mention.Kind.NUMBER;
        }
        boolean shouted = capitals && CAPITALS.matcher(bare).matches();
        return shouted || Abbreviations.is(bare, written) ? Mention.Kind.ABBREVIATION : null;
    }

    /** Capitals at the beginning of a sentence count where the word is a name elsewhere or never has a small letter. */
    private void close(List<Capital> run, int index) {
        while (!run.isEmpty() && run.get(0).first() && !isName(run.get(0).word())) {
            run.remove(0);
        }
        if (!run.isEmpty()) {
            StringBuilder name = new StringBuilder();
            run.stream()
                    .limit(MOST_WORDS)
                    .forEach(c -> name.append(name.isEmpty() ? "" : " ").append(c.word()));
            add(Mention.Kind.NAME, name.toString(), index);
        }
        run.clear();
    }

    private boolean isName(String word) {
        return within.contains(word) && !small.contains(word.toLowerCase(Locale.ROOT));
    }

    private void add(Mention.Kind kind, String term, int index) {
        found.merge(
                kind + term,
                new Mention(kind, term, 1, index),
                (a, b) -> new Mention(kind, term, a.count() + 1, a.first()));
    }

    private static String term(String bare, String written, Mention.Kind kind) {
        int end = written.indexOf(bare) + bare.length();
        boolean point = kind == Mention.Kind.ABBREVIATION && end < written.length() && written.charAt(end) == '.';
        return point ? bare + "." : bare;
    }

    /** A figure with its sign of money or share. */
    private static String figure(String written) {
        return EDGES.matcher(written).replaceAll("");
    }

    private static boolean hasDigit(String bare) {
        for (int i = 0; i < bare.length(); i++) {
            if (Character.isDigit(bare.charAt(i))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isPlain(String bare) {
        return PLAIN.contains(bare.toLowerCase(Locale.ROOT).replace("’", "'"));
    }

    private static boolean shouted(String bare) {
        return bare.length() > 1 && bare.codePoints().noneMatch(Character::isLowerCase);
    }

    private static String possessor(String bare) {
        return bare.endsWith("’s") || bare.endsWith("'s") ? bare.substring(0, bare.length() - 2) : bare;
    }

    private static boolean breaks(String written) {
        return ",;:)”\"".indexOf(written.charAt(written.length() - 1)) >= 0;
    }

    private static boolean opens(WordScan words) {
        return "\"“‘'«(".indexOf(words.written().charAt(0)) >= 0;
    }
}
