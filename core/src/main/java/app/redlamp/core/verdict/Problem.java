package app.redlamp.core.verdict;

import app.redlamp.core.fault.Faults;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One thing that stands between here and clear.
 *
 * @param <D> what its chapter knows of it
 * @param detail that
 * @param id what it is, with its station in front, such as {@code kit.clarity}
 * @param severity how bad
 * @param about whom or what, by name; empty for all of it
 * @param amount by how much, in {@code unit}; absent where it has no size
 * @param unit of the amount; empty for a count
 * @param cost what it costs further down
 * @param mends what would mend it, the first to try first, by name, such as {@code closer}
 */
public record Problem<D>(
        D detail,
        String id,
        Severity severity,
        String about,
        OptionalDouble amount,
        String unit,
        Cost cost,
        List<String> mends) {

    /** @throws IllegalArgumentException for an amount that is not a number, or an id without a station */
    public Problem {
        mends = List.copyOf(mends);
        if (!(id.indexOf('.') > 0 && Double.isFinite(amount.orElse(0)))) {
            throw new IllegalArgumentException(Faults.say("problem.problem-needs-station", id, amount));
        }
    }

    /** Without a size. */
    public static <D> Problem<D> of(
            D detail, String id, Severity severity, String about, Cost cost, List<String> mends) {
        return new Problem<>(detail, id, severity, about, OptionalDouble.empty(), "", cost, mends);
    }

    /** Of a size. */
    public Problem<D> by(double size, String in) {
        return new Problem<>(detail, id, severity, about, OptionalDouble.of(size), in, cost, mends);
    }

    /** Whether the lamp waits for it. */
    public boolean holds() {
        return severity != Severity.ADVISES;
    }
}
