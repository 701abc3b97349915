package app.redlamp.media.production;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Rescues;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;

/**
 * Copies in {@code rescue/} of the library, a folder each: the production as in its own folder, and {@code rescue.json} with
 * where it belongs and since when (docs/formats.md).
 */
public final class RescueFolder implements Rescues {
    private static final String FOLDER = "rescue";
    private static final String NOTE = "rescue.json";
    private static final Pattern OURS = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final int MOST_NOTE_BYTES = 1 << 16;

    private final GuardedFolder library;
    private final Clock clock;
    private final ObjectMapper mapper = new ObjectMapper();

    /** @param library folder of the library; made at the first copy */
    public RescueFolder(Path library, Clock clock) {
        this.library = new GuardedFolder(library);
        this.clock = clock;
    }

    @Override
    public synchronized void keep(Production production, Path folder) throws IOException {
        String name = name(production.id());
        Path own = library.folder(FOLDER, name);
        PassingName.sweep(own, false);
        new ProductionDocument(Disk.REAL).save(own, production);
        ObjectNode note = mapper.createObjectNode();
        note.put("format", 1);
        note.put("folder", folder.toString());
        note.put("at", Instant.now(clock).toString());
        AtomicFile.write(library.place(FOLDER, name, NOTE), mapper.writeValueAsBytes(note));
    }

    @Override
    public synchronized List<Copy> all() {
        List<Copy> copies = new ArrayList<>();
        Path folder = library.root().resolve(FOLDER);
        if (!Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS)) {
            return copies;
        }
        try (DirectoryStream<Path> all = Files.newDirectoryStream(folder)) {
            for (Path one : all) {
                if (isOurs(one)) {
                    read(one).ifPresent(copies::add);
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            // What cannot be read now may be read at the next start; nothing of it is removed.
            return copies;
        }
        copies.sort(Comparator.comparing(Copy::at).reversed());
        return copies;
    }

    private static Optional<Copy> read(Path one) {
        try {
            Path note = one.resolve(NOTE);
            if (!Files.isRegularFile(note, LinkOption.NOFOLLOW_LINKS) || Files.size(note) > MOST_NOTE_BYTES) {
                return Optional.empty();
            }
            JsonObject said = JsonDocument.readTolerant(Files.readAllBytes(note));
            Production production = new ProductionDocument(Disk.REAL).read(one).production();
            return Optional.of(new Copy(production, Path.of(said.text("folder")), Instant.parse(said.text("at"))));
        } catch (IOException | DateTimeException | IllegalArgumentException e) {
            // A copy that was being written when everything ended.
            return Optional.empty();
        }
    }

    @Override
    public synchronized void forget(String productionId) throws IOException {
        String name = name(productionId);
        Path own = library.root().resolve(FOLDER).resolve(name);
        if (!isOurs(own)) {
            return;
        }
        // The note first: a copy without it is none.
        Files.deleteIfExists(library.place(FOLDER, name, NOTE));
        Path script = own.resolve(ProductionDocument.SCRIPT);
        if (Files.isDirectory(script, LinkOption.NOFOLLOW_LINKS)) {
            try (DirectoryStream<Path> texts = Files.newDirectoryStream(script, "text-*.txt")) {
                for (Path text : texts) {
                    Files.deleteIfExists(text);
                }
            }
        }
        for (String file : List.of(ProductionDocument.NAME, ProductionDocument.BACKUP, ProductionDocument.SCRIPT, "")) {
            // What somebody else has put there stays, and with it the folder.
            own.resolve(file).toFile().delete();
        }
    }

    private static boolean isOurs(Path folder) {
        return OURS.matcher(folder.getFileName().toString()).matches()
                && Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS);
    }

    /** Follows from the id, which may be anything, and is a name everywhere. */
    private static String name(String productionId) {
        return UUID.nameUUIDFromBytes(productionId.getBytes(StandardCharsets.UTF_8))
                .toString();
    }
}
