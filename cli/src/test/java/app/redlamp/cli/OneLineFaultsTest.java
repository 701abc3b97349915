package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.room.RoomShelf;
import app.redlamp.media.wav.WavWriter;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What goes wrong is one line that says what to do, and takes nothing else with it. */
class OneLineFaultsTest {
    private static final int RATE = 44_100;

    @TempDir
    Path folder;

    private final Shell shell = new Shell();
    private final ObjectMapper mapper = new ObjectMapper();

    private String recording(String name) throws IOException {
        Path file = folder.resolve(name);
        float[] tone = Signals.noise(-20, 2, RATE, 1);
        try (WavWriter writer = new WavWriter(file, RATE, 1, 16)) {
            writer.accept(new float[][] {tone}, tone.length);
        }
        return file.toString();
    }

    /** A name that cannot be one here, one that is not there and one that is no sound: the others are measured. */
    @Test
    void oneBadNameTakesNoOthersResult() throws IOException {
        String good = recording("a.wav");
        String other = recording("b.wav");
        Path words = Files.writeString(folder.resolve("words.wav"), "no sound");
        for (String command : List.of("measure", "check")) {
            List<String> line = command.equals("measure")
                    ? List.of(command, good, "B\0cher.wav", folder + "/none.wav", words.toString(), other)
                    : List.of(
                            command,
                            "--spec",
                            "podcast-mono",
                            good,
                            "B\0cher.wav",
                            folder + "/none.wav",
                            words.toString(),
                            other);
            assertThat(shell.run(line.toArray(String[]::new))).isEqualTo(Console.CANNOT);
            assertThat(shell.out()).contains(good, other);
            assertThat(shell.err().lines())
                    .hasSize(3)
                    .anySatisfy(l -> assertThat(l).contains("cannot be read in this session's character set", "LC_ALL"))
                    .allSatisfy(l -> assertThat(l).startsWith("redlamp: ").contains(";"));
        }
        assertThat(shell.run("measure", "--json", good, "B\0cher.wav")).isEqualTo(Console.CANNOT);
        assertThat(shell.json().get("files")).hasSize(2);
        assertThat(shell.json().get("files").get(0).get("ok").asBoolean()).isTrue();
    }

    /** Fourteen million labels would take more memory than there is; they are counted, and the sound is measured. */
    @Test
    void aRecordingWithMillionsOfLabelsIsMeasured() throws IOException {
        String good = recording("a.wav");
        Path many = Path.of(recording("many.wav"));
        int labels = 90_000;
        for (int list = 0; list < 20; list++) {
            ByteBuffer chunk = ByteBuffer.allocate(12 + labels * 12).order(ByteOrder.LITTLE_ENDIAN);
            chunk.put("LIST".getBytes(StandardCharsets.US_ASCII)).putInt(4 + labels * 12);
            chunk.put("adtl".getBytes(StandardCharsets.US_ASCII));
            for (int i = 0; i < labels; i++) {
                chunk.put("labl".getBytes(StandardCharsets.US_ASCII)).putInt(4).putInt(list * labels + i);
            }
            Files.write(many, chunk.array(), StandardOpenOption.APPEND);
        }
        assertThat(shell.run("measure", many.toString(), good)).isZero();
        assertThat(shell.err()).isEmpty();
    }

    /** A room that names a material of one's own, which is broken, is not computed with another of that name. */
    @Test
    void aBrokenMaterialIsNamedAndNothingStandsInForIt() throws IOException {
        Shelf<Material, Spot> shelf = RoomShelf.in(folder);
        shelf.keep(shelf.presets().get(0));
        Path room = folder.resolve("rooms/box-room.json");
        ObjectNode tree = (ObjectNode) mapper.readTree(Files.readAllBytes(room));
        tree.remove("materials");
        Path bare = Files.write(folder.resolve("bare.json"), mapper.writeValueAsBytes(tree));
        assertThat(shell.run("room", bare.toString(), "--library", folder.toString()))
                .isEqualTo(Console.FAILS);
        String named = tree.at("/surfaces").elements().next().asText();
        shelf.save(shelf.part(named).orElseThrow().absorbing(SixBands.all(0.9)));
        assertThat(shell.run("room", bare.toString(), "--library", folder.toString()))
                .isNotEqualTo(Console.CANNOT);
        assertThat(shell.err()).isEmpty();

        Path own = folder.resolve("materials").resolve(named + ".json");
        Files.writeString(own, Files.readString(own).replace("\"name\"", "\"nam\""));
        assertThat(shell.run("room", bare.toString(), "--library", folder.toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.out()).isEmpty();
        assertThat(shell.err().lines())
                .hasSize(2)
                .anySatisfy(l -> assertThat(l)
                        .contains("materials/" + named + ".json: line ", "until it is mended it counts as not there"))
                .anySatisfy(l ->
                        assertThat(l).contains("bare.json", "'" + named + "' must be a material that is described"));
        // A room that describes what it needs is computed; the fault is said all the same.
        assertThat(shell.run("room", room.toString(), "--library", folder.toString()))
                .isEqualTo(Console.FAILS);
        assertThat(shell.err().lines()).singleElement().asString().contains("materials/" + named + ".json");
    }

    @Test
    void aBrokenPartIsNamedToo() throws IOException {
        Path parts = Files.createDirectories(folder.resolve("parts"));
        Files.writeString(parts.resolve("tallow-1.json"), "{\"format\": 1,, }");
        Path kit = Files.writeString(folder.resolve("kit.json"), """
                {"format": 1, "id": "k", "name": "K", "seats": [{"name": "Reader", "microphone": "tallow-1", "gainDb": 30,
                "voice": {"reading": "normal", "loudest": "raised"}, "position": {"distanceM": 0.2}}]}
                """);
        assertThat(shell.run("chain", kit.toString(), "--library", folder.toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err().lines())
                .hasSize(2)
                .anySatisfy(l ->
                        assertThat(l).contains("parts/tallow-1.json: line 1, column 14: it is not JSON from here on"))
                .anySatisfy(l -> assertThat(l)
                        .contains(
                                "microphone 'tallow-1' must be a part of this kind, described here or in the library"));
    }

    @Test
    void planSaysThatItIsTheBackup() throws IOException {
        try (DemoProduction demo = DemoProduction.in(folder)) {
            Path production = demo.folder();
            Path document = production.resolve("production.json");
            Files.copy(document, production.resolve("production.json.bak"));
            Files.writeString(document, Files.readString(document).substring(0, 3000));
            assertThat(shell.run("plan", production.toString())).isZero();
            assertThat(shell.out()).contains("Borrowed Weather");
            assertThat(shell.err().lines())
                    .singleElement()
                    .asString()
                    .contains("production.json is damaged", "it ends in the middle", "this is the backup", "save it");
        }
    }

    /** Thirty-three megabytes of small objects, values of a hundred thousand characters, whatever is nested or cut off. */
    @Test
    void documentsThatAreMadeToDoHarmAreOneShortLine() throws IOException {
        String many = "{\"format\": 1, \"seats\": [" + "{\"a\":{}},".repeat(100_000) + "{}]}";
        String most = "{\"x\": [" + "{\"a\":{}},".repeat(3_600_000) + "{}]}";
        List<String> documents = List.of(
                many,
                "{\"format\": 1, \"id\": \"" + "x".repeat(100_000) + "\", \"name\": 3}",
                "{\"format\": 1, \"" + "y".repeat(100_000) + "\": 3}",
                "{\"format\": " + "9".repeat(2_000) + "}",
                "[".repeat(100_000),
                "{\"a\":".repeat(10_000),
                "{\"format\": 1, \"id\": \"k\"",
                "\u0000\u0001\u0002",
                "");
        for (String document : documents) {
            Path file = Files.writeString(folder.resolve("odd.json"), document);
            for (String command : List.of("room", "chain")) {
                assertThat(shell.run(command, file.toString())).isEqualTo(Console.CANNOT);
                assertThat(shell.err().lines()).hasSize(1);
                assertThat(shell.err())
                        .hasSizeLessThan(700)
                        .doesNotContain("Exception", "jackson", "VALUE_", "START_", "JsonToken", "heap");
            }
        }
        Path production = Files.createDirectory(folder.resolve("production"));
        Files.writeString(production.resolve("production.json"), most);
        assertThat(shell.run("plan", production.toString())).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).hasLineCount(1).contains("holds more than 1000000 values");
    }

    /** A library that may not be read, or is none, is said with what to do. */
    @Test
    void aLibraryThatIsNoneIsSaidSo() throws IOException {
        Path file = Files.writeString(folder.resolve("lib"), "a file");
        assertThat(shell.run("specs", "--copy", "podcast-mono", "--as", "mine", "--library", file.toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err())
                .hasLineCount(1)
                .contains(";")
                .hasSizeGreaterThan(file.toString().length() + 30);
    }
}
