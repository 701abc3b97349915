package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.port.Productions.Held;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What stands in production.json, and what is made of it when it comes back. */
class ProductionDocumentTest {
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
    void readsBackWhatItWrote() throws IOException {
        Production full = FullProduction.full();
        Path folder = made(full);
        assertThat(folder).isEqualTo(home.resolve("Borrowed Weather").toAbsolutePath());
        assertThat(folders.look(folder).production()).isEqualTo(full);
        assertThat(folders.look(folder.resolve("production.json")).production()).isEqualTo(full);
        for (String name : List.of("raw", "working", "ready", "tone", "script")) {
            assertThat(folder.resolve(name)).isDirectory();
        }
        assertThat(Files.readString(folder.resolve("log.jsonl")))
                .isEqualTo("{\"at\":\"2026-03-02T18:00:00Z\",\"kind\":\"created\",\"title\":\"Borrowed Weather\"}\n");
    }

    @Test
    void aSaveIsAtomicAndKeepsTheOneBefore() throws IOException {
        Path folder = made(FullProduction.full());
        byte[] before = Files.readAllBytes(folder.resolve("production.json"));
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).isEmpty();
            Production changed =
                    held.production().with(held.production().brief().forClient("Mill House"));
            assertThat(held.save(changed)).isEmpty();
            assertThat(folders.look(folder).production()).isEqualTo(changed);
        }
        assertThat(Files.readAllBytes(folder.resolve("production.json.bak"))).isEqualTo(before);
        try (var files = Files.list(folder)) {
            assertThat(files.map(f -> f.getFileName().toString())).noneMatch(n -> n.endsWith(".part"));
        }
    }

    @Test
    void fieldsOfOthersSurvive() throws IOException {
        Path folder = made(FullProduction.full());
        ObjectNode tree = json(folder);
        tree.put("mood", "rainy");
        ((ObjectNode) tree.get("brief")).putObject("extra").put("deep", 1);
        ((ObjectNode) tree.get("script").get("pieces").get(1)).put("colour", "blue");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        try (Held held = folders.open(folder)) {
            Script script = held.production().script();
            List<Piece> turned = List.of(script.pieces().get(1), script.pieces().get(0));
            held.save(held.production().with(script.with(turned)));
        }
        ObjectNode saved = json(folder);
        assertThat(saved.get("mood").asText()).isEqualTo("rainy");
        assertThat(saved.get("brief").get("extra").get("deep").asInt()).isEqualTo(1);
        assertThat(saved.get("script").get("pieces").get(0).get("colour").asText())
                .isEqualTo("blue");
        assertThat(saved.get("script").get("pieces").get(1).has("colour")).isFalse();
    }

    @Test
    void whatIsTakenAwayStaysAway() throws IOException {
        Path folder = made(FullProduction.full());
        try (Held held = folders.open(folder)) {
            Production production = held.production();
            held.save(production
                    .with(production.brief().between(production.brief().start(), Optional.empty()))
                    .with(production.money().withFee(Optional.empty()).withBudget(Optional.empty()))
                    .with(Script.NONE));
        }
        Production read = folders.look(folder).production();
        assertThat(read.brief().deadline()).isEmpty();
        assertThat(read.money().fee()).isEmpty();
        assertThat(read.money().budget()).isEmpty();
        assertThat(read.script()).isEqualTo(Script.NONE);
    }

    @Test
    void aNewerFormatIsOpenedToLookAt() throws IOException {
        Path folder = made(FullProduction.full());
        Files.write(
                folder.resolve("production.json"),
                mapper.writeValueAsBytes(json(folder).put("format", ProductionCodec.FORMAT + 1)));
        byte[] before = Files.readAllBytes(folder.resolve("production.json"));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly())
                    .hasValueSatisfying(why -> assertThat(why).contains("newer Red Lamp"));
            assertThat(held.production()).isEqualTo(FullProduction.full());
            assertThatThrownBy(() -> held.save(held.production())).hasMessageContaining("newer Red Lamp");
            held.log(new LogEntry.Change(List.of()));
        }
        assertThat(Files.readAllBytes(folder.resolve("production.json"))).isEqualTo(before);
        assertThat(Files.readAllLines(folder.resolve("log.jsonl"))).hasSize(1);
    }

    @Test
    void aDamagedDocumentIsReplacedByItsBackupAndKept() throws IOException {
        Path folder = made(FullProduction.full());
        try (Held held = folders.open(folder)) {
            held.save(held.production().with(held.production().brief().forClient("Second")));
        }
        byte[] whole = Files.readAllBytes(folder.resolve("production.json"));
        byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);
        Files.write(folder.resolve("production.json"), half);
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).hasValueSatisfying(n -> assertThat(n).contains("is damaged", "line", "backup"));
            assertThat(held.production()).isEqualTo(FullProduction.full());
            assertThat(held.save(held.production()))
                    .hasValueSatisfying(n -> assertThat(n).contains("production-other.json"));
        }
        assertThat(Files.readAllBytes(folder.resolve("production-other.json"))).isEqualTo(half);
        assertThat(folders.look(folder).production()).isEqualTo(FullProduction.full());
    }

    @Test
    void figuresThatCannotBeAreRefusedWithTheirReason() throws IOException {
        Path folder = made(FullProduction.full());
        ObjectNode tree = json(folder);
        ((ObjectNode) tree.get("effort")).put("wordsPerMinute", 5000);
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        assertThatThrownBy(() -> folders.open(folder))
                .hasMessageContaining("production.json cannot be read")
                .hasMessageContaining("must lie between 60 and 300");
        ((ObjectNode) tree.get("effort")).put("wordsPerMinute", 150);
        ((ObjectNode) tree.get("script")).put("text", "../../secret.txt");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        assertThatThrownBy(() -> folders.open(folder)).hasMessageContaining("is not the name of a script's text");
    }

    /** A document of the first format has no takes: it opens as it was, and what lies in its folder is found. */
    @Test
    void theFirstFormatIsReadAndItsRecordingsAreFound() throws IOException {
        Path folder = made(FullProduction.full());
        ObjectNode first = json(folder).put("format", 1);
        first.remove("takes");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(first));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly()).isEmpty();
            assertThat(held.notice()).isEmpty();
            assertThat(held.production()).isEqualTo(FullProduction.full().with(Takes.NONE));
            held.save(FullProduction.full());
        }
        assertThat(json(folder).get("format").asInt()).isEqualTo(ProductionCodec.FORMAT);
        assertThat(folders.look(folder).production()).isEqualTo(FullProduction.full());
    }

    @Test
    void refusesWhatIsNoProduction() throws IOException {
        assertThatThrownBy(() -> folders.open(home)).hasMessageContaining("there is no production.json in it");
        assertThatThrownBy(() -> folders.open(home.resolve("gone"))).hasMessageContaining("is not there");
        made(FullProduction.full());
        assertThatThrownBy(() -> folders.create(home, FullProduction.full())).hasMessageContaining("is there already");
        assertThatThrownBy(() -> folders.create(
                        home,
                        FullProduction.full().with(FullProduction.full().brief().called("..."))))
                .hasMessageContaining("another title");
    }
}
