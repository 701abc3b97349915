package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** One foot is 0.3048 m and one inch 0.0254 m by definition (international yard, 1959). */
class LengthsTest {
    private final Lengths metric = new Lengths(Locale.UK, false);
    private final Lengths imperial = new Lengths(Locale.US, true);

    @ParameterizedTest
    @CsvSource({
        "2.4,2.40 m,7 ft 10.5 in",
        "0.35,35 cm,1 ft 2 in",
        "0.0254,3 cm,1 in",
        "3.048,3.05 m,10 ft",
        "-0.3,−30 cm,−1 ft"
    })
    void lengthsAreSaidBothWays(double metres, String inMetres, String inFeet) {
        assertThat(metric.say(metres)).isEqualTo(inMetres);
        assertThat(imperial.say(metres)).isEqualTo(inFeet);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2.4 | 2.4",
                "2,4 m | 2.4",
                "240cm | 2.4",
                "2400 mm | 2.4",
                "7 ft 10.5 in | 2.4003",
                "7' 10.5\" | 2.4003",
                "94.5 in | 2.4003",
                "8 ft | 2.4384"
            })
    void whatPeopleWriteIsRead(String written, double metres) {
        assertThat(metric.read(written)).isCloseTo(metres, within(1e-9));
    }

    @Test
    void aBareNumberIsInTheUnitThatIsShown() {
        assertThat(metric.read("8")).isEqualTo(8);
        assertThat(imperial.read("8")).isCloseTo(2.4384, within(1e-9));
        assertThat(imperial.read("2.4 m")).isCloseTo(2.4, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "wide", "-2", "2 x 3", "1e9", "99999999", "7 ft 10 ft"})
    void whatIsNoLengthIsRefusedInOneLine(String written) {
        assertThatThrownBy(() -> metric.read(written))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("is not a length; write 2.4 m");
    }

    /** The way that is shown comes first. */
    @Test
    void whatIsNoLengthIsRefusedInTheUnitsThatAreShown() {
        assertThatThrownBy(() -> imperial.read("wide {0}"))
                .hasMessage("'wide {0}' is not a length; write 7 ft 10 in, or 2.4 m");
    }

    @Test
    void countriesHaveTheirUnits() {
        assertThat(Lengths.imperialIn(Locale.US)).isTrue();
        assertThat(Lengths.imperialIn(Locale.UK)).isFalse();
    }
}
