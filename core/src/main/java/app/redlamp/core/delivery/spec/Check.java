package app.redlamp.core.delivery.spec;

import app.redlamp.core.units.Limits;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One measure held against one window.
 *
 * @param id what was looked at
 * @param measured the value; absent where it is undefined or not a number
 * @param text the value where it is a word, such as the coding
 * @param limits the allowed window; open on both sides where the value is a word
 * @param unit unit of value and window; empty for counts
 * @param verdict where it stands
 */
public record Check(
        CheckId id, OptionalDouble measured, Optional<String> text, Limits limits, String unit, CheckResult verdict) {

    static Check of(CheckId id, OptionalDouble measured, Limits limits, String unit, CheckResult ifUndefined) {
        CheckResult verdict = measured.isEmpty()
                ? ifUndefined
                : limits.contains(measured.getAsDouble()) ? CheckResult.INSIDE : CheckResult.OUTSIDE;
        return new Check(id, measured, Optional.empty(), limits, unit, verdict);
    }

    static Check of(CheckId id, double measured, Limits limits, String unit) {
        return of(id, OptionalDouble.of(measured), limits, unit, CheckResult.OUTSIDE);
    }

    static Check ofWord(CheckId id, String value, CheckResult verdict) {
        Limits open = new Limits(OptionalDouble.empty(), OptionalDouble.empty());
        return new Check(id, OptionalDouble.empty(), Optional.of(value), open, "", verdict);
    }

    /** The same, but what is outside is worth knowing and no ground for rejection. */
    Check asAdvice() {
        return verdict == CheckResult.OUTSIDE ? new Check(id, measured, text, limits, unit, CheckResult.ADVICE) : this;
    }

    /** Distance to the nearest bound: positive inside, negative outside; absent where there is no number. */
    public OptionalDouble margin() {
        return measured.isPresent() ? OptionalDouble.of(limits.margin(measured.getAsDouble())) : OptionalDouble.empty();
    }
}
