package app.redlamp.media.production;

import app.redlamp.core.plan.Production;
import app.redlamp.core.script.ScriptText;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.json.JsonDocument;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;

/**
 * {@code production.json} and the text of the script beside it (docs/formats.md). Saved whole or not at all; the one before
 * stays as a backup; one that somebody else has written in the meantime is kept under another name.
 */
final class ProductionDocument {
    static final String NAME = "production.json";
    static final String BACKUP = "production.json.bak";
    private static final String SCRIPT = "script";
    private static final long MOST_BYTES = 32L << 20;

    private final ObjectMapper mapper = new ObjectMapper();
    private byte[] known = {};

    /**
     * What was read.
     *
     * @param newer whether another version with a newer format has written it
     * @param fault what is wrong with the document, where the backup had to be taken; empty for nothing
     */
    record Read(Production production, boolean newer, Optional<String> fault) {}

    /** @throws IOException where neither the document nor its backup can be read; one line, without the folder's name */
    Read read(Path folder) throws IOException {
        Path document = folder.resolve(NAME);
        Path backup = folder.resolve(BACKUP);
        if (!Files.exists(document) && !Files.exists(backup)) {
            throw new IOException(
                    "is no production: there is no " + NAME + " in it; choose another folder, or start one");
        }
        try {
            byte[] bytes = bytes(document);
            Read read = parse(folder, bytes, Optional.empty());
            known = bytes;
            return read;
        } catch (IOException e) {
            String fault = e.getMessage();
            if (!Files.exists(backup)) {
                throw new IOException(NAME + " cannot be read (" + fault + "); mend that line or ask for a copy", e);
            }
            return parse(folder, bytes(backup), Optional.of(fault));
        }
    }

    private static Read parse(Path folder, byte[] bytes, Optional<String> fault) throws IOException {
        ProductionReader reader = new ProductionReader(JsonDocument.read(bytes));
        boolean newer = reader.format() > ProductionFields.FORMAT;
        Optional<String> script = reader.scriptName();
        ScriptText text = script.isEmpty()
                ? ScriptText.EMPTY
                : ScriptTextFile.read(bytes(folder.resolve(SCRIPT).resolve(script.get())));
        return new Read(reader.read(text), newer, fault);
    }

    /**
     * Saves.
     *
     * @return name under which a document is kept that somebody else had written in the meantime; empty for none
     */
    Optional<String> save(Path folder, Production production) throws IOException {
        Path document = folder.resolve(NAME);
        byte[] there = Files.exists(document) ? bytes(document) : new byte[0];
        ObjectNode tree = new ProductionFields(mapper).of(production, saveText(folder, production));
        UnknownFields.carry(tree(there), tree);
        byte[] bytes = mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(tree);
        Optional<String> kept = Optional.empty();
        if (there.length > 0 && !Arrays.equals(there, known)) {
            Path other = AtomicFile.free(folder.resolve("production-other.json"));
            Files.copy(document, other);
            kept = Optional.of(other.getFileName().toString());
        }
        if (there.length > 0 && kept.isEmpty()) {
            AtomicFile.write(folder.resolve(BACKUP), there);
        }
        AtomicFile.write(document, bytes);
        known = bytes;
        return kept;
    }

    /** Id of the production in a folder; absent where there is none. */
    static Optional<String> idIn(Path folder) {
        try {
            return Optional.of(JsonDocument.read(bytes(folder.resolve(NAME))).text("id"));
        } catch (IOException e) {
            // No production, or one that cannot be read: not the one that is looked for.
            return Optional.empty();
        }
    }

    private static String saveText(Path folder, Production production) throws IOException {
        ScriptText text = production.script().text();
        if (text.size() == 0) {
            return "";
        }
        byte[] bytes = ScriptTextFile.write(text);
        String name = ScriptTextFile.name(bytes);
        Path file = Files.createDirectories(folder.resolve(SCRIPT)).resolve(name);
        if (!Files.exists(file)) {
            AtomicFile.write(file, bytes);
        }
        return name;
    }

    /** What stands in a document that is about to be replaced; nothing where it is broken. */
    private JsonNode tree(byte[] bytes) {
        try {
            JsonNode tree = bytes.length == 0 ? null : mapper.readTree(bytes);
            return tree == null ? mapper.createObjectNode() : tree;
        } catch (IOException e) {
            // It is kept under another name as it is.
            return mapper.createObjectNode();
        }
    }

    private static byte[] bytes(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException(file.getFileName() + " is not there");
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new IOException(file.getFileName() + " is larger than any production");
        }
        return Files.readAllBytes(file);
    }
}
