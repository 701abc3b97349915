package app.redlamp.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class LimitsTest {

    @Test
    void theBoundsThemselvesAreAllowed() {
        Limits limits = Limits.between(-23, -18);
        assertThat(limits.contains(-23)).isTrue();
        assertThat(limits.contains(-18)).isTrue();
        assertThat(limits.contains(-17.999)).isFalse();
        assertThat(limits.contains(Double.NaN)).isFalse();
    }

    @Test
    void theMarginIsTheDistanceToTheNearestBound() {
        assertThat(Limits.between(-23, -18).margin(-19)).isCloseTo(1, within(1e-12));
        assertThat(Limits.between(-23, -18).margin(-28.1)).isCloseTo(-5.1, within(1e-12));
        assertThat(Limits.atMost(-60).margin(-64.2)).isCloseTo(4.2, within(1e-12));
        assertThat(Limits.atLeast(40).margin(38)).isCloseTo(-2, within(1e-12));
        assertThat(Limits.around(-23, 0.5).margin(-23)).isCloseTo(0.5, within(1e-12));
    }

    @Test
    void aWindowThatIsNoneIsRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Limits.between(-18, -23))
                .withMessageContaining("-18")
                .withMessageContaining("-23");
        assertThatIllegalArgumentException().isThrownBy(() -> Limits.atMost(Double.NaN));
    }
}
