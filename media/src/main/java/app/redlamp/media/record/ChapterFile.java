package app.redlamp.media.record;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.port.Progress;
import app.redlamp.core.taking.joins.AssembledSource;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.wav.SampleCoding;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Writes an assembled chapter: outside its overlaps each sample is that of its take, bit for bit. */
public final class ChapterFile {
    private static final int BLOCK = 1 << 14;

    /** Beyond these, samples are floats. */
    private static final int MOST_BITS = 24;

    private ChapterFile() {}

    /**
     * What was written.
     *
     * @param frames how many
     * @param bits of a sample; 32 are floats
     */
    public record Written(long frames, int sampleRateHz, int channels, int bits) {
        /** Its length. */
        public double seconds() {
            return (double) frames / sampleRateHz;
        }
    }

    /**
     * Writes a WAV file, whole or not at all; never over one that is there.
     *
     * @param folder of the production
     * @throws IOException where a take cannot be read or the file not be written; one line
     * @throws java.util.concurrent.CancellationException if cancelled, with nothing left behind
     */
    public static Written write(Path folder, Assembly assembly, Path out, Progress progress) throws IOException {
        if (Files.exists(out)) {
            throw new IOException(Faults.say("salvage.is-there-already", out));
        }
        ProductionSounds sounds = new ProductionSounds(folder);
        try (AssembledSource source = AssembledSource.open(assembly, sounds)) {
            int bits = bits(assembly, sounds);
            Path part = PassingName.beside(out);
            try {
                SampleCoding coding = bits > MOST_BITS ? SampleCoding.floats() : SampleCoding.exact(bits);
                try (WavWriter writer = new WavWriter(part, source.sampleRateHz(), source.channels(), coding)) {
                    copy(source, writer, progress);
                }
                Disk.REAL.publish(part, out);
            } catch (FileAlreadyExistsException e) {
                throw new IOException(Faults.say("salvage.is-there-already", out), e);
            } finally {
                Files.deleteIfExists(part);
            }
            return new Written(assembly.frames(), source.sampleRateHz(), source.channels(), coding(bits));
        } catch (java.nio.file.FileSystemException e) {
            throw new IOException(Faults.say("salvage.cannot-be-written", out, Reason.of(e)), e);
        }
    }

    private static void copy(AssembledSource source, WavWriter writer, Progress progress) throws IOException {
        float[][] block = new float[source.channels()][BLOCK];
        long done = 0;
        int got;
        while ((got = source.read(block, BLOCK)) > 0) {
            progress.check();
            writer.accept(block, got);
            done += got;
            progress.at((double) done / source.expectedFrames());
        }
    }

    private static int coding(int bits) {
        return bits > MOST_BITS ? 32 : bits;
    }

    /** As many bits as the take with the most has: 16, 24, or more for floats. */
    private static int bits(Assembly assembly, ProductionSounds sounds) throws IOException {
        int most = 16;
        for (String file :
                assembly.passages().stream().map(Passage::file).distinct().toList()) {
            int bits = sounds.bits(file);
            most = Math.max(most, bits > 16 && bits < MOST_BITS ? MOST_BITS : bits);
        }
        return most;
    }
}
