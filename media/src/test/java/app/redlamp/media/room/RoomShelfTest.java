package app.redlamp.media.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.decay.Flutter;
import app.redlamp.core.acoustics.outside.Barrier;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.MeasuredDecay;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.json.JsonDocument;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RoomShelfTest {
    @TempDir
    private Path library;

    private Shelf<Material, Spot> shelf() {
        return RoomShelf.in(library);
    }

    private static Spot full(Shelf<Material, Spot> shelf) {
        Spot preset = shelf.presets().get(0);
        Material duvet = shelf.part("duvet").orElseThrow();
        return preset.called("Box room above the bakery")
                .with(preset.room()
                        .with(new Patch("duvet-1", duvet, Face.LEFT, 0.3, 0.2, 1.35, 2.0))
                        .corrected(new Correction(SixBands.of(1, 1.2, 1.4, 0.9, 1, 1))))
                .hearing(List.of(new OutsideSource(
                        "mixers",
                        "mixers below",
                        Timbre.RUMBLE,
                        78,
                        3,
                        Optional.of(new Barrier("floor", 180, 4.5, 0.2)),
                        List.of(Hours.daily(LocalTime.of(4, 0), LocalTime.of(8, 0))))))
                .measured(Optional.of(new MeasuredDecay(
                        "clap.wav",
                        List.of(
                                OptionalDouble.empty(),
                                OptionalDouble.of(0.4),
                                OptionalDouble.of(0.3),
                                OptionalDouble.of(0.25),
                                OptionalDouble.of(0.2),
                                OptionalDouble.of(0.2)),
                        true,
                        Optional.of(new Flutter(14, 0.4)),
                        List.of(new EarlyEcho(2.3, -16)))))
                .withNoise(OptionalDouble.of(24));
    }

    @Test
    void everyPresetIsARoomThatCanBeComputed() {
        assertThat(shelf().presets()).hasSize(7).allSatisfy(spot -> {
            Study study = Study.of(spot, new Wanted(0.25, 30));
            assertThat(study.decay().middleS()).isBetween(0.02, 1.5);
            assertThat(study.noiseDbA()).isPresent();
        });
    }

    @Test
    void everyWareHasItsSourceItsPriceAndItsFireNote() {
        List<Material> wares = shelf().parts().stream()
                .filter(m -> m.use() == Material.Use.TREATMENT)
                .toList();

        assertThat(wares).hasSizeGreaterThanOrEqualTo(9).allSatisfy(m -> {
            assertThat(m.source()).isNotBlank();
            assertThat(m.ware().orElseThrow().price()).isPositive();
            assertThat(m.ware().orElseThrow().fire()).isNotBlank();
        });
    }

    @Test
    void aRoomComesBackAsItWasKept() throws Exception {
        Spot kept = full(shelf());
        shelf().keep(kept);

        Shelf<Material, Spot> again = shelf();
        assertThat(again.kept()).containsExactly(kept);
        assertThat(again.read(library.resolve("rooms/box-room.json"))).isEqualTo(kept);
        assertThat(again.faults()).isEmpty();
    }

    @Test
    void anEditedMaterialTakesThePlaceOfTheOneThatShips() throws Exception {
        Shelf<Material, Spot> shelf = shelf();
        Material duvet = shelf.part("duvet").orElseThrow();
        Material thick = duvet.absorbing(SixBands.of(.2, .4, .7, .8, .8, .8));
        shelf.save(thick);

        assertThat(shelf.isOwn("duvet")).isTrue();
        assertThat(shelf().part("duvet")).contains(thick);
        assertThat(shelf().parts()).hasSameSizeAs(shelf.parts());
        shelf.forget("duvet");
        assertThat(shelf.part("duvet")).contains(duvet);
        assertThat(shelf.isOwn("duvet")).isFalse();
    }

    @Test
    void idsLeadNowhereElse() {
        Spot spot = full(shelf());

        assertThatThrownBy(() -> shelf().keep(spot.as("../../evil"))).hasMessageContaining("small letters");
        assertThatThrownBy(() -> shelf().forget("../settings")).isInstanceOf(IOException.class);
        assertThat(library).isEmptyDirectory();
    }

    @Test
    void brokenDocumentsAreNamedAndTheOthersServe() throws Exception {
        shelf().keep(full(shelf()));
        Files.writeString(library.resolve("rooms/half.json"), "{\"format\": 1, \"id\":");
        Files.createDirectories(library.resolve("materials"));
        Files.writeString(
                library.resolve("materials/wrong.json"),
                "{\"id\":\"x\",\"name\":\"x\",\"use\":\"treatment\",\"absorption\":[2,1,1,1,1,1],\"source\":\"s\"}");
        Shelf<Material, Spot> shelf = shelf();

        assertThat(shelf.kept()).hasSize(1);
        assertThat(shelf.faults()).hasSize(2).allSatisfy(f -> assertThat(f).doesNotContain("\n"));
        assertThat(shelf.faults().get(0)).contains("wrong.json").contains("between 0 and 1");
    }

    @Test
    void whatIsWrongIsSaidWithItsPlace() throws Exception {
        assertFault("{\"format\":1,\"id\":\"a\",\"name\":\"a\"}", "space is missing");
        assertFault(document().replace("\"cardioid\"", "\"sideways\""), "must be one of omni, cardioid");
        assertFault(document().replace("\"widthM\" : 2.4", "\"widthM\" : 2000"), "room width");
        assertFault(document().replace("\"format\" : 1", "\"format\" : 7"), "newer Red Lamp");
        assertFault(
                document().replace("\"left\" : \"plasterboard\"", "\"left\" : \"jelly\""),
                "left 'jelly' must be a material that is described");
    }

    private void assertFault(String document, String said) {
        assertThatThrownBy(() -> SpotCodec.spot(shelf().parts())
                        .read(JsonDocument.read(document.getBytes(StandardCharsets.UTF_8))))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(said);
    }

    private String document() throws IOException {
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode node = mapper.createObjectNode();
        SpotCodec.spot(List.of()).write(full(shelf()), node);
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsString(node);
    }

    /** Whatever is done to a document, reading it gives a room or one line. */
    @Test
    void damagedDocumentsGiveARoomOrALine() throws Exception {
        byte[] good = document().getBytes(StandardCharsets.UTF_8);
        List<Material> materials = shelf().parts();
        Random random = new Random(5);
        int refused = 0;
        for (int round = 0; round < 600; round++) {
            byte[] bad = good.clone();
            for (int i = 0; i <= random.nextInt(4); i++) {
                bad[random.nextInt(bad.length)] = (byte) (32 + random.nextInt(95));
            }
            try {
                assertThat(SpotCodec.spot(materials).read(JsonDocument.read(bad)))
                        .isNotNull();
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank();
                refused++;
            }
        }
        assertThat(refused).isPositive();
    }
}
