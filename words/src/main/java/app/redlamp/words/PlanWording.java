package app.redlamp.words;

import app.redlamp.core.planning.plan.DiskNeed;
import app.redlamp.core.planning.plan.DiskRoom;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Pace;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.plan.Schedule;
import app.redlamp.core.planning.plan.Session;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Verdict;
import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;

/** Says a plan in sentences, for the screen and the command line alike. */
public final class PlanWording {
    private static final double MINUTE_S = 60;
    private static final double HOUR_MIN = 60;
    private static final double EXACT_MIN = 10;
    private static final double GIGA = 1e9;
    private static final double MEGA = 1e6;
    private static final int EVENING_HOUR = 17;

    private final Phrases phrases;
    private final Figures figures;
    private final Locale locale;
    private final DateTimeFormatter day;
    private final DateTimeFormatter shortDay;
    private final DateTimeFormatter weekday;

    public PlanWording(Locale locale) {
        this.locale = locale;
        phrases = new Phrases("plan", locale);
        figures = new Figures(locale);
        day = DateTimeFormatter.ofPattern("d MMMM", locale);
        shortDay = DateTimeFormatter.ofPattern("d MMM", locale);
        weekday = DateTimeFormatter.ofPattern("EEE d MMM", locale);
    }

    /** Where the job stands, one sentence: the plan in one breath where it is clear, or what stands in its way. */
    public String sentence(Verdict<PlanProblem> verdict, ProductionPlan plan) {
        Optional<Problem<PlanProblem>> first = verdict.first();
        return first.isEmpty() ? summary(plan) : problem(first.get().detail(), plan);
    }

    /** What is wrong with a plan, one sentence. */
    public String problem(PlanProblem problem, ProductionPlan plan) {
        return switch (problem) {
            case NO_SCRIPT, NEVER, DEADLINE -> verdict(plan);
            case DISK_FULL, NAMES, DISK_SHORT -> phrases.say("problem." + problem.id());
        };
    }

    /** Where the calendar stands, one sentence. */
    public String verdict(ProductionPlan plan) {
        Schedule schedule = plan.schedule();
        if (plan.finishedS() == 0) {
            return phrases.say("verdict.empty");
        }
        if (schedule.done().isEmpty()) {
            return phrases.say("verdict.never");
        }
        String done = day(schedule.done().get());
        boolean waits = schedule.spareDays().isPresent();
        if (!schedule.fits()) {
            return phrases.say(
                    "verdict.misses",
                    minutes(schedule.shortMin()),
                    day(plan.production().brief().deadline().orElseThrow()));
        }
        if (plan.recorded() == plan.pieces().size()) {
            return waits
                    ? phrases.say(
                            "verdict.recorded", done, spare(schedule.spareDays().getAsLong()))
                    : phrases.say("verdict.recorded.open", done);
        }
        return waits
                ? phrases.say(
                        "verdict.fits",
                        sittings(schedule),
                        done,
                        spare(schedule.spareDays().getAsLong()))
                : phrases.say("verdict.open", sittings(schedule), done);
    }

    /** The plan in one line: "11 h 20 min of book, 26 h in the booth, 9 evenings. Done on 14 March with 4 days to spare." */
    public String summary(ProductionPlan plan) {
        Schedule schedule = plan.schedule();
        if (plan.finishedS() == 0) {
            return phrases.say("verdict.empty");
        }
        String first = phrases.say(
                "summary",
                seconds(plan.finishedS()),
                phrases.say("what." + plan.production().brief().kind().id()),
                minutes(plan.boothHours() * HOUR_MIN),
                sittings(schedule));
        if (schedule.done().isEmpty()) {
            return phrases.say("summary.never", first);
        }
        String done = day(schedule.done().get());
        if (schedule.spareDays().isEmpty()) {
            return phrases.say("summary.done", first, done);
        }
        long spare = schedule.spareDays().getAsLong();
        return spare >= 0
                ? phrases.say("summary.fits", first, done, spare(spare))
                : phrases.say("summary.misses", first, done, phrases.count("late", -spare));
    }

    public String kind(JobKind kind) {
        return phrases.say("kind." + kind.id());
    }

    /** So many chapters, stops, episodes. */
    public String pieces(JobKind kind, int count) {
        return phrases.count("piece." + kind.id(), count);
    }

    /** Days with reading: evenings where all begin in one. */
    private String sittings(Schedule schedule) {
        boolean evenings = schedule.sessions().stream().map(Session::begins).allMatch(b -> b.getHour() >= EVENING_HOUR);
        return phrases.count(evenings ? "evening" : "day", schedule.readingDays());
    }

    private String spare(long days) {
        return days == 0 ? phrases.say("spare.none") : phrases.count("spare", days);
    }

    public String pace(Pace pace) {
        String words = figures.whole(pace.wordsPerMinute());
        if (!pace.own()) {
            return phrases.say("pace.usual", words);
        }
        return phrases.say(pace.paceTakes() == 1 ? "pace.own.one" : "pace.own.many", words, pace.paceTakes());
    }

    public String booth(ProductionPlan plan) {
        Pace pace = plan.pace();
        return phrases.say(
                pace.ownBooth() ? "booth.own" : "booth.usual",
                minutes(plan.boothHours() * HOUR_MIN),
                figures.tenths(pace.booth()));
    }

    public String editing(ProductionPlan plan) {
        Pace pace = plan.pace();
        return phrases.say(
                pace.ownEdit() && pace.ownProof() ? "edit.own" : "edit.usual",
                minutes(plan.editHours() * HOUR_MIN),
                figures.tenths(pace.edit() + pace.proof()));
    }

    public String disk(DiskNeed need) {
        return phrases.say("disk", bytes(need.here()), bytes(need.backup()));
    }

    /** Whether there is room: free bytes, and a warning in front where they are few. */
    public String room(DiskRoom room, OptionalLong free) {
        return switch (room) {
            case UNKNOWN -> Figures.ABSENT;
            case ENOUGH -> phrases.say("disk.free", bytes((double) free.orElseThrow()));
            case SHORT -> phrases.say("room.short", bytes((double) free.orElseThrow()));
            case FULL -> phrases.say("room.full", bytes((double) free.orElseThrow()));
        };
    }

    /** What comes in, with its arithmetic; absent where nobody pays. */
    public String fee(ProductionPlan plan) {
        Fee fee = plan.production().money().fee().orElse(null);
        if (fee == null) {
            return Figures.ABSENT;
        }
        Currency currency = plan.production().money().currency();
        String sum = money(plan.income().orElseThrow(), currency);
        String arithmetic = switch (fee.basis()) {
            case FINISHED_HOUR ->
                phrases.say(
                        "fee.finished-hour",
                        figures.hundredths(plan.finishedS() / 3600),
                        money(fee.amount(), currency),
                        sum);
            case WORD -> phrases.say("fee.word", whole(plan.words()), money(fee.amount(), currency), sum);
            case FLAT -> phrases.say("fee.flat", sum);
        };
        return plan.hourly()
                .map(h -> phrases.say("fee.hourly", arithmetic, money(h, currency)))
                .orElse(arithmetic);
    }

    /** One change that would make it fit. */
    public String remedy(Remedy remedy, ProductionPlan plan) {
        String key = "remedy." + remedy.kind().id();
        return switch (remedy.kind()) {
            case EARLIER, MORE_DAYS -> phrases.count(key, remedy.amount());
            case LONGER_SESSIONS, MORE_EDITING -> phrases.say(key, minutes((double) remedy.amount()));
            case FEWER_WORDS -> phrases.say(key + (plan.words() > 0 ? ".words" : ".minutes"), whole(remedy.amount()));
            case LATER ->
                phrases.say(
                        key,
                        day(plan.production().brief().deadline().orElseThrow().plusDays(remedy.amount())));
        };
    }

    /** An amount of money, without cents where there are none. */
    public String money(BigDecimal amount, Currency currency) {
        NumberFormat format = NumberFormat.getCurrencyInstance(locale);
        format.setCurrency(currency);
        boolean whole = amount.stripTrailingZeros().scale() <= 0;
        format.setMinimumFractionDigits(whole ? 0 : 2);
        format.setMaximumFractionDigits(
                whole ? 0 : Math.max(2, Math.min(4, amount.stripTrailingZeros().scale())));
        return format.format(amount).replace('\u00a0', ' ');
    }

    public String bytes(double bytes) {
        return bytes >= GIGA
                ? phrases.say("size.gb", figures.tenths(bytes / GIGA))
                : phrases.say("size.mb", figures.whole(Math.ceil(bytes / MEGA)));
    }

    /** Length of a recording: seconds, minutes with seconds below ten, or hours and minutes. */
    public String seconds(double seconds) {
        if (Math.rint(seconds) < MINUTE_S) {
            return phrases.say("length.seconds", figures.whole(seconds));
        }
        return seconds < EXACT_MIN * MINUTE_S
                ? phrases.say("length.minutes", figures.clock(seconds))
                : minutes(seconds / MINUTE_S);
    }

    public String minutes(double minutes) {
        long whole = Math.round(minutes);
        long hours = whole / 60;
        if (hours == 0) {
            return phrases.say("length.minutes", String.valueOf(whole));
        }
        return whole % 60 == 0
                ? phrases.say("length.hours", String.valueOf(hours))
                : phrases.say("length.both", String.valueOf(hours), String.valueOf(whole % 60));
    }

    /** A number with its thousands apart, such as "104,200". */
    public String whole(long number) {
        return NumberFormat.getIntegerInstance(locale).format(number);
    }

    public String day(LocalDate date) {
        return day.format(date);
    }

    /** A day where there is little room, such as "14 Mar". */
    public String shortDay(LocalDate date) {
        return shortDay.format(date);
    }

    public String weekday(LocalDate date) {
        return weekday.format(date);
    }
}
