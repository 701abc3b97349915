package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class LevelHistogramTest {

    @Test
    void everyLevelCountsOnce() {
        LevelHistogram histogram = LevelHistogram.of(-60.1, -60.2, -20, -200, 3);
        assertThat(histogram.total()).isEqualTo(5);
        assertThat(histogram.count(0)).isEqualTo(1);
        assertThat(histogram.count(LevelHistogram.BINS - 1)).isEqualTo(1);
        assertThat(histogram.count((int) ((100 - 60.2) / LevelHistogram.BIN_DB)))
                .isEqualTo(2);
    }

    @Test
    void aBinIsNamedByItsMiddle() {
        assertThat(LevelHistogram.levelOf(0)).isCloseTo(-99.75, within(1e-9));
        assertThat(LevelHistogram.levelOf(LevelHistogram.BINS - 1)).isCloseTo(-0.25, within(1e-9));
    }
}
