package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.kit.Parts;
import app.redlamp.media.kit.KitShelf;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** {@code simulate} as a script sees it. */
class SimulateCommandTest {
    @TempDir
    Path folder;

    private final Shell shell = new Shell();

    private Path booth(String more) throws IOException {
        KitShelf.in(folder).keep(Parts.complete());
        String kit =
                Files.readString(folder.resolve("kits").resolve(Parts.complete().id() + ".json"));
        Path file = folder.resolve("booth.json");
        Files.writeString(file, "{\"format\": 1, \"kit\": " + kit + ", " + more + "}");
        return file;
    }

    private static final String ACTS =
            "\"acts\": [{\"cue\": \"still\", \"seconds\": 8}, {\"cue\": \"read\", \"seconds\": 30}]";

    @Test
    void whatIsWrittenMeasuresAsItWasComputed() throws IOException {
        Path out = folder.resolve("out.wav");
        assertThat(shell.run("simulate", booth(ACTS).toString(), "--out", out.toString(), "--json"))
                .isEqualTo(Console.OK);
        JsonNode told = shell.json();
        assertThat(told.get("simulated").asBoolean()).isTrue();
        assertThat(told.get("durationS").asDouble()).isCloseTo(38, within(0.1));
        JsonNode voice = told.get("voices").get(0);
        Shell measuring = new Shell();
        assertThat(measuring.run("measure", out.toString(), "--json")).isEqualTo(Console.OK);
        assertThat(measuring.json().findValue("activeSpeechLevelDbov").asDouble())
                .isCloseTo(voice.get("averageDbfs").asDouble(), within(0.5));
    }

    @Test
    void theSameBoothGivesTheSameFile() throws IOException {
        Path booth = booth("\"seed\": 5, \"acts\": [{\"cue\": \"loudest\", \"seconds\": 2}]");
        Path one = folder.resolve("one.wav");
        Path other = folder.resolve("other.wav");
        assertThat(shell.run("simulate", booth.toString(), "--out", one.toString()))
                .isEqualTo(Console.OK);
        assertThat(shell.out()).contains("simulated").contains("average");
        assertThat(new Shell().run("simulate", booth.toString(), "--out", other.toString()))
                .isEqualTo(Console.OK);
        assertThat(Files.readAllBytes(one)).isEqualTo(Files.readAllBytes(other));
    }

    @Test
    void aFileThatIsThereIsLeftAsItIs() throws IOException {
        Path out = folder.resolve("out.wav");
        Files.writeString(out, "kept");
        assertThat(shell.run("simulate", booth(ACTS).toString(), "--out", out.toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("is there already");
        assertThat(Files.readString(out)).isEqualTo("kept");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\"acts\": []; 0 acts",
                "\"acts\": [{\"cue\": \"sing\", \"seconds\": 3}]; must be one of still, read, loudest, excited",
                "\"acts\": [{\"cue\": \"read\", \"seconds\": -1}]; more than 0 s",
                "\"acts\": [{\"cue\": \"read\", \"seconds\": 1, \"voice\": 4}]; no voice 4",
                "\"mains\": {\"nominalHz\": 55}, \"acts\": [{\"cue\": \"read\", \"seconds\": 1}]; must be 50 or 60",
                "\"sampleRateHz\": 3000, \"acts\": [{\"cue\": \"read\", \"seconds\": 1}]; 8000 and 192 000 Hz",
                "\"when\": {\"day\": \"monday\", \"time\": \"half past\"}, \"acts\": [{\"cue\": \"read\", \"seconds\": 1}]; half past",
                "\"habits\": {\"clicks\": 900}, \"acts\": [{\"cue\": \"read\", \"seconds\": 1}]; between 0 and 120"
            })
    void whatCannotBeIsSaidInOneLine(String more, String why) throws IOException {
        Path out = folder.resolve("out.wav");
        assertThat(shell.run("simulate", booth(more).toString(), "--out", out.toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err().strip()).contains("booth.json").contains(why).doesNotContain("\n");
        assertThat(out).doesNotExist();
    }

    @Test
    void withoutItsVoltageTheMicrophoneIsDead() throws IOException {
        Path out = folder.resolve("out.wav");
        Path booth = booth("\"phantom\": false, \"acts\": [{\"cue\": \"loudest\", \"seconds\": 2}]");
        assertThat(shell.run("simulate", booth.toString(), "--out", out.toString(), "--json"))
                .isEqualTo(Console.OK);
        assertThat(shell.json().get("voices").get(0).get("powered").asBoolean()).isFalse();
    }
}
