package app.redlamp.media.sheet;

import app.redlamp.core.spec.Verdict;
import app.redlamp.core.text.DeliverySheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** A report as a PDF document of A4 pages. */
final class PdfSheet implements AutoCloseable {
    private static final float MARGIN = 56;
    private static final float TEXT = 10;
    private static final float LEADING = 1.45f;

    private final PDDocument document = new PDDocument();
    private final PDFont plain = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
    private final PDFont bold = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);
    private PDPageContentStream page;
    private float y;

    private PdfSheet() {}

    static byte[] of(DeliverySheet sheet) throws IOException {
        try (PdfSheet pdf = new PdfSheet()) {
            return pdf.written(sheet);
        }
    }

    private byte[] written(DeliverySheet sheet) throws IOException {
        document.getDocumentInformation().setTitle(sheet.title());
        turn();
        line(bold, 16, 0, sheet.verdict());
        line(plain, TEXT, 0, sheet.title() + ". " + sheet.source());
        for (String between : sheet.between()) {
            line(plain, TEXT, 12, between);
        }
        for (DeliverySheet.Section file : sheet.files()) {
            y -= TEXT;
            line(bold, 12, 0, file.name());
            for (DeliverySheet.Line check : file.checks()) {
                boolean outside = check.verdict() == Verdict.OUTSIDE;
                String mark = outside ? "x  " : check.verdict() == Verdict.ADVICE ? "i  " : "    ";
                line(outside ? bold : plain, TEXT, 12, mark + check.text());
            }
            for (String finding : file.findings()) {
                line(plain, TEXT, 12, "-  " + finding);
            }
        }
        page.close();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }

    private void turn() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage next = new PDPage(PDRectangle.A4);
        document.addPage(next);
        page = new PDPageContentStream(document, next);
        y = PDRectangle.A4.getHeight() - MARGIN;
    }

    /** A paragraph, broken into lines where it is too wide and onto a new page where there is no room. */
    private void line(PDFont font, float size, float indent, String text) throws IOException {
        float width = PDRectangle.A4.getWidth() - 2 * MARGIN - indent;
        for (String part : broken(font, size, width, encodable(text))) {
            y -= size * LEADING;
            if (y < MARGIN) {
                turn();
                y -= size * LEADING;
            }
            page.beginText();
            page.setFont(font, size);
            page.newLineAtOffset(MARGIN + indent, y);
            page.showText(part);
            page.endText();
        }
    }

    private static List<String> broken(PDFont font, float size, float width, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ", -1)) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(longer) / 1000 * size > width) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** The built-in fonts know Latin 1 and a little more; what they do not know becomes the nearest they do. */
    private static String encodable(String text) {
        StringBuilder known = new StringBuilder();
        text.replace('−', '-')
                .replace("≤", "<=")
                .replace("≥", ">=")
                .codePoints()
                .forEach(c -> {
                    boolean latin = (c >= 32 && c < 127) || (c >= 160 && c < 256);
                    known.appendCodePoint(latin || c == '–' || c == '’' || c == '“' || c == '”' ? c : '?');
                });
        return known.toString();
    }
}
