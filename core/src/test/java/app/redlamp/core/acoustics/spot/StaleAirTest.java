package app.redlamp.core.acoustics.spot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Space;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StaleAirTest {
    /** Worked by hand: 580 and 1580 ppm more, 0.0187 m³ an hour, 0.3 changes; 10 m³: −200 ln(1 − 0.0930), −200 ln(1 − 0.2535). */
    @Test
    void aBoxRoomIsStuffyWithinAnHour() {
        StaleAir air = StaleAir.of(new Space(2, 2, 2.5), 1);
        assertThat(air.minutesTo(StaleAir.STUFFY_PPM).orElseThrow()).isCloseTo(19.5, within(0.1));
        assertThat(air.minutesTo(StaleAir.STALE_PPM).orElseThrow()).isCloseTo(58.5, within(0.2));
    }

    /** Small steps of a minute's breath and a minute's leak, which know nothing of the exponential. */
    @ParameterizedTest
    @CsvSource({"1.1, 7, 1, 0.2", "3, 13, 1, 0.3", "9, 27, 2, 0.5", "30, 60, 2, 0.3", "12, 32, 3, 1.5"})
    void theClosedFormIsTheSumOfItsMinutes(double volume, double surface, int persons, double changes) {
        StaleAir air = new StaleAir(volume, surface, persons, changes);
        double ppm = 420;
        double minutes = 0;
        while (ppm < 1500 && minutes < 6000) {
            ppm += (persons * 0.0187 / volume * 1e6 - changes * (ppm - 420)) / 60 / 100;
            minutes += 0.01;
        }
        assertThat(air.minutesTo(1500).orElseThrow()).isCloseTo(minutes, within(0.01 * minutes + 0.02));
    }

    /** A hall with open windows: more leaks away than one person breathes out. */
    @Test
    void aHallNeverIs() {
        assertThat(new StaleAir(300, 300, 1, 2).minutesTo(StaleAir.STUFFY_PPM)).isEmpty();
    }

    /** In the end what is lost is what is made: 75 W over 0.34 × 0.3 × 1 + 1.5 × 6 W a K. */
    @Test
    void itWarmsTowardsWhatTheWallsLetThrough() {
        StaleAir cupboard = new StaleAir(1, 6, 1, 0.3);
        assertThat(cupboard.riseK(10_000)).isCloseTo(75 / 9.102, within(0.01));
        assertThat(cupboard.riseK(60)).isBetween(2.5, 4.0);
        assertThat(cupboard.riseK(0)).isZero();
        assertThat(new StaleAir(1, 6, 2, 0.3).riseK(60)).isCloseTo(2 * cupboard.riseK(60), within(1e-9));
        assertThat(new StaleAir(10, 28, 1, 0.3).riseK(60)).isLessThan(1.3);
    }
}
