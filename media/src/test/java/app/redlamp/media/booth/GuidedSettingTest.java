package app.redlamp.media.booth;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.BoothStream;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Defect;
import app.redlamp.core.booth.DefectiveSource;
import app.redlamp.core.booth.RoomSource;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Lead;
import app.redlamp.core.chain.Position;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.level.DistanceGuess;
import app.redlamp.core.setting.level.InputFault;
import app.redlamp.core.setting.level.Knob;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.Peaks;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.StepMeter;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.core.setting.level.Taken;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.core.setting.level.VoiceLevels;
import app.redlamp.core.signal.AudioSource;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The guided setting on the simulated booth: advice leads where it says, and broken inputs are told. */
class GuidedSettingTest {
    private static final int RATE = 48_000;
    private static final Scene BOX = Scene.of(24, 12, 0.25);

    /** From any start at most two turns, for every school. */
    @ParameterizedTest
    @EnumSource(GainSchool.class)
    void theGainIsRightAfterTwoTurns(GainSchool school) throws IOException {
        for (double start : new double[] {0, 15, 30, 45, 60}) {
            Chain chain = AgreementTest.narration().gained(start);
            Turn turn = advice(chain, school);
            int turns = 0;
            while (turn.moves() && turns < 3) {
                chain = chain.gained(chain.gainDb() + turn.db());
                turn = advice(chain, school);
                turns++;
            }
            assertThat(turn.verdict()).as("from " + start + " dB").isEqualTo(Turn.Verdict.FITS);
            assertThat(turns).as("turns from " + start + " dB").isLessThanOrEqualTo(2);
        }
    }

    private static Turn advice(Chain chain, GainSchool school) throws IOException {
        Booth booth = AgreementTest.booth(chain, BOX, 3);
        Report loudest = AgreementTest.measured(booth, Cue.LOUDEST, SettingStep.LOUDEST.seconds());
        OptionalDouble average = OptionalDouble.empty();
        if (school.averageDbfs().isPresent()) {
            average = AgreementTest.measured(booth, Cue.READ, 20).activeSpeech().levelDbov();
        }
        return Turn.of(school, Peaks.of(loudest), average, Optional.of(Knob.of(chain.preamp(), chain.gainDb())));
    }

    @Test
    void aDynamicOnAWeakPreampRunsOutOfGain() throws IOException {
        Chain weak = AgreementTest.narration()
                .heardBy(new Capsule(Pattern.CARDIOID, 0.06, OptionalDouble.empty(), 150, 300))
                .gained(60);
        assertThat(advice(weak, GainSchool.MIDDLE).verdict()).isEqualTo(Turn.Verdict.OUT_OF_GAIN);
    }

    /** Within what voices leave open: near the lips both bounds are told, further off the nearer one only. */
    @ParameterizedTest
    @CsvSource({"0.06, 0.02, 0.15", "0.1, 0.04, 0.35", "0.18, 0.07, 9", "0.3, 0.09, 9"})
    void theBassTellsTheDistance(double distance, double nearest, double furthest) throws IOException {
        Chain chain = AgreementTest.narration().at(Position.straight(distance)).gained(24);
        Report read = AgreementTest.measured(AgreementTest.booth(chain, BOX, 3), Cue.READ, 30);
        DistanceGuess guess = DistanceGuess.of(read.voice().spectrum().orElseThrow(), chain.capsule(), 0)
                .orElseThrow();
        assertThat(distance).isBetween(guess.nearestM(), guess.furthestM().orElse(9));
        assertThat(guess.nearestM()).isGreaterThan(nearest);
        assertThat(guess.furthestM().orElse(9)).isLessThanOrEqualTo(furthest);
    }

    @ParameterizedTest
    @CsvSource({
        "ZEROS, ZEROS",
        "NOT_A_NUMBER, NOT_A_NUMBER",
        "NARROW_BAND, NARROW_BAND",
        "STUTTER, STUTTER",
        "CLIPPED_BELOW, CLIPPED_BELOW",
        "AUTOMATIC_GAIN, AUTOMATIC_GAIN",
        "OFFSET, OFFSET"
    })
    void brokenInputsAreTold(Defect defect, InputFault.Kind kind) throws IOException {
        Chain chain = AgreementTest.narration().gained(defect == Defect.CLIPPED_BELOW ? 52 : 42);
        List<InputFault> faults = InputFault.of(heard(chain, Optional.of(defect)), true);
        assertThat(faults).extracting(InputFault::kind).contains(kind);
    }

    /** As loud as it may be, and as soft. */
    @ParameterizedTest
    @ValueSource(doubles = {20, 28, 36, 50})
    void aTelephonesBandIsToldAtAnyGain(double gainDb) throws IOException {
        Chain chain = AgreementTest.narration().gained(gainDb);
        assertThat(InputFault.of(heard(chain, Optional.of(Defect.NARROW_BAND)), true))
                .filteredOn(f -> f.kind() == InputFault.Kind.NARROW_BAND)
                .singleElement()
                .satisfies(f -> assertThat(f.amount()).isBetween(3000.0, 8000.0));
        assertThat(InputFault.of(heard(chain, Optional.empty()), true))
                .extracting(InputFault::kind)
                .doesNotContain(InputFault.Kind.NARROW_BAND);
    }

    /** In ten seconds of silence and thirty of reading, as they are guided. */
    @ParameterizedTest
    @ValueSource(doubles = {24, 32, 42, 50})
    void anAutomaticGainIsToldWithinTheGuidedSteps(double gainDb) throws IOException {
        LevelVerdict spoilt = guided(gainDb, Optional.of(Defect.AUTOMATIC_GAIN));
        LevelVerdict good = guided(gainDb, Optional.empty());
        assertThat(spoilt.faults()).extracting(InputFault::kind).contains(InputFault.Kind.AUTOMATIC_GAIN);
        assertThat(good.faults()).isEmpty();
    }

    private static LevelVerdict guided(double gainDb, Optional<Defect> defect) throws IOException {
        Chain chain = AgreementTest.narration().gained(gainDb);
        BoothStream stream =
                new BoothStream(AgreementTest.booth(chain, BOX, 3), List.of(AgreementTest.VOICE.tape(RATE, 0, 14)));
        AudioSource source =
                defect.<AudioSource>map(d -> new DefectiveSource(stream, d)).orElse(stream);
        VoiceLevels levels = VoiceLevels.none(0);
        for (SettingStep step : List.of(SettingStep.STILL, SettingStep.READ)) {
            stream.cue(0, step.cue().orElseThrow());
            StepMeter meter = new StepMeter(RATE, 24, 1, 0.5, step.seconds(), 480);
            float[][] block = new float[1][480];
            while (!meter.done()) {
                meter.accept(block, source.read(block, 480));
            }
            levels = levels.with(new Taken(step, OptionalDouble.of(gainDb), meter.reports()));
        }
        return LevelVerdict.of(levels, GainSchool.MIDDLE, Optional.empty(), OptionalDouble.empty(), chain.finishing());
    }

    @Test
    void aGoodInputHasNoFault() throws IOException {
        assertThat(InputFault.of(heard(AgreementTest.narration().gained(42), Optional.empty()), true))
                .isEmpty();
    }

    @Test
    void withoutItsVoltageNextToNothingComes() throws IOException {
        Booth booth = AgreementTest.booth(AgreementTest.narration(), BOX, 3);
        Booth dead = booth.with(0, booth.stands().get(0).powered(false));
        assertThat(InputFault.of(AgreementTest.measured(dead, Cue.LOUDEST, 8), true))
                .extracting(InputFault::kind)
                .contains(InputFault.Kind.NEXT_TO_NOTHING);
    }

    private static Report heard(Chain chain, Optional<Defect> defect) throws IOException {
        Booth booth = AgreementTest.booth(chain, BOX, 3);
        BoothStream stream = new BoothStream(booth, List.of(AgreementTest.VOICE.tape(RATE, 0, 14)));
        stream.cue(0, Cue.READ);
        AudioSource source =
                defect.<AudioSource>map(d -> new DefectiveSource(stream, d)).orElse(stream);
        StepMeter meter = new StepMeter(RATE, 24, 1, 0.5, 60, 480);
        float[][] block = new float[1][480];
        while (!meter.done()) {
            meter.accept(block, source.read(block, 480));
        }
        return meter.reports().get(0);
    }

    /** A broken shield hums, a preamp turned far up hisses, mixers rumble. */
    @Test
    void whereTheNoiseComesFrom() throws IOException {
        Chain broken = lead(AgreementTest.narration(), new Lead(4, false));
        assertThat(suspects(broken, BOX).get(0)).satisfies(s -> {
            assertThat(s.part()).isEqualTo(Suspect.Part.HUM);
            assertThat(s.source()).isEqualTo(Suspect.From.LEAD);
        });
        Scene rumbling = BOX.hearing(List.of(RoomSource.steady("the mixers below", Timbre.RUMBLE.at(36))));
        assertThat(suspects(AgreementTest.narration(), rumbling)).anySatisfy(s -> {
            assertThat(s.part()).isEqualTo(Suspect.Part.RUMBLE);
            assertThat(s.name()).isEqualTo("the mixers below");
        });
        Scene still = BOX.hearing(List.of(RoomSource.steady("room", Timbre.FAN.at(4))));
        assertThat(suspects(AgreementTest.narration(), still).get(0)).satisfies(s -> {
            assertThat(s.part()).isEqualTo(Suspect.Part.HISS);
            assertThat(s.source()).isIn(Suspect.From.MICROPHONE, Suspect.From.PREAMP);
        });
    }

    private static Chain lead(Chain c, Lead lead) {
        return new Chain(
                c.voice(),
                c.position(),
                c.room(),
                c.capsule(),
                lead,
                c.booster(),
                c.preamp(),
                c.gainDb(),
                c.converter(),
                c.finishing());
    }

    private static List<Suspect> suspects(Chain chain, Scene scene) throws IOException {
        Booth booth = AgreementTest.booth(chain, scene, 3).at(AgreementTest.MORNING);
        Report still = AgreementTest.measured(booth, Cue.STILL, 10);
        return Suspect.of(
                still.noise().orElseThrow(),
                Optional.of(booth.stands().get(0).chain()),
                scene.sources().stream()
                        .map(s -> new Suspect.KnownNoise(s.name(), s.levels()))
                        .toList());
    }
}
