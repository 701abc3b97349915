package app.redlamp.media.print;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.print.PrintedTable;
import java.io.IOException;

/** A report as a PDF document of A4 pages. */
final class PdfPrint {
    private PdfPrint() {}

    static byte[] of(PrintedReport sheet) throws IOException {
        try (PdfPages pages = new PdfPages(sheet.title())) {
            pages.heading(sheet.verdict());
            pages.text(sheet.title() + ". " + sheet.source());
            for (String between : sheet.between()) {
                pages.indented(false, between);
            }
            for (PrintedReport.Section file : sheet.files()) {
                pages.gap();
                pages.subheading(file.name());
                for (PrintedReport.Line check : file.checks()) {
                    boolean outside = check.verdict() == CheckResult.OUTSIDE;
                    String mark = outside ? "x  " : check.verdict() == CheckResult.ADVICE ? "i  " : "    ";
                    pages.indented(outside, mark + check.text());
                }
                for (String finding : file.findings()) {
                    pages.indented(false, "-  " + finding);
                }
            }
            return pages.bytes();
        }
    }

    /** Each row as a heading with what stands in the other columns below it. */
    static byte[] of(PrintedTable table) throws IOException {
        try (PdfPages pages = new PdfPages(table.title())) {
            pages.heading(table.title());
            pages.text(table.line());
            for (PrintedTable.Row row : table.rows()) {
                pages.gap();
                pages.subheading(row.cells().get(0));
                for (int c = 1; c < row.cells().size(); c++) {
                    if (!row.cells().get(c).isEmpty()) {
                        pages.indented(
                                false,
                                table.columns().get(c) + ": " + row.cells().get(c));
                    }
                }
            }
            return pages.bytes();
        }
    }
}
