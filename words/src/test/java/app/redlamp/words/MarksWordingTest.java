package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkAdvice;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarksWordingTest {
    private final MarksWording words = new MarksWording(new Figures(Locale.UK));

    /** An even knob, 6 dB a mark, and a slider that does half a decibel a percent; the noise comes with the voice, or does not. */
    private static Learnt learnt(boolean converter) {
        Learnt now = Learnt.nothing("box");
        for (double knob : new double[] {1, 4.5, 7.5}) {
            now = now.with(line(knob, 65, converter));
        }
        return now.with(line(4.5, 40, converter)).with(line(4.5, 100, converter));
    }

    private static Phrase line(double knob, double slider, boolean converter) {
        double level = -80 + 6 * knob + 0.5 * (slider - 65);
        double noise = converter ? -90 + 0.5 * (slider - 65) : level - 55;
        return new Phrase(
                new Positions(knob, slider), Phrase.Heard.PLAINLY, level, level + 14, OptionalDouble.of(noise));
    }

    private static MarkAdvice advice(Learnt learnt, Positions from) {
        return MarkAdvice.of(learnt, GainSchool.MIDDLE, from);
    }

    @ParameterizedTest
    @CsvSource({
        "TEN, 6.5, 6.5, 6.5",
        "TEN, 0, 0.0, 0",
        "PERCENT, 65, 65 %, 65 %",
        "CLOCK, 13.25, 1:15, 13:15",
        "CLOCK, 12.5, 12:30, 12:30",
        "CLOCK, 17, 5:00, 5",
        "CLOCK, 7, 7:00, 7"
    })
    void aMarkIsSaidAsItStandsThere(Scale scale, double mark, String said, String written) {
        assertThat(words.mark(scale, mark)).isEqualTo(said);
        assertThat(words.read(scale, said)).isEqualTo(mark);
        assertThat(words.read(scale, " " + written)).isEqualTo(mark);
    }

    @ParameterizedTest
    @CsvSource({
        "TEN, 10.5, 0.0 to 10.0",
        "TEN, loud, 0.0 to 10.0",
        "PERCENT, -3, 0 % to 100 %",
        "CLOCK, 6:30, 7:00 to 5:00",
        "CLOCK, 1:155, 7:00 to 5:00"
    })
    void whatIsNoMarkIsRefused(Scale scale, String written, String said) {
        assertThatThrownBy(() -> words.read(scale, written)).hasMessageContaining(said);
    }

    /** The knob alone does not do: the slider helps where it was learnt, and where it was not, the line is said higher up. */
    @Test
    void whereTheKnobDoesNotDoItIsSaid() {
        Learnt both = learnt(false);
        assertThat(words.advice(both, advice(both, new Positions(7.5, 65))))
                .startsWith("Put the knob at 6.6, slider at 100 %");
        Learnt knob = Learnt.nothing("box")
                .with(line(1, 65, false))
                .with(line(4.5, 65, false))
                .with(line(7.5, 65, false));
        assertThat(words.advice(knob, advice(knob, new Positions(1, 65)))).contains("Now the slider");
        knob = new Learnt("box", Scale.TEN, Optional.empty(), knob.phrases());
        MarkAdvice soft = advice(knob, new Positions(1, 65));
        assertThat(words.advice(knob, soft))
                .isEqualTo("Even with knob at 7.5 the line is too soft: say it once more, higher up.");
        assertThat(soft.further()).contains(new Positions(10, 65));
    }

    @Test
    void adviceIsInOnesOwnMarks() {
        Learnt learnt = learnt(false).with(line(10, 65, false)).with(line(10, 40, false));
        MarkAdvice advice = advice(learnt, new Positions(7.5, 65));
        assertThat(words.advice(learnt, advice))
                .isEqualTo("Put the knob at 9.5, slider at 65 %: the loudest line will peak at \u22129.0 dBFS.");
        assertThat(words.pair(learnt, advice)).startsWith("Every pair that gives this level is as quiet");
        assertThat(words.advice(learnt, advice(learnt, new Positions(9.5, 65)))).startsWith("Right as it stands");
        assertThat(words.checked(advice.sayings().get(0)))
                .isEqualTo(
                        "\u201cSlider at 60 to 70 %, knob at three quarters\u201d: here 12.0 dB too soft, and no more noise"
                                + " than need be.");
        assertThat(words.turn(Scale.TEN, 4.5, 6.3)).startsWith("By your own marks: from 4.5 to 6.3");
    }

    @Test
    void theQuietPairIsNamed() {
        Learnt learnt = learnt(true).with(line(10, 65, true)).with(line(4.5, 90, true));
        MarkAdvice advice = advice(learnt, new Positions(7.5, 100));
        assertThat(advice.best()).isPresent();
        assertThat(words.advice(learnt, advice)).contains("less noise than turning the knob alone");
        assertThat(words.pair(learnt, advice)).contains("has the least noise");
        assertThat(words.checked(advice.sayings().get(1)))
                .contains("nearly down")
                .contains("more noise than need be");
    }

    /** A fridge came on for the third line: the level is right all the same, and no pair is named. */
    @Test
    void noiseThatWasNotTheSameNamesNoPair() {
        Learnt half = Learnt.nothing("box")
                .with(line(1, 65, false))
                .with(line(4.5, 65, false))
                .with(line(10, 65, false));
        assertThat(words.pair(half, advice(half, new Positions(9, 65))))
                .startsWith("With the slider at two more marks");
        Phrase loud = line(10, 65, false);
        Learnt disturbed = half.with(new Phrase(
                        loud.at(),
                        loud.heard(),
                        loud.averageDbfs(),
                        loud.peakDbfs(),
                        OptionalDouble.of(loud.floorDbfs().orElseThrow() + 18)))
                .with(line(4.5, 40, false))
                .with(line(4.5, 100, false));
        MarkAdvice advice = advice(disturbed, new Positions(9, 65));
        assertThat(words.advice(disturbed, advice)).startsWith("Put the knob at 9.5");
        assertThat(words.pair(disturbed, advice)).contains("not to be told");
    }

    @Test
    void whatIsNotHeardIsNotSaid() {
        Learnt nothing = Learnt.nothing("box");
        MarkAdvice advice = advice(nothing, new Positions(1, 65));
        assertThat(words.advice(nothing, advice)).contains("at three places");
        assertThat(words.pair(nothing, advice)).isEmpty();
        Learnt alone = new Learnt("box", Scale.CLOCK, Optional.empty(), nothing.phrases());
        assertThat(words.at(alone, alone.at(13.5))).isEqualTo("knob at 1:30");
        assertThat(words.heard(line(4.5, 65, false))).isEqualTo("\u221239.0");
        assertThat(words.scale(Scale.CLOCK)).isEqualTo("like a clock, 7 to 5");
        assertThat(words.noSlider()).isEqualTo("none");
    }
}
