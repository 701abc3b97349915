package app.redlamp.media.library;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Specifications;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.DocumentFolder;
import app.redlamp.media.json.JsonObject;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The specifications that ship and, after them, those that the user keeps in the library, a document each. */
public final class SpecificationLibrary implements Specifications {
    private final List<Specification> shipped = new ShippedSpecifications().all();
    private final DocumentFolder folder;
    private volatile Content content;

    /** What the folder held when it was read last. */
    private record Content(List<Specification> all, List<String> faults) {}

    /** @param library folder of the library; made at the first save */
    public SpecificationLibrary(Path library) {
        folder = new DocumentFolder(library, "specifications");
        content = read();
    }

    /** Those that ship, without anybody's own. */
    public static List<Specification> shippedOnly() {
        return new ShippedSpecifications().all();
    }

    @Override
    public List<Specification> all() {
        return content.all();
    }

    @Override
    public List<String> faults() {
        return content.faults();
    }

    @Override
    public boolean isOwn(String id) {
        return shipped.stream().noneMatch(s -> s.id().equals(id));
    }

    @Override
    public String document(Specification specification) {
        return new String(SpecificationDocument.write(specification), StandardCharsets.UTF_8);
    }

    @Override
    public Specification read(String document) throws IOException {
        Specification read = SpecificationDocument.read(document.getBytes(StandardCharsets.UTF_8));
        DocumentFolder.checkId(read.id());
        return read;
    }

    @Override
    public void save(Specification specification) throws IOException {
        DocumentFolder.checkId(specification.id());
        if (!isOwn(specification.id())) {
            throw new IOException(Faults.say("specification-library.ships-with-red", specification.id()));
        }
        folder.write(specification.id(), SpecificationDocument.write(specification));
        content = read();
    }

    private Content read() {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, Specification> all = new LinkedHashMap<>();
        shipped.forEach(s -> all.put(s.id(), s));
        folder.all(document -> added(document, all), faults);
        return new Content(List.copyOf(all.values()), List.copyOf(faults.values()));
    }

    private static Specification added(JsonObject document, Map<String, Specification> all) throws IOException {
        Specification read = SpecificationCodec.SPECIFICATION.read(document);
        if (all.putIfAbsent(read.id(), read) != null) {
            throw new IOException(Faults.say("specification-library.id-is-taken", Reason.shown(read.id())));
        }
        return read;
    }
}
