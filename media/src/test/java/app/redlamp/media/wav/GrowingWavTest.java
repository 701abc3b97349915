package app.redlamp.media.wav;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.FaultyDisk;
import app.redlamp.media.ffmpeg.DecodedFile;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class GrowingWavTest {
    private static final int HEADER = 80;

    @TempDir
    Path folder;

    private static float[] steps(int from, int count) {
        float[] samples = new float[count];
        for (int n = 0; n < count; n++) {
            samples[n] = (from + n + 1) * 0x1p-23f;
        }
        return samples;
    }

    private static void record(GrowingWav wav, int from, int count) throws IOException {
        for (int at = 0; at < count; ) {
            if (wav.room() == 0) {
                wav.flush();
            }
            int now = Math.min(wav.room(), count - at);
            wav.put(steps(from + at, now), now);
            at += now;
        }
    }

    /** Beyond the size that a RIFF header can say it is RF64, while it is written and after that, without a break. */
    @Test
    void aFileThatOutgrowsItsHeaderGoesOn() throws IOException {
        Path file = folder.resolve("long.wav");
        GrowingWav wav = new GrowingWav(Disk.REAL, file, 48_000, 1, 24, 400_000);
        for (int part = 0; part < 5; part++) {
            record(wav, part * 50_000, 50_000);
            wav.settle();
            ByteBuffer head = ByteBuffer.wrap(Files.readAllBytes(file)).order(ByteOrder.LITTLE_ENDIAN);
            boolean large = Files.size(file) > 400_000;
            assertThat(head.get(1)).isEqualTo((byte) (large ? 'F' : 'I'));
            Optional<WavReader> reader = WavReader.open(file);
            assertThat(reader.orElseThrow().expectedFrames()).isEqualTo(50_000L * (part + 1));
            reader.get().close();
            if (large) {
                // ITU-R BS.2088: the sizes of 64 bits stand in the first chunk, those of 32 are all ones.
                assertThat(head.getInt(4)).isEqualTo(-1);
                assertThat(head.getInt(HEADER - 4)).isEqualTo(-1);
                assertThat(head.getLong(20)).isEqualTo(Files.size(file) - 8);
                assertThat(head.getLong(28)).isEqualTo(150_000L * (part + 1));
            }
        }
        wav.finish();
        DecodedFile theirs = new DecodedFile(file);
        float[][] block = new float[1][8192];
        int at = 0;
        for (int n = theirs.read(block, 8192); n > 0; n = theirs.read(block, 8192)) {
            for (int i = 0; i < n; i++) {
                assertThat(block[0][i]).isEqualTo((at + i + 1) * 0x1p-23f);
            }
            at += n;
        }
        theirs.close();
        assertThat(at).isEqualTo(250_000);
    }

    /** Whatever step the disk refuses: done again, the file is the same to the byte. */
    @Test
    void aStepThatIsRefusedCanBeDoneAgain() throws IOException {
        byte[] wanted = made(FaultyDisk.counting(), "wanted.wav");
        FaultyDisk counting = FaultyDisk.counting();
        made(counting, "counted.wav");
        int refused = 0;
        for (int step = 1; step < counting.steps().size(); step++) {
            FaultyDisk disk = FaultyDisk.failing(step, "Input/output error");
            assertThat(made(disk, "again-" + step + ".wav")).isEqualTo(wanted);
            refused++;
        }
        assertThat(refused).isGreaterThan(8);
    }

    /** 33,335 frames of three bytes: an odd size, which needs a byte more. */
    private byte[] made(Disk disk, String name) throws IOException {
        Path file = folder.resolve(name);
        GrowingWav wav = new GrowingWav(disk, file, 44_100, 1, 24);
        for (int at = 0; at < 33_335; ) {
            int now = Math.min(wav.room(), Math.min(7000, 33_335 - at));
            if (now == 0) {
                untilDone(wav::flush);
            }
            wav.put(steps(at, now), now);
            at += now;
            if (at % 14_000 < 7000) {
                untilDone(wav::settle);
            }
        }
        untilDone(wav::settle);
        untilDone(wav::finish);
        assertThat(Files.size(file)).isEqualTo(HEADER + 3 * 33_335 + 1);
        return Files.readAllBytes(file);
    }

    private interface Step {
        void run() throws IOException;
    }

    private static void untilDone(Step step) {
        for (int tries = 0; tries < 3; tries++) {
            try {
                step.run();
                return;
            } catch (IOException e) {
                assertThat(e).hasMessageContaining("Input/output error");
            }
        }
        throw new AssertionError("refused again and again");
    }

    /** What was not settled when its place was left is elsewhere: it is not here as well. */
    @Test
    void whatWasNotSettledIsCutAway() throws IOException {
        Path file = folder.resolve("left.wav");
        GrowingWav wav = new GrowingWav(Disk.REAL, file, 44_100, 1, 24);
        record(wav, 0, 1001);
        wav.settle();
        record(wav, 1001, 60_000);
        wav.cut();
        assertThat(wav.settledFrames()).isEqualTo(1001);
        assertThat(Files.size(file)).isEqualTo(HEADER + 3003 + 1);
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            assertThat(reader.expectedFrames()).isEqualTo(1001);
        }
    }

    @Test
    void nothingIsWrittenOver() throws IOException {
        Path file = Files.writeString(folder.resolve("there.wav"), "mine");
        assertThatThrownBy(() -> new GrowingWav(Disk.REAL, file, 44_100, 1, 24))
                .isInstanceOf(FileAlreadyExistsException.class);
        assertThat(file).hasContent("mine");
    }
}
