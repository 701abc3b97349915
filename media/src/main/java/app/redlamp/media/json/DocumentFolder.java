package app.redlamp.media.json;

import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.DiskSpace;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** A folder of the library with a document for each thing, named by its id. Made at the first save. */
public final class DocumentFolder {
    private static final Pattern SAFE_ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,63}");
    private static final long MOST_BYTES = 1 << 20;
    private static final int MOST_DOCUMENTS = 500;

    private final ObjectMapper mapper = new ObjectMapper();
    private final Path folder;

    public DocumentFolder(Path folder) {
        this.folder = folder;
    }

    /** An empty document to be filled. */
    public ObjectNode document() {
        return mapper.createObjectNode();
    }

    /**
     * Writes a document, whole or not at all, over the one of the same id.
     *
     * @throws IOException where it cannot be written, or the id leads anywhere else; one line that says what to do
     */
    public void write(String id, ObjectNode node) throws IOException {
        checkId(id);
        try {
            Files.createDirectories(folder);
            AtomicFile.write(
                    folder.resolve(id + ".json"),
                    mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(node));
        } catch (IOException e) {
            throw new IOException(
                    "cannot be kept in " + folder + " (" + DiskSpace.reason(e) + "); check that it may be written", e);
        }
    }

    /** @throws IOException where it cannot be removed */
    public void forget(String id) throws IOException {
        checkId(id);
        Files.deleteIfExists(folder.resolve(id + ".json"));
    }

    /** An id becomes a file name, and must not lead anywhere else. */
    private static void checkId(String id) throws IOException {
        if (!SAFE_ID.matcher(id).matches()) {
            throw new IOException("id '" + id + "': small letters, digits and hyphens only, at most 64");
        }
    }

    /** Makes something of a document. */
    public interface Reading<T> {
        /** @throws IOException where it is none; one line */
        T of(JsonObject document) throws IOException;
    }

    /** Reads all documents in the order of their names; what cannot be read adds a line to the faults. */
    public <T> List<T> all(Reading<T> reading, List<String> faults) {
        List<Path> files = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> documents = Files.newDirectoryStream(folder, "*.json")) {
                documents.forEach(files::add);
            } catch (IOException | DirectoryIteratorException e) {
                faults.add(folder + ": cannot be read; check its permissions");
            }
        }
        files.sort(null);
        List<T> all = new ArrayList<>();
        for (Path file : files.subList(0, Math.min(MOST_DOCUMENTS, files.size()))) {
            try {
                all.add(reading.of(read(file, "document")));
            } catch (IOException e) {
                faults.add(file.getFileName() + ": " + e.getMessage());
            }
        }
        return all;
    }

    /**
     * Reads one document, wherever it is.
     *
     * @param what it should be, for the message
     * @throws IOException where it is none; one line, without the file's name
     */
    public static JsonObject read(Path file, String what) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException("is not there, or no file; name a " + what + " document");
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new IOException("is larger than any " + what);
        }
        return JsonDocument.read(Files.readAllBytes(file));
    }
}
