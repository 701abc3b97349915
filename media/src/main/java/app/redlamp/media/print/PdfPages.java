package app.redlamp.media.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Lines of text on as many pages as they need. */
final class PdfPages implements AutoCloseable {
    private static final float MARGIN = 56;
    private static final float TEXT = 10;
    private static final float LEADING = 1.45f;
    private static final float INDENT = 12;

    private final PDDocument document = new PDDocument();
    /** Which letters the fonts have; both have the same. */
    private final Map<Integer, Boolean> letters = new HashMap<>();

    private final PDFont plain = font(document, "Lato-Regular");
    private final PDFont bold = font(document, "Lato-Bold");
    private PDPageContentStream page;
    private float y;

    PdfPages(String title) throws IOException {
        document.getDocumentInformation().setTitle(title);
        turn();
    }

    /** Leaves a line free. */
    void gap() {
        y -= TEXT;
    }

    void heading(String text) throws IOException {
        line(bold, 16, 0, text);
    }

    void subheading(String text) throws IOException {
        line(bold, 12, 0, text);
    }

    void text(String text) throws IOException {
        line(plain, TEXT, 0, text);
    }

    void indented(boolean strong, String text) throws IOException {
        line(strong ? bold : plain, TEXT, INDENT, text);
    }

    /** Ends the last page. */
    byte[] bytes() throws IOException {
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
        for (String part : broken(font, size, width, encodable(font, text))) {
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

    /** The text with a question mark for every letter that the font does not have. */
    private String encodable(PDFont font, String text) {
        StringBuilder known = new StringBuilder();
        text.codePoints().forEach(c -> known.appendCodePoint(has(font, c) ? c : '?'));
        return known.toString();
    }

    private boolean has(PDFont font, int letter) {
        return letters.computeIfAbsent(letter, c -> {
            try {
                font.encode(Character.toString(c));
                return true;
            } catch (IllegalArgumentException | IOException e) {
                return false;
            }
        });
    }

    private static PDFont font(PDDocument document, String name) throws IOException {
        try (InputStream ttf = PdfPages.class.getResourceAsStream("/app/redlamp/media/fonts/" + name + ".ttf")) {
            return PDType0Font.load(document, ttf, true);
        }
    }
}
