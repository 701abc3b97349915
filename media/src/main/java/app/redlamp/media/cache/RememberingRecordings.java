package app.redlamp.media.cache;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Measures recordings and remembers what was measured, in the user's own place for what can be made again. Nothing of it lies
 * in a production: figures that came with a folder from somebody else are never shown as measured here.
 */
public final class RememberingRecordings implements Recordings {
    private static final double HASHING = 0.1;

    private final Recordings measuring;
    private final ReportCache cache;

    /** @param caches the user's place for what can be made again; reports are kept in a private folder of their own in it */
    public RememberingRecordings(Recordings measuring, Path caches) {
        this.measuring = measuring;
        cache = new ReportCache(caches);
    }

    @Override
    public Report measure(Path file, Progress progress) throws IOException {
        if (!Files.isRegularFile(file) || !Files.isReadable(file)) {
            return measuring.measure(file, progress);
        }
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
}
