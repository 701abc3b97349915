package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Position;
import app.redlamp.core.port.Capture;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.card.GainCards;
import app.redlamp.core.setting.card.Moved;
import app.redlamp.core.setting.level.DistanceGuess;
import app.redlamp.core.setting.level.FloorForecast;
import app.redlamp.core.setting.level.InputFault;
import app.redlamp.core.setting.level.LevelVerdict;
import app.redlamp.core.setting.level.Peaks;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Sides;
import app.redlamp.core.setting.level.Suspect;
import app.redlamp.core.setting.level.Turn;
import app.redlamp.core.setting.level.VoiceLevels;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LevelWordingTest {
    private static final Lengths METRIC = new Lengths(Locale.UK, false);
    private final LevelWording words = new LevelWording(METRIC, new Figures(Locale.UK));
    private final CardWording cards = new CardWording(METRIC, new Figures(Locale.UK));

    @ParameterizedTest
    @EnumSource
    void everyStepCanComeNext(SettingStep step) {
        assertThat(words.next(step)).matches("[a-z].*[a-z]").doesNotContain(".");
    }

    @ParameterizedTest
    @EnumSource(SettingStep.class)
    void everyStepSaysWhatToDo(SettingStep step) {
        assertThat(words.step(step)).isNotBlank();
        assertThat(words.ask(step)).endsWith(".").doesNotContain("!");
    }

    @ParameterizedTest
    @EnumSource(GainSchool.class)
    void everySchoolHasItsWindowAndItsReason(GainSchool school) {
        assertThat(words.school(school)).isNotBlank();
        assertThat(words.schoolWhy(school)).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(Turn.Verdict.class)
    void everyTurnIsSaid(Turn.Verdict verdict) {
        String said = words.turn(new Turn(verdict, -4, -3));
        assertThat(said).endsWith(".").doesNotContain("{");
    }

    @Test
    void turnsSayDirectionAndSize() {
        assertThat(words.turn(new Turn(Turn.Verdict.DOWN, -4, 0))).isEqualTo("Turn the gain down by 4 dB.");
        assertThat(words.turn(new Turn(Turn.Verdict.OUT_OF_GAIN, 0, 11)))
                .isEqualTo("The gain is all the way up, and 11 dB are missing.");
        assertThat(words.marks(new Turn(Turn.Verdict.DOWN, -15, 0))).contains("about 3 of them");
        assertThat(words.marks(new Turn(Turn.Verdict.UP, 3, 0))).contains("less than one");
    }

    @ParameterizedTest
    @EnumSource(InputFault.Kind.class)
    void everyFaultSaysWhatToDo(InputFault.Kind kind) {
        InputFault fault = new InputFault(kind, -20);
        assertThat(words.fault(fault)).hasSizeGreaterThan(20).doesNotContain("{");
        assertThat(words.mend(fault)).matches("[A-Z].*[a-z]").hasSizeLessThan(50);
        assertThat(words.mendDetail(fault)).matches("[a-z].*[a-z]");
    }

    @ParameterizedTest
    @EnumSource(Capture.Fault.class)
    void everyDeviceFaultShowsAWayOn(Capture.Fault fault) {
        assertThat(words.device(fault.id(), 48_000, 24, 1))
                .hasSizeGreaterThan(30)
                .doesNotContain("{");
    }

    @Test
    void aFormatThatIsNotGivenIsNamed() {
        assertThat(words.device("wrong-format", 48_000, 24, 1)).contains("48000 Hz, 24 bits, 1 channels");
    }

    @Test
    void everyPartOfTheNoiseHasASourceAndARemedy() {
        for (Suspect.Part part : Suspect.Part.values()) {
            for (Suspect.From from : Suspect.From.values()) {
                Suspect suspect = new Suspect(part, -70, from, "the fridge", -72);
                assertThat(words.part(part)).isNotBlank();
                assertThat(words.from(suspect)).isNotBlank();
                assertThat(words.remedy(suspect)).isNotBlank();
            }
        }
        assertThat(words.from(new Suspect(Suspect.Part.HUM, -70, Suspect.From.OUTSIDE, "the fridge", -72)))
                .isEqualTo("probably the fridge");
        assertThat(words.expected(new Suspect(Suspect.Part.HUM, -60, Suspect.From.LEAD, "", -72)))
                .startsWith("12 dB louder");
        assertThat(words.remedy(new Suspect(Suspect.Part.HUM, -60, Suspect.From.LEAD, "", -72)))
                .contains("never lift a safety earth");
    }

    @Test
    void theFloorIsSaidAsItWillBe() {
        FinishingTarget finishing = new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60));
        FloorForecast floor = FloorForecast.of(-70, -28, true, finishing);
        assertThat(words.floor(floor)).isEqualTo("−62.0 in the file, wanted −60.0 or lower");
        assertThat(words.rawLimit(floor)).contains("−68.0 dBFS at most");
        assertThat(words.floor(FloorForecast.of(-70, -28, false, finishing))).contains("as the kit expects");
    }

    @Test
    void nothingHeardIsNoVerdictYet() {
        LevelVerdict none = LevelVerdict.of(
                VoiceLevels.none(0),
                GainSchool.MIDDLE,
                Optional.empty(),
                OptionalDouble.of(-28),
                new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60)));
        assertThat(words.verdict(none)).startsWith("Ten seconds of silence");
        assertThat(none.next()).contains(SettingStep.STILL);
        assertThat(none.verdict().clear()).isFalse();
        for (SettingStep step : SettingStep.values()) {
            assertThat(words.figure(step, none)).isEqualTo("to do");
        }
    }

    @Test
    void theSmallFiguresOfAReading() {
        assertThat(words.distance(
                        Optional.of(new DistanceGuess(0.12, OptionalDouble.of(0.3))), Position.straight(0.18)))
                .isEqualTo("12 cm to 30 cm, by its bass");
        assertThat(words.distance(
                        Optional.of(new DistanceGuess(0.03, OptionalDouble.of(0.1))), Position.straight(0.18)))
                .isEqualTo("3 cm to 10 cm, by its bass: closer than the kit says");
        assertThat(words.distance(
                        Optional.of(new DistanceGuess(0.14, OptionalDouble.empty())), Position.straight(0.08)))
                .isEqualTo("at least 14 cm, by its bass: further away than the kit says");
        assertThat(words.distance(Optional.empty(), Position.straight(0.18))).contains("does not tell");
        assertThat(words.drift(0.4)).contains("as loud at the end");
        assertThat(words.drift(-2.5)).isEqualTo("2.5 dB softer at the end");
        assertThat(words.plosives(0)).startsWith("no pops");
        assertThat(words.sibilants(4)).startsWith("4 as loud");
        assertThat(words.match("Ada", "Ben", -3.2)).isEqualTo("Ben is 3.2 dB louder than Ada");
        assertThat(words.excited(new Peaks(-4, 0))).isEqualTo("−4.0 dBFS: 4.0 dB left");
    }

    @Test
    void whichSideIsTheFront() {
        Sides second = new Sides(
                Sides.Answer.SECOND, OptionalDouble.of(-9.6), OptionalDouble.of(0.2), OptionalDouble.of(-6.4));
        assertThat(words.sides(second)).contains("leave the microphone turned");
        assertThat(words.signs(second)).isEqualTo("From the front: 10 dB louder, 6 dB clearer in the room.");
        Sides alike =
                new Sides(Sides.Answer.ALIKE, OptionalDouble.of(0.4), OptionalDouble.empty(), OptionalDouble.empty());
        assertThat(words.sides(alike)).contains("either will do");
        assertThat(words.signs(alike)).isEmpty();
        for (Sides.Answer answer : Sides.Answer.values()) {
            assertThat(words.sides(
                            new Sides(answer, OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty())))
                    .endsWith(".");
        }
    }

    @Test
    void aCardIsATable() {
        GainCard card = GainCards.card("card", "Ada").noting("window shut");
        PrintedTable table = cards.table(card);
        assertThat(table.title()).isEqualTo("Gain card: Ada");
        assertThat(table.rows()).anyMatch(r -> r.cells().equals(List.of("Knob: gain", "+41 dB")));
        assertThat(table.rows()).anyMatch(r -> r.cells().get(1).contains("18 cm from the lips"));
        assertThat(table.rows()).anyMatch(r -> r.cells().get(1).equals("window shut"));
        assertThat(table.rows()).anyMatch(r -> r.cells().get(1).contains("no real microphone"));
    }

    @ParameterizedTest
    @EnumSource(Moved.Kind.class)
    void everythingThatMovedIsSaid(Moved.Kind kind) {
        assertThat(cards.moved(new Moved(kind, 3))).endsWith(".").doesNotContain("{");
        assertThat(cards.moved(new Moved(kind, -3))).endsWith(".").doesNotContain("{");
        GainCard card = GainCards.card("card", "Ada");
        assertThat(cards.moved(card, List.of())).startsWith("Everything is as it was");
        assertThat(cards.moved(card, List.of(new Moved(kind, 3)))).startsWith("Since ");
    }
}
