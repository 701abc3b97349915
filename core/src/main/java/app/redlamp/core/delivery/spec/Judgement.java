package app.redlamp.core.delivery.spec;

import java.util.List;
import java.util.Optional;

/** All checks of one recording against one specification, most telling first. */
public record Judgement(Specification specification, List<Check> checks) {

    public Judgement {
        checks = List.copyOf(checks);
    }

    /** Whether nothing is outside. */
    public boolean pass() {
        return faults().isEmpty();
    }

    /** Checks that fail, in the order of the specification. */
    public List<Check> faults() {
        return checks.stream().filter(c -> c.verdict() == CheckResult.OUTSIDE).toList();
    }

    /** One check by its id; absent where the specification does not ask for it. */
    public Optional<Check> check(CheckId id) {
        return checks.stream().filter(c -> c.id() == id).findFirst();
    }
}
