package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FrameLevelsTest {

    @Test
    void aFrameHoldsItsMeanSquare() {
        assertThat(Frames.meanSquares(Signals.of(441 * 3, n -> 0.5), 44_100)).containsExactly(0.25f, 0.25f, 0.25f);
    }

    /** 11,025 Hz has no whole number of samples in 10 ms: in the mean the frames must still keep time. */
    @ParameterizedTest
    @ValueSource(ints = {8000, 11_025, 22_050, 44_100, 48_000, 96_000})
    void framesKeepTimeAtAnyRate(int rate) {
        float[] noise = Signals.noise(-20, 10, rate, 1);
        float[] frames = Frames.meanSquares(noise, rate);
        assertThat(frames).hasSize(1000);
        double sum = 0;
        for (float square : frames) {
            sum += square;
        }
        assertThat(10 * Math.log10(sum / 1000)).isCloseTo(Signals.rmsDbfs(noise), within(0.01));
    }

    @Test
    void crumbsOfADecoderAreDigitalSilence() {
        float[] crumbs = Signals.of(441, n -> n % 2 == 0 ? 5e-7 : -5e-7);
        assertThat(Frames.meanSquares(crumbs, 44_100)).containsExactly(0f);
    }
}
