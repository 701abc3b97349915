package app.redlamp.core.delivery.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ForecastTest {
    private static final Specification AUDIOBOOK = Specifications.audiobook();

    /** Loudness −32.4 needs 9.4 dB to reach −23; a floor of −61.5 is then at −52.1, 7.9 dB too high. */
    @Test
    void theCollisionIsProvedInFigures() {
        Forecast forecast = Forecast.of(
                AUDIOBOOK, Reports.good().loudness(-32.4).floor(-61.5).get(), 1);
        assertThat(forecast.finishable()).isFalse();
        assertThat(forecast.obstacles()).singleElement().isInstanceOfSatisfying(Obstacle.Noise.class, noise -> {
            assertThat(noise.gainDb()).isCloseTo(9.4, within(1e-9));
            assertThat(noise.floorDbfs()).isCloseTo(-52.1, within(1e-9));
            assertThat(noise.excessDb()).isCloseTo(7.9, within(1e-9));
        });
    }

    @Test
    void theGainAimsAtTheMiddleOrAsFarAsTheFloorAllows() {
        assertThat(gain(Reports.good().gain(-8))).isCloseTo(7.5, within(1e-9));
        assertThat(gain(Reports.good().loudness(-30).floor(-68))).isCloseTo(7.7, within(1e-9));
        assertThat(gain(Reports.good().loudness(-30).floor(-67.1))).isCloseTo(7.05, within(1e-9));
    }

    @Test
    void whatNoGainTouchesStandsFirst() {
        assertThat(Forecast.of(AUDIOBOOK, Reports.good().clipped(3).get(), 1).obstacles())
                .containsExactly(new Obstacle.Clipped(3));
        assertThat(Forecast.of(AUDIOBOOK, Reports.good().silent().get(), 1).obstacles())
                .containsExactly(new Obstacle.Silent());
    }

    @Test
    void theDeliveryWouldHaveTheWrongName() {
        Specification named = Specifications.audiobookNamed("book_##.mp3");
        assertThat(Forecast.of(named, Reports.good().get(), 1, "chapter one.wav")
                        .obstacles())
                .containsExactly(new Obstacle.Misnamed("chapter one.mp3", "book_##.mp3"));
        assertThat(Forecast.of(named, Reports.good().get(), 1, "book_01.wav").finishable())
                .isTrue();
    }

    /** For any loudness and floor: a plan that says it is feasible puts both inside, one that does not cannot. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void feasibleMeansThatAGainExists(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 2000; round++) {
            double loudness = -50 + random.nextDouble() * 45;
            double floor = -90 + random.nextDouble() * 50;
            Report report = Reports.good().loudness(loudness).floor(floor).get();
            GainPlan plan = GainPlan.of(AUDIOBOOK, report).orElseThrow();
            boolean exists = false;
            for (double gain = -40; gain <= 40; gain += 0.01) {
                exists |= loudness + gain >= -23 && loudness + gain <= -18 && floor + gain <= -60;
            }
            if (plan.feasible()) {
                assertThat(loudness + plan.aimDb()).isBetween(-23.0 - 1e-9, -18.0 + 1e-9);
                assertThat(floor + plan.aimDb()).isLessThanOrEqualTo(-60 + 1e-9);
            } else {
                assertThat(exists)
                        .as("loudness " + loudness + ", floor " + floor)
                        .isFalse();
            }
        }
    }

    private static double gain(Reports report) {
        return Forecast.of(AUDIOBOOK, report.get(), 1).gainDb().orElseThrow();
    }
}
