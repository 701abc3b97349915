package app.redlamp.core.planning.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.BreakIterator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CounterTest {
    private static final String[] VOCABULARY = {
        "rain",
        "the",
        "oven",
        "door",
        "a",
        "mixer",
        "quiet",
        "under",
        "borrowed",
        "weather",
        "baker",
        "isle",
        "flour",
        "morning",
        "of",
        "and",
        "he",
        "stairs"
    };

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The rain came early.|4",
                "well-known twenty-one mother-in-law|3",
                "It isn’t — it wasn't – ever.|5",
                "stop--start|2",
                "wait … what…ever|3",
                "She paid 1,204.50 for 3 of them.|7",
                "Dr Bight, J. R., 7:30 a.m.|6",
                "* * *|0",
                "— … —|0",
                "“Quoted,” he said (twice).|4",
                "naïve café Łódź Ὅμηρος|4",
                "and/or|1"
            })
    void countsWords(String text, int words) {
        assertThat(Counter.of(text).words()).isEqualTo(words);
        assertThat(WordScan.count(text)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "One. Two! Three? Four…|4|1",
                "Dr. Bight met Mr. Sough at No. 7 today.|1|9",
                "J. R. Bight was late. So was I. Nobody minded.|3|5",
                "“Really?” she said. He nodded.|2|3",
                "“Go!” “Where?” “Home.”|3|1",
                "He waited ... and waited.|1|4",
                "It was 5 p.m. They left.|2|4",
                "No end|1|2",
                "It cost 3.50 at the door. Cheap!|2|6"
            })
    void countsSentencesAndTheLongest(String text, int sentences, int longest) {
        Count count = Counter.of(text);
        assertThat(count.sentences()).isEqualTo(sentences);
        assertThat(count.longestSentence()).isEqualTo(longest);
    }

    @Test
    void showsTheLongestSentence() {
        Count count = Counter.of("Short. This one is the longest of them. Short again.");
        assertThat(count.longest()).isEqualTo("This one is the longest of them.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "“Come in,” she said, “and shut it.”|5",
                "\"Come in,\" she said.|2",
                "‘Don’t come in,’ she said.|3",
                "'Don't come in,' she said.|3",
                "The bakers' van isn't here, nor the boys' bikes.|0",
                "„Komm herein“, sagte sie.|2",
                "«Entrez donc», dit-elle.|2",
                "He said nothing.|0",
                "“Not closed, he went on|5"
            })
    void countsWhatIsSpoken(String text, int spoken) {
        assertThat(Counter.of(text).dialogueWords()).isEqualTo(spoken);
    }

    /** Against the JDK's own text boundaries, on seeded texts without hyphens, apostrophes and dashes, which it takes apart. */
    @Test
    void agreesWithTheJdkOnGeneratedTexts() {
        Random random = new Random(42);
        for (int round = 0; round < 50; round++) {
            StringBuilder text = new StringBuilder();
            int sentences = 1 + random.nextInt(30);
            int words = 0;
            for (int s = 0; s < sentences; s++) {
                int length = 1 + random.nextInt(20);
                for (int w = 0; w < length; w++) {
                    String word = VOCABULARY[random.nextInt(VOCABULARY.length)];
                    String written = w == 0 ? word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1) : word;
                    text.append(written).append(w + 1 == length ? random.nextBoolean() ? ". " : "? " : " ");
                    words++;
                }
            }
            Count count = Counter.of(text.toString().strip());
            assertThat(count.words()).isEqualTo(words).isEqualTo(jdkWords(text.toString()));
            assertThat(count.sentences()).isBetween(sentences - initials(text.toString()), sentences);
        }
    }

    /** A sentence of the one letter "A" reads like an initial. */
    private static int initials(String text) {
        return (int) java.util.regex.Pattern.compile("\\b[A]\\.")
                .matcher(text)
                .results()
                .count();
    }

    private static int jdkWords(String text) {
        BreakIterator breaks = BreakIterator.getWordInstance(Locale.ENGLISH);
        breaks.setText(text);
        int words = 0;
        int start = breaks.first();
        for (int end = breaks.next(); end != BreakIterator.DONE; start = end, end = breaks.next()) {
            words += Character.isLetterOrDigit(text.charAt(start)) ? 1 : 0;
        }
        return words;
    }

    @Test
    void sumsOverParagraphs() {
        List<Block> blocks = List.of(
                Block.heading(1, "Chapter One"),
                Block.paragraph("It rained."),
                Block.paragraph("“Well,” he said. “It did.”"));
        Count count = Counter.of(blocks);
        assertThat(count).isEqualTo(new Count(9, 4, 3, "“Well,” he said.", 3));
        assertThat(count.dialogueShare()).isEqualTo(3 / 9.0);
        assertThat(Count.NONE.dialogueShare()).isZero();
    }
}
