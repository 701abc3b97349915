package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.spot.Ranking;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.RoomNeeds;
import app.redlamp.core.port.Shelf;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

/**
 * The places that come into question for the open production. While something is dragged only the picture changes; when it is
 * let go of, the production is changed, which can be undone.
 */
public final class RoomModel {
    private final ProductionModel open;
    private final Strings strings;
    private final ReadOnlyObjectWrapper<Spot> spot = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Study> study = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Study> before = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Advice> advice = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<List<Ranking>> ranking = new ReadOnlyObjectWrapper<>(List.of());
    private final StringProperty selected = new SimpleStringProperty("");
    private final ReadOnlyStringWrapper fault = new ReadOnlyStringWrapper("");
    private final Latest<Asked, Study> studying;
    private final Latest<Study, Advice> advising;
    private final Latest<List<Asked>, List<Ranking>> ranked;
    private final Latest<List<Asked>, List<Ranking>> offered;
    private final ReadOnlyObjectWrapper<List<Ranking>> offers = new ReadOnlyObjectWrapper<>(List.of());
    private boolean dragging;
    private boolean advises;

    /** What is to be studied. */
    private record Asked(Production production, Spot spot) {
        Study study() {
            return Study.of(spot, RoomNeeds.of(production, spot.room().distanceM()));
        }
    }

    public RoomModel(ProductionModel open, Shelf<Material, Spot> rooms, JobService jobs, Strings strings) {
        this.open = open;
        this.strings = strings;
        studying = new Latest<>(jobs, Asked::study, this::studied);
        advising = new Latest<>(jobs, s -> Advice.of(s, rooms.parts()), advice::set);
        ranked = new Latest<>(jobs, RoomModel::rank, ranking::set);
        offered = new Latest<>(jobs, RoomModel::rank, offers::set);
        open.production().addListener((o, was, now) -> follow(was, now));
        follow(null, open.production().get());
    }

    private static List<Ranking> rank(List<Asked> all) {
        return Ranking.of(all.stream().map(Asked::study).toList());
    }

    private void follow(Production was, Production now) {
        if (now == null || was == null || !was.id().equals(now.id())) {
            studying.forget();
            advising.forget();
            study.set(null);
            before.set(null);
            advice.set(null);
            selected.set("");
        }
        Spot current = now == null ? null : now.spots().current().orElse(null);
        Spot shown = spot.get();
        boolean other = current == null || shown == null || !current.id().equals(shown.id());
        if (other) {
            before.set(null);
        }
        spot.set(current);
        if (current != null) {
            studying.ask(new Asked(now, current));
            ranked.ask(now.spots().all().stream().map(s -> new Asked(now, s)).toList());
        } else {
            study.set(null);
            ranking.set(List.of());
        }
    }

    private void studied(Study now) {
        if (spot.get() != null && now.spot().id().equals(spot.get().id())) {
            study.set(now);
            if (advises && !dragging && now.spot().equals(spot.get())) {
                advising.ask(now);
            }
        }
    }

    /** Somebody looks at the room: from now on what would help is computed too. It takes most of the time that a room takes. */
    void advise() {
        if (!advises) {
            advises = true;
            if (study.get() != null) {
                studied(study.get());
            }
        }
    }

    /** The place as it is shown; null for none. */
    public ReadOnlyObjectProperty<Spot> spot() {
        return spot.getReadOnlyProperty();
    }

    /** What follows from it, as soon as that is computed; null for none. */
    public ReadOnlyObjectProperty<Study> study() {
        return study.getReadOnlyProperty();
    }

    /** How it was before the last change, to compare by; null for none. */
    public ReadOnlyObjectProperty<Study> before() {
        return before.getReadOnlyProperty();
    }

    /** What would help; may be that of a place as it was a moment ago. Null for none. */
    public ReadOnlyObjectProperty<Advice> advice() {
        return advice.getReadOnlyProperty();
    }

    /** All places, the best for this job first. */
    public ReadOnlyObjectProperty<List<Ranking>> ranking() {
        return ranking.getReadOnlyProperty();
    }

    /** What rooms to begin with would be like for this job, the best first; asked for with {@link #offer}. */
    public ReadOnlyObjectProperty<List<Ranking>> offers() {
        return offers.getReadOnlyProperty();
    }

    /** Asks what rooms would be like for the open production; does nothing without one. */
    public void offer(List<Spot> spots) {
        Production production = open.production().get();
        if (production != null) {
            offered.ask(spots.stream().map(s -> new Asked(production, s)).toList());
        }
    }

    /** Id of what is selected in the plan; empty for nothing. */
    public StringProperty selected() {
        return selected;
    }

    /** Why the last entry was not taken, one line; empty where it was. */
    public ReadOnlyStringProperty fault() {
        return fault.getReadOnlyProperty();
    }

    public ProductionModel openProduction() {
        return open;
    }

    public Strings strings() {
        return strings;
    }

    public Spots spots() {
        Production production = open.production().get();
        return production == null ? Spots.NONE : production.spots();
    }

    /** Shows a room while it is dragged, without changing the production. */
    public void drag(UnaryOperator<Room> change) {
        if (spot.get() != null) {
            dragging = true;
            spot.set(spot.get().with(change.apply(spot.get().room())));
            studying.ask(new Asked(open.production().get(), spot.get()));
        }
    }

    /** Whether something is being dragged: then only what moves is worth drawing at once. */
    public boolean dragging() {
        return dragging;
    }

    /** Keeps what was dragged. */
    public void drop(String name) {
        if (dragging) {
            dragging = false;
            Spot dropped = spot.get();
            change(name, s -> s.changing(dropped));
            // Also where it is back at its place: what is shown is then what holds.
            studying.ask(new Asked(open.production().get(), dropped));
        }
    }

    /** Gives up what is dragged. */
    public void cancelDrag() {
        if (dragging) {
            dragging = false;
            follow(open.production().get(), open.production().get());
        }
    }

    /** Changes the room. */
    public void edit(String name, UnaryOperator<Room> change) {
        editSpot(name, s -> s.with(change.apply(s.room())));
    }

    /** Changes the place. */
    public void editSpot(String name, UnaryOperator<Spot> change) {
        if (spot.get() != null) {
            change(name, s -> s.changing(change.apply(spot.get())));
        }
    }

    /** Changes the places; whatever cannot be is said and not done. */
    public void change(String name, UnaryOperator<Spots> change) {
        if (open.production().get() != null) {
            Study was = study.get();
            enter(() -> open.edit(strings.say(name), p -> p.with(change.apply(p.spots()))));
            if (was != null
                    && spot.get() != null
                    && was.spot().id().equals(spot.get().id())) {
                before.set(was);
            }
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

    /** Adds a place and shows it. */
    public void add(Spot made) {
        change("edit.place", s -> {
            Spots more = s.with(made);
            return more.choosing(more.all().get(more.all().size() - 1).id());
        });
    }

    /** Makes a place the production's room. */
    public void choose(String id) {
        change("edit.place.choose", s -> s.choosing(id));
    }

    public void remove(String id) {
        change("edit.place.remove", s -> s.without(id));
    }

    /** Removes what is selected in the plan, unless it is the reader or the microphone. */
    public void removeSelected() {
        String id = selected.get();
        if (!id.isEmpty() && !PlanIds.isFixed(id)) {
            edit("edit.thing.remove", r -> r.without(id));
            selected.set("");
        }
    }
}
