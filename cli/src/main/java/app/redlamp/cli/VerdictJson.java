package app.redlamp.cli;

import app.redlamp.core.verdict.Figure;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Verdict;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** A verdict in the output of {@code --json}, the same for every command (docs/formats.md). */
final class VerdictJson {
    private VerdictJson() {}

    /** @param words says a problem */
    static <D> Map<String, Object> of(Verdict<D> verdict, Function<Problem<D>, String> words) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("state", verdict.state().id());
        json.put(
                "problems",
                verdict.problems().stream().map(p -> problem(p, words)).toList());
        json.put("figures", verdict.figures().stream().map(VerdictJson::figure).toList());
        return json;
    }

    private static <D> Map<String, Object> problem(Problem<D> problem, Function<Problem<D>, String> words) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("id", problem.id());
        json.put("severity", problem.severity().id());
        json.put("about", problem.about().isEmpty() ? null : problem.about());
        json.put("amount", Json.number(problem.amount()));
        json.put("unit", problem.unit());
        json.put("cost", problem.cost().id());
        json.put("mends", List.copyOf(problem.mends()));
        json.put("message", words.apply(problem));
        return json;
    }

    private static Map<String, Object> figure(Figure figure) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("id", figure.id().id());
        json.put("unit", figure.id().unit());
        json.put("value", Json.number(figure.value()));
        json.put("low", Json.number(figure.limits().low()));
        json.put("high", Json.number(figure.limits().high()));
        json.put("margin", Json.number(figure.margin()));
        return json;
    }
}
