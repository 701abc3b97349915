package app.redlamp.desktop.app;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/** Paths that stand in settings or were given by a user: some cannot be names of files in this session's character set. */
final class Given {
    private Given() {}

    /** The path; absent where it cannot be one. */
    static Optional<Path> path(String written) {
        try {
            return Optional.of(Path.of(written));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }
}
