package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.room.RoomShelf;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What another version or another program has written is there after a save, wherever it stands. */
class UnknownFieldsTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);
    private final ObjectMapper mapper = new ObjectMapper();

    /** With a room, a kit and everything else that a production can have. */
    private Production whole() {
        Shelf<Material, Spot> rooms = RoomShelf.in(home.resolve("library"));
        var spot = rooms.presets().get(0);
        var kit = Parts.complete();
        return FullProduction.full().with(new Spots(List.of(spot), spot.id())).with(Kits.NONE.with(kit));
    }

    private Path made(Production production) throws IOException {
        try (Held held = folders.create(home, production)) {
            return held.folder();
        }
    }

    private ObjectNode json(Path folder) throws IOException {
        return (ObjectNode) mapper.readTree(Files.readAllBytes(folder.resolve("production.json")));
    }

    /** Every object of a document with the way that leads to it. */
    private static void objects(String path, JsonNode node, BiConsumer<String, ObjectNode> each) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(f -> objects(path + "/" + f.getKey(), f.getValue(), each));
            each.accept(path, object);
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                objects(path + "/" + i, node.get(i), each);
            }
        }
    }

    /** In every object of the document, at any depth, one field more: it opens, and all of them are there after a save. */
    @Test
    void survivesWhereverItStands() throws IOException {
        Path folder = made(whole());
        ObjectNode tree = json(folder);
        List<String> paths = new ArrayList<>();
        objects("", tree, (path, object) -> {
            if (!path.endsWith("/owned")) {
                object.put("laterField", path);
                paths.add(path);
            }
        });
        assertThat(paths).hasSizeGreaterThan(60).anyMatch(p -> p.startsWith("/order/specification/"));
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly()).isEmpty();
            assertThat(held.production()).isEqualTo(whole());
            assertThat(held.notice())
                    .hasValueSatisfying(n -> assertThat(n).contains("keeps it as it is", "laterField"));
            held.save(held.production().with(held.production().brief().forClient("Mill House")));
        }
        ObjectNode after = json(folder);
        assertThat(after.at("/brief/client").asText()).isEqualTo("Mill House");
        for (String path : paths) {
            assertThat(after.at(path + "/laterField").asText()).as(path).isEqualTo(path);
        }
    }

    @Test
    void wordsOfAFigureThatIsNotKnownSurvive() throws IOException {
        Path folder = made(whole());
        ObjectNode tree = json(folder);
        ((ObjectNode) tree.at("/order/quotes")).put("dialogueGate", "gate at -40");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        try (Held held = folders.open(folder)) {
            held.save(held.production());
        }
        assertThat(json(folder).at("/order/quotes/dialogueGate").asText()).isEqualTo("gate at -40");
    }

    /** What was taken out and put back by undoing has its fields again. */
    @Test
    void whatIsTakenOutAndPutBackHasItsFieldsAgain() throws IOException {
        Path folder = made(whole());
        ObjectNode tree = json(folder);
        ((ObjectNode) tree.at("/script/sayings/0")).put("audio", "cwm.flac");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        try (Held held = folders.open(folder)) {
            Production before = held.production();
            held.save(before.with(before.script().withSayings(List.of())));
            assertThat(json(folder).at("/script/sayings")).isEmpty();
            held.save(before);
        }
        assertThat(json(folder).at("/script/sayings/0/audio").asText()).isEqualTo("cwm.flac");
    }

    /** A newer format opens to be looked at, with what is not known said; nothing of it is written over. */
    @Test
    void aNewerFormatIsLookedAtEvenWhereItsWordsAreNotKnown() throws IOException {
        Path folder = made(whole());
        ObjectNode tree = json(folder);
        tree.put("format", ProductionCodec.FORMAT + 1);
        ((ObjectNode) tree.get("brief")).put("kind", "radio-drama");
        ((ObjectNode) tree.get("time")).put("quiet", "always");
        ((ObjectNode) tree.at("/order/specification")).put("format", 2);
        tree.putObject("money").put("in", "shells");
        byte[] bytes = mapper.writeValueAsBytes(tree);
        Files.write(folder.resolve("production.json"), bytes);
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly())
                    .hasValueSatisfying(why -> assertThat(why)
                            .contains(
                                    "newer Red Lamp",
                                    "looked at",
                                    "kind 'radio-drama' is not known and shown as audiobook"));
            assertThat(held.production().brief().kind()).isEqualTo(JobKind.AUDIOBOOK);
            assertThat(held.production().brief().title()).isEqualTo("Borrowed Weather");
            assertThat(held.production().pieces()).isEqualTo(whole().pieces());
            assertThatThrownBy(() -> held.save(held.production())).isInstanceOf(IOException.class);
        }
        assertThat(folder.resolve("production.json")).hasBinaryContent(bytes);
    }

    /** In a document of this format an unknown word is a mistake, and said with its line. */
    @Test
    void aWordThatIsNotKnownInThisFormatIsRefused() throws IOException {
        Path folder = made(whole());
        ObjectNode tree = json(folder);
        ((ObjectNode) tree.get("brief")).put("kind", "radio-drama");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        Files.deleteIfExists(folder.resolve("production.json.bak"));
        assertThatThrownBy(() -> folders.open(folder))
                .hasMessageContaining("kind 'radio-drama' must be one of audiobook")
                .hasMessageContaining("mend that line");
    }
}
