package app.redlamp.media.disk;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.media.Processes;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ScratchTest {
    @TempDir
    Path cache;

    /** Begins, leaves temporary files of every sort, says so, and waits to be ended. */
    static final class Leaving {
        public static void main(String[] arguments) throws IOException {
            Scratch.begin(Path.of(arguments[0]));
            Files.createTempFile("dry-", ".flac");
            File.createTempFile("+JXF", ".tmp");
            Files.createDirectories(Files.createTempDirectory("pages-").resolve("deeper"));
            System.out.println("ready");
            if (arguments.length > 1) {
                System.in.read();
            }
        }
    }

    private List<Path> left() throws IOException {
        try (Stream<Path> all = Files.list(cache.resolve("scratch"))) {
            return all.toList();
        }
    }

    @Test
    void goesWithItsProcess() throws IOException, InterruptedException {
        Process process = Processes.start(Leaving.class, cache.toString());
        assertThat(process.waitFor()).isZero();
        assertThat(left()).isEmpty();
    }

    /** What a kill leaves is taken away by the next process that starts, and nothing of one that still runs. */
    @Test
    void whatAKillLeftIsTakenAwayByTheNext() throws IOException, InterruptedException {
        Process running = Processes.start(Leaving.class, cache.toString(), "stay");
        Processes.await(running, "ready");
        Process killed = Processes.start(Leaving.class, cache.toString(), "stay");
        Processes.await(killed, "ready");
        Processes.kill(killed);
        assertThat(left()).hasSize(2);
        Files.createDirectory(cache.resolve("scratch/mine"));
        Process next = Processes.start(Leaving.class, cache.toString());
        assertThat(next.waitFor()).isZero();
        assertThat(left()).as("that of the one that runs, and what is not ours").hasSize(2);
        Processes.kill(running);
    }

    @Test
    void linksInItAreRemovedAndNotFollowed() throws IOException {
        Path theirs = Files.createDirectory(cache.resolve("theirs"));
        Files.createFile(theirs.resolve("take.wav"));
        Path scratch = Files.createDirectories(cache.resolve("scratch/now-1"));
        Files.createSymbolicLink(scratch.resolve("link"), theirs);
        Files.createFile(scratch.resolve(".in-use"));
        Scratch.sweep(cache.resolve("scratch"));
        assertThat(scratch).doesNotExist();
        assertThat(theirs.resolve("take.wav")).exists();
    }
}
