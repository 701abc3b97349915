package app.redlamp.cli;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.core.taking.joins.Assembler;
import app.redlamp.core.taking.joins.JoinFigures;
import app.redlamp.media.record.ChapterFile;
import app.redlamp.media.record.ProductionSounds;
import app.redlamp.words.TakeWording;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code assemble}: puts a chapter together of its takes. */
@Command(
        name = "assemble",
        description = "Puts a chapter together of its takes: what was read again is left out, and joins lie in pauses.",
        mixinStandardHelpOptions = true)
final class AssembleCommand implements Callable<Integer> {
    private final Console console;
    private final Productions productions;

    @Parameters(index = "0", paramLabel = "DIR", description = "Folder of a production.")
    private Path folder;

    @Parameters(index = "1", paramLabel = "CHAPTER", description = "Number of the chapter or cue from 1, or its title.")
    private String chapter;

    @Option(
            names = "--out",
            paramLabel = "FILE.wav",
            required = true,
            description = "WAV file that is written; never one that is there already.")
    private Path out;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    AssembleCommand(Console console, Productions productions) {
        this.console = console;
        this.productions = productions;
    }

    @Override
    public Integer call() throws IOException {
        Productions.Seen seen;
        try {
            seen = productions.look(folder);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", folder, e.getMessage()), e);
        }
        Production production = seen.production();
        String title = title(production);
        Takes known = production.takes().adopting(TakeFinder.raw(production, seen.found()));
        ProductionSounds sounds = new ProductionSounds(folder);
        List<Take> takes = Assembler.used(title, known);
        if (takes.isEmpty()) {
            throw new IOException(Faults.say("assemble-command.no-take", title));
        }
        Assembly before = production.joins().of(title).orElse(Assembly.empty(title));
        Assembly assembly = new Assembler(sounds).with(before, takes);
        ChapterFile.Written written = ChapterFile.write(folder, assembly, out, Progress.NONE);
        List<JoinFigures> joins = new ArrayList<>();
        for (int join = 1; join <= assembly.joins(); join++) {
            joins.add(JoinFigures.of(assembly, join, sounds));
        }
        print(assembly, written, joins);
        return Console.OK;
    }

    private String title(Production production) throws IOException {
        List<String> titles = production.pieces().stream().map(Piece::title).toList();
        if (titles.contains(chapter)) {
            return chapter;
        }
        int number;
        try {
            number = Integer.parseInt(chapter);
        } catch (NumberFormatException e) {
            throw new IOException(Faults.say("assemble-command.no-title", chapter, titles.size()), e);
        }
        return TakeCommand.title(production, number);
    }

    private void print(Assembly assembly, ChapterFile.Written written, List<JoinFigures> joins) {
        if (json) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("file", out.toString());
            one.put("seconds", written.seconds());
            one.put("frames", written.frames());
            one.put("sampleRateHz", written.sampleRateHz());
            one.put("bits", written.bits());
            one.put("channels", written.channels());
            one.put(
                    "passages",
                    assembly.passages().stream().map(AssembleCommand::json).toList());
            one.put("joins", joins.stream().map(AssembleCommand::json).toList());
            console.out().println(Json.text(Map.of("chapter", one)));
            return;
        }
        TakeWording wording = new TakeWording(console.locale());
        console.line(out + ": "
                + wording.assembled(written.seconds(), assembly.passages().size()));
        for (int i = 0; i < joins.size(); i++) {
            double at = (double) assembly.startOf(i + 1) / written.sampleRateHz();
            console.line(wording.join(at, assembly.passages().get(i + 1).entry(), joins.get(i)));
        }
    }

    private static Map<String, Object> json(Passage passage) {
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("take", passage.file());
        one.put("from", passage.from());
        one.put("to", passage.to());
        one.put("entry", passage.entry().id());
        one.put("fade", passage.fade());
        return one;
    }

    private static Map<String, Object> json(JoinFigures join) {
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("levelStepDb", Json.number(join.levelStepDb()));
        one.put("clickDb", join.clickDb());
        one.put("spectralStepDb", Json.number(join.spectralStepDb()));
        one.put("unheard", join.unheard());
        return one;
    }
}
