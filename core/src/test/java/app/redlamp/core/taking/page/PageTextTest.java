package app.redlamp.core.taking.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import app.redlamp.core.taking.page.PageText.Line;
import app.redlamp.core.taking.page.PageText.Said;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PageTextTest {
    private static final ScriptText TEXT = new ScriptText(List.of(
            Block.heading(1, "A map of rain"),
            Block.paragraph("The glass fell; Dr. Quill came in at 5 p.m. with the gulls. Nobody spoke."),
            Block.PAGE,
            Block.paragraph("“It belongs to Ysolde Bight,” said his aunt. She lifted the latch."),
            Block.paragraph("Not of this piece.")));

    private static PageText page(List<Saying> sayings, List<CharacterVoice> voices) {
        Piece piece = Piece.read("A map of rain", List.of(new Span(0, 4)));
        return PageText.of(new Script(TEXT, List.of(piece), sayings, voices), piece);
    }

    @Test
    void linesAreTheSentencesOfThePiece() {
        PageText page = page(List.of(), List.of());
        assertThat(page.lines())
                .extracting(Line::text)
                .containsExactly(
                        "A map of rain",
                        "The glass fell; Dr. Quill came in at 5 p.m. with the gulls.",
                        "Nobody spoke.",
                        "“It belongs to Ysolde Bight,” said his aunt.",
                        "She lifted the latch.");
        assertThat(page.lines()).extracting(Line::paragraph).containsExactly(0, 1, 1, 2, 2);
        assertThat(page.lines()).extracting(Line::heading).containsExactly(true, false, false, false, false);
        assertThat(page.words()).isEqualTo(4 + 13 + 2 + 8 + 4);
    }

    @Test
    void whatWasDecidedStandsInItsLine() {
        PageText page = page(
                List.of(
                        new Saying("Ysolde", "not this one", ""),
                        new Saying("Ysolde Bight", "ih-ZOLD BITE", ""),
                        new Saying("gulls", "", "as written")),
                List.of(new CharacterVoice("aunt", "low, dry"), new CharacterVoice("Quill", "quick")));
        Line line = page.lines().get(3);
        // The longer term counts where both begin together.
        assertThat(line.said()).containsExactly(new Said(15, 27, "ih-ZOLD BITE"));
        assertThat(line.text().substring(15, 27)).isEqualTo("Ysolde Bight");
        assertThat(page.lines().get(1).said()).isEmpty();
        assertThat(line.voice()).contains(new CharacterVoice("aunt", "low, dry"));
        // Who is only told of has no line to speak.
        assertThat(page.lines().get(1).voice()).isEmpty();
        assertThat(page.lines().get(4).voice()).isEmpty();
    }

    @Test
    void whatIsSpokenFreelyHasNoLines() {
        Piece free = new Piece("Crumbs", List.of(), OptionalDouble.of(600));
        assertThat(PageText.of(Script.NONE, free).lines()).isEmpty();
    }

    /** As dictionaries part them, from memory. */
    @ParameterizedTest
    @CsvSource({
        "rain, 1", "weather, 2", "borrowed, 2", "barometer, 4", "looked, 1", "wanted, 2", "table, 2", "made, 1",
        "the, 1", "agree, 2", "thirty-one, 3", "quay, 1", "hm, 1", "evening, 3", "mountain, 2", "1987, 8"
    })
    void syllablesAreCounted(String word, int count) {
        assertThat(WrittenSyllables.of(word)).isEqualTo(count);
    }
}
