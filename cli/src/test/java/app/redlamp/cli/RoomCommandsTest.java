package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.room.RoomShelf;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code room} and {@code decay} as a script sees them, on the demo's box room. */
class RoomCommandsTest {
    @TempDir
    static Path shared;

    private static Path room;
    private static Path clap;

    @TempDir
    Path folder;

    private final Shell shell = new Shell();

    @BeforeAll
    static void build() throws IOException {
        try (DemoProduction demo = DemoProduction.in(shared)) {
            clap = demo.sound("clap.wav");
        }
        Shelf<Material, Spot> shelf = RoomShelf.in(shared.resolve("library"));
        shelf.keep(shelf.presets().get(0));
        room = shared.resolve("library/rooms/box-room.json");
    }

    @Test
    void roomSaysWhereItStandsAndWhatHelps() {
        assertThat(shell.run("room", room.toString())).isEqualTo(Console.FAILS);

        assertThat(shell.out())
                .startsWith("Box room: 2.40 × 1.90 × 2.45 m\nToo much reverb: 0.8")
                .contains("Sabine’s formula holds")
                .contains("the back wall")
                .contains("to help")
                .contains("leaves 125 Hz as it is");
        assertThat(shell.err()).isEmpty();
    }

    /** Twice the people, half the time; and no crowd. */
    @Test
    void theAirIsForAsManyAsAreInIt() throws IOException {
        shell.run("room", room.toString(), "--json");
        double alone = shell.json().get("closedAir").get("minutesTo1000Ppm").asDouble();
        Shell second = new Shell();
        second.run("room", room.toString(), "--json", "--persons", "2");
        assertThat(second.json().get("closedAir").get("minutesTo1000Ppm").asDouble())
                .isBetween(0.4 * alone, 0.5 * alone);
        Shell crowd = new Shell();
        assertThat(crowd.run("room", room.toString(), "--persons", "0")).isNotEqualTo(Console.FAILS);
        assertThat(crowd.err()).contains("0 people: must lie between 1 and 16").hasLineCount(1);
    }

    @Test
    void boothsStandBesideTheTreatmentWithWhatADecibelCosts() throws IOException {
        shell.run("room", room.toString(), "--booths");
        assertThat(shell.out())
                .contains("as it is: price –")
                .contains("Panel booth, double wall (too large for here): price 9200");
        assertThat(shell.out()).contains("quiet enough with everything on");
        Shell second = new Shell();
        second.run("room", room.toString(), "--json", "--booths");
        JsonNode booths = second.json().get("booths");
        assertThat(booths).hasSize(7);
        assertThat(booths.get(0).get("way").asText()).isEqualTo("as-it-is");
        JsonNode treated = booths.get(1);
        JsonNode dearest = booths.get(6);
        assertThat(treated.get("pricePerRoomDb").asDouble())
                .isLessThan(dearest.get("pricePerRoomDb").asDouble());
        assertThat(dearest.get("id").asText()).isEqualTo("double-wall");
        Shell without = new Shell();
        without.run("room", room.toString(), "--json");
        assertThat(without.json().has("booths")).isFalse();
    }

    @Test
    void roomPrintsTheDocumentedObject() throws IOException {
        assertThat(shell.run("room", room.toString(), "--json", "--decay", "0.3"))
                .isEqualTo(Console.FAILS);

        JsonNode json = shell.json();
        assertThat(json.get("volumeM3").asDouble()).isCloseTo(2.4 * 1.9 * 2.45, within(1e-9));
        assertThat(json.get("bands")).hasSize(6);
        assertThat(json.get("bands").get(3).get("wantedS").asDouble()).isEqualTo(0.3);
        assertThat(json.get("bands").get(3).get("trust").asText()).isEqualTo("sabine");
        assertThat(json.get("reflections")).hasSize(6);
        assertThat(json.get("weekDbA")).hasSize(7 * 48);
        assertThat(json.get("steps").get(0).get("afterS")).hasSize(6);
    }

    @Test
    void aDeadRoomPasses() throws IOException {
        Shelf<Material, Spot> shelf = RoomShelf.in(folder);
        shelf.keep(shelf.presets().stream()
                .filter(s -> s.id().equals("pillow-fort"))
                .findFirst()
                .orElseThrow());

        assertThat(shell.run("room", folder.resolve("rooms/pillow-fort.json").toString()))
                .isZero();
        assertThat(shell.out()).contains("record here");
    }

    @Test
    void decayMeasuresTheDemosClap() throws IOException {
        assertThat(shell.run("decay", clap.toString())).isZero();
        assertThat(shell.out()).contains("Reverb time 0.").contains("1 kHz: EDT");

        assertThat(shell.run("decay", clap.toString(), "--json")).isZero();
        JsonNode bands = shell.json().get("bands");
        assertThat(bands).hasSize(6);
        assertThat(bands.get(3).get("t20S").asDouble()).isBetween(0.15, 0.9);
        assertThat(shell.json().get("claps").asInt()).isEqualTo(1);
    }

    @Test
    void whatCannotBeReadIsSaidInOneLine() throws IOException {
        Path broken = Files.writeString(folder.resolve("broken.json"), "{\"format\": 1}");

        assertThat(shell.run("room", broken.toString())).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("broken.json: ").hasLineCount(1);
        assertThat(shell.run("room", folder.resolve("none.json").toString())).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("is not there").hasLineCount(1);
        assertThat(shell.run("room", room.toString(), "--decay", "9")).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("between 0.05 and 3 s").hasLineCount(1);
        assertThat(shell.run("decay", room.toString())).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("not a sound file").hasLineCount(1);
    }

    @Test
    void decayOfSpeechIsRefused() throws IOException {
        Path speech;
        try (DemoProduction demo = DemoProduction.in(folder)) {
            speech = demo.recording(0);
        }

        assertThat(shell.run("decay", speech.toString())).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("clap").hasLineCount(1);
    }
}
