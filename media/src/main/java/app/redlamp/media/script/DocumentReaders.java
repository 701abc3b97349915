package app.redlamp.media.script;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.HeadingFinder;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
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
                throw new DocumentFault(
                        "holds no text; where its pages are pictures, ask for the text or have it recognised first");
            }
            return HeadingFinder.mark(text);
        } catch (DocumentFault | CancellationException e) {
            throw e;
        } catch (AccessDeniedException e) {
            throw new DocumentFault("may not be read; change its permissions or copy it", e);
        } catch (OutOfMemoryError e) {
            throw new DocumentFault(
                    "takes more memory than any book, as documents do that are made to do harm; ask who sent it", e);
        } catch (IOException | RuntimeException | StackOverflowError e) {
            // The readers of documents throw whatever a damaged one makes them stumble over.
            throw new DocumentFault("is damaged and cannot be read; open it where it was written and save it again", e);
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
            throw new DocumentFault("is a document of an old or a locked kind; save it as .docx without a password");
        }
        if (start.startsWith("{\\rtf")) {
            throw new DocumentFault("is rich text (RTF), which is not read; save it as .docx or plain text");
        }
        if (TextScript.isBinary(head)) {
            throw new DocumentFault(
                    "is no text, Markdown, Word (.docx), PDF or EPUB document, whatever its name says; bring one of those");
        }
        return isMarkdown(file) ? new Found(MarkdownScript::read, false) : new Found(TextScript::read, true);
    }

    private static void checkFile(Path file) throws IOException {
        if (!Files.exists(file)) {
            throw new DocumentFault("is not there; check the name");
        }
        if (!Files.isRegularFile(file)) {
            throw new DocumentFault("is no ordinary file; choose the document itself");
        }
        if (!Files.isReadable(file)) {
            throw new DocumentFault("may not be read; change its permissions or copy it");
        }
        if (Files.size(file) == 0) {
            throw new DocumentFault("is empty (0 bytes); ask for it again");
        }
        if (Files.size(file) > MOST_BYTES) {
            throw new DocumentFault(
                    "is larger than " + (MOST_BYTES >> 20) + " MB; bring the text without its pictures");
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
        throw new DocumentFault("is neither a Word (.docx) nor an EPUB document; save it as one of those, or as text");
    }

    private static byte[] head(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(HEAD);
        }
    }
}
