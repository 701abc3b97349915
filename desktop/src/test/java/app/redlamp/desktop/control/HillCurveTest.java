package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.LevelHistogram;
import java.util.Random;
import org.junit.jupiter.api.Test;

class HillCurveTest {

    /** Smoothing moves levels to their neighbours but loses none. */
    @Test
    void theAreaIsTheNumberOfLevels() {
        double[] levels = new Random(1).doubles(500).map(u -> -70 + 40 * u).toArray();
        HillCurve curve = new HillCurve(LevelHistogram.of(levels));
        double area = 0;
        for (int bin = 0; bin < LevelHistogram.BINS; bin++) {
            area += curve.height(bin);
        }
        assertThat(area).isCloseTo(500, within(1e-6));
    }

    @Test
    void theTopIsWhereMostLevelsLie() {
        HillCurve curve = new HillCurve(LevelHistogram.of(-60.2, -60.1, -60.3, -30));
        assertThat(curve.topDbfs()).isCloseTo(-60.25, within(0.5));
        HillCurve.Foot foot = curve.foot(0.2);
        assertThat(foot.fromDbfs()).isBetween(-64.0, -61.0);
        assertThat(foot.toDbfs()).isBetween(-59.5, -56.0);
    }

    @Test
    void nothingIsFlat() {
        assertThat(new HillCurve(LevelHistogram.of()).highest()).isZero();
    }
}
