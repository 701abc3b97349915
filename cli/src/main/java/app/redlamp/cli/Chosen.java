package app.redlamp.cli;

import app.redlamp.core.port.Specifications;
import app.redlamp.core.spec.Specification;
import java.util.stream.Collectors;
import picocli.CommandLine.Option;

/** The option {@code --spec}. */
final class Chosen {
    @Option(
            names = "--spec",
            required = true,
            paramLabel = "ID",
            description = "Delivery specification; 'specs' lists them.")
    private String id;

    /** @throws IllegalArgumentException where there is none of that name; says which there are */
    Specification from(Specifications specifications) {
        return specifications
                .byId(id)
                .orElseThrow(() -> new IllegalArgumentException("there is no specification '" + id + "'; there are "
                        + specifications.all().stream().map(Specification::id).collect(Collectors.joining(", "))));
    }
}
