package app.redlamp.core.planning.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class LoudestLineTest {
    private static List<LoudestLine> of(String... paragraphs) {
        return LoudestLine.of(
                new ScriptText(Arrays.stream(paragraphs).map(Block::paragraph).toList()), 5);
    }

    @Test
    void shoutsComeBeforeExclamations() {
        List<LoudestLine> found = of(
                "The rain had stopped. What a day! Nobody spoke.",
                "“Get off the roof!” she shouted. The dog looked up.",
                "He waited quietly.");
        assertThat(found).hasSize(2);
        assertThat(found.get(0).text()).isEqualTo("“Get off the roof!” she shouted.");
        assertThat(found.get(0).block()).isEqualTo(1);
        assertThat(found.get(1).text()).isEqualTo("What a day!");
    }

    @Test
    void capitalsCountAndShortNamesDoNot() {
        List<LoudestLine> found = of("The UK has rain. She wrote GO AWAY NOW on the door.", "Plain words only.");
        assertThat(found).hasSize(1);
        assertThat(found.get(0).text()).contains("AWAY NOW");
    }

    /** A whisper with an exclamation mark is no shout. */
    @Test
    void whispersAreNotLoud() {
        List<LoudestLine> found = of("“Come here!” she whispered.", "“Run!” cried the baker, all of them at once.");
        assertThat(found.get(0).text()).contains("cried");
        assertThat(found).allMatch(l -> !l.text().contains("whispered"));
    }

    @Test
    void nothingLoudGivesNothing() {
        assertThat(of("The sea was calm.", "They had tea.")).isEmpty();
        assertThat(LoudestLine.of(ScriptText.EMPTY, 3)).isEmpty();
    }

    @Test
    void headingsAreNotRead() {
        ScriptText script = new ScriptText(List.of(Block.heading(1, "STORM AND FIRE!"), Block.paragraph("Calm.")));
        assertThat(LoudestLine.of(script, 3)).isEmpty();
    }

    @Test
    void longLinesAreCut() {
        String longOne = "Stop ".repeat(100) + "now!";
        assertThat(of(longOne).get(0).text().length()).isLessThan(250);
    }
}
