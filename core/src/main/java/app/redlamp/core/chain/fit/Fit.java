package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.verdict.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Whether the parts of a kit go together, and go with the job.
 *
 * @param misses what does not, the worst first
 */
public record Fit(List<Miss> misses) {

    public Fit {
        misses = List.copyOf(misses);
    }

    /** @param shelf parts that would mend something */
    public static Fit of(Kit kit, Need need, Stock shelf) {
        List<Miss> all = new ArrayList<>();
        all.addAll(new PlugCheck(kit, need, shelf).misses());
        all.addAll(new LevelCheck(kit, need, shelf).misses());
        all.addAll(new ListeningCheck(kit, need, shelf).misses());
        all.addAll(new HoldingCheck(kit, shelf).misses());
        all.sort(Comparator.comparing(Miss::severity));
        return new Fit(all);
    }

    /** Whether anything stands in the way of recording. */
    public boolean blocked() {
        return misses.stream().anyMatch(m -> m.severity() == Severity.BLOCKS);
    }

    /** Whether nothing will be heard of what is missing. */
    public boolean clear() {
        return misses.stream().allMatch(m -> m.severity() == Severity.ADVISES);
    }

    /** Those of a severity. */
    public List<Miss> of(Severity severity) {
        return misses.stream().filter(m -> m.severity() == severity).toList();
    }
}
