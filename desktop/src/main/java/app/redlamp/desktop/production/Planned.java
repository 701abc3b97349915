package app.redlamp.desktop.production;

import app.redlamp.core.planning.plan.DiskRoom;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.planning.plan.PlanVerdict;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Remedies;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.planning.script.Count;
import app.redlamp.core.planning.script.Mention;
import app.redlamp.core.planning.script.MentionFinder;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Productions.Seen;
import app.redlamp.core.verdict.Verdict;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * A production with everything that follows from it.
 *
 * @param plan its plan
 * @param remedies what would make it fit
 * @param verdict where it stands
 * @param mentions what a reader has to look up
 * @param fileNames names of its files; none where the pattern does not name them
 * @param nameFault what is wrong with the pattern, one line; empty for nothing
 * @param room whether there is room on the disk
 * @param freeBytes free room on the disk; absent where it is not known
 */
public record Planned(
        ProductionPlan plan,
        List<Remedy> remedies,
        Verdict<PlanProblem> verdict,
        List<Mention> mentions,
        List<String> fileNames,
        String nameFault,
        DiskRoom room,
        OptionalLong freeBytes) {

    public Planned {
        remedies = List.copyOf(remedies);
        mentions = List.copyOf(mentions);
        fileNames = List.copyOf(fileNames);
    }

    public Production production() {
        return plan.production();
    }

    /** @param before the one before, from which is taken what takes longest and has not changed */
    static Planned of(
            Production production, Optional<Planned> before, Optional<Seen> seen, LocalDate today, ZoneId zone) {
        Script script = production.script();
        List<Count> counts = before.filter(b -> sameWords(b.production().script(), script))
                .map(b -> b.plan().counts())
                .orElseGet(() -> ProductionPlan.counts(production));
        ScriptText text = script.text();
        List<Mention> mentions = before.filter(
                        b -> b.production().script().text().equals(text))
                .map(Planned::mentions)
                .orElseGet(() -> MentionFinder.in(text));
        ProductionPlan plan = ProductionPlan.of(
                production,
                counts,
                TakeFinder.takes(production, seen.map(Seen::found).orElse(List.of())),
                today,
                zone);
        OptionalLong free = seen.isPresent() ? OptionalLong.of(seen.get().freeBytes()) : OptionalLong.empty();
        double there = seen.map(s -> (double) s.usedBytes()).orElse(0.0);
        Names names = Names.of(production);
        List<Remedy> remedies = Remedies.of(plan, today, zone);
        DiskRoom room = DiskRoom.of(plan.disk().here(), there, free);
        return new Planned(
                plan,
                remedies,
                PlanVerdict.of(plan, remedies, names.fault(), room),
                mentions,
                names.all(),
                names.fault(),
                room,
                free);
    }

    /** Terms of which nobody has decided yet how they are said. */
    public List<Mention> undecided() {
        return mentions.stream().filter(m -> !isDecided(m)).toList();
    }

    public boolean isDecided(Mention mention) {
        return production().script().sayings().stream().anyMatch(s -> s.term().equals(mention.term()));
    }

    private static boolean sameWords(Script one, Script other) {
        return one.text().equals(other.text()) && one.pieces().equals(other.pieces());
    }

    /** The names, or why there are none. */
    private record Names(List<String> all, String fault) {
        static Names of(Production production) {
            String fault = production.nameFault();
            return new Names(fault.isEmpty() ? production.fileNames() : List.of(), fault);
        }
    }
}
