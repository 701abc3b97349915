package app.redlamp.core.taking.page;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Occurrences;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.Sentences;
import app.redlamp.core.planning.script.WordScan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What is read of a piece, sentence by sentence.
 *
 * @param lines in their order
 */
public record PageText(List<Line> lines) {
    private static final String SPEECH = "“\"«„‘";

    /**
     * A name or a number, and how it is said.
     *
     * @param from first character of it in the sentence
     * @param to after its last
     * @param said in the user's own spelling
     */
    public record Said(int from, int to, String said) {}

    /**
     * A sentence.
     *
     * @param paragraph number of its paragraph, from 0
     * @param heading whether that is a heading
     * @param syllables how many are heard of it, at least 1
     * @param said what was decided about its words, in their order, none over another
     * @param voice of whoever speaks in it, where the page has to say so before the line begins; absent for the reader's own
     */
    public record Line(
            String text,
            int paragraph,
            boolean heading,
            int words,
            int syllables,
            List<Said> said,
            Optional<CharacterVoice> voice) {
        public Line {
            said = List.copyOf(said);
        }
    }

    public PageText {
        lines = List.copyOf(lines);
    }

    /** The page of a piece; no lines where it is spoken freely. */
    public static PageText of(Script script, Piece piece) {
        List<Line> lines = new ArrayList<>();
        int paragraph = 0;
        for (Block block : script.text().of(piece)) {
            Optional<CharacterVoice> voice = voice(block.text(), script.voices());
            for (String sentence : Sentences.of(block.text())) {
                List<Said> said = said(sentence, script.sayings());
                boolean speaks = voice.isPresent() && sentence.chars().anyMatch(c -> SPEECH.indexOf(c) >= 0);
                lines.add(new Line(
                        sentence,
                        paragraph,
                        block.isHeading(),
                        WordScan.count(sentence),
                        syllables(sentence, said),
                        said,
                        speaks ? voice : Optional.empty()));
            }
            paragraph++;
        }
        return new PageText(lines);
    }

    /** Who speaks in a paragraph: the one of whom a name stands in it first. */
    private static Optional<CharacterVoice> voice(String paragraph, List<CharacterVoice> voices) {
        return voices.stream()
                .filter(v -> !Occurrences.in(paragraph, v.name()).isEmpty())
                .min(Comparator.comparingInt(
                        v -> Occurrences.in(paragraph, v.name()).get(0).from()));
    }

    private static List<Said> said(String sentence, List<Saying> sayings) {
        List<Said> all = new ArrayList<>();
        for (Saying saying : sayings) {
            if (!saying.said().isBlank()) {
                for (Occurrences.Place place : Occurrences.in(sentence, saying.term())) {
                    all.add(new Said(place.from(), place.to(), saying.said()));
                }
            }
        }
        all.sort(Comparator.comparingInt(Said::from).thenComparing(s -> -s.to()));
        List<Said> apart = new ArrayList<>();
        int end = 0;
        for (Said one : all) {
            if (one.from() >= end) {
                apart.add(one);
                end = one.to();
            }
        }
        return apart;
    }

    private static int syllables(String sentence, List<Said> said) {
        StringBuilder spoken = new StringBuilder();
        int at = 0;
        for (Said one : said) {
            spoken.append(sentence, at, one.from()).append(one.said().replace('-', ' '));
            at = one.to();
        }
        spoken.append(sentence, at, sentence.length());
        return Math.max(1, WrittenSyllables.of(spoken.toString()));
    }

    /** Words of all lines together. */
    public int words() {
        return lines.stream().mapToInt(Line::words).sum();
    }
}
