package app.redlamp.cli;

import app.redlamp.core.port.Specifications;
import app.redlamp.media.library.Places;
import app.redlamp.media.library.SpecificationLibrary;
import java.nio.file.Path;
import picocli.CommandLine.Option;

/** The option {@code --library}. */
final class Library {
    @Option(
            names = "--library",
            paramLabel = "DIR",
            description = "Folder of the library with what is your own; the platform's usual place if left out.")
    private Path folder;

    Specifications specifications() {
        return new SpecificationLibrary(folder());
    }

    Path folder() {
        return folder == null ? Places.library() : folder;
    }
}
