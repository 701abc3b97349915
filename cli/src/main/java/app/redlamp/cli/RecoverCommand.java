package app.redlamp.cli;

import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Recovered;
import app.redlamp.words.TakeWording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code recover}: gets back what a kill or a power cut has left of takes. */
@Command(
        name = "recover",
        description = "Gets back what a kill or a power cut has left of takes.",
        mixinStandardHelpOptions = true)
final class RecoverCommand implements Callable<Integer> {
    private final Console console;
    private final Productions productions;
    private final TakeRecording recording;

    @Parameters(paramLabel = "DIR", description = "Folder of a production.")
    private Path folder;

    @Option(names = "--backup", paramLabel = "DIR", description = "The second place that it was recorded with.")
    private Path backup;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    RecoverCommand(Console console, Productions productions, TakeRecording recording) {
        this.console = console;
        this.productions = productions;
        this.recording = recording;
    }

    @Override
    public Integer call() throws IOException {
        TakeCommand takes = new TakeCommand(productions, recording, folder);
        Recovered recovered;
        try (Productions.Held held = takes.open()) {
            recovered = recording.recover(held.folder(), Optional.ofNullable(backup), Progress.NONE);
            takes.keep(held, recovered.takes());
        }
        List<Kept> kept = recovered.takes();
        recovered.faults().forEach(console::error);
        kept.forEach(k -> k.fault().ifPresent(console::error));
        if (json) {
            console.out()
                    .println(Json.text(
                            Map.of("recovered", kept.stream().map(takes::json).toList())));
        } else {
            TakeWording wording = new TakeWording(console.locale());
            kept.forEach(k -> console.line(takes.shown(k) + ": "
                    + wording.length(k.take().lengthS(), k.take().lostFrames())));
            if (kept.isEmpty() && recovered.faults().isEmpty()) {
                console.line(wording.nothingToRecover());
            }
        }
        boolean well = recovered.faults().isEmpty()
                && kept.stream().allMatch(k -> k.fault().isEmpty());
        return well ? Console.OK : Console.FAILS;
    }
}
