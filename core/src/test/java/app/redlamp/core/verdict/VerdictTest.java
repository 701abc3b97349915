package app.redlamp.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class VerdictTest {
    private static Problem<String> problem(Severity severity) {
        return Problem.of("detail", "kit." + severity.id(), severity, "Ida", Cost.HEARD, List.of("part"));
    }

    @Test
    void theStateFollowsFromTheWorstProblem() {
        assertThat(Verdict.of(List.<Problem<String>>of(), List.of()).state()).isEqualTo(Verdict.State.CLEAR);
        assertThat(Verdict.of(List.of(problem(Severity.ADVISES)), List.of()).clear())
                .isTrue();
        for (Severity severity : List.of(Severity.OPEN, Severity.SPOILS)) {
            assertThat(Verdict.of(List.of(problem(Severity.ADVISES), problem(severity)), List.of())
                            .state())
                    .isEqualTo(Verdict.State.TO_DO);
        }
        assertThat(Verdict.of(List.of(problem(Severity.SPOILS), problem(Severity.BLOCKS)), List.of())
                        .state())
                .isEqualTo(Verdict.State.BLOCKED);
    }

    /** Nobody can say clear over a problem. */
    @Test
    void aStateThatItsProblemsDoNotGiveIsRefused() {
        assertThatThrownBy(() -> new Verdict<>(Verdict.State.CLEAR, List.of(problem(Severity.SPOILS)), List.of()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("follows from its problems");
    }

    @Test
    void whatComesFirstIsTheFirstThatHolds() {
        Verdict<String> verdict = Verdict.of(
                List.of(problem(Severity.ADVISES), problem(Severity.OPEN), problem(Severity.SPOILS)), List.of());
        assertThat(verdict.first().orElseThrow().id()).isEqualTo("kit.open");
        assertThat(verdict.holding()).hasSize(2);
        assertThat(verdict.held("kit.advises")).isFalse();
        assertThat(verdict.held("kit.spoils")).isTrue();
    }

    @Test
    void nothingKnownIsNotClear() {
        assertThat(Verdict.unknown(List.of()).clear()).isFalse();
        assertThat(Verdict.unknown(List.of()).first()).isEmpty();
    }

    @Test
    void theMarginIsTheDistanceInside() {
        Figure floor = Figure.of(FigureId.KIT_FLOOR, -63, Limits.atMost(-60));
        assertThat(floor.margin()).hasValue(3);
        assertThat(Figure.of(FigureId.KIT_FLOOR, -58, Limits.atMost(-60)).inside())
                .isFalse();
        assertThat(Figure.of(FigureId.LEVEL_LOUDEST, -7, Limits.between(-12, -6))
                        .margin())
                .hasValue(1);
        assertThat(new Figure(FigureId.KIT_FLOOR, OptionalDouble.empty(), Limits.atMost(-60)).inside())
                .isTrue();
        assertThat(Figure.told(FigureId.LEVEL_SNR, OptionalDouble.of(4)).margin())
                .isEmpty();
        assertThatThrownBy(() -> Figure.of(FigureId.KIT_FLOOR, Double.NaN, Limits.atMost(0)))
                .hasMessageContaining("leave it absent");
    }

    @Test
    void aProblemHasAStationAndANumber() {
        assertThatThrownBy(() -> Problem.of("", "loose", Severity.OPEN, "", Cost.LITTLE, List.of()))
                .hasMessageContaining("needs a station");
        assertThatThrownBy(() -> problem(Severity.OPEN).by(Double.POSITIVE_INFINITY, "dB"))
                .hasMessageContaining("an amount that is a number");
    }
}
