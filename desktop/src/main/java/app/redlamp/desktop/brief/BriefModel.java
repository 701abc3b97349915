package app.redlamp.desktop.brief;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.mail.Proposal;
import app.redlamp.core.planning.mail.Question;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.plan.Spent;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.port.Scripts;
import app.redlamp.core.port.Specifications;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.desktop.specification.SpecificationEdit;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Currency;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/** The Brief station: the job, its order, its time and its money. The script has {@link ScriptModel}. */
public final class BriefModel {
    private final ProductionModel open;
    private final Specifications specifications;
    private final JobService jobs;
    private final Strings strings;
    private final ScriptModel script;
    private final ReadOnlyStringWrapper fault = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<List<Question>> questions = new ReadOnlyObjectWrapper<>(List.of());
    private final Latest<Mail, Mail.Understood> asking;

    public BriefModel(
            ProductionModel open, Scripts scripts, Specifications specifications, JobService jobs, Strings strings) {
        this.open = open;
        this.specifications = specifications;
        this.jobs = jobs;
        this.strings = strings;
        script = new ScriptModel(open, scripts, jobs, strings);
        asking = new Latest<>(
                jobs, Mail::understood, u -> questions.set(u.proposal().questions()));
        open.production().addListener((o, was, now) -> askAgain(was, now));
    }

    private void askAgain(Production was, Production now) {
        if (now != null && was != null && was.order().equals(now.order())) {
            return;
        }
        asking.forget();
        questions.set(List.of());
        if (now != null && !now.order().mail().isEmpty()) {
            asking.ask(mail(now.order().mail()));
        }
    }

    public ProductionModel openProduction() {
        return open;
    }

    public ScriptModel script() {
        return script;
    }

    /** What was wrong with what was entered last, one line; empty for nothing. */
    public ReadOnlyStringProperty fault() {
        return fault.getReadOnlyProperty();
    }

    /** Production and plan of the moment; empty as long as there is none. */
    public Optional<Planned> planned() {
        return Optional.ofNullable(open.planned().get());
    }

    /** Starts a production with what goes with its kind; what the one before says of time is taken over. */
    public void start(JobKind kind, String title, String client, Optional<LocalDate> deadline, Path parent) {
        enter(() -> {
            Brief brief = Brief.of(kind, title.strip(), client.strip(), open.today(), deadline);
            Optional<Production> before = Optional.ofNullable(open.production().get());
            open.create(
                    parent,
                    new Production(
                            UUID.randomUUID().toString(),
                            brief,
                            Order.of(usual(kind)),
                            Script.NONE,
                            before.map(Production::effort).orElse(WorkRatios.USUAL),
                            before.map(Production::time).orElse(WorkingTime.USUAL),
                            Money.in(before.map(b -> b.money().currency()).orElseGet(this::currency)),
                            List.of()));
        });
    }

    private Currency currency() {
        try {
            return Currency.getInstance(strings.locale());
        } catch (IllegalArgumentException e) {
            // A language without a country has no currency.
            return Currency.getInstance("EUR");
        }
    }

    /** Changes what the job is; order, recording and names follow unless they were changed by hand. */
    public void become(JobKind kind) {
        edit("edit.kind", p -> {
            Brief was = p.brief();
            Brief now = was.as(kind);
            Brief kept = was.pattern().equals(was.kind().pattern()) ? now : now.named(was.pattern());
            boolean own = p.order().deviates() || !p.order().mail().isEmpty();
            return own ? p.with(kept) : p.with(kept).with(Order.of(usual(kind)));
        });
    }

    public void changeBrief(String name, UnaryOperator<Brief> change) {
        edit(name, p -> p.with(change.apply(p.brief())));
    }

    public void changeTime(UnaryOperator<WorkingTime> change) {
        edit("edit.time", p -> p.with(change.apply(p.time())));
    }

    public void changeEffort(UnaryOperator<WorkRatios> change) {
        edit("edit.effort", p -> p.with(change.apply(p.effort())));
    }

    public void changeMoney(UnaryOperator<Money> change) {
        edit("edit.money", p -> p.with(change.apply(p.money())));
    }

    public void spend(Spent spent) {
        edit("edit.spent", p -> p.spending(spent));
    }

    /** Takes a day off, or gives it back. */
    public void turnDay(LocalDate day) {
        changeTime(t -> {
            Set<LocalDate> off = new HashSet<>(t.daysOff());
            if (!off.remove(day)) {
                off.add(day);
            }
            return t.withDaysOff(off);
        });
    }

    /** Does one of the things that make the plan fit, where the application can do it. */
    public void apply(Remedy remedy) {
        edit("edit.remedy", p -> {
            WorkingTime time = p.time();
            int amount = (int) remedy.amount();
            return switch (remedy.kind()) {
                case EARLIER ->
                    p.with(p.brief()
                            .between(
                                    p.brief().start().minusDays(amount),
                                    p.brief().deadline()));
                case LONGER_SESSIONS -> p.with(time.withLongestSession(amount));
                case MORE_EDITING -> p.with(time.withEditing(amount));
                case MORE_DAYS -> p.with(withMoreDays(time, amount));
                case LATER ->
                    p.with(p.brief()
                            .between(p.brief().start(), p.brief().deadline().map(d -> d.plusDays(amount))));
                case FEWER_WORDS -> p;
            };
        });
    }

    private static WorkingTime withMoreDays(WorkingTime time, int count) {
        Map<DayOfWeek, QuietHours> more = new EnumMap<>(DayOfWeek.class);
        more.putAll(time.quiet());
        time.freeDays().stream()
                .limit(count)
                .forEach(d -> more.put(d, time.quiet().values().iterator().next()));
        return time.withQuiet(more);
    }

    private Mail mail(String text) {
        return new Mail(text, open.production().get().order().basedOn(), specifications.all());
    }

    /**
     * Reads a client's mail away from the interface thread, without taking anything over yet.
     *
     * @param show told what was understood, of several that were asked for at once only the last
     */
    public Consumer<String> reading(Consumer<Mail.Understood> show) {
        Latest<Mail, Mail.Understood> latest = new Latest<>(jobs, Mail::understood, show);
        return text -> latest.ask(mail(text));
    }

    /** Takes over what was read from a mail. */
    public void take(Proposal proposal, String mail) {
        edit("edit.mail", p -> p.with(new Order(proposal.specification(), proposal.base(), proposal.quotes(), mail)));
    }

    /** What has still to be asked of the client, as soon as the mail has been read. */
    public ReadOnlyObjectProperty<List<Question>> questions() {
        return questions.getReadOnlyProperty();
    }

    public List<Specification> specifications() {
        return specifications.all();
    }

    /** Takes a specification of the library as it is. */
    public void choose(Specification wanted) {
        edit(
                "edit.order",
                p -> p.with(new Order(wanted, wanted, Map.of(), p.order().mail())));
    }

    /** Begins to edit what this client asks for. */
    public SpecificationEdit editOrder() {
        return SpecificationEdit.ofOrder(
                specifications, jobs, strings, open.production().get().order().specification());
    }

    /** Keeps what was edited; figures that were changed by hand lose the words that they came from. */
    public void keepOrder(Specification edited) {
        edit("edit.order", p -> {
            Order order = p.order();
            Map<Asked, String> quotes = new EnumMap<>(Asked.class);
            order.quotes().forEach((asked, words) -> {
                if (!asked.differs(order.specification(), edited)) {
                    quotes.put(asked, words);
                }
            });
            return p.with(new Order(edited, order.basedOn(), quotes, order.mail()));
        });
    }

    private Specification usual(JobKind kind) {
        return specifications
                .byId(kind.specificationId())
                .orElseGet(() -> specifications.all().get(0));
    }

    void edit(String name, UnaryOperator<Production> change) {
        enter(() -> open.edit(strings.say(name), change));
    }

    /** What cannot be is said, and changes nothing. */
    void enter(Runnable change) {
        try {
            fault.set("");
            change.run();
        } catch (IllegalArgumentException e) {
            fault.set(e.getMessage());
        }
    }
}
