package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.level.InputFault;
import app.redlamp.core.setting.level.Sides;
import app.redlamp.core.signal.AudioInfo;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which side of a microphone is its front, heard in simulated booths whose front is known. */
class SidesTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);
    private static final int SECONDS = 10;

    private record Place(Pattern pattern, double distanceM, double noiseDbA, double volumeM3, double decayS) {
        Report heard(double angleDeg, long seed) {
            Chain usual = Booths.chain();
            Scene scene = Scene.of(noiseDbA, volumeM3, decayS);
            Chain chain = new Chain(
                    usual.voice(),
                    Position.straight(distanceM).turned(angleDeg),
                    new Surroundings(scene.noiseAt(Booths.MORNING), volumeM3, decayS),
                    new Capsule(pattern, 20, OptionalDouble.of(14), 130, 150),
                    usual.lead(),
                    usual.booster(),
                    usual.preamp(),
                    usual.gainDb(),
                    usual.converter(),
                    usual.finishing());
            Booth booth = new Booth(
                    List.of(Booths.stand().with(chain)),
                    scene,
                    Booths.of(Booths.stand()).seats(),
                    1,
                    Mains.EUROPEAN,
                    Booths.MORNING,
                    Booths.RATE,
                    seed);
            return Booths.heard(booth, TAPE, SECONDS).report();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "CARDIOID, 0.18, 24, 12, 0.25",
        "CARDIOID, 0.10, 30, 9, 0.4",
        "CARDIOID, 0.30, 22, 30, 0.6",
        "CARDIOID, 0.15, 35, 4, 0.15",
        "SUPERCARDIOID, 0.08, 28, 14, 0.35",
        "SUPERCARDIOID, 0.20, 20, 6, 0.2",
        "CARDIOID, 0.25, 32, 50, 0.8"
    })
    void theFrontIsTold(Pattern pattern, double distanceM, double noiseDbA, double volumeM3, double decayS) {
        Place place = new Place(pattern, distanceM, noiseDbA, volumeM3, decayS);
        Report front = place.heard(0, 5);
        Report back = place.heard(180, 6);
        assertThat(Sides.of(front, back).answer()).isEqualTo(Sides.Answer.FIRST);
        assertThat(Sides.of(back, front).answer()).isEqualTo(Sides.Answer.SECOND);
    }

    @ParameterizedTest
    @CsvSource({"0.12, 26, 10, 0.2", "0.20, 24, 15, 0.3", "0.30, 30, 40, 0.5"})
    void whatHearsAllRoundHasNoFront(double distanceM, double noiseDbA, double volumeM3, double decayS) {
        Place place = new Place(Pattern.OMNI, distanceM, noiseDbA, volumeM3, decayS);
        assertThat(Sides.of(place.heard(0, 5), place.heard(0, 6)).answer()).isEqualTo(Sides.Answer.ALIKE);
    }

    /** One take alone: what stands behind the microphone in a room that is heard is told, and what stands before it is not. */
    @ParameterizedTest
    @CsvSource({"CARDIOID, 0.18, 24, 12, 0.35", "CARDIOID, 0.15, 26, 30, 0.5", "SUPERCARDIOID, 0.2, 28, 20, 0.6"})
    void aTakeIntoTheWrongSideIsTold(
            Pattern pattern, double distanceM, double noiseDbA, double volumeM3, double decayS) {
        Place place = new Place(pattern, distanceM, noiseDbA, volumeM3, decayS);
        Report back = place.heard(180, 3);
        assertThat(InputFault.of(back, true)).extracting(InputFault::kind).contains(InputFault.Kind.OFF_SIDE);
        assertThat(kinds(back))
                .contains(Finding.Kind.OFF_SIDE)
                .doesNotContain(Finding.Kind.MUDDY, Finding.Kind.DULL, Finding.Kind.REVERBERANT);
        assertThat(kinds(place.heard(0, 4))).doesNotContain(Finding.Kind.OFF_SIDE);
    }

    private static List<Finding.Kind> kinds(Report report) {
        return report.findings().stream().map(Finding::kind).toList();
    }

    @Test
    void withoutAVoiceNothingIsSaid() {
        Report front = new Place(Pattern.CARDIOID, 0.18, 24, 12, 0.25).heard(0, 5);
        RecordingAnalyzer silent = new RecordingAnalyzer(Booths.RATE, 1);
        silent.accept(new float[1][Booths.RATE], Booths.RATE);
        Report nothing = silent.report(
                new AudioInfo("wav", "pcm_s24le", Booths.RATE, OptionalInt.of(24), 1, 1, OptionalInt.empty()));
        assertThat(Sides.of(front, nothing).answer()).isEqualTo(Sides.Answer.NO_VOICE);
    }
}
