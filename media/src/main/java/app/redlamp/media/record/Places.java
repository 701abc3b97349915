package app.redlamp.media.record;

import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.taking.raw.TakeNames;
import app.redlamp.media.disk.GuardedFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where takes of a production are written: its own folder, and the second place. */
final class Places {
    private Places() {}

    /** The folder of raw takes, made where it is missing. */
    static Path raw(Path production) throws IOException {
        return new GuardedFolder(production).folder(TakeFinder.RAW);
    }

    /** The same in the second place, which has a folder for each production. */
    static Path raw(Path production, Path backup) throws IOException {
        return new GuardedFolder(backup).folder(production.getFileName().toString(), TakeFinder.RAW);
    }

    /** All places in the order in which they are tried. */
    static List<Place> all(Path production, Optional<Path> backup) {
        List<Place> all = new ArrayList<>();
        all.add(() -> raw(production));
        backup.ifPresent(b -> all.add(() -> raw(production, b)));
        return all;
    }

    /** A folder that may come and go. */
    interface Place {
        /** @throws IOException where it is not there and cannot be made */
        Path folder() throws IOException;
    }

    /** The name of the next take in a folder. */
    static String next(Path folder, String stem) throws IOException {
        List<String> taken = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            files.forEach(f -> taken.add(
                    TakeJournal.isOne(f)
                            ? TakeJournal.takeOf(f)
                            : f.getFileName().toString()));
        }
        return TakeNames.next(stem, taken);
    }
}
