package app.redlamp.cli;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Splitter;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Scripts;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code new}: makes a production. */
@Command(name = "new", description = "Makes a production.", mixinStandardHelpOptions = true)
final class NewCommand implements Callable<Integer> {
    private final Console console;
    private final Productions productions;
    private final Scripts scripts;
    private final Clock clock;

    @Parameters(paramLabel = "DIR", description = "Folder of the production: made where it is missing, else empty.")
    private Path folder;

    @Option(
            names = "--kind",
            paramLabel = "KIND",
            required = true,
            description =
                    "audiobook, podcast-alone, podcast-cohost, podcast-remote, commercial, e-learning, phone-prompts, "
                            + "audio-guide, live-stream or voice-dataset.")
    private String kind;

    @Option(names = "--title", paramLabel = "T", required = true, description = "What it is called.")
    private String title;

    @Option(names = "--client", paramLabel = "NAME", description = "For whom it is.")
    private String client = "";

    @Option(
            names = "--script",
            paramLabel = "FILE",
            description = "What is read: plain text, Markdown, Word, PDF or EPUB; it is split into chapters or cues.")
    private Path script;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    @Mixin
    private Library library = new Library();

    NewCommand(Console console, Productions productions, Scripts scripts, Clock clock) {
        this.console = console;
        this.productions = productions;
        this.scripts = scripts;
        this.clock = clock;
    }

    @Override
    public Integer call() throws IOException {
        JobKind job = job();
        if (title.isBlank()) {
            throw new IOException(Faults.say("new-command.no-title"));
        }
        Specification specification = library.specifications()
                .byId(job.specificationId())
                .orElseThrow(() -> new IOException(Faults.say("chain-command.there-is-no", job.specificationId())));
        Brief brief = Brief.of(job, title.strip(), client.strip(), LocalDate.now(clock), Optional.empty());
        Production production = new Production(
                UUID.randomUUID().toString(),
                brief,
                Order.of(specification),
                script == null ? Script.NONE : read(job),
                WorkRatios.USUAL,
                WorkingTime.USUAL,
                Money.in(currency()),
                List.of());
        try (Productions.Held held = productions.begin(folder, production)) {
            if (script != null) {
                held.keepScript(script);
                held.log(new LogEntry.Script(String.valueOf(script.getFileName())));
            }
        }
        print(production);
        return Console.OK;
    }

    private JobKind job() throws IOException {
        return Arrays.stream(JobKind.values())
                .filter(k -> k.id().equals(kind.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IOException(Faults.say(
                        "new-command.no-kind",
                        kind,
                        Arrays.stream(JobKind.values()).map(JobKind::id).collect(Collectors.joining(", ")))));
    }

    private Script read(JobKind job) throws IOException {
        try {
            ScriptText text = scripts.read(script, Progress.NONE);
            return Script.NONE.withText(text, new Splitter(text).first(job.hasCues()));
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", script, e.getMessage()), e);
        }
    }

    private Currency currency() {
        try {
            return Currency.getInstance(console.locale());
        } catch (IllegalArgumentException e) {
            // A language without a country.
            return Currency.getInstance("EUR");
        }
    }

    private void print(Production production) {
        List<Piece> pieces = production.pieces();
        if (json) {
            Map<String, Object> made = new LinkedHashMap<>();
            made.put("folder", folder.toString());
            made.put("title", production.brief().title());
            made.put("kind", production.brief().kind().id());
            made.put("chapters", pieces.stream().map(Piece::title).toList());
            console.out().println(Json.text(Map.of("production", made)));
            return;
        }
        console.line(folder + ": " + production.brief().title());
        for (int i = 0; i < pieces.size(); i++) {
            console.line(String.format("  %3d  %s", i + 1, pieces.get(i).title()));
        }
    }
}
