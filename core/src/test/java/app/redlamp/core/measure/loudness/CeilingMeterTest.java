package app.redlamp.core.measure.loudness;

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

class CeilingMeterTest {
    private static final int SECONDS = 20;

    private static float[] recorded(int rate, long seed) {
        return Signals.add(
                Speaker.reads(rate, SECONDS, 90.0 + 13 * seed, seed), Signals.noise(-66, SECONDS, rate, seed + 4));
    }

    /** A limiter that looks 2 ms ahead and lets go within so many milliseconds. */
    private static float[] limited(float[] samples, double driveDb, double ceiling, double releaseMs, int rate) {
        double drive = Math.pow(10, driveDb / 20);
        int ahead = rate / 500;
        double back = Math.exp(-1000 / (releaseMs * rate));
        double[] gain = {1};
        return Signals.of(samples.length, n -> {
            double most = 0;
            for (int k = n; k < Math.min(samples.length, n + ahead); k++) {
                most = Math.max(most, drive * Math.abs(samples[k]));
            }
            double wanted = most > ceiling ? ceiling / most : 1;
            gain[0] = Math.min(wanted, 1 - back * (1 - gain[0]));
            return drive * gain[0] * samples[n];
        });
    }

    @ParameterizedTest
    @CsvSource({
        "44100, 16, 0.9, 60, 1",
        "48000, 18, 0.7, 40, 2",
        "48000, 20, 0.5, 120, 3",
        "96000, 16, 0.8, 80, 4",
        "44100, 22, 0.3, 50, 5"
    })
    void aVoiceThatIsLimitedFlatIsTold(int rate, double driveDb, double ceiling, double releaseMs, long seed) {
        float[] peaky = recorded(rate, seed);
        double up = 20 * Math.log10(ceiling / peak(peaky)) + driveDb - 4;
        Report report = Measured.report(rate, limited(peaky, up, ceiling, releaseMs, rate));
        assertThat(report.levels().limitedShare()).isGreaterThan(0.1);
        assertThat(report.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.LIMITED)
                .singleElement()
                .satisfies(f ->
                        assertThat(f.amount()).isCloseTo(100 * report.levels().limitedShare(), within(1e-9)));
    }

    /** What a limiter lifts at the beginnings and ends of words is no blow of breath; blows are told behind it all the same. */
    @ParameterizedTest
    @CsvSource({"44100, 85, 14, 150, 21", "48000, 92, 17, 80, 22", "32000, 66, 26, 60, 66"})
    void wordsThatALimiterLiftsAreNoBlowsOfBreath(
            int rate, double pitchHz, double downDb, double releaseMs, long seed) {
        float[] voice =
                Signals.add(Speaker.reads(rate, SECONDS, pitchHz, seed), Signals.noise(-68, SECONDS, rate, seed + 4));
        double ceiling = 0.6;
        double up = 20 * Math.log10(ceiling / peak(voice)) + downDb;
        Report report = Measured.report(rate, limited(voice, up, ceiling, releaseMs, rate));
        assertThat(Measured.kinds(report)).contains(Finding.Kind.LIMITED);
        assertThat(report.voice().plosives().count()).isZero();
        // Half waves of 30 Hz, 67 ms each, every two seconds.
        double blow = 0.7 * peak(voice);
        float[] blown = Signals.of(voice.length, n -> {
            double within = (double) n / rate % 2;
            boolean now = within < 2.0 / 30;
            return voice[n] + (now ? blow * Math.sin(2 * Math.PI * 30 * within) * Math.sin(Math.PI * 15 * within) : 0);
        });
        assertThat(Measured.report(rate, limited(blown, up, ceiling, releaseMs, rate))
                        .voice()
                        .plosives()
                        .count())
                .isGreaterThanOrEqualTo(3);
    }

    private static double peak(float[] samples) {
        double most = 0;
        for (float x : samples) {
            most = Math.max(most, Math.abs(x));
        }
        return most;
    }

    /** As it was recorded, and with a decibel taken off its loudest syllables, which in this voice are all alike. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aVoiceIsNot(long seed) {
        float[] voice = recorded(48_000, seed);
        assertThat(Measured.report(48_000, voice).levels().limitedShare()).isLessThan(0.05);
        float[] touched = limited(voice, 1, peak(voice), 60, 48_000);
        assertThat(Measured.kinds(Measured.report(48_000, touched))).doesNotContain(Finding.Kind.LIMITED);
    }

    /** A click above the ceiling hides nothing. */
    @Test
    void aClickAboveHidesNoCeiling() {
        float[] flat = limited(recorded(44_100, 3), 14, 0.4, 60, 44_100);
        float[] clicked = Signals.of(flat.length, n -> n % 90_000 == 5000 ? 0.8 : flat[n]);
        assertThat(Measured.report(44_100, clicked).levels().limitedShare()).isGreaterThan(0.1);
    }

    /** What is cut off is told as cut off. */
    @Test
    void clippingIsNotCalledLimiting() {
        float[] voice = recorded(44_100, 2);
        float[] cut = Signals.of(voice.length, n -> Math.max(-1, Math.min(1, 12.0 * voice[n])));
        assertThat(Measured.kinds(Measured.report(44_100, cut)))
                .contains(Finding.Kind.CLIPPING)
                .doesNotContain(Finding.Kind.LIMITED);
    }

    @Test
    void tonesNoiseAndSilenceAreNoSpeech() {
        for (float[] sound : new float[][] {
            Signals.sine(440, -6, SECONDS, 48_000), Signals.noise(-20, SECONDS, 48_000, 1), new float[48_000]
        }) {
            assertThat(Measured.kinds(Measured.report(48_000, sound))).doesNotContain(Finding.Kind.LIMITED);
        }
    }

    /** Of 1000 peaks 300 at one height, 5 above it and the rest spread below: three in ten, by hand. */
    @Test
    void theShareIsWhatItSays() {
        CeilingMeter meter = new CeilingMeter();
        SplittableRandom random = new SplittableRandom(8);
        for (int i = 0; i < 300; i++) {
            meter.add(0.5);
        }
        for (int i = 0; i < 5; i++) {
            meter.add(0.9);
        }
        for (int i = 0; i < 695; i++) {
            meter.add(0.48 * Math.pow(10, -random.nextDouble(0.2, 14.5) / 20));
        }
        assertThat(meter.share()).isCloseTo(0.3, within(0.02));
        assertThat(new CeilingMeter().share()).isZero();
    }
}
