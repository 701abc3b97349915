package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.desktop.look.Strings;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Hours as people write them: "04:00–08:00 Mon–Sat", "22-6", "always". */
final class HoursText {
    private static final Pattern HOURS =
            Pattern.compile("(\\d{1,2})(?::?(\\d{2}))?\\s*[-–to]+\\s*(\\d{1,2})(?::?(\\d{2}))?(.*)");

    private final Strings strings;
    private final Locale locale;
    private final Function<OutsideSource, String> say;

    HoursText(Strings strings, Locale locale, Function<OutsideSource, String> say) {
        this.strings = strings;
        this.locale = locale;
        this.say = say;
    }

    String say(OutsideSource source) {
        return say.apply(source);
    }

    /** @throws IllegalArgumentException with one line, where they are none */
    List<Hours> read(String written) {
        String text = written.strip();
        if (text.isEmpty() || text.equalsIgnoreCase(strings.say("hours.always"))) {
            return List.of(Hours.always());
        }
        Matcher matcher = HOURS.matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(strings.say("hours.wrong", text));
        }
        try {
            return List.of(new Hours(
                    days(matcher.group(5)),
                    time(matcher.group(1), matcher.group(2)),
                    time(matcher.group(3), matcher.group(4))));
        } catch (DateTimeException e) {
            throw new IllegalArgumentException(strings.say("hours.wrong", text), e);
        }
    }

    private static LocalTime time(String hour, String minute) {
        int h = Integer.parseInt(hour);
        return LocalTime.of(h == 24 ? 0 : h, minute == null ? 0 : Integer.parseInt(minute));
    }

    /** Days one by one, or from one to another; all where none is named. */
    private Set<DayOfWeek> days(String written) {
        String text = written.replace(",", " ").strip().toLowerCase(locale);
        if (text.isEmpty() || text.equals(strings.say("hours.daily"))) {
            return EnumSet.allOf(DayOfWeek.class);
        }
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        for (String part : text.split("\\s+", -1)) {
            String[] ends = part.split("[-–]", 2);
            DayOfWeek from = day(ends[0]);
            DayOfWeek to = ends.length > 1 ? day(ends[1]) : from;
            for (DayOfWeek d = from; ; d = d.plus(1)) {
                days.add(d);
                if (d == to) {
                    break;
                }
            }
        }
        return days;
    }

    private DayOfWeek day(String written) {
        for (DayOfWeek day : DayOfWeek.values()) {
            String full = day.getDisplayName(TextStyle.FULL, locale).toLowerCase(locale);
            if (written.length() >= 2 && full.startsWith(written)) {
                return day;
            }
        }
        throw new IllegalArgumentException(strings.say("hours.day", written));
    }
}
