package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.TakeRecording.News;
import app.redlamp.core.port.TakeRecording.Trouble;
import app.redlamp.core.taking.joins.JoinFigures;
import java.util.Locale;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TakeWordingTest {
    private final TakeWording wording = new TakeWording(Locale.UK);

    @ParameterizedTest
    @EnumSource(Trouble.class)
    void everythingThatCanHappenIsASentence(Trouble what) {
        assertThat(wording.news(new News(what, "the place", 12)))
                .isNotBlank()
                .doesNotContain("{")
                .doesNotContain("'");
    }

    @Test
    void figuresStandInTheSentences() {
        assertThat(wording.news(new News(Trouble.DISK_LOW, "", 19)))
                .isEqualTo("About 19 minutes more fit on the disk: finish the chapter, then make room.");
        assertThat(wording.length(61.52, 0)).isEqualTo("61.5 s");
        assertThat(wording.length(61.52, 4410)).isEqualTo("61.5 s, 4410 frames lost");
        assertThat(wording.salvaged(3, 48_000, 24, 1, "smoothness"))
                .isEqualTo(
                        "3.0 s, 48000 Hz, 24 bits, channels 1; format told from the samples: listen to it before you use it");
    }

    /** Nobody takes a simulated booth for a device. */
    @Test
    void itIsSaidWhatItIsRecordedFrom() {
        assertThat(wording.from(new Input("device:x", "Two in", false, 2))).isEqualTo("recording from Two in");
        assertThat(wording.from(new Input("booth", "booth", true, 1)))
                .contains("simulated")
                .contains("no sound device");
    }

    @ParameterizedTest
    @EnumSource(JoinKind.class)
    void everyJoinIsSaid(JoinKind kind) {
        JoinFigures fine = new JoinFigures(OptionalDouble.of(1), 12, OptionalDouble.of(3));
        assertThat(wording.join(62, kind, fine)).startsWith("1:02").doesNotContain("{");
    }

    @Test
    void whatIsHeardAtAJoinIsSaidWithItsFigure() {
        assertThat(wording.join(5, JoinKind.AGAIN, new JoinFigures(OptionalDouble.of(-4.5), 12, OptionalDouble.of(9))))
                .contains("changes by 4.5 dB");
        assertThat(wording.join(5, JoinKind.AGAIN, new JoinFigures(OptionalDouble.of(1), 12, OptionalDouble.of(9))))
                .contains("colour by 9.0 dB");
        assertThat(wording.join(5, JoinKind.AGAIN, new JoinFigures(OptionalDouble.empty(), 30, OptionalDouble.empty())))
                .contains("click");
        assertThat(wording.assembled(63, 1)).isEqualTo("1:03.0, one passage");
    }
}
