package app.redlamp.media.production;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.TreeMap;

/** What happened, a JSON object a line; lines are only added. */
final class ProductionLog {
    private static final String NAME = "log.jsonl";

    private final ObjectMapper mapper = new ObjectMapper();
    private final Clock clock;

    ProductionLog(Clock clock) {
        this.clock = clock;
    }

    void append(Path folder, String kind, Map<String, String> what) throws IOException {
        ObjectNode line = mapper.createObjectNode();
        line.put("at", Instant.now(clock).truncatedTo(ChronoUnit.SECONDS).toString());
        line.put("kind", kind);
        new TreeMap<>(what).forEach(line::put);
        byte[] bytes = (mapper.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8);
        try (FileChannel log =
                FileChannel.open(folder.resolve(NAME), StandardOpenOption.CREATE, StandardOpenOption.APPEND)) {
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            while (buffer.hasRemaining()) {
                log.write(buffer);
            }
            log.force(true);
        }
    }
}
