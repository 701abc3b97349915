package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.media.Processes;
import app.redlamp.media.disk.FaultyDisk;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whenever a save ends, by a fault or a kill, what is opened afterwards is one of the productions that were saved, whole. */
public class SaveKillsTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);
    private static final int MOST_SAVES = 100_000;

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);

    private Path made() throws IOException {
        return made(home);
    }

    /** A production with something in every field. */
    public static Path made(Path parent) throws IOException {
        try (Held held = new ProductionFolders(CLOCK).create(parent, FullProduction.full())) {
            return held.folder();
        }
    }

    private static Production changed(Production production) {
        return production.with(production.brief().forClient("Mill House"));
    }

    private static List<String> left(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString())
                    .filter(n -> n.endsWith(".part"))
                    .toList();
        }
    }

    /** Each step of a save, once as a fault of the disk and once as the last thing that ever happened. */
    @Test
    void whicheverStepEndsItTheProductionIsWhole() throws IOException {
        Production before = FullProduction.full();
        FaultyDisk counting = FaultyDisk.counting();
        try (Held held = new ProductionFolders(CLOCK, counting).open(made())) {
            held.save(changed(before));
            assertThat(counting.steps()).hasSizeGreaterThan(8);
            Files.move(held.folder(), home.resolve("counted"));
        }
        for (int step = 0; step < counting.steps().size(); step++) {
            for (boolean kill : List.of(false, true)) {
                FaultyDisk disk = kill ? FaultyDisk.deadFrom(step) : FaultyDisk.failing(step, "Input/output error");
                Path folder = made();
                Held held = new ProductionFolders(CLOCK, disk).open(folder);
                try {
                    held.save(changed(before));
                } catch (IOException e) {
                    assertThat(e).hasMessageContaining("cannot be saved").hasMessageContaining("nothing is lost");
                }
                held.close();
                try (Held again = folders.open(folder)) {
                    assertThat(again.production())
                            .as("step %d, kill %s", step, kill)
                            .isIn(before, changed(before));
                    assertThat(again.readOnly()).isEmpty();
                    assertThat(left(folder)).isEmpty();
                }
                Files.move(folder, home.resolve("done-" + step + kill));
            }
        }
    }

    /** What cannot be made leaves no folder behind that would be in the way of the next try. */
    @Test
    void aProductionThatCannotBeMadeIsTakenBack() throws IOException {
        ProductionFolders failing = new ProductionFolders(CLOCK, FaultyDisk.failing(3, "No space left on device"));
        assertThatThrownBy(() -> failing.create(home.resolve("new"), FullProduction.full()))
                .hasMessageContaining("the disk is full");
        try (Held held = folders.create(home.resolve("new"), FullProduction.full())) {
            assertThat(held.production()).isEqualTo(FullProduction.full());
        }
        assertThatThrownBy(() -> folders.create(Files.createFile(home.resolve("file")), FullProduction.full()))
                .hasMessageContaining("is not a folder")
                .hasMessageContaining("choose another place");
    }

    private static Production telling(List<Block> blocks) {
        Production book = FullProduction.full();
        return book.with(new Script(
                new ScriptText(blocks),
                List.of(),
                book.script().sayings(),
                book.script().voices()));
    }

    /** A text of 36 MB is opened again as it was saved; what could not be opened again is not saved, and loses nothing. */
    @Test
    void aTextThatIsSavedCanBeOpenedAgain() throws IOException {
        Production large = telling(Collections.nCopies(3_000_000, Block.heading(6, "雨")));
        Path folder = made();
        try (Held held = folders.open(folder)) {
            held.save(large);
            byte[] before = Files.readAllBytes(folder.resolve("production.json"));
            Production tooLong = telling(Collections.nCopies(7_000_000, Block.heading(6, "x")));
            assertThatThrownBy(() -> held.save(tooLong))
                    .hasMessageContaining("has a script of 66 MB, and at most 64 MB can be opened again")
                    .hasMessageContaining("in parts");
            assertThat(folder.resolve("production.json")).hasBinaryContent(before);
        }
        assertThat(folders.look(folder).production()).isEqualTo(large);
        assertThatThrownBy(() -> telling(Collections.nCopies(900, Block.paragraph("x".repeat(9_000)))))
                .hasMessageContaining("more than ten long books");
    }

    @Test
    void aKilledProcessLosesNothingThatItSaidWasSaved() throws IOException, InterruptedException {
        assertThat(kills(made(), 6, 17)).isEqualTo(6);
    }

    /** Kills so many processes while they save; returns after how many the production was as it should be. */
    public static int kills(Path folder, int count, long seed) throws IOException, InterruptedException {
        Random random = new Random(seed);
        ProductionFolders folders = new ProductionFolders(CLOCK);
        int whole = 0;
        for (int i = 0; i < count; i++) {
            Process process = Processes.start(Saver.class, folder.toString(), String.valueOf(MOST_SAVES));
            int last = lastBefore(process, random.nextInt(60));
            try (Held held = folders.open(folder)) {
                String client = held.production().brief().client();
                boolean good = held.readOnly().isEmpty()
                        && left(folder).isEmpty()
                        && (last == 0 || Integer.parseInt(client.substring("Client ".length())) >= last);
                whole += good ? 1 : 0;
                held.save(held.production());
            }
        }
        return whole;
    }

    /** Kills a process after some saves, perhaps in the middle of the next; returns the last that it spoke of. */
    private static int lastBefore(Process process, int saves) throws IOException, InterruptedException {
        int last = 0;
        BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
        String line = out.readLine();
        assertThat(line).isEqualTo("open");
        while (last < saves) {
            line = out.readLine();
            last = Integer.parseInt(line.substring("Client ".length()));
        }
        Processes.kill(process);
        return last;
    }
}
