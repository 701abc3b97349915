package app.redlamp.core.verdict;

import app.redlamp.core.fault.Faults;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Where something stands.
 *
 * @param <D> what the chapter knows of a problem
 * @param state what it comes to; follows from what is known and from the problems
 * @param problems in the order in which they are to be mended
 * @param figures what it goes by
 */
public record Verdict<D>(State state, List<Problem<D>> problems, List<Figure> figures) {

    /** What it comes to. */
    public enum State {
        /** Nothing is known yet. */
        UNKNOWN,
        /** Known, and something is left to do. */
        TO_DO,
        CLEAR,
        /** It cannot be done like this. */
        BLOCKED;

        /** Name in reports, such as {@code to-do}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** @throws IllegalArgumentException for a state that its problems do not give */
    public Verdict {
        problems = List.copyOf(problems);
        figures = List.copyOf(figures);
        if (state != State.UNKNOWN && state != stateOf(problems)) {
            throw new IllegalArgumentException(Faults.say("verdict.with-problems-state", state, problems.size()));
        }
    }

    /** Nothing is known: what is to be done first are its problems. */
    public static <D> Verdict<D> unknown(List<Problem<D>> problems) {
        return new Verdict<>(State.UNKNOWN, problems, List.of());
    }

    /** What follows from the problems. */
    public static <D> Verdict<D> of(List<Problem<D>> problems, List<Figure> figures) {
        return new Verdict<>(stateOf(problems), problems, figures);
    }

    private static <D> State stateOf(List<Problem<D>> problems) {
        if (problems.stream().anyMatch(p -> p.severity() == Severity.BLOCKS)) {
            return State.BLOCKED;
        }
        return problems.stream().anyMatch(Problem::holds) ? State.TO_DO : State.CLEAR;
    }

    /** Whether nothing holds the lamp. */
    public boolean clear() {
        return state == State.CLEAR;
    }

    /** What comes first; absent where nothing holds the lamp. */
    public Optional<Problem<D>> first() {
        return problems.stream().filter(Problem::holds).findFirst();
    }

    /** What holds the lamp. */
    public List<Problem<D>> holding() {
        return problems.stream().filter(Problem::holds).toList();
    }

    /** Whether there is a problem of that name that holds the lamp. */
    public boolean held(String id) {
        return holding().stream().anyMatch(p -> p.id().equals(id));
    }

    /** One of its figures; absent where it has no such. */
    public Optional<Figure> figure(FigureId id) {
        return figures.stream().filter(f -> f.id() == id).findFirst();
    }
}
