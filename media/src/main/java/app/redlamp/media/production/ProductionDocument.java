package app.redlamp.media.production;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * {@code production.json} and the text of the script beside it (docs/formats.md). Saved whole or not at all, and only what
 * can be read again; the one before stays as a backup; one that somebody else has written in the meantime is kept under
 * another name.
 */
final class ProductionDocument {
    static final String NAME = "production.json";
    static final String BACKUP = "production.json.bak";
    static final String SCRIPT = "script";
    private static final String OTHER = "production-other.json";
    private static final int MOST_BYTES = 32 << 20;
    /** A script has at most eight million characters, each of at most three bytes and a line of its own. */
    private static final int MOST_SCRIPT_BYTES = 64 << 20;

    private final ObjectMapper mapper = new ObjectMapper();
    private final Disk disk;
    private byte[] known = {};
    private UnknownFields unknown = UnknownFields.NONE;

    ProductionDocument(Disk disk) {
        this.disk = disk;
    }

    /**
     * What was read.
     *
     * @param newer whether another version with a newer format has written it
     * @param fault what is wrong with the document, where the backup had to be taken; empty for nothing
     * @param notKnown what stands in it that this version does not know, each with its line
     */
    record Read(Production production, boolean newer, Optional<String> fault, List<String> notKnown) {}

    /** @throws IOException where neither the document nor its backup can be read; one line, without the folder's name */
    Read read(Path folder) throws IOException {
        Path document = folder.resolve(NAME);
        Path backup = folder.resolve(BACKUP);
        if (!Files.exists(document) && !Files.exists(backup)) {
            throw new IOException(Faults.say("production-document.is-no-production", NAME));
        }
        try {
            byte[] bytes = bytes(document, MOST_BYTES);
            Read read = parse(folder, bytes, Optional.empty());
            known = bytes;
            return read;
        } catch (IOException e) {
            String fault = words(e);
            if (!Files.exists(backup)) {
                throw new IOException(Faults.say("production-document.cannot-be-read", NAME, fault), e);
            }
            return parse(folder, bytes(backup, MOST_BYTES), Optional.of(fault));
        }
    }

    private Read parse(Path folder, byte[] bytes, Optional<String> fault) throws IOException {
        JsonObject document = JsonDocument.readTolerant(bytes);
        Optional<String> script = ProductionCodec.scriptName(document);
        Production production =
                ProductionCodec.production(text(folder, script), script).read(document);
        unknown = UnknownFields.of(document, mapper.readTree(bytes));
        return new Read(production, ProductionCodec.newer(document), fault, document.notKnown());
    }

    private static ScriptText text(Path folder, Optional<String> name) throws IOException {
        return name.isEmpty()
                ? ScriptText.EMPTY
                : ScriptTextFile.read(bytes(folder.resolve(SCRIPT).resolve(name.get()), MOST_SCRIPT_BYTES));
    }

    /**
     * Saves.
     *
     * @return name under which a document is kept that somebody else had written in the meantime; empty for none
     * @throws IOException where it cannot be written, or could not be read again; what was saved before is left as it was
     */
    Optional<String> save(Path folder, Production production) throws IOException {
        GuardedFolder guard = new GuardedFolder(folder);
        Path document = guard.place(NAME);
        ObjectNode tree = written(production, saveText(guard, production));
        unknown.putInto(tree);
        byte[] bytes = mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(tree);
        checkReadable(bytes, production);
        Optional<String> kept = keepOther(guard, document);
        if (kept.isEmpty() && known.length > 0 && Files.exists(document)) {
            AtomicFile.write(disk, guard.place(BACKUP), known);
        }
        AtomicFile.write(disk, document, bytes);
        known = bytes;
        return kept;
    }

    private ObjectNode written(Production production, Optional<String> script) throws IOException {
        ObjectNode tree = mapper.createObjectNode();
        try {
            ProductionCodec.production(production.script().text(), script).write(production, tree);
        } catch (IOException e) {
            throw new Unreadable(Faults.say("production-document.could-not-be", words(e)), e);
        }
        return tree;
    }

    /** Nothing is written that would be refused when it is opened the next time. */
    private static void checkReadable(byte[] bytes, Production production) throws IOException {
        if (bytes.length > MOST_BYTES) {
            throw new Unreadable(Faults.say("production-document.would-be-larger", (MOST_BYTES >> 20)));
        }
        try {
            ProductionCodec.production(production.script().text(), Optional.empty())
                    .read(JsonDocument.readTolerant(bytes));
        } catch (IOException e) {
            throw new Unreadable(Faults.say("production-document.could-not-be", words(e)), e);
        }
    }

    /** What somebody else has written since the last read or save gets another name before ours takes its place. */
    private Optional<String> keepOther(GuardedFolder guard, Path document) throws IOException {
        if (!Files.exists(document) || isKnown(document)) {
            return Optional.empty();
        }
        Path other = AtomicFile.free(guard.place(OTHER));
        disk.publish(document, other);
        return Optional.of(other.getFileName().toString());
    }

    private boolean isKnown(Path document) throws IOException {
        return Files.size(document) == known.length && Arrays.equals(Files.readAllBytes(document), known);
    }

    /** Id of the production in a folder; absent where there is none. */
    static Optional<String> idIn(Path folder) {
        try {
            return Optional.of(JsonDocument.readTolerant(bytes(folder.resolve(NAME), MOST_BYTES))
                    .text("id"));
        } catch (IOException e) {
            // No production, or one that cannot be read: not the one that is looked for.
            return Optional.empty();
        }
    }

    private Optional<String> saveText(GuardedFolder guard, Production production) throws IOException {
        ScriptText text = production.script().text();
        if (text.size() == 0) {
            return Optional.empty();
        }
        byte[] bytes = ScriptTextFile.write(text);
        if (bytes.length > MOST_SCRIPT_BYTES) {
            throw new Unreadable(
                    Faults.say("production-document.has-script-and", (bytes.length >> 20), (MOST_SCRIPT_BYTES >> 20)));
        }
        String name = ScriptTextFile.name(bytes);
        guard.folder(SCRIPT);
        Path file = guard.place(SCRIPT, name);
        boolean there = Files.exists(file) && Files.size(file) == bytes.length;
        if (!there) {
            AtomicFile.write(disk, file, bytes);
        }
        return Optional.of(name);
    }

    /** What is wrong, in a few words for the middle of a line. */
    private static String words(IOException e) {
        return e instanceof FileSystemException ? Reason.of(e) : Reason.line(String.valueOf(e.getMessage()));
    }

    private static byte[] bytes(Path file, int most) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException(Faults.say("production-document.is-not-there", file.getFileName()));
        }
        if (Files.size(file) > most) {
            throw new IOException(Faults.say("production-document.is-larger-than", file.getFileName()));
        }
        return Files.readAllBytes(file);
    }

    /** What is to be saved could not be opened again. The message is one line that says what to do. */
    static final class Unreadable extends IOException {
        private static final long serialVersionUID = 1;

        Unreadable(String message) {
            super(message);
        }

        Unreadable(String message, Throwable cause) {
            super(message, cause);
        }
    }
}
