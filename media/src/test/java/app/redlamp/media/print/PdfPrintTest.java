package app.redlamp.media.print;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.print.PrintedReport;
import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** What was written is read again with the library's own text extraction. */
class PdfPrintTest {

    @Test
    void namesInOtherAlphabetsAreWrittenAsTheyAre() throws IOException {
        String text = text(sheet(1, "Łódź, Žižkov, Ζεύς, Весна − “one”", "RMS −20.2 dBFS: 2.2 dB inside"));
        assertThat(text).contains("Łódź, Žižkov, Ζεύς, Весна − “one”").contains("RMS −20.2 dBFS: 2.2 dB inside");
    }

    @Test
    void aLetterThatTheFontDoesNotHaveSpoilsNothing() throws IOException {
        assertThat(text(sheet(1, "chapter 雨 \uD83D\uDE00 one\u0007", "fine")))
                .contains("chapter ? ? one?")
                .contains("fine");
    }

    @Test
    void longSheetsGoOnOverPages() throws IOException {
        byte[] pdf = sheet(80, "a chapter", "a line that is much too wide for the page ".repeat(6));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isGreaterThan(3);
        }
        assertThat(text(pdf).split("a chapter", -1)).hasSize(81);
    }

    private static byte[] sheet(int files, String name, String line) throws IOException {
        PrintedReport.Section section = new PrintedReport.Section(
                name, true, List.of(new PrintedReport.Line(CheckResult.INSIDE, line)), List.of("a finding"), Map.of());
        return PdfPrint.of(new PrintedReport(
                "Audiobook, retail", "a source", "All is inside.", List.of(), Collections.nCopies(files, section)));
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }
}
