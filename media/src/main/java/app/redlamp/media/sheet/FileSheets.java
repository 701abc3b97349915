package app.redlamp.media.sheet;

import app.redlamp.core.port.Sheets;
import app.redlamp.core.text.DeliverySheet;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Locale;

/** Writes reports as HTML, PDF or CSV, whole or not at all. */
public final class FileSheets implements Sheets {

    @Override
    public void write(DeliverySheet sheet, Path file) throws IOException {
        byte[] content = content(sheet, file.getFileName().toString().toLowerCase(Locale.ROOT));
        Path folder = file.toAbsolutePath().getParent();
        Path part = null;
        try {
            part = Files.createTempFile(folder, ".redlamp-", ".part");
            Files.write(part, content);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new IOException(file + ": cannot be written; choose another folder or free some space", e);
        } finally {
            if (part != null) {
                Files.deleteIfExists(part);
            }
        }
    }

    private static byte[] content(DeliverySheet sheet, String name) throws IOException {
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            return HtmlSheet.of(sheet).getBytes(StandardCharsets.UTF_8);
        } else if (name.endsWith(".csv")) {
            return CsvSheet.of(sheet).getBytes(StandardCharsets.UTF_8);
        } else if (name.endsWith(".pdf")) {
            return PdfSheet.of(sheet);
        }
        throw new IOException(name + ": a report's name must end in .html, .pdf or .csv");
    }
}
