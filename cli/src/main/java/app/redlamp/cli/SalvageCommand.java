package app.redlamp.cli;

import app.redlamp.core.port.Progress;
import app.redlamp.media.wav.Salvage;
import app.redlamp.words.TakeWording;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code salvage}: copies the sound out of half a WAV file, wherever it comes from. */
@Command(
        name = "salvage",
        description =
                "Copies the sound out of a WAV file that was cut off, whatever wrote it. The file stays as it is.",
        mixinStandardHelpOptions = true)
final class SalvageCommand implements Callable<Integer> {
    private final Console console;

    @Parameters(paramLabel = "FILE", description = "What is left of a WAV file.")
    private Path file;

    @Option(
            names = "--out",
            paramLabel = "FILE.wav",
            required = true,
            description = "WAV file that is written; never one that is there already.")
    private Path out;

    @Option(
            names = "--rate",
            paramLabel = "HZ",
            description = "Sample rate, where the header is gone and nothing else says it.")
    private Integer rate;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    SalvageCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() throws IOException {
        if (rate != null && !(rate >= 8000 && rate <= 192_000)) {
            throw new IOException(Faults.say("salvage-command.rate", rate));
        }
        if (!Files.isRegularFile(file)) {
            throw new IOException(Faults.say("salvage-command.not-there", file));
        }
        Salvage.Got got;
        try {
            got = Salvage.of(file, rate == null ? OptionalInt.empty() : OptionalInt.of(rate), out, Progress.NONE);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", file, e.getMessage()), e);
        }
        if (json) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("file", out.toString());
            one.put("seconds", got.seconds());
            one.put("sampleRateHz", got.sampleRateHz());
            one.put("bits", got.bits());
            one.put("channels", got.channels());
            one.put("by", got.by());
            console.out().println(Json.text(Map.of("salvaged", one)));
        } else {
            console.line(out + ": "
                    + new TakeWording(console.locale())
                            .salvaged(got.seconds(), got.sampleRateHz(), got.bits(), got.channels(), got.by()));
        }
        return Console.OK;
    }
}
