package app.redlamp.cli;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** A file with its report, or with the one line that says why there is none. */
record Measured(Path file, Optional<Report> report, String error) {

    /** Measures files side by side; the result is in the order given. */
    static List<Measured> all(List<Path> files, Recordings recordings) {
        return SideBySide.run(files, file -> of(file, recordings));
    }

    private static Measured of(Path file, Recordings recordings) {
        try {
            return new Measured(file, Optional.of(recordings.measure(file, Progress.NONE)), "");
        } catch (IOException e) {
            return new Measured(file, Optional.empty(), String.valueOf(e.getMessage()));
        }
    }

    /** Prints the errors of those that could not be measured. */
    static void printErrors(List<Measured> all, Console console) {
        all.stream().filter(m -> m.report().isEmpty()).forEach(m -> console.error(m.file() + ": " + m.error()));
    }
}
