package app.redlamp.media.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AtomicFileTest {
    private static final byte[] BEFORE = "before".getBytes(StandardCharsets.UTF_8);
    private static final byte[] AFTER = "a good deal more than before".getBytes(StandardCharsets.UTF_8);

    @TempDir
    Path folder;

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    /** Whichever step fails: the file is the one before or the one after, and nothing else is left. */
    @Test
    void whicheverStepFailsTheFileIsWhole() throws IOException {
        FaultyDisk counting = FaultyDisk.counting();
        AtomicFile.write(counting, folder.resolve("a"), AFTER);
        assertThat(counting.steps()).containsExactly("create", "write", "sync", "replace", "syncFolder");
        for (int step = 0; step < counting.steps().size(); step++) {
            Path file = Files.write(folder.resolve("a"), BEFORE);
            FaultyDisk disk = FaultyDisk.failing(step, "No space left on device");
            assertThatThrownBy(() -> AtomicFile.write(disk, file, AFTER)).isInstanceOf(IOException.class);
            assertThat(Files.readAllBytes(file)).isIn(BEFORE, AFTER);
            assertThat(names()).containsExactly("a");
        }
    }

    /** After a kill a passing file may be left; it is told from everything else and swept up. */
    @Test
    void afterAKillTheFileIsWholeAndTheRestIsSwept() throws IOException {
        for (int step = 0; step < 5; step++) {
            Path file = Files.write(folder.resolve("a"), BEFORE);
            FaultyDisk disk = FaultyDisk.deadFrom(step);
            assertThatThrownBy(() -> AtomicFile.write(disk, file, AFTER)).isInstanceOf(IOException.class);
            assertThat(Files.readAllBytes(file)).isIn(BEFORE, AFTER);
            PassingName.sweep(folder, true);
            assertThat(names()).containsExactly("a");
        }
    }

    @Test
    void aLinkOfTheFilesNameIsReplacedAndNotFollowed() throws IOException {
        Path theirs = Files.write(folder.resolve("theirs.wav"), BEFORE);
        Path link = Files.createSymbolicLink(folder.resolve("a"), theirs);
        AtomicFile.write(link, AFTER);
        assertThat(theirs).hasBinaryContent(BEFORE);
        assertThat(link).hasBinaryContent(AFTER);
        assertThat(Files.isSymbolicLink(link)).isFalse();
    }

    /** What old programs laid under a fixed passing name, or somebody put there, is not touched. */
    @Test
    void noPassingNameCanBeForeseen() throws IOException {
        Path theirs = Files.write(folder.resolve("theirs.wav"), BEFORE);
        Files.createSymbolicLink(folder.resolve("a.part"), theirs);
        AtomicFile.write(folder.resolve("a"), AFTER);
        assertThat(theirs).hasBinaryContent(BEFORE);
        Path passing = PassingName.beside(folder.resolve("a"));
        assertThat(passing).isNotEqualTo(PassingName.beside(folder.resolve("a")));
        assertThat(passing.getParent()).isEqualTo(folder.toAbsolutePath());
    }

    @Test
    void onlyWhatIsOursAndOldIsSweptWhileOthersMayWrite() throws IOException {
        FileTime old = FileTime.from(Instant.now().minus(Duration.ofHours(1)));
        String ours = ".redlamp-" + new UUID(1, 1) + ".part";
        String young = ".redlamp-" + new UUID(2, 2) + ".part";
        Path linked = Files.write(folder.resolve("linked"), BEFORE);
        for (String name : List.of(ours, ".redlamp-poem.part", "redlamp-" + new UUID(3, 3) + ".part", "notes.part")) {
            Files.setLastModifiedTime(Files.write(folder.resolve(name), BEFORE), old);
        }
        Files.write(folder.resolve(young), BEFORE);
        Files.createSymbolicLink(folder.resolve(".redlamp-" + new UUID(4, 4) + ".part"), linked);
        PassingName.sweep(folder, false);
        assertThat(names()).hasSize(6).doesNotContain(ours).contains(young, "linked", "notes.part");
    }
}
