package app.redlamp.core.setting.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LearntTest {

    private static Phrase line(double knob, double slider, Phrase.Heard heard) {
        return new Phrase(
                new Positions(knob, slider), heard, -60 + slider / 10 + knob / 5, -12, OptionalDouble.of(-70));
    }

    private static Learnt said(Learnt from, Phrase.Heard... heard) {
        Learnt now = from;
        for (Phrase.Heard one : heard) {
            Positions at = now.next().orElseThrow();
            now = now.with(line(at.knob(), at.slider(), one));
        }
        return now;
    }

    @Test
    void threeMarksOfEachAreAskedFor() {
        Learnt learnt = said(
                Learnt.nothing("box"),
                Phrase.Heard.PLAINLY,
                Phrase.Heard.PLAINLY,
                Phrase.Heard.PLAINLY,
                Phrase.Heard.PLAINLY,
                Phrase.Heard.PLAINLY);
        assertThat(learnt.phrases())
                .extracting(Phrase::at)
                .containsExactly(
                        new Positions(1, 65),
                        new Positions(4.5, 65),
                        new Positions(7.5, 65),
                        new Positions(4.5, 40),
                        new Positions(4.5, 100));
        assertThat(learnt.next()).isEmpty();
        assertThat(learnt.curve(Control.KNOB)).isPresent();
        assertThat(learnt.curve(Control.SLIDER)).isPresent();
    }

    /** Below where it drowns and above where it is cut off nothing is asked. */
    @Test
    void whatIsLostIsSaidNearer() {
        Learnt learnt = said(Learnt.nothing("box"), Phrase.Heard.DROWNED, Phrase.Heard.PLAINLY, Phrase.Heard.CUT);
        assertThat(learnt.next().orElseThrow().knob()).isBetween(1.0, 7.5).isNotEqualTo(4.5);
        Learnt more = said(learnt, Phrase.Heard.PLAINLY, Phrase.Heard.PLAINLY);
        assertThat(more.curve(Control.KNOB)).isPresent();
        assertThat(more.highestClean().orElseThrow()).isLessThan(7.5);
    }

    @ParameterizedTest
    @CsvSource({"TEN, 7.5, 10", "PERCENT, 75, 100", "CLOCK, 14.5, 17"})
    void aKnobAloneNeedsThree(Scale scale, double third, double highest) {
        Learnt learnt = said(
                new Learnt("box", scale, Optional.empty(), List.of()),
                Phrase.Heard.PLAINLY,
                Phrase.Heard.PLAINLY,
                Phrase.Heard.PLAINLY);
        assertThat(learnt.phrases().get(2).at().knob()).isEqualTo(third);
        assertThat(learnt.next()).isEmpty();
        Positions top =
                new NextLine(learnt).further(learnt.phrases().get(2).at(), true).orElseThrow();
        assertThat(top.knob()).isEqualTo(highest);
        Learnt cut = learnt.with(line(top.knob(), top.slider(), Phrase.Heard.CUT));
        assertThat(new NextLine(cut)
                        .further(cut.phrases().get(2).at(), true)
                        .orElseThrow()
                        .knob())
                .isBetween(third, highest)
                .isNotIn(third, highest);
    }

    @Test
    void aPositionThatIsHeardAnewTakesThePlaceOfTheOld() {
        Learnt learnt = Learnt.nothing("box").with(line(3, 65, Phrase.Heard.CUT));
        assertThat(learnt.with(line(3, 65, Phrase.Heard.PLAINLY)).phrases())
                .extracting(Phrase::heard)
                .containsExactly(Phrase.Heard.PLAINLY);
        assertThat(learnt.without(learnt.phrases().get(0)).phrases()).isEmpty();
        assertThat(learnt.scaled(Scale.TEN, Optional.of(Scale.PERCENT))).isSameAs(learnt);
        assertThat(learnt.scaled(Scale.CLOCK, Optional.of(Scale.PERCENT)).phrases())
                .isEmpty();
    }

    @Test
    void marksThatAreNotThereAreRefused() {
        assertThatThrownBy(() -> Learnt.nothing("box").with(line(11, 65, Phrase.Heard.PLAINLY)))
                .hasMessageContaining("between 0");
        assertThatThrownBy(() -> Learnt.nothing(" ")).hasMessageContaining("needs a name");
        assertThatThrownBy(() ->
                        new Phrase(new Positions(1, 1), Phrase.Heard.PLAINLY, Double.NaN, -3, OptionalDouble.empty()))
                .hasMessageContaining("average");
    }
}
