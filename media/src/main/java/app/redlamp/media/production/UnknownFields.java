package app.redlamp.media.production;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Carries over what another version or another program wrote into a document and this one does not know. Objects in a list
 * are known again by what names them.
 */
final class UnknownFields {
    /** What this version may leave out, where it stands: its absence is a decision and not ignorance. */
    private static final Map<String, Set<String>> LEFT_OUT = Map.ofEntries(
            Map.entry("brief", Set.of("deadline")),
            Map.entry("script", Set.of("text")),
            Map.entry("pieces", Set.of("plannedS")),
            Map.entry("money", Set.of("fee", "budget")),
            Map.entry("items", Set.of("used")),
            Map.entry("rooms", Set.of("chosen")),
            Map.entry("places", Set.of("measured", "noiseDbA")),
            Map.entry("sources", Set.of("barrier")),
            Map.entry("measured", Set.of("flutter")),
            Map.entry("materials", Set.of("ware")),
            Map.entry("kits", Set.of("chosen")),
            Map.entry("sets", Set.of("box")),
            Map.entry("seats", Set.of("cable", "booster", "popFilterM")),
            Map.entry("parts", Set.of("inside", "reachM", "holdsKg", "outputs")),
            Map.entry("capsule", Set.of("selfNoiseDbA", "evenAtM")),
            Map.entry("cards", Set.of("popFilterM", "excitedPeakDbfs", "photo")),
            Map.entry("knobs", Set.of("gainDb")),
            Map.entry("price", Set.of("used")));
    /** Another program's fields have no place in these: their readers refuse what they do not know. */
    private static final Set<String> STRICT =
            Set.of("specification", "basedOn", "quotes", "surfaces", "seconds", "owned");

    private static final List<String> NAMES = List.of("id", "title", "term", "name", "day", "station");

    private UnknownFields() {}

    /** Adds to {@code now} what is in {@code before} and unknown. */
    static void carry(JsonNode before, ObjectNode now) {
        carry("", before, now);
    }

    private static void carry(String path, JsonNode before, ObjectNode now) {
        Set<String> leftOut = LEFT_OUT.getOrDefault(path, Set.of());
        before.properties().forEach(field -> {
            String name = field.getKey();
            JsonNode written = now.get(name);
            if (written == null && !leftOut.contains(name)) {
                now.set(name, field.getValue());
            } else if (written instanceof ObjectNode object && !STRICT.contains(name)) {
                carry(name, field.getValue(), object);
            } else if (written instanceof ArrayNode list) {
                list.forEach(element -> carryElement(name, field.getValue(), element));
            }
        });
    }

    private static void carryElement(String path, JsonNode before, JsonNode element) {
        if (element instanceof ObjectNode object) {
            String key = NAMES.stream().filter(object::has).findFirst().orElse("");
            for (JsonNode old : before) {
                if (!key.isEmpty() && object.get(key).equals(old.get(key))) {
                    carry(path, old, object);
                    return;
                }
            }
        }
    }
}
