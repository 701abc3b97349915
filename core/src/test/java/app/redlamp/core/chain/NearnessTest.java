package app.redlamp.core.chain;

import static app.redlamp.core.chain.Chains.ROOM;
import static app.redlamp.core.chain.Chains.chain;
import static app.redlamp.core.chain.Chains.condenser;
import static app.redlamp.core.chain.Chains.dynamic;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Pattern;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How near the voice is, and from which side it comes. */
class NearnessTest {
    /** 20 log10(r1/r2): half the distance is 6.02 dB more. */
    @Test
    void halfTheDistanceIsSixDecibels() {
        assertThat(Position.straight(0.1).distanceDb() - Position.straight(0.2).distanceDb())
                .isCloseTo(6.0206, within(1e-4));
        assertThat(Position.straight(1).distanceDb()).isCloseTo(0, within(1e-9));
    }

    /** Directivity index (any microphone handbook): omni 0, cardioid 4.8, super 5.7, hyper 6.0, eight 4.8 dB. */
    @Test
    void patternsKeepTheRoomOut() {
        assertThat(kept(Pattern.OMNI)).isCloseTo(0, within(0.01));
        assertThat(kept(Pattern.CARDIOID)).isCloseTo(4.77, within(0.01));
        assertThat(kept(Pattern.SUPERCARDIOID)).isCloseTo(5.72, within(0.05));
        assertThat(kept(Pattern.HYPERCARDIOID)).isCloseTo(6.02, within(0.01));
        assertThat(kept(Pattern.FIGURE_EIGHT)).isCloseTo(4.77, within(0.01));
        // The distance at which it hears as much room as an omni at 1 m: √ of that, 1.7 and 2.0.
        assertThat(Math.pow(10, kept(Pattern.CARDIOID) / 20)).isCloseTo(1.73, within(0.01));
        assertThat(Math.pow(10, kept(Pattern.HYPERCARDIOID) / 20)).isCloseTo(2.0, within(0.01));
    }

    private static double kept(Pattern pattern) {
        return 30 - ROOM.heardBy(pattern).flatDb();
    }

    @Test
    void theSideAndTheBackOfACardioid() {
        assertThat(Position.straight(0.2).turned(90).offAxisDb(Pattern.CARDIOID))
                .isCloseTo(-6.02, within(0.01));
        // What is silent in the ideal is 25 dB down in what is built.
        assertThat(Position.straight(0.2).turned(180).offAxisDb(Pattern.CARDIOID))
                .isCloseTo(-25, within(0.01));
    }

    /** Nearness lifts the whole of a voice: the thirds of the average of speech times |1/2 + 1/2 (1 + 1/(jkr))|², by numpy. */
    @ParameterizedTest
    @CsvSource({"0.05, 7.613", "0.06, 6.349", "0.18, 1.362", "0.25, 0.759", "0.5, 0.202"})
    void nearnessLiftsTheWholeVoice(double distanceM, double db) {
        assertThat(chain(condenser(14), distanceM, 30).straightDb()).isCloseTo(db, within(0.001));
    }

    @Test
    void whatIsBuiltForACloseVoiceIsEvenThereAndThinFurtherOff() {
        assertThat(chain(dynamic(), 0.075, 30).straightDb()).isCloseTo(0, within(1e-9));
        assertThat(chain(dynamic(), 0.3, 30).straightDb()).isLessThan(-2);
        assertThat(chain(dynamic(), 0.03, 30).straightDb()).isGreaterThan(4);
        assertThat(dynamic().liftDb(0, 0.075, 100)).isCloseTo(0, within(1e-9));
        assertThat(dynamic().liftDb(0, 0.2, 100)).isLessThan(-5);
        assertThatThrownBy(() -> new Capsule(Pattern.OMNI, 10, OptionalDouble.empty(), 130, 150, OptionalDouble.of(2)))
                .hasMessageContaining("between 0.01 and 1 m");
    }

    /** A whisper has no bass that nearness could lift. */
    @Test
    void aWhisperIsLiftedLess() {
        Chain whispered =
                chain(condenser(14), 0.05, 30).spoken(new Voice(VocalEffort.WHISPER, VocalEffort.WHISPER, 15));
        assertThat(whispered.straightDb()).isBetween(1.0, 3.0);
    }
}
