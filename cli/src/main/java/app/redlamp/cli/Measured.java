package app.redlamp.cli;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * A file with its report, or with the one line that says why there is none.
 *
 * @param name as it was given; some are no names of files in this session's character set
 */
record Measured(String name, Optional<Report> report, String error) {

    private static final String NOT_A_NAME = Faults.say("measured.is-name-that");

    /** Measures files side by side; the result is in the order given, and nothing that one of them does ends another. */
    static List<Measured> all(List<String> names, Recordings recordings) {
        return SideBySide.run(names, name -> of(name, recordings));
    }

    private static Measured of(String name, Recordings recordings) {
        try {
            return new Measured(name, Optional.of(recordings.measure(Path.of(name), Progress.NONE)), "");
        } catch (InvalidPathException e) {
            return new Measured(name, Optional.empty(), NOT_A_NAME);
        } catch (IOException | RuntimeException | OutOfMemoryError | StackOverflowError e) {
            return new Measured(name, Optional.empty(), Reason.whole(e));
        }
    }

    /** Where it was measured, it is a path. */
    Path file() {
        return Path.of(name);
    }

    /** Prints the errors of those that could not be measured. */
    static void printErrors(List<Measured> all, Console console) {
        all.stream().filter(m -> m.report().isEmpty()).forEach(m -> console.error(m.name() + ": " + m.error()));
    }
}
