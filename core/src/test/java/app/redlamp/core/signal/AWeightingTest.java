package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AWeightingTest {
    /** The standard's table is rounded to tenths. */
    private static final double PRINTED_DB = 0.06;

    /** IEC 61672-1, table of the A-weighting at the nominal octave centres. */
    @ParameterizedTest
    @CsvSource({
        "31.5,-39.4",
        "63,-26.2",
        "125,-16.1",
        "250,-8.6",
        "500,-3.2",
        "1000,0",
        "2000,1.2",
        "4000,1.0",
        "8000,-1.1",
        "16000,-6.6"
    })
    void theTableOfTheStandard(double nominalHz, double db) {
        // The table is for the exact frequencies behind the nominal ones.
        double exact = 1000 * Math.pow(10, Math.rint(10 * Math.log10(nominalHz / 1000)) / 10);
        assertThat(AWeighting.db(exact)).isCloseTo(db, within(PRINTED_DB));
    }

    /** White noise from 0 to 22.05 kHz, by numerical integration of the curve in small steps. */
    @Test
    void whiteNoiseThroughTheSpectrum() {
        int rate = 44_100;
        PowerSpectrum spectrum = new PowerSpectrum(8192, rate);
        float[] noise = Signals.noise(-20, 30, rate, 2);
        for (int at = 0; at + 8192 <= noise.length; at += 4096) {
            spectrum.add(noise, at);
        }
        double sum = 0;
        for (double f = 0.5; f < rate / 2.0; f++) {
            sum += Math.pow(10, AWeighting.db(f) / 10) / (rate / 2.0);
        }
        assertThat(10 * Math.log10(AWeighting.meanSquare(spectrum.bins(), spectrum.binHz())))
                .isCloseTo(-20 + 10 * Math.log10(sum), within(0.1));
    }

    /** a_weighting.json: the same formula computed by numpy. */
    @Test
    void theIndependentTable() throws IOException {
        JsonNode rows = References.read("a_weighting").get("rows");
        assertThat(rows.size()).isGreaterThan(20);
        for (JsonNode row : rows) {
            assertThat(AWeighting.db(row.get("exact_hz").asDouble()))
                    .isCloseTo(row.get("A_exact").asDouble(), within(0.001));
        }
    }
}
