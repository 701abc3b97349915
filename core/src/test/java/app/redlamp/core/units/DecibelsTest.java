package app.redlamp.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DecibelsTest {

    /** By definition: 20 lg 2 = 6.0206, 20 lg 10 = 20, 20 lg √½ = −3.0103. */
    @ParameterizedTest
    @CsvSource({"1,0", "2,6.0206", "10,20", "0.70710678,-3.0103", "0.5,-6.0206"})
    void levelOfAnAmplitude(double amplitude, double db) {
        assertThat(Decibels.ofAmplitude(amplitude).orElseThrow()).isCloseTo(db, within(1e-4));
        assertThat(Decibels.ofPower(amplitude * amplitude).orElseThrow()).isCloseTo(db, within(1e-4));
        assertThat(Decibels.toAmplitude(db)).isCloseTo(amplitude, within(1e-5));
        assertThat(Decibels.toPower(db)).isCloseTo(amplitude * amplitude, within(1e-3));
    }

    /** IEC 80000-15 (from memory): 1 Np is 8.685889638 dB; 60 dB of amplitude are ln 1000. */
    @ParameterizedTest
    @CsvSource({"8.685889638,1", "-8.685889638,-1", "60,6.907755279", "0,0"})
    void nepersOfALevel(double db, double nepers) {
        assertThat(Decibels.toNepers(db)).isCloseTo(nepers, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -0.0, -1, Double.NaN, Double.POSITIVE_INFINITY})
    void whatHasNoLevelIsAbsent(double amplitude) {
        assertThat(Decibels.ofAmplitude(amplitude)).isEmpty();
        assertThat(Decibels.ofPower(amplitude)).isEmpty();
    }

    @Test
    void theSmallestAmplitudeStillHasALevel() {
        assertThat(Decibels.ofAmplitude(Double.MIN_VALUE)).isPresent();
    }
}
