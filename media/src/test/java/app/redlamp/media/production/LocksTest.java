package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.port.Productions.Held;
import app.redlamp.media.Processes;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A production belongs to one window, whatever is tried in it and beside it. */
class LocksTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);

    /** Tries to open a production and says how that went. */
    static final class Opening {
        public static void main(String[] arguments) {
            try (Held held = new ProductionFolders(CLOCK).open(Path.of(arguments[0]))) {
                System.out.println(
                        held.readOnly().isEmpty() ? "opened" : held.readOnly().get());
            } catch (IOException e) {
                System.out.println(e.getMessage());
            }
        }
    }

    private Path made() throws IOException {
        try (Held held = folders.create(home, FullProduction.full())) {
            return held.folder();
        }
    }

    private static List<String> opening(Path folder) throws IOException {
        return Processes.lines(Processes.start(Opening.class, folder.toString()));
    }

    @Test
    void anotherProcessIsRefusedAndToldByWhom() throws IOException {
        Path folder = made();
        try (Held held = folders.open(folder)) {
            assertThat(opening(folder)).singleElement().asString().contains("is open already: since 2 Mar, 18:00");
            assertThat(held.save(held.production())).isEmpty();
        }
        assertThat(opening(folder)).containsExactly("opened");
    }

    /** Trying to open it a second time in the same window, by any of its names, does not let go of it. */
    @Test
    void aSecondTryInTheSameWindowDoesNotLetGo() throws IOException {
        Path folder = made();
        Path link = Files.createSymbolicLink(home.resolve("current"), folder);
        Held held = folders.open(folder);
        for (Path name : List.of(folder, link, folder.resolve("production.json"), home.resolve("x/../current"))) {
            assertThatThrownBy(() -> folders.open(name)).isInstanceOf(IOException.class);
        }
        assertThat(opening(folder)).singleElement().asString().contains("is open already");
        Path renamed = Files.move(folder, home.resolve("Lent Weather"));
        assertThatThrownBy(() -> folders.open(renamed)).hasMessageContaining("is open already in this window");
        assertThat(opening(renamed)).singleElement().asString().contains("is open already");
        held.close();
        assertThat(opening(renamed)).containsExactly("opened");
    }

    /** Where the lock was lost all the same, and another has taken the production over, nothing of theirs is written over. */
    @Test
    void whatAnotherHasTakenOverIsNotSavedInto() throws IOException {
        Path folder = made();
        try (Held held = folders.open(folder)) {
            Files.writeString(folder.resolve(ProductionLock.NAME), "since 3 Mar, 07:00, process 4242");
            byte[] before = Files.readAllBytes(folder.resolve("production.json"));
            assertThatThrownBy(() -> held.save(
                            held.production().with(held.production().brief().forClient("Mill House"))))
                    .hasMessageContaining("was opened in another window too");
            assertThat(folder.resolve("production.json")).hasBinaryContent(before);
        }
        assertThat(folder.resolve(ProductionLock.NAME))
                .as("theirs stays")
                .hasContent("since 3 Mar, 07:00, process 4242");
    }
}
