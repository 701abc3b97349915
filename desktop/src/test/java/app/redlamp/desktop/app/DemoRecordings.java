package app.redlamp.desktop.app;

import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The demo's recordings, made once for all tests of a process and copied for each: making them takes seconds. */
final class DemoRecordings {
    private DemoRecordings() {}

    /** Made when the first test wants them, and removed with the process. */
    private static final class Made {
        static final List<Path> ALL = make();

        private static List<Path> make() {
            try (DemoProduction production = DemoProduction.in(passing("redlamp-demo-"))) {
                return production.recordings();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** A folder that is removed with the process. */
    static Path passing(String prefix) {
        try {
            Path folder = Files.createTempDirectory(prefix);
            Runtime.getRuntime().addShutdownHook(new Thread(() -> remove(folder)));
            return folder;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The recordings of a demo in a folder. */
    static List<Path> in(Path folder) throws IOException {
        try (DemoProduction production = DemoProduction.in(folder)) {
            Path raw = Files.createDirectories(production.folder().resolve("raw"));
            for (Path made : Made.ALL) {
                Files.copy(made, raw.resolve(made.getFileName()));
            }
            return production.recordings();
        }
    }

    private static void remove(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            all.sorted((a, b) -> b.compareTo(a)).forEach(p -> p.toFile().delete());
        } catch (IOException e) {
            // The system clears its own temporary folder.
        }
    }
}
