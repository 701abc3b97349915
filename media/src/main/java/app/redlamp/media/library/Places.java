package app.redlamp.media.library;

import java.nio.file.Path;
import net.harawata.appdirs.AppDirs;
import net.harawata.appdirs.AppDirsFactory;

/** Where the platform wants an application's own files. */
public final class Places {
    private static final String NAME = "redlamp";

    private Places() {}

    /** Files that can be made again at any time. */
    public static Path cache() {
        return Path.of(dirs().getUserCacheDir(NAME, null, NAME));
    }

    /** The demo, which is built afresh at every start. */
    public static Path demo() {
        return cache().resolve("demo");
    }

    /** The library: specifications and whatever else serves several productions. */
    public static Path library() {
        return Path.of(dirs().getUserDataDir(NAME, null, NAME));
    }

    /** Settings. */
    public static Path settings() {
        return Path.of(dirs().getUserConfigDir(NAME, null, NAME));
    }

    private static AppDirs dirs() {
        return AppDirsFactory.getInstance();
    }
}
