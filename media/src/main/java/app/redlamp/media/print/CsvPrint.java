package app.redlamp.media.print;

import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.print.PrintedTable;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/** All figures as a table: one line a file, one column a figure, empty where it is undefined (RFC 4180). */
final class CsvPrint {
    private static final String END = "\r\n";

    private CsvPrint() {}

    static String of(PrintedReport sheet) {
        Set<String> names = new LinkedHashSet<>();
        sheet.files().forEach(f -> names.addAll(f.figures().keySet()));
        StringBuilder csv = new StringBuilder("file,clear");
        names.forEach(n -> csv.append(',').append(n));
        csv.append(END);
        for (PrintedReport.Section file : sheet.files()) {
            csv.append(Csv.quoted(file.name())).append(',').append(file.clear() ? "yes" : "no");
            for (String name : names) {
                csv.append(',').append(number(file.figures().getOrDefault(name, OptionalDouble.empty())));
            }
            csv.append(END);
        }
        return csv.toString();
    }

    static String of(PrintedTable table) {
        StringBuilder csv = new StringBuilder(line(table.columns()));
        table.rows().forEach(r -> csv.append(line(r.cells())));
        return csv.toString();
    }

    private static String line(List<String> cells) {
        return cells.stream().map(Csv::quoted).collect(Collectors.joining(",")) + END;
    }

    private static String number(OptionalDouble value) {
        return value.isPresent() ? String.format(Locale.ROOT, "%.6g", value.getAsDouble()) : "";
    }
}
