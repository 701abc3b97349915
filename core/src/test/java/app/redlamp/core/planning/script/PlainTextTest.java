package app.redlamp.core.planning.script;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PlainTextTest {
    private static List<Block> blocks(String text) {
        return PlainText.read(text).blocks();
    }

    @Test
    void paragraphsStandBetweenEmptyLines() {
        assertThat(blocks("It rained\non the  bakery.\n\n \t\nNobody minded.\r\nOr said so.\n"))
                .containsExactly(
                        Block.paragraph("It rained on the bakery."), Block.paragraph("Nobody minded. Or said so."));
    }

    @Test
    void withoutEmptyLinesEveryLineIsOne() {
        assertThat(blocks("Rain.\nSun.\rSnow."))
                .containsExactly(Block.paragraph("Rain."), Block.paragraph("Sun."), Block.paragraph("Snow."));
    }

    @Test
    void wordsThatWereBrokenAtTheEndOfALineAreWhole() {
        assertThat(blocks("The ba-\nkery is well-\nKnown, is it?\n\nYes.").get(0))
                .isEqualTo(Block.paragraph("The bakery is well- Known, is it?"));
    }

    @Test
    void cuesInALongListStayApart() {
        assertThat(blocks("Notes.\n\n1. Mind the step.\n2. Look up.\n3. Look\ndown."))
                .containsExactly(
                        Block.paragraph("Notes."),
                        Block.paragraph("1. Mind the step."),
                        Block.paragraph("2. Look up."),
                        Block.paragraph("3. Look down."));
    }

    @Test
    void aFormFeedEndsThePage() {
        assertThat(blocks("One.\fTwo.\n\n\fThree."))
                .containsExactly(
                        Block.paragraph("One."),
                        Block.PAGE,
                        Block.paragraph("Two."),
                        Block.PAGE,
                        Block.paragraph("Three."));
    }

    @Test
    void whatCommandsATerminalIsLeftOut() {
        assertThat(PlainText.tidy("\ufeff a\u0007\u001b[31mb\u00ad\u200b\u00a0 c "))
                .isEqualTo("a[31mb c");
    }

    /** Seeded: no word is lost or doubled, whatever the blanks and breaks. */
    @Test
    void everyWordIsKept() {
        Random random = new Random(9);
        String[] breaks = {" ", "\n", "\n\n", "  ", "\t", "\r\n", "\f", "\u00a0"};
        for (int round = 0; round < 300; round++) {
            StringBuilder text = new StringBuilder();
            int words = random.nextInt(60);
            for (int i = 0; i < words; i++) {
                text.append("Word").append(breaks[random.nextInt(breaks.length)]);
            }
            assertThat(Counter.of(blocks(text.toString())).words()).isEqualTo(words);
        }
    }
}
