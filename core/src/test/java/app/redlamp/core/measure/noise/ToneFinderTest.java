package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Signals;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ToneFinderTest {
    private static final int RATE = 44_100;
    private static final int SECONDS = 20;

    private static Report report(long seed, float[] noise) {
        float[] read = Speaker.reads(RATE, SECONDS, 90.0 + 20 * (int) seed, seed);
        return Measured.report(RATE, Signals.of(read.length, n -> read[n] + noise[n]));
    }

    private static Optional<Finding> whine(Report report) {
        return report.findings().stream()
                .filter(f -> f.kind() == Finding.Kind.WHINE)
                .findFirst();
    }

    /** ISO 1996-2:2007, annex C, worked by hand: 2 dB and the logarithm of 1, of 2 and of 6.6. */
    @ParameterizedTest
    @CsvSource({"20,2.000", "502,2.301", "1000,2.819"})
    void audibilityIsThatOfTheStandard(double hz, double expected) {
        assertThat(ToneFinder.audibilityDb(0, hz)).isCloseTo(expected, within(0.002));
        assertThat(ToneFinder.audibilityDb(-3.5, hz)).isCloseTo(expected - 3.5, within(0.002));
    }

    @ParameterizedTest
    @CsvSource({"50,100", "500,100", "1000,200", "4000,800"})
    void criticalBandsAreThoseOfTheStandard(double hz, double width) {
        assertThat(ToneFinder.criticalBandHz(hz)).isEqualTo(width);
    }

    /**
     * White noise of a known level holds its share of the band; the tone is set against it by the standard's own formula, and is told
     * from 4 dB on, however low the floor.
     */
    @ParameterizedTest
    @CsvSource({
        "400,-54,8,1",
        "1000,-60,7,2",
        "1730,-68,10,3",
        "3000,-70,12,4",
        "6100,-72,14,5",
        "1000,-66,0,1",
        "3000,-64,1,2",
        "6100,-66,0,3"
    })
    void aToneIsToldByItsAudibility(double hz, double floorDbfs, double audibilityDb, long seed) {
        double band = ToneFinder.criticalBandHz(hz) / (RATE / 2.0);
        double inBand = floorDbfs + 10 * Math.log10(band);
        double level = inBand + audibilityDb - 2 - Math.log10(1 + Math.pow(hz / 502, 2.5));
        double amplitude = Math.sqrt(2) * Math.pow(10, level / 20);
        float[] noise = Signals.noise(floorDbfs, SECONDS, RATE, seed);
        Report report = report(
                seed, Signals.of(noise.length, n -> noise[n] + amplitude * Math.sin(2 * Math.PI * hz * n / RATE)));
        if (audibilityDb < 4) {
            assertThat(whine(report)).isEmpty();
        } else {
            assertThat(whine(report).orElseThrow().amount()).isCloseTo(hz, within(1.5));
            List<NoiseProfile.Tone> tones = report.noise().orElseThrow().tones();
            assertThat(tones.get(0).audibilityDb()).isCloseTo(audibilityDb, within(1.5));
            assertThat(tones.get(0).levelDbfs()).isCloseTo(level, within(1.0));
        }
    }

    /** The sound of a tone 60 dB below a voice that is heard at 65 dB is below the threshold of hearing. */
    @Test
    void whatIsTooSoftToBeHeardIsNotTold() {
        float[] noise = Signals.noise(-100, SECONDS, RATE, 4);
        Report report =
                report(1, Signals.of(noise.length, n -> noise[n] + 1e-5 * Math.sin(2 * Math.PI * 1000 * n / RATE)));
        assertThat(whine(report)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void noiseAloneHasNoTone(long seed) {
        assertThat(whine(report(seed, Signals.noise(-80.0 + 4 * (int) seed, SECONDS, RATE, seed))))
                .isEmpty();
    }

    /** A dimmer's even harmonics up to 6 kHz, falling slowly: a buzz, no whine and no room. */
    @ParameterizedTest
    @CsvSource({"49.9,-56,-72,1", "50.1,-62,-70,2", "60.05,-58,-74,3", "59.9,-64,-72,4", "50,-54,-66,5"})
    void aDimmerIsTold(double mainsHz, double buzzDbfs, double floorDbfs, long seed) {
        double[] comb = new double[SECONDS * RATE];
        double power = 0;
        for (int h = 2; h * mainsHz < 6000; h += 2) {
            double amplitude = Math.pow(h, -0.4);
            power += h * mainsHz > 800 && h * mainsHz < 4000 ? amplitude * amplitude / 2 : 0;
            for (int n = 0; n < comb.length; n++) {
                comb[n] += amplitude * Math.sin(2 * Math.PI * h * mainsHz * n / RATE + h * h);
            }
        }
        double gain = Math.pow(10, buzzDbfs / 20) / Math.sqrt(power);
        float[] noise = Signals.noise(floorDbfs, SECONDS, RATE, seed);
        Report report = report(seed, Signals.of(noise.length, n -> noise[n] + gain * comb[n]));
        Finding buzz = report.findings().stream()
                .filter(f -> f.kind() == Finding.Kind.BUZZ)
                .findFirst()
                .orElseThrow();
        assertThat(buzz.amount()).isCloseTo(buzzDbfs, within(1.5));
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.WHINE, Finding.Kind.ROOM_NOISE);
    }
}
