package app.redlamp.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Every public method says what goes in and what comes out; every figure that something is computed or judged by says where it comes from: a standard and its clause, a handbook, common
 * practice, a definition, or us.
 */
class SourceCommentsTest {
    private static final Pattern CONSTANT = Pattern.compile(
            "(?:private |public )?static final (?:double|int|long|float)(?:\\[])? +([A-Z][A-Z_0-9]*)\\b.*");
    private static final Pattern SOURCE =
            Pattern.compile("\\bours\\b|common practice|by definition|from memory|handbook|table"
                    + "|[Ss]ource|as above|see Air|\\b(?:ISO|IEC|ITU|EBU|ANSI|AES|IEEE|SI|HTML)\\b");

    private static final Pattern METHOD = Pattern.compile(
            "public (?:static |abstract |final |synchronized |<[^>]+> )*[\\w<>\\[\\], .?]+? (\\w+)\\(.*");

    private static List<Path> sources() throws IOException {
        try (Stream<Path> tree = Files.walk(Path.of("src/main/java"))) {
            return tree.filter(p -> p.toString().endsWith(".java")).toList();
        }
    }

    @Test
    void everyPublicMethodSaysWhatItGives() throws IOException {
        List<String> bare = new ArrayList<>();
        int all = 0;
        for (Path source : sources()) {
            List<String> lines = Files.readAllLines(source);
            for (int i = 1; i < lines.size(); i++) {
                Matcher method = METHOD.matcher(lines.get(i).strip());
                if (!method.matches() || method.group().matches(".*\\b(record|class|enum) .*")) {
                    continue;
                }
                all++;
                int above = i - 1;
                boolean overrides = false;
                while (lines.get(above).strip().startsWith("@")) {
                    overrides |= lines.get(above).contains("@Override");
                    above--;
                }
                if (!overrides && !lines.get(above).strip().endsWith("*/")) {
                    bare.add(source.getFileName() + ": " + method.group(1));
                }
            }
        }
        assertThat(all).as("guard: they are found").isGreaterThan(500);
        assertThat(bare).isEmpty();
    }

    @Test
    void everyConstantSaysWhereItComesFrom() throws IOException {
        List<String> bare = new ArrayList<>();
        int all = 0;
        for (Path source : sources()) {
            List<String> lines = Files.readAllLines(source);
            for (int i = 1; i < lines.size(); i++) {
                Matcher constant = CONSTANT.matcher(lines.get(i).strip());
                if (constant.matches()) {
                    all++;
                    if (!SOURCE.matcher(comment(lines, i)).find()) {
                        bare.add(source.getFileName() + ": " + constant.group(1));
                    }
                }
            }
        }
        assertThat(all).as("guard: they are found").isGreaterThan(500);
        assertThat(bare).isEmpty();
    }

    /** The comment that ends right above a line; empty for none. */
    private static String comment(List<String> lines, int at) {
        StringBuilder comment = new StringBuilder();
        for (int i = at - 1; i >= 0; i--) {
            String line = lines.get(i).strip();
            if (!line.startsWith("/*") && !line.startsWith("*") && !line.startsWith("//")) {
                break;
            }
            comment.insert(0, line + " ");
            if (line.startsWith("/*")) {
                break;
            }
        }
        return comment.toString();
    }
}
