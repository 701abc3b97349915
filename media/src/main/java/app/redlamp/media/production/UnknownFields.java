package app.redlamp.media.production;

import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What another version or another program wrote into a document and this one does not know: every field that no reader asked
 * for, at any depth. It is put back at each save. Objects in a list are known again by what names them, and where nothing
 * does, by all that is known of them.
 */
final class UnknownFields {
    static final UnknownFields NONE = new UnknownFields(Map.of(), Map.of(), Map.of());

    private static final List<String> NAMES = List.of("id", "title", "term", "name", "day", "station", "file");

    private final Map<String, JsonNode> here;
    private final Map<String, UnknownFields> objects;
    private final Map<String, List<Element>> lists;

    /** An object of a list: what is known of it, and what is not. */
    private record Element(ObjectNode known, UnknownFields unknown) {

        boolean isOf(ObjectNode now) {
            Optional<String> name = NAMES.stream().filter(known::has).findFirst();
            if (name.isPresent()) {
                return known.get(name.get()).equals(now.get(name.get()));
            }
            return known.properties().stream().allMatch(f -> same(f.getValue(), now.get(f.getKey())));
        }

        /** A whole number and the same with a point are one. */
        private static boolean same(JsonNode one, JsonNode other) {
            boolean numbers = one.isNumber() && other != null && other.isNumber();
            return numbers ? one.doubleValue() == other.doubleValue() : one.equals(other);
        }
    }

    private UnknownFields(
            Map<String, JsonNode> here, Map<String, UnknownFields> objects, Map<String, List<Element>> lists) {
        this.here = here;
        this.objects = objects;
        this.lists = lists;
    }

    /**
     * @param read the document after its reader has asked for all it knows
     * @param raw the same document
     */
    static UnknownFields of(JsonObject read, JsonNode raw) {
        Map<String, JsonNode> here = new LinkedHashMap<>();
        Map<String, UnknownFields> objects = new LinkedHashMap<>();
        Map<String, List<Element>> lists = new LinkedHashMap<>();
        raw.properties().forEach(field -> {
            String name = field.getKey();
            if (!read.asked(name)) {
                here.put(name, field.getValue());
            } else if (field.getValue() instanceof ObjectNode object) {
                read.objectIn(name)
                        .map(o -> of(o, object))
                        .filter(u -> !u.isEmpty())
                        .ifPresent(u -> objects.put(name, u));
            } else if (field.getValue() instanceof ArrayNode list) {
                List<Element> elements = elements(read.objectsIn(name), list);
                if (!elements.isEmpty()) {
                    lists.put(name, elements);
                }
            }
        });
        return new UnknownFields(here, objects, lists);
    }

    private static List<Element> elements(List<JsonObject> read, ArrayNode list) {
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < Math.min(read.size(), list.size()); i++) {
            if (list.get(i) instanceof ObjectNode object) {
                UnknownFields unknown = of(read.get(i), object);
                if (!unknown.isEmpty()) {
                    ObjectNode known = object.deepCopy();
                    known.remove(unknown.here.keySet());
                    elements.add(new Element(known, unknown));
                }
            }
        }
        return elements;
    }

    private boolean isEmpty() {
        return here.isEmpty() && objects.isEmpty() && lists.isEmpty();
    }

    /** Adds them to a document that is about to be written. */
    void putInto(ObjectNode now) {
        here.forEach((name, value) -> {
            if (!now.has(name)) {
                now.set(name, value);
            }
        });
        objects.forEach((name, unknown) -> {
            if (now.get(name) instanceof ObjectNode object) {
                unknown.putInto(object);
            }
        });
        lists.forEach((name, elements) -> {
            if (now.get(name) instanceof ArrayNode list) {
                putInto(list, elements);
            }
        });
    }

    private static void putInto(ArrayNode list, List<Element> elements) {
        List<Element> left = new ArrayList<>(elements);
        for (JsonNode node : list) {
            if (node instanceof ObjectNode object) {
                left.stream().filter(e -> e.isOf(object)).findFirst().ifPresent(e -> {
                    left.remove(e);
                    e.unknown().putInto(object);
                });
            }
        }
    }
}
