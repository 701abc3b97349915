package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Signals;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EchoMeterTest {
    private static final int SECONDS = 25;

    private static float[] recorded(int rate, double floorDbfs, long seed) {
        return Signals.add(
                Speaker.reads(rate, SECONDS, 85.0 + 16 * seed, seed),
                Signals.noise(floorDbfs, SECONDS, rate, seed + 9));
    }

    private static float[] echoed(float[] dry, int delay, double amplitude) {
        return Signals.of(dry.length, n -> n < delay ? dry[n] : dry[n] + amplitude * dry[n - delay]);
    }

    /** As it comes back from a call, from a monitor and from a far wall; upright and upside down. */
    @ParameterizedTest
    @CsvSource({
        "44100, 24, -10, 1, 1",
        "48000, 38.5, -13, 1, 2",
        "96000, 61, -16, -1, 3",
        "48000, 88, -18, 1, 4",
        "44100, 131, -12, -1, 5",
        "48000, 190, -9, 1, 6",
        "32000, 72, -14, 1, 7",
        "16000, 105, -10, 1, 8"
    })
    void anEchoIsToldWithItsDelayAndItsLevel(int rate, double delayMs, double levelDb, int sign, long seed) {
        int delay = (int) Math.round(delayMs * rate / 1000);
        float[] heard = echoed(recorded(rate, -64.0 - 2 * (int) seed, seed), delay, sign * Math.pow(10, levelDb / 20));
        Report report = Measured.report(rate, heard);
        Echo echo = report.voice().echo().orElseThrow();
        assertThat(1000 * echo.delayS()).isCloseTo(1000.0 * delay / rate, within(0.2));
        assertThat(echo.levelDb()).isCloseTo(levelDb, within(4.0));
        assertThat(report.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.ECHO)
                .singleElement()
                .satisfies(f -> assertThat(f.amount()).isEqualTo(1000 * echo.delayS()));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aVoiceByItselfHasNone(long seed) {
        int rate = seed % 2 == 0 ? 48_000 : 44_100;
        assertThat(Measured.report(rate, recorded(rate, -50.0 - 5 * (int) seed, seed))
                        .voice()
                        .echo())
                .isEmpty();
    }

    /** Buzz of dimmers, harmonics of twice the mains: a family of tones ripples too, at every multiple of one lag. */
    @ParameterizedTest
    @CsvSource({"44100, 50, -60, 1", "48000, 60, -52, 2", "96000, 50, -55, 3", "32000, 60, -63, 4"})
    void aBuzzIsNoEcho(int rate, double mainsHz, double dbfs, long seed) {
        float[] buzz = new float[SECONDS * rate];
        for (int k = 1; k * 2 * mainsHz < Math.min(7000, rate / 2.2); k++) {
            float[] tone = Signals.sine(2 * mainsHz * k, dbfs, SECONDS, rate);
            buzz = Signals.add(buzz, tone);
        }
        float[] heard = Signals.add(recorded(rate, -66, seed), buzz);
        assertThat(Measured.report(rate, heard).voice().echo()).isEmpty();
    }

    /** Six hundred reflections at chance, dying away: a room, which is another finding. */
    @ParameterizedTest
    @CsvSource({"0.25, 11", "0.4, 12", "0.7, 13", "1.1, 14"})
    void aRoomIsNoEcho(double decayS, long seed) {
        int rate = 44_100;
        float[] dry = recorded(rate, -68, seed);
        SplittableRandom random = new SplittableRandom(seed);
        int[] delays = new int[600];
        double[] amplitudes = new double[600];
        for (int i = 0; i < delays.length; i++) {
            double time = 0.004 + random.nextDouble() * decayS;
            delays[i] = (int) (time * rate);
            amplitudes[i] = 0.06 * (random.nextBoolean() ? 1 : -1) * Math.pow(10, -3 * time / decayS);
        }
        float[] wet = Signals.of(dry.length, n -> {
            double sum = dry[n];
            for (int i = 0; i < delays.length; i++) {
                sum += n >= delays[i] ? amplitudes[i] * dry[n - delays[i]] : 0;
            }
            return sum;
        });
        assertThat(Measured.report(rate, wet).voice().echo()).isEmpty();
    }

    /** Softer than −24 dB, or sooner than a wall two metres behind: nobody says echo to that. */
    @ParameterizedTest
    @CsvSource({"60, -27, 1", "120, -30, 2", "6, -10, 3", "12, -14, 4", "2, -8, 5"})
    void whatIsNotHeardAsAnEchoIsNone(double delayMs, double levelDb, long seed) {
        int rate = 48_000;
        float[] heard =
                echoed(recorded(rate, -70, seed), (int) Math.round(delayMs * rate / 1000), Math.pow(10, levelDb / 20));
        assertThat(Measured.report(rate, heard).voice().echo()).isEmpty();
    }

    @Test
    void silenceAndNoiseHaveNone() {
        assertThat(Measured.report(48_000, new float[48_000 * SECONDS]).voice().echo())
                .isEmpty();
        assertThat(Measured.report(48_000, Signals.noise(-40, SECONDS, 48_000, 3))
                        .voice()
                        .echo())
                .isEmpty();
    }
}
