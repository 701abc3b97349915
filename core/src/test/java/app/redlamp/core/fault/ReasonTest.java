package app.redlamp.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReasonTest {

    @Test
    void saysInPlainWordsWhatTheSystemSays() {
        assertThat(Reason.of(new FileSystemException("/x/y", null, "No space left on device")))
                .isEqualTo("the disk is full");
        assertThat(Reason.of(new IOException("No space left on device"))).isEqualTo("the disk is full");
        assertThat(Reason.of(new FileSystemException("/x", null, "Read-only file system")))
                .isEqualTo("the disk is write-protected");
        assertThat(Reason.of(new FileSystemException("/x", null, "Input/output error")))
                .isEqualTo("the disk reports an error");
        assertThat(Reason.of(new NoSuchFileException("/x"))).isEqualTo("it is not there");
        assertThat(Reason.of(new AccessDeniedException("/x"))).isEqualTo("it may not be used by you");
        assertThat(Reason.of(new MalformedInputException(1))).isEqualTo("its text is damaged");
        assertThat(Reason.of(new IOException((String) null))).isEqualTo("the system gives no reason");
    }

    /** A path alone, the name of a class or the words of the system are not left to read. */
    @Test
    void aWholeLineSaysTheFileWhatIsWrongAndWhatToDo() {
        List<Throwable> faults = List.of(
                new AccessDeniedException("/lib"),
                new NoSuchFileException("/lib"),
                new IOException("No space left on device"),
                new IOException((String) null),
                new NullPointerException("x.y is null"),
                new OutOfMemoryError("Java heap space"),
                new InvalidPathException("B\uFFFDcher", "unmappable"));
        for (Throwable fault : faults) {
            assertThat(Reason.whole(fault))
                    .contains(";")
                    .hasSizeGreaterThan(30)
                    .doesNotContain("\n")
                    .doesNotContain("java.")
                    .doesNotContain("heap")
                    .doesNotContain("device");
        }
        assertThat(Reason.whole(new AccessDeniedException("/lib"))).startsWith("/lib: ");
        assertThat(Reason.whole(new IOException("a.wav is cut off; copy it again")))
                .isEqualTo("a.wav is cut off; copy it again");
    }

    @Test
    void valuesOfOthersAreNotEchoedWhole() {
        assertThat(Reason.shown("x".repeat(100_000))).hasSize(61).endsWith("…");
        assertThat(Reason.shown("a\u001b[31mb\n")).isEqualTo("a [31mb ");
        assertThat(Reason.line("y".repeat(100_000))).hasSizeLessThan(500);
    }
}
