package app.redlamp.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class LevinsonTest {
    /** A process of the first order with 0.9 has the autocorrelation 0.9^lag: one coefficient explains it all. */
    @Test
    void aFirstOrderProcessIsExplainedByOneCoefficient() {
        double[] a = Levinson.whitening(new double[] {1, 0.9, 0.81, 0.729});
        assertThat(a).containsExactly(new double[] {1, -0.9, 0, 0}, within(1e-5));
    }

    /** The normal equations of order 2, solved by hand: r = 1, 0.5, 0.1 give a1 = −0.6, a2 = 0.2. */
    @Test
    void theNormalEquationsHold() {
        double[] a = Levinson.whitening(new double[] {1, 0.5, 0.1});
        assertThat(a).containsExactly(new double[] {1, -0.6, 0.2}, within(1e-5));
    }

    @Test
    void silenceForetellsNothing() {
        assertThat(Levinson.whitening(new double[4])).containsExactly(1, 0, 0, 0);
    }
}
