package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimeWindowTest {
    private static final double TWO_HOURS = 7200;

    @Test
    void zoomingKeepsThePlaceUnderThePointer() {
        TimeWindow window = TimeWindow.whole(TWO_HOURS).zoomed(0.1, 1800);
        assertThat(window.lengthS()).isEqualTo(720);
        assertThat(window.shareOf(1800)).isCloseTo(0.25, within(1e-12));
        assertThat(window.zoomed(10, 1800)).isEqualTo(TimeWindow.whole(TWO_HOURS));
    }

    @Test
    void neverLeavesTheRecording() {
        TimeWindow window = TimeWindow.whole(TWO_HOURS).zoomed(0.01, 3600);
        assertThat(window.moved(-1000).fromS()).isZero();
        assertThat(window.moved(1000).toS()).isEqualTo(TWO_HOURS);
        assertThat(window.centredOn(-5).fromS()).isZero();
        assertThat(window.centredOn(TWO_HOURS + 5).toS()).isEqualTo(TWO_HOURS);
        assertThat(window.zoomed(1e9, 0).isWhole()).isTrue();
    }

    @Test
    void endsAtTwoSecondsOrAtTheWholeOfAShorterRecording() {
        assertThat(TimeWindow.whole(TWO_HOURS).zoomed(1e-9, 100).lengthS()).isEqualTo(2);
        assertThat(TimeWindow.whole(0.5).zoomed(0.1, 0.2)).isEqualTo(TimeWindow.whole(0.5));
        assertThat(TimeWindow.whole(0).zoomed(0.1, 0).shareOf(3)).isZero();
    }

    @Test
    void movesByAShareOfWhatIsInView() {
        TimeWindow window = TimeWindow.whole(TWO_HOURS).zoomed(0.1, 0).moved(0.5);
        assertThat(window.fromS()).isCloseTo(360, within(1e-9));
        assertThat(window.holds(360)).isTrue();
        assertThat(window.holds(359)).isFalse();
        assertThat(window.at(window.shareOf(500))).isCloseTo(500, within(1e-9));
    }

    /** As many marks as there is room for, and at times that people read. */
    @ParameterizedTest
    @CsvSource({"7200, 10, 900", "7200, 8, 900", "60, 10, 10", "22, 11, 2", "2, 10, 0.2", "360000, 10, 36000"})
    void rulerStepsFitTheRoom(double lengthS, double most, double stepS) {
        assertThat(TimeWindow.whole(lengthS).stepS(most)).isEqualTo(stepS);
    }
}
