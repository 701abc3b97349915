package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.cabin.CabinChoice;
import app.redlamp.core.acoustics.cabin.Cabins;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.PartShelf;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Booths beside cloth and wool for the place that is shown, once somebody asks. */
public final class BoothsModel {
    private final RoomModel room;
    private final PartShelf<Cabin> offers;
    private final JobService jobs;
    private final ReadOnlyObjectWrapper<List<CabinChoice>> choices = new ReadOnlyObjectWrapper<>(List.of());
    private final Latest<Asked, List<CabinChoice>> choosing;
    private boolean wanted;

    /** What is to be compared. */
    private record Asked(Advice advice, List<Cabin> booths, int persons) {
        List<CabinChoice> choices() {
            return Cabins.of(advice.study(), advice.steps(), booths, persons);
        }
    }

    public BoothsModel(RoomModel room, PartShelf<Cabin> offers, JobService jobs) {
        this.room = room;
        this.offers = offers;
        this.jobs = jobs;
        choosing = new Latest<>(jobs, Asked::choices, choices::set);
        offers.faults().stream().reduce((a, b) -> a + " · " + b).ifPresent(jobs::notify);
        room.advice().addListener((o, was, now) -> compare());
    }

    /** Asks for the comparison, now and whenever the place changes. */
    void want() {
        if (!wanted) {
            wanted = true;
            compare();
        }
    }

    private void compare() {
        Advice advice = room.advice().get();
        Production production = room.openProduction().production().get();
        if (!wanted) {
            return;
        }
        if (advice == null || production == null) {
            choosing.forget();
            choices.set(List.of());
            return;
        }
        choosing.ask(new Asked(advice, offers.parts(), KitNeeds.voices(production.brief())));
    }

    /** All ways side by side, the first as it is; none as long as nothing is computed. */
    ReadOnlyObjectProperty<List<CabinChoice>> choices() {
        return choices.getReadOnlyProperty();
    }

    /** Booths that can be had. */
    List<Cabin> offers() {
        return offers.parts();
    }

    boolean isOwn(String id) {
        return offers.isOwn(id);
    }

    /** Keeps an offer of the user's own in the library. */
    void keep(Cabin booth, Runnable then) {
        jobs.chore(
                progress -> {
                    offers.save(booth);
                    return booth;
                },
                kept -> {
                    compare();
                    then.run();
                });
    }

    /** Forgets an offer of the user's own. */
    void forget(String id, Runnable then) {
        jobs.chore(
                progress -> {
                    offers.forget(id);
                    return id;
                },
                gone -> {
                    compare();
                    then.run();
                });
    }
}
