package app.redlamp.media.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.print.PrintedTable;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TableSheetTest {
    private static final PrintedTable LIST = new PrintedTable(
            "To buy for: the box room",
            "To start today: 14.",
            List.of("What", "Why", "New"),
            List.of(
                    new PrintedTable.Row(List.of("Pop filter", "every P, \"pops\" & <blows>", "14")),
                    new PrintedTable.Row(List.of("Lead, 3 m", "", "13"))));

    @TempDir
    Path folder;

    private Path written(String name) throws IOException {
        Path file = folder.resolve(name);
        new FilePrinting().write(LIST, file);
        return file;
    }

    /** RFC 4180: cells with commas or quotes are quoted, quotes doubled, lines end with CR LF. */
    @Test
    void asCsv() throws IOException {
        assertThat(Files.readString(written("list.csv")))
                .isEqualTo(
                        "What,Why,New\r\nPop filter,\"every P, \"\"pops\"\" & <blows>\",14\r\n\"Lead, 3 m\",,13\r\n");
    }

    @Test
    void asHtmlThatRunsNothing() throws IOException {
        String html = Files.readString(written("list.html"));
        assertThat(html)
                .contains("<th>What</th>")
                .contains("every P, &quot;pops&quot; &amp; &lt;blows&gt;")
                .doesNotContain("<script")
                .endsWith("</html>\n");
    }

    /** Read back by the library that wrote it. */
    @Test
    void asPdf() throws IOException {
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(written("list.pdf")))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("To buy for: the box room", "Pop filter", "New: 13")
                    .doesNotContain("Why: \n");
        }
    }

    @Test
    void whatIsNoListIsRefusedAndNothingIsLeft() throws IOException {
        assertThatThrownBy(() -> new FilePrinting().write(LIST, folder.resolve("list.doc")))
                .hasMessageContaining(".html, .pdf or .csv");
        assertThatThrownBy(() -> new FilePrinting().write(LIST, folder.resolve("none/list.csv")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("choose another folder");
        assertThat(folder).isEmptyDirectory();
        assertThatThrownBy(() -> new PrintedTable("t", "l", List.of("a"), List.of(new PrintedTable.Row(List.of()))))
                .hasMessageContaining("0 cells under 1 columns");
    }
}
