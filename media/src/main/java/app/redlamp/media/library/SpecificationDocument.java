package app.redlamp.media.library;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;

/** The JSON form of a specification (docs/formats.md). Unknown fields are refused: a misspelt limit must not vanish. */
public final class SpecificationDocument {
    static final int MOST_BYTES = 1 << 20;

    private SpecificationDocument() {}

    /** Writes by reflection, which takes its time to get ready and is not needed for reading. */
    private static final class Writer {
        static final ObjectWriter WRITER = JsonMapper.builder()
                .defaultPropertyInclusion(
                        JsonInclude.Value.construct(JsonInclude.Include.NON_EMPTY, JsonInclude.Include.NON_EMPTY))
                .build()
                .writerWithDefaultPrettyPrinter();
    }

    /** @throws IOException where the document is broken; one line with the place and the reason */
    public static Specification read(byte[] json) throws IOException {
        if (json.length > MOST_BYTES) {
            throw new IOException(
                    Faults.say("specification-document.bytes-specification-has", json.length, MOST_BYTES));
        }
        return read(JsonDocument.read(json));
    }

    /** Reads a document that stands within another. */
    public static Specification read(JsonObject document) throws IOException {
        try {
            return new SpecificationReader(document).read();
        } catch (IllegalArgumentException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    /** The document of a specification, which {@link #read} reads back as the same. */
    public static byte[] write(Specification s) {
        try {
            return Writer.WRITER.writeValueAsBytes(SpecificationFields.of(s));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("specification " + s.id(), e);
        }
    }
}
