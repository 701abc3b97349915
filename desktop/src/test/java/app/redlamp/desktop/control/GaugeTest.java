package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class GaugeTest {
    private static final OptionalDouble NONE = OptionalDouble.empty();

    @Test
    void theWindowStandsInTheMiddleOfItsScale() {
        Gauge gauge = Gauge.ofDecibels(Limits.between(-23, -18), OptionalDouble.of(-20.5), NONE);
        assertThat(gauge.share(-20.5)).isCloseTo(0.5, within(1e-9));
        assertThat(gauge.share(-23)).isLessThan(gauge.share(-18));
    }

    @Test
    void valuesBeyondTheScaleStopAtItsEnds() {
        Gauge gauge = Gauge.ofDecibels(Limits.atMost(-3), NONE, NONE);
        assertThat(gauge.share(-200)).isZero();
        assertThat(gauge.share(20)).isEqualTo(1);
    }

    @Test
    void theSideSaysWhereToGo() {
        Gauge gauge = Gauge.ofDecibels(Limits.between(-23, -18), NONE, NONE);
        assertThat(gauge.side(-23)).isZero();
        assertThat(gauge.side(-23.1)).isEqualTo(-1);
        assertThat(gauge.side(-17.9)).isEqualTo(1);
    }

    @Test
    void aScaleThatDoesNotRiseIsRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Gauge(Limits.atMost(0), NONE, NONE, 5, 5));
    }
}
