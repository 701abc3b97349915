package app.redlamp.core.acoustics.spot;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.room.Rooms;
import org.junit.jupiter.api.Test;

class RoomCautionTest {
    private static Study study(Spot spot, double limitDbA) {
        return Study.of(spot, new Wanted(0.25, limitDbA));
    }

    @Test
    void everyPlaceGetsHotAndKeepsItsWayOut() {
        assertThat(RoomCaution.of(study(SpotsForTests.boxRoom(), 79)))
                .containsExactly(RoomCaution.AIR, RoomCaution.SAFE, RoomCaution.NEIGHBOUR);
    }

    /** The mixers below come through a floor with gaps. */
    @Test
    void whereGapsAreWorthSealingWhatIsBurntNeedsAir() {
        Study loud = study(SpotsForTests.boxRoom(), 15);
        assertThat(RoomCaution.of(loud)).startsWith(RoomCaution.SEALING);
        Spot sealed = SpotsForTests.boxRoom()
                .hearing(SpotsForTests.boxRoom().sources().stream()
                        .map(s ->
                                s.barrier().map(b -> s.withBarrier(b.sealed())).orElse(s))
                        .toList());
        assertThat(RoomCaution.of(study(sealed, 15))).doesNotContain(RoomCaution.SEALING);
    }

    @Test
    void aCarHasAnEngineAndACupboardALining() {
        Spot car =
                SpotsForTests.spot("car", Rooms.box(1.45, 2.2, 1.2, Rooms.surface("car-trim", .2, .3, .4, .5, .5, .5)));
        assertThat(RoomCaution.of(study(car, 79)))
                .contains(RoomCaution.CAR)
                .doesNotContain(RoomCaution.LINING, RoomCaution.AIR);
        Spot cupboard = SpotsForTests.spot("cupboard", Rooms.box(1.1, 1.4, 2.2, Rooms.PLASTERBOARD));
        assertThat(RoomCaution.of(study(cupboard, 79)))
                .contains(RoomCaution.LINING)
                .doesNotContain(RoomCaution.CAR);
    }
}
