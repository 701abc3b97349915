package app.redlamp.core.taking.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import app.redlamp.core.taking.live.EarFrames.Frame;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EarFramesTest {
    private static List<Frame> frames(EarFrames ear) {
        List<Frame> all = new ArrayList<>();
        ear.drain(all::add);
        return all;
    }

    @ParameterizedTest
    @ValueSource(ints = {44_100, 48_000, 96_000})
    void aHundredFramesASecondAtEveryRate(int rate) {
        EarFrames ear = new EarFrames(rate);
        float[] sine = Signals.sine(1000, -12, 3, rate);
        for (int at = 0; at < sine.length; at += 777) {
            float[] block = Arrays.copyOfRange(sine, at, Math.min(sine.length, at + 777));
            ear.accept(block, block.length);
        }
        List<Frame> all = frames(ear);
        assertThat(all).hasSize(300);
        Frame last = all.get(299);
        // A sine lies 3.01 dB below its peak.
        assertThat(last.levelDbfs()).isCloseTo(-15.01, within(0.05));
        assertThat(last.voicedDbfs()).isCloseTo(-15.01, within(0.4));
        assertThat(last.breathDbfs()).isLessThan(-55);
        assertThat(last.peak()).isCloseTo(0.2512, within(0.001));
        assertThat(frames(ear)).isEmpty();
    }

    @Test
    void rumbleIsBreathAndNoVoice() {
        EarFrames ear = new EarFrames(48_000);
        float[] sine = Signals.sine(30, -6, 2, 48_000);
        ear.accept(sine, sine.length);
        Frame last = frames(ear).get(199);
        assertThat(last.breathDbfs()).isGreaterThan(-12);
        assertThat(last.voicedDbfs()).isLessThan(-40);
    }

    @Test
    void fullScaleIsCountedAndNoNumbersAreSilence() {
        EarFrames ear = new EarFrames(48_000);
        float[] sound = new float[4800];
        sound[10] = 1;
        sound[11] = -1;
        sound[12] = Float.NaN;
        sound[13] = Float.POSITIVE_INFINITY;
        ear.accept(sound, sound.length);
        assertThat(ear.clipped()).isEqualTo(2);
        assertThat(frames(ear)).hasSize(10).allMatch(f -> Double.isFinite(f.levelDbfs()));
    }

    @Test
    void whoReadsTooLateMissesTheOldestAndNothingElse() {
        EarFrames ear = new EarFrames(8000);
        float[] second = new float[8000];
        for (int i = 0; i < 100; i++) {
            second[0] = i / 1000f;
            ear.accept(second, second.length);
        }
        List<Frame> all = frames(ear);
        assertThat(all).hasSizeBetween(1000, 4096);
        assertThat(all.get(all.size() - 100).peak()).isCloseTo(0.099, within(1e-6));
    }
}
