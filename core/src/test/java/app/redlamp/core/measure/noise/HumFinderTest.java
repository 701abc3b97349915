package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Long pauses show a line narrowly and short ones widely: on the flank of both together no tone beside the mains is hum. */
class HumFinderTest {
    private static final int RATE = 44_100;

    /** Pauses of 0.4 to 2.6 s that hold a tone and its octave. */
    private static HumFinder heard(double hertz, double octave) {
        HumFinder finder = new HumFinder(RATE);
        float[] tone = Signals.add(Signals.sine(hertz, -55, 3, RATE), Signals.sine(2 * hertz, -55 + octave, 3, RATE));
        for (int n = 0; n < 14; n++) {
            int length = (int) ((0.4 + 0.17 * n) * RATE);
            finder.add(Arrays.copyOf(Signals.add(tone, Signals.noise(-70, 3, RATE, 40 + n)), length));
        }
        return finder;
    }

    @ParameterizedTest
    @CsvSource({"51.3, -80", "48.8, -80", "58.6, -80", "61.2, -80", "97.8, -80", "102.2, -80", "51.1, -6", "61.3, -3"})
    void aToneBesideTheMainsIsNoHum(double hertz, double octave) {
        assertThat(heard(hertz, octave).find()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"49.75, -80", "50.1, -6", "60.2, -80", "59.8, -3"})
    void theMainsAre(double hertz, double octave) {
        assertThat(heard(hertz, octave).find().orElseThrow().baseHz()).isCloseTo(hertz, within(0.1));
    }
}
