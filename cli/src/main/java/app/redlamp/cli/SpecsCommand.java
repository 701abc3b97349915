package app.redlamp.cli;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.port.Specifications;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code specs}: the specifications that can be checked. */
@Command(name = "specs", description = "Lists the delivery specifications.", mixinStandardHelpOptions = true)
final class SpecsCommand implements Callable<Integer> {
    private final Console console;

    @Mixin
    private Library library;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @Option(
            names = "--copy",
            paramLabel = "ID",
            description = "Copies a specification into your library, to be edited there; needs --as.")
    private String copied;

    @Option(names = "--as", paramLabel = "ID", description = "Id of the copy.")
    private String copyId;

    SpecsCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() throws IOException {
        Specifications specifications = library.specifications();
        if (copied != null) {
            return copy(specifications);
        }
        if (json) {
            console.out()
                    .println(Json.text(Map.of(
                            "specs",
                            specifications.all().stream()
                                    .map(SpecsCommand::entry)
                                    .toList())));
        } else {
            specifications
                    .all()
                    .forEach(s -> console.out().printf("%-18s %s%n%-18s %s%n", s.id(), s.name(), "", s.source()));
        }
        specifications.faults().forEach(console::error);
        return specifications.faults().isEmpty() ? Console.OK : Console.CANNOT;
    }

    private int copy(Specifications specifications) throws IOException {
        Specification original = specifications
                .byId(copied)
                .orElseThrow(() -> new IllegalArgumentException(Faults.say("specs-command.there-is-no", copied)));
        if (copyId == null || specifications.byId(copyId).isPresent()) {
            throw new IllegalArgumentException(Faults.say("specs-command.needs-id-that"));
        }
        specifications.save(original.as(copyId, original.name() + " (" + copyId + ")"));
        console.line("copied to " + library.folder().resolve("specifications").resolve(copyId + ".json"));
        return Console.OK;
    }

    private static Map<String, Object> entry(Specification s) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", s.id());
        entry.put("name", s.name());
        entry.put("source", s.source());
        entry.put("loudnessUnit", s.loudness().map(l -> l.measure().unit()).orElse(null));
        entry.put(
                "loudnessLow",
                s.loudness().map(l -> Json.number(l.limits().low())).orElse(null));
        entry.put(
                "loudnessHigh",
                s.loudness().map(l -> Json.number(l.limits().high())).orElse(null));
        entry.put("peakUnit", s.peak().measure().unit());
        entry.put("peakLow", Json.number(s.peak().lowest()));
        entry.put("peakHigh", s.peak().highest());
        entry.put("noiseFloorHighDbfs", Json.number(s.noiseFloorDbfs()));
        entry.put("coding", s.format().coding().extension());
        entry.put("sampleRateHz", s.format().sampleRateHz());
        return entry;
    }
}
