package app.redlamp.media.production;

import app.redlamp.core.log.History;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;

/**
 * A log of 100,000 lines read into entries, against the JSON library's bare walk through the same lines; the first time, as a
 * user has it, and the best of many.
 */
public final class LogBench {
    private static final int LINES = 100_000;
    private static final int TURNS = 15;

    private LogBench() {}

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("redlamp-log-");
        Path file = folder.resolve(ProductionLog.NAME);
        try {
            write(file);
            ProductionLog log = new ProductionLog(Clock.systemUTC());
            double first = Double.NaN;
            double ours = Double.MAX_VALUE;
            double bare = Double.MAX_VALUE;
            for (int turn = 0; turn < TURNS; turn++) {
                long start = System.nanoTime();
                History history = log.history(folder);
                long middle = System.nanoTime();
                long tokens = walk(file);
                long end = System.nanoTime();
                if (history.all().size() != LINES || tokens < LINES) {
                    throw new IllegalStateException(history.all().size() + " entries, " + tokens + " tokens");
                }
                first = turn == 0 ? (middle - start) / 1e9 : first;
                ours = Math.min(ours, (middle - start) / 1e9);
                bare = Math.min(bare, (end - middle) / 1e9);
            }
            System.out.printf(
                    "100,000 lines of a log: read in %.2f s the first time, %.2f s at best; walked through in %.2f s;"
                            + " ratio %.2f%n",
                    first, ours, bare, ours / bare);
        } finally {
            Files.deleteIfExists(file);
            Files.delete(folder);
        }
    }

    private static void write(Path file) throws IOException {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < LINES; i++) {
            text.append("{\"at\":\"2026-03-02T17:00:00Z\",\"kind\":\"clap\",\"file\":\"clap.wav\",\"decayS\":0.")
                    .append(100 + i % 900)
                    .append("}\n");
        }
        Files.writeString(file, text);
    }

    private static long walk(Path file) throws IOException {
        long tokens = 0;
        try (JsonParser parser = new JsonFactory().createParser(file.toFile())) {
            while (parser.nextToken() != null) {
                tokens++;
            }
        }
        return tokens;
    }
}
