package app.redlamp.media.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Documents that are made to do harm, or are broken: one line for the user, and nothing else happens. */
class HostileDocumentsTest {
    @TempDir
    Path folder;

    private static ScriptText read(Path file) throws IOException {
        return DocumentReaders.read(file, Progress.NONE);
    }

    private static void refused(Path file, String why) {
        assertThatThrownBy(() -> read(file))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(why)
                .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n"));
    }

    private Path wordBomb(String entry, long bytes) throws IOException {
        Path file = folder.resolve("bomb.docx");
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(entry));
            byte[] zeros = new byte[1 << 20];
            for (long left = bytes; left > 0; left -= zeros.length) {
                zip.write(zeros);
            }
            zip.putNextEntry(new ZipEntry("word/document.xml"));
            zip.write("<x/>".getBytes(StandardCharsets.UTF_8));
        }
        assertThat(Files.size(file)).as("small on disk").isLessThan(1 << 20);
        return file;
    }

    @Test
    void aWordDocumentThatUnpacksToHundredsOfMegabytesIsRefused() throws IOException {
        refused(wordBomb("word/styles.xml", 300L << 20), "unpacks to far more than any book");
    }

    @Test
    void anEpubThatUnpacksToHundredsOfMegabytesIsRefused() throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("a.xhtml", "<html><body>" + " ".repeat(40 << 20) + "</body></html>");
        refused(Documents.epub(folder.resolve("bomb.epub"), parts), "unpacks to far more than any book");
    }

    @Test
    void externalEntitiesAreNotLookedUp() throws IOException {
        Path secret = Files.writeString(folder.resolve("secret.txt"), "the client's secret");
        String doctype = "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY leak SYSTEM \"" + secret.toUri() + "\">]>";
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("a.xhtml", doctype + "<html><body><p>Before &leak; after</p></body></html>");
        ScriptText book = read(Documents.epub(folder.resolve("x.epub"), parts));
        assertThat(book.blocks().toString()).contains("Before").doesNotContain("secret");

        Path word = Documents.word(folder.resolve("x.docx"));
        try (var zip = java.nio.file.FileSystems.newFileSystem(word)) {
            Files.writeString(
                    zip.getPath("word/document.xml"),
                    doctype
                            + "<w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body>"
                            + "<w:p><w:r><w:t>&leak;</w:t></w:r></w:p></w:body></w:document>");
        }
        refused(word, "is damaged and cannot be read");
    }

    @Test
    void entitiesThatMultiplyAreNotUnfolded() throws IOException {
        StringBuilder doctype = new StringBuilder("<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY a0 \"haha\">");
        for (int i = 1; i < 30; i++) {
            doctype.append("<!ENTITY a%d \"&a%d;&a%d;\">".formatted(i, i - 1, i - 1));
        }
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("a.xhtml", doctype + "]><html><body><p>Text &a29;</p></body></html>");
        assertThat(read(Documents.epub(folder.resolve("lol.epub"), parts))
                        .blocks()
                        .toString()
                        .length())
                .isLessThan(10_000);
    }

    @Test
    void anEpubThatPointsOutsideItselfIsRefused() throws IOException {
        for (String path :
                List.of("../../../etc/passwd", "/etc/passwd", "file:///etc/passwd", "..%2f..%2f..%2fx", "a\\..\\b")) {
            Map<String, String> parts = new LinkedHashMap<>();
            parts.put(path, "<html><body><p>x</p></body></html>");
            refused(Documents.epub(folder.resolve("path.epub"), parts), "points outside itself");
        }
    }

    @Test
    void aProtectedEpubIsRefused() throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("a.xhtml", "<html><body><p>x</p></body></html>");
        Path epub = Documents.epub(folder.resolve("drm.epub"), parts);
        try (var zip = java.nio.file.FileSystems.newFileSystem(epub)) {
            Files.writeString(
                    zip.getPath("META-INF/encryption.xml"),
                    "<encryption><enc:EncryptedData xmlns:enc=\"http://www.w3.org/2001/04/xmlenc#\"><enc:CipherData>"
                            + "<enc:CipherReference URI=\"OEBPS/a.xhtml\"/></enc:CipherData></enc:EncryptedData></encryption>");
        }
        refused(epub, "is protected against reading");
    }

    @Test
    void aPdfWithAPasswordIsRefusedAndOneWithoutCopyingToo() throws IOException {
        refused(locked("locked.pdf", "secret", true), "is locked with a password");
        refused(locked("nocopy.pdf", "", false), "does not allow its text to be taken out");
    }

    @Test
    void aPdfPageThatUnpacksToHundredsOfMegabytesIsRefused() throws IOException {
        Path file = folder.resolve("bomb.pdf");
        try (PDDocument document = new PDDocument()) {
            PDPage page = new PDPage();
            document.addPage(page);
            PDStream content = new PDStream(document);
            try (OutputStream out = content.createOutputStream(COSName.FLATE_DECODE)) {
                byte[] blanks = new byte[1 << 20];
                java.util.Arrays.fill(blanks, (byte) ' ');
                for (int i = 0; i < 300; i++) {
                    out.write(blanks);
                }
            }
            page.setContents(content);
            document.save(file.toFile());
        }
        assertThat(Files.size(file)).isLessThan(1 << 20);
        refused(file, "unpacks to far more than any book");
    }

    private Path locked(String name, String password, boolean mayCopy) throws IOException {
        Path file = folder.resolve(name);
        try (PDDocument document = new PDDocument()) {
            Documents.write(document, List.of(List.of("Rain.")));
            AccessPermission permission = new AccessPermission();
            permission.setCanExtractContent(mayCopy);
            permission.setCanExtractForAccessibility(mayCopy);
            document.protect(new StandardProtectionPolicy("owner", password, permission));
            document.save(file.toFile());
        }
        return file;
    }

    @Test
    void fiveThousandPagesAreReadWithProgressAndCanBeCancelled() throws IOException {
        Path pdf = Documents.pdf(folder.resolve("long.pdf"), Collections.nCopies(5000, List.of("Rain fell again.")));
        List<Double> shares = new ArrayList<>();
        Progress watched = new Progress() {
            @Override
            public void at(double share) {
                shares.add(share);
            }

            @Override
            public boolean cancelled() {
                return false;
            }
        };
        assertThat(new ScriptFiles().read(pdf, watched).blocks()).hasSizeGreaterThan(4999);
        assertThat(shares).hasSizeGreaterThan(150).isSorted();

        Progress cancelling = new Progress() {
            private int asked;

            @Override
            public void at(double share) {}

            @Override
            public boolean cancelled() {
                return ++asked > 100;
            }
        };
        assertThatThrownBy(() -> new ScriptFiles().read(pdf, cancelling)).isInstanceOf(CancellationException.class);
    }

    @Test
    void twentyMegabytesOfTextAreRefusedAsMoreThanTenBooks() throws IOException {
        Path text = folder.resolve("huge.txt");
        Files.writeString(text, "Rain fell again on the bakery and nobody minded it.\n".repeat(400_000));
        assertThat(Files.size(text)).isGreaterThan(20_000_000);
        refused(text, "more than ten long books");
        Files.move(text, folder.resolve("huge.md"));
        refused(folder.resolve("huge.md"), "more than ten long books");
    }

    @Test
    void whatIsNoDocumentIsSaidSo() throws IOException {
        Random random = new Random(1);
        byte[] noise = new byte[5000];
        random.nextBytes(noise);
        refused(Files.write(folder.resolve("noise.docx"), noise), "whatever its name says");
        refused(Files.write(folder.resolve("zeros.txt"), new byte[100]), "whatever its name says");
        refused(Files.write(folder.resolve("empty.txt"), new byte[0]), "is empty");
        refused(Files.writeString(folder.resolve("old.rtf"), "{\\rtf1 x}"), "save it as .docx");
        refused(
                Files.write(folder.resolve("old.doc"), new byte[] {(byte) 0xd0, (byte) 0xcf, 0x11, (byte) 0xe0, 1}),
                "old or locked kind");
        refused(Documents.zip(folder.resolve("a.zip"), Map.of("x", "y")), "neither a Word (.docx) nor an EPUB");
        refused(Files.writeString(folder.resolve("blank.txt"), " \n\n\f\n"), "holds no text");
        refused(folder.resolve("gone.txt"), "is not there");
        refused(folder, "is not an ordinary file");
        refused(Documents.pdf(folder.resolve("scan.pdf"), List.of(List.of(), List.of())), "holds no text");
    }

    @Test
    void deeplyNestedDocumentsDoNotOverflow() throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("a.xhtml", "<html><body>" + "<div>".repeat(50_000) + "deep" + "</body></html>");
        assertThat(read(Documents.epub(folder.resolve("deep.epub"), parts))
                        .blocks()
                        .toString())
                .contains("deep");
        Path markdown = Files.writeString(folder.resolve("deep.md"), ">".repeat(100_000) + " deep\n\nshallow");
        assertThat(read(markdown).blocks().toString()).contains("shallow");
        Path stars = Files.writeString(folder.resolve("stars.md"), "*a ".repeat(50_000) + "\n\n" + "[".repeat(50_000));
        assertThat(read(stars).size()).isPositive();
    }

    /** Seeded: documents with bytes changed or cut off either read or are refused in one line. */
    @Test
    void damagedDocumentsAreReadOrRefusedInOneLine() throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put("a.xhtml", "<html><body><h1>One</h1><p>Rain.</p></body></html>");
        List<Path> whole = List.of(
                Documents.word(folder.resolve("w.docx")),
                Documents.pdf(folder.resolve("p.pdf"), List.of(List.of("Rain."), List.of("Sun."))),
                Documents.epub(folder.resolve("e.epub"), parts));
        Random random = new Random(11);
        int refusals = 0;
        for (int round = 0; round < 150; round++) {
            byte[] bytes = Files.readAllBytes(whole.get(round % whole.size()));
            for (int i = random.nextInt(20); i >= 0; i--) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
            }
            int length = random.nextBoolean() ? bytes.length : 4 + random.nextInt(bytes.length - 4);
            Path damaged = Files.write(folder.resolve("damaged"), java.util.Arrays.copyOf(bytes, length));
            Throwable thrown = catchThrowable(() -> read(damaged));
            if (thrown != null) {
                refusals++;
                assertThat(thrown).isInstanceOf(IOException.class);
                assertThat(thrown.getMessage()).isNotBlank().doesNotContain("\n");
            }
        }
        assertThat(refusals).isGreaterThan(30);
    }
}
