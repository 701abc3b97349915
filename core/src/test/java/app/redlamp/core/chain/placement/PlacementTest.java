package app.redlamp.core.chain.placement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Proximity;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Parts;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlacementTest {
    private static Chain chain(Position position) {
        Kit kit = Parts.with(Parts.CONDENSER, Optional.of(Parts.ONE));
        return kit.with(0, kit.seats().get(0).at(position))
                .chain(0, Parts.quietRoom(), Parts.AUDIOBOOK)
                .orElseThrow();
    }

    /**
     * |A + B (1 + 1/(jkr))| against far away at 100 Hz and 343.2 m/s, worked out with complex numbers outside the project: k =
     * 1.8308/m.
     */
    @ParameterizedTest
    @CsvSource({
        "0.05, 14.89, 18.33, 20.80",
        "0.10, 9.27, 12.50, 14.89",
        "0.20, 4.57, 7.16, 9.27",
        "0.50, 1.13, 2.23, 3.41"
    })
    void proximity(double distanceM, double cardioid, double hypercardioid, double eight) {
        assertThat(Proximity.db(Pattern.CARDIOID, 0, distanceM, 100)).isCloseTo(cardioid, within(0.02));
        assertThat(Proximity.db(Pattern.HYPERCARDIOID, 0, distanceM, 100)).isCloseTo(hypercardioid, within(0.02));
        assertThat(Proximity.db(Pattern.FIGURE_EIGHT, 0, distanceM, 100)).isCloseTo(eight, within(0.02));
        assertThat(Proximity.db(Pattern.OMNI, 0, distanceM, 100)).isZero();
    }

    @Test
    void proximityFallsWithDistanceAndFrequencyAndToTheSide() {
        for (double d = 0.03; d < 1; d *= 1.3) {
            assertThat(Proximity.db(Pattern.CARDIOID, 0, d, 100))
                    .isGreaterThan(Proximity.db(Pattern.CARDIOID, 0, d * 1.3, 100))
                    .isGreaterThan(Proximity.db(Pattern.CARDIOID, 0, d, 200));
        }
        // From the side a cardioid is a pressure microphone.
        assertThat(Proximity.db(Pattern.CARDIOID, 90, 0.05, 100)).isCloseTo(0, within(1e-9));
    }

    /** Table of J1 (Abramowitz and Stegun, table 9.1): J1(1) = 0.4400506, J1(2) = 0.5767248; first zero 3.8317. */
    @Test
    void bessel() {
        assertThat(OffAxis.besselOne(1)).isCloseTo(0.4400506, within(1e-7));
        assertThat(OffAxis.besselOne(2)).isCloseTo(0.5767248, within(1e-7));
        assertThat(OffAxis.besselOne(3.8317060)).isCloseTo(0, within(1e-6));
    }

    @Test
    void aLargeDiaphragmIsDullFromTheSide() {
        assertThat(OffAxis.db(0.025, 0, 8000)).isZero();
        // k a sin θ = 1.83 · sin 45° = 1.295: 2 J1(1.295)/1.295 = 0.803, −1.9 dB.
        assertThat(OffAxis.db(0.025, 45, 8000)).isCloseTo(-1.9, within(0.1));
        assertThat(OffAxis.db(0.006, 45, 8000)).isGreaterThan(-0.2);
        assertThat(OffAxis.db(0.05, 90, 16_000)).isGreaterThanOrEqualTo(-20);
    }

    @Test
    void breathIsAimedPast() {
        double straight = Breath.db(Position.straight(0.1), OptionalDouble.empty());
        // Beyond six openings of 1 cm the speed falls with the distance: (0.06/0.1)² is −8.9 dB.
        assertThat(straight).isCloseTo(-8.87, within(0.01));
        assertThat(Breath.db(Position.straight(0.05), OptionalDouble.empty())).isZero();
        assertThat(Breath.db(Position.straight(0.1).beside(20), OptionalDouble.empty()))
                .isLessThan(straight - 20);
        assertThat(Breath.db(Position.straight(0.1).raised(20), OptionalDouble.empty()))
                .isLessThan(straight - 20);
        // Common practice, no source: a head that turns a little is still before the microphone.
        assertThat(Breath.db(Position.straight(0.1).beside(4), OptionalDouble.empty()))
                .isEqualTo(straight);
        double last = 1;
        for (double d = 0.05; d < 0.5; d += 0.05) {
            double puff = Breath.db(Position.straight(d), OptionalDouble.empty());
            assertThat(puff).isLessThan(last);
            last = puff;
        }
    }

    /** Common practice, no source: halfway it works, against the grille it does nothing. */
    @Test
    void aPopFilterNeedsRoom() {
        Position position = Position.straight(0.15);
        assertThat(Breath.screenDb(position, OptionalDouble.of(0.075))).isEqualTo(20);
        assertThat(Breath.screenDb(position, OptionalDouble.of(0.145))).isZero();
        assertThat(Breath.screenDb(position, OptionalDouble.empty())).isZero();
        assertThat(Breath.screenDb(position, OptionalDouble.of(Breath.screenAtM(0.15))))
                .isEqualTo(20);
        assertThat(Breath.screenAtM(0.08)).isEqualTo(0.04);
    }

    @Test
    void schoolsOfDistance() {
        assertThat(Zone.at(0.05)).containsExactly(Zone.DATA_SET);
        assertThat(Zone.at(0.075)).containsExactly(Zone.FINGERS);
        assertThat(Zone.at(0.15)).containsExactly(Zone.CLOSE, Zone.NARRATION, Zone.HAND);
        assertThat(Zone.at(0.27)).isEmpty();
        assertThat(Zone.at(0.4)).containsExactly(Zone.TOO_FAR);
    }

    /** 20 log10(1/3) = −9.54 dB: the rule of three to one for microphones that hear all round. */
    @Test
    void threeToOne() {
        Kit kit = Parts.with(Parts.TELEPHONE, Optional.empty());
        Chain omni = kit.with(0, kit.seats().get(0).at(Position.straight(0.3)))
                .chain(0, new Surroundings(Parts.quietRoom().noise(), 10_000, 0.02), Parts.AUDIOBOOK)
                .orElseThrow();
        // Across the table the other mouth is 1.2 m away, and 0.9 m from this microphone.
        Bleed bleed = Bleed.of(omni, Bleed.Seats.ACROSS, 1.2);
        assertThat(bleed.ratio()).isCloseTo(3, within(1e-9));
        assertThat(bleed.directDb()).isCloseTo(-9.54, within(0.01));
        assertThat(bleed.keepsTheRule()).isTrue();
        assertThat(Bleed.of(omni, Bleed.Seats.ACROSS, 1.1).keepsTheRule()).isFalse();
        // A room without any reverberation worth the name adds nothing.
        assertThat(bleed.totalDb()).isCloseTo(-9.54, within(0.05));
    }

    @Test
    void theBackOfACardioidKeepsTheOtherOut() {
        Chain cardioid = chain(Position.straight(0.1));
        Bleed across = Bleed.of(cardioid, Bleed.Seats.ACROSS, 1);
        Bleed beside = Bleed.of(cardioid, Bleed.Seats.BESIDE, 1);
        assertThat(across.directDb()).isLessThan(beside.directDb());
        // Where the direct sound is kept out, the room carries the voice.
        assertThat(across.roomDb()).isGreaterThan(across.directDb());
        double last = Double.POSITIVE_INFINITY;
        for (double apart = 0.5; apart < 3; apart += 0.25) {
            double total = Bleed.of(cardioid, Bleed.Seats.BESIDE, apart).totalDb();
            assertThat(total).isLessThan(last);
            last = total;
        }
    }

    @Test
    void loudspeakersComeBack() {
        Chain chain = chain(Position.straight(0.18));
        Bleed speakers = Bleed.ofSpeaker(chain, 0.8, 120);
        assertThat(speakers.totalDb()).isBetween(-40.0, -8.0);
        assertThat(Bleed.ofSpeaker(chain, 0.8, 60).totalDb()).isGreaterThan(speakers.totalDb());
    }

    @Test
    void whatAPlaceDoes() {
        Placing near = Placing.of(chain(Position.straight(0.08)), 0.025, OptionalDouble.empty());
        Placing far = Placing.of(chain(Position.straight(0.25).beside(30).turned(30)), 0.025, OptionalDouble.empty());
        assertThat(near.bassDb()).isGreaterThan(far.bassDb());
        assertThat(near.swayDb()).isGreaterThan(far.swayDb()).isPositive();
        assertThat(near.directDb()).isGreaterThan(far.directDb());
        assertThat(near.pops()).isTrue();
        assertThat(far.pops()).isFalse();
        assertThat(near.trebleDb()).isZero();
        assertThat(far.trebleDb()).isNegative();
        assertThat(Placing.of(chain(Position.straight(0.08)), 0.025, OptionalDouble.of(0.04))
                        .pops())
                .isFalse();
    }

    @Test
    void loudLinesFromFurtherBack() {
        Chain chain = chain(Position.straight(0.15));
        // 68.34 − 62.35 = 5.99 dB: twice as far, 29.9 cm.
        assertThat(Placing.distanceFor(chain, VocalEffort.RAISED)).isCloseTo(0.299, within(0.001));
        // Never beyond 30 cm, and never nearer than 5.
        assertThat(Placing.distanceFor(chain, VocalEffort.SHOUT)).isEqualTo(0.30);
        assertThat(Placing.distanceFor(chain, VocalEffort.WHISPER)).isEqualTo(0.05);
        assertThat(Placing.distanceFor(chain, VocalEffort.NORMAL)).isCloseTo(0.15, within(1e-9));
    }
}
