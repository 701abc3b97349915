package app.redlamp.core.delivery.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LoudPauseTest {
    private static final int RATE = 44_100;

    private static float[] heard(float[] recording, double fromS, double toS) throws IOException {
        try (AudioSource loud = new LoudPause(Signals.source(RATE, recording), new Pauses.Stretch(fromS, toS, -60))) {
            return Signals.readAll(loud, 1000)[0];
        }
    }

    private static float[] part(float[] samples, double fromS, double toS) {
        return Arrays.copyOfRange(samples, (int) (fromS * RATE), (int) (toS * RATE));
    }

    /** Nothing of the voice beside it, as it is at first, 24 dB louder after three seconds, without a step where it goes over. */
    @Test
    void aPauseRises() throws IOException {
        float[] pause = Signals.noise(-66, 1.3, RATE, 1);
        float[] recording = Signals.join(Signals.sine(300, -6, 2, RATE), pause, Signals.sine(300, -6, 1, RATE));
        float[] heard = heard(recording, 2, 3.3);
        assertThat(heard).hasSize(9 * RATE);
        assertThat(Signals.rmsDbfs(part(heard, 0, 0.1))).isCloseTo(-66 + 0.4, within(0.6));
        assertThat(Signals.rmsDbfs(part(heard, 1.45, 1.55))).isCloseTo(-66 + 12, within(0.6));
        assertThat(Signals.rmsDbfs(part(heard, 3, 9))).isCloseTo(-66 + 24, within(0.3));
    }

    /** What is loud in a pause is not turned up into somebody's ear. */
    @ParameterizedTest
    @CsvSource({"-40, -20", "-30, -20", "-12, -20", "-50, -26"})
    void nothingIsLouderThanEarsBear(double clickDbfs, double mostDbfs) throws IOException {
        float[] pause = Signals.noise(-80, 1, RATE, 2);
        pause[RATE / 2] = (float) Math.pow(10, clickDbfs / 20);
        float[] heard = heard(Signals.join(pause, Signals.silence(0.2, RATE)), 0, 1);
        double most = 0;
        for (float sample : heard) {
            most = Math.max(most, Math.abs(sample));
        }
        assertThat(20 * Math.log10(most)).isCloseTo(mostDbfs, within(0.2));
    }

    @Test
    void thePauseWithTheMostNoiseIsHeard() {
        float[] quiet = Signals.add(Speaker.reads(RATE, 12, 120, 3), Signals.noise(-75, 12, RATE, 4));
        float[] noisy = Signals.add(Speaker.reads(RATE, 12, 120, 5), Signals.noise(-58, 12, RATE, 6));
        Pauses pauses = Measured.report(RATE, Signals.join(quiet, noisy)).pauses();
        Pauses.Stretch pause = LoudPause.of(pauses).orElseThrow();
        assertThat(pause.startS()).isGreaterThan(11.5);
        assertThat(pause.lengthS()).isGreaterThanOrEqualTo(0.4);
    }

    @Test
    void whereTheFileEndsBeforeThePauseNothingIsHeard() throws IOException {
        assertThat(heard(Signals.silence(1, RATE), 3, 4)).isEmpty();
    }
}
