package app.redlamp.core.signal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;

/** Tables of values computed elsewhere (tools/reference/make_tables.py: numpy and scipy). */
public final class References {
    private References() {}

    public static JsonNode read(String name) throws IOException {
        try (InputStream table = References.class.getResourceAsStream("/app/redlamp/core/" + name + ".json")) {
            return new ObjectMapper().readTree(table);
        }
    }

    public static Biquad section(JsonNode node) {
        JsonNode b = node.get("b");
        JsonNode a = node.get("a");
        return new Biquad(
                b.get(0).asDouble(),
                b.get(1).asDouble(),
                b.get(2).asDouble(),
                a.get(1).asDouble(),
                a.get(2).asDouble());
    }
}
