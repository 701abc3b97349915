package app.redlamp.core.planning.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongPredicate;

/** Finds what would make a plan fit that does not: each by itself, and each the smallest that does it. */
public final class Remedies {
    /** Longer than that no voice lasts a day; common practice, no source. */
    private static final int LONGEST_SESSION_MIN = 240;

    /** Times are offered in quarters of an hour (ours). */
    private static final int STEP_MIN = 15;

    /** Nobody edits for longer on a day (common practice, no source). */
    private static final int MOST_EDITING_MIN = 480;

    /** Later than in two years is no date (ours). */
    private static final int LONGEST_LATER_DAYS = 731;

    private final ProductionPlan plan;
    private final Production production;
    private final LocalDate today;
    private final ZoneId zone;

    private Remedies(ProductionPlan plan, LocalDate today, ZoneId zone) {
        this.plan = plan;
        this.production = plan.production();
        this.today = today;
        this.zone = zone;
    }

    /** Remedies, what costs least first; none where the plan fits, and none where no single one helps. */
    public static List<Remedy> of(ProductionPlan plan, LocalDate today, ZoneId zone) {
        if (plan.schedule().fits()) {
            return List.of();
        }
        Remedies remedies = new Remedies(plan, today, zone);
        List<Remedy> all = new ArrayList<>();
        remedies.earlier().ifPresent(all::add);
        remedies.longer().ifPresent(all::add);
        remedies.moreDays().ifPresent(all::add);
        remedies.moreEditing().ifPresent(all::add);
        remedies.later().ifPresent(all::add);
        remedies.fewer().ifPresent(all::add);
        return all;
    }

    private Optional<Remedy> earlier() {
        long most = ChronoUnit.DAYS.between(today, production.brief().start());
        return least(
                        1,
                        most,
                        1,
                        days -> fits(production.with(production
                                .brief()
                                .between(
                                        production.brief().start().minusDays(days),
                                        production.brief().deadline()))))
                .map(days -> new Remedy(Remedy.Kind.EARLIER, days));
    }

    private Optional<Remedy> longer() {
        long first = (production.time().longestSessionMin() / STEP_MIN + 1L) * STEP_MIN;
        return least(
                        first,
                        LONGEST_SESSION_MIN,
                        STEP_MIN,
                        minutes -> fits(production.with(production.time().withLongestSession((int) minutes))))
                .map(minutes -> new Remedy(Remedy.Kind.LONGER_SESSIONS, minutes));
    }

    /** More days a week, with the hours that most other days have. */
    private Optional<Remedy> moreDays() {
        WorkingTime time = production.time();
        Optional<QuietHours> usual = time.quiet().values().stream().findFirst();
        List<DayOfWeek> free = time.freeDays();
        return usual.flatMap(hours -> least(1, free.size(), 1, count -> {
                    Map<DayOfWeek, QuietHours> more = new EnumMap<>(time.quiet());
                    free.subList(0, (int) count).forEach(d -> more.put(d, hours));
                    return fits(production.with(time.withQuiet(more)));
                }))
                .map(count -> new Remedy(Remedy.Kind.MORE_DAYS, count));
    }

    private Optional<Remedy> moreEditing() {
        long first = (production.time().editMin() / STEP_MIN + 1L) * STEP_MIN;
        return least(
                        first,
                        MOST_EDITING_MIN,
                        STEP_MIN,
                        minutes -> fits(production.with(production.time().withEditing((int) minutes))))
                .map(minutes -> new Remedy(Remedy.Kind.MORE_EDITING, minutes));
    }

    private Optional<Remedy> later() {
        return plan.schedule().spareDays().stream()
                .map(days -> -days)
                .filter(days -> days <= LONGEST_LATER_DAYS)
                .mapToObj(days -> new Remedy(Remedy.Kind.LATER, days))
                .findFirst();
    }

    /** Fewer words: all that is left to read and to edit shrinks alike. */
    private Optional<Remedy> fewer() {
        boolean read = plan.words() > 0;
        double whole = read ? plan.words() : plan.finishedS() / 60;
        return least(
                        1,
                        100,
                        1,
                        percent -> Scheduler.plan(
                                        shrunk(1 - percent / 100.0),
                                        production.time(),
                                        plan.from(),
                                        production.brief().deadline(),
                                        zone)
                                .fits())
                .map(percent -> new Remedy(Remedy.Kind.FEWER_WORDS, (long) Math.ceil(whole * percent / 100)));
    }

    private List<PieceTime> shrunk(double factor) {
        return plan.pieces().stream()
                .map(p -> new PieceTime(
                        p.words(),
                        p.finishedS() * factor,
                        p.recorded(),
                        p.boothMin() * factor,
                        p.editMin() * factor,
                        p.proofMin() * factor))
                .toList();
    }

    private boolean fits(Production changed) {
        LocalDate start = changed.brief().start();
        LocalDate from = start.isAfter(today) ? start : today;
        return Scheduler.plan(
                        plan.pieces(), changed.time(), from, changed.brief().deadline(), zone)
                .fits();
    }

    private static Optional<Long> least(long from, long to, long step, LongPredicate fits) {
        for (long value = from; value <= to; value += step) {
            if (fits.test(value)) {
                return Optional.of(value);
            }
        }
        return Optional.empty();
    }
}
