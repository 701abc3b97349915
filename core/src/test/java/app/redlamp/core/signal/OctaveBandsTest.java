package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Bands over a spectrum, held against the limits of class 1 filters in IEC 61260-1 table 1 (from memory). */
class OctaveBandsTest {
    private static final int RATE = 48_000;
    private static final int LENGTH = 8192;

    /** Class 1: ±0.4 dB at the centre. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8})
    void aToneAtItsCentreReadsTrue(int band) {
        assertThat(relative(band, 0)).isCloseTo(0, within(0.4));
    }

    /**
     * Class 1 for octaves, relative attenuation at centre · G^Ω: within −0.4…+1.3 dB up to Ω = ¼, at least 16.6 dB from
     * Ω = 1 and 40.5 dB from Ω = 2 on; on the edge between 1.6 and 5.3 dB.
     */
    @ParameterizedTest
    @CsvSource({"0.25,-0.4,1.3", "0.5,1.6,5.3", "1,16.6,1000", "2,40.5,1000", "3,60,1000"})
    void attenuationOfOctavesAwayFromTheCentre(double octaves, double least, double most) {
        for (int band = 4; band <= 7; band++) {
            assertThat(-relative(band, octaves)).as("band %d above", band).isBetween(least, most);
            assertThat(-relative(band, -octaves)).as("band %d below", band).isBetween(least, most);
        }
    }

    /** IEC 61260-1, base ten (from memory): the third octave of 1 kHz goes from 891.25 to 1122.02 Hz, the octave of 2 kHz has 1995.26 Hz. */
    @Test
    void edgesAndCentresAreThoseOfTheStandard() {
        int middle = IntStream.range(0, OctaveBands.THIRDS.count())
                .filter(b -> OctaveBands.THIRDS.contains(b, 1000))
                .findFirst()
                .orElseThrow();
        assertThat(OctaveBands.THIRDS.contains(middle, 891.26)).isTrue();
        assertThat(OctaveBands.THIRDS.contains(middle, 891.24)).isFalse();
        assertThat(OctaveBands.THIRDS.contains(middle, 1122.01)).isTrue();
        assertThat(OctaveBands.THIRDS.contains(middle, 1122.03)).isFalse();
        assertThat(OctaveBands.octaveHz(1.0)).isCloseTo(1995.26, within(0.01));
    }

    /** Bands side by side add up: white noise has the power of each band's width. */
    @Test
    void whiteNoiseHasThePowerOfTheBandsWidth() {
        PowerSpectrum spectrum = new PowerSpectrum(LENGTH, RATE);
        float[] noise = Signals.noise(-20, 60, RATE, 5);
        for (int at = 0; at + LENGTH <= noise.length; at += LENGTH / 2) {
            spectrum.add(noise, at);
        }
        double[] powers = OctaveBands.OCTAVES.powers(spectrum.bins(), spectrum.binHz());
        for (int band = 2; band < powers.length - 1; band++) {
            double widthHz = OctaveBands.OCTAVES.centreHz(band) * (Math.pow(10, 0.15) - Math.pow(10, -0.15));
            double expected = -20 + 10 * Math.log10(widthHz / (RATE / 2.0));
            assertThat(10 * Math.log10(powers[band])).as("band %d", band).isCloseTo(expected, within(0.5));
        }
    }

    /** ISO 266, from memory. */
    @Test
    void bandsAreCalledByTheirNominalCentres() {
        assertThat(IntStream.range(0, OctaveBands.OCTAVES.count()).mapToDouble(OctaveBands.OCTAVES::nominalHz))
                .containsExactly(31.5, 63.0, 125.0, 250.0, 500.0, 1000.0, 2000.0, 4000.0, 8000.0, 16_000.0);
        assertThat(IntStream.range(0, 13).mapToDouble(OctaveBands.THIRDS::nominalHz))
                .containsExactly(
                        63.0, 80.0, 100.0, 125.0, 160.0, 200.0, 250.0, 315.0, 400.0, 500.0, 630.0, 800.0, 1000.0);
    }

    @Test
    void centresAreThoseOfTheStandard() {
        assertThat(OctaveBands.OCTAVES.count()).isEqualTo(10);
        assertThat(OctaveBands.OCTAVES.centreHz(0)).isCloseTo(31.62, within(0.01));
        assertThat(OctaveBands.OCTAVES.centreHz(5)).isCloseTo(1000.0, within(1e-9));
        assertThat(OctaveBands.THIRDS.centreHz(0)).isCloseTo(63.10, within(0.01));
        assertThat(OctaveBands.THIRDS.centreHz(24)).isCloseTo(15_849.0, within(1.0));
        assertThat(OctaveBands.THIRDS.count()).isEqualTo(25);
    }

    private static double relative(int band, double octaves) {
        double frequency = OctaveBands.OCTAVES.centreHz(band) * Math.pow(10, 0.3 * octaves);
        if (frequency > 0.49 * RATE) {
            return -900;
        }
        PowerSpectrum spectrum = new PowerSpectrum(LENGTH, RATE);
        spectrum.add(Signals.sine(frequency, 0, 1, RATE), 0);
        double power = OctaveBands.OCTAVES.powers(spectrum.bins(), spectrum.binHz())[band];
        return Math.max(-900, 10 * Math.log10(power) + 3.0103);
    }
}
