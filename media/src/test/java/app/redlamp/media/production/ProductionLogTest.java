package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.log.History;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.log.Logged;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.nio.file.FileSystem;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProductionLogTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path folder;

    private final ProductionLog log = new ProductionLog(CLOCK);

    private static List<String> lines(Path folder) throws IOException {
        List<String> lines = Files.readAllLines(folder.resolve(ProductionLog.NAME));
        ObjectMapper mapper = new ObjectMapper();
        for (String line : lines) {
            if (!line.startsWith("{\"at\":\"2026-03-02T17")) {
                assertThat(mapper.readTree(line).isObject()).as(line).isTrue();
            }
        }
        return lines;
    }

    @Test
    void linesAreAdded() throws IOException {
        log.append(folder, new LogEntry.Created("Borrowed\nWeather"));
        log.append(folder, new LogEntry.Change(List.of("brief")));
        assertThat(lines(folder))
                .containsExactly(
                        "{\"at\":\"2026-03-02T18:00:00Z\",\"kind\":\"created\",\"title\":\"Borrowed\\nWeather\"}",
                        "{\"at\":\"2026-03-02T18:00:00Z\",\"kind\":\"change\",\"parts\":[\"brief\"]}");
    }

    /** A line that a kill cut off stays as it is, and the next one begins on a line of its own. */
    @Test
    void whatWasCutOffIsNotGluedToTheNext() throws IOException {
        Files.writeString(folder.resolve(ProductionLog.NAME), "{\"at\":\"2026-03-02T17:59:00Z\",\"ki");
        log.append(folder, new LogEntry.Change(List.of()));
        log.append(folder, new LogEntry.Change(List.of()));
        assertThat(lines(folder)).hasSize(3).element(1).asString().endsWith("\"kind\":\"change\",\"parts\":[]}");
    }

    /** On a full disk no half line is left, and when there is room again the next line stands alone. */
    @Test
    void aFullDiskLeavesNoHalfLine() throws IOException {
        Configuration small = Configuration.unix().toBuilder()
                .setBlockSize(64)
                .setMaxSize(4 * 1024L)
                .build();
        try (FileSystem disk = Jimfs.newFileSystem(small)) {
            Path production = Files.createDirectory(disk.getPath("/production"));
            log.append(production, new LogEntry.Created("Borrowed Weather"));
            long before = Files.size(production.resolve(ProductionLog.NAME));
            Path big = production.resolve("big");
            Files.write(big, new byte[3_700]);
            assertThatThrownBy(() -> log.append(production, new LogEntry.Script("rain ".repeat(100))))
                    .isInstanceOf(IOException.class);
            assertThat(Files.size(production.resolve(ProductionLog.NAME))).isEqualTo(before);
            Files.delete(big);
            log.append(production, new LogEntry.Change(List.of("brief")));
            assertThat(lines(production)).hasSize(2);
        }
    }

    /** Every kind of entry comes back as it was written. */
    @Test
    void everyKindIsReadAsItWasWritten() throws IOException {
        List<LogEntry> all = List.of(
                new LogEntry.Created("Borrowed Weather"),
                new LogEntry.Change(List.of("brief", "kits")),
                new LogEntry.Script("book \"one\".docx"),
                new LogEntry.Clap("clap.wav", 0.31),
                new LogEntry.Diary("night.flac", 0.125),
                new LogEntry.Compare("after.wav", 4.5),
                new LogEntry.Level("loudest", "Ida", "Two in", false, OptionalDouble.of(-8.25), OptionalDouble.empty()),
                new LogEntry.Recorded("01 Rain - take 1.wav", "Rain", "Two in", false, 61.5, 480, true, "0a1b"),
                new LogEntry.GainCard("Ida", "card-1"),
                new LogEntry.Overruled("room", "I hear\nnothing", List.of("room.decay")),
                new LogEntry.Trusted("room"),
                new LogEntry.Heard("thump", LocalDateTime.of(2026, 3, 2, 4, 0, 30), 2.5, 14),
                new LogEntry.Microphones("a.wav", "b.wav", -3.5),
                new LogEntry.Measured(
                        "1.wav",
                        "audiobook-retail",
                        true,
                        61.5,
                        OptionalDouble.of(-20.1),
                        OptionalDouble.of(-20.4),
                        OptionalDouble.of(-4),
                        OptionalDouble.empty(),
                        OptionalDouble.of(44)),
                new LogEntry.Finished("1.wav", "audiobook-retail", List.of("1.wav", "1.mp3"), 6.25, 1.5),
                new LogEntry.Refused("2.wav", "audiobook-retail", List.of("noise")),
                new LogEntry.Delivered("audiobook-retail", List.of("1.mp3")));
        for (LogEntry entry : all) {
            log.append(folder, entry);
        }
        History history = log.history(folder);
        assertThat(history.notKnown()).isZero();
        assertThat(history.all()).extracting(Logged::entry).containsExactlyElementsOf(all);
        assertThat(all).hasSameSizeAs(List.of(LogEntry.class.getPermittedSubclasses()));
        assertThat(history.of(LogEntry.Clap.class)).containsExactly(new LogEntry.Clap("clap.wav", 0.31));
    }

    /** A log outlives the classes it was written by: its kinds and fields are those of docs/formats.md. */
    @Test
    void theNamesOfKindsAndFieldsNeverChange() {
        assertThat(Stream.of(LogEntry.class.getPermittedSubclasses())
                        .map(type -> LogCodec.kind(type)
                                + Stream.of(type.getRecordComponents())
                                        .map(RecordComponent::getName)
                                        .toList()))
                .containsExactlyInAnyOrder(
                        "created[title]",
                        "change[parts]",
                        "script[file]",
                        "clap[file, decayS]",
                        "diary[file, disturbed]",
                        "compare[file, lessNoiseDb]",
                        "level[step, voice, input, simulated, peakDbfs, floorDbfs]",
                        "recorded[file, piece, input, simulated, lengthS, lostFrames, cutOff, sha256]",
                        "gain-card[voice, id]",
                        "overruled[station, reason, problems]",
                        "trusted[station]",
                        "heard[noise, from, lengthS, riseDb]",
                        "microphones[first, second, lessNoiseDb]",
                        "measured[file, specification, pass, lengthS, integratedLufs, rmsDbfs, peakDbfs, floorDbfs,"
                                + " signalToNoiseDb]",
                        "finished[file, specification, written, gainDb, reductionDb]",
                        "refused[file, specification, obstacles]",
                        "delivered[specification, files]");
    }

    /** Lines of other versions, half lines and what is no JSON at all spoil nobody else's. */
    @Test
    void whatIsNotKnownIsPassedOver() throws IOException {
        Files.writeString(folder.resolve(ProductionLog.NAME), """
                {"at":"2026-03-02T17:00:00Z","kind":"created","title":"Borrowed Weather","by":{"who":"Ida"}}
                {"at":"2026-03-02T17:00:01Z","kind":"rehearsed","minutes":12}
                nonsense

                {"at":"yesterday","kind":"created","title":"x"}
                {"at":"2026-03-02T17:00:02Z","kind":"clap","file":"clap.wav","figure":"0.31"}
                {"at":"2026-03-02T17:00:02Z","kind":"level","step":"still","voice":"Ida","input":"Two in","simulated":"true","floorDbfs":"-71.5"}
                {"at":"2026-03-02T17:00:03Z","kind":"change","what":"the client"}
                {"at":"2026-03-02T17:00:03Z","kind":"gain-card","voice":"Ida"}
                {"at":"2026-03-02T17:00:04Z","kind":"cha""");
        History history = log.history(folder);
        assertThat(history.notKnown()).isEqualTo(5);
        assertThat(history.all())
                .extracting(Logged::entry)
                .containsExactly(
                        new LogEntry.Created("Borrowed Weather"),
                        new LogEntry.Clap("clap.wav", 0.31),
                        new LogEntry.Level(
                                "still", "Ida", "Two in", true, OptionalDouble.empty(), OptionalDouble.of(-71.5)),
                        new LogEntry.Change(List.of()));
        // What was cut off stays, and the next line is read.
        log.append(folder, new LogEntry.Trusted("kit"));
        assertThat(log.history(folder).of(LogEntry.Trusted.class)).hasSize(1);
    }

    @Test
    void withoutALogNothingHasHappened() throws IOException {
        assertThat(log.history(folder)).isEqualTo(History.NONE);
    }

    /** A hundred thousand lines, some of them of no kind that is known; how long it takes is for the benchmark. */
    @Test
    void aLongLogIsReadWhole() throws IOException {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < 100_000; i++) {
            text.append("{\"at\":\"2026-03-02T17:00:00Z\",\"kind\":\"")
                    .append(i % 10 == 0 ? "unheard-of" : "clap")
                    .append("\",\"file\":\"clap.wav\",\"decayS\":0.")
                    .append(100 + i % 900)
                    .append("}\n");
        }
        Files.writeString(folder.resolve(ProductionLog.NAME), text);
        History history = log.history(folder);
        assertThat(history.all()).hasSize(90_000);
        assertThat(history.notKnown()).isEqualTo(10_000);
    }
}
