package app.redlamp.desktop.specification;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FieldTextTest {
    @ParameterizedTest
    @CsvSource({"-23,-23", "−23,-23", "'-0,5',-0.5", "'  -3.0 ',-3", ".5,0.5", "+2,2", "44100,44100"})
    void numbersAreReadAsPeopleWriteThem(String text, double value) {
        assertThat(FieldText.number(text)).contains(OptionalDouble.of(value));
    }

    @ParameterizedTest
    @ValueSource(strings = {"x", "--3", "1e5", "1.2.3", "NaN", "3 dB", "0x10", "99999999999", "."})
    void whatIsNoNumberIsNone(String text) {
        assertThat(FieldText.number(text)).isEmpty();
    }

    @Test
    void anEmptyFieldAsksForNothing() {
        assertThat(FieldText.number("  ")).contains(OptionalDouble.empty());
        assertThat(FieldText.clock("")).contains(OptionalDouble.empty());
        assertThat(FieldText.of(OptionalDouble.empty())).isEmpty();
        assertThat(FieldText.ofClock(OptionalDouble.empty())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2:00:00,7200", "0:05,5", "90:00,5400", "12.5,12.5", "1:02:03,3723"})
    void lengthsAreClocksOrSeconds(String text, double seconds) {
        assertThat(FieldText.clock(text)).contains(OptionalDouble.of(seconds));
        assertThat(FieldText.clock(FieldText.ofClock(OptionalDouble.of(seconds))))
                .contains(OptionalDouble.of(seconds));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1:60", "1:75:00", "2h", "-5", ":30", "1:2:3"})
    void whatIsNoLengthIsNone(String text) {
        assertThat(FieldText.clock(text)).isEqualTo(Optional.empty());
    }
}
