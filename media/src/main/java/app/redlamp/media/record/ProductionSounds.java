package app.redlamp.media.record;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.taking.joins.RawSounds;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.wav.WavReader;
import java.io.IOException;
import java.nio.file.Path;

/** Takes and room tones of a production, as they lie in its folder. */
public final class ProductionSounds implements RawSounds {
    private final Path folder;

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
            } else {
                source.skip(frame);
            }
            return source;
        } catch (IOException | RuntimeException e) {
            source.close();
            throw e;
        }
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
