package app.redlamp.desktop.specification;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers and lengths of time as people write them into a field: a comma or a point, either minus sign. */
final class FieldText {
    private static final Pattern NUMBER = Pattern.compile("[-−+]?(\\d{1,9}([.,]\\d{1,6})?|[.,]\\d{1,6})");
    private static final Pattern CLOCK = Pattern.compile("(?:(\\d{1,3}):)?(\\d{1,3}):(\\d{2})");

    private FieldText() {}

    /** As short as the number allows; empty for none. */
    static String of(OptionalDouble value) {
        return value.isEmpty()
                ? ""
                : BigDecimal.valueOf(value.getAsDouble()).stripTrailingZeros().toPlainString();
    }

    static String of(OptionalInt value) {
        return value.isEmpty() ? "" : String.valueOf(value.getAsInt());
    }

    /** A length in seconds as {@code h:mm:ss} or {@code m:ss}; one that is no whole second as a number. */
    static String ofClock(OptionalDouble seconds) {
        if (seconds.isEmpty() || seconds.getAsDouble() != Math.rint(seconds.getAsDouble())) {
            return of(seconds);
        }
        long whole = (long) seconds.getAsDouble();
        return whole >= 3600
                ? String.format(Locale.ROOT, "%d:%02d:%02d", whole / 3600, whole / 60 % 60, whole % 60)
                : String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }

    /** The number that a text says, none for an empty one; empty where it says something else. */
    static Optional<OptionalDouble> number(String text) {
        String stripped = text.strip();
        if (stripped.isEmpty()) {
            return Optional.of(OptionalDouble.empty());
        }
        if (!NUMBER.matcher(stripped).matches()) {
            return Optional.empty();
        }
        return Optional.of(
                OptionalDouble.of(Double.parseDouble(stripped.replace('−', '-').replace(',', '.'))));
    }

    /** The seconds that a text says, as a clock or as a number; as {@link #number}. */
    static Optional<OptionalDouble> clock(String text) {
        Matcher clock = CLOCK.matcher(text.strip());
        if (!clock.matches()) {
            return number(text).filter(n -> n.orElse(0) >= 0);
        }
        int hours = clock.group(1) == null ? 0 : Integer.parseInt(clock.group(1));
        int minutes = Integer.parseInt(clock.group(2));
        int seconds = Integer.parseInt(clock.group(3));
        boolean real = seconds < 60 && (clock.group(1) == null || minutes < 60);
        return real ? Optional.of(OptionalDouble.of(hours * 3600.0 + minutes * 60.0 + seconds)) : Optional.empty();
    }
}
