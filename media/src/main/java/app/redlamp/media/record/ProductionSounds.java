package app.redlamp.media.record;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import app.redlamp.core.taking.joins.RawSounds;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.wav.WavReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Takes and room tones of a production, as they lie in its folder. Their lengths are exact: what other formats say of themselves may be
 * an estimate, so that such a file is read through once.
 */
public final class ProductionSounds implements RawSounds {
    private static final int BLOCK = 1 << 13;

    private final Path folder;
    private final Map<String, Long> lengths = new ConcurrentHashMap<>();

    /** @param folder of the production */
    public ProductionSounds(Path folder) {
        this.folder = folder;
    }

    @Override
    public AudioSource open(String file, long frame) throws IOException {
        AudioSource source;
        try {
            source = AudioFiles.open(folder.resolve(file)).source();
        } catch (IOException e) {
            throw new IOException(Faults.say("production-sounds.plain", file, e.getMessage()), e);
        }
        try {
            if (source instanceof WavReader wav) {
                wav.seek(frame);
                return source;
            }
            long length = length(file);
            source.skip(frame);
            return new SourceStep(source) {
                @Override
                public long expectedFrames() {
                    return length;
                }

                @Override
                public int read(float[][] block, int frames) throws IOException {
                    return source.read(block, frames);
                }
            };
        } catch (IOException | RuntimeException e) {
            source.close();
            throw e;
        }
    }

    private long length(String file) throws IOException {
        Long known = lengths.get(file);
        if (known != null) {
            return known;
        }
        long count = 0;
        try (AudioSource source = AudioFiles.open(folder.resolve(file)).source()) {
            float[][] block = new float[source.channels()][BLOCK];
            for (int got = source.read(block, BLOCK); got > 0; got = source.read(block, BLOCK)) {
                count += got;
            }
        }
        lengths.put(file, count);
        return count;
    }

    /**
     * Bits of a sample with which nothing of a file is lost; more than 24 for floats.
     *
     * @throws IOException where it cannot be opened; one line
     */
    int bits(String file) throws IOException {
        AudioFiles.Opened opened = AudioFiles.open(folder.resolve(file));
        try {
            return opened.info().bitDepth().orElse(24);
        } finally {
            opened.source().close();
        }
    }
}
