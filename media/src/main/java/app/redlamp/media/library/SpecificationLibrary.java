package app.redlamp.media.library;

import app.redlamp.core.port.Specifications;
import app.redlamp.core.spec.Specification;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The specifications that ship and, after them, those that the user keeps in the library, a document each. */
public final class SpecificationLibrary implements Specifications {
    private static final Pattern SAFE_ID = Pattern.compile("[a-z0-9][a-z0-9-]{0,63}");
    private static final int MOST_DOCUMENTS = 500;

    private final List<Specification> shipped = new ShippedSpecifications().all();
    private final Path folder;
    private volatile Content content;

    /** What the folder held when it was read last. */
    private record Content(List<Specification> all, List<String> faults) {}

    /** @param library folder of the library; made at the first save */
    public SpecificationLibrary(Path library) {
        folder = library.resolve("specifications");
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
        checkId(read.id());
        return read;
    }

    @Override
    public void save(Specification specification) throws IOException {
        checkId(specification.id());
        if (!isOwn(specification.id())) {
            throw new IOException(
                    "'" + specification.id() + "' ships with Red Lamp and stays as it is; choose another id");
        }
        Files.createDirectories(folder);
        Path part = Files.createTempFile(folder, "." + specification.id(), ".part");
        try {
            Files.write(part, SpecificationDocument.write(specification));
            Files.move(
                    part,
                    folder.resolve(specification.id() + ".json"),
                    StandardCopyOption.ATOMIC_MOVE,
                    StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
        content = read();
    }

    /** An id becomes a file name, and must not lead anywhere else. */
    private static void checkId(String id) throws IOException {
        if (!SAFE_ID.matcher(id).matches()) {
            throw new IOException("id '" + id + "': small letters, digits and hyphens only, at most 64");
        }
    }

    private Content read() {
        List<Specification> all = new ArrayList<>(shipped);
        List<String> faults = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> documents = Files.newDirectoryStream(folder, "*.json")) {
                List<Path> sorted = new ArrayList<>();
                documents.forEach(sorted::add);
                sorted.sort(null);
                for (Path document : sorted.subList(0, Math.min(MOST_DOCUMENTS, sorted.size()))) {
                    read(document, all, faults);
                }
            } catch (IOException | DirectoryIteratorException e) {
                faults.add(folder + ": cannot be read; check its permissions");
            }
        }
        return new Content(List.copyOf(all), List.copyOf(faults));
    }

    private static void read(Path document, List<Specification> into, List<String> faults) {
        try {
            if (Files.size(document) > SpecificationDocument.MOST_BYTES) {
                throw new IOException("is too large for a specification");
            }
            Specification read = SpecificationDocument.read(Files.readAllBytes(document));
            if (into.stream().anyMatch(s -> s.id().equals(read.id()))) {
                throw new IOException("id '" + read.id() + "' is taken; give it another");
            }
            into.add(read);
        } catch (IOException e) {
            faults.add(document.getFileName() + ": " + e.getMessage());
        }
    }
}
