package app.redlamp.media.sheet;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Printing;
import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.media.disk.AtomicFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;

/** Writes reports as HTML, PDF or CSV, whole or not at all. */
public final class FileSheets implements Printing {

    @Override
    public void write(PrintedReport sheet, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            write(text(HtmlSheet.of(sheet)), file);
        } else if (name.endsWith(".csv")) {
            write(text(CsvSheet.of(sheet)), file);
        } else if (name.endsWith(".pdf")) {
            write(PdfSheet.of(sheet), file);
        } else {
            throw unknown(name);
        }
    }

    @Override
    public void write(PrintedTable table, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            write(text(HtmlSheet.of(table)), file);
        } else if (name.endsWith(".csv")) {
            write(text(CsvSheet.of(table)), file);
        } else if (name.endsWith(".pdf")) {
            write(PdfSheet.of(table), file);
        } else {
            throw unknown(name);
        }
    }

    private static byte[] text(String written) {
        return written.getBytes(StandardCharsets.UTF_8);
    }

    private static IOException unknown(String name) {
        return new IOException(name + ": a report's name must end in .html, .pdf or .csv");
    }

    private static void write(byte[] content, Path file) throws IOException {
        try {
            AtomicFile.write(file.toAbsolutePath(), content);
        } catch (IOException e) {
            throw new IOException(
                    file + ": cannot be written (" + Reason.of(e) + "); choose another folder or free some space", e);
        }
    }
}
