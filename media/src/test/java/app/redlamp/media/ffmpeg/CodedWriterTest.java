package app.redlamp.media.ffmpeg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CodedWriterTest {
    /** A tone through a lossy coding keeps its level to this. */
    private static final double LEVEL_DB = 0.03;

    @TempDir
    Path folder;

    /** The encoder's silent attenuation is made up for at every rate, so the tone comes back at its level. */
    @ParameterizedTest
    @CsvSource({
        "128,44100,1",
        "160,44100,1",
        "192,44100,1",
        "224,44100,1",
        "256,44100,1",
        "320,44100,1",
        "192,48000,1",
        "192,44100,2",
        "128,48000,2"
    })
    void aToneComesBackAtItsLevel(int kbps, int rate, int channels) throws IOException {
        float[] tone = Signals.sine(997, -12, 3, rate);
        float[][] block = new float[channels][];
        Arrays.fill(block, tone);
        Path file = folder.resolve("tone.mp3");
        try (CodedWriter writer = new CodedWriter(
                file,
                Encoding.mp3(kbps),
                rate,
                channels,
                new Labels(Map.of("title", "A tone − “quoted”"), List.of()))) {
            writer.accept(block, tone.length);
            writer.finish();
        }
        try (DecodedFile decoded = new DecodedFile(file)) {
            assertThat(decoded.info().container()).isEqualTo("mp3");
            assertThat(decoded.info().bitRateKbps()).hasValue(kbps);
            assertThat(decoded.info().bitDepth()).isEmpty();
            assertThat(decoded.info().labels().tag("title")).contains("A tone − “quoted”");
            float[][] samples = Signals.readAll(decoded, 4096);
            assertThat(samples).hasDimensions(channels, tone.length);
            assertThat(decoded.info().constantBitRate()).contains(true);
            for (float[] channel : samples) {
                float[] middle = Arrays.copyOfRange(channel, rate, 2 * rate);
                assertThat(Signals.rmsDbfs(middle)).isCloseTo(-12 - 3.0103, within(LEVEL_DB));
            }
        }
    }

    /** A lossy coding that is driven near full scale must not clip on the way in. */
    @ParameterizedTest
    @CsvSource({"128", "192"})
    void peaksAboveFullScaleAreNotCutOffBeforeCoding(int kbps) throws IOException {
        float[] tone = Signals.sine(997, -0.1, 1, 44_100);
        Path file = folder.resolve("hot.mp3");
        try (CodedWriter writer = new CodedWriter(file, Encoding.mp3(kbps), 44_100, 1, Labels.NONE)) {
            writer.accept(new float[][] {tone}, tone.length);
            writer.finish();
        }
        try (DecodedFile decoded = new DecodedFile(file)) {
            float[] middle = Arrays.copyOfRange(Signals.readAll(decoded, 4096)[0], 10_000, 30_000);
            assertThat(Signals.rmsDbfs(middle)).isCloseTo(-0.1 - 3.0103, within(LEVEL_DB));
        }
    }
}
