package app.redlamp.media.library;

import app.redlamp.core.delivery.spec.Specification;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;

/** The specifications that ship with the application, read from their documents. */
final class ShippedSpecifications {
    private static final List<String> IDS = List.of(
            "audiobook-retail",
            "podcast-mono",
            "podcast-stereo",
            "broadcast-r128",
            "broadcast-a85",
            "streamed-speech",
            "e-learning",
            "client-raw",
            "voice-dataset",
            "phone-prompt");

    private final List<Specification> all;

    ShippedSpecifications() {
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

    List<Specification> all() {
        return all;
    }
}
