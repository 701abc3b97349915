package app.redlamp.media;

import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.port.Progress;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * A night of twelve hours at 44.1 kHz, 16 bit, on disk: how many times faster than real time it is read into events, and what
 * heap it takes. Noise with a hum that comes every forty minutes.
 */
public final class NightBench {
    private static final int RATE = 44_100;
    private static final int HOURS = 12;
    private static final int BLOCK = RATE;
    private static final int PERIOD_S = 2400;
    private static final int ON_S = 700;
    private static final double MEGA = 1 << 20;

    private NightBench() {}

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("redlamp-night-");
        Path file = folder.resolve("night.wav");
        try {
            write(file);
            FileListening listening = new FileListening();
            long start = System.nanoTime();
            Diary diary = listening.diary(file, Progress.NONE);
            double seconds = (System.nanoTime() - start) / 1e9;
            System.gc();
            Runtime runtime = Runtime.getRuntime();
            System.out.printf(
                    "a night of %d h: read in %.1f s, %.0f times real time; %d events in %d groups; heap at most %.0f MB"
                            + " (limit of this process), %.0f MB held at the end%n",
                    HOURS,
                    seconds,
                    HOURS * 3600 / seconds,
                    diary.events().size(),
                    diary.groups().size(),
                    runtime.maxMemory() / MEGA,
                    (runtime.totalMemory() - runtime.freeMemory()) / MEGA);
        } finally {
            Files.deleteIfExists(file);
            Files.delete(folder);
        }
    }

    private static void write(Path file) throws IOException {
        float[][] block = new float[1][BLOCK];
        long state = 0x9E3779B97F4A7C15L;
        try (WavWriter writer = new WavWriter(file, RATE, 1, 16)) {
            for (int second = 0; second < HOURS * 3600; second++) {
                boolean on = second % PERIOD_S > PERIOD_S - ON_S;
                for (int n = 0; n < BLOCK; n++) {
                    state ^= state << 13;
                    state ^= state >>> 7;
                    state ^= state << 17;
                    double noise = (state >> 11) * 0x1p-52 * 0.002;
                    block[0][n] = (float) (on ? noise + 0.02 * Math.sin(2 * Math.PI * 100 * n / RATE) : noise);
                }
                writer.accept(block, BLOCK);
            }
        }
    }
}
