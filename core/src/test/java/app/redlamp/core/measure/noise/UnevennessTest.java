package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Noise under speech, as it is and with most of its bins taken out, each by itself. */
class UnevennessTest {
    private static final int LENGTH = 1024;

    @ParameterizedTest
    @CsvSource({"44100, 110, -50", "48000, 190, -60", "96000, 150, -66", "22050, 230, -55"})
    void noiseAsItIsHasOne(int rate, double pitchHz, double noiseDbfs) {
        Report report = Measured.report(rate, noisy(rate, pitchHz, noiseDbfs));
        assertThat(report.noise().orElseThrow().unevenness().orElseThrow()).isBetween(0.9, 1.2);
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.MUSICAL_NOISE);
    }

    @ParameterizedTest
    @CsvSource({"44100, 120, -50", "48000, 210, -56", "32000, 95, -46"})
    void whatIsLeftOfNoiseThatWasTakenOutRings(int rate, double pitchHz, double noiseDbfs) {
        float[] fan = Speaker.fan(rate, 30, noiseDbfs, 6);
        Report report = Measured.report(rate, thinned(noisy(rate, pitchHz, noiseDbfs), fan));
        assertThat(report.noise().orElseThrow().unevenness().orElseThrow()).isGreaterThan(4);
        Finding finding = report.findings().stream()
                .filter(f -> f.kind() == Finding.Kind.MUSICAL_NOISE)
                .findFirst()
                .orElseThrow();
        assertThat(finding.startS())
                .isEqualTo(report.pauses().longest().orElseThrow().startS());
    }

    /** A level that changes is not uneven, nor is a tone. */
    @Test
    void neitherALevelThatChangesNorATone() {
        int rate = 44_100;
        float[] samples = noisy(rate, 140, -58);
        float[] fan = Speaker.fan(rate, 30, -50, 9);
        for (int n = 0; n < samples.length; n++) {
            double slow = 0.5 - 0.5 * Math.cos(2 * Math.PI * n / (11.0 * rate));
            samples[n] += (float) (slow * fan[n] + 0.0005 * Math.sin(2 * Math.PI * 1370.0 * n / rate));
        }
        assertThat(Measured.report(rate, samples)
                        .noise()
                        .orElseThrow()
                        .unevenness()
                        .orElseThrow())
                .isLessThan(1.5);
    }

    private static float[] noisy(int rate, double pitchHz, double noiseDbfs) {
        float[] samples = Speaker.reads(rate, 30, pitchHz, 17 + (long) pitchHz);
        float[] fan = Speaker.fan(rate, 30, noiseDbfs, 6);
        for (int n = 0; n < samples.length; n++) {
            samples[n] += fan[n];
        }
        return samples;
    }

    /** Bins that stand less than 7 dB above the noise's own mean are turned down by 30 dB, block by block. */
    private static float[] thinned(float[] samples, float[] noise) {
        Fourier transform = new Fourier(LENGTH);
        float[] window = Hann.window(LENGTH);
        double[] mean = new double[LENGTH / 2];
        for (int at = 0; at + LENGTH <= noise.length; at += LENGTH) {
            float[] block = block(noise, at, window, transform);
            for (int k = 1; k < mean.length; k++) {
                mean[k] += power(block, k) * LENGTH / noise.length;
            }
        }
        float[] out = new float[samples.length];
        for (int at = 0; at + LENGTH <= samples.length; at += LENGTH / 2) {
            float[] block = block(samples, at, window, transform);
            for (int k = 1; k < mean.length; k++) {
                float gain = power(block, k) < 5 * mean[k] ? 0.03f : 1;
                block[2 * k] *= gain;
                block[2 * k + 1] *= gain;
            }
            transform.inverse(block);
            for (int n = 0; n < LENGTH; n++) {
                out[at + n] += block[n];
            }
        }
        return out;
    }

    private static float[] block(float[] samples, int at, float[] window, Fourier transform) {
        float[] block = new float[LENGTH];
        for (int n = 0; n < LENGTH; n++) {
            block[n] = samples[at + n] * window[n];
        }
        transform.forward(block);
        return block;
    }

    private static double power(float[] block, int k) {
        return (double) block[2 * k] * block[2 * k] + (double) block[2 * k + 1] * block[2 * k + 1];
    }
}
