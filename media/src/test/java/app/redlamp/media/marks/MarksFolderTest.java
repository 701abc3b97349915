package app.redlamp.media.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarksFolderTest {
    private static final String DEVICE = "Kitchen \u201e2 \u00d7 2\u201c ../..\\ (USB)";

    @TempDir
    Path library;

    private static Learnt learnt() {
        return new Learnt(
                DEVICE,
                Scale.CLOCK,
                Optional.of(Scale.PERCENT),
                List.of(
                        new Phrase(
                                new Positions(13.25, 65),
                                Phrase.Heard.PLAINLY,
                                -31.25,
                                -16.5,
                                OptionalDouble.of(-82.5)),
                        new Phrase(new Positions(17, 65), Phrase.Heard.CUT, -9, 0, OptionalDouble.empty()),
                        new Phrase(new Positions(7, 65), Phrase.Heard.DROWNED, -140, -80, OptionalDouble.of(-84))));
    }

    private Path document() throws IOException {
        try (Stream<Path> all = Files.list(library.resolve("marks"))) {
            return all.findFirst().orElseThrow();
        }
    }

    /** Whatever a device is called: its name becomes no path. */
    @Test
    void whatWasLearntIsThereAgain() throws IOException {
        assertThat(new MarksFolder(library).of(DEVICE)).isEmpty();
        new MarksFolder(library).keep(learnt());
        MarksFolder again = new MarksFolder(library);
        assertThat(again.of(DEVICE)).contains(learnt());
        assertThat(again.of("another")).isEmpty();
        assertThat(again.faults()).isEmpty();
        assertThat(document().getParent()).isEqualTo(library.resolve("marks"));
        Learnt knobAlone = new Learnt(DEVICE, Scale.TEN, Optional.empty(), List.of());
        again.keep(knobAlone);
        assertThat(new MarksFolder(library).of(DEVICE)).contains(knobAlone);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"format\" : 1|\"format\" : 7|format 7",
                "\"clock\"|\"clok\"|must be one of ten, percent, clock",
                "13.25|19|must lie between 7",
                "-31.25|12|average 12",
                "\"plainly\"|null|heard",
                "\"lines\"|\"lions\"|lions"
            })
    void whatIsBrokenIsNamedAndNotWrittenOver(String was, String is, String said) throws IOException {
        new MarksFolder(library).keep(learnt());
        Path file = document();
        String broken = Files.readString(file).replace(was, is);
        assertThat(broken).contains(is);
        Files.writeString(file, broken, StandardCharsets.UTF_8);
        MarksFolder again = new MarksFolder(library);
        assertThat(again.of(DEVICE)).isEmpty();
        assertThat(again.faults()).singleElement().asString().contains(said).doesNotContain("\n");
        assertThatThrownBy(() -> again.keep(learnt()))
                .isInstanceOf(IOException.class)
                .hasMessageContaining(said);
        assertThat(Files.readString(file)).isEqualTo(broken);
    }
}
