package app.redlamp.core.chain.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.compare.MicrophoneComparison.Point;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.Signals;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Takes that are made by rule: what differs between the two microphones is known. */
class MicrophoneComparisonTest {
    private static final int RATE = 44_100;

    /** Syllables with a spectrum that falls with the frequency, every third followed by a hiss. */
    private static Report take(double gain, double noiseDbfs, double hiss, double tilt) {
        SplittableRandom random = new SplittableRandom(3);
        double noise = Math.pow(10, noiseDbfs / 20) * Math.sqrt(3);
        double[] last = {0};
        float[] samples = Signals.of(24 * RATE, n -> {
            double t = n / (double) RATE - 1;
            double white = random.nextDouble() * 2 - 1;
            double bright = white - last[0];
            last[0] = white;
            double floor = (random.nextDouble() * 2 - 1) * noise;
            if (t < 0 || t > 22) {
                return floor;
            }
            double at = t % 0.5;
            boolean hissing = at > 0.28 && at < 0.4 && Math.floor(t / 0.5) % 3 == 0;
            double sum = 0;
            if (at < 0.25) {
                for (int h = 1; h < 40; h++) {
                    sum += Math.pow(h, -tilt) * Math.sin(2 * Math.PI * 126 * h * t + h * h);
                }
            }
            return gain * (0.1 * sum + (hissing ? 0.1 * hiss * bright : 0)) + floor;
        });
        return Measured.report(RATE, samples);
    }

    @Test
    void theSameMicrophoneTwiceMakesNoDifference() {
        Report take = take(1, -65, 1, 1);
        MicrophoneComparison same = MicrophoneComparison.of(take, take).orElseThrow();
        for (Point point : Point.values()) {
            assertThat(same.better(point).orElse(0)).isZero();
        }
    }

    /** 12 dB more noise and 6 dB less level are 12 dB at equal loudness, and not 6. */
    @Test
    void theQuieterOneIsSeenAtEqualLoudness() {
        Report quiet = take(1, -70, 1, 1);
        Report hissing = take(0.5, -64, 1, 1);
        MicrophoneComparison compared = MicrophoneComparison.of(quiet, hissing).orElseThrow();
        assertThat(compared.better(Point.NOISE).orElseThrow()).isCloseTo(12, within(1.0));
        assertThat(compared.sound().gainDb()).isCloseTo(6.02, within(0.3));
        MicrophoneComparison turned = MicrophoneComparison.of(hissing, quiet).orElseThrow();
        assertThat(turned.better(Point.NOISE).orElseThrow()).isCloseTo(-12, within(1.0));
    }

    @Test
    void theSharperOneIsSeen() {
        MicrophoneComparison compared = MicrophoneComparison.of(take(1, -70, 1.5, 1), take(1, -70, 6, 1))
                .orElseThrow();
        assertThat(compared.second().hissDb().orElseThrow())
                .isGreaterThan(compared.first().hissDb().orElse(-40) + 3);
        assertThat(compared.first().deviationsDb()).hasSize(25);
    }

    @Test
    void aStrangeColourIsFurtherFromSpeech() {
        MicrophoneComparison compared = MicrophoneComparison.of(take(1, -70, 1, 1), take(1, -70, 1, 2.2))
                .orElseThrow();
        assertThat(Math.abs(compared.better(Point.COLOUR).orElseThrow())).isGreaterThan(1);
    }

    @Test
    void whereNobodySpeaksThereIsNothingToCompare() {
        assertThat(MicrophoneComparison.of(take(1, -65, 1, 1), Measured.report(RATE, Signals.silence(4, RATE))))
                .isEmpty();
    }
}
