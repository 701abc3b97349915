package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Plug;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Finds the cheapest part that does what is wanted; what is there already costs nothing. */
public final class Stock {
    private final List<Gear> all;

    public Stock(List<Gear> all) {
        this.all = List.copyOf(all);
    }

    /** All gear. */
    public List<Gear> all() {
        return all;
    }

    /** All of a type. */
    public <G extends Gear> List<G> of(Class<G> type) {
        return all.stream().filter(type::isInstance).map(type::cast).toList();
    }

    /** The cheapest of a type that will do; absent where none does. */
    public <G extends Gear> Optional<G> cheapest(Class<G> type, Predicate<G> wanted) {
        return of(type).stream()
                .filter(wanted)
                .min(Comparator.comparingDouble((G g) -> g.price().fresh()).thenComparing(Gear::id));
    }

    /** The cheapest thing for a use; absent where there is none. */
    public Optional<Extra> extra(Extra.Use use) {
        return cheapest(Extra.class, e -> e.use() == use);
    }

    /** A lead from one plug to a socket, at least as long as needed. */
    public Optional<Cable> cable(Plug from, Plug socket, double lengthM) {
        return cheapest(Cable.class, c -> c.from() == from && c.to().fits(socket) && c.lengthM() >= lengthM);
    }
}
