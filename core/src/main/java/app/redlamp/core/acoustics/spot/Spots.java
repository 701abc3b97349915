package app.redlamp.core.acoustics.spot;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Ids;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The places that come into question for a job.
 *
 * @param all in the order in which they were added
 * @param chosen id of the one that it is recorded in; empty for none yet
 */
public record Spots(List<Spot> all, String chosen) {
    public static final Spots NONE = new Spots(List.of(), "");

    /** More places nobody compares (ours). */
    public static final int MOST = 12;

    /** @throws IllegalArgumentException for two places of one id, too many, or a choice that is not there */
    public Spots {
        all = List.copyOf(all);
        if (all.stream().map(Spot::id).distinct().count() < all.size()) {
            throw new IllegalArgumentException(Faults.say("spots.two-places-have"));
        }
        if (all.size() > MOST) {
            throw new IllegalArgumentException(Faults.say("spots.places-at-most", all.size(), MOST));
        }
        String wanted = chosen;
        if (!chosen.isEmpty() && all.stream().noneMatch(s -> s.id().equals(wanted))) {
            throw new IllegalArgumentException(Faults.say("spots.chosen-place-is", chosen));
        }
    }

    /** The place of an id; absent for none. */
    public Optional<Spot> byId(String id) {
        return all.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The place that it is recorded in. */
    public Optional<Spot> current() {
        return byId(chosen);
    }

    /** With one more, under an id that is free; the first is chosen at once. */
    public Spots with(Spot spot) {
        Spot added = spot.as(freeId(spot.id()));
        List<Spot> more = new ArrayList<>(all);
        more.add(added);
        return new Spots(more, chosen.isEmpty() ? added.id() : chosen);
    }

    /** With the one of the same id changed. */
    public Spots changing(Spot spot) {
        return new Spots(
                all.stream().map(s -> s.id().equals(spot.id()) ? spot : s).toList(), chosen);
    }

    /** Without one; if it was chosen, the first of the others is. */
    public Spots without(String id) {
        List<Spot> rest = all.stream().filter(s -> !s.id().equals(id)).toList();
        String other = rest.isEmpty() ? "" : rest.get(0).id();
        return new Spots(rest, chosen.equals(id) ? other : chosen);
    }

    /** The same with another place chosen. */
    public Spots choosing(String id) {
        return new Spots(all, id);
    }

    /** An id that none of them has, made of another. */
    public String freeId(String wanted) {
        return Ids.free(wanted, id -> byId(id).isPresent());
    }
}
