package app.redlamp.desktop.app;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import app.redlamp.media.FileRecordings;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.CRC32;

/**
 * Really measures, and remembers for all windows of a process what it measured, as the application does: most tests begin with copies
 * of the same five recordings.
 */
final class MeasuredOnce implements Recordings {
    private static final Map<String, Report> KNOWN = new ConcurrentHashMap<>();
    private static final int BLOCK = 1 << 16;

    private final Recordings measuring = new FileRecordings();

    @Override
    public Report measure(Path file, Progress progress) throws IOException {
        if (!Files.isRegularFile(file)) {
            return measuring.measure(file, progress);
        }
        String content = Files.size(file) + " " + sum(file);
        Report known = KNOWN.get(content);
        if (known == null) {
            known = measuring.measure(file, progress);
            KNOWN.put(content, known);
        }
        return known;
    }

    private static long sum(Path file) throws IOException {
        CRC32 sum = new CRC32();
        byte[] block = new byte[BLOCK];
        try (InputStream in = Files.newInputStream(file)) {
            for (int n = in.read(block); n > 0; n = in.read(block)) {
                sum.update(block, 0, n);
            }
        }
        return sum.getValue();
    }
}
