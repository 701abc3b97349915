package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.media.demo.DemoProduction;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The commands as a script sees them: output, errors, exit codes, on the demo recordings. */
class CommandLineTest {
    @TempDir
    static Path shared;

    private static List<String> demo;

    @TempDir
    Path folder;

    private String out = "";
    private String err = "";

    @BeforeAll
    static void buildDemo() throws IOException {
        try (DemoProduction production = DemoProduction.in(shared)) {
            demo = production.recordings().stream().map(Path::toString).toList();
        }
    }

    @Test
    void measurePrintsTheDocumentedObject() throws IOException {
        assertThat(run(with("measure", "--json"))).isZero();
        JsonNode files = json().get("files");
        assertThat(files).hasSize(5);
        JsonNode first = files.get(0);
        assertThat(names(first))
                .containsExactly(
                        "file",
                        "ok",
                        "format",
                        "integratedLufs",
                        "loudnessRangeLu",
                        "maxMomentaryLufs",
                        "maxShortTermLufs",
                        "truePeakDbtp",
                        "samplePeakDbfs",
                        "rmsDbfs",
                        "activeSpeechLevelDbov",
                        "activityPercent",
                        "noiseFloorDbfs",
                        "noiseFloorDbA",
                        "loudestPauseDbfs",
                        "quietestPauseDbfs",
                        "noisiestStretch",
                        "gated",
                        "longestPauseS",
                        "noiseThrobS",
                        "noiseKind",
                        "noiseOctavesDbfs",
                        "hum",
                        "tones",
                        "syllablesPerSecond",
                        "room",
                        "clarityDb",
                        "clarityWithinDb",
                        "decayS",
                        "decayWithinS",
                        "crestDb",
                        "atCeilingPercent",
                        "echo",
                        "bandwidthHz",
                        "noiseUnevenness",
                        "turnedDownDb",
                        "codedBlockSamples",
                        "bitsUsed",
                        "channelRelation",
                        "channels",
                        "signalToNoiseDb",
                        "headS",
                        "tailS",
                        "head",
                        "tail",
                        "clippedRuns",
                        "clippedPlaces",
                        "flatTopDbfs",
                        "flatTopPlaces",
                        "dcOffset",
                        "findings");
        assertThat(names(first.get("format")))
                .containsExactly("container", "codec", "sampleRateHz", "bitDepth", "channels", "durationS");
        for (int i = 0; i < demo.size(); i++) {
            assertThat(files.get(i).get("file").asText()).isEqualTo(demo.get(i));
        }
        assertThat(first.get("noiseFloorDbfs").asDouble()).isCloseTo(-66, within(0.5));
        assertThat(first.get("noisiestStretch").get("levelDbfs").asDouble()).isCloseTo(-66, within(1.5));
        assertThat(names(first.get("noisiestStretch"))).containsExactly("startS", "endS", "levelDbfs");
        assertThat(files.get(2).get("findings").get(0).get("kind").asText()).isEqualTo("clipping");
        assertThat(names(first.get("noiseOctavesDbfs")))
                .containsExactly("31.5", "63", "125", "250", "500", "1000", "2000", "4000", "8000", "16000");
        JsonNode clipped = files.get(2);
        assertThat(clipped.get("clippedPlaces"))
                .hasSize(clipped.get("clippedRuns").asInt());
        double worstS = clipped.get("findings").get(0).get("startS").asDouble();
        assertThat(clipped.get("clippedPlaces"))
                .anySatisfy(run -> assertThat(run.get("startS").asDouble()).isCloseTo(worstS, within(0.001)));
        assertThat(clipped.get("clippedPlaces"))
                .allSatisfy(run -> assertThat(run.get("samples").asInt()).isGreaterThanOrEqualTo(3));
        assertThat(clipped.get("findings").get(0).get("places"))
                .isNotEmpty()
                .allSatisfy(place -> assertThat(place.get("endS").asDouble())
                        .isGreaterThanOrEqualTo(place.get("startS").asDouble()));
        assertThat(files.get(4).get("format").get("channels").asInt()).isEqualTo(2);
        assertThat(err).isEmpty();
    }

    @Test
    void brokenFilesAreOneLineEachAndTheOthersGoOn() throws IOException {
        Path empty = Files.createFile(folder.resolve("empty.wav"));
        Path words = Files.writeString(folder.resolve("words.txt"), "not sound");
        Path half = Files.write(
                folder.resolve("half.wav"),
                java.util.Arrays.copyOf(Files.readAllBytes(Path.of(demo.get(0))), 1_000_000));
        int code = run(
                "measure",
                "--json",
                empty.toString(),
                demo.get(0),
                words.toString(),
                folder.toString(),
                half.toString(),
                folder.resolve("gone.wav").toString());
        assertThat(code).isEqualTo(2);
        JsonNode files = json().get("files");
        assertThat(files).hasSize(6);
        assertThat(files.get(1).get("ok").asBoolean()).isTrue();
        assertThat(files.get(4).get("ok").asBoolean()).isTrue();
        assertThat(files.get(4).get("findings").get(0).get("kind").asText()).isEqualTo("cut-off");
        for (int broken : new int[] {0, 2, 3, 5}) {
            assertThat(files.get(broken).get("ok").asBoolean()).isFalse();
            assertThat(names(files.get(broken))).containsExactly("file", "ok", "error");
        }
        assertThat(err.lines())
                .hasSize(4)
                .allMatch(line -> line.startsWith("redlamp: "))
                .anyMatch(line -> line.contains("empty.wav: is empty"))
                .anyMatch(line -> line.contains("is a folder"));
    }

    /** A file may be called anything; what it is called breaks no line and commands no terminal. */
    @Test
    void aNameIsPrintedOnOneLine() throws IOException {
        Path odd = Files.copy(Path.of(demo.get(0)), folder.resolve("a\nb\u001b[31m\u2028c.wav"));
        assertThat(run("measure", odd.toString())).isZero();
        assertThat(out.lines().findFirst().orElseThrow()).endsWith("a b [31m c.wav");
        assertThat(run("check", "--spec", "audiobook-retail", odd.toString())).isNotEqualTo(2);
        assertThat(out.lines().findFirst().orElseThrow()).contains("a b [31m c.wav: ");
    }

    @Test
    void undefinedValuesAreNull() throws IOException {
        Path silence = folder.resolve("silence.wav");
        try (var writer = new app.redlamp.media.wav.WavWriter(silence, 8000, 1, 16)) {
            // Nothing but the header and a tenth of a second that is too short to measure.
            writer.accept(new float[][] {new float[800]}, 800);
        }
        assertThat(run("measure", "--json", silence.toString())).isZero();
        JsonNode file = json().get("files").get(0);
        assertThat(file.get("integratedLufs").isNull()).isTrue();
        assertThat(file.get("signalToNoiseDb").isNull()).isTrue();
        assertThat(file.get("headS").isNull()).isTrue();
        assertThat(out).doesNotContain("Infinity", "NaN");
    }

    /** Nobody's limits forbid it, and still it must be said. */
    @Test
    void checkSaysWhatIsBrokenBesideTheLimits() throws IOException {
        Path inverted = folder.resolve("inverted.wav");
        float[][] channels = new float[2][3 * 48_000];
        for (int i = 0; i < channels[0].length; i++) {
            double swell = 0.5 - 0.5 * Math.cos(2 * Math.PI * 3 * i / 48_000.0);
            channels[0][i] = (float) (0.2 * swell * Math.sin(2 * Math.PI * 220 * i / 48_000.0));
            channels[1][i] = -channels[0][i];
        }
        try (var writer = new app.redlamp.media.wav.WavWriter(inverted, 48_000, 2, 24)) {
            writer.accept(channels, channels[0].length);
        }
        run("check", "--spec", "podcast-stereo", inverted.toString());
        assertThat(out.lines()).anyMatch(line -> line.startsWith("  i One channel is upside down against the other"));
    }

    @Test
    void checkSaysWhatIsWrongAndByHowMuch() throws IOException {
        assertThat(run(with("check", "--spec", "audiobook-retail", "--json"))).isEqualTo(1);
        JsonNode files = json().get("files");
        assertThat(files.get(0).get("pass").asBoolean()).isTrue();
        assertThat(files.get(0).get("spec").asText()).isEqualTo("audiobook-retail");
        JsonNode loudness = files.get(1).get("checks").get(0);
        assertThat(names(loudness))
                .containsExactly("id", "measured", "low", "high", "unit", "verdict", "margin", "message");
        assertThat(loudness.get("id").asText()).isEqualTo("loudness");
        assertThat(loudness.get("verdict").asText()).isEqualTo("outside");
        assertThat(loudness.get("margin").asDouble())
                .isCloseTo(loudness.get("measured").asDouble() + 23, within(0.002));
        assertThat(loudness.get("message").asText()).matches("RMS −\\d+\\.\\d dBFS: \\d\\.\\d dB too quiet");
    }

    @Test
    void checkInWordsSaysItToo() {
        assertThat(run(with("check", "--spec", "audiobook-retail"))).isEqualTo(1);
        assertThat(out)
                .contains("1-the-cellar-barometer.wav: clear for audiobook-retail")
                .contains("x Clipping 14 runs: wanted none")
                .contains("x Channels stereo: wanted mono");
    }

    @Test
    void exitCodesTellPassFailAndCannot() {
        assertThat(run("check", "--spec", "audiobook-retail", demo.get(0))).isZero();
        assertThat(run("check", "--spec", "audiobook-retail", demo.get(1))).isEqualTo(1);
        assertThat(run("check", "--spec", "audiobook-retail", demo.get(1), "gone.wav"))
                .isEqualTo(2);
        assertThat(run("check", "--spec", "nosuch", demo.get(1))).isEqualTo(2);
        assertThat(err.strip())
                .isEqualTo("redlamp: there is no specification 'nosuch'; there are audiobook-retail, podcast-mono,"
                        + " podcast-stereo, broadcast-r128, broadcast-a85, streamed-speech, e-learning, client-raw,"
                        + " voice-dataset, phone-prompt");
    }

    /** From the five recordings to what can be sent: written, decoded again, measured, inside. */
    @Test
    void finishGoesTheWholeWay() throws IOException {
        Path ready = folder.resolve("ready");
        assertThat(run(with("finish", "--spec", "audiobook-retail", "--json", "--out", ready.toString())))
                .isEqualTo(1);
        JsonNode files = json().get("files");
        List<String> deliveries = new ArrayList<>();
        for (int i : new int[] {0, 1, 4}) {
            JsonNode file = files.get(i);
            assertThat(file.get("pass").asBoolean()).isTrue();
            assertThat(file.get("written")).hasSize(2);
            file.get("checks")
                    .forEach(c -> assertThat(c.get("verdict").asText()).isEqualTo("inside"));
            assertThat(file.get("predictedChecks")).isNotEmpty();
            deliveries.add(file.get("written").get(1).asText());
        }
        for (int i : new int[] {2, 3}) {
            assertThat(files.get(i).get("pass").asBoolean()).isFalse();
            assertThat(files.get(i).get("written")).isEmpty();
            assertThat(files.get(i).get("obstacles")).isNotEmpty();
        }
        assertThat(files.get(3).get("obstacles").get(0).get("message").asText())
                .matches(
                        "After the \\d\\.\\d dB this needs, the noise floor would be −\\d+\\.\\d dBFS, \\d+\\.\\d dB too"
                                + " high");
        try (Stream<Path> written = Files.list(ready)) {
            assertThat(written).hasSize(6);
        }
        List<String> check = new ArrayList<>(List.of("check", "--spec", "audiobook-retail"));
        check.addAll(deliveries);
        assertThat(run(check.toArray(String[]::new))).isZero();
    }

    @Test
    void finishInWordsSaysWhatWasDoneAndWhatCannotBe() {
        Path ready = folder.resolve("ready");
        assertThat(run("finish", "--spec", "broadcast-r128", "--out", ready.toString(), demo.get(1), demo.get(2)))
                .isEqualTo(1);
        assertThat(out)
                .contains("2-letters-from-the-quay.wav: finished to broadcast-r128")
                .contains("written " + ready.resolve("2-letters-from-the-quay.wav"))
                .contains("3-a-map-of-rain.wav: cannot be finished to broadcast-r128; nothing written")
                .contains("Clipped 14 times");
        assertThat(err).isEmpty();
    }

    @Test
    void aFolderThatCannotBeWrittenIsOneLine() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("ready"), "a file");
        assertThat(run("finish", "--spec", "podcast-mono", "--out", inTheWay.toString(), demo.get(0)))
                .isEqualTo(2);
        assertThat(err.lines()).singleElement().asString().contains("cannot be made; choose another folder");
    }

    @Test
    void specsListsThemWithTheirSources() throws IOException {
        assertThat(run("specs")).isZero();
        assertThat(out).contains("audiobook-retail", "podcast-mono", "broadcast-r128", "EBU R 128");
        assertThat(run("specs", "--json")).isZero();
        assertThat(json().get("specs")).hasSize(10);
    }

    @Test
    void wrongArgumentsAreOneLineThatSaysWhatToDo() {
        for (String[] wrong : new String[][] {
            {"measure"}, {"check", "a.wav"}, {"finish", "--spec", "podcast-mono", "a.wav"}, {"dance"}, {"measure", "-x"}
        }) {
            assertThat(run(wrong)).isEqualTo(2);
            assertThat(err.lines())
                    .as(String.join(" ", wrong))
                    .singleElement()
                    .asString()
                    .startsWith("redlamp: ");
        }
    }

    private String[] with(String... arguments) {
        List<String> all = new ArrayList<>(List.of(arguments));
        all.addAll(demo);
        return all.toArray(String[]::new);
    }

    private int run(String... arguments) {
        ByteArrayOutputStream outBytes = new ByteArrayOutputStream();
        ByteArrayOutputStream errBytes = new ByteArrayOutputStream();
        Console console = new Console(
                new PrintStream(outBytes, true, StandardCharsets.UTF_8),
                new PrintStream(errBytes, true, StandardCharsets.UTF_8),
                Locale.ENGLISH);
        int code = Main.run(console, arguments);
        out = outBytes.toString(StandardCharsets.UTF_8);
        err = errBytes.toString(StandardCharsets.UTF_8);
        return code;
    }

    private JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out);
    }

    private static List<String> names(JsonNode node) {
        List<String> names = new ArrayList<>();
        Iterator<String> all = node.fieldNames();
        all.forEachRemaining(names::add);
        return names;
    }

    /** A copy in a library of its own, edited by hand: used when it is right, refused with its line when it is not. */
    @Test
    void ownSpecificationsComeFromTheLibrary() throws IOException {
        String library = folder.resolve("library").toString();
        assertThat(run("specs", "--copy", "podcast-mono", "--as", "my-client", "--library", library))
                .isZero();
        Path document = folder.resolve("library/specifications/my-client.json");
        assertThat(document).exists();
        String text = Files.readString(document);
        Files.writeString(document, text.replace("-18.0", "-17.5"));
        assertThat(run("specs", "--json", "--library", library)).isZero();
        JsonNode specs = json().get("specs");
        assertThat(specs).hasSize(11);
        assertThat(specs.get(10).get("loudnessHigh").asDouble()).isEqualTo(-17.5);
        assertThat(run("check", "--spec", "my-client", "--library", library, demo.get(0)))
                .isEqualTo(1);

        Files.writeString(document, text.replace("\"clippedRuns\"", "\"clippedRnus\""));
        assertThat(run("specs", "--library", library)).isEqualTo(2);
        assertThat(err).contains("my-client.json: line").contains("clippedRnus");
        assertThat(run("specs", "--copy", "podcast-mono", "--as", "../out", "--library", library))
                .isEqualTo(2);
        assertThat(folder.resolve("library/out.json")).doesNotExist();
    }

    @Test
    void reportsAreWritten() throws IOException {
        for (String name : List.of("report.html", "report.pdf", "report.csv")) {
            Path sheet = folder.resolve(name);
            run("check", "--spec", "audiobook-retail", "--report", sheet.toString(), demo.get(0), demo.get(2));
            assertThat(sheet).isNotEmptyFile();
        }
        List<String> table = Files.readAllLines(folder.resolve("report.csv"));
        assertThat(table).hasSize(3);
        assertThat(table.get(0)).startsWith("file,clear,durationS").contains("noiseFloorDbA");
        assertThat(Files.readString(folder.resolve("report.html"))).contains("Clipped", "All figures");
        assertThat(run("check", "--spec", "audiobook-retail", "--report", "x.doc", demo.get(0)))
                .isEqualTo(2);
        assertThat(err).contains(".html, .pdf or .csv");
    }

    @Test
    void planPrintsTheSamePlanAsTheWindow() throws IOException {
        String production = Path.of(demo.get(0)).getParent().getParent().toString();
        assertThat(run("plan", production, "--json")).isZero();
        JsonNode plan = json();
        assertThat(names(plan))
                .containsExactly(
                        "title",
                        "kind",
                        "verdict",
                        "words",
                        "finishedS",
                        "wordsPerMinute",
                        "paceTakes",
                        "boothHours",
                        "editHours",
                        "pieces",
                        "sessions",
                        "fits",
                        "done",
                        "deadline",
                        "spareDays",
                        "shortMin",
                        "remedies",
                        "disk",
                        "currency",
                        "income",
                        "hourly");
        assertThat(plan.get("words").asInt()).isEqualTo(3254);
        assertThat(plan.get("finishedS").asDouble()).isCloseTo(3254 / 155.0 * 60, within(0.01));
        assertThat(plan.get("boothHours").asDouble()).isCloseTo(3254 / 155.0 / 60 * 3, within(1e-6));
        assertThat(plan.get("pieces")).hasSize(12);
        assertThat(plan.get("sessions").get(0).get("boothMin").asDouble()).isEqualTo(20);
        assertThat(plan.get("fits").asBoolean()).isTrue();
        assertThat(run("plan", production)).isZero();
        assertThat(out)
                .startsWith("Borrowed Weather: audiobook\n21 min of book, 1 h 3 min in the booth, ")
                .contains("155 words a minute, common practice")
                .contains("The cellar barometer");
    }

    @Test
    void planSaysWhatIsNoProduction() {
        assertThat(run("plan", folder.toString())).isEqualTo(2);
        assertThat(err)
                .contains(folder.toString())
                .contains("there is no production.json in it")
                .hasLineCount(1);
        assertThat(run("plan", folder.resolve("gone").toString())).isEqualTo(2);
        assertThat(err).contains("is not there, or not a folder");
    }
}
