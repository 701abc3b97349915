package app.redlamp.cli;

import app.redlamp.core.acoustics.decay.BandDecay;
import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.port.Listening;
import app.redlamp.core.port.Progress;
import app.redlamp.words.ClapWording;
import app.redlamp.words.Lengths;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code decay}: what a recorded clap tells of a room. */
@Command(name = "decay", description = "Measures a room from a recorded clap.", mixinStandardHelpOptions = true)
final class DecayCommand implements Callable<Integer> {
    private final Console console;
    private final Listening listening;

    @Parameters(paramLabel = "CLAP", description = "Recording of a clap or a bursting balloon.")
    private Path file;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    DecayCommand(Console console, Listening listening) {
        this.console = console;
        this.listening = listening;
    }

    @Override
    public Integer call() throws IOException {
        Clap clap;
        try {
            clap = listening.clap(file, Progress.NONE);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", file, e.getMessage()), e);
        }
        if (json) {
            console.out().println(Json.text(json(clap)));
        } else {
            print(clap);
        }
        return Console.OK;
    }

    private void print(Clap clap) {
        ClapWording wording =
                new ClapWording(console.locale(), new Lengths(console.locale(), Lengths.imperialIn(console.locale())));
        console.line(file.toString());
        console.line(wording.verdict(clap));
        for (int b = 0; b < SixBands.COUNT; b++) {
            console.line("  " + wording.band(b, clap.bands().get(b)));
        }
        wording.notes(clap, Air.USUAL.speedMps()).forEach(n -> console.line("  " + n));
    }

    private static Map<String, Object> json(Clap clap) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("claps", clap.burst().count());
        json.put("used", clap.burst().number());
        json.put("clipped", clap.burst().clipped());
        json.put("overNoiseDb", clap.burst().overNoiseDb());
        List<Map<String, Object>> bands = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            BandDecay decay = clap.bands().get(b);
            Map<String, Object> band = new LinkedHashMap<>();
            band.put("hz", SixBands.centreHz(b));
            band.put("edtS", orNull(decay.edt()));
            band.put("t20S", orNull(decay.t20()));
            band.put("t30S", orNull(decay.t30()));
            band.put("edtTrust", name(decay.edtTrust()));
            band.put("t20Trust", name(decay.t20Trust()));
            band.put("t30Trust", name(decay.t30Trust()));
            band.put("rangeDb", decay.rangeDb());
            band.put("twoSlopes", decay.twoSlopes());
            bands.add(band);
        }
        json.put("bands", bands);
        clap.flutter().ifPresent(f -> {
            Map<String, Object> flutter = new LinkedHashMap<>();
            flutter.put("periodMs", f.periodMs());
            flutter.put("spacingM", f.spacingM(Air.USUAL.speedMps()));
            flutter.put("strength", f.strength());
            json.put("flutter", flutter);
        });
        json.put("echoes", clap.echoes().stream().map(DecayCommand::echo).toList());
        return json;
    }

    private static Map<String, Object> echo(EarlyEcho echo) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("delayMs", echo.delayMs());
        json.put("levelDb", echo.levelDb());
        json.put("pathDifferenceM", echo.pathDifferenceM(Air.USUAL.speedMps()));
        return json;
    }

    private static String name(BandDecay.Trust trust) {
        return trust.name().toLowerCase(Locale.ROOT);
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
