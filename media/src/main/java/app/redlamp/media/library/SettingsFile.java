package app.redlamp.media.library;

import app.redlamp.core.port.Settings;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * The settings as one small JSON file (docs/formats.md). Saved atomically; fields that this version does not know
 * survive; a broken or missing file gives the defaults.
 */
public final class SettingsFile implements Settings {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final long MOST_BYTES = 1 << 20;

    private final Path path;

    public SettingsFile(Path path) {
        this.path = path;
    }

    /** The file in the platform's usual place. */
    public static SettingsFile ofUser() {
        return new SettingsFile(Places.settings().resolve("settings.json"));
    }

    @Override
    public Values load() {
        ObjectNode node = read();
        Values fallback = Values.DEFAULT;
        return new Values(
                node.path("theme").asText(fallback.theme()),
                Values.nearestScale(node.path("scalePercent").asInt(fallback.scalePercent())),
                node.path("specification").asText(fallback.specificationId()));
    }

    @Override
    public void save(Values values) throws IOException {
        ObjectNode node = read();
        node.put("format", 1);
        node.put("theme", values.theme());
        node.put("scalePercent", values.scalePercent());
        node.put("specification", values.specificationId());
        Files.createDirectories(path.toAbsolutePath().getParent());
        Path passing = path.resolveSibling(path.getFileName() + ".part");
        try (FileChannel file = FileChannel.open(
                passing, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING, StandardOpenOption.WRITE)) {
            ByteBuffer bytes =
                    ByteBuffer.wrap(MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(node));
            while (bytes.hasRemaining()) {
                file.write(bytes);
            }
            file.force(true);
        }
        Files.move(passing, path, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    private ObjectNode read() {
        try {
            if (Files.isRegularFile(path) && Files.size(path) <= MOST_BYTES) {
                JsonNode node = MAPPER.readTree(path.toFile());
                if (node instanceof ObjectNode object) {
                    return object;
                }
            }
        } catch (IOException e) {
            // Settings are a convenience: a broken file must not keep anybody from working.
            return MAPPER.createObjectNode();
        }
        return MAPPER.createObjectNode();
    }
}
