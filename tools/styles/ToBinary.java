import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.css.Stylesheet;

/** Writes a binary stylesheet beside every {@code .css} below a folder. Run by the build, from its source. */
public final class ToBinary {
    public static void main(String[] arguments) throws IOException {
        List<Path> sheets;
        try (Stream<Path> tree = Files.walk(Path.of(arguments[0]))) {
            sheets = tree.filter(p -> p.toString().endsWith(".css")).toList();
        }
        for (Path sheet : sheets) {
            File binary = new File(sheet.toString().replaceFirst("\\.css$", ".bss"));
            Stylesheet.convertToBinary(sheet.toFile(), binary);
        }
    }
}
