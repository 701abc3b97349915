package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A production made, recorded into, got back and salvaged from the command line. */
class TakeCommandsTest {
    @TempDir
    Path home;

    private final Shell shell = new Shell();
    private String folder;
    private String script;

    @BeforeEach
    void writeScript() throws IOException {
        folder = home.resolve("Borrowed Weather").toString();
        script = Files.writeString(home.resolve("script.md"), """
                # The quay

                The glass fell, and the gulls came in.

                # A map of rain: or, what?

                He had learned to read it the way other boys read comics.
                """).toString();
    }

    private void make() {
        assertThat(shell.run("new", folder, "--kind", "audiobook", "--title", "Borrowed Weather", "--script", script))
                .as(shell.err())
                .isZero();
    }

    private String library() {
        return home.resolve("library").toString();
    }

    private int record(String... more) {
        String[] all = Arrays.copyOf(
                new String[] {"record", folder, "--input", "simulated", "--library", library(), "--json"},
                7 + more.length);
        System.arraycopy(more, 0, all, 7, more.length);
        return shell.run(all);
    }

    @Test
    void aProductionIsMadeOfAScript() throws IOException {
        assertThat(shell.run(
                        "new",
                        folder,
                        "--kind",
                        "audiobook",
                        "--title",
                        "Borrowed Weather",
                        "--script",
                        script,
                        "--json"))
                .isZero();
        JsonNode made = shell.json().get("production");
        assertThat(made.get("kind").asText()).isEqualTo("audiobook");
        assertThat(made.get("chapters"))
                .extracting(JsonNode::asText)
                .containsExactly("The quay", "A map of rain: or, what?");
        assertThat(Path.of(folder, "production.json")).exists();
        assertThat(Path.of(folder, "script", "script.md")).exists();
        assertThat(shell.run("plan", folder)).isNotEqualTo(Console.CANNOT);
        assertThat(shell.out()).contains("A map of rain");
        // Nothing is written over: the same folder is refused, and so is one in which something else lies.
        assertThat(shell.run("new", folder, "--kind", "audiobook", "--title", "Other"))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("choose an empty folder");
        Path empty = Files.createDirectory(home.resolve("empty"));
        assertThat(shell.run("new", empty.toString(), "--kind", "podcast-alone", "--title", "Crumbs"))
                .isZero();
    }

    @Test
    void whatCannotBeMadeIsSaidInOneLine() {
        assertThat(shell.run("new", folder, "--kind", "opera", "--title", "T")).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("no kind 'opera'").contains("audio-guide");
        assertThat(shell.run("new", folder, "--kind", "audiobook", "--title", " "))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("--title");
        assertThat(shell.run("new", folder, "--kind", "audiobook", "--title", "T", "--script", "nowhere.md"))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("nowhere.md").hasLineCount(1);
        assertThat(Path.of(folder)).doesNotExist();
    }

    /** A take of a chapter: closed, known to its production and its log, the same to anybody who counts it again. */
    @Test
    void aTakeIsRecordedKnownAndClosed() throws IOException, NoSuchAlgorithmException {
        make();
        assertThat(record("--chapter", "2", "--seconds", "1.5", "--seed", "4"))
                .as(shell.err())
                .isZero();
        JsonNode take = shell.json().get("take");
        Path file = Path.of(take.get("file").asText());
        assertThat(file).isEqualTo(Path.of(folder, "raw", "02 A map of rain or, what - take 1.wav"));
        assertThat(take.get("seconds").asDouble()).isPositive().isCloseTo(seconds(Files.size(file)), within(1e-9));
        assertThat(take.get("lostFrames").asLong()).isZero();
        assertThat(take.get("simulated").asBoolean()).isTrue();
        byte[] sum = MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file));
        String sha256 = String.format("%064x", new BigInteger(1, sum));
        assertThat(take.get("sha256").asText()).isEqualTo(sha256);
        assertThat(Files.readString(Path.of(folder, "production.json")))
                .contains(sha256)
                .contains("A map of rain: or, what?");
        assertThat(Files.readString(Path.of(folder, "log.jsonl")))
                .contains("\"kind\":\"recorded\"")
                .contains(sha256);
        assertThat(shell.run("recover", folder, "--json")).isZero();
        assertThat(shell.json().get("recovered")).isEmpty();
        assertThat(shell.run("measure", file.toString())).isZero();
        // The next one is another, in the second place too.
        Path backup = home.resolve("second");
        assertThat(record("--chapter", "2", "--seconds", "0.5", "--backup", backup.toString()))
                .isZero();
        assertThat(shell.json().get("take").get("file").asText()).endsWith("take 2.wav");
        assertThat(backup.resolve("Borrowed Weather/raw/02 A map of rain or, what - take 2.wav"))
                .exists();
    }

    @Test
    void twoAtATableAreRecordedOnTwoTracks() throws IOException {
        assertThat(shell.run("new", folder, "--kind", "podcast-cohost", "--title", "Crumbs"))
                .isZero();
        assertThat(record("--chapter", "1", "--seconds", "0.5")).as(shell.err()).isZero();
        String file = shell.json().get("take").get("file").asText();
        assertThat(file).endsWith("01 Crumbs - take 1.wav");
        assertThat(shell.run("measure", file, "--json")).isZero();
        assertThat(shell.json()
                        .get("files")
                        .get(0)
                        .get("format")
                        .get("channels")
                        .asInt())
                .isEqualTo(2);
    }

    @Test
    void whatCannotBeRecordedIsSaidInOneLine() {
        make();
        String[][] faults = {
            {"--chapter", "3", "--seconds", "1"},
            {"--chapter", "0", "--seconds", "1"},
            {"--chapter", "1", "--seconds", "0"}
        };
        for (String[] fault : faults) {
            assertThat(record(fault)).isEqualTo(Console.CANNOT);
            assertThat(shell.err()).hasLineCount(1).startsWith("redlamp: ");
        }
        assertThat(shell.run("record", folder, "--chapter", "1", "--input", "Nobody's box", "--seconds", "1"))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).hasLineCount(1).contains("simulated");
        assertThat(shell.run("record", home.toString(), "--chapter", "1", "--seconds", "1"))
                .isEqualTo(Console.CANNOT);
        assertThat(Path.of(folder, "raw")).isEmptyDirectory();
    }

    /** A take whose process was killed before its production knew of it. */
    @Test
    void whatAKillLeftIsGotBackOnce() throws IOException {
        make();
        assertThat(record("--chapter", "1", "--seconds", "0.5")).isZero();
        Path raw = Path.of(folder, "raw");
        Path file = raw.resolve("01 The quay - take 1.wav");
        assertThat(file.toFile().setWritable(true)).isTrue();
        byte[] whole = Files.readAllBytes(file);
        Path cut = Files.write(raw.resolve("01 The quay - take 2.wav"), Arrays.copyOf(whole, whole.length - 1001));
        Files.writeString(raw.resolve(".take-" + cut.getFileName() + ".jsonl"), """
                {"kind":"take","name":"01 The quay - take 2.wav","piece":"The quay","begun":"2026-03-02T18:00:00","format":{"sampleRateHz":44100,"bitDepth":24,"channels":1},"input":"Two in","simulated":false}
                {"kind":"mark","atS":0.25,"lengthS":0,"mark":"again","note":"the na""");
        assertThat(shell.run("recover", folder, "--json")).as(shell.err()).isZero();
        JsonNode got = shell.json().get("recovered").get(0);
        assertThat(got.get("file").asText()).isEqualTo(cut.toString());
        assertThat(got.get("seconds").asDouble()).isCloseTo(seconds(whole.length - 1001), within(1e-9));
        assertThat(Files.readString(Path.of(folder, "production.json")))
                .contains(got.get("sha256").asText())
                .contains("cut-off");
        assertThat(shell.run("recover", folder)).isZero();
        assertThat(shell.out()).contains("nothing to get back");
    }

    @Test
    void halfAWavFromElsewhereIsSalvaged() throws IOException {
        make();
        assertThat(record("--chapter", "1", "--seconds", "1")).isZero();
        byte[] whole = Files.readAllBytes(Path.of(folder, "raw", "01 The quay - take 1.wav"));
        Path half = Files.write(home.resolve("half.wav"), Arrays.copyOf(whole, whole.length / 2));
        Path out = home.resolve("got.wav");
        assertThat(shell.run("salvage", half.toString(), "--out", out.toString(), "--json"))
                .as(shell.err())
                .isZero();
        JsonNode got = shell.json().get("salvaged");
        assertThat(got.get("by").asText()).isEqualTo("header");
        assertThat(got.get("seconds").asDouble()).isCloseTo(seconds(whole.length / 2), within(1e-9));
        assertThat(shell.run("salvage", half.toString(), "--out", out.toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("is there already");
        assertThat(shell.run("salvage", home.resolve("none.wav").toString(), "--out", "x.wav"))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("is not there");
        assertThat(shell.run("salvage", script, "--out", home.resolve("y.wav").toString(), "--rate", "44100"))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("can be read as sound").hasLineCount(1);
        assertThat(shell.run("salvage", script, "--out", "z.wav", "--rate", "12"))
                .isEqualTo(Console.CANNOT);
    }

    /** Length of a mono file of 24 bits: whole samples after a header of 80 bytes. */
    private static double seconds(long bytes) {
        long samples = (bytes - 80) / 3;
        return samples / 44_100.0;
    }

    @Test
    void aChapterIsPutTogetherOfItsTakes() throws IOException {
        make();
        assertThat(shell.run(
                        "assemble", folder, "2", "--out", home.resolve("no.wav").toString()))
                .isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("record one first");
        assertThat(record("--chapter", "2", "--seconds", "1.2")).isZero();
        String out = home.resolve("chapter.wav").toString();
        assertThat(shell.run("assemble", folder, "2", "--out", out, "--json"))
                .as(shell.err())
                .isZero();
        JsonNode one = shell.json().get("chapter");
        assertThat(one.get("joins")).isEmpty();
        assertThat(one.get("bits").asInt()).isEqualTo(24);
        assertThat(one.get("passages").get(0).get("to").asLong())
                .isEqualTo(one.get("frames").asLong());
        assertThat(record("--chapter", "2", "--seconds", "1.1")).isZero();
        // What is there is never written over.
        assertThat(shell.run("assemble", folder, "2", "--out", out)).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("chapter.wav");
        String both = home.resolve("both.wav").toString();
        assertThat(shell.run("assemble", folder, "A map of rain: or, what?", "--out", both, "--json"))
                .isZero();
        JsonNode two = shell.json().get("chapter");
        assertThat(two.get("joins").size()).isEqualTo(two.get("passages").size() - 1);
        assertThat(two.get("joins").size()).isPositive();
        assertThat(two.get("joins").get(0).get("clickDb").asDouble()).isBetween(-40.0, 60.0);
        assertThat(shell.run("measure", both, "--json")).isZero();
        assertThat(shell.run("assemble", folder, "The moon", "--out", out)).isEqualTo(Console.CANNOT);
        assertThat(shell.err()).contains("number or its title");
        assertThat(shell.run("assemble", folder, "7", "--out", out)).isEqualTo(Console.CANNOT);
    }
}
