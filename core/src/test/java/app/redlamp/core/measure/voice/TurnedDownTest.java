package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Speech behind a compressor of our own, whose gain is known, and speech without one. */
class TurnedDownTest {
    private static final int SECONDS = 40;

    /** How far down the gain was while somebody spoke, and what is told of it. */
    private static final class Compressed {
        final float[] samples;
        final double downDb;

        Compressed(float[] samples, double downDb) {
            this.samples = samples;
            this.downDb = downDb;
        }
    }

    @ParameterizedTest
    @CsvSource({"44100, 110, 8, -22, 0.005, 0.12", "48000, 190, 4, -30, 0.01, 0.2", "32000, 240, 20, -24, 0.002, 0.08"})
    void howFarACompressorTurnsDownIsTold(
            int rate, double pitchHz, double ratio, double thresholdDb, double attackS, double releaseS) {
        Compressed compressed = compressed(noisy(rate, pitchHz, -58), rate, ratio, thresholdDb, attackS, releaseS);
        Report report = Measured.report(rate, compressed.samples);
        double told = report.voice().turnedDown().orElseThrow().amount();
        assertThat(told).isBetween(0.4 * compressed.downDb, 1.2 * compressed.downDb);
        Event place = report.voice().turnedDown().orElseThrow();
        assertThat(place.endS() - place.startS()).isBetween(1.0, 3.01);
        assertThat(report.pauses().contains((place.startS() + place.endS()) / 2))
                .isFalse();
        // What comes up slowly is heard in the pauses too, and told as that.
        assertThat(Measured.kinds(report)).containsAnyOf(Finding.Kind.COMPRESSED, Finding.Kind.PUMPING);
        assertThat(Measured.kinds(report).contains(Finding.Kind.COMPRESSED)).isEqualTo(releaseS < 0.1);
    }

    @ParameterizedTest
    @CsvSource({"44100, 95, -50", "48000, 150, -62", "96000, 230, -70", "22050, 120, -56"})
    void nothingIsTurnedDownWithoutOne(int rate, double pitchHz, double noiseDbfs) {
        Report report = Measured.report(rate, noisy(rate, pitchHz, noiseDbfs));
        assertThat(report.voice().turnedDown().orElseThrow().amount()).isLessThan(1);
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.COMPRESSED);
    }

    /** A fan that stops halfway leaves quieter words behind it than the pauses before had, and no compressor. */
    @Test
    void noiseThatStopsIsNoCompressor() {
        int rate = 44_100;
        float[] samples = noisy(rate, 130, -66);
        float[] fan = Speaker.fan(rate, SECONDS, -48, 12);
        for (int n = 0; n < samples.length / 2; n++) {
            samples[n] += fan[n];
        }
        assertThat(Measured.report(rate, samples)
                        .voice()
                        .turnedDown()
                        .orElseThrow()
                        .amount())
                .isLessThan(1);
    }

    /** Two decibels at the loudest are what a narrator's chain may do. */
    @Test
    void aLittleIsNoFinding() {
        Compressed little = compressed(noisy(48_000, 160, -58), 48_000, 2, -20, 0.01, 0.1);
        assertThat(little.downDb).isCloseTo(2, within(1.5));
        assertThat(Measured.kinds(Measured.report(48_000, little.samples))).doesNotContain(Finding.Kind.COMPRESSED);
    }

    /** What a compressor lifts at the beginnings of words is no blow of breath; a blow still is. */
    @Test
    void blowsOfBreathAreToldBehindOneAndNoOthers() {
        int rate = 48_000;
        Compressed plain = compressed(noisy(rate, 170, -58), rate, 10, -28, 0.004, 0.1);
        assertThat(Measured.report(rate, plain.samples).voice().plosives().count())
                .isZero();
        float[] blown = noisy(rate, 170, -58);
        List<Double> atS = beginnings(Speaker.reads(rate, SECONDS, 170, 31 + 170), rate);
        for (double s : atS) {
            for (int n = 0; n < 0.07 * rate; n++) {
                double t = (double) n / rate;
                blown[(int) (s * rate) + n] +=
                        (float) (0.5 * Math.sin(2 * Math.PI * 34 * t) * Math.sin(Math.PI * t / 0.07));
            }
        }
        Compressed both = compressed(blown, rate, 10, -28, 0.004, 0.1);
        int told = Measured.report(rate, both.samples).voice().plosives().count();
        assertThat(told).isBetween(atS.size() - 1, atS.size());
    }

    /** Six moments at which a sentence begins. */
    private static List<Double> beginnings(float[] speech, int rate) {
        List<Double> atS = new ArrayList<>();
        int zeros = 0;
        for (int n = 2 * rate; n < speech.length && atS.size() < 6; n++) {
            if (speech[n] != 0 && zeros > 0.35 * rate) {
                atS.add((double) n / rate);
            }
            zeros = speech[n] == 0 ? zeros + 1 : 0;
        }
        return atS;
    }

    private static float[] noisy(int rate, double pitchHz, double noiseDbfs) {
        float[] samples = Speaker.reads(rate, SECONDS, pitchHz, 31 + (long) pitchHz);
        float[] fan = Speaker.fan(rate, SECONDS, noiseDbfs, 4);
        for (int n = 0; n < samples.length; n++) {
            samples[n] += fan[n];
        }
        return samples;
    }

    /** By peaks, with a gain that falls and rises in decibels. */
    private static Compressed compressed(
            float[] in, int rate, double ratio, double thresholdDb, double attackS, double releaseS) {
        float[] out = new float[in.length];
        double peak = 0;
        double gain = 0;
        double[] down = new double[in.length];
        for (int n = 0; n < in.length; n++) {
            peak = Math.max(Math.abs(in[n]), peak * Math.exp(-1 / (0.005 * rate)));
            double over = 20 * Math.log10(peak + 1e-9) - thresholdDb;
            double wanted = -Math.max(0, over) * (1 - 1 / ratio);
            double seconds = wanted < gain ? attackS : releaseS;
            gain += (wanted - gain) * (1 - Math.exp(-1 / (seconds * rate)));
            out[n] = (float) (in[n] * Math.pow(10, gain / 20));
            down[n] = -gain;
        }
        Arrays.sort(down);
        return new Compressed(out, down[(int) (0.85 * down.length)]);
    }
}
