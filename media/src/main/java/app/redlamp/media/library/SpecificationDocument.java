package app.redlamp.media.library;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonDocument;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;

/** The document of a specification as bytes. */
final class SpecificationDocument {
    static final int MOST_BYTES = 1 << 20;

    private SpecificationDocument() {}

    /** @throws IOException where the document is broken; one line with the place and the reason */
    static Specification read(byte[] json) throws IOException {
        if (json.length > MOST_BYTES) {
            throw new IOException(
                    Faults.say("specification-document.bytes-specification-has", json.length, MOST_BYTES));
        }
        return SpecificationCodec.SPECIFICATION.read(JsonDocument.read(json));
    }

    /** The document of a specification, which {@link #read} reads back as the same. */
    static byte[] write(Specification specification) {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode node = mapper.createObjectNode();
        try {
            SpecificationCodec.SPECIFICATION.write(specification, node);
            return mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(node);
        } catch (IOException e) {
            throw new IllegalStateException("specification " + specification.id(), e);
        }
    }
}
