package app.redlamp.media.script;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.FontBoxFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.font.CIDFontMapping;
import org.apache.pdfbox.pdmodel.font.FontMapper;
import org.apache.pdfbox.pdmodel.font.FontMapping;
import org.apache.pdfbox.pdmodel.font.PDCIDSystemInfo;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;

/**
 * Stands for every font that a PDF names and does not bring: the one that comes with the library. Text is taken out by the
 * document's own tables and not by the shapes of letters, so the fonts of this machine are not looked through, which takes many
 * seconds where there are thousands, and no list of them is written into the home folder.
 */
final class OneFont implements FontMapper {
    private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final TrueTypeFont font;

    OneFont() {
        try (InputStream in = FontMapper.class.getResourceAsStream(FILE)) {
            font = new TTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes()));
        } catch (IOException e) {
            throw new UncheckedIOException("the font that comes with the library", e);
        }
    }

    @Override
    public FontMapping<TrueTypeFont> getTrueTypeFont(String baseFont, PDFontDescriptor descriptor) {
        return new FontMapping<>(font, true);
    }

    @Override
    public FontMapping<FontBoxFont> getFontBoxFont(String baseFont, PDFontDescriptor descriptor) {
        return new FontMapping<>(font, true);
    }

    @Override
    public CIDFontMapping getCIDFont(String baseFont, PDFontDescriptor descriptor, PDCIDSystemInfo system) {
        return new CIDFontMapping(null, font, true);
    }
}
