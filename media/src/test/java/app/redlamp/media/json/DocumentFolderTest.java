package app.redlamp.media.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.port.Settings;
import app.redlamp.media.library.SettingsFile;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DocumentFolderTest {
    @TempDir
    Path library;

    private DocumentFolder folder() {
        return new DocumentFolder(library, "things");
    }

    private static ObjectNode thing(String text) {
        return new ObjectMapper().createObjectNode().put("name", text);
    }

    private static List<String> names(DocumentFolder folder, Map<String, String> faults) {
        return folder.all(d -> d.text("name"), faults);
    }

    @Test
    void noLinkIsWrittenThroughOrDeletedBehind() throws IOException {
        Path take = Files.writeString(library.resolve("my only take.wav"), "sound");
        Path things = Files.createDirectory(library.resolve("things"));
        Files.createSymbolicLink(things.resolve("a.json"), take);
        assertThatThrownBy(() -> folder().write("a", thing("A"))).hasMessageContaining("is a link");
        assertThatThrownBy(() -> folder().forget("a")).hasMessageContaining("is a link");
        assertThat(take).hasContent("sound");
        Files.delete(things.resolve("a.json"));
        Files.delete(things);
        Path elsewhere = Files.createDirectory(library.resolve("elsewhere"));
        Files.createSymbolicLink(things, elsewhere);
        assertThatThrownBy(() -> folder().write("a", thing("A"))).hasMessageContaining("is a link");
        assertThat(elsewhere).isEmptyDirectory();
    }

    /** What could not be read again is refused before it is written. */
    @Test
    void whatCouldNotBeReadAgainIsNotWritten() throws IOException {
        assertThatThrownBy(() -> folder().write("a", thing("x".repeat(1 << 20))))
                .hasMessageContaining("larger than the 1 MB that can be read again");
        for (int i = 0; i < 500; i++) {
            folder().write("thing-" + i, thing("T" + i));
        }
        assertThatThrownBy(() -> folder().write("one-more", thing("M")))
                .hasMessageContaining("holds 500 documents")
                .hasMessageContaining("move some of them away");
        folder().write("thing-7", thing("changed"));
        Map<String, String> faults = new LinkedHashMap<>();
        assertThat(names(folder(), faults)).hasSize(500).contains("changed");
        assertThat(faults).isEmpty();
        Files.writeString(library.resolve("things/zz.json"), "{\"name\": \"Z\"}");
        names(folder(), faults);
        assertThat(faults.values()).singleElement().asString().contains("the rest is not read");
    }

    private interface Writing {
        void run(int times) throws IOException;
    }

    private static void both(Writing one, Writing other) throws InterruptedException, ExecutionException {
        ExecutorService threads = Executors.newFixedThreadPool(2);
        List<Future<?>> all = new ArrayList<>();
        for (Writing writing : List.of(one, other)) {
            all.add(threads.submit(() -> {
                for (int i = 0; i < 150; i++) {
                    writing.run(i);
                }
                return true;
            }));
        }
        for (Future<?> each : all) {
            each.get();
        }
        threads.shutdown();
    }

    /** Two windows write the same document and the same settings: neither is refused, and nobody ever reads half of one. */
    @Test
    void twoWindowsNeitherRefuseNorTearEachOthersWrites() throws InterruptedException, ExecutionException {
        both(i -> folder().write("a", thing("x".repeat(i * 50))), i -> {
            folder().write("a", thing("y".repeat(i * 50)));
            Map<String, String> faults = new LinkedHashMap<>();
            assertThat(names(folder(), faults)).hasSize(1);
            assertThat(faults).isEmpty();
        });
        Path file = library.resolve("settings.json");
        Settings.Values own = Settings.Values.DEFAULT.withScale(120);
        both(i -> new SettingsFile(file).save(own.opened("/productions/" + i)), i -> {
            new SettingsFile(file).save(own.withTheme("daylight"));
            assertThat(new SettingsFile(file).load().scalePercent()).isEqualTo(120);
        });
    }
}
