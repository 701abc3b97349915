package app.redlamp.core.port;

import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.print.PrintedTable;
import java.io.IOException;
import java.nio.file.Path;

/** Writes reports on a delivery, and tables. */
public interface Printing {

    /**
     * Writes a report: HTML, PDF or CSV by the ending of its name. A file of that name is replaced, whole or not at all.
     *
     * @throws IOException where the ending is another or the file cannot be written; one line that says what to do
     */
    void write(PrintedReport sheet, Path file) throws IOException;

    /**
     * Writes a table: HTML, PDF or CSV by the ending of its name. A file of that name is replaced, whole or not at all.
     *
     * @throws IOException where the ending is another or the file cannot be written; one line that says what to do
     */
    void write(PrintedTable table, Path file) throws IOException;
}
