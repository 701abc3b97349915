package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.room.RoomShelf;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** {@code chain} as a script sees it. */
class ChainCommandTest {
    @TempDir
    Path folder;

    private final Shell shell = new Shell();

    private Path kept(Kit kit) throws IOException {
        KitShelf.in(folder).keep(kit);
        return folder.resolve("kits").resolve(kit.id() + ".json");
    }

    /** Near enough for a bedroom that is not lined. */
    private static Kit near() {
        Kit kit = Parts.complete();
        return kit.with(0, kit.seats().get(0).at(Position.straight(0.12)).screened(OptionalDouble.of(0.06)));
    }

    @Test
    void everyNodeIsPrintedWithItsUnit() throws IOException {
        assertThat(shell.run("chain", kept(near()).toString(), "--noise", "22", "--set"))
                .isEqualTo(Console.OK);
        assertThat(shell.out())
                .startsWith("Complete\n  Reader       Enough: ")
                .contains("mouth        normal, at 1 m: 62 average")
                .contains("dB SPL", "dBu", "dBFS")
                .contains("fits         It all fits together.")
                .contains("% of the noise");
        assertThat(shell.err()).isEmpty();
        assertThat(shell.run("chain", kept(Parts.complete()).toString(), "--noise", "60"))
                .isEqualTo(Console.FAILS);
        assertThat(shell.out()).contains("The room is the limit");
    }

    @Test
    void jsonHasTheSameFigures() throws IOException {
        Path file = kept(Parts.complete());
        // Everything but the room is well: it rings too long for a narrator at this distance.
        assertThat(shell.run("chain", file.toString(), "--noise", "22", "--json"))
                .isEqualTo(Console.FAILS);
        JsonNode json = shell.json();
        JsonNode voice = json.get("voices").get(0);
        assertThat(voice.get("nodes")).hasSize(7);
        // 62.35 dB at 1 m are 77.24 at 18 cm; nearness adds 1.36 (by numpy) and the room's reverberation 0.08.
        assertThat(voice.get("nodes").get(1).get("averageDb").asDouble()).isCloseTo(78.68, within(0.02));
        assertThat(voice.get("wantedSignalToNoiseDb").asDouble()).isCloseTo(39.5, within(1e-9));
        assertThat(voice.get("signalToNoiseDb").asDouble())
                .isCloseTo(-20.5 - voice.get("floorDbfs").asDouble(), within(0.01));
        assertThat(voice.get("signalToNoiseWithoutDb").has("room")).isTrue();
        assertThat(json.get("room").get("noise").get("dbA").asDouble()).isCloseTo(22, within(1e-6));
        assertThat(json.get("fit")).isEmpty();
    }

    @Test
    void whatDoesNotFitIsListedWithWhatItCosts() throws IOException {
        Path file = kept(Parts.with(Parts.CONDENSER, Optional.empty()));
        assertThat(shell.run("chain", file.toString())).isEqualTo(Console.FAILS);
        assertThat(shell.out())
                .contains("has no way into a file yet")
                .contains("One thing stops you")
                .contains("Nothing takes the microphone's plug");
        shell.run("chain", file.toString(), "--json");
        JsonNode json = shell.json();
        assertThat(json.get("voices").get(0).get("complete").asBoolean()).isFalse();
        assertThat(json.get("fit").get(0).get("kind").asText()).isEqualTo("no-box");
        assertThat(json.get("fit").get(0).get("cost").asDouble()).isPositive();
    }

    @Test
    void aRoomOfItsOwnCounts() throws IOException {
        Shelf<Material, Spot> rooms = RoomShelf.in(folder);
        rooms.keep(rooms.presets().get(0));
        String room = folder.resolve("rooms/box-room.json").toString();
        String kit = kept(Parts.complete()).toString();
        shell.run("chain", kit, "--room", room, "--json");
        double inBox = shell.json().get("room").get("volumeM3").asDouble();
        assertThat(inBox).isCloseTo(2.4 * 1.9 * 2.45, within(0.01));
        shell.run("chain", kit, "--json");
        assertThat(shell.json().get("room").get("volumeM3").asDouble()).isCloseTo(30, within(1e-6));
    }

    @Test
    void faultsAreOneLineThatSaysWhatToDo() throws IOException {
        Path bad = Files.writeString(folder.resolve("bad.json"), "{\"format\": 1, \"id\": \"a\", \"name\": \"b\"}");
        for (List<String> arguments : List.of(
                List.of("chain", bad.toString()),
                List.of("chain", folder.resolve("none.json").toString()),
                List.of("chain", kept(Parts.complete()).toString(), "--spec", "spoon"),
                List.of("chain", kept(Parts.complete()).toString(), "--noise", "900"),
                List.of("chain", kept(Parts.complete()).toString(), "--room", bad.toString()))) {
            assertThat(shell.run(arguments.toArray(String[]::new))).isEqualTo(Console.CANNOT);
            assertThat(shell.err()).startsWith("redlamp: ").hasLineCount(1);
            assertThat(shell.out()).isEmpty();
        }
    }
}
