package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.DeliveryVerdict;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.look.Strings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Where the Deliver station stands: its lamp on the wire, and the big lamp's answer.
 *
 * @param verdict whether everything can be sent
 * @param answer whether, in words
 * @param first what comes first, at most two things
 */
public record DeliverStanding(Verdict<DeliveryProblem> verdict, String answer, String first) {
    private static final int MOST_FIRST = 2;

    static DeliverStanding of(List<DocketRow> rows, Specification specification, Strings strings) {
        boolean allReady =
                !rows.isEmpty() && rows.stream().allMatch(r -> r.status().get().ready());
        List<SetJudge.Comparison> together =
                allReady ? Together.of(rows, specification).outside() : List.of();
        Verdict<DeliveryProblem> verdict = DeliveryVerdict.of(
                rows.stream().map(r -> r.status().get().standing()).toList(), together);
        boolean clear = verdict.clear();
        String text = clear
                ? inside(rows.size(), verdict, strings)
                : verdict.holding().stream()
                        .limit(MOST_FIRST)
                        .map(p -> say(p, strings))
                        .collect(Collectors.joining(strings.say("standing.and")));
        return new DeliverStanding(verdict, strings.say(clear ? "standing.clear" : "standing.notClear"), text);
    }

    private static String say(Problem<DeliveryProblem> problem, Strings strings) {
        long count = Math.round(problem.amount().orElse(0));
        return strings.say("standing." + problem.detail().id(), count);
    }

    /** What is inside, and what a person must see to before sending it. */
    private static String inside(int ready, Verdict<DeliveryProblem> verdict, Strings strings) {
        List<String> words = new ArrayList<>();
        Optional<Problem<DeliveryProblem>> missing = verdict.problems().stream()
                .filter(p -> p.detail() == DeliveryProblem.PARTS)
                .findFirst();
        words.add(missing.map(m -> strings.say(
                        "standing.parts", ready, Math.round(m.amount().orElse(0))))
                .orElseGet(() -> strings.say("standing.all", ready)));
        verdict.problems().stream()
                .filter(p -> p.detail() == DeliveryProblem.HEAR)
                .forEach(p -> words.add(say(p, strings)));
        return String.join(strings.say("standing.beside"), words);
    }
}
