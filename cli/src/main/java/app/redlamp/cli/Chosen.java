package app.redlamp.cli;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.port.Specifications;
import java.util.stream.Collectors;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The option {@code --spec}, and the library that it is looked up in. */
final class Chosen {
    @Option(
            names = "--spec",
            required = true,
            paramLabel = "ID",
            description = "Delivery specification; 'specs' lists them.")
    private String id;

    @Mixin
    private Library library;

    /** @throws IllegalArgumentException where there is none of that name; says which there are, and which are broken */
    Specification specification() {
        Specifications specifications = library.specifications();
        return specifications
                .byId(id)
                .orElseThrow(() -> new IllegalArgumentException(Faults.say(
                        "chosen.there-is-no",
                        id,
                        specifications.all().stream().map(Specification::id).collect(Collectors.joining(", ")),
                        specifications.faults().stream().map(f -> "; " + f).collect(Collectors.joining()))));
    }
}
