package app.redlamp.media.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Small documents that keep their readers busy without end are refused in one line, and nothing goes on working on them. */
class StoppedReadersTest {
    @TempDir
    Path folder;

    private final ScriptFiles scripts = new ScriptFiles(Duration.ofSeconds(2), Duration.ofMinutes(1));

    /** Read, or refused in one line; either way it comes to an end, and no process is left. */
    private void ends(Path file) {
        try {
            assertThat(scripts.read(file, Progress.NONE).size()).isPositive();
        } catch (IOException e) {
            assertThat(e).isInstanceOf(DocumentFault.class);
            assertThat(e.getMessage()).doesNotContain("\n").contains(";");
        }
        assertThat(readers()).isZero();
    }

    private static long readers() {
        return ProcessHandle.current()
                .children()
                .filter(ProcessHandle::isAlive)
                .filter(p -> p.info().commandLine().orElse("").contains(ReadingProcess.class.getName()))
                .count();
    }

    /** Forms that call forms, ten of the next each: nine levels are a thousand million. */
    @Test
    void formsThatCallForms() throws IOException {
        StringBuilder pdf = new StringBuilder("%PDF-1.4\n");
        pdf.append("1 0 obj <</Type/Catalog/Pages 2 0 R>> endobj\n");
        pdf.append("2 0 obj <</Type/Pages/Kids[3 0 R]/Count 1>> endobj\n");
        pdf.append(
                "3 0 obj <</Type/Page/Parent 2 0 R/MediaBox[0 0 99 99]/Contents 4 0 R/Resources<</XObject<</X 5 0 R>>>>>>"
                        + " endobj\n");
        pdf.append("4 0 obj <</Length 5>> stream\n/X Do\nendstream endobj\n");
        int levels = 9;
        for (int n = 0; n < levels; n++) {
            String body = n == levels - 1 ? "0 0 m" : "/X Do ".repeat(10);
            pdf.append(5 + n)
                    .append(" 0 obj <</Type/XObject/Subtype/Form/BBox[0 0 9 9]")
                    .append(n == levels - 1 ? "" : "/Resources<</XObject<</X " + (6 + n) + " 0 R>>>>")
                    .append("/Length ")
                    .append(body.length())
                    .append(">> stream\n")
                    .append(body)
                    .append("\nendstream endobj\n");
        }
        pdf.append("trailer <</Root 1 0 R>>\n%%EOF\n");
        Path file = Files.writeString(folder.resolve("forms.pdf"), pdf, StandardCharsets.ISO_8859_1);
        assertThatThrownBy(() -> scripts.read(file, Progress.NONE))
                .isInstanceOf(DocumentFault.class)
                .hasMessageContaining("working without end")
                .hasMessageContaining("bring its text");
        assertThat(readers()).isZero();
    }

    /** A page whose content is said to be packed in a list of one way, and unpacks to a gigabyte. */
    @Test
    void aGigabyteBehindAListOfFilters() throws IOException {
        Path file = folder.resolve("list.pdf");
        java.util.zip.Deflater deflater = new java.util.zip.Deflater(9);
        java.io.ByteArrayOutputStream packed = new java.io.ByteArrayOutputStream();
        byte[] blanks = new byte[1 << 20];
        java.util.Arrays.fill(blanks, (byte) ' ');
        byte[] buffer = new byte[1 << 16];
        for (int mb = 0; mb <= 1024; mb++) {
            if (mb == 1024) {
                deflater.finish();
            } else {
                deflater.setInput(blanks);
            }
            for (int n = deflater.deflate(buffer); n > 0; n = deflater.deflate(buffer)) {
                packed.write(buffer, 0, n);
            }
        }
        deflater.end();
        try (OutputStream out = Files.newOutputStream(file)) {
            out.write(("%PDF-1.4\n1 0 obj <</Type/Catalog/Pages 2 0 R>> endobj\n"
                            + "2 0 obj <</Type/Pages/Kids[3 0 R]/Count 1>> endobj\n"
                            + "3 0 obj <</Type/Page/Parent 2 0 R/MediaBox[0 0 99 99]/Contents 4 0 R>> endobj\n"
                            + "4 0 obj <</Filter[/FlateDecode]/Length " + packed.size() + ">> stream\n")
                    .getBytes(StandardCharsets.ISO_8859_1));
            out.write(packed.toByteArray());
            out.write("\nendstream endobj\ntrailer <</Root 1 0 R>>\n%%EOF\n".getBytes(StandardCharsets.ISO_8859_1));
        }
        ends(file);
    }

    @Test
    void nestedInlineTags() throws IOException {
        String body = "<b><i><a href='#'>".repeat(8000) + "Rain" + "</b>".repeat(8000);
        ends(epub("<html><body>" + body + "</body></html>"));
        ends(epub("<html>" + body + "</html>"));
    }

    private Path epub(String page) throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("META-INF/container.xml", Documents.CONTAINER);
        parts.put("OEBPS/book.opf", """
                <package xmlns="http://www.idpf.org/2007/opf"><manifest>
                <item id="a" href="a.xhtml" media-type="application/xhtml+xml"/></manifest>
                <spine><itemref idref="a"/></spine></package>
                """);
        parts.put("OEBPS/a.xhtml", page);
        return zip("nested.epub", parts);
    }

    private Path zip(String name, Map<String, String> parts) throws IOException {
        Path file = folder.resolve(name);
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, String> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return file;
    }

    /** A numbered list as long as a data set has cues, and worse: three hundred thousand lines of it. */
    @Test
    void longListsInMarkdown() throws IOException {
        Path cues = Files.writeString(folder.resolve("cues.md"), lines(10_000, n -> n + ". Cue " + n));
        assertThat(new ScriptFiles().read(cues, Progress.NONE).blocks())
                .hasSize(10_000)
                .last()
                .extracting(b -> b.text())
                .isEqualTo("10000. Cue 10000");
        ends(Files.writeString(folder.resolve("list.md"), lines(300_000, n -> n + ". x")));
        ends(Files.writeString(folder.resolve("brackets.md"), "[".repeat(200_000)));
        ends(Files.writeString(folder.resolve("stars.md"), "**a *b ".repeat(60_000)));
        ends(Files.writeString(folder.resolve("bullets.md"), "* ".repeat(100_000)));
    }

    private static String lines(int count, java.util.function.IntFunction<String> line) {
        StringBuilder all = new StringBuilder();
        for (int n = 1; n <= count; n++) {
            all.append(line.apply(n)).append('\n');
        }
        return all.toString();
    }

    /** What a Word document holds beside its main part, which is called so. */
    private static Map<String, String> wordParts(String name) {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("[Content_Types].xml", """
                <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels"
                ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/word/%s"
                ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>
                """.formatted(name));
        parts.put("_rels/.rels", """
                <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r"
                Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument"
                Target="word/%s"/></Relationships>
                """.formatted(name));
        return parts;
    }

    /** The main part of a Word document may be called anything; what it unpacks to is counted all the same. */
    @Test
    void aMainPartByAnotherName() throws IOException {
        Map<String, String> parts = wordParts("main.bin");
        parts.put("word/document.xml", "<x/>");
        parts.put(
                "word/main.bin",
                "<w:document xmlns:w='http://schemas.openxmlformats.org/wordprocessingml/2006/main'><w:body>"
                        + "<w:p/>".repeat(8_000_000) + "</w:body></w:document>");
        Path file = zip("main.docx", parts);
        assertThatThrownBy(() -> scripts.read(file, Progress.NONE))
                .isInstanceOf(DocumentFault.class)
                .hasMessageContaining("unpacks to far more than any book");
    }

    /** Headway alone is not enough: a document of a thousand pages, each of which takes its time, comes to an end too. */
    @Test
    void manySlowPages() throws IOException {
        StringBuilder content = new StringBuilder("BT /F 12 Tf ");
        for (int n = 0; n < 20_000; n++) {
            content.append("1 0 0 1 72 ").append(n % 700).append(" Tm (a) Tj ");
        }
        content.append("ET");
        String pdf = "%PDF-1.4\n1 0 obj <</Type/Catalog/Pages 2 0 R>> endobj\n2 0 obj <</Type/Pages/Count 1000/Kids["
                + "3 0 R ".repeat(1000)
                + "]>> endobj\n3 0 obj <</Type/Page/Parent 2 0 R/MediaBox[0 0 612 792]/Contents 4 0 R"
                + "/Resources<</Font<</F 5 0 R>>>>>> endobj\n4 0 obj <</Length " + content.length() + ">> stream\n"
                + content + "\nendstream endobj\n5 0 obj <</Type/Font/Subtype/Type1/BaseFont/Helvetica>> endobj\n"
                + "trailer <</Root 1 0 R>>\n%%EOF\n";
        Path file = Files.writeString(folder.resolve("slow.pdf"), pdf, StandardCharsets.ISO_8859_1);
        ScriptFiles hasty = new ScriptFiles(Duration.ofSeconds(10), Duration.ofSeconds(2));
        assertThatThrownBy(() -> hasty.read(file, Progress.NONE))
                .isInstanceOf(DocumentFault.class)
                .hasMessageContaining("working without end");
        assertThat(readers()).isZero();
    }

    /** A table that packs to a hundredth is a table; that a spine lists a part many times does not make it a series. */
    @Test
    void whatRepeatsItself() throws IOException {
        Map<String, String> parts = wordParts("document.xml");
        parts.put(
                "word/document.xml",
                "<w:document xmlns:w='http://schemas.openxmlformats.org/wordprocessingml/2006/main'><w:body>"
                        + "<w:p><w:r><w:t>Take the stairs.</w:t></w:r></w:p>".repeat(5_000) + "</w:body></w:document>");
        assertThat(new ScriptFiles()
                        .read(zip("cues.docx", parts), Progress.NONE)
                        .size())
                .isEqualTo(5_000);
        Map<String, String> book = new LinkedHashMap<>();
        book.put("META-INF/container.xml", Documents.CONTAINER);
        book.put("OEBPS/book.opf", """
                <package xmlns="http://www.idpf.org/2007/opf"><manifest>
                <item id="a" href="a.xhtml" media-type="application/xhtml+xml"/></manifest>
                <spine>%s</spine></package>
                """.formatted("<itemref idref='a'/>".repeat(4_000)));
        book.put("OEBPS/a.xhtml", "<html><body><p>" + "Rain. ".repeat(5_000) + "</p></body></html>");
        assertThat(new ScriptFiles()
                        .read(zip("spine.epub", book), Progress.NONE)
                        .size())
                .isEqualTo(1);
    }

    /** Whoever cancels is free at once, and nothing goes on behind their back. */
    @Test
    void cancellingStopsTheReader() throws IOException {
        Path file = Files.writeString(folder.resolve("list.md"), lines(200_000, n -> n + ". [x](y) *z*"));
        Progress cancelling = new Progress() {
            private int asked;

            @Override
            public void at(double share) {}

            @Override
            public boolean cancelled() {
                return ++asked > 3;
            }
        };
        assertThatThrownBy(() -> scripts.read(file, cancelling)).isInstanceOf(CancellationException.class);
        assertThat(readers()).isZero();
    }

    /** What a reading process gives back is the same as what is read here. */
    @Test
    void aDocumentIsReadElsewhereAsHere() throws IOException {
        Path pdf =
                Documents.pdf(folder.resolve("two.pdf"), List.of(List.of("Chapter One", "", "Rain."), List.of("Sun.")));
        ScriptText here = DocumentReaders.read(pdf, Progress.NONE);
        ScriptFiles patient = new ScriptFiles();
        assertThat(patient.read(pdf, Progress.NONE)).isEqualTo(here);
        Path markdown = Files.writeString(folder.resolve("a.md"), "# “Über” − 雨\n\nText with *stress*.\n");
        assertThat(patient.read(markdown, Progress.NONE)).isEqualTo(DocumentReaders.read(markdown, Progress.NONE));
    }
}
