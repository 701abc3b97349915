package app.redlamp.desktop.brief;

import app.redlamp.core.planning.plan.PieceTime;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.Session;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.desktop.control.Book;
import app.redlamp.desktop.control.Evenings;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.PlanWording;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/** Makes the two pictures of the Brief station of a plan. */
final class BriefPictures {
    private static final int LEAST_DAYS = 21;
    private static final int MOST_DAYS = 370;
    private static final int AFTER_DAYS = 3;
    private static final int NAME_LETTERS = 2;
    private static final double HOUR_MIN = 60;

    private final Strings strings;
    private final PlanWording wording;

    BriefPictures(Strings strings, PlanWording wording) {
        this.strings = strings;
        this.wording = wording;
    }

    Book book(ProductionPlan plan) {
        List<Book.Chapter> chapters = new ArrayList<>();
        for (int i = 0; i < plan.pieces().size(); i++) {
            PieceTime time = plan.pieces().get(i);
            chapters.add(new Book.Chapter(
                    String.valueOf(i + 1),
                    plan.production().pieces().get(i).title(),
                    wording.seconds(time.finishedS()),
                    time.finishedS(),
                    plan.counts().get(i).dialogueShare(),
                    time.recorded(),
                    i >= plan.schedule().breaksAt().orElse(Integer.MAX_VALUE)));
        }
        return new Book(chapters);
    }

    Evenings evenings(ProductionPlan plan) {
        LocalDate first = plan.from().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        LocalDate last = last(plan, first);
        Map<LocalDate, Session> sessions = new HashMap<>();
        plan.schedule().sessions().forEach(s -> sessions.put(s.day(), s));
        List<Evenings.Day> days = new ArrayList<>();
        for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
            days.add(day(plan, day, Optional.ofNullable(sessions.get(day))));
        }
        double from = days.stream()
                .flatMap(d -> d.quiet().stream())
                .mapToDouble(Evenings.Stretch::from)
                .min()
                .orElse(18);
        double to = days.stream()
                .flatMap(d -> d.quiet().stream())
                .mapToDouble(Evenings.Stretch::to)
                .max()
                .orElse(22);
        Optional<LocalDate> due = plan.production().brief().deadline();
        return new Evenings(
                days,
                (int) Math.floor(from) - 1,
                (int) Math.ceil(to) + 1,
                index(due, first, days.size()),
                due.map(d -> strings.say("evenings.due", wording.shortDay(d))).orElse(""),
                index(plan.schedule().done(), first, days.size()),
                spare(plan));
    }

    private String spare(ProductionPlan plan) {
        long days = plan.schedule().spareDays().orElse(0);
        return days > 0 ? strings.say("evenings.spare", days) : "";
    }

    /** To the deadline or the end, whichever is later, and a little further; whole weeks. */
    private static LocalDate last(ProductionPlan plan, LocalDate first) {
        LocalDate last = first.plusDays(LEAST_DAYS - 1);
        LocalDate end = plan.schedule().done().orElse(last);
        LocalDate due = plan.production().brief().deadline().orElse(last);
        LocalDate later = end.isAfter(due) ? end : due;
        LocalDate wanted = later.plusDays(AFTER_DAYS).with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY));
        LocalDate most = first.plusDays(MOST_DAYS);
        return wanted.isBefore(last) ? last : wanted.isAfter(most) ? most : wanted;
    }

    private Evenings.Day day(ProductionPlan plan, LocalDate day, Optional<Session> session) {
        WorkingTime time = plan.production().time();
        boolean off = time.daysOff().contains(day);
        // What is over is quiet for nobody any more.
        Optional<QuietHours> quiet = day.isBefore(plan.from())
                ? Optional.empty()
                : Optional.ofNullable(time.quiet().get(day.getDayOfWeek()));
        double edit = plan.schedule().editMin().getOrDefault(day, 0.0);
        return new Evenings.Day(
                day,
                name(day.getDayOfWeek()),
                day.getDayOfWeek() == DayOfWeek.MONDAY ? wording.shortDay(day) : "",
                off,
                quiet.map(BriefPictures::stretch),
                session.map(s -> work(s, plan.production().brief().deadline())),
                time.editMin() > 0 ? edit / time.editMin() : 0);
    }

    private String name(DayOfWeek day) {
        String name = day.getDisplayName(TextStyle.SHORT, strings.locale());
        return name.length() <= NAME_LETTERS ? name : name.substring(0, NAME_LETTERS);
    }

    private static Evenings.Stretch stretch(QuietHours quiet) {
        double from = quiet.from().toSecondOfDay() / 3600.0;
        double to = quiet.to().toSecondOfDay() / 3600.0;
        return new Evenings.Stretch(from, to > from ? to : to + 24);
    }

    private static Evenings.Work work(Session session, Optional<LocalDate> due) {
        double from = hour(session.begins(), session.day());
        return new Evenings.Work(
                new Evenings.Stretch(from, hour(session.ends(), session.day())),
                session.breaks().stream().map(b -> hour(b, session.day())).toList(),
                session.forCorrections() ? "" : numbers(session),
                session.forCorrections(),
                due.map(d -> session.day().isAfter(d)).orElse(false));
    }

    private static double hour(ZonedDateTime at, LocalDate day) {
        return ChronoUnit.DAYS.between(day, at.toLocalDate()) * 24 + at.getHour() + at.getMinute() / HOUR_MIN;
    }

    /** "3", "3·4" or "9–12". */
    private static String numbers(Session session) {
        List<Integer> numbers = session.parts().stream().map(p -> p.piece() + 1).toList();
        if (numbers.size() > 2) {
            return numbers.get(0) + "–" + numbers.get(numbers.size() - 1);
        }
        return numbers.stream().map(String::valueOf).collect(Collectors.joining("·"));
    }

    private static OptionalInt index(Optional<LocalDate> day, LocalDate first, int count) {
        if (day.isEmpty()) {
            return OptionalInt.empty();
        }
        long index = ChronoUnit.DAYS.between(first, day.get());
        return index >= 0 && index < count ? OptionalInt.of((int) index) : OptionalInt.empty();
    }

    /** What is done on a day, in words. */
    String about(ProductionPlan plan, LocalDate day) {
        Optional<Session> session = plan.schedule().sessions().stream()
                .filter(s -> s.day().equals(day))
                .findFirst();
        String date = wording.weekday(day);
        double edit = plan.schedule().editMin().getOrDefault(day, 0.0);
        if (plan.production().time().daysOff().contains(day)) {
            return strings.say("evenings.off", date);
        }
        if (session.isPresent()) {
            Session s = session.get();
            String what = s.forCorrections()
                    ? strings.say("evenings.corrections")
                    : s.parts().stream()
                            .map(p -> plan.production().pieces().get(p.piece()).title())
                            .collect(Collectors.joining(", "));
            return strings.say(
                    "evenings.session",
                    date,
                    s.begins().toLocalTime().toString(),
                    s.ends().toLocalTime().toString(),
                    what);
        }
        return edit > 0
                ? strings.say("evenings.edit", date, wording.minutes(edit))
                : strings.say("evenings.free", date);
    }
}
