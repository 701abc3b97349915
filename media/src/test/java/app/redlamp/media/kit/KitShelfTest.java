package app.redlamp.media.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.chain.choose.Candidate;
import app.redlamp.core.chain.choose.Candidates;
import app.redlamp.core.chain.choose.School;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.json.DocumentFolder;
import app.redlamp.media.json.JsonDocument;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KitShelfTest {
    private final ObjectMapper mapper = new ObjectMapper();

    @TempDir
    Path library;

    private Kit again(Kit kit) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        KitCodec.kit(List.of()).write(kit, node);
        return KitCodec.kit(List.of()).read(JsonDocument.read(mapper.writeValueAsBytes(node)));
    }

    /** Every kind of part that a kit may need is there, in more than one class where that makes sense. */
    @Test
    void whatShips() {
        List<Gear> parts = KitShelf.in(library).parts();
        assertThat(parts.stream().map(Gear::id)).doesNotHaveDuplicates();
        for (Microphone.Kind kind : Microphone.Kind.values()) {
            assertThat(parts).anyMatch(p -> p instanceof Microphone m && m.kind() == kind);
        }
        for (Extra.Use use : Extra.Use.values()) {
            assertThat(parts).anyMatch(p -> p instanceof Extra e && e.use() == use);
        }
        for (Candidate.Family family : Candidate.Family.values()) {
            assertThat(parts).anyMatch(p -> p instanceof Microphone m && Candidate.Family.of(m) == family);
        }
        assertThat(parts).hasSizeGreaterThan(50);
    }

    /** What is bought comes in three classes; a telephone and a laptop are what they are. */
    @Test
    void everySortComesInThreeClasses() {
        List<Gear> parts = KitShelf.in(library).parts();
        for (Candidate.Family family : Candidate.Family.values()) {
            if (family != Candidate.Family.TELEPHONE && family != Candidate.Family.COMPUTER) {
                inThree(
                        family.id(),
                        parts.stream().filter(p -> p instanceof Microphone m && Candidate.Family.of(m) == family));
            }
        }
        for (AudioInterface.Form form : AudioInterface.Form.values()) {
            if (form != AudioInterface.Form.SOUND_CARD) {
                inThree(form.id(), parts.stream().filter(p -> p instanceof AudioInterface a && a.form() == form));
            }
        }
        inThree("booster", parts.stream().filter(BoosterPart.class::isInstance));
    }

    private static void inThree(String sort, Stream<Gear> parts) {
        assertThat(parts.map(Gear::name).map(n -> n.substring(n.lastIndexOf(' ') + 1)))
                .as(sort)
                .contains("entry", "middle", "top");
    }

    @Test
    void everyPartIsReadAsItWasWritten() throws IOException {
        for (Gear part : KitShelf.in(library).parts()) {
            ObjectNode node = mapper.createObjectNode();
            GearCodec.GEAR.write(part, node);
            assertThat(GearCodec.GEAR.read(JsonDocument.read(mapper.writeValueAsBytes(node))))
                    .isEqualTo(part);
        }
    }

    @Test
    void aKitIsReadAsItWasWritten() throws IOException {
        Kit kit = Parts.complete();
        Kit boosted = kit.with(
                        0,
                        kit.seats()
                                .get(0)
                                .with(Parts.DYNAMIC)
                                .boosted(Optional.of(Parts.BOOSTER))
                                .screened(OptionalDouble.empty()))
                .hubbed(true)
                .compressing(3);
        assertThat(again(kit)).isEqualTo(kit);
        assertThat(again(boosted)).isEqualTo(boosted);
        assertThat(again(Parts.with(Parts.TELEPHONE, Optional.empty())))
                .isEqualTo(Parts.with(Parts.TELEPHONE, Optional.empty()));
    }

    @Test
    void allKitsOfAProductionAreReadAsTheyWereWritten() throws IOException {
        Kits kits = new Kits(
                List.of(Parts.complete(), Parts.with(Parts.USB, Optional.empty())),
                "kit",
                Map.of("condenser", 2, "one", 1),
                RoomGuess.USUAL.at(RoomGuess.Quiet.BUSY));
        ObjectNode node = mapper.createObjectNode();
        KitCodec.KITS.write(kits, node);
        assertThat(KitCodec.KITS.read(JsonDocument.read(mapper.writeValueAsBytes(node))))
                .isEqualTo(kits);
    }

    @Test
    void ownPartsAndKitsAreKept() throws IOException {
        Shelf<Gear, Kit> shelf = KitShelf.in(library);
        assertThat(shelf.isOwn("dynamic")).isFalse();
        shelf.save(Parts.DYNAMIC);
        shelf.keep(Parts.complete());
        Shelf<Gear, Kit> later = KitShelf.in(library);
        assertThat(later.part("dynamic")).contains(Parts.DYNAMIC);
        assertThat(later.isOwn("dynamic")).isTrue();
        assertThat(later.kept()).containsExactly(Parts.complete());
        later.forget("dynamic");
        assertThat(later.part("dynamic")).isEmpty();
        assertThat(later.faults()).isEmpty();
    }

    @Test
    void oneOfTheUsersOwnTakesThePlaceOfOneThatShips() throws IOException {
        Shelf<Gear, Kit> shelf = KitShelf.in(library);
        Microphone shipped = (Microphone) shelf.part("hob-1").orElseThrow();
        Microphone own = shipped.hearing(Parts.DYNAMIC.capsule());
        shelf.save(own);
        assertThat(shelf.part("hob-1")).contains(own);
        assertThat(shelf.parts())
                .hasSameSizeAs(KitShelf.in(library.resolve("other")).parts());
        shelf.forget("hob-1");
        assertThat(shelf.part("hob-1")).contains(shipped);
    }

    @Test
    void whatCannotBeReadIsSaidAndTheRestIsThere() throws IOException {
        Files.createDirectories(library.resolve("parts"));
        Files.writeString(library.resolve("parts/bad.json"), "{\"type\": \"spoon\", \"id\": \"a\", \"name\": \"b\"}");
        Files.writeString(library.resolve("parts/worse.json"), "{");
        Shelf<Gear, Kit> shelf = KitShelf.in(library);
        assertThat(shelf.faults()).hasSize(2);
        assertThat(shelf.faults().get(0)).contains("bad.json", "must be one of microphone");
        assertThat(shelf.parts()).isNotEmpty();
    }

    @Test
    void anIdLeadsNowhereElse() {
        Shelf<Gear, Kit> shelf = KitShelf.in(library);
        assertThatThrownBy(() -> shelf.keep(Parts.complete().as("../outside")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("small letters");
        assertThatThrownBy(() -> shelf.forget("..")).isInstanceOf(IOException.class);
    }

    @Test
    void aFolderThatCannotBeWrittenIsSaid() throws IOException {
        Files.writeString(library.resolve("kits"), "a file in the way");
        assertThatThrownBy(() -> KitShelf.in(library).keep(Parts.complete())).hasMessageContaining("cannot be kept");
    }

    private String fault(String document) {
        try {
            KitCodec.kit(Parts.SHELF.all()).read(JsonDocument.read(document.getBytes(StandardCharsets.UTF_8)));
            return "";
        } catch (IOException e) {
            return e.getMessage();
        }
    }

    @Test
    void faultsNameTheLineAndWhatToDo() {
        String seat = "\"voice\": {\"reading\": \"normal\", \"loudest\": \"raised\"}, \"gainDb\": 30,"
                + " \"position\": {\"distanceM\": 0.2}";
        String head = "{\"format\": 1, \"id\": \"k\", \"name\": \"K\",\n";
        assertThat(fault(head + "\"seats\": [{\"name\": \"A\", \"microphone\": \"condenser\"," + seat + "}]}"))
                .isEmpty();
        assertThat(fault(head + "\"seats\": [{\"name\": \"A\", \"microphone\": \"spoon\"," + seat + "}]}"))
                .contains("line 2", "'spoon'", "described here or in the library");
        assertThat(fault(head + "\"seats\": []}")).contains("1 to 16 voices");
        assertThat(fault("{\"format\": 9, \"id\": \"k\", \"name\": \"K\"}")).contains("format 9");
        assertThat(fault(head + "\"seats\": [{\"name\": \"A\", \"microphone\": \"condenser\","
                        + seat.replace("0.2", "90") + "}]}"))
                .contains("1 cm and 5 m");
        assertThat(fault(head + "\"seats\": [{\"name\": \"A\", \"microphone\": \"condenser\","
                        + seat.replace("normal", "furious") + "}]}"))
                .contains("must be one of whisper");
    }

    @Test
    void aBrokenDocumentDoesNoHarm() throws IOException {
        ObjectNode node = mapper.createObjectNode();
        KitCodec.kit(List.of()).write(Parts.complete(), node);
        byte[] whole = mapper.writeValueAsBytes(node);
        Random random = new Random(11);
        int refused = 0;
        for (int i = 0; i < 300; i++) {
            byte[] broken = whole.clone();
            for (int n = 0; n < 3; n++) {
                broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
            }
            Path file = Files.write(library.resolve("broken.json"), broken);
            try {
                KitCodec.kit(List.of()).read(DocumentFolder.read(file, "kit"));
            } catch (IOException e) {
                assertThat(e.getMessage()).doesNotContain("\n").isNotBlank();
                refused++;
            }
        }
        assertThat(refused).isPositive();
        assertThatThrownBy(() -> KitShelf.in(library).read(library.resolve("none.json")))
                .hasMessageContaining("name a kit document");
    }

    /** With what ships: in a hard kitchen a dynamic, and in a dead quiet room no reason for one. */
    @Test
    void theShippedPartsLetTheRoomDecide() {
        Stock shelf = new Stock(KitShelf.in(library).parts());
        Need kitchen = Parts.need(
                1,
                new RoomGuess(RoomGuess.Size.LIVING_ROOM, RoomGuess.Softness.HARD, RoomGuess.Quiet.HUMMING)
                        .surroundings(),
                Map.of());
        Candidates candidates = Candidates.of(kitchen, shelf);
        List<String> order = new ArrayList<>();
        candidates.best().forEach(c -> order.add(c.family().id()));
        assertThat(order.indexOf("xlr-dynamic")).isLessThan(order.indexOf("xlr-condenser"));
        assertThat(School.of(candidates, kitchen)).hasSize(2);
        assertThat(candidates.best()).hasSize(Candidate.Family.values().length);
    }
}
