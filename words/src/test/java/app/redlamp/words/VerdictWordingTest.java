package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Verdict;
import java.util.Arrays;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class VerdictWordingTest {
    private final VerdictWording words = new VerdictWording(Locale.UK);

    /** From any label to its formula: the words are there, and so is the class. */
    @ParameterizedTest
    @EnumSource(FigureId.class)
    void everyFigureIsTracedToItsFormulaAndItsClass(FigureId figure) throws ClassNotFoundException {
        assertThat(words.how(figure)).endsWith(".").hasSizeGreaterThan(12);
        assertThat(words.traced(figure)).contains(figure.by());
        assertThat(Class.forName("app.redlamp.core." + figure.by()).getName()).endsWith(figure.by());
        assertThat(FigureId.of(figure.id())).contains(figure);
    }

    @Test
    void everyIdIsThereOnce() {
        assertThat(Arrays.stream(FigureId.values()).map(FigureId::id)).doesNotHaveDuplicates();
    }

    @Test
    void everyStateAndCostHasWords() {
        for (Verdict.State state : Verdict.State.values()) {
            assertThat(words.state(state)).isNotBlank();
        }
        for (Cost cost : Cost.values()) {
            assertThat(words.cost(cost)).isNotBlank();
        }
    }
}
