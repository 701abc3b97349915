package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How the chapters of a production are put together: decisions, which can be undone.
 *
 * @param all each piece once
 */
public record Assemblies(List<Assembly> all) {
    public static final Assemblies NONE = new Assemblies(List.of());

    /** @throws IllegalArgumentException for a piece that is there twice */
    public Assemblies {
        all = List.copyOf(all);
        if (all.stream().map(Assembly::piece).distinct().count() < all.size()) {
            throw new IllegalArgumentException(Faults.say("assemblies.twice"));
        }
    }

    /** That of a piece; absent where nothing was decided. */
    public Optional<Assembly> of(String piece) {
        return all.stream().filter(a -> a.piece().equals(piece)).findFirst();
    }

    /** With this one in place of another of its piece. */
    public Assemblies with(Assembly changed) {
        List<Assembly> more = new ArrayList<>(all);
        more.replaceAll(a -> a.piece().equals(changed.piece()) ? changed : a);
        if (of(changed.piece()).isEmpty()) {
            more.add(changed);
        }
        return new Assemblies(more);
    }
}
