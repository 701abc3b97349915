package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Productions.Held;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A production that came from somebody else, with links where this program writes: nothing that they lead to is changed. */
class LinksTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);
    private final byte[] sound = new byte[1 << 20];
    private Path mine;
    private Path received;

    @BeforeEach
    void receive() throws IOException {
        new Random(4).nextBytes(sound);
        mine = Files.write(home.resolve("my only take.wav"), sound);
        try (Held held = folders.create(home, FullProduction.full())) {
            received = held.folder();
        }
    }

    /** Does all that a session does with a production. */
    private void work(Held held) {
        attempt(() -> held.save(held.production().with(held.production().brief().forClient("Mill House"))));
        attempt(() -> held.save(withOtherScript(held.production())));
        attempt(() -> held.log(new LogEntry.Change(List.of("brief"))));
        attempt(() -> held.keepScript(home.resolve("notes.txt")));
        attempt(() -> held.keepPicture(home.resolve("knobs.png")));
        held.close();
    }

    private interface Doing {
        void run() throws IOException;
    }

    private static void attempt(Doing doing) {
        try {
            doing.run();
        } catch (IOException e) {
            assertThat(e.getMessage()).doesNotContain("\n").hasSizeGreaterThan(20);
        }
    }

    private static Production withOtherScript(Production production) {
        return production.with(new Script(
                new ScriptText(List.of(Block.paragraph("Other words."))),
                List.of(),
                production.script().sayings(),
                production.script().voices()));
    }

    private void bring() throws IOException {
        Files.writeString(home.resolve("notes.txt"), "Rain.");
        Files.write(home.resolve("knobs.png"), new byte[] {(byte) 0x89, 'P', 'N', 'G', 1, 2});
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                ".in-use",
                "production.json.bak",
                "production.json.part",
                "production.json.bak.part",
                "production-other.json",
                "log.jsonl",
                "script/notes.txt",
                "script/notes.txt.part",
                "pictures/knobs.png",
                "pictures/knobs.png.part"
            })
    void aLinkToAFileIsNeverWrittenThrough(String name) throws IOException {
        bring();
        Path link = received.resolve(name);
        Files.createDirectories(link.getParent());
        Files.deleteIfExists(link);
        Files.createSymbolicLink(link, mine);
        work(folders.open(received));
        assertThat(mine).hasBinaryContent(sound);
    }

    /** The same by a second name of the same file, which no look at the link itself tells. */
    @ParameterizedTest
    @ValueSource(strings = {".in-use", "production.json.bak", "production.json.part", "script/notes.txt"})
    void aSecondNameOfAFileIsNeverWrittenThrough(String name) throws IOException {
        bring();
        Path link = received.resolve(name);
        Files.deleteIfExists(link);
        Files.createLink(link, mine);
        work(folders.open(received));
        assertThat(mine).hasBinaryContent(sound);
    }

    @ParameterizedTest
    @ValueSource(strings = {"script", "pictures"})
    void aLinkToAFolderIsNeverWrittenInto(String name) throws IOException {
        bring();
        Path theirs = Files.createDirectory(home.resolve("theirs"));
        Path link = received.resolve(name);
        if (Files.exists(link)) {
            Files.move(link, home.resolve("moved"));
        }
        Files.createSymbolicLink(link, theirs);
        attempt(() -> work(folders.open(received)));
        assertThat(theirs).isEmptyDirectory();
    }

    /** The document itself may be a link: it is read, and the production is to be looked at. */
    @Test
    void aDocumentThatIsALinkIsLookedAt() throws IOException {
        Path elsewhere = Files.move(received.resolve("production.json"), home.resolve("theirs.json"));
        Files.createSymbolicLink(received.resolve("production.json"), elsewhere);
        byte[] before = Files.readAllBytes(elsewhere);
        Held held = folders.open(received);
        assertThat(held.readOnly())
                .hasValueSatisfying(why -> assertThat(why)
                        .contains("can be looked at and not changed")
                        .contains("'production.json' in it is a link")
                        .contains("remove the link"));
        assertThatThrownBy(() -> held.save(held.production())).isInstanceOf(IOException.class);
        held.close();
        assertThat(elsewhere).hasBinaryContent(before);
    }

    /** A pipe in the log's place would let whoever opens it wait for ever. */
    @Test
    void aPipeInTheLogsPlaceHoldsNobodyUp() throws IOException, InterruptedException {
        Files.delete(received.resolve("log.jsonl"));
        Process making =
                new ProcessBuilder("mkfifo", received.resolve("log.jsonl").toString()).start();
        assertThat(making.waitFor()).isZero();
        try (Held held = folders.open(received)) {
            assertThat(held.readOnly())
                    .hasValueSatisfying(why -> assertThat(why).contains("is not a file"));
            held.log(new LogEntry.Change(List.of()));
        }
        assertThat(Optional.of(received.resolve("log.jsonl"))).isPresent();
    }

    /** Links to recordings, which nobody writes to, hinder nobody. */
    @Test
    void aFolderOfRecordingsElsewhereIsUsed() throws IOException {
        Files.delete(received.resolve("raw"));
        Files.createSymbolicLink(received.resolve("raw"), Files.createDirectory(home.resolve("large disk")));
        try (Held held = folders.open(received)) {
            assertThat(held.readOnly()).isEmpty();
            assertThat(held.save(Productions.book(100).as(held.production().id())))
                    .isEmpty();
        }
    }
}
