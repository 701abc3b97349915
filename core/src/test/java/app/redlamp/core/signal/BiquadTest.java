package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BiquadTest {
    private static final double EXACT = 1e-12;
    private static final double TABLE_DB = 1e-5;

    /** biquads.json: the cookbook's formulas computed independently, compared there with two filter programs. */
    @Test
    void highPassAgreesWithTheIndependentComputation() throws IOException {
        int seen = 0;
        for (JsonNode row : References.read("biquads").get("filters")) {
            double rate = row.get("fs").asDouble();
            Biquad ours = Biquad.highPass(row.get("f0").asDouble(), row.get("Q").asDouble(), rate);
            Biquad theirs = References.section(row);
            assertThat(ours.b0()).isCloseTo(theirs.b0(), within(EXACT));
            assertThat(ours.b1()).isCloseTo(theirs.b1(), within(EXACT));
            assertThat(ours.a1()).isCloseTo(theirs.a1(), within(EXACT));
            assertThat(ours.a2()).isCloseTo(theirs.a2(), within(EXACT));
            for (Map.Entry<String, JsonNode> at : row.get("mag_db").properties()) {
                if (!at.getValue().isNull()) {
                    double gain = ours.gainAt(Double.parseDouble(at.getKey()), rate);
                    assertThat(20 * Math.log10(gain)).isCloseTo(at.getValue().asDouble(), within(TABLE_DB));
                }
            }
            seen++;
        }
        assertThat(seen).isGreaterThanOrEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -80, 24_000, 30_000, Double.NaN})
    void aCornerThatCannotBeIsRefused(double corner) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Biquad.highPass(corner, Biquad.BUTTERWORTH_Q, 48_000))
                .withMessageContaining("must lie between 0 and 24000");
    }

    /** The filter that runs does what the formula says: a sine comes out at the computed gain. */
    @Test
    void theRunningFilterHasTheComputedGain() {
        Biquad section = Biquad.highPass(80, Biquad.BUTTERWORTH_Q, 44_100);
        BiquadFilter filter = new BiquadFilter(section);
        float[] in = Signals.sine(40, -6, 2, 44_100);
        float[] out = Signals.of(in.length, n -> filter.next(in[n]));
        float[] settled = java.util.Arrays.copyOfRange(out, 44_100, 88_200);
        float[] reference = java.util.Arrays.copyOfRange(in, 44_100, 88_200);
        assertThat(Signals.rmsDbfs(settled) - Signals.rmsDbfs(reference))
                .isCloseTo(20 * Math.log10(section.gainAt(40, 44_100)), within(1e-3));
    }
}
