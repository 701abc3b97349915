package app.redlamp.media.print;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Printing;
import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;

/** Writes reports as HTML, PDF or CSV, whole or not at all. */
public final class FilePrinting implements Printing {

    @Override
    public void write(PrintedReport sheet, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            write(text(HtmlPrint.of(sheet)), file);
        } else if (name.endsWith(".csv")) {
            write(text(CsvPrint.of(sheet)), file);
        } else if (name.endsWith(".pdf")) {
            write(PdfPrint.of(sheet), file);
        } else {
            throw unknown(name);
        }
    }

    @Override
    public void write(PrintedTable table, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            write(text(HtmlPrint.of(table)), file);
        } else if (name.endsWith(".csv")) {
            write(text(CsvPrint.of(table)), file);
        } else if (name.endsWith(".pdf")) {
            write(PdfPrint.of(table), file);
        } else {
            throw unknown(name);
        }
    }

    private static byte[] text(String written) {
        return written.getBytes(StandardCharsets.UTF_8);
    }

    private static IOException unknown(String name) {
        return new IOException(Faults.say("file-sheets.report-name-must", name));
    }

    private static void write(byte[] content, Path file) throws IOException {
        try {
            AtomicFile.write(file.toAbsolutePath(), content);
        } catch (IOException e) {
            throw new IOException(Faults.say("file-sheets.cannot-be-written", file, Reason.of(e)), e);
        }
    }
}
