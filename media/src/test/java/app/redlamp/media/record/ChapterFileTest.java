package app.redlamp.media.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.port.Progress;
import app.redlamp.media.wav.SampleCoding;
import app.redlamp.media.wav.WavReader;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ChapterFileTest {
    private static final int FRAMES = 60_000;

    @TempDir
    private Path folder;

    @BeforeEach
    void raw() throws IOException {
        Files.createDirectory(folder.resolve("raw"));
    }

    private float[] take(String name, int rate, SampleCoding coding, long seed) throws IOException {
        SplittableRandom random = new SplittableRandom(seed);
        float[] sound = new float[FRAMES];
        for (int i = 0; i < FRAMES; i++) {
            sound[i] = (float) ((random.nextInt(1 << 20) - (1 << 19)) / (double) (1 << 23));
        }
        try (WavWriter writer = new WavWriter(folder.resolve("raw/" + name), rate, 1, coding)) {
            writer.accept(new float[][] {sound}, FRAMES);
        }
        return read(folder.resolve("raw/" + name));
    }

    private static float[] read(Path file) throws IOException {
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            float[] sound = new float[(int) reader.expectedFrames()];
            float[][] block = new float[1][5000];
            int done = 0;
            int got;
            while ((got = reader.read(block, 5000)) > 0) {
                System.arraycopy(block[0], 0, sound, done, got);
                done += got;
            }
            return sound;
        }
    }

    private static Assembly two(int fade) {
        return Assembly.empty("Rain")
                .with(List.of(
                        Passage.first("raw/a.wav", 100, 20_100),
                        new Passage("raw/b.wav", 30_000, 55_000, JoinKind.NEXT_TAKE, fade)));
    }

    @ParameterizedTest
    @ValueSource(ints = {16, 24, 32})
    void eachSampleOutsideTheOverlapIsThatOfItsTake(int bits) throws IOException {
        SampleCoding coding = bits == 32 ? SampleCoding.floats() : SampleCoding.exact(bits);
        float[] a = take("a.wav", 48_000, coding, 1);
        float[] b = take("b.wav", 48_000, coding, 2);
        Path out = folder.resolve("out.wav");
        ChapterFile.Written written = ChapterFile.write(folder, two(1000), out, Progress.NONE);
        assertThat(written).isEqualTo(new ChapterFile.Written(45_000, 48_000, 1, bits));
        float[] heard = read(out);
        assertThat(heard).hasSize(45_000);
        assertThat(Arrays.mismatch(heard, 0, 19_500, a, 100, 19_600)).isEqualTo(-1);
        assertThat(Arrays.mismatch(heard, 20_500, 45_000, b, 30_500, 55_000)).isEqualTo(-1);
        assertThat(Arrays.mismatch(heard, 19_500, 20_500, a, 19_600, 20_600)).isBetween(0, 20);
    }

    @Test
    void nothingIsWrittenOverAndNothingLeftBehind() throws IOException {
        take("a.wav", 48_000, SampleCoding.exact(24), 1);
        take("b.wav", 44_100, SampleCoding.exact(24), 2);
        Path out = folder.resolve("out.wav");
        assertThatThrownBy(() -> ChapterFile.write(folder, two(0), out, Progress.NONE))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("b.wav")
                .hasMessageContaining("44");
        Assembly alone = Assembly.empty("Rain").with(List.of(Passage.first("raw/a.wav", 0, 50_000)));
        Progress cancelled = new Progress() {
            @Override
            public void at(double share) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        assertThatThrownBy(() -> ChapterFile.write(folder, alone, out, cancelled))
                .isInstanceOf(CancellationException.class);
        assertThatThrownBy(() -> ChapterFile.write(folder, alone, folder.resolve("none/out.wav"), Progress.NONE))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("out.wav");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(folder.resolve("raw"));
        }
        Files.writeString(out, "mine");
        assertThatThrownBy(() -> ChapterFile.write(folder, alone, out, Progress.NONE))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("out.wav");
        assertThat(out).hasContent("mine");
    }

    @Test
    void aTakeThatIsGoneIsSaidInOneLine() {
        assertThatThrownBy(() -> ChapterFile.write(folder, two(0), folder.resolve("out.wav"), Progress.NONE))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("raw/a.wav")
                .message()
                .doesNotContain("\n");
    }
}
