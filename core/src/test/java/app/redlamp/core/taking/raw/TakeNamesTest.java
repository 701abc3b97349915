package app.redlamp.core.taking.raw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.planning.take.Take;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TakeNamesTest {

    @ParameterizedTest
    @CsvSource({
        "3, A map of rain, 03 A map of rain",
        "3, 'A map of rain: or, what?', '03 A map of rain or, what'",
        "112, Stop / go, 112 Stop go",
        "7, ..., 07",
        "7, '', 07",
        "1, ../../etc, 01 etc"
    })
    void namesBeginWithNumberAndTitle(int number, String title, String stem) {
        assertThat(TakeNames.stem(number, title)).isEqualTo(stem);
    }

    /** Cut between characters, also where one has four bytes. */
    @ParameterizedTest
    @ValueSource(strings = {"x", "雨", "🌧", "é"})
    void longTitlesAreCut(String letter) {
        String stem = TakeNames.stem(1, letter.repeat(400));
        assertThat(stem.getBytes(StandardCharsets.UTF_8).length).isBetween(110, 123);
        assertThat(new String(stem.getBytes(StandardCharsets.UTF_8), StandardCharsets.UTF_8))
                .isEqualTo(stem);
        assertThat(stem.substring(3).replace(letter, "")).isEmpty();
    }

    /** What some file systems take for the same name is taken. */
    @Test
    void theNextTakeIsTheFirstThatIsFree() {
        assertThat(TakeNames.next("03 Rain", List.of())).isEqualTo("03 Rain - take 1.wav");
        assertThat(TakeNames.next("03 Rain", List.of("03 RAIN - Take 1.WAV", "04 Sun - take 2.wav")))
                .isEqualTo("03 Rain - take 2.wav");
        assertThat(TakeNames.next("03 Rain", List.of("03 Rain - take 1.wav", "03 Rain - take 2, part 2.wav")))
                .isEqualTo("03 Rain - take 3.wav");
        assertThat(TakeNames.next("03 Rain", List.of("03 Rain - take 10.wav"))).isEqualTo("03 Rain - take 1.wav");
        assertThat(TakeNames.next("03 Rain", List.of("03 Rain - take 1.flac"))).isEqualTo("03 Rain - take 2.wav");
    }

    @Test
    void partsOfATakeAreNamedAfterIt() {
        assertThat(TakeNames.part("03 Rain - take 1.wav", 2)).isEqualTo("03 Rain - take 1, part 2.wav");
    }

    /** A take that nobody registered is known to its chapter by its name. */
    @Test
    void itsNameTellsItsChapter() {
        Production book = Productions.book(900, 400);
        String title = book.pieces().get(1).title();
        String name = TakeNames.next(TakeNames.stem(2, title), List.of());
        List<Take> found = TakeFinder.raw(book, List.of(new TakeFinder.Found(name, 60, false)));
        assertThat(found).extracting(Take::piece).containsExactly(title);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", ".hidden.wav", "a/b.wav", "a\\b.wav"})
    void aTakeLiesInItsFolder(String name) {
        RecordingFormat format = new RecordingFormat(44_100, 24, 1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new TakeHead(
                        name, "", LocalDateTime.of(2026, 3, 2, 18, 0), format, Optional.empty(), "Two in", false))
                .withMessageContaining("is no name of a take");
    }
}
