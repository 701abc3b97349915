package app.redlamp.media.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class GuardedFolderTest {
    @TempDir
    Path home;

    private Path root;
    private GuardedFolder guarded;

    @BeforeEach
    void make() throws IOException {
        root = Files.createDirectory(home.resolve("root"));
        guarded = new GuardedFolder(root);
    }

    @Test
    void placesLieInTheFolder() throws IOException {
        assertThat(guarded.place("a.json")).isEqualTo(root.resolve("a.json"));
        assertThat(guarded.folder("script", "old")).isDirectory().isEqualTo(root.resolve("script/old"));
        assertThat(guarded.place("script", "text.txt")).isEqualTo(root.resolve("script/text.txt"));
        Files.createFile(root.resolve("a.json"));
        assertThat(guarded.place("a.json")).exists();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", ".", "..", "../a", "a/b", "/etc/passwd", "a\\b", "a\0b"})
    void noNameLeadsOut(String name) {
        assertThatThrownBy(() -> guarded.place(name))
                .isInstanceOf(GuardedFolder.Refused.class)
                .hasMessageContaining("cannot be the name of a file here");
        assertThatThrownBy(() -> guarded.folder(name)).isInstanceOf(GuardedFolder.Refused.class);
    }

    @Test
    void noLinkIsFollowed() throws IOException {
        Path theirs = Files.createDirectory(home.resolve("theirs"));
        Files.createSymbolicLink(root.resolve("script"), theirs);
        Files.createSymbolicLink(root.resolve("log.jsonl"), theirs.resolve("nowhere"));
        assertThatThrownBy(() -> guarded.place("script", "a.txt"))
                .isInstanceOf(GuardedFolder.Refused.class)
                .hasMessageContaining("'script' in it is a link")
                .hasMessageContaining("remove the link");
        assertThatThrownBy(() -> guarded.folder("script", "deeper")).hasMessageContaining("is a link");
        assertThatThrownBy(() -> guarded.place("log.jsonl")).hasMessageContaining("'log.jsonl' in it is a link");
        assertThat(theirs).isEmptyDirectory();
    }

    @Test
    void whatIsOfAnotherKindIsSaidSo() throws IOException {
        Files.createDirectory(root.resolve("a.json"));
        Files.createFile(root.resolve("script"));
        assertThatThrownBy(() -> guarded.place("a.json")).hasMessageContaining("is not a file");
        assertThatThrownBy(() -> guarded.folder("script")).hasMessageContaining("is not a folder");
        assertThatThrownBy(() -> guarded.place("script", "a")).hasMessageContaining("is not a folder");
    }

    /** The way to the folder is the user's own choice. */
    @Test
    void theFolderItselfMayBeReachedThroughALink() throws IOException {
        Path link = Files.createSymbolicLink(home.resolve("current"), root);
        assertThat(new GuardedFolder(link).folder("raw")).isDirectory();
        assertThat(root.resolve("raw")).isDirectory();
    }
}
