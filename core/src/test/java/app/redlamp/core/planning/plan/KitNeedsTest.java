package app.redlamp.core.planning.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Rooms;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.delivery.spec.Specifications;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class KitNeedsTest {
    private static Production of(JobKind kind) {
        Production book = Productions.book(100);
        return book.with(book.brief().as(kind));
    }

    private static Study study(List<OutsideSource> sources, OptionalDouble measured) {
        Spot spot = new Spot("here", "Here", Rooms.boxRoom(), sources, Optional.empty(), measured);
        return Study.of(spot, RoomNeeds.of(Productions.book(100), 0.18));
    }

    @Test
    void aBookAsksForOneVoiceAndTheGapOfItsSpecification() {
        Need need = KitNeeds.of(Productions.book(100), Optional.empty());
        assertThat(need.voices()).isEqualTo(1);
        assertThat(need.voice().loudest()).isEqualTo(VocalEffort.RAISED);
        // −23 to −18 dBFS RMS, floor at −60: 39.5 dB.
        assertThat(need.finishing().levelDbfs()).isCloseTo(-20.5, within(1e-9));
        assertThat(need.finishing().wantedSnrDb()).isCloseTo(39.5, within(1e-9));
        assertThat(need.finishing().ceilingDbfs()).isEqualTo(-3);
        assertThat(need.school()).isEqualTo(GainSchool.MIDDLE);
        assertThat(need.budget()).isEmpty();
    }

    @Test
    void voicesInTheRoom() {
        assertThat(KitNeeds.of(of(JobKind.PODCAST_COHOST), Optional.empty()).voices())
                .isEqualTo(2);
        Need remote = KitNeeds.of(of(JobKind.PODCAST_REMOTE), Optional.empty());
        // Three tracks, of which the guest records one elsewhere.
        assertThat(remote.voices()).isEqualTo(2);
        assertThat(remote.guests()).isTrue();
        assertThat(KitNeeds.of(of(JobKind.LIVE_STREAM), Optional.empty()).live())
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(JobKind.class)
    void everyKindOfJobAsksForSomethingThatCanBe(JobKind kind) {
        Need need = KitNeeds.of(of(kind), Optional.empty());
        assertThat(need.clarityDb()).isBetween(15.0, 30.0);
        assertThat(need.voice().loudest()).isGreaterThanOrEqualTo(need.voice().reading());
    }

    /** A fridge that is on by day: the quietest half hour is at night, and as quiet as rooms are. */
    @Test
    void theRoomIsTakenAtItsQuietest() {
        OutsideSource fan =
                new OutsideSource("fan", "Fan", Timbre.FAN, 40, 1, Optional.empty(), List.of(Hours.always()));
        Study always = study(List.of(fan), OptionalDouble.empty());
        double noise = KitNeeds.room(always).noise().dbA();
        assertThat(noise).isCloseTo(always.week().orElseThrow().quietest(), within(0.3));
        Study measured = study(List.of(fan), OptionalDouble.of(25));
        assertThat(KitNeeds.room(measured).noise().dbA()).isCloseTo(25, within(1e-6));
        assertThat(KitNeeds.room(study(List.of(), OptionalDouble.empty()))
                        .noise()
                        .dbA())
                .isCloseTo(28, within(1e-6));
        assertThat(KitNeeds.room(always).volumeM3())
                .isCloseTo(Rooms.boxRoom().space().volume(), within(1e-9));
    }

    @Test
    void aBudgetIsABudget() {
        Production book = Productions.book(100);
        Production with = book.with(book.money().withBudget(Optional.of(BigDecimal.valueOf(250))));
        assertThat(KitNeeds.of(with, Optional.empty()).budget()).hasValue(250);
    }

    @Test
    void withoutARoomThreeAnswersMakeOne() {
        Production book = Productions.book(100);
        RoomGuess hard = RoomGuess.USUAL.lined(RoomGuess.Softness.HARD).at(RoomGuess.Quiet.BUSY);
        Need need = KitNeeds.of(book.with(book.kits().guessing(hard)), Optional.empty());
        assertThat(need.room().noise().dbA()).isCloseTo(45, within(1e-6));
        assertThat(need.room().decayS())
                .isGreaterThan(RoomGuess.USUAL.surroundings().decayS());
    }

    /** Eyring by hand: 12 m³, 2.5 m high, 1.92 by 2.50 m: 31.7 m², absorption 0.28: 0.161 · 12 / (31.7 · 0.3285) = 0.186 s. */
    @Test
    void aGuessRingsByEyring() {
        RoomGuess guess = new RoomGuess(RoomGuess.Size.BOX_ROOM, RoomGuess.Softness.FURNISHED, RoomGuess.Quiet.STILL);
        assertThat(guess.surroundings().decayS()).isCloseTo(0.186, within(0.002));
        for (RoomGuess.Size size : RoomGuess.Size.values()) {
            double last = 0;
            for (RoomGuess.Softness softness : RoomGuess.Softness.values()) {
                double decay = guess.sized(size).lined(softness).surroundings().decayS();
                assertThat(decay).isGreaterThan(last);
                last = decay;
            }
        }
    }

    /** −23 LUFS in one channel are −23 dBFS of speech; the broadcast file here is counted as it is. */
    @Test
    void loudnessBecomesALevelOfTheVoice() {
        FinishingTarget broadcast = KitNeeds.finishing(Specifications.broadcast(), KitNeeds.voice(JobKind.COMMERCIAL));
        assertThat(broadcast.levelDbfs()).isBetween(-26.1, -22.9);
        assertThat(broadcast.wantedSnrDb()).isEqualTo(FinishingTarget.USUAL_SNR_DB);
    }
}
