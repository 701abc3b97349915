package app.redlamp.core.planning.script;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.script.Mention.Kind;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MentionFinderTest {
    private static List<String> in(Kind kind, String... paragraphs) {
        ScriptText text =
                new ScriptText(Stream.of(paragraphs).map(Block::paragraph).toList());
        return MentionFinder.in(text).stream()
                .filter(m -> m.kind() == kind)
                .map(Mention::term)
                .toList();
    }

    @Test
    void findsNamesAndCountsThem() {
        ScriptText text = new ScriptText(List.of(
                Block.paragraph("Nobody saw Ysolde Bight on Monday. The baker saw her, and Harrow’s dog did."),
                Block.paragraph("Ysolde Bight said nothing. Harrow, however, talked to Ysolde Bight.")));
        List<Mention> names = MentionFinder.in(text).stream()
                .filter(m -> m.kind() == Kind.NAME)
                .toList();
        assertThat(names)
                .containsExactly(new Mention(Kind.NAME, "Ysolde Bight", 3, 0), new Mention(Kind.NAME, "Harrow", 2, 0));
    }

    @Test
    void aCapitalAtTheBeginningOfASentenceIsNoName() {
        assertThat(in(Kind.NAME, "Rain fell. Bread rose. “Bread,” he said. It was Tuesday, in March, and I’m late."))
                .isEmpty();
    }

    @Test
    void findsFiguresThatHaveToBeDecided() {
        assertThat(
                        in(
                                Kind.NUMBER,
                                "In 1984 he owed £1,204.50 (about 12%), at 7:30, on the 3rd, to Henry VIII. He paid 1,204, twice 1,204."))
                .containsExactly("1,204", "1984", "£1,204.50", "12%", "7:30", "3rd", "VIII");
    }

    @Test
    void findsAbbreviations() {
        assertThat(in(
                        Kind.ABBREVIATION,
                        "Dr Bight of the BBC met St. Ives at 5 p.m., e.g. on the B&B, no doubt, the sun shone."))
                .containsExactlyInAnyOrder("Dr", "BBC", "St.", "p.m.", "e.g.", "B&B");
    }

    @Test
    void aHeadingInCapitalsIsNoAbbreviation() {
        assertThat(in(Kind.ABBREVIATION, "THE LONG RAIN")).isEmpty();
    }

    /** WordScan that were made up or are rare in English; which look foreign is common practice, no source. */
    @ParameterizedTest
    @ValueSource(
            strings = {"cwm", "señor", "Łódź", "llyn", "ngoma", "tsch", "dzo", "cwm’s", "crwth", "smørrebrød", "naïve"})
    void seesWordsThatLookForeign(String word) {
        assertThat(ForeignLook.is(word)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "weather",
                "rhythm",
                "bookkeeper",
                "isn't",
                "don’t",
                "adjust",
                "withheld",
                "sky",
                "through",
                "psst",
                "queue",
                "awkward",
                "subject",
                "enjoying",
                "midweek",
                "a",
                "o’clock",
                "twenty-one",
                "hitchhiker",
                "knack",
                "gnome",
                "mnemonic",
                "pneumonia",
                "wrong",
                "yacht",
                "vacuum",
                "know",
                "backyard",
                "newcomer"
            })
    void leavesEnglishWordsAlone(String word) {
        assertThat(ForeignLook.is(word)).as(word).isFalse();
    }

    @Test
    void showsEveryPlaceOfATerm() {
        ScriptText text = new ScriptText(
                List.of(Block.paragraph("Cwm is a valley. The cwm, cwms, and a cwm."), Block.paragraph("cwm’s end")));
        Piece all = Piece.read("All", List.of(new Span(0, 2)));
        assertThat(Occurrences.of("cwm", text, all))
                .containsExactly(
                        new Occurrences.Place(0, 21, 24),
                        new Occurrences.Place(0, 38, 41),
                        new Occurrences.Place(1, 0, 3));
        assertThat(Occurrences.count(
                        "St.",
                        new ScriptText(List.of(Block.paragraph("St. Ives, St.Ives"))),
                        Piece.read("x", List.of(new Span(0, 1)))))
                .isEqualTo(2);
    }
}
