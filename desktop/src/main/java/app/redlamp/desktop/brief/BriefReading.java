package app.redlamp.desktop.brief;

import app.redlamp.core.planning.mail.Question;
import app.redlamp.core.planning.plan.JobCaution;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.script.Mention;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.Planned;
import app.redlamp.words.OrderWording;
import app.redlamp.words.PlanWording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What the reading column of the Brief station says. */
final class BriefReading {
    private static final int NAMED = 4;

    private final BriefModel model;
    private final Strings strings;
    private final PlanWording plans;
    private final OrderWording orders;
    private final Ways ways;

    /** What the reading can make happen. */
    record Ways(Runnable bring, Runnable paste, Runnable mail, Runnable words, Runnable job, Runnable export) {}

    BriefReading(BriefModel model, Strings strings, PlanWording plans, OrderWording orders, Ways ways) {
        this.model = model;
        this.strings = strings;
        this.plans = plans;
        this.orders = orders;
        this.ways = ways;
    }

    Reading now() {
        Optional<Planned> planned = model.planned();
        if (planned.isEmpty()) {
            return Reading.plain(
                    strings.say("brief.none"),
                    List.of(),
                    "",
                    List.of(),
                    Optional.empty(),
                    List.of(),
                    strings.say("brief.none.detail"));
        }
        Planned p = planned.get();
        boolean empty = p.production().pieces().isEmpty();
        return Reading.plain(
                empty
                        ? strings.say("brief.empty", p.production().brief().title())
                        : plans.sentence(p.verdict(), p.plan()),
                empty ? List.of() : figures(p),
                strings.say("brief.help"),
                help(p),
                empty ? Optional.of(action("bring", "brief.bring", ways.bring())) : export(p),
                cautions(p),
                empty ? "" : strings.say("brief.source"));
    }

    private Optional<Reading.Action> export(Planned p) {
        return p.plan().schedule().sessions().isEmpty()
                ? Optional.empty()
                : Optional.of(action("export", "brief.export", ways.export()));
    }

    private List<Reading.Figure> figures(Planned p) {
        ProductionPlan plan = p.plan();
        List<Reading.Figure> figures = new ArrayList<>();
        figures.add(
                new Reading.Figure(FigureId.PLAN_PACE, strings.say("figure.reading"), plans.pace(plan.pace()), "pace"));
        figures.add(
                new Reading.Figure(FigureId.PLAN_BOOTH, strings.say("figure.booth"), plans.booth(plan), "booth-time"));
        figures.add(new Reading.Figure(
                FigureId.PLAN_EDITING, strings.say("figure.editing"), plans.editing(plan), "editing-time"));
        figures.add(new Reading.Figure(
                FigureId.PLAN_DISK,
                strings.say("figure.disk"),
                plans.disk(plan.disk()) + "; " + plans.room(p.room(), p.freeBytes()),
                "disk-need"));
        if (plan.income().isPresent()) {
            figures.add(new Reading.Figure(FigureId.PLAN_FEE, strings.say("figure.fee"), plans.fee(plan), "fee"));
        }
        return figures;
    }

    /** What to do next, what blocks first; at most three. */
    private List<Reading.Help> help(Planned p) {
        List<Reading.Help> all = new ArrayList<>();
        if (p.production().pieces().isEmpty()) {
            all.add(new Reading.Help(
                    strings.say("help.paste"),
                    strings.say("help.paste.detail"),
                    Optional.of(action("help-paste", "help.paste.do", ways.paste()))));
        }
        for (Problem<PlanProblem> problem : p.verdict().problems()) {
            switch (problem.detail()) {
                case DISK_FULL, DISK_SHORT ->
                    all.add(new Reading.Help(
                            strings.say("help.disk"), plans.room(p.room(), p.freeBytes()), Optional.empty()));
                case NAMES ->
                    all.add(new Reading.Help(
                            strings.say("help.names"),
                            p.nameFault(),
                            Optional.of(action("help-names", "help.names.do", ways.job()))));
                case NEVER, DEADLINE -> p.remedies().forEach(r -> all.add(remedy(r, p)));
                case NO_SCRIPT -> {}
            }
        }
        List<Question> questions = model.questions().get();
        if (!questions.isEmpty()) {
            all.add(new Reading.Help(
                    strings.say("help.ask", questions.size()),
                    questions.stream()
                            .map(q -> orders.name(q.asked()))
                            .distinct()
                            .collect(Collectors.joining(", ")),
                    Optional.of(action("help-ask", "help.ask.do", ways.mail()))));
        }
        List<Mention> names = p.undecided().stream()
                .filter(m -> m.kind() == Mention.Kind.NAME || m.kind() == Mention.Kind.FOREIGN)
                .toList();
        if (!names.isEmpty()) {
            all.add(new Reading.Help(
                    strings.say("help.say", names.size()),
                    names.stream().limit(NAMED).map(Mention::term).collect(Collectors.joining(", "))
                            + (names.size() > NAMED ? " …" : ""),
                    Optional.of(action("help-say", "help.say.do", ways.words()))));
        }
        if (p.production().order().mail().isEmpty() && !p.production().pieces().isEmpty()) {
            all.add(new Reading.Help(
                    strings.say("help.mail"),
                    strings.say("help.mail.detail"),
                    Optional.of(action("help-mail", "help.mail.do", ways.mail()))));
        }
        if (!p.production().pieces().isEmpty() && p.plan().recorded() == 0) {
            all.add(new Reading.Help(strings.say("help.sample"), strings.say("help.sample.detail"), Optional.empty()));
        }
        return all.subList(0, Math.min(Reading.MOST_HELP, all.size()));
    }

    private Reading.Help remedy(Remedy remedy, Planned p) {
        String id = "remedy-" + remedy.kind().id();
        boolean doable = remedy.kind() != Remedy.Kind.FEWER_WORDS;
        return new Reading.Help(
                plans.remedy(remedy, p.plan()),
                detail(remedy),
                doable ? Optional.of(action(id, "help.remedy.do", () -> model.apply(remedy))) : Optional.empty());
    }

    private String detail(Remedy remedy) {
        return switch (remedy.kind()) {
            case LONGER_SESSIONS -> strings.say("remedy.voice");
            case LATER -> strings.say("remedy.ask");
            default -> strings.say("remedy.alone");
        };
    }

    private List<String> cautions(Planned p) {
        if (p.production().pieces().isEmpty()) {
            return List.of();
        }
        String longest = plans.minutes(p.production().time().longestSessionMin());
        return JobCaution.of(p.production().brief().kind()).stream()
                .map(c -> strings.say("caution." + c.id(), longest))
                .toList();
    }

    private Reading.Action action(String id, String key, Runnable run) {
        return new Reading.Action(id, strings.say(key), run);
    }
}
