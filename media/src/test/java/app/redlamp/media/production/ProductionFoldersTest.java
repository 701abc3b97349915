package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.Item;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.Spent;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import app.redlamp.core.planning.take.Delivery;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.core.port.Progress;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.GainCards;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.media.wav.WavWriter;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProductionFoldersTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);
    private final ObjectMapper mapper = new ObjectMapper();

    /** A production with something in every field. */
    private static Takes takes() {
        Take known = new Take(
                "raw/1 One.wav",
                "One",
                Optional.of(LocalDateTime.of(2026, 3, 3, 19, 4, 30)),
                361.25,
                Optional.of("ab".repeat(32)),
                Optional.of("card-1"),
                List.of(new Mark(12.5, "clipped", "the “shout”")),
                Take.State.CHOSEN);
        return Takes.NONE
                .adopting(List.of(known, Take.found("raw/deep/2.wav", "", 12)))
                .delivering(new Delivery(
                        "raw/1 One.wav",
                        "audiobook-retail",
                        LocalDateTime.of(2026, 3, 9, 20, 15),
                        List.of("ready/1 One.wav", "ready/1 One.mp3"),
                        6.25));
    }

    static Production full() {
        Script script = new Script(
                new ScriptText(List.of(
                        Block.heading(1, "One"),
                        Block.paragraph("# no heading"),
                        Block.paragraph("\\ a backslash"),
                        Block.PAGE,
                        Block.heading(6, "# odd"),
                        Block.paragraph("“Rain,” said Ysolde—Zoë’s cwm."))),
                List.of(
                        Piece.read("One", List.of(new Span(0, 2), new Span(4, 6))),
                        new Piece("Talk", List.of(), OptionalDouble.of(1500.5))),
                List.of(new Saying("cwm", "koom", "heard at the mill")),
                List.of(new CharacterVoice("Ysolde", "low, slow")));
        Production book = Productions.of(script).with(takes());
        return book.with(new Order(
                        Specifications.broadcast(),
                        Specifications.audiobook(),
                        Map.of(Asked.PEAK, "peaks “under” −3", Asked.LOUDNESS, "loud"),
                        "Hello,\nkeep it \"under\" −3."))
                .with(book.money()
                        .withFee(Optional.of(new Fee(Fee.Basis.FINISHED_HOUR, new BigDecimal("180.10"))))
                        .withBudget(Optional.of(new BigDecimal("300")))
                        .withItems(List.of(
                                new Item(
                                        "stand",
                                        new BigDecimal("40"),
                                        Optional.of(new BigDecimal("0.1")),
                                        Item.Standing.USED),
                                new Item("lead", new BigDecimal("9.99"), Optional.empty(), Item.Standing.OWNED))))
                .with(book.time().withDaysOff(Set.of(LocalDate.of(2028, 2, 29))))
                .with(Cards.NONE
                        .with(GainCards.card("card-1", "Narrator"))
                        .with(GainCards.card("card-2", "Ada")
                                .noting("window “open”")
                                .pictured(Optional.of("pictures/knobs.jpg")))
                        .overruling(new Overrule(
                                Overrule.Station.ROOM, "the client likes it", LocalDateTime.of(2026, 2, 16, 10, 0))))
                .spending(new Spent(LocalDate.of(2026, 3, 1), Spent.Phase.PROOF, 45));
    }

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
        Production full = full();
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
        Path folder = made(full());
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
        Path folder = made(full());
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
        Path folder = made(full());
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
        Path folder = made(full());
        Files.write(
                folder.resolve("production.json"),
                mapper.writeValueAsBytes(json(folder).put("format", ProductionFields.FORMAT + 1)));
        byte[] before = Files.readAllBytes(folder.resolve("production.json"));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly())
                    .hasValueSatisfying(why -> assertThat(why).contains("newer Red Lamp"));
            assertThat(held.production()).isEqualTo(full());
            assertThatThrownBy(() -> held.save(held.production())).hasMessageContaining("newer Red Lamp");
            held.log(new LogEntry.Change(List.of()));
        }
        assertThat(Files.readAllBytes(folder.resolve("production.json"))).isEqualTo(before);
        assertThat(Files.readAllLines(folder.resolve("log.jsonl"))).hasSize(1);
    }

    @Test
    void aDamagedDocumentIsReplacedByItsBackupAndKept() throws IOException {
        Path folder = made(full());
        try (Held held = folders.open(folder)) {
            held.save(held.production().with(held.production().brief().forClient("Second")));
        }
        byte[] whole = Files.readAllBytes(folder.resolve("production.json"));
        byte[] half = java.util.Arrays.copyOf(whole, whole.length / 2);
        Files.write(folder.resolve("production.json"), half);
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).hasValueSatisfying(n -> assertThat(n).contains("is damaged", "line", "backup"));
            assertThat(held.production()).isEqualTo(full());
            assertThat(held.save(held.production()))
                    .hasValueSatisfying(n -> assertThat(n).contains("production-other.json"));
        }
        assertThat(Files.readAllBytes(folder.resolve("production-other.json"))).isEqualTo(half);
        assertThat(folders.look(folder).production()).isEqualTo(full());
    }

    @Test
    void whatSomebodyElseWroteInTheMeantimeIsKept() throws IOException {
        Path folder = made(full());
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
        Path folder = made(full());
        Held first = folders.open(folder);
        assertThatThrownBy(() -> folders.open(folder)).hasMessageContaining("is open already in this window");
        assertThat(folders.look(folder).production()).as("looking is free").isEqualTo(full());
        first.close();
        folders.open(folder).close();
    }

    /** What a kill left of a save and of a finishing goes when the production is opened again, and nothing else. */
    @Test
    void whatAKillLeftIsTakenAwayAtTheNextStart() throws IOException {
        Path folder = made(full());
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
        Path folder = made(full());
        Files.writeString(folder.resolve(ProductionLock.NAME), "since 1 Jan, 04:00, process 999999");
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).hasValueSatisfying(n -> assertThat(n).contains("was not closed the last time"));
            assertThat(held.readOnly()).isEmpty();
        }
        try (Held held = folders.open(folder)) {
            assertThat(held.notice()).isEmpty();
        }
    }

    @Test
    void aProductionThatIsRenamedWhileOpenIsFollowed() throws IOException {
        Path folder = made(full());
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
        Path folder = made(full());
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
        Path folder = made(full());
        try (Held held = folders.open(folder)) {
            Files.move(folder, home.resolve("away"));
            Files.move(
                    home.resolve("away"),
                    Files.createDirectories(home.resolve("x")).resolve("away"));
            made(full().as("another"));
            assertThatThrownBy(() -> held.save(held.production())).hasMessageContaining("is no longer at");
        }
        assertThat(folders.look(folder).production().id()).isEqualTo("another");
    }

    /** A folder in the place of the lock keeps anybody from writing it, the administrator too. */
    @Test
    void aFolderThatMayNotBeWrittenIsOpenedToLookAt() throws IOException {
        Path folder = made(full());
        Files.delete(folder.resolve(ProductionLock.NAME));
        Files.createDirectory(folder.resolve(ProductionLock.NAME));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly())
                    .hasValueSatisfying(why -> assertThat(why).contains("'.in-use' in it is no file"));
            assertThat(held.production()).isEqualTo(full());
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
            try (Held held = folders.create(root, full())) {
                byte[] before = Files.readAllBytes(held.folder().resolve("production.json"));
                Files.write(root.resolve("big"), new byte[40 * 1024]);
                Production larger = full().with(new Order(
                        full().order().specification(), full().order().basedOn(), Map.of(), "mail ".repeat(4_000)));
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

    @Test
    void refusesWhatIsNoProduction() throws IOException {
        assertThatThrownBy(() -> folders.open(home)).hasMessageContaining("there is no production.json in it");
        assertThatThrownBy(() -> folders.open(home.resolve("gone"))).hasMessageContaining("is not there");
        made(full());
        assertThatThrownBy(() -> folders.create(home, full())).hasMessageContaining("is there already");
        assertThatThrownBy(() -> folders.create(home, full().with(full().brief().called("..."))))
                .hasMessageContaining("another title");
    }

    @Test
    void figuresThatCannotBeAreRefusedWithTheirReason() throws IOException {
        Path folder = made(full());
        ObjectNode tree = json(folder);
        ((ObjectNode) tree.get("effort")).put("wordsPerMinute", 5000);
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        assertThatThrownBy(() -> folders.open(folder))
                .hasMessageContaining("production.json cannot be read")
                .hasMessageContaining("must lie between 60 and 300");
        ((ObjectNode) tree.get("effort")).put("wordsPerMinute", 150);
        ((ObjectNode) tree.get("script")).put("text", "../../secret.txt");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(tree));
        assertThatThrownBy(() -> folders.open(folder)).hasMessageContaining("is no name of a script's text");
    }

    @Test
    void scriptsAreKeptUnderNamesThatAreFree() throws IOException {
        Path script = Files.writeString(home.resolve("book.txt"), "Rain.");
        try (Held held = folders.create(home, full())) {
            held.keepScript(script);
            Files.writeString(script, "Sun.");
            held.keepScript(script);
            assertThat(Files.readString(held.folder().resolve("script/book.txt")))
                    .isEqualTo("Rain.");
            assertThat(Files.readString(held.folder().resolve("script/book-2.txt")))
                    .isEqualTo("Sun.");
        }
    }

    @Test
    void picturesAreKeptUnderNamesThatAreFreeAndNothingElseIs() throws IOException {
        byte[] png = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10};
        Path picture = Files.write(home.resolve("desk.png"), png);
        try (Held held = folders.create(home, full())) {
            assertThat(held.keepPicture(picture)).isEqualTo("pictures/desk.png");
            assertThat(held.keepPicture(picture)).isEqualTo("pictures/desk-2.png");
            assertThat(Files.readAllBytes(held.folder().resolve("pictures/desk-2.png")))
                    .isEqualTo(png);
            Path text = Files.writeString(home.resolve("notes.png"), "no picture");
            assertThatThrownBy(() -> held.keepPicture(text)).hasMessageContaining("no PNG or JPEG");
            assertThat(held.folder().resolve("pictures/notes.png")).doesNotExist();
            assertThatThrownBy(() -> held.keepPicture(home.resolve("gone.png"))).isInstanceOf(IOException.class);
        }
    }

    @Test
    void seesRecordingsAndRoom() throws IOException {
        try (Held held = folders.create(home, full())) {
            try (WavWriter wav = new WavWriter(held.folder().resolve("raw/one.wav"), 44_100, 1, 24)) {
                wav.accept(new float[1][44_100], 44_100);
            }
            Files.writeString(held.folder().resolve("raw/notes.txt"), "no recording");
            Files.writeString(held.folder().resolve("ready/broken.mp3"), "no recording either");
            var seen = held.look(Progress.NONE);
            assertThat(seen.found()).containsExactly(new TakeFinder.Found("one.wav", 1, false));
            assertThat(seen.usedBytes()).isGreaterThan(44_100 * 3);
            assertThat(seen.freeBytes()).isPositive();
        }
    }

    /** A document of the first format has no takes: it opens as it was, and what lies in its folder is found. */
    @Test
    void theFirstFormatIsReadAndItsRecordingsAreFound() throws IOException {
        Path folder = made(full());
        ObjectNode first = json(folder).put("format", 1);
        first.remove("takes");
        Files.write(folder.resolve("production.json"), mapper.writeValueAsBytes(first));
        try (Held held = folders.open(folder)) {
            assertThat(held.readOnly()).isEmpty();
            assertThat(held.notice()).isEmpty();
            assertThat(held.production()).isEqualTo(full().with(Takes.NONE));
            held.save(full());
        }
        assertThat(json(folder).get("format").asInt()).isEqualTo(ProductionFields.FORMAT);
        assertThat(folders.look(folder).production()).isEqualTo(full());
    }
}
