package app.redlamp.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A bounded run of the fuzzer; the {@code bench} profile has a longer one. */
class ReaderFuzzTest {
    private static final int ROUNDS = 150;

    @TempDir
    Path folder;

    @Test
    void damagedFilesGiveFiguresOrOneLine() throws IOException {
        ReaderFuzz fuzz = new ReaderFuzz(folder);
        int read = 0;
        for (int kind = 0; kind < fuzz.kinds(); kind++) {
            for (long seed = 0; seed < ROUNDS; seed++) {
                assertThat(fuzz.round(kind, seed))
                        .as("kind %d, seed %d", kind, seed)
                        .isEmpty();
                read++;
            }
        }
        assertThat(read).isGreaterThanOrEqualTo(8 * ROUNDS);
    }

    /** What the longer run once found: damaged headers that made the loudness minus infinity. */
    @ParameterizedTest
    @CsvSource({"2,1002569", "2,1003272", "6,1004542"})
    void whatWasFoundOnceStaysMended(int kind, long seed) throws IOException {
        assertThat(new ReaderFuzz(folder).round(kind, seed)).isEmpty();
    }
}
