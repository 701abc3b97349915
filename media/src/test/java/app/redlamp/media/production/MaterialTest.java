package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.core.port.Progress;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Scripts, pictures and recordings beside the document. */
class MaterialTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ProductionFolders folders = new ProductionFolders(CLOCK);

    @Test
    void scriptsAreKeptUnderNamesThatAreFree() throws IOException {
        Path script = Files.writeString(home.resolve("book.txt"), "Rain.");
        try (Held held = folders.create(home, FullProduction.full())) {
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
        try (Held held = folders.create(home, FullProduction.full())) {
            assertThat(held.keepPicture(picture)).isEqualTo("pictures/desk.png");
            assertThat(held.keepPicture(picture)).isEqualTo("pictures/desk-2.png");
            assertThat(Files.readAllBytes(held.folder().resolve("pictures/desk-2.png")))
                    .isEqualTo(png);
            Path text = Files.writeString(home.resolve("notes.png"), "no picture");
            assertThatThrownBy(() -> held.keepPicture(text)).hasMessageContaining("not a PNG or JPEG");
            assertThat(held.folder().resolve("pictures/notes.png")).doesNotExist();
            assertThatThrownBy(() -> held.keepPicture(home.resolve("gone.png"))).isInstanceOf(IOException.class);
        }
    }

    @Test
    void seesRecordingsAndRoom() throws IOException {
        try (Held held = folders.create(home, FullProduction.full())) {
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
}
