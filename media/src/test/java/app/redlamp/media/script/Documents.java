package app.redlamp.media.script;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.apache.poi.xwpf.usermodel.BreakType;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTStyle;

/** Documents for tests, made by the libraries that write such documents. */
final class Documents {
    static final String CONTAINER = """
            <?xml version="1.0"?><container version="1.0" xmlns="urn:oasis:names:tc:opendocument:xmlns:container">
            <rootfiles><rootfile full-path="OEBPS/book.opf" media-type="application/oebps-package+xml"/></rootfiles></container>
            """;

    private Documents() {}

    /** Pages of lines; each line stands on its own, an empty one leaves a gap. */
    static Path pdf(Path file, List<List<String>> pages) throws IOException {
        try (PDDocument document = new PDDocument()) {
            write(document, pages);
            document.save(file.toFile());
        }
        return file;
    }

    static void write(PDDocument document, List<List<String>> pages) throws IOException {
        PDType1Font font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
        for (List<String> lines : pages) {
            PDPage page = new PDPage();
            document.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                content.beginText();
                content.setFont(font, 12);
                content.setLeading(15);
                content.newLineAtOffset(72, 700);
                for (String line : lines) {
                    if (!line.isEmpty()) {
                        content.showText(line);
                    }
                    content.newLine();
                }
                content.endText();
            }
        }
    }

    static Path word(Path file) throws IOException {
        try (XWPFDocument document = new XWPFDocument();
                OutputStream out = Files.newOutputStream(file)) {
            document.createStyles();
            for (int level = 1; level <= 2; level++) {
                CTStyle style = CTStyle.Factory.newInstance();
                style.setStyleId("Kop" + level);
                style.addNewName().setVal("heading " + level);
                document.getStyles().addStyle(new XWPFStyle(style));
            }
            heading(document, "Kop1", "The oven below");
            document.createParagraph().createRun().setText("“Rain,” said Ysolde.");
            var broken = document.createParagraph();
            broken.createRun().setText("Before the page ");
            broken.createRun().addBreak(BreakType.PAGE);
            broken.createRun().setText("after the page.");
            heading(document, "Kop1", "Flour");
            var table = document.createTable(2, 2);
            table.getRow(0).getCell(0).setText("1.");
            table.getRow(0).getCell(1).setText("Mind the step.");
            table.getRow(1).getCell(0).setText("2.");
            table.getRow(1).getCell(1).setText("Look up.");
            document.write(out);
        }
        return file;
    }

    private static void heading(XWPFDocument document, String style, String text) {
        var paragraph = document.createParagraph();
        paragraph.setStyle(style);
        paragraph.createRun().setText(text);
    }

    /** A book of parts by their names below {@code OEBPS/}, in the order of the spine. */
    static Path epub(Path file, Map<String, String> parts) throws IOException {
        StringBuilder manifest = new StringBuilder();
        StringBuilder spine = new StringBuilder();
        int n = 0;
        for (String name : parts.keySet()) {
            manifest.append("<item id=\"p%d\" href=\"%s\" media-type=\"application/xhtml+xml\"/>".formatted(n, name));
            spine.append("<itemref idref=\"p%d\"/>".formatted(n++));
        }
        Map<String, String> entries = new LinkedHashMap<>();
        entries.put("mimetype", "application/epub+zip");
        entries.put("META-INF/container.xml", CONTAINER);
        entries.put(
                "OEBPS/book.opf",
                "<package xmlns=\"http://www.idpf.org/2007/opf\"><manifest>" + manifest
                        + "<item id=\"nav\" href=\"nav.xhtml\" properties=\"nav\" media-type=\"application/xhtml+xml\"/>"
                        + "</manifest><spine><itemref idref=\"nav\"/>" + spine + "</spine></package>");
        entries.put("OEBPS/nav.xhtml", "<html><body><h1>Contents</h1></body></html>");
        parts.forEach((name, text) -> entries.put("OEBPS/" + name, text));
        return zip(file, entries);
    }

    static Path zip(Path file, Map<String, String> entries) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return file;
    }
}
