package app.redlamp.media.print;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.print.PrintedReport;
import app.redlamp.core.print.PrintedTable;
import java.util.Locale;

/** A report as one HTML page that needs nothing else and runs nothing. */
final class HtmlPrint {
    private static final String STYLE =
            "body{font:15px/1.5 Lato,sans-serif;color:#2b241c;background:#f7f2e9;max-width:46em;"
                    + "margin:2em auto;padding:0 1em}h1,h2{font-family:Vollkorn,serif;font-weight:600}"
                    + "h2{border-top:1px solid #cfc3ae;padding-top:.8em}li.outside{font-weight:bold}"
                    + "table{border-collapse:collapse;font-size:13px}td{padding:.1em 1em .1em 0}td+td{text-align:right}"
                    + ".list td,.list th{text-align:left;vertical-align:top;padding:.3em 1em .3em 0}"
                    + ".source{color:#6a5f4f;font-size:13px}";

    private HtmlPrint() {}

    static String of(PrintedReport sheet) {
        StringBuilder html = begun(sheet.title());
        element(html, "h1", sheet.verdict());
        html.append("<p class=\"source\">")
                .append(escaped(sheet.title() + ". " + sheet.source()))
                .append("</p>\n");
        list(html, sheet.between());
        for (PrintedReport.Section file : sheet.files()) {
            element(html, "h2", file.name());
            html.append("<ul>\n");
            for (PrintedReport.Line check : file.checks()) {
                html.append("<li class=\"").append(check.verdict().id()).append("\">");
                html.append(
                        check.verdict() == CheckResult.OUTSIDE
                                ? "✗ "
                                : check.verdict() == CheckResult.ADVICE ? "• " : "✓ ");
                html.append(escaped(check.text())).append("</li>\n");
            }
            html.append("</ul>\n");
            list(html, file.findings());
            html.append("<details><summary>All figures</summary><table>\n");
            file.figures().forEach((name, value) -> {
                if (value.isPresent()) {
                    html.append("<tr><td>").append(escaped(name)).append("</td><td>");
                    html.append(String.format(Locale.ROOT, "%.2f", value.getAsDouble()))
                            .append("</td></tr>\n");
                }
            });
            html.append("</table></details>\n");
        }
        return html.append("</body></html>\n").toString();
    }

    /** A table to be printed. */
    static String of(PrintedTable table) {
        StringBuilder html = begun(table.title());
        element(html, "h1", table.title());
        element(html, "p", table.line());
        html.append("<table class=\"list\"><tr>");
        table.columns().forEach(c -> element(html, "th", c));
        html.append("</tr>\n");
        for (PrintedTable.Row row : table.rows()) {
            html.append("<tr>");
            row.cells().forEach(c -> element(html, "td", c));
            html.append("</tr>\n");
        }
        return html.append("</table></body></html>\n").toString();
    }

    private static StringBuilder begun(String title) {
        return new StringBuilder("<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>")
                .append(escaped(title))
                .append("</title><style>")
                .append(STYLE)
                .append("</style></head><body>\n");
    }

    private static void list(StringBuilder html, Iterable<String> lines) {
        html.append("<ul>\n");
        lines.forEach(line -> element(html, "li", line));
        html.append("</ul>\n");
    }

    private static void element(StringBuilder html, String name, String text) {
        html.append('<')
                .append(name)
                .append('>')
                .append(escaped(text))
                .append("</")
                .append(name)
                .append(">\n");
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
