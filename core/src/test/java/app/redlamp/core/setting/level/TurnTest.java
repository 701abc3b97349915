package app.redlamp.core.setting.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.GainSchool;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TurnTest {
    private static final OptionalDouble UNREAD = OptionalDouble.empty();
    private static final GainSchool MIDDLE = GainSchool.MIDDLE;

    private static Turn turn(double peak, OptionalDouble average, Optional<Knob> knob) {
        return Turn.of(MIDDLE, new Peaks(peak, 0), average, knob);
    }

    /** Windows of the schools: common practice, no source. */
    @ParameterizedTest
    @CsvSource({
        "MIDDLE, -12, -9, -6",
        "HOT, -8, -6, -4.5",
        "EDITED, -24, -14, -12",
        "LIVE, -6, -3, -1",
        "MIXER, -14, -11, -8"
    })
    void theSchools(GainSchool school, double low, double aim, double high) {
        assertThat(school.lowDbfs()).isEqualTo(low);
        assertThat(school.aimDbfs()).isEqualTo(aim);
        assertThat(school.highDbfs()).isEqualTo(high);
        assertThat(school.averageDbfs().isPresent())
                .isEqualTo(school == GainSchool.EDITED || school == GainSchool.MIXER);
    }

    @Test
    void insideTheWindowNothingIsTurned() {
        assertThat(turn(-11.5, UNREAD, Optional.empty()).verdict()).isEqualTo(Turn.Verdict.FITS);
        assertThat(turn(-6.1, UNREAD, Optional.empty()).moves()).isFalse();
    }

    @Test
    void outsideItIsTurnedToTheAim() {
        assertThat(turn(-5, UNREAD, Optional.empty()).db()).isCloseTo(-4, within(1e-9));
        assertThat(turn(-20, UNREAD, Optional.empty()).db()).isCloseTo(11, within(1e-9));
        assertThat(turn(-20, UNREAD, Optional.empty()).verdict()).isEqualTo(Turn.Verdict.UP);
    }

    @Test
    void theKnobHasEnds() {
        Optional<Knob> knob = Optional.of(new Knob(50, 0, 54, 60));
        assertThat(turn(-12.8, UNREAD, knob).verdict()).isEqualTo(Turn.Verdict.UP);
        assertThat(turn(-18, UNREAD, knob).verdict()).isEqualTo(Turn.Verdict.UP_STRAINED);
        Turn out = turn(-30, UNREAD, knob);
        assertThat(out.verdict()).isEqualTo(Turn.Verdict.OUT_OF_GAIN);
        assertThat(out.db()).isCloseTo(10, within(1e-9));
        assertThat(out.bySomeDb()).isCloseTo(11, within(1e-9));
        Turn hot = turn(-2, UNREAD, Optional.of(new Knob(2, 0, 54, 60)));
        assertThat(hot.verdict()).isEqualTo(Turn.Verdict.TOO_HOT);
        assertThat(hot.db()).isCloseTo(-2, within(1e-9));
        assertThat(hot.bySomeDb()).isCloseTo(-5, within(1e-9));
        assertThatThrownBy(() -> new Knob(70, 0, 54, 60)).hasMessageContaining("between 0.0 and 60.0");
    }

    /** The school that edits later: the average decides, as far as the peaks let it. */
    @Test
    void theAverageDecidesAsFarAsPeaksLetIt() {
        GainSchool edited = GainSchool.EDITED;
        assertThat(Turn.of(edited, new Peaks(-20, 0), OptionalDouble.of(-24), Optional.empty())
                        .db())
                .isCloseTo(6, within(1e-9));
        // Six more would put the peaks at −9: only 2.5 are left under −12.5.
        assertThat(Turn.of(edited, new Peaks(-15, 0), OptionalDouble.of(-24), Optional.empty())
                        .db())
                .isCloseTo(2.5, within(1e-9));
        assertThat(Turn.of(edited, new Peaks(-12.4, 0), OptionalDouble.of(-24), Optional.empty())
                        .verdict())
                .isEqualTo(Turn.Verdict.FITS);
        assertThat(Turn.of(edited, new Peaks(-13, 0), OptionalDouble.of(-14), Optional.empty())
                        .db())
                .isCloseTo(-4, within(1e-9));
    }

    /** The share of a two-sided exponential beyond √2 / −ln f of its RMS is f. */
    @Test
    void whatWasCutOffIsGuessedFromItsShare() {
        assertThat(new Peaks(-3, 0).wouldBeDbfs()).isEqualTo(-3);
        double little = new Peaks(0, 1e-5).wouldBeDbfs();
        double much = new Peaks(0, 0.2).wouldBeDbfs();
        assertThat(little).isBetween(3.0, 8.0);
        assertThat(much).isGreaterThan(little + 10);
        // Half of the speaking time beyond full scale: √2 / −ln 0.5 is 6.2 dB; 15 up to the peaks, 3 to be sure.
        assertThat(new Peaks(0, 0.3).wouldBeDbfs()).isCloseTo(6.2 + 15 + 3, within(0.05));
    }

    /** Whatever is cut off is turned down, and never up. */
    @ParameterizedTest
    @EnumSource(GainSchool.class)
    void whatIsCutOffIsTurnedDown(GainSchool school) {
        for (double share : new double[] {1e-6, 1e-3, 0.1, 0.9}) {
            Turn turn = Turn.of(school, new Peaks(0, share), OptionalDouble.of(-12), Optional.empty());
            assertThat(turn.db()).isLessThan(-4);
        }
    }
}
