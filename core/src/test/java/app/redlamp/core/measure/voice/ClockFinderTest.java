package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ClockFinderTest {
    private static final int RATE = 44_100;

    private static Event at(double seconds) {
        return new Event(seconds, seconds + 0.002, 5);
    }

    /** A third of the ticks, those in pauses, each off by some milliseconds, and other clicks between. */
    @ParameterizedTest
    @CsvSource({"1,0,0", "0.5,3,0", "0.25,4,0", "0.4,2,0.02", "0.2,2,0", "1.2,0,0.03"})
    void whatKeepsTimeIsAClock(double periodS, int others, double uneven) {
        SplittableRandom random = new SplittableRandom(7);
        List<Event> clicks = new ArrayList<>();
        List<Event> ticks = new ArrayList<>();
        for (int i = 0; i * periodS < 120; i++) {
            if (random.nextInt(3) == 0) {
                ticks.add(at(0.37 + i * periodS + (i % 2) * uneven * periodS + random.nextDouble(-0.002, 0.002)));
            }
        }
        clicks.addAll(ticks);
        for (int i = 0; i < others; i++) {
            clicks.add(at(random.nextDouble(120)));
        }
        clicks.sort(Comparator.comparingDouble(Event::startS));
        ClockFinder.Found found = ClockFinder.find(clicks).orElseThrow();
        assertThat(found.periodS()).isCloseTo(periodS, within(0.005 * periodS));
        assertThat(found.ticks()).containsAll(ticks).hasSizeLessThanOrEqualTo(ticks.size() + others / 2 + 1);
    }

    /** Clicks at any time, ten to two hundred of them in five minutes. */
    @ParameterizedTest
    @ValueSource(ints = {5, 6, 10, 20, 40, 80, 200})
    void chanceKeepsNoTime(int count) {
        for (int seed = 0; seed < 40; seed++) {
            SplittableRandom random = new SplittableRandom(31L * count + seed);
            List<Event> clicks = random.doubles(count, 0, 300)
                    .sorted()
                    .mapToObj(ClockFinderTest::at)
                    .toList();
            assertThat(ClockFinder.find(clicks)).isEmpty();
        }
    }

    /** A tick of 2.6 kHz that rings for some milliseconds: a clock, and no click of a mouth. */
    @ParameterizedTest
    @CsvSource({"1,-46,1", "0.5,-50,2", "0.4,-44,3", "0.25,-50,4", "0.2,-48,5"})
    void aClockIsNoMouth(double periodS, double peakDbfs, long seed) {
        float[] read = Speaker.reads(RATE, 60, 90.0 + 20 * (int) seed, seed);
        float[] noise = Signals.noise(-74, 60, RATE, seed);
        double amplitude = Math.pow(10, peakDbfs / 20);
        int period = (int) Math.round(periodS * RATE);
        Report report = Measured.report(
                RATE,
                Signals.of(
                        read.length,
                        n -> read[n]
                                + noise[n]
                                + amplitude
                                        * Math.sin(2 * Math.PI * 2600 * (n % period) / RATE)
                                        * Math.exp(-(n % period) / (0.0025 * RATE))));
        Optional<Finding> clock = report.findings().stream()
                .filter(f -> f.kind() == Finding.Kind.CLOCK)
                .findFirst();
        assertThat(clock.orElseThrow().amount()).isCloseTo(periodS, within(0.01 * periodS));
        assertThat(clock.get().places()).hasSizeGreaterThanOrEqualTo(10);
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.MOUTH_CLICKS, Finding.Kind.ELECTRICAL_CLICKS);
    }
}
