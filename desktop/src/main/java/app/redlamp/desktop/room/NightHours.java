package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.diary.NoiseEvent;
import app.redlamp.core.acoustics.diary.NoiseGroup;
import app.redlamp.core.acoustics.outside.Hours;
import java.time.LocalTime;
import java.util.List;

/** When something that was heard in one night is on: every day from its first beginning to its last end. */
final class NightHours {
    private static final double HALF_DAY_S = 12 * 3600.0;

    private NightHours() {}

    /** @param start when the recording begins */
    static List<Hours> of(NoiseGroup group, LocalTime start) {
        List<NoiseEvent> events = group.events();
        double from = events.get(0).startS();
        double to = events.stream().mapToDouble(NoiseEvent::endS).max().orElse(from);
        // What comes by the clock comes all day, whenever it was listened to.
        if (group.periodS().isPresent() || to - from > HALF_DAY_S) {
            return List.of(Hours.always());
        }
        LocalTime begin = halfHour(start.plusSeconds((long) from), false);
        LocalTime end = halfHour(start.plusSeconds((long) to), true);
        return List.of(Hours.daily(begin, end));
    }

    private static LocalTime halfHour(LocalTime time, boolean up) {
        int minutes = time.toSecondOfDay() / 60;
        int whole = up ? (minutes + 29) / 30 * 30 : minutes / 30 * 30;
        return LocalTime.MIDNIGHT.plusMinutes(whole % (24 * 60));
    }
}
