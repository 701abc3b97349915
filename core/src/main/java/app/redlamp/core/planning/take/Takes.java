package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The facts of a production: takes and deliveries, in the order in which they came.
 *
 * @param all each file once
 * @param deliveries of a take and a specification the last one only
 */
public record Takes(List<Take> all, List<Delivery> deliveries) {
    public static final Takes NONE = new Takes(List.of(), List.of());

    /** @throws IllegalArgumentException for two takes of one file */
    public Takes {
        all = List.copyOf(all);
        deliveries = List.copyOf(deliveries);
        if (all.stream().map(Take::file).distinct().count() < all.size()) {
            throw new IllegalArgumentException(Faults.say("takes.two-takes-are"));
        }
    }

    /** The take of a file; absent for none. */
    public Optional<Take> take(String file) {
        return all.stream().filter(t -> t.file().equals(file)).findFirst();
    }

    /** With takes that are not known yet; those that are stay as they are. */
    public Takes adopting(List<Take> found) {
        List<Take> more = new ArrayList<>(all);
        found.stream().filter(f -> take(f.file()).isEmpty()).forEach(more::add);
        return more.size() == all.size() ? this : new Takes(more, deliveries);
    }

    /** With takes that were recorded: they are known better than what was only found of the same file. */
    public Takes recording(List<Take> recorded) {
        Takes after = this;
        for (Take one : recorded) {
            after = after.take(one.file()).isPresent() ? after.changing(one) : after.adopting(List.of(one));
        }
        return after;
    }

    /** With the take of the same file changed. */
    public Takes changing(Take changed) {
        return new Takes(
                all.stream()
                        .map(t -> t.file().equals(changed.file()) ? changed : t)
                        .toList(),
                deliveries);
    }

    /** With one more delivery, in place of the last of the same take and specification. */
    public Takes delivering(Delivery made) {
        List<Delivery> more = new ArrayList<>(deliveries);
        more.removeIf(d -> d.take().equals(made.take()) && d.specification().equals(made.specification()));
        more.add(made);
        return new Takes(all, more);
    }
}
