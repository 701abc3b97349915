package app.redlamp.core.measure.loudness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.References;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.Map;
import org.junit.jupiter.api.Test;

class KWeightingTest {
    /** The standard prints 14 decimals; the analogue prototype was fitted to them. */
    private static final double PRINTED = 1e-10;

    private static final double EXACT = 1e-11;

    /** ITU-R BS.1770-5 annex 1, tables 1 and 2. */
    @Test
    void at48kHzTheCoefficientsAreThoseOfTheStandard() {
        assertSame(
                KWeighting.shelf(48_000),
                new Biquad(1.53512485958697, -2.69169618940638, 1.19839281085285, -1.69065929318241, 0.73248077421585),
                PRINTED);
        assertSame(KWeighting.highPass(48_000), new Biquad(1, -2, 1, -1.99004745483398, 0.99007225036621), PRINTED);
    }

    /** k_weighting.json: scipy's bilinear transform of the prototype. */
    @Test
    void atOtherRatesTheyAgreeWithTheIndependentDerivation() throws IOException {
        int rates = 0;
        for (Map.Entry<String, JsonNode> row :
                References.read("k_weighting").get("derived").properties()) {
            double rate = Double.parseDouble(row.getKey());
            assertSame(KWeighting.shelf(rate), References.section(row.getValue().get("stage1")), EXACT);
            assertSame(
                    KWeighting.highPass(rate), References.section(row.getValue().get("stage2")), EXACT);
            rates++;
        }
        assertThat(rates).isGreaterThanOrEqualTo(5);
    }

    private static void assertSame(Biquad ours, Biquad theirs, double tolerance) {
        assertThat(ours.b0()).isCloseTo(theirs.b0(), within(tolerance));
        assertThat(ours.b1()).isCloseTo(theirs.b1(), within(tolerance));
        assertThat(ours.b2()).isCloseTo(theirs.b2(), within(tolerance));
        assertThat(ours.a1()).isCloseTo(theirs.a1(), within(tolerance));
        assertThat(ours.a2()).isCloseTo(theirs.a2(), within(tolerance));
    }
}
