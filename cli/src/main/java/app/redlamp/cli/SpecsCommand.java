package app.redlamp.cli;

import app.redlamp.core.port.Specifications;
import app.redlamp.core.spec.Specification;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** {@code specs}: the specifications that can be checked. */
@Command(name = "specs", description = "Lists the delivery specifications.", mixinStandardHelpOptions = true)
final class SpecsCommand implements Callable<Integer> {
    private final Console console;
    private final Specifications specifications;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    SpecsCommand(Console console, Specifications specifications) {
        this.console = console;
        this.specifications = specifications;
    }

    @Override
    public Integer call() {
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
        return Console.OK;
    }

    private static Map<String, Object> entry(Specification s) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("id", s.id());
        entry.put("name", s.name());
        entry.put("source", s.source());
        entry.put("loudnessUnit", s.loudness().measure().unit());
        entry.put("loudnessLow", Json.number(s.loudness().limits().low()));
        entry.put("loudnessHigh", Json.number(s.loudness().limits().high()));
        entry.put("peakUnit", s.peak().measure().unit());
        entry.put("peakHigh", s.peak().highest());
        entry.put("noiseFloorHighDbfs", Json.number(s.noiseFloorDbfs()));
        entry.put("coding", s.format().coding().extension());
        entry.put("sampleRateHz", s.format().sampleRateHz());
        return entry;
    }
}
