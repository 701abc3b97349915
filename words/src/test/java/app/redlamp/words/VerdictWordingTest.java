package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.spot.RoomProblem;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Severity;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
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

    /** Whatever comes first fits under the big lamp. */
    @Test
    void everyProblemHasAFewWords() {
        List<String> ids = new ArrayList<>();
        Stream.of(Miss.Kind.values()).forEach(k -> ids.add("kit." + k.id()));
        Stream.of(KitProblem.Kind.values())
                .filter(k -> k != KitProblem.Kind.MISS)
                .forEach(k -> ids.add("kit." + k.id()));
        Stream.of(RoomProblem.values()).forEach(p -> ids.add("room." + p.id()));
        Stream.of(LevelProblem.values()).forEach(p -> ids.add("level." + p.id()));
        Stream.of(PlanProblem.values()).forEach(p -> ids.add("plan." + p.id()));
        Stream.of(DeliveryProblem.values()).forEach(p -> ids.add("delivery." + p.id()));
        for (String id : ids) {
            Problem<String> problem = Problem.of("", id, Severity.OPEN, "", Cost.LITTLE, List.of());
            assertThat(words.brief(problem)).as(id).isNotBlank().hasSizeLessThanOrEqualTo(30);
        }
    }
}
