package app.redlamp.media.record;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.port.TakeRecording.Ended;
import app.redlamp.core.port.TakeRecording.Order;
import app.redlamp.core.port.TakeRecording.Running;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.wav.WavReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Stream;

/**
 * Eight hours in one take, and three channels at 96 kHz for two and a half, faster than real time, in constant memory: every
 * sample is read again and compared. Both outgrow the sizes that a RIFF header can say, or nearly.
 */
public final class TakeBench {
    private static final int BLOCK = 1 << 12;
    /** Settled so often that a second of ours is not longer than a second of the take. */
    private static final TakeTiming OFTEN = new TakeTiming(
            Duration.ofMillis(30),
            Duration.ofMillis(1),
            Duration.ofMillis(100),
            Duration.ofSeconds(1),
            Duration.ofSeconds(1),
            Duration.ofSeconds(5),
            Duration.ofSeconds(30));

    private static final double MEGABYTE = 1 << 20;

    private TakeBench() {}

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("redlamp-takes-");
        try {
            record(folder, new RecordingFormat(44_100, 24, 1), 8 * 3600);
            record(folder, new RecordingFormat(96_000, 24, 3), 9000);
        } finally {
            try (Stream<Path> tree = Files.walk(folder)) {
                for (Path path : tree.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }

    private static void record(Path folder, RecordingFormat format, int seconds) throws IOException {
        Running running = new TakeRecorder(Disk.REAL, OFTEN, Clock.systemUTC())
                .begin(
                        new Order(folder, Optional.empty(), "01 Long", "Long", format, Optional.empty(), "none", true),
                        news -> System.out.println(news));
        long frames = (long) seconds * format.sampleRateHz();
        long start = System.nanoTime();
        float[][] block = new float[format.channels()][BLOCK];
        long most = 0;
        for (long at = 0; at < frames; at += BLOCK) {
            int count = (int) Math.min(BLOCK, frames - at);
            fill(block, at, count);
            // As fast as the disk lets it, and never faster than the ring can hold.
            while (running.behindS() > 40) {
                LockSupport.parkNanos(1_000_000);
            }
            running.taker().take(block, count, 0);
            if (at % (BLOCK * 10_000L) == 0) {
                most = Math.max(most, used());
            }
        }
        double written = (System.nanoTime() - start) / 1e9;
        Ended ended = running.stop();
        double closed = (System.nanoTime() - start) / 1e9;
        Path file = ended.parts().get(0).file();
        long right = compare(file, format, frames);
        System.out.printf(
                "%d channels at %d Hz, %.1f h, %.2f GB in %d part(s): %.0f times faster than real time, %.0f times with closing;"
                        + " lost %d; samples that are right %d of %d; heap at most %.0f MB, of which the ring %.0f MB%n",
                format.channels(),
                format.sampleRateHz(),
                seconds / 3600.0,
                Files.size(file) / 1e9,
                ended.parts().size(),
                seconds / written,
                seconds / closed,
                running.lostFrames(),
                right,
                frames * format.channels(),
                most / MEGABYTE,
                66.0 * format.sampleRateHz() * format.channels() * Float.BYTES / MEGABYTE);
        if (right != frames * format.channels() || running.lostFrames() > 0 || ended.parts().size() != 1) {
            throw new IllegalStateException("something was lost");
        }
    }

    private static long used() {
        return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
    }

    private static void fill(float[][] block, long at, int count) {
        for (int c = 0; c < block.length; c++) {
            for (int n = 0; n < count; n++) {
                block[c][n] = value(at + n, c);
            }
        }
    }

    private static float value(long frame, int channel) {
        return ((frame * 31 + channel * 7) % 16_000_000 - 8_000_000) * 0x1p-23f;
    }

    private static long compare(Path file, RecordingFormat format, long frames) throws IOException {
        long right = 0;
        float[][] block = new float[format.channels()][BLOCK];
        try (WavReader reader = WavReader.open(file).orElseThrow()) {
            long at = 0;
            for (int n = reader.read(block, BLOCK); n > 0; n = reader.read(block, BLOCK)) {
                for (int c = 0; c < block.length; c++) {
                    for (int i = 0; i < n; i++) {
                        right += block[c][i] == value(at + i, c) ? 1 : 0;
                    }
                }
                at += n;
            }
            return at == frames ? right : -1;
        }
    }
}
