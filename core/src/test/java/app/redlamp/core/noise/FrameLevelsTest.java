package app.redlamp.core.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FrameLevelsTest {

    @Test
    void aFrameHoldsItsMeanSquare() {
        float[] half = Signals.of(441 * 3, n -> 0.5);
        FrameLevels levels = new FrameLevels(44_100, 1);
        levels.accept(new float[][] {half}, half.length);
        assertThat(levels.meanSquares()).containsExactly(0.25f, 0.25f, 0.25f);
    }

    /** 11,025 Hz has no whole number of samples in 10 ms: in the mean the frames must still keep time. */
    @ParameterizedTest
    @ValueSource(ints = {8000, 11_025, 22_050, 44_100, 48_000, 96_000})
    void framesKeepTimeAtAnyRate(int rate) {
        FrameLevels levels = new FrameLevels(rate, 1);
        float[] noise = Signals.noise(-20, 10, rate, 1);
        levels.accept(new float[][] {noise}, noise.length);
        assertThat(levels.meanSquares()).hasSize(1000);
        double sum = 0;
        for (float square : levels.meanSquares()) {
            sum += square;
        }
        assertThat(10 * Math.log10(sum / 1000)).isCloseTo(Signals.rmsDbfs(noise), within(0.01));
    }

    @Test
    void crumbsOfADecoderAreDigitalSilence() {
        float[] crumbs = Signals.of(441, n -> n % 2 == 0 ? 5e-7 : -5e-7);
        FrameLevels levels = new FrameLevels(44_100, 1);
        levels.accept(new float[][] {crumbs}, crumbs.length);
        assertThat(levels.meanSquares()).containsExactly(0f);
    }
}
