package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A line of a script that will be spoken loudly, by its signs: exclamation marks, words in capitals, and what is said of the
 * speaker. What counts how much is ours; the words are English.
 *
 * @param text the sentence, or two where the second says how the first is spoken
 * @param block in which block of the script it is
 * @param weight how loud it looks, above 0
 */
public record LoudestLine(String text, int block, int weight) {
    /** Points for an exclamation mark (ours). */
    private static final int MARK = 3;

    /** For each further one (ours). */
    private static final int MORE_MARKS = 1;

    /** For a word in capitals (ours). */
    private static final int CAPITALS = 2;

    /** For a verb such as "shouted" (ours). */
    private static final int TAG = 4;

    /** WordScan in capitals that count (ours). */
    private static final int MOST_CAPITALS = 3;

    /** Letters: shorter ones are abbreviations (ours). */
    private static final int SHORTEST_CAPITALS = 3;

    /** Letters of a line that is shown (ours). */
    private static final int LONGEST = 240;

    /** A line has words (ours). */
    private static final int FEWEST_WORDS = 2;

    private static final Set<String> LOUD = Set.of(
            "shouted",
            "shout",
            "shouts",
            "shouting",
            "screamed",
            "scream",
            "screams",
            "screaming",
            "yelled",
            "yell",
            "yells",
            "yelling",
            "roared",
            "roar",
            "roars",
            "roaring",
            "bellowed",
            "bellow",
            "bellows",
            "bellowing",
            "cried",
            "howled",
            "howls",
            "howling",
            "shrieked",
            "shriek",
            "shrieks",
            "shrieking",
            "thundered",
            "bawled",
            "hollered",
            "barked",
            "exploded",
            "snapped");
    private static final Set<String> SOFT = Set.of(
            "whispered",
            "whisper",
            "whispers",
            "whispering",
            "murmured",
            "murmurs",
            "muttered",
            "mutters",
            "breathed",
            "mumbled",
            "softly",
            "quietly",
            "silently",
            "sighed");

    /** The likeliest of a script, the loudest first. */
    public static List<LoudestLine> of(ScriptText script, int most) {
        List<LoudestLine> all = new ArrayList<>();
        for (int b = 0; b < script.size(); b++) {
            Block block = script.blocks().get(b);
            if (block.kind() == Block.Kind.PARAGRAPH) {
                addAll(block.text(), b, all);
            }
        }
        all.sort(Comparator.comparingInt(l -> -l.weight()));
        return List.copyOf(all.subList(0, Math.min(most, all.size())));
    }

    private static void addAll(String text, int block, List<LoudestLine> all) {
        List<String> sentences = sentences(text);
        for (int i = 0; i < sentences.size(); i++) {
            String one = sentences.get(i);
            int weight = signs(one);
            boolean tagged = weight > 0 && i + 1 < sentences.size() && isTag(sentences.get(i + 1));
            String shown = tagged ? one + " " + sentences.get(i + 1) : one;
            int sum = weight + words(shown);
            i += tagged ? 1 : 0;
            if (sum > 0 && WordScan.count(shown) >= FEWEST_WORDS) {
                all.add(new LoudestLine(
                        shown.length() > LONGEST ? shown.substring(0, LONGEST) + "…" : shown, block, sum));
            }
        }
    }

    /** "he shouted" after a closing mark begins with a small letter, or is very short. */
    private static boolean isTag(String sentence) {
        return sentence.isEmpty()
                || Character.isLowerCase(sentence.codePointAt(0))
                || (WordScan.count(sentence) <= 4 && words(sentence) != 0);
    }

    private static int signs(String sentence) {
        int marks = (int) sentence.chars().filter(c -> c == '!').count();
        int weight = marks > 0 ? MARK + MORE_MARKS * Math.min(2, marks - 1) : 0;
        WordScan words = new WordScan(sentence);
        int capitals = 0;
        while (words.next()) {
            String bare = words.bare();
            boolean large = bare.length() >= SHORTEST_CAPITALS
                    && bare.chars().allMatch(c -> Character.isUpperCase(c) || c == '\'' || c == '’');
            capitals += large ? 1 : 0;
        }
        return weight + CAPITALS * Math.min(MOST_CAPITALS, capitals);
    }

    private static int words(String sentence) {
        WordScan words = new WordScan(sentence);
        int weight = 0;
        while (words.next()) {
            String bare = words.bare().toLowerCase(Locale.ROOT);
            weight += LOUD.contains(bare) ? TAG : SOFT.contains(bare) ? -TAG : 0;
        }
        return Math.max(-TAG, Math.min(TAG, weight));
    }

    private static List<String> sentences(String text) {
        List<String> all = new ArrayList<>();
        WordScan words = new WordScan(text);
        int begin = -1;
        while (words.next()) {
            begin = begin < 0 ? words.start() : begin;
            boolean exclaimed =
                    words.written().endsWith("!”") || words.written().endsWith("!\"");
            if (exclaimed || Sentences.endsAt(text, words)) {
                all.add(text.substring(begin, words.end()).strip());
                begin = -1;
            }
        }
        return all;
    }
}
