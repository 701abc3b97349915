package app.redlamp.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ResampledSourceTest {

    /** A tone at the new rate differs from the tone computed there by less than −90 dB of it, in place and length. */
    @ParameterizedTest
    @CsvSource({
        "48000,44100,997",
        "48000,44100,15000",
        "44100,48000,997",
        "44100,48000,15000",
        "32000,44100,9000",
        "96000,44100,12000",
        "22050,48000,8000"
    })
    void aToneStaysTheTone(int from, int to, double hertz) throws IOException {
        float[] in = Signals.sine(hertz, -6, 2, from);
        try (AudioSource source = ResampledSource.of(Signals.source(from, in), to)) {
            float[] out = Signals.readAll(source, 1000)[0];
            assertThat(out.length).isCloseTo(2 * to, within(1));
            float[] truth = Signals.sine(hertz, -6, 2, to);
            float[] error = Signals.of(to, n -> out[n + to / 2] - truth[n + to / 2]);
            assertThat(Signals.rmsDbfs(error)).isLessThan(-9 - 90);
        }
    }

    /** What the lower rate cannot hold must vanish and not fold back. */
    @Test
    void aToneAboveTheNewHalfRateVanishes() throws IOException {
        float[] in = Signals.sine(23_000, -6, 2, 48_000);
        try (AudioSource source = ResampledSource.of(Signals.source(48_000, in), 44_100)) {
            float[] out = Signals.readAll(source, 4096)[0];
            assertThat(Signals.rmsDbfs(Arrays.copyOfRange(out, 44_100 / 2, 44_100)))
                    .isLessThan(-95);
        }
    }

    @Test
    void theSameRateIsTheSourceItself() throws IOException {
        AudioSource source = Signals.source(44_100, new float[10]);
        assertThat(ResampledSource.of(source, 44_100)).isSameAs(source);
    }

    @Test
    void channelsStayApart() throws IOException {
        float[] left = Signals.sine(500, -6, 1, 48_000);
        try (AudioSource source = ResampledSource.of(Signals.source(48_000, left, new float[left.length]), 44_100)) {
            float[][] out = Signals.readAll(source, 4096);
            assertThat(Signals.rmsDbfs(Arrays.copyOfRange(out[0], 10_000, 30_000)))
                    .isCloseTo(-9.01, within(0.01));
            assertThat(out[1]).containsOnly(0f);
        }
    }
}
