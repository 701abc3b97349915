package app.redlamp.media.demo;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.ffmpeg.ResampledSource;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;

/** The dry speech that ships: one chapter each, without room and noise. */
public final class DryVoice {
    private static final int BLOCK = 8192;

    private DryVoice() {}

    /** How many chapters there are. */
    public static int count() {
        return DemoTake.ALL.size();
    }

    /**
     * All samples of a chapter.
     *
     * @throws IOException where it cannot be read
     */
    public static float[] samples(int chapter, int sampleRateHz) throws IOException {
        Path file = Files.createTempFile("redlamp-dry-", ".flac");
        try {
            try (InputStream in =
                    DryVoice.class.getResourceAsStream(DemoTake.ALL.get(chapter).name() + ".flac")) {
                Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
            }
            try (AudioSource source = ResampledSource.of(AudioFiles.open(file).source(), sampleRateHz)) {
                float[] all = new float[BLOCK];
                float[][] block = new float[source.channels()][BLOCK];
                int length = 0;
                for (int n = source.read(block, BLOCK); n > 0; n = source.read(block, BLOCK)) {
                    if (length + n > all.length) {
                        all = Arrays.copyOf(all, 2 * all.length);
                    }
                    System.arraycopy(block[0], 0, all, length, n);
                    length += n;
                }
                return Arrays.copyOf(all, length);
            }
        } finally {
            Files.delete(file);
        }
    }
}
