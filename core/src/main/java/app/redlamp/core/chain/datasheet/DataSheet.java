package app.redlamp.core.chain.datasheet;

import app.redlamp.core.acoustics.room.Pattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a data sheet says.
 *
 * @param entries its figures, one for each item
 * @param pattern from where it hears; absent where that is not said
 * @param phantom whether 48 V are spoken of
 * @param faults lines that were understood and could not be; one sentence each
 */
public record DataSheet(List<Entry> entries, Optional<Pattern> pattern, boolean phantom, List<String> faults) {
    public static final DataSheet EMPTY = new DataSheet(List.of(), Optional.empty(), false, List.of());

    public DataSheet {
        entries = List.copyOf(entries);
        faults = List.copyOf(faults);
    }

    /** What the sheet says of an item; absent where it is silent. */
    public Optional<Entry> entry(DataSheetItem item) {
        return entries.stream().filter(e -> e.item() == item).findFirst();
    }

    /** Value of an item in its unit; absent where it is not said. */
    public OptionalDouble value(DataSheetItem item) {
        Optional<Entry> entry = entry(item);
        return entry.isPresent() ? OptionalDouble.of(entry.get().value()) : OptionalDouble.empty();
    }

    /** With an entry in the place of that of the same item. */
    public DataSheet with(Entry entry) {
        List<Entry> all = new ArrayList<>(
                entries.stream().filter(e -> e.item() != entry.item()).toList());
        all.add(entry);
        return new DataSheet(all, pattern, phantom, faults);
    }

    /** Without an item. */
    public DataSheet without(DataSheetItem item) {
        return new DataSheet(entries.stream().filter(e -> e.item() != item).toList(), pattern, phantom, faults);
    }

    /**
     * Self-noise in dB(A): as it is said, or 94 less the signal-to-noise ratio. Where both are said and disagree, the worse of
     * them.
     */
    public OptionalDouble selfNoiseDbA() {
        OptionalDouble said = value(DataSheetItem.SELF_NOISE);
        OptionalDouble ratio = value(DataSheetItem.SIGNAL_TO_NOISE);
        OptionalDouble counted =
                ratio.isPresent() ? OptionalDouble.of(94 - ratio.getAsDouble()) : OptionalDouble.empty();
        if (said.isPresent() && counted.isPresent()) {
            return OptionalDouble.of(Math.max(said.getAsDouble(), counted.getAsDouble()));
        }
        return said.isPresent() ? said : counted;
    }
}
