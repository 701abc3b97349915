package app.redlamp.core.acoustics.diary;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Nights that are made by rule: what is in them is known by construction. */
class DiaryMeterTest {
    private static final int RATE = 8000;

    /** A sample at a time. */
    private interface Night {
        double at(double seconds, long n);
    }

    private static Diary diary(double hours, Night night) throws DiaryFault {
        DiaryMeter meter = new DiaryMeter(RATE, 1);
        float[][] block = new float[1][4000];
        long length = (long) (hours * 3600 * RATE);
        for (long n = 0; n < length; n += block[0].length) {
            for (int i = 0; i < block[0].length; i++) {
                block[0][i] = (float) night.at((n + i) / (double) RATE, n + i);
            }
            meter.accept(block, block[0].length);
        }
        return meter.diary();
    }

    private static double hiss(SplittableRandom random) {
        return (random.nextDouble() * 2 - 1) * 0.0005;
    }

    private static double hum(double t) {
        return 0.02 * Math.sin(2 * Math.PI * 100 * t) + 0.01 * Math.sin(2 * Math.PI * 200 * t);
    }

    @Test
    void aFridgeGetsItsPeriodAndItsLength() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        Diary diary = diary(1, (t, n) -> hiss(random) + (t % 720 > 300 && t % 720 < 420 ? hum(t) : 0));

        assertThat(diary.groups()).hasSize(1);
        NoiseGroup fridge = diary.groups().get(0);
        assertThat(fridge.kind()).isEqualTo(NoiseEvent.Kind.HUM);
        assertThat(fridge.events()).hasSize(5);
        assertThat(fridge.events().get(0).startS()).isCloseTo(300, within(0.5));
        assertThat(fridge.lengthS()).isCloseTo(120, within(1.0));
        assertThat(fridge.periodS().orElseThrow()).isCloseTo(720, within(1.0));
        assertThat(diary.disturbed()).isCloseTo(600 / 3600.0, within(0.01));
        assertThat(diary.levelsDb()).hasSizeBetween(470, 490);
    }

    /** The hiss is even over −0.0005 to 0.0005: −70.8 dBFS; A-weighting takes little of it below 4 kHz. */
    @Test
    void theQuietIsTheLevelThatATenthOfTheTimeKeepsTo() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        Diary diary = diary(0.05, (t, n) -> hiss(random));

        assertThat(diary.quietDb()).isCloseTo(20 * Math.log10(0.0005 / Math.sqrt(3)), within(1.0));
        assertThat(diary.events()).isEmpty();
        assertThat(diary.disturbed()).isZero();
    }

    @Test
    void rumbleBroadbandAndClicksAreToldApart() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        double[] state = new double[2];
        Diary diary = diary(0.25, (t, n) -> {
            double white = random.nextDouble() * 2 - 1;
            // Twice a one-pole low-pass at about 40 Hz.
            state[0] += 0.03 * (white - state[0]);
            state[1] += 0.03 * (state[0] - state[1]);
            double sum = hiss(random);
            sum += t > 100 && t < 160 ? state[1] * 0.5 : 0;
            sum += t > 300 && t < 330 ? white * 0.01 : 0;
            sum += Math.abs(t - 600) < 0.002 ? white * 0.5 : 0;
            return sum;
        });

        assertThat(diary.events())
                .extracting(NoiseEvent::kind)
                .containsExactly(NoiseEvent.Kind.RUMBLE, NoiseEvent.Kind.BROADBAND, NoiseEvent.Kind.CLICK);
        assertThat(diary.events().get(1).startS()).isCloseTo(300, within(0.3));
        assertThat(diary.events().get(1).overDb()).isCloseTo(20 * Math.log10(0.01 / 0.0005), within(1.0));
        assertThat(diary.events().get(2).lengthS()).isLessThan(0.5);
    }

    /** A mixer that runs for half an hour is one event, and a van that passes meanwhile is another. */
    @Test
    void withinWhatLastsItListensOn() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        Diary diary = diary(1, (t, n) -> {
            double white = random.nextDouble() * 2 - 1;
            double mixer = t > 1200 && t < 3000 ? white * 0.005 : 0;
            double van = t > 2000 && t < 2020 ? white * 0.05 : 0;
            return hiss(random) + mixer + van;
        });

        assertThat(diary.events()).hasSize(2);
        assertThat(diary.events().get(0).lengthS()).isCloseTo(1800, within(3.0));
        assertThat(diary.events().get(1).startS()).isCloseTo(2000, within(0.5));
        assertThat(diary.groups()).hasSize(2);
        assertThat(diary.groups().get(0).events().get(0).startS()).isCloseTo(1200, within(1.0));
    }

    @Test
    void twoHoursOfSilenceAreNoDiary() {
        assertThatThrownBy(() -> diary(2, (t, n) -> 0))
                .isInstanceOf(DiaryFault.class)
                .hasMessageContaining("silent")
                .hasMessageContaining("check");
        assertThatThrownBy(() -> DiaryMeter.of(Signals.source(RATE, Signals.noise(-60, 2, RATE, 1))))
                .isInstanceOf(DiaryFault.class)
                .hasMessageContaining("five seconds");
    }

    @Test
    void whatIsNoNumberDoesNotSpoilTheNight() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        Diary diary = diary(0.02, (t, n) -> n == 100_000 ? Double.NaN : hiss(random));

        assertThat(diary.quietDb()).isCloseTo(-71, within(1.5));
        assertThat(diary.levelsDb()).allMatch(Double::isFinite);
    }
}
