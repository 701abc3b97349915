package app.redlamp.media.script;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.HeadingFinder;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.CancellationException;

/** Documents by kind, told by their first bytes. Whatever a reader stumbles over becomes one line for the user. */
final class DocumentReaders {
    private static final long MOST_BYTES = 200L << 20;
    private static final int HEAD = 1024;

    private DocumentReaders() {}

    /** One kind of document. */
    interface Reader {
        ScriptText read(Path file, Progress progress) throws IOException;
    }

    /**
     * The reader of a document.
     *
     * @param ours whether it is our own from end to end, and takes a time that grows with the document and no faster
     */
    record Found(Reader reader, boolean ours) {}

    /** Reads a document here, as long as it takes. */
    static ScriptText read(Path file, Progress progress) throws IOException {
        return read(find(file).reader(), file, progress);
    }

    static ScriptText read(Reader reader, Path file, Progress progress) throws IOException {
        try {
            ScriptText text = reader.read(file, progress);
            if (text.blocks().stream().allMatch(b -> b.kind() == Block.Kind.PAGE_BREAK)) {
                throw new DocumentFault(Faults.say("document-readers.holds-no-text"));
            }
            return HeadingFinder.mark(text);
        } catch (DocumentFault | CancellationException e) {
            throw e;
        } catch (AccessDeniedException e) {
            throw new DocumentFault(Faults.say("audio-files.may-not-be"), e);
        } catch (OutOfMemoryError e) {
            throw new DocumentFault(Faults.say("document-readers.takes-more-memory"), e);
        } catch (IOException | RuntimeException | StackOverflowError e) {
            // The readers of documents throw whatever a damaged one makes them stumble over.
            throw new DocumentFault(Faults.say("document-readers.is-damaged-cannot"), e);
        }
    }

    /** @throws IOException where it is no document that is read, one line */
    static Found find(Path file) throws IOException {
        checkFile(file);
        byte[] head = head(file);
        String start = new String(head, StandardCharsets.ISO_8859_1);
        if (start.contains("%PDF-")) {
            return new Found(PdfScript::read, false);
        }
        if (start.startsWith("PK\u0003\u0004") || start.startsWith("PK\u0005\u0006")) {
            return new Found(zipped(file), false);
        }
        if (start.startsWith("\u00d0\u00cf\u0011\u00e0")) {
            throw new DocumentFault(Faults.say("document-readers.is-document-old"));
        }
        if (start.startsWith("{\\rtf")) {
            throw new DocumentFault(Faults.say("document-readers.is-rich-text"));
        }
        if (TextScript.isBinary(head)) {
            throw new DocumentFault(Faults.say("document-readers.is-no-text"));
        }
        return isMarkdown(file) ? new Found(MarkdownScript::read, false) : new Found(TextScript::read, true);
    }

    private static void checkFile(Path file) throws IOException {
        if (!Files.exists(file)) {
            throw new DocumentFault(Faults.say("audio-files.is-not-there"));
        }
        if (!Files.isRegularFile(file)) {
            throw new DocumentFault(Faults.say("document-readers.is-no-ordinary"));
        }
        if (!Files.isReadable(file)) {
            throw new DocumentFault(Faults.say("audio-files.may-not-be"));
        }
        if (Files.size(file) == 0) {
            throw new DocumentFault(Faults.say("document-readers.is-empty-bytes"));
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new DocumentFault(Faults.say("document-readers.is-larger-than", MOST_BYTES >> 20));
        }
    }

    private static boolean isMarkdown(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return name.endsWith(".md") || name.endsWith(".markdown");
    }

    private static Reader zipped(Path file) throws IOException {
        try (ZippedDocument zip = new ZippedDocument(file)) {
            if (zip.has("word/document.xml")) {
                return WordScript::read;
            }
            if (zip.has("META-INF/container.xml")) {
                return EpubScript::read;
            }
        }
        throw new DocumentFault(Faults.say("document-readers.is-neither-word"));
    }

    private static byte[] head(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(HEAD);
        }
    }
}
