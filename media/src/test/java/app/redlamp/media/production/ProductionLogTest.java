package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProductionLogTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private final ProductionLog log = new ProductionLog(CLOCK);

    private static List<String> lines(Path folder) throws IOException {
        List<String> lines = Files.readAllLines(folder.resolve(ProductionLog.NAME));
        ObjectMapper mapper = new ObjectMapper();
        for (String line : lines) {
            if (!line.startsWith("{\"at\":\"2026-03-02T17")) {
                assertThat(mapper.readTree(line).isObject()).as(line).isTrue();
            }
        }
        return lines;
    }

    @Test
    void linesAreAdded() throws IOException {
        log.append(folder, "created", Map.of("title", "Borrowed\nWeather"));
        log.append(folder, "change", Map.of("what", "client"));
        assertThat(lines(folder))
                .containsExactly(
                        "{\"at\":\"2026-03-02T18:00:00Z\",\"kind\":\"created\",\"title\":\"Borrowed\\nWeather\"}",
                        "{\"at\":\"2026-03-02T18:00:00Z\",\"kind\":\"change\",\"what\":\"client\"}");
    }

    /** A line that a kill cut off stays as it is, and the next one begins on a line of its own. */
    @Test
    void whatWasCutOffIsNotGluedToTheNext() throws IOException {
        Files.writeString(folder.resolve(ProductionLog.NAME), "{\"at\":\"2026-03-02T17:59:00Z\",\"ki");
        log.append(folder, "change", Map.of());
        log.append(folder, "change", Map.of());
        assertThat(lines(folder)).hasSize(3).element(1).asString().endsWith("\"kind\":\"change\"}");
    }

    /** On a full disk no half line is left, and when there is room again the next line stands alone. */
    @Test
    void aFullDiskLeavesNoHalfLine() throws IOException {
        Configuration small = Configuration.unix().toBuilder()
                .setBlockSize(64)
                .setMaxSize(4 * 1024L)
                .build();
        try (FileSystem disk = Jimfs.newFileSystem(small)) {
            Path production = Files.createDirectory(disk.getPath("/production"));
            log.append(production, "created", Map.of("title", "Borrowed Weather"));
            long before = Files.size(production.resolve(ProductionLog.NAME));
            Path big = production.resolve("big");
            Files.write(big, new byte[3_700]);
            assertThatThrownBy(() -> log.append(production, "note", Map.of("text", "rain ".repeat(100))))
                    .isInstanceOf(IOException.class);
            assertThat(Files.size(production.resolve(ProductionLog.NAME))).isEqualTo(before);
            Files.delete(big);
            log.append(production, "change", Map.of("what", "client"));
            assertThat(lines(production)).hasSize(2);
        }
    }
}
