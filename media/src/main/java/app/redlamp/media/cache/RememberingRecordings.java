package app.redlamp.media.cache;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Measures recordings and remembers what was measured: beside the production that a recording belongs to, or, where it
 * belongs to none, in the platform's place for what can be made again.
 */
public final class RememberingRecordings implements Recordings {
    private static final String PRODUCTION = "production.json";
    private static final String FOLDER = ".measured";
    private static final double HASHING = 0.1;

    private final Recordings measuring;
    private final Path elsewhere;

    /** @param elsewhere folder for recordings that belong to no production */
    public RememberingRecordings(Recordings measuring, Path elsewhere) {
        this.measuring = measuring;
        this.elsewhere = elsewhere;
    }

    @Override
    public Report measure(Path file, Progress progress) throws IOException {
        if (!Files.isRegularFile(file) || !Files.isReadable(file)) {
            return measuring.measure(file, progress);
        }
        ReportCache cache = new ReportCache(folder(file));
        String hash = cache.hash(file, progress);
        Optional<Report> known = cache.find(hash);
        if (known.isPresent()) {
            progress.at(1);
            return known.get();
        }
        Report report = measuring.measure(file, progress.part(HASHING, 1));
        if (hash.equals(cache.hash(file, progress))) {
            cache.keep(hash, report);
        }
        return report;
    }

    private Path folder(Path file) {
        for (Path at = file.toAbsolutePath().getParent(); at != null; at = at.getParent()) {
            if (Files.isRegularFile(at.resolve(PRODUCTION))) {
                return at.resolve(FOLDER);
            }
        }
        return elsewhere;
    }
}
