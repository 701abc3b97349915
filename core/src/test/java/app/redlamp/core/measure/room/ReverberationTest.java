package app.redlamp.core.measure.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReverberationTest {
    private static Reverberation heard(double clarityDb) {
        return Reverberation.heard(new Reverberation.Told(clarityDb, 3), Optional.empty());
    }

    private static final Reverberation DRY = Reverberation.notHeard(20);

    @Test
    void aVoiceStandsAgainstAWish() {
        assertThat(heard(20.1).against(20)).isEqualTo(Reverberation.Standing.CLEAR);
        assertThat(heard(17).against(20)).isEqualTo(Reverberation.Standing.NEAR);
        assertThat(heard(15.9).against(20)).isEqualTo(Reverberation.Standing.UNCLEAR);
        // Where the ends of words differ, less is certain.
        Reverberation vague = Reverberation.heard(new Reverberation.Told(14.5, 6), Optional.empty());
        assertThat(vague.against(20)).isEqualTo(Reverberation.Standing.NEAR);
        assertThat(DRY.against(20)).isEqualTo(Reverberation.Standing.CLEAR);
        assertThat(DRY.against(25)).isEqualTo(Reverberation.Standing.UNKNOWN);
        assertThat(DRY.clarityAgainst(25)).isEmpty();
        assertThat(Reverberation.UNKNOWN.against(5)).isEqualTo(Reverberation.Standing.UNKNOWN);
    }

    @Test
    void twoAreComparedAsFarAsTheyTell() {
        assertThat(heard(14).clearerThan(heard(9)).orElseThrow()).isCloseTo(5, within(1e-9));
        assertThat(heard(9).clearerThan(heard(14)).orElseThrow()).isCloseTo(-5, within(1e-9));
        assertThat(heard(10).clearerThan(heard(9))).hasValue(0);
        assertThat(DRY.clearerThan(heard(12)).orElseThrow()).isCloseTo(8, within(1e-9));
        assertThat(DRY.clearerThan(heard(24))).hasValue(0);
        assertThat(heard(24).clearerThan(DRY)).hasValue(0);
        assertThat(heard(12).clearerThan(DRY).orElseThrow()).isCloseTo(-8, within(1e-9));
        assertThat(DRY.clearerThan(Reverberation.UNKNOWN)).isEmpty();
        assertThat(Reverberation.UNKNOWN.clearerThan(DRY)).isEmpty();
    }

    /** By hand: of a reverberation that falls by 60 dB in T, 10^(−0.3/T) is left after 50 ms. */
    @ParameterizedTest
    @CsvSource({"0, 0.3, 12.788", "10, 0.3, 20.374", "6, 1.0, 9.513", "-6, 0.5, 6.000"})
    void clarityFromLevelAndTime(double directDb, double decayS, double clarityDb) {
        assertThat(Clarity.db(directDb, decayS)).isCloseTo(clarityDb, within(0.001));
    }

    /** All power that a tail gives back, within its frame and after it, is the reverberation of what was put in. */
    @ParameterizedTest
    @CsvSource({"0.2, 0", "0.5, 12", "1.5, -6"})
    void aTailGivesBackWhatItGot(double decayS, double directDb) {
        Tail tail = new Tail(decayS, directDb);
        double held = 0;
        double after = 0;
        double in = 1;
        for (int frame = 0; frame < 2000; frame++) {
            after += held;
            held = tail.keep() * (held + tail.feed() * in);
            in = 0;
        }
        // A frame of sound holds the voice and what its own reverberation brings within it.
        double tau = decayS / (6 * Math.log(10)) / 0.01;
        double room = Math.pow(10, -directDb / 10);
        double soon = room * (1 - tau * (1 - tail.keep()));
        double voice = 1 / (1 + soon);
        assertThat(after).isCloseTo(voice * (room - soon), within(1e-3 * room));
    }
}
