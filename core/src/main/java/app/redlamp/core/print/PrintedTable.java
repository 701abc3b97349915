package app.redlamp.core.print;

import app.redlamp.core.fault.Faults;
import java.util.List;

/**
 * A table to be printed or taken elsewhere.
 *
 * @param title what it is
 * @param line what it comes to, one sentence
 * @param columns their names
 * @param rows as many cells as there are columns, each
 */
public record PrintedTable(String title, String line, List<String> columns, List<Row> rows) {

    /** One row. */
    public record Row(List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /** @throws IllegalArgumentException for a row that has another number of cells, or no column */
    public PrintedTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
        for (Row row : rows) {
            if (row.cells().size() != columns.size()) {
                throw new IllegalArgumentException(Faults.say(
                        "printed-table.cells-under-columns", row.cells().size(), columns.size()));
            }
        }
        if (columns.isEmpty()) {
            throw new IllegalArgumentException(Faults.say("printed-table.table-needs-column"));
        }
    }
}
