package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OctaveFilterTest {
    private static final int RATE = 44_100;

    /**
     * IEC 61260-1:2014, table 1, class 1, from memory: steps of octaves away from the middle, least and most attenuation in
     * dB against that in the middle.
     */
    @ParameterizedTest
    @CsvSource({
        "0,-0.4,0.4",
        "0.125,-0.4,0.5",
        "0.25,-0.4,0.7",
        "0.375,-0.4,1.4",
        "0.4999,-0.4,5.3",
        "0.5001,1.6,1000",
        "1,16.6,1000",
        "2,40.5,1000",
        "3,60,1000",
        "4,70,1000"
    })
    void theLimitsOfClass1AreKept(double octaves, double leastDb, double mostDb) {
        for (int band = -3; band <= 2; band++) {
            double centre = 1000 * Math.pow(10, 0.3 * band);
            OctaveFilter filter = new OctaveFilter(centre, RATE);
            double reference = filter.gainAt(centre, RATE);
            for (int side = -1; side <= 1; side += 2) {
                double hz = centre * Math.pow(10, 0.3 * octaves * side);
                if (hz >= RATE / 2.0) {
                    continue;
                }
                double attenuation = -20 * Math.log10(filter.gainAt(hz, RATE) / reference);
                assertThat(attenuation).as(hz + " Hz of " + centre).isBetween(leastDb, mostDb);
            }
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {125.9, 1000, 3981})
    void aToneInTheMiddlePassesForwardsAndBackwards(double hz) {
        OctaveFilter filter = new OctaveFilter(hz, RATE);
        float[] tone = Signals.sine(hz, -6, 1, RATE);

        for (float[] out : new float[][] {filter.filter(tone), filter.filterBackwards(tone)}) {
            float[] middle = java.util.Arrays.copyOfRange(out, RATE / 4, 3 * RATE / 4);
            assertThat(Signals.rmsDbfs(middle)).isCloseTo(-9.01, within(0.05));
        }
    }

    @Test
    void aBandAboveHalfTheSampleRateIsRefused() {
        assertThatThrownBy(() -> new OctaveFilter(4000, 8000)).hasMessageContaining("4000");
    }
}
