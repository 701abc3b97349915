package app.redlamp.media.json;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** A folder of the library with a document for each thing, named by its id. Made at the first save. */
public final class DocumentFolder {
    private static final Pattern SAFE_ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,63}");
    private static final long MOST_BYTES = 1 << 20;
    private static final int MOST_DOCUMENTS = 500;
    private static final String HELP = Faults.say("document-folder.until-it-is");

    private final ObjectMapper mapper = new ObjectMapper();
    private final GuardedFolder library;
    private final String name;
    private final Path folder;

    /** @param name of the folder in the library */
    public DocumentFolder(Path library, String name) {
        this.library = new GuardedFolder(library);
        this.name = name;
        folder = library.resolve(name);
    }

    /**
     * Writes a thing, whole or not at all, over the one of the same id.
     *
     * @throws IOException as the others, or where a document could not hold it
     */
    public <T> void write(String id, Codec<T> codec, T thing) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        codec.write(thing, node);
        write(id, node);
    }

    /**
     * Writes a document, whole or not at all, over the one of the same id.
     *
     * @throws IOException where it cannot be written, or the id leads anywhere else; one line that says what to do
     */
    public void write(String id, ObjectNode node) throws IOException {
        write(id, mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(node));
    }

    /**
     * Writes a document as it is, whole or not at all, over the one of the same id.
     *
     * @throws IOException as the other
     */
    public void write(String id, byte[] document) throws IOException {
        checkId(id);
        // What would not be read again is not written.
        if (document.length > MOST_BYTES) {
            throw new IOException(Faults.say("document-folder.is-larger-than", MOST_BYTES >> 20));
        }
        try {
            library.folder(name);
            Path file = library.place(name, id + ".json");
            if (!Files.exists(file) && documents().size() >= MOST_DOCUMENTS) {
                throw new GuardedFolder.Refused(Faults.say("document-folder.holds-documents-no", name, MOST_DOCUMENTS));
            }
            AtomicFile.write(file, document);
        } catch (GuardedFolder.Refused e) {
            throw new IOException(Faults.say("document-folder.cannot-be-kept", e.getMessage()), e);
        } catch (IOException e) {
            throw new IOException(Faults.say("document-folder.cannot-be-kept-in", folder, Reason.of(e)), e);
        }
    }

    /** @throws IOException where it cannot be removed */
    public void forget(String id) throws IOException {
        checkId(id);
        Files.deleteIfExists(library.place(name, id + ".json"));
    }

    /**
     * An id becomes a file name, and must not lead anywhere else.
     *
     * @throws IOException where it would; one line
     */
    public static void checkId(String id) throws IOException {
        if (!SAFE_ID.matcher(id).matches()) {
            throw new IOException(Faults.say("document-folder.id-small-letters", Reason.shown(id)));
        }
    }

    /** Makes something of a document. */
    public interface Reading<T> {
        /** @throws IOException where it is none; one line */
        T of(JsonObject document) throws IOException;
    }

    /**
     * Reads all documents in the order of their names.
     *
     * @param faults given a line for each that cannot be read, by its id; what such a document stands for is not to be replaced
     *     by anything else of that id without a word
     */
    public <T> List<T> all(Reading<T> reading, Map<String, String> faults) {
        List<Path> files = List.of();
        try {
            PassingName.sweep(folder, false);
            files = documents();
        } catch (IOException e) {
            faults.put("", Faults.say("document-folder.cannot-be-read-check", folder));
        }
        if (files.size() > MOST_DOCUMENTS) {
            faults.put("", Faults.say("document-folder.holds-more-than", name, MOST_DOCUMENTS));
        }
        List<T> all = new ArrayList<>();
        for (Path file : files.subList(0, Math.min(MOST_DOCUMENTS, files.size()))) {
            String called = file.getFileName().toString();
            try {
                all.add(reading.of(read(file, "document")));
            } catch (IOException e) {
                faults.put(
                        called.substring(0, called.length() - ".json".length()),
                        name + "/" + called + ": " + Reason.whole(e) + HELP);
            }
        }
        return all;
    }

    private static byte[] bytes(Path file) throws IOException {
        try {
            return Files.readAllBytes(file);
        } catch (FileSystemException e) {
            throw new IOException(Faults.say("document-folder.cannot-be-read", Reason.of(e)), e);
        }
    }

    private List<Path> documents() throws IOException {
        List<Path> files = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> documents = Files.newDirectoryStream(folder, "*.json")) {
                documents.forEach(files::add);
            } catch (DirectoryIteratorException e) {
                throw e.getCause();
            }
        }
        files.sort(null);
        return files;
    }

    /**
     * Reads one document, wherever it is.
     *
     * @param what it should be, for the message
     * @throws IOException where it is none; one line, without the file's name
     */
    public static JsonObject read(Path file, String what) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new IOException(Faults.say("document-folder.is-not-there", what));
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new IOException(Faults.say("document-folder.is-larger-than-any", what));
        }
        return JsonDocument.read(bytes(file));
    }
}
