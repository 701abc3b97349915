package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.time.DayOfWeek;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The room's quiet hours, and their way into the Brief's calendar. */
public final class QuietModel {
    private final RoomModel room;
    private final JobService jobs;
    private final Strings strings;

    public QuietModel(RoomModel room, JobService jobs, Strings strings) {
        this.room = room;
        this.jobs = jobs;
        this.strings = strings;
    }

    /** The quiet stretches of each day that are worth the job; none where nothing is known of the noise. */
    public List<WeekNoise.Quiet> stretches() {
        Study now = room.study().get();
        return now == null
                ? List.of()
                : now.week()
                        .map(w -> w.quiet(now.wanted().noiseDbA(), WeekNoise.EARLIEST, WeekNoise.LATEST))
                        .orElse(List.of());
    }

    /** Hands the quiet hours to the Brief's calendar. */
    public void handOn() {
        Map<DayOfWeek, QuietHours> hours = new EnumMap<>(DayOfWeek.class);
        stretches().forEach(q -> hours.put(q.day(), new QuietHours(q.from(), q.to())));
        if (!hours.isEmpty()) {
            room.enter(() -> room.openProduction()
                    .edit(strings.say("edit.hours"), p -> p.with(p.time().withQuiet(hours))));
            jobs.notify(strings.say("room.hours.handed", String.valueOf(hours.size())));
        }
    }

    /** Whether the Brief's calendar has the quiet hours of this room. */
    public boolean handedOn() {
        Production production = room.openProduction().production().get();
        List<WeekNoise.Quiet> quiet = stretches();
        return production != null
                && production.time().quiet().size() == quiet.size()
                && quiet.stream()
                        .allMatch(q -> Optional.ofNullable(
                                        production.time().quiet().get(q.day()))
                                .map(h -> h.equals(new QuietHours(q.from(), q.to())))
                                .orElse(false));
    }
}
