package app.redlamp.words;

import app.redlamp.core.planning.plan.DiskRoom;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.planning.plan.PlanVerdict;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.Remedies;
import app.redlamp.core.verdict.Verdict;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

class PlanStandingTest extends StandingContract {
    private final PlanWording words = new PlanWording(Locale.UK);

    @Override
    List<Case> cases() {
        List<Case> all = new ArrayList<>();
        for (int length : new int[] {0, 900, 9000, 90_000}) {
            for (int days : new int[] {1, 12, 60}) {
                for (DiskRoom disk : DiskRoom.values()) {
                    for (String fault : List.of("", "put {nn} into the pattern")) {
                        for (boolean never : new boolean[] {false, true}) {
                            all.add(of(length, days, disk, fault, never));
                        }
                    }
                }
            }
        }
        return all;
    }

    private Case of(int length, int days, DiskRoom disk, String fault, boolean never) {
        Production book = length == 0 ? Productions.book() : Productions.book(length, length / 2);
        LocalDate due = Productions.MONDAY.plusDays(days);
        book = book.with(book.brief().between(Productions.MONDAY, Optional.of(due)));
        if (never) {
            book = book.with(book.time().withQuiet(Map.of()));
        }
        ProductionPlan plan = ProductionPlan.of(book, List.of(), Productions.MONDAY, ZoneOffset.UTC);
        Verdict<PlanProblem> verdict =
                PlanVerdict.of(plan, Remedies.of(plan, Productions.MONDAY, ZoneOffset.UTC), fault, disk);
        return new Case(
                length + " words in " + days + " days, " + disk + ", " + fault + ", never " + never,
                verdict,
                words.sentence(verdict, plan));
    }

    @Override
    boolean saysClear(String sentence) {
        return sentence.endsWith(" to spare.");
    }
}
