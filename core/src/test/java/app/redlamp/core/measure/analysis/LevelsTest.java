package app.redlamp.core.measure.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.signal.Signals;
import org.junit.jupiter.api.Test;

class LevelsTest {

    /** Plain convention: a full-scale sine has an RMS of 20 lg √½ = −3.01 dBFS. */
    @Test
    void fullScaleSine() {
        Levels levels = of(Signals.sine(1000, 0, 1, 48_000));
        assertThat(levels.rmsDbfs().orElseThrow()).isCloseTo(-3.01, within(0.005));
        assertThat(levels.samplePeakDbfs().orElseThrow()).isCloseTo(0, within(1e-6));
        assertThat(levels.dcOffset()).isCloseTo(0, within(1e-6));
    }

    @Test
    void channelsAreTakenTogether() {
        float[] tone = Signals.sine(1000, -6, 1, 48_000);
        Levels levels = of(tone, Signals.sine(1000, -26, 1, 48_000));
        assertThat(levels.channels().get(0).rmsDbfs().orElseThrow()).isCloseTo(-6 - 3.01, within(0.01));
        assertThat(levels.channels().get(1).rmsDbfs().orElseThrow()).isCloseTo(-26 - 3.01, within(0.01));
        assertThat(levels.rmsDbfs().orElseThrow()).isCloseTo(-6 - 3.01 - 2.97, within(0.01));
        assertThat(levels.live()).containsExactly(0, 1);
    }

    /** A lead that was not plugged in is no half of a recording. */
    @Test
    void aDeadChannelTakesNoPart() {
        Levels levels = of(Signals.silence(1, 48_000), Signals.sine(1000, -6, 1, 48_000));
        assertThat(levels.channels().get(0).rmsDbfs()).isEmpty();
        assertThat(levels.live()).containsExactly(1);
        assertThat(levels.rmsDbfs().orElseThrow()).isCloseTo(-6 - 3.01, within(0.01));
    }

    @Test
    void anOffsetKeepsItsSign() {
        assertThat(of(Signals.of(1000, n -> -0.01)).dcOffset()).isCloseTo(-0.01, within(1e-7));
    }

    @Test
    void silenceHasNoLevel() {
        assertThat(of(Signals.silence(1, 48_000)).rmsDbfs()).isEmpty();
        assertThat(of(Signals.silence(1, 48_000)).samplePeakDbfs()).isEmpty();
        assertThat(of(new float[0]).rmsDbfs()).isEmpty();
    }

    private static Levels of(float[]... channels) {
        return Measured.report(48_000, channels).levels();
    }
}
