package app.redlamp.media.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PrivateFolderTest {
    @TempDir
    Path home;

    private static String permissions(Path folder) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(folder));
    }

    @Test
    void isMadeForTheUserAlone() throws IOException {
        Path folder = PrivateFolder.in(home.resolve("cache/redlamp"), "codecs");
        assertThat(permissions(folder)).isEqualTo("rwx------");
        assertThat(PrivateFolder.in(home.resolve("cache/redlamp"), "codecs")).isEqualTo(folder);
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void isClosedWhereItWasOpen() throws IOException {
        Path open = Files.createDirectories(home.resolve("codecs"));
        Files.setPosixFilePermissions(open, PosixFilePermissions.fromString("rwxrwxrwx"));
        assertThat(permissions(PrivateFolder.in(home, "codecs"))).isEqualTo("rwx------");
    }

    /** What lies in a folder to which others could write may be theirs: it is not loaded. */
    @Test
    void whatWasLaidThereWhileItWasOpenIsThrownAway() throws IOException {
        Path open = Files.createDirectories(home.resolve("codecs"));
        Path outside = Files.writeString(home.resolve("outside.txt"), "stays");
        Files.createDirectories(open.resolve("deep/er"));
        Files.writeString(open.resolve("deep/er/planted.so"), "planted");
        Files.createSymbolicLink(open.resolve("link.so"), outside);
        Files.setPosixFilePermissions(open, PosixFilePermissions.fromString("rwxrwx---"));
        assertThat(PrivateFolder.in(home, "codecs")).isEmptyDirectory();
        assertThat(outside).hasContent("stays");
        Files.writeString(open.resolve("ours.so"), "unpacked");
        assertThat(PrivateFolder.in(home, "codecs").resolve("ours.so")).exists();
    }

    /** Further above too nobody else may write, but for places such as the system's for temporary files. */
    @Test
    void aPlaceBelowOneThatEverybodyMayWriteToIsRefused() throws IOException {
        Path everybodys = Files.createDirectories(home.resolve("open/home/cache"));
        Files.setAttribute(home.resolve("open"), "unix:mode", 040777);
        assertThatThrownBy(() -> PrivateFolder.in(everybodys, "codecs")).hasMessageContaining("everybody may write to");
        Files.setAttribute(home.resolve("open"), "unix:mode", 041777);
        assertThat(PrivateFolder.in(everybodys, "codecs")).isEmptyDirectory();
    }

    @Test
    void aLinkIsRefused() throws IOException {
        Path theirs = Files.createDirectory(home.resolve("theirs"));
        Files.createSymbolicLink(home.resolve("codecs"), theirs);
        assertThatThrownBy(() -> PrivateFolder.in(home, "codecs")).hasMessageContaining("is a link");
    }

    /** Whoever may write to the folder above could lay another one in its place: where it is the user's own it is closed. */
    @Test
    void aPlaceOfTheUsersThatOthersMayWriteToIsClosedToThem() throws IOException {
        Path shared = Files.createDirectory(home.resolve("redlamp"));
        Files.setPosixFilePermissions(shared, PosixFilePermissions.fromString("rwxrwxr-x"));
        PrivateFolder.in(shared, "codecs");
        assertThat(permissions(shared)).isEqualTo("rwxr-xr-x");
    }

    /** The same of a folder above that belongs to somebody else. */
    @Test
    void aPlaceOfSomebodyElsesIsRefused() throws IOException {
        Path theirs = Files.createDirectory(home.resolve("redlamp"));
        Files.setPosixFilePermissions(theirs, PosixFilePermissions.fromString("rwxrwxrwx"));
        if (Owners.given(theirs, 12_345)) {
            assertThatThrownBy(() -> PrivateFolder.in(theirs, "codecs"))
                    .hasMessageContaining("belongs to somebody else");
        }
        assertThat(theirs).isEmptyDirectory();
    }

    /** What belongs to somebody else is refused; only an administrator can make such a folder for the test. */
    @Test
    void whatBelongsToSomebodyElseIsRefused() throws IOException {
        Path theirs = Files.createDirectory(home.resolve("codecs"));
        if (!Owners.given(theirs, 12_345)) {
            assertThat(permissions(theirs)).isNotNull();
            return;
        }
        assertThatThrownBy(() -> PrivateFolder.in(home, "codecs")).hasMessageContaining("belongs to somebody else");
    }

    /** Without a cache of one's own another place is taken, new each time. */
    @Test
    void whereTheCacheCannotBeHadItIsANewOneEachTime() throws IOException {
        Path blocked = Files.createFile(home.resolve("blocked"));
        Path one = PrivateFolder.of(blocked, "codecs");
        Path other = PrivateFolder.of(blocked, "codecs");
        try {
            assertThat(one).isNotEqualTo(other);
            assertThat(permissions(one)).isEqualTo("rwx------");
        } finally {
            Files.delete(one);
            Files.delete(other);
        }
    }
}
