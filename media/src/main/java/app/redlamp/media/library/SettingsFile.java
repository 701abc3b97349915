package app.redlamp.media.library;

import app.redlamp.core.port.Settings;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.JsonDocument;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * The settings as one small JSON file (docs/formats.md). Saved atomically; fields that this version does not know
 * survive; a broken or missing file gives the defaults.
 */
public final class SettingsFile implements Settings {
    private static final long MOST_BYTES = 1 << 20;
    private static final int FORMAT = 1;

    private static final Codec<Values> CODEC = Codec.of(o -> {
        o.integer("format", FORMAT, v -> FORMAT);
        return new Values(
                o.text("theme", Values.DEFAULT.theme(), Values::theme),
                Values.nearestScale(o.integer("scalePercent", Values.DEFAULT.scalePercent(), Values::scalePercent)),
                o.text("specification", Values.DEFAULT.specificationId(), Values::specificationId),
                o.texts("recent", Values::recent),
                o.text("lengths", Values.DEFAULT.lengths(), Values::lengths));
    });

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
        try {
            return CODEC.read(JsonDocument.readForgiving(bytes()));
        } catch (IOException e) {
            // Settings are a convenience: a missing or broken file must not keep anybody from working.
            return Values.DEFAULT;
        }
    }

    @Override
    public void save(Values values) throws IOException {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode node = read(mapper);
        CODEC.write(values, node);
        Path folder = path.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        PassingName.sweep(folder, false);
        AtomicFile.write(path, mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(node));
    }

    /** What the file holds now, with the fields that this version does not know; nothing where it is broken. */
    private ObjectNode read(ObjectMapper mapper) {
        try {
            return mapper.readTree(bytes()) instanceof ObjectNode object ? object : mapper.createObjectNode();
        } catch (IOException e) {
            return mapper.createObjectNode();
        }
    }

    private byte[] bytes() throws IOException {
        if (!Files.isRegularFile(path) || Files.size(path) > MOST_BYTES) {
            throw new IOException(Faults.say("settings-file.is-no-settings", path));
        }
        return Files.readAllBytes(path);
    }
}
