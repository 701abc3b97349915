package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Productions.Held;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Two windows, crashes, disks and names: what can happen to a folder that is open. */
class ProductionFoldersTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);

    private final ObjectMapper mapper = new ObjectMapper();

    private Path made(Production production) throws IOException {
        try (Held held = folders.create(home, production)) {
            return held.folder();
        }
    }

    private ObjectNode json(Path folder) throws IOException {
        return (ObjectNode) mapper.readTree(Files.readAllBytes(folder.resolve("production.json")));
    }

    @Test
    void whatSomebodyElseWroteInTheMeantimeIsKept() throws IOException {
        Path folder = made(FullProduction.full());
        try (Held held = folders.open(folder)) {
            ObjectNode theirs = json(folder);
            ((ObjectNode) theirs.get("brief")).put("client", "Theirs");
            Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(theirs));
            assertThat(held.save(held.production())).isPresent();
            assertThat(held.save(held.production())).as("said once").isEmpty();
        }
        assertThat(Files.readString(folder.resolve("production-other.json"))).contains("Theirs");
    }

    @Test
    void aSecondWindowIsRefusedPolitely() throws IOException {
        Path folder = made(FullProduction.full());
        Held first = folders.open(folder);
        assertThatThrownBy(() -> folders.open(folder)).hasMessageContaining("is open already in this window");
        assertThat(folders.look(folder).production()).as("looking is free").isEqualTo(FullProduction.full());
        first.close();
        folders.open(folder).close();
    }

    /** What a kill left of a save and of a finishing goes when the production is opened again, and nothing else. */
    @Test
    void whatAKillLeftIsTakenAwayAtTheNextStart() throws IOException {
        Path folder = made(FullProduction.full());
        String id = "00000000-0000-0000-0000-000000000001";
        Path save = Files.createFile(folder.resolve(".redlamp-" + id + ".part"));
        Path job = Files.createFile(folder.resolve("ready/.redlamp-" + id + ".job"));
        Path part = Files.createFile(folder.resolve("ready/.redlamp-" + id + ".wav.part"));
        Path theirs = Files.createFile(folder.resolve("ready/.redlamp-theirs.part"));
        folders.look(folder);
        assertThat(List.of(save, job, part)).as("looking changes nothing").allMatch(Files::exists);
        folders.open(folder).close();
        assertThat(List.of(save, job, part)).noneMatch(Files::exists);
        assertThat(theirs).exists();
    }

    @Test
    void aLockThatACrashLeftBehindIsTakenOver() throws IOException {
        Path folder = made(FullProduction.full());
        Files.writeString(folder.resolve(ProductionLock.NAME), "since 1 Jan, 04:00, process 999999");
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).hasValueSatisfying(n -> assertThat(n).contains("was not closed last time"));
            assertThat(held.readOnly()).isEmpty();
        }
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).isEmpty();
        }
    }

    @Test
    void aProductionThatIsRenamedWhileOpenIsFollowed() throws IOException {
        Path folder = made(FullProduction.full());
        try (Held held = folders.open(folder)) {
            Path renamed = Files.move(folder, home.resolve("Lent Weather"));
            Production changed =
                    held.production().with(held.production().brief().forClient("Mill House"));
            assertThat(held.save(changed)).hasValueSatisfying(n -> assertThat(n).contains("Lent Weather"));
            assertThat(held.folder()).isEqualTo(renamed);
            assertThat(folders.look(renamed).production()).isEqualTo(changed);
        }
        assertThat(folder).doesNotExist();
    }

    @Test
    void aProductionThatIsMovedAwayWhileOpenLosesNothingAndCanBeFound() throws IOException {
        Path folder = made(FullProduction.full());
        try (Held held = folders.open(folder)) {
            Path elsewhere = Files.createDirectories(home.resolve("a/b")).resolve("Moved");
            Files.move(folder, elsewhere);
            Production changed =
                    held.production().with(held.production().brief().forClient("Mill House"));
            assertThatThrownBy(() -> held.save(changed))
                    .hasMessageContaining("is no longer at")
                    .hasMessageContaining("put it back");
            assertThat(folder).as("no empty folder is made in its place").doesNotExist();
            assertThatThrownBy(() -> held.follow(home)).hasMessageContaining("is another production, or none");
            held.follow(elsewhere);
            held.save(changed);
            assertThat(folders.look(elsewhere).production()).isEqualTo(changed);
            assertThatThrownBy(() -> folders.open(elsewhere)).hasMessageContaining("is open already");
        }
    }

    @Test
    void anotherProductionInItsPlaceIsNotOverwritten() throws IOException {
        Path folder = made(FullProduction.full());
        try (Held held = folders.open(folder)) {
            Files.move(folder, home.resolve("away"));
            Files.move(
                    home.resolve("away"),
                    Files.createDirectories(home.resolve("x")).resolve("away"));
            made(FullProduction.full().as("another"));
            assertThatThrownBy(() -> held.save(held.production())).hasMessageContaining("is no longer at");
        }
        assertThat(folders.look(folder).production().id()).isEqualTo("another");
    }

    /** A folder in the place of the lock keeps anybody from writing it, the administrator too. */
    @Test
    void aFolderThatMayNotBeWrittenIsOpenedToLookAt() throws IOException {
        Path folder = made(FullProduction.full());
        Files.delete(folder.resolve(ProductionLock.NAME));
        Files.createDirectory(folder.resolve(ProductionLock.NAME));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly())
                    .hasValueSatisfying(why -> assertThat(why).contains("'.in-use' in it is not a file"));
            assertThat(held.production()).isEqualTo(FullProduction.full());
            assertThatThrownBy(() -> held.save(held.production()))
                    .hasMessageContaining("give what is there another name");
            held.keepScript(folder.resolve("production.json"));
        }
        assertThat(folder.resolve("script/production.json")).doesNotExist();
    }

    @Test
    void onAFullDiskWhatWasSavedStays() throws IOException {
        Configuration small = Configuration.unix().toBuilder()
                .setBlockSize(512)
                .setMaxSize(64 * 1024L)
                .build();
        try (FileSystem disk = Jimfs.newFileSystem(small)) {
            Path root = Files.createDirectory(disk.getPath("/home"));
            try (Held held = folders.create(root, FullProduction.full())) {
                byte[] before = Files.readAllBytes(held.folder().resolve("production.json"));
                Files.write(root.resolve("big"), new byte[40 * 1024]);
                Production larger = FullProduction.full()
                        .with(new Order(
                                FullProduction.full().order().specification(),
                                FullProduction.full().order().basedOn(),
                                Map.of(),
                                "mail ".repeat(4_000)));
                assertThatThrownBy(() -> held.save(larger))
                        .hasMessageContaining("cannot be saved")
                        .hasMessageContaining("free some space");
                assertThat(Files.readAllBytes(held.folder().resolve("production.json")))
                        .isEqualTo(before);
                Files.delete(root.resolve("big"));
                held.save(larger);
                assertThat(folders.look(held.folder()).production()).isEqualTo(larger);
            }
        }
    }
}
