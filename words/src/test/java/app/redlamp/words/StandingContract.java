package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.verdict.Figure;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Verdict;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/**
 * What holds for every station: its sentence, its state and its figures never disagree. Lamp and exit code follow from the state
 * alone, so they cannot either. A subclass gives cases of all sorts, and how a sentence that says "clear" begins.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class StandingContract {
    private List<Case> made = List.of();
    private final VerdictWording words = new VerdictWording(java.util.Locale.UK);

    /**
     * One case.
     *
     * @param name what is special about it
     * @param verdict where it stands
     * @param sentence what is said of it
     */
    record Case(String name, Verdict<?> verdict, String sentence) {}

    abstract List<Case> cases();

    /** Made once for all tests: that takes longer than looking at them. */
    private List<Case> all() {
        if (made.isEmpty()) {
            made = cases();
        }
        return made;
    }

    /** Whether a sentence says that nothing is left to do. */
    abstract boolean saysClear(String sentence);

    /** Guard: a rule that is only tried on one side proves little. */
    @Test
    void clearAndNotClearBothHappen() {
        assertThat(all())
                .anyMatch(c -> c.verdict().clear())
                .anyMatch(c -> !c.verdict().clear());
        assertThat(all()).hasSizeGreaterThanOrEqualTo(5);
    }

    @Test
    void theSentenceSaysWhatTheStateIs() {
        for (Case one : all()) {
            assertThat(saysClear(one.sentence()))
                    .as("%s: %s, '%s'", one.name(), one.verdict().state(), one.sentence())
                    .isEqualTo(one.verdict().clear());
        }
    }

    @Test
    void whatIsClearHasNoFigureOutside() {
        for (Case one : all()) {
            if (one.verdict().clear()) {
                assertThat(one.verdict().figures()).as(one.name()).allMatch(Figure::inside);
            }
        }
    }

    @Test
    void whatHoldsTheLampSaysWhatItCostsAndWhatMendsIt() {
        for (Case one : all()) {
            assertThat(one.verdict().clear())
                    .isEqualTo(one.verdict().first().isEmpty() && one.verdict().state() != Verdict.State.UNKNOWN);
            for (Problem<?> problem : one.verdict().problems()) {
                assertThat(words.cost(problem.cost())).as(problem.id()).isNotBlank();
                assertThat(words.brief(problem)).as(problem.id()).isNotBlank().hasSizeLessThanOrEqualTo(30);
                assertThat(problem.mends()).as(problem.id()).isNotEmpty();
                problem.mends().forEach(m -> assertThat(words.mend(m)).as(m).isNotBlank());
            }
        }
    }
}
