package app.redlamp.media.wav;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Progress;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.OptionalInt;

/**
 * Copies the sound out of what is left of a WAV file, bit for bit, into a whole one. The file itself stays as it is.
 *
 * <p>Bytes that a disk promised and never wrote come out as what they are, silence or noise at the end.
 */
public final class Salvage {
    private static final int BUFFER_BYTES = 1 << 18;

    /**
     * What was got.
     *
     * @param bits of a sample, as it is laid down
     * @param by what the format is known from: {@code header}, {@code pieces} of one, or {@code smoothness} of the samples
     */
    public record Got(double seconds, int sampleRateHz, int bits, int channels, String by) {}

    private Salvage() {}

    /**
     * Salvages.
     *
     * @param rateHz sample rate where nothing in the file says it; absent for not known
     * @param out is made, and never written over
     * @throws IOException where there is no sound in it, or it cannot be written; one line that says what to do, nothing left behind
     * @throws java.util.concurrent.CancellationException if cancelled, with nothing left behind
     */
    public static Got of(Path file, OptionalInt rateHz, Path out, Progress progress) throws IOException {
        if (Files.exists(out)) {
            throw new IOException(Faults.say("salvage.is-there-already", out));
        }
        try (FileChannel in = FileChannel.open(file, StandardOpenOption.READ)) {
            Remains remains = new RemainsFinder(in, rateHz).find();
            Path part = PassingName.beside(out);
            try {
                write(in, remains, part, progress);
                Disk.REAL.publish(part, out);
            } catch (FileAlreadyExistsException e) {
                throw new IOException(Faults.say("salvage.is-there-already", out), e);
            } catch (IOException e) {
                throw new IOException(Faults.say("salvage.cannot-be-written", out, Reason.of(e)), e);
            } finally {
                Files.deleteIfExists(part);
            }
            return new Got(
                    (double) remains.frames() / remains.sampleRateHz(),
                    remains.sampleRateHz(),
                    8 * remains.samples().bytes(),
                    remains.channels(),
                    remains.by().id());
        }
    }

    private static void write(FileChannel in, Remains remains, Path part, Progress progress) throws IOException {
        WavHead head = new WavHead(
                remains.sampleRateHz(),
                remains.channels(),
                remains.samples().tag(),
                8 * remains.samples().bytes(),
                new byte[0],
                WavHead.OPEN);
        long bytes = remains.dataBytes();
        try (FileChannel to = Disk.REAL.create(part)) {
            Disk.REAL.write(to, head.of(bytes, bytes & 1));
            ByteBuffer buffer = ByteBuffer.allocateDirect(BUFFER_BYTES);
            for (long done = 0; done < bytes; done += buffer.limit()) {
                progress.check();
                progress.at((double) done / bytes);
                buffer.clear().limit((int) Math.min(BUFFER_BYTES, bytes - done));
                int read = in.read(buffer, remains.dataStart() + done);
                if (read <= 0) {
                    throw new IOException(Faults.say("salvage.changes"));
                }
                buffer.flip();
                Disk.REAL.write(to, buffer.duplicate());
            }
            if ((bytes & 1) == 1) {
                Disk.REAL.write(to, ByteBuffer.allocate(1));
            }
            Disk.REAL.sync(to);
        }
    }
}
