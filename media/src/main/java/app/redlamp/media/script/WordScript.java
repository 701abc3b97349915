package app.redlamp.media.script;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.openxml4j.util.ZipSecureFile;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFStyle;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTBr;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STBrType;

/** Word documents (.docx): headings by their style, page breaks, and tables a row a paragraph, as lists of cues have them. */
final class WordScript {
    private static final Pattern HEADING = Pattern.compile("heading ?(\\d)");

    private final XWPFDocument document;
    private final BlockList blocks = new BlockList();

    private WordScript(XWPFDocument document) {
        this.document = document;
    }

    static ScriptText read(Path file, Progress progress) throws IOException {
        try (ZippedDocument zip = new ZippedDocument(file)) {
            zip.checkSizes();
        }
        // What it unpacks to was counted above; a long table packs better than the library believes of any document.
        ZipSecureFile.setMinInflateRatio(0);
        progress.at(0.1);
        progress.check();
        try (OPCPackage opened = OPCPackage.open(file.toFile(), PackageAccess.READ);
                XWPFDocument document = new XWPFDocument(opened)) {
            return new WordScript(document).text(progress.part(0.5, 1));
        } catch (InvalidFormatException e) {
            throw new DocumentFault(Faults.say("word-script.is-no-whole"), e);
        }
    }

    private ScriptText text(Progress progress) throws IOException {
        List<IBodyElement> elements = document.getBodyElements();
        for (int i = 0; i < elements.size(); i++) {
            progress.check();
            progress.at((double) i / elements.size());
            if (elements.get(i) instanceof XWPFParagraph paragraph) {
                paragraph(paragraph);
            } else if (elements.get(i) instanceof XWPFTable table) {
                table(table);
            }
        }
        return blocks.text();
    }

    private void paragraph(XWPFParagraph paragraph) throws IOException {
        if (paragraph.isPageBreak()) {
            blocks.page();
        }
        int level = level(paragraph);
        StringBuilder line = new StringBuilder();
        for (XWPFRun run : paragraph.getRuns()) {
            if (breaksPage(run)) {
                add(level, line);
                blocks.page();
            }
            line.append(run.text());
        }
        add(level, line);
    }

    private void add(int level, StringBuilder line) throws IOException {
        if (level > 0) {
            blocks.heading(level, line.toString());
        } else {
            blocks.paragraph(line.toString());
        }
        line.setLength(0);
    }

    private static boolean breaksPage(XWPFRun run) {
        for (CTBr mark : run.getCTR().getBrList()) {
            if (STBrType.PAGE.equals(mark.getType())) {
                return true;
            }
        }
        return false;
    }

    private int level(XWPFParagraph paragraph) {
        String id = paragraph.getStyle();
        if (id == null) {
            return 0;
        }
        XWPFStyle style =
                document.getStyles() == null ? null : document.getStyles().getStyle(id);
        String name = style == null || style.getName() == null ? id : style.getName();
        String lower = name.toLowerCase(Locale.ROOT);
        Matcher heading = HEADING.matcher(lower);
        if (heading.matches()) {
            return Math.max(1, Integer.parseInt(heading.group(1)));
        }
        return lower.equals("title") ? 1 : 0;
    }

    private void table(XWPFTable table) throws IOException {
        for (XWPFTableRow row : table.getRows()) {
            String line = row.getTableCells().stream()
                    .map(XWPFTableCell::getText)
                    .map(String::strip)
                    .filter(t -> !t.isEmpty())
                    .collect(Collectors.joining(" – "));
            blocks.paragraph(line);
        }
    }
}
