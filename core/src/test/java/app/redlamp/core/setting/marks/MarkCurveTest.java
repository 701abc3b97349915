package app.redlamp.core.setting.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MarkCurveTest {

    private static MarkCurve through(double... pairs) {
        Map<Double, Double> all = new TreeMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            all.put(pairs[i], pairs[i + 1]);
        }
        return MarkCurve.through(all).orElseThrow();
    }

    /** Akima's data (J. ACM 17, 1970, table 1), on which Fritsch and Carlson showed what falls and what does not; from memory. */
    @Test
    void itNeverFallsWhereThePointsRise() {
        MarkCurve curve = through(0, 10, 2, 10, 3, 10, 5, 10, 6, 10, 8, 10, 9, 10.5, 11, 15, 12, 50, 14, 60, 15, 85);
        double before = -1;
        for (double mark = 0; mark <= 15; mark += 0.05) {
            double db = curve.dbAt(mark);
            assertThat(db).as("at %.2f", mark).isGreaterThanOrEqualTo(before - 1e-9);
            before = db;
        }
        assertThat(curve.dbAt(9)).isCloseTo(10.5, within(1e-9));
        assertThat(curve.dbAt(7)).isCloseTo(10, within(1e-9));
    }

    /** A straight line is a straight line, and a parabola through three points all but a parabola. */
    @Test
    void whatBendsEvenlyIsKept() {
        MarkCurve line = through(1, -40, 4, -25, 9, 0);
        assertThat(line.dbAt(2.5)).isCloseTo(-32.5, within(1e-9));
        assertThat(line.dbAt(7)).isCloseTo(-10, within(1e-9));
        MarkCurve bent = through(0, 0, 5, 10, 10, 40);
        assertThat(bent.dbAt(2.5)).isCloseTo(0.4 * 2.5 * 2.5, within(1.3));
        assertThat(bent.dbAt(7.5)).isCloseTo(0.4 * 7.5 * 7.5, within(1.3));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-39.9, -30, -22.2, -12.5, -0.1})
    void theMarkOfALevelGivesThatLevel(double db) {
        MarkCurve curve = through(0.5, -40, 3, -31, 6.5, -14, 9, 0);
        assertThat(curve.dbAt(curve.markAt(db).orElseThrow())).isCloseTo(db, within(1e-6));
        assertThat(curve.markAt(0.2)).isEmpty();
        assertThat(curve.markAt(-40.2)).isEmpty();
    }

    /** Two lines that were said otherwise are taken as one level; far off, it is said. */
    @ParameterizedTest
    @CsvSource({"-21, -22, false", "-21, -24.9, false", "-21, -26, true"})
    void whatFallsALittleIsALineSaidOtherwise(double first, double second, boolean falls) {
        MarkCurve curve = through(1, -40, 4, first, 7, second, 9, -5);
        assertThat(curve.falls()).isEqualTo(falls);
        assertThat(curve.dbAt(4)).isCloseTo((first + second) / 2, within(1e-9));
        assertThat(curve.dbAt(5.5)).isCloseTo((first + second) / 2, within(1e-9));
    }

    @Test
    void twoMarksSayNothing() {
        assertThat(MarkCurve.through(Map.of(1.0, -40.0, 5.0, -20.0))).isEmpty();
        assertThatThrownBy(() -> MarkCurve.through(Map.of(1.0, Double.NaN))).hasMessageContaining("not a number");
    }
}
