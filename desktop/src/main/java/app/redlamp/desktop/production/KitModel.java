package app.redlamp.desktop.production;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.choose.Candidates;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.fit.KitVerdict;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.RoomNeeds;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.look.Strings;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * The kits of the open production. While something is dragged only the picture changes; when it is let go of, the production is
 * changed, which can be undone. The way is computed at once, what would help a moment later.
 */
public final class KitModel {
    private final ProductionModel open;
    private final Shelf<Gear, Kit> equipment;
    private final Strings strings;
    private final ReadOnlyObjectWrapper<Kit> kit = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyIntegerWrapper seat = new ReadOnlyIntegerWrapper(0);
    private final ReadOnlyObjectWrapper<Need> need = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<SignalPath> path = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<KitAdvice> advice = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Candidates> candidates = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Table> table = new ReadOnlyObjectWrapper<>(Table.USUAL);
    private final ReadOnlyStringWrapper fault = new ReadOnlyStringWrapper("");
    private final Latest<Place, HeardIn> rooms;
    private final Latest<Advised, KitAdvice> advising;
    private final Latest<Need, Candidates> choosing;
    private Optional<HeardIn> heard = Optional.empty();
    private boolean dragging;
    private Judged judged;

    /** A verdict and what it is on. */
    private record Judged(Kit kit, Need need, int seat, Verdict<KitProblem> verdict) {}

    /** A place that is to be counted. */
    private record Place(Production production, Spot spot) {
        HeardIn heard() {
            double distance = spot.room().distanceM();
            return new HeardIn(spot, KitNeeds.room(Study.of(spot, RoomNeeds.of(production, distance))));
        }
    }

    /** A place as a microphone meets it. */
    private record HeardIn(Spot spot, Surroundings room) {}

    private record Advised(Kit kit, int seat, Need need, Stock shelf) {}

    public KitModel(ProductionModel open, Shelf<Gear, Kit> equipment, JobService jobs, Strings strings) {
        this.open = open;
        this.equipment = equipment;
        this.strings = strings;
        rooms = new Latest<>(jobs, Place::heard, this::hear);
        advising = new Latest<>(jobs, a -> KitAdvice.of(a.kit(), a.seat(), a.need(), a.shelf()), advice::set);
        choosing = new Latest<>(jobs, n -> Candidates.of(n, shelf()), candidates::set);
        open.production().addListener((o, was, now) -> follow(was, now));
        follow(null, open.production().get());
    }

    /** How voices sit to each other. */
    public ReadOnlyObjectProperty<Table> table() {
        return table.getReadOnlyProperty();
    }

    /** Sits at the table in another way. */
    public void sit(Table other) {
        table.set(other);
    }

    private void follow(Production was, Production now) {
        if (now == null || was == null || !was.id().equals(now.id())) {
            rooms.forget();
            advising.forget();
            choosing.forget();
            heard = Optional.empty();
            advice.set(null);
            candidates.set(null);
            seat.set(0);
        }
        dragging = false;
        Kit current = now == null ? null : now.kits().current().orElse(null);
        if (current == null || seat.get() >= current.seats().size()) {
            seat.set(0);
        }
        need.set(now == null ? null : needed(now).orElse(null));
        kit.set(current);
        count();
        advise();
    }

    /** What the job asks; absent until its room has been counted. */
    private Optional<Need> needed(Production now) {
        Optional<Spot> spot = now.spots().current();
        if (spot.isEmpty()) {
            return Optional.of(KitNeeds.of(now, Optional.empty()));
        }
        if (heard.isPresent() && heard.get().spot().equals(spot.get())) {
            return Optional.of(KitNeeds.of(now, Optional.of(heard.get().room())));
        }
        rooms.ask(new Place(now, spot.get()));
        // A room that is only a little different is better than none for the moment.
        return heard.map(h -> KitNeeds.of(now, Optional.of(h.room())));
    }

    private void hear(HeardIn there) {
        Production now = open.production().get();
        if (now != null && now.spots().current().filter(there.spot()::equals).isPresent()) {
            heard = Optional.of(there);
            need.set(KitNeeds.of(now, Optional.of(there.room())));
            count();
            advise();
        }
    }

    /** Where the kit stands for the job; absent without a kit, or for the moment until its room has been counted. */
    public Optional<Verdict<KitProblem>> verdict() {
        Kit now = kit.get();
        Need wanted = need.get();
        if (now == null || wanted == null) {
            return Optional.empty();
        }
        if (judged == null
                || !judged.kit().equals(now)
                || !judged.need().equals(wanted)
                || judged.seat() != seat.get()) {
            Fit fit = Fit.of(now, wanted, shelf());
            judged = new Judged(now, wanted, seat.get(), KitVerdict.of(now, wanted, fit, seat.get()));
        }
        return Optional.of(judged.verdict());
    }

    /** Computes the way of the chosen voice: less than a millisecond. */
    private void count() {
        path.set(chain().map(SignalPath::of).orElse(null));
    }

    private void advise() {
        if (kit.get() != null && need.get() != null && !dragging) {
            advising.ask(new Advised(kit.get(), seat.get(), need.get(), shelf()));
        }
    }

    private Optional<Chain> chain() {
        return kit.get() == null || need.get() == null
                ? Optional.empty()
                : kit.get().chain(seat.get(), need.get().room(), need.get().finishing());
    }

    /** Whether it must be said whom something is about. */
    public boolean several() {
        return kit.get() != null && kit.get().seats().size() > 1;
    }

    public Stock shelf() {
        return new Stock(equipment.parts());
    }

    /** The kit as it is shown; null for none. */
    public ReadOnlyObjectProperty<Kit> kit() {
        return kit.getReadOnlyProperty();
    }

    /** Which voice is looked at, from 0. */
    public ReadOnlyIntegerProperty seat() {
        return seat.getReadOnlyProperty();
    }

    /** What the job asks; null without a production, or for the moment until its room has been counted. */
    public ReadOnlyObjectProperty<Need> need() {
        return need.getReadOnlyProperty();
    }

    /** The way of the voice that is looked at; null where there is none, or none yet. */
    public ReadOnlyObjectProperty<SignalPath> path() {
        return path.getReadOnlyProperty();
    }

    /** What would help; may be that of a kit as it was a moment ago. Null for none. */
    public ReadOnlyObjectProperty<KitAdvice> advice() {
        return advice.getReadOnlyProperty();
    }

    /** Advice on just what is shown. */
    public Optional<KitAdvice> fresh() {
        KitAdvice known = advice.get();
        return known != null && known.kit().equals(kit.get()) && known.need().equals(need.get())
                ? Optional.of(known)
                : Optional.empty();
    }

    /** Kits that come into question for the job, the best first; asked for with {@link #choose()}. Null for none yet. */
    public ReadOnlyObjectProperty<Candidates> candidates() {
        return candidates.getReadOnlyProperty();
    }

    /** Why the last entry was not taken, one line; empty where it was. */
    public ReadOnlyStringProperty fault() {
        return fault.getReadOnlyProperty();
    }

    public ProductionModel openProduction() {
        return open;
    }

    public Kits kits() {
        Production production = open.production().get();
        return production == null ? Kits.NONE : production.kits();
    }

    /** The voice that is looked at; absent without a kit. */
    public Optional<Seat> currentSeat() {
        return Optional.ofNullable(kit.get()).map(k -> k.seats().get(seat.get()));
    }

    /** Looks at another voice. */
    public void look(int index) {
        if (kit.get() != null && index >= 0 && index < kit.get().seats().size()) {
            seat.set(index);
            count();
            advise();
        }
    }

    /** Asks for kits that come into question. */
    public void choose() {
        if (need.get() != null) {
            choosing.ask(need.get());
        }
    }

    /** Whether something is being dragged: then only what moves is worth drawing at once. */
    public boolean dragging() {
        return dragging;
    }

    /** Shows a change of the voice while it is dragged, without changing the production. */
    public void drag(UnaryOperator<Seat> change) {
        currentSeat().ifPresent(s -> {
            dragging = true;
            kit.set(kit.get().with(seat.get(), change.apply(s)));
            count();
        });
    }

    /** Keeps what was dragged. */
    public void drop(String name) {
        if (dragging) {
            dragging = false;
            Kit dropped = kit.get();
            change(name, k -> k.changing(dropped));
            advise();
        }
    }

    /** Gives up what is dragged. */
    public void cancelDrag() {
        if (dragging) {
            follow(open.production().get(), open.production().get());
        }
    }

    /** Changes the voice that is looked at. */
    public void editSeat(String name, UnaryOperator<Seat> change) {
        edit(name, k -> k.with(seat.get(), change.apply(k.seats().get(seat.get()))));
    }

    /** Changes the kit. */
    public void edit(String name, UnaryOperator<Kit> change) {
        if (kit.get() != null) {
            change(name, k -> k.changing(change.apply(kit.get())));
        }
    }

    /** Changes the kits; whatever cannot be is said and not done. */
    public void change(String name, UnaryOperator<Kits> change) {
        if (open.production().get() != null) {
            enter(() -> open.edit(strings.say(name), p -> p.with(change.apply(p.kits()))));
        }
    }

    /** Takes an entry; what is wrong with it is said in one line. */
    public void enter(Runnable entry) {
        try {
            fault.set("");
            entry.run();
        } catch (IllegalArgumentException e) {
            fault.set(String.valueOf(e.getMessage()));
        }
    }

    /** Puts every knob where its loudest line is wanted. */
    public void setGains() {
        Need now = need.get();
        if (now != null) {
            edit("edit.gain", k -> k.set(now.room(), now.finishing(), now.school()));
        }
    }
}
