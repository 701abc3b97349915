package app.redlamp.core.chain.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.choose.WiringStep;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.HeadphoneOutput;
import app.redlamp.core.chain.kit.Headphones;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.verdict.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class HeadphoneLevelTest {
    private static final HeadphoneOutput WEAK = new HeadphoneOutput(0.6, 32);
    private static final Headphones LOW_OHM = new Headphones(32, 100);
    private static final Headphones HIGH_OHM = new Headphones(250, 95);
    private static final Extra EASY = ears("easy", LOW_OHM, 50);
    private static final Extra HARD = ears("hard", HIGH_OHM, 120);
    private static final Extra AMPLIFIER = splitter("amplifier", Optional.of(new HeadphoneOutput(5, 4)), 60);
    private static final Extra DIVIDER = splitter("divider", Optional.empty(), 20);

    private static Extra ears(String id, Headphones figures, double price) {
        return new Extra(
                id,
                "Ears " + id,
                Extra.Use.HEADPHONES_CLOSED,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                Optional.of(figures),
                Optional.empty(),
                Parts.price(price),
                "");
    }

    private static Extra splitter(String id, Optional<HeadphoneOutput> drive, double price) {
        return new Extra(
                id,
                "Box " + id,
                Extra.Use.HEADPHONE_SPLITTER,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                4,
                Optional.empty(),
                drive,
                Parts.price(price),
                "");
    }

    private static AudioInterface box(HeadphoneOutput out) {
        AudioInterface b = Parts.TWO;
        return new AudioInterface(
                b.id(),
                b.name(),
                b.form(),
                b.inputs(),
                b.socket(),
                b.preamp(),
                b.converter(),
                b.phantom(),
                b.tracks(),
                1,
                Optional.of(out),
                true,
                0,
                b.price(),
                "");
    }

    private static Kit kit(HeadphoneOutput out, Extra... ears) {
        return Parts.complete().through(Optional.of(box(out))).with(List.of(ears));
    }

    private static Kit twoVoices(HeadphoneOutput out, Extra... extras) {
        Kit one = kit(out, extras);
        return one.seated(List.of(one.seats().get(0), one.seats().get(0).called("Guest")));
    }

    private static Optional<Miss> quiet(Kit kit, int voices, Gear... shelf) {
        return Fit.of(kit, Parts.need(voices), new Stock(List.of(shelf))).misses().stream()
                .filter(m -> m.kind() == Miss.Kind.HEADPHONES_QUIET)
                .findFirst();
    }

    /** 1 V over 32 Ω are 31.25 mW, and 10 log 31.25 is 14.95 dB (worked by hand). */
    @Test
    void aVoltAndAMilliwattAreTwoWaysToSayTheSame() {
        assertThat(LOW_OHM.levelDb(1)).isCloseTo(114.95, within(0.01));
        assertThat(Headphones.ofVolt(32, 114.95).dbPerMilliwatt()).isCloseTo(100, within(0.01));
        assertThat(HIGH_OHM.levelDb(1)).isCloseTo(95 + 6.02, within(0.01));
    }

    /** 0.6 V behind 32 Ω into 32 Ω leave 0.3 V; into two of them, 0.2 V (worked by hand: the voltage divider). */
    @Test
    void whatIsPluggedInLoadsTheSocket() {
        assertThat(WEAK.fullScaleDb(LOW_OHM, List.of(LOW_OHM))).isCloseTo(LOW_OHM.levelDb(0.3), within(1e-9));
        assertThat(WEAK.fullScaleDb(LOW_OHM, List.of(LOW_OHM, LOW_OHM))).isCloseTo(LOW_OHM.levelDb(0.2), within(1e-9));
        assertThat(new HeadphoneOutput(1, 0).fullScaleDb(HIGH_OHM, List.of(HIGH_OHM, LOW_OHM)))
                .isCloseTo(HIGH_OHM.levelDb(1), within(1e-9));
    }

    /** The voice's peaks lie where the school wants them: its average crest and swell below, in the headphones as in the file. */
    @Test
    void theVoiceLiesAsFarBelowFullScaleInTheEarAsInTheFile() {
        Kit kit = kit(WEAK, EASY);
        HeadphoneLevel level = HeadphoneLevel.of(kit, Parts.need(1)).get(0);
        double below = -Parts.MIDDLE.aimDbfs() + Parts.VOICE.crestDb() + Parts.VOICE.swellDb() - 3.01;
        assertThat(level.fullScaleDb() - level.voiceDb()).isCloseTo(below, within(0.02));
        assertThat(level.wantedDb()).isCloseTo(62.35 + 14, within(0.01));
    }

    @Test
    void headphonesThatASmallSocketDoesNotDriveTemptToTooMuchGain() {
        Miss miss = quiet(kit(WEAK, HARD), 1, HARD, EASY, AMPLIFIER).orElseThrow();
        assertThat(miss.severity()).isEqualTo(Severity.ADVISES);
        assertThat(miss.part()).isEqualTo(HARD.shortName());
        assertThat(miss.amount()).isBetween(3.0, 15.0);
        assertThat(miss.remedy()).contains(EASY);
        Kit mended = Mend.of(kit(WEAK, HARD), miss).orElseThrow();
        assertThat(mended.extras()).containsExactly(EASY);
        assertThat(quiet(mended, 1, EASY)).isEmpty();
    }

    @Test
    void anAmplifierTakesThePlaceOfASplitterWhereHeadphonesAreToStay() {
        Kit kit = twoVoices(WEAK, HARD, HARD, DIVIDER);
        Miss miss = quiet(kit, 2, HARD, DIVIDER, AMPLIFIER).orElseThrow();
        assertThat(miss.remedy()).contains(AMPLIFIER);
        Kit mended = Mend.of(kit, miss).orElseThrow();
        assertThat(mended.extras()).containsExactly(HARD, HARD, AMPLIFIER);
        assertThat(quiet(mended, 2, AMPLIFIER)).isEmpty();
    }

    /** Who puts on their own wants to hear of these, and not of those that were there. */
    @Test
    void othersTakeThePlaceOfThoseThatAreWorn() {
        assertThat(kit(WEAK).wearing(EASY).extras()).containsExactly(EASY);
        Kit worn = kit(WEAK, DIVIDER, EASY).wearing(HARD);
        assertThat(worn.extras()).containsExactly(DIVIDER, HARD);
        assertThat(quiet(worn, 1, EASY)).isPresent();
        assertThat(twoVoices(WEAK, EASY).wearing(HARD).extras()).containsExactly(EASY, HARD);
    }

    /** Two of the same are exchanged, and two are paid for. */
    @Test
    void asManyAreBoughtAsAreExchanged() {
        Kit kit = twoVoices(WEAK, HARD, HARD);
        Miss miss = quiet(kit, 2, HARD, EASY).orElseThrow();
        assertThat(miss.pieces()).isEqualTo(2);
        assertThat(miss.cost()).isEqualTo(2 * EASY.price().fresh());
        assertThat(Mend.of(kit, miss).orElseThrow().extras()).containsExactly(EASY, EASY);
    }

    @Test
    void pairsThatShareASplitterAreSofterThanOne() {
        double alone =
                HeadphoneLevel.of(twoVoices(WEAK, EASY), Parts.need(2)).get(0).voiceDb();
        List<HeadphoneLevel> shared = HeadphoneLevel.of(twoVoices(WEAK, EASY, EASY, DIVIDER), Parts.need(2));
        assertThat(shared).hasSize(2);
        assertThat(alone - shared.get(0).voiceDb()).isCloseTo(20 * Math.log10(0.3 / 0.2), within(0.01));
        assertThat(HeadphoneLevel.of(twoVoices(WEAK, EASY, Parts.CLOSED, DIVIDER), Parts.need(2)))
                .as("a load that nobody knows")
                .isEmpty();
    }

    @Test
    void aLouderReaderWantsMoreInTheEar() {
        Seat seat = Parts.complete().seats().get(0);
        Kit raised = kit(WEAK, EASY).with(0, seat.spoken(new Voice(VocalEffort.RAISED, VocalEffort.RAISED, 15)));
        HeadphoneLevel loud = HeadphoneLevel.of(raised, Parts.need(1)).get(0);
        HeadphoneLevel usual = HeadphoneLevel.of(kit(WEAK, EASY), Parts.need(1)).get(0);
        assertThat(loud.wantedDb() - usual.wantedDb()).isCloseTo(68.34 - 62.35, within(0.01));
        assertThat(loud.voiceDb()).isGreaterThan(usual.voiceDb());
    }

    @Test
    void whatIsNotKnownIsNotJudged() {
        assertThat(quiet(Parts.complete(), 1, EASY)).isEmpty();
        assertThat(quiet(kit(WEAK, Parts.CLOSED), 1, EASY)).isEmpty();
        assertThat(HeadphoneLevel.loudestDb(Parts.complete())).isEmpty();
        assertThat(HeadphoneLevel.loudestDb(kit(WEAK, EASY)).orElseThrow())
                .isCloseTo(LOW_OHM.levelDb(0.3), within(1e-9));
    }

    @Test
    void theWiringSaysHowLoudTheyGet() {
        List<WiringStep> known = WiringStep.of(kit(WEAK, EASY));
        assertThat(known)
                .filteredOn(s -> s.kind() == WiringStep.Kind.HEADPHONES_LOUD)
                .singleElement()
                .satisfies(s -> assertThat(s.db()).isCloseTo(LOW_OHM.levelDb(0.3), within(1e-9)));
        assertThat(known).noneMatch(s -> s.kind() == WiringStep.Kind.HEADPHONES);
        assertThat(WiringStep.of(Parts.complete())).anyMatch(s -> s.kind() == WiringStep.Kind.HEADPHONES);
    }

    @Test
    void loudspeakersOverAnUnbalancedLeadHum() {
        Extra hums = new Extra(
                "speakers",
                "Loudspeakers",
                Extra.Use.LOUDSPEAKERS_UNBALANCED,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                Parts.price(70),
                "");
        Extra quiet = new Extra(
                "speakers-2",
                "Loudspeakers, balanced",
                Extra.Use.LOUDSPEAKERS_BALANCED,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                Optional.empty(),
                Optional.empty(),
                Parts.price(120),
                "");
        Kit kit = Parts.complete().adding(hums);
        Miss miss = Fit.of(kit, Parts.need(1), new Stock(List.of(quiet))).misses().stream()
                .filter(m -> m.kind() == Miss.Kind.LOUDSPEAKER_HUM)
                .findFirst()
                .orElseThrow();
        Kit mended = Mend.of(kit, miss).orElseThrow();
        assertThat(mended.extras()).contains(quiet).doesNotContain(hums);
        assertThat(Fit.of(mended, Parts.need(1), new Stock(new ArrayList<>())).misses())
                .noneMatch(m -> m.kind() == Miss.Kind.LOUDSPEAKER_HUM);
    }

    @Test
    void figuresBelongWhereTheyAre() {
        assertThatThrownBy(() -> new Extra(
                        "arm",
                        "Arm",
                        Extra.Use.DESK_ARM,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        0,
                        Optional.of(LOW_OHM),
                        Optional.empty(),
                        Parts.price(1),
                        ""))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("headphones");
        assertThatThrownBy(() -> new Headphones(0, 98)).hasMessageContaining("2000 ohms");
        assertThatThrownBy(() -> new HeadphoneOutput(Double.NaN, 10)).hasMessageContaining("20 V");
    }
}
