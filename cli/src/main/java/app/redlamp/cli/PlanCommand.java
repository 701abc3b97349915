package app.redlamp.cli;

import app.redlamp.core.planning.plan.DiskRoom;
import app.redlamp.core.planning.plan.PieceTime;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.planning.plan.PlanVerdict;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Remedies;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.plan.Session;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.port.Productions;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.PlanWording;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code plan}: how much there is to read, how long it takes, and whether it is done by the deadline. */
@Command(name = "plan", description = "Prints the plan of a production.", mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    private final Console console;
    private final Productions productions;
    private final Clock clock;

    @Parameters(paramLabel = "PRODUCTION", description = "Folder of a production.")
    private Path folder;

    @Option(names = "--json", description = "Prints one JSON object.")
    private boolean json;

    PlanCommand(Console console, Productions productions, Clock clock) {
        this.console = console;
        this.productions = productions;
        this.clock = clock;
    }

    @Override
    public Integer call() throws IOException {
        Productions.Seen seen;
        try {
            seen = productions.look(folder);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", folder, e.getMessage()), e);
        }
        seen.notice().ifPresent(line -> console.error(folder + ": " + line));
        LocalDate today = LocalDate.now(clock);
        ProductionPlan plan = ProductionPlan.of(
                seen.production(), TakeFinder.takes(seen.production(), seen.found()), today, clock.getZone());
        DiskRoom room = DiskRoom.of(plan.disk().here(), (double) seen.usedBytes(), OptionalLong.of(seen.freeBytes()));
        List<Remedy> remedies = Remedies.of(plan, today, clock.getZone());
        String nameFault = plan.production().nameFault();
        Verdict<PlanProblem> verdict = PlanVerdict.of(plan, remedies, nameFault, room);
        if (json) {
            console.out()
                    .println(Json.text(PlanJson.of(plan, seen, remedies, verdict, new PlanWording(console.locale()))));
        } else {
            print(plan, seen, room, remedies, verdict);
            if (!nameFault.isEmpty()) {
                line("names", nameFault);
            }
        }
        return Console.exitCode(verdict.state());
    }

    private void print(
            ProductionPlan plan,
            Productions.Seen seen,
            DiskRoom room,
            List<Remedy> remedies,
            Verdict<PlanProblem> verdict) {
        PlanWording wording = new PlanWording(console.locale());
        console.line(plan.production().brief().title() + ": "
                + wording.kind(plan.production().brief().kind()));
        console.line(wording.sentence(verdict, plan));
        line("words", wording.whole(plan.words()) + ", " + wording.pace(plan.pace()));
        line("booth", wording.booth(plan));
        line("edit, proof", wording.editing(plan));
        line("disk", wording.disk(plan.disk()) + "; " + wording.room(room, OptionalLong.of(seen.freeBytes())));
        line("fee", wording.fee(plan));
        for (int i = 0; i < plan.pieces().size(); i++) {
            PieceTime piece = plan.pieces().get(i);
            console.line(String.format(
                    "  %3d  %-40s %9s%s",
                    i + 1,
                    plan.production().pieces().get(i).title(),
                    wording.seconds(piece.finishedS()),
                    piece.recorded() ? "  recorded" : ""));
        }
        for (Session session : plan.schedule().sessions()) {
            console.line(String.format(
                    "  %-12s %s to %s  %s",
                    wording.weekday(session.day()),
                    session.begins().toLocalTime(),
                    session.ends().toLocalTime(),
                    session.forCorrections() ? "corrections" : wording.minutes(session.boothMin())));
        }
        remedies.forEach(r -> line("to fit", wording.remedy(r, plan)));
    }

    private void line(String name, String value) {
        console.line(String.format("  %-12s %s", name, value));
    }
}
