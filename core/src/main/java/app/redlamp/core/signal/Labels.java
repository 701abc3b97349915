package app.redlamp.core.signal;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is written in a recording's file beside its sound.
 *
 * @param tags such as {@code title} or {@code artist}, by their usual name in lower case
 * @param cues marked places, in the order of time
 */
public record Labels(Map<String, String> tags, List<Cue> cues) {
    public static final Labels NONE = new Labels(Map.of(), List.of());

    /**
     * A marked place.
     *
     * @param atS seconds from the start, 0 or more
     */
    public record Cue(double atS, String text) {}

    public Labels {
        tags = Map.copyOf(tags);
        cues = List.copyOf(cues);
    }

    /** What a label says; absent where it is not there. */
    public Optional<String> tag(String name) {
        return Optional.ofNullable(tags.get(name)).filter(t -> !t.isBlank());
    }
}
