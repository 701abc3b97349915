package app.redlamp.core.chain.kit;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Ids;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The kits that come into question for a job.
 *
 * @param all in the order in which they were added
 * @param chosen id of the one that it is recorded with; empty for none yet
 * @param owned how many there are already of each part, by its id
 * @param guess the room, for as long as none is drawn
 */
public record Kits(List<Kit> all, String chosen, Map<String, Integer> owned, RoomGuess guess) {
    public static final Kits NONE = new Kits(List.of(), "", Map.of(), RoomGuess.USUAL);

    /** More kits nobody compares (ours). */
    public static final int MOST = 12;

    /** @throws IllegalArgumentException for two kits of one id, too many, or a choice that is not there */
    public Kits {
        all = List.copyOf(all);
        owned = Map.copyOf(owned);
        if (all.stream().map(Kit::id).distinct().count() < all.size()) {
            throw new IllegalArgumentException(Faults.say("kits.two-kits-have"));
        }
        if (all.size() > MOST) {
            throw new IllegalArgumentException(Faults.say("kits.kits-at-most", all.size(), MOST));
        }
        String wanted = chosen;
        if (!chosen.isEmpty() && all.stream().noneMatch(k -> k.id().equals(wanted))) {
            throw new IllegalArgumentException(Faults.say("kits.chosen-kit-is", chosen));
        }
    }

    /** The kit of an id; absent for none. */
    public Optional<Kit> byId(String id) {
        return all.stream().filter(k -> k.id().equals(id)).findFirst();
    }

    /** The kit that it is recorded with. */
    public Optional<Kit> current() {
        return byId(chosen);
    }

    /** With one more, under an id that is free; it is chosen. */
    public Kits with(Kit kit) {
        String id = Ids.free(kit.id(), taken -> byId(taken).isPresent());
        List<Kit> more = new ArrayList<>(all);
        more.add(kit.as(id));
        return new Kits(more, id, owned, guess);
    }

    /** With the one of the same id changed. */
    public Kits changing(Kit kit) {
        return new Kits(all.stream().map(k -> k.id().equals(kit.id()) ? kit : k).toList(), chosen, owned, guess);
    }

    /** Without one; if it was chosen, the first of the others is. */
    public Kits without(String id) {
        List<Kit> rest = all.stream().filter(k -> !k.id().equals(id)).toList();
        String other = rest.isEmpty() ? "" : rest.get(0).id();
        return new Kits(rest, chosen.equals(id) ? other : chosen, owned, guess);
    }

    /** The same with another kit chosen. */
    public Kits choosing(String id) {
        return new Kits(all, id, owned, guess);
    }

    /** The same with so many pieces of each part at hand, by id. */
    public Kits owning(Map<String, Integer> counts) {
        return new Kits(all, chosen, counts, guess);
    }

    /** The same with another guess of the room. */
    public Kits guessing(RoomGuess room) {
        return new Kits(all, chosen, owned, room);
    }
}
