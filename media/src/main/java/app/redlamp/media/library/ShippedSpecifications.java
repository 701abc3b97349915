package app.redlamp.media.library;

import app.redlamp.core.port.Specifications;
import app.redlamp.core.spec.Specification;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** The specifications that ship with the application, read from their documents. */
public final class ShippedSpecifications implements Specifications {
    private static final List<String> IDS = List.of("audiobook-retail", "podcast-mono", "broadcast-r128");

    private final List<Specification> all;

    public ShippedSpecifications() {
        List<Specification> read = new ArrayList<>();
        for (String id : IDS) {
            try (InputStream document =
                    ShippedSpecifications.class.getResourceAsStream("specifications/" + id + ".json")) {
                read.add(SpecificationDocument.read(document.readAllBytes()));
            } catch (IOException e) {
                throw new UncheckedIOException("specification " + id, e);
            }
        }
        all = List.copyOf(read);
    }

    @Override
    public List<Specification> all() {
        return all;
    }
}
