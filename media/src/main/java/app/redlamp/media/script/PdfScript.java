package app.redlamp.media.script;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import app.redlamp.media.fault.Faults;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.zip.InflaterInputStream;
import java.util.zip.ZipException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.pdmodel.font.FontMappers;
import org.apache.pdfbox.text.PDFTextStripper;

/** PDF documents, page by page. Numbers of pages and lines that stand at the head or foot of most pages are left out. */
final class PdfScript {
    private static final int MOST_PAGES = 10_000;
    private static final int FEWEST_REPEATS = 3;
    private static final long MOST_PAGE_BYTES = 64L << 20;
    private static final int BUFFER = 1 << 16;
    private static final String PARAGRAPH = "\u0001";
    private static final String LINE = "\u0002";

    static {
        FontMappers.set(new OneFont());
    }

    private final PDDocument document;
    private final Progress progress;
    private long characters;

    private PdfScript(PDDocument document, Progress progress) {
        this.document = document;
        this.progress = progress;
    }

    static ScriptText read(Path file, Progress progress) throws IOException {
        // What is unpacked goes to a temporary file and not into memory.
        try (PDDocument document =
                Loader.loadPDF(file.toFile(), "", null, null, IOUtils.createTempFileOnlyStreamCache())) {
            if (!document.getCurrentAccessPermission().canExtractContent()) {
                throw new DocumentFault(Faults.say("pdf-script.does-not-allow"));
            }
            if (document.getNumberOfPages() > MOST_PAGES) {
                throw new DocumentFault(
                        Faults.say("pdf-script.has-pages-more", document.getNumberOfPages(), MOST_PAGES));
            }
            return new PdfScript(document, progress).text();
        } catch (InvalidPasswordException e) {
            throw new DocumentFault(Faults.say("pdf-script.is-locked-with"), e);
        }
    }

    private ScriptText text() throws IOException {
        List<List<String>> pages = new ArrayList<>();
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setParagraphEnd(PARAGRAPH);
        stripper.setLineSeparator(LINE);
        stripper.setPageEnd("");
        int count = document.getNumberOfPages();
        Iterator<PDPage> all = document.getPages().iterator();
        for (int page = 1; page <= count && all.hasNext(); page++) {
            progress.check();
            progress.at(page / (count + 1.0));
            checkSize(all.next());
            stripper.setStartPage(page);
            stripper.setEndPage(page);
            pages.add(lines(stripper.getText(document)));
        }
        return blocks(pages);
    }

    /** Refuses a page that unpacks to more than any page, before the library unpacks it into memory. */
    private void checkSize(PDPage page) throws IOException {
        Iterator<PDStream> streams = page.getContentStreams();
        while (streams.hasNext()) {
            COSStream stream = streams.next().getCOSObject();
            if (COSName.FLATE_DECODE.equals(stream.getFilters())) {
                checkSize(stream);
            }
        }
    }

    private void checkSize(COSStream stream) throws IOException {
        try (InputStream packed = stream.createRawInputStream();
                InputStream unpacked = new InflaterInputStream(packed)) {
            checkSize(unpacked);
        } catch (ZipException | EOFException e) {
            // Cut off or damaged: the library makes of it what it can.
            return;
        }
    }

    private void checkSize(InputStream unpacked) throws IOException {
        byte[] buffer = new byte[BUFFER];
        long size = 0;
        for (int n = unpacked.read(buffer); n > 0; n = unpacked.read(buffer)) {
            size += n;
            if (size > MOST_PAGE_BYTES) {
                throw ZippedDocument.tooLarge();
            }
            progress.check();
        }
    }

    /** Lines of a page; an empty one stands after each paragraph. */
    private List<String> lines(String text) throws DocumentFault {
        characters += text.length();
        if (characters > BlockList.MOST_CHARACTERS) {
            throw BlockList.tooLong();
        }
        List<String> lines = new ArrayList<>();
        for (String line : text.replace(PARAGRAPH, LINE + LINE).split(LINE, -1)) {
            boolean blank = line.isBlank();
            if (!blank || (!lines.isEmpty() && !lines.get(lines.size() - 1).isEmpty())) {
                lines.add(blank ? "" : line.strip());
            }
        }
        while (!lines.isEmpty() && lines.get(lines.size() - 1).isEmpty()) {
            lines.remove(lines.size() - 1);
        }
        return lines;
    }

    private static ScriptText blocks(List<List<String>> pages) throws DocumentFault {
        Map<String, Integer> edges = new HashMap<>();
        for (List<String> page : pages) {
            if (!page.isEmpty()) {
                edges.merge(edge(page.get(0)), 1, Integer::sum);
                edges.merge(edge(page.get(page.size() - 1)), 1, Integer::sum);
            }
        }
        BlockList blocks = new BlockList();
        StringBuilder paragraph = new StringBuilder();
        for (List<String> page : pages) {
            List<String> body = body(page, edges, pages.size());
            for (String line : body) {
                if (line.isEmpty()) {
                    close(paragraph, blocks);
                } else {
                    join(paragraph, line);
                }
            }
            // A sentence that goes on over the page is one paragraph.
            if (ended(paragraph)) {
                close(paragraph, blocks);
                blocks.page();
            }
        }
        close(paragraph, blocks);
        return blocks.text();
    }

    /** A page without its running head and foot; one that has nothing else keeps them. */
    private static List<String> body(List<String> page, Map<String, Integer> edges, int pages) {
        int from = 0;
        int to = page.size();
        if (to > 2 && repeated(page.get(0), edges, pages)) {
            from++;
        }
        if (to > 2 && repeated(page.get(to - 1), edges, pages)) {
            to--;
        }
        while (from < to && page.get(from).isEmpty()) {
            from++;
        }
        while (from < to && page.get(to - 1).isEmpty()) {
            to--;
        }
        return page.subList(from, to);
    }

    /** Whether a line is the number of a page, or the same on every third page but for its figures. */
    private static boolean repeated(String line, Map<String, Integer> edges, int pages) {
        int times = edges.getOrDefault(edge(line), 0);
        return times >= FEWEST_REPEATS && times * 3 >= pages;
    }

    private static String edge(String line) {
        return line.replaceAll("\\d+", "#").strip();
    }

    private static void join(StringBuilder paragraph, String line) {
        int end = paragraph.length() - 1;
        boolean broken = end > 0
                && paragraph.charAt(end) == '-'
                && Character.isLetter(paragraph.charAt(end - 1))
                && Character.isLowerCase(line.codePointAt(0));
        if (broken) {
            paragraph.setLength(end);
        } else if (!paragraph.isEmpty()) {
            paragraph.append(' ');
        }
        paragraph.append(line);
    }

    private static boolean ended(StringBuilder paragraph) {
        if (paragraph.isEmpty()) {
            return true;
        }
        char last = paragraph.charAt(paragraph.length() - 1);
        return !Character.isLetterOrDigit(last) && ",;-–".indexOf(last) < 0;
    }

    private static void close(StringBuilder paragraph, BlockList blocks) throws DocumentFault {
        blocks.paragraph(paragraph.toString());
        paragraph.setLength(0);
    }
}
