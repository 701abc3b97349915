package app.redlamp.media.production;

import app.redlamp.media.disk.GuardedFolder;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.TreeMap;

/** What happened, a JSON object a line; lines are only added, whole or not at all. */
final class ProductionLog {
    static final String NAME = "log.jsonl";

    private final ObjectMapper mapper = new ObjectMapper();
    private final Clock clock;

    ProductionLog(Clock clock) {
        this.clock = clock;
    }

    /** @throws IOException where it cannot be written; the log is then as it was */
    synchronized void append(Path folder, String kind, Map<String, String> what) throws IOException {
        ObjectNode line = mapper.createObjectNode();
        line.put("at", Instant.now(clock).truncatedTo(ChronoUnit.SECONDS).toString());
        line.put("kind", kind);
        new TreeMap<>(what).forEach(line::put);
        String text = mapper.writeValueAsString(line) + "\n";
        try (FileChannel log = FileChannel.open(
                new GuardedFolder(folder).place(NAME),
                StandardOpenOption.CREATE,
                StandardOpenOption.READ,
                StandardOpenOption.WRITE,
                LinkOption.NOFOLLOW_LINKS)) {
            append(log, text);
        }
    }

    private static void append(FileChannel log, String text) throws IOException {
        long end = log.size();
        byte[] bytes = ((endsLine(log, end) ? "" : "\n") + text).getBytes(StandardCharsets.UTF_8);
        try {
            log.position(end);
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            while (buffer.hasRemaining()) {
                log.write(buffer);
            }
            log.force(true);
        } catch (IOException e) {
            // Half a line would make one line with the next.
            log.truncate(end);
            throw e;
        }
    }

    /** A line that a kill cut off is ended before the next one begins. */
    private static boolean endsLine(FileChannel log, long end) throws IOException {
        ByteBuffer last = ByteBuffer.allocate(1);
        return end == 0 || log.read(last, end - 1) < 1 || last.get(0) == '\n';
    }
}
