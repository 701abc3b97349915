package app.redlamp.media.json;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpellingTest {
    /** Counted by hand: letters replaced, left out or too many. */
    @ParameterizedTest
    @CsvSource({
        "clipedRuns, clippedRuns, true",
        "hihgest, highest, true",
        "nmae, name, true",
        "nam, name, true",
        "note, name, false",
        "Seats, seats, true",
        "sampleRate, sampleRateHz, true",
        "sampleRatio, sampleRateHz, false",
        "low, high, false",
        "x, y, false",
        "id, is, false",
        "idd, name, false",
        "'', name, false"
    })
    void whatDiffersLittleIsMisspelt(String one, String other, boolean near) {
        assertThat(Spelling.near(one, other)).isEqualTo(near);
    }
}
