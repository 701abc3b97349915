package app.redlamp.core.acoustics.spot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Rooms;
import java.util.List;
import org.junit.jupiter.api.Test;

class SpotsTest {
    private final Spot room = SpotsForTests.boxRoom();

    @Test
    void theFirstPlaceIsChosenAndTwinsGetIdsOfTheirOwn() {
        Spots two = Spots.NONE.with(room).with(room);

        assertThat(two.all()).extracting(Spot::id).containsExactly("box-room", "box-room-2");
        assertThat(two.current()).contains(room);
        assertThat(two.choosing("box-room-2").current().orElseThrow().id()).isEqualTo("box-room-2");
    }

    @Test
    void whoeverRemovesTheChosenPlaceHasTheNext() {
        Spots two = Spots.NONE.with(room).with(room);

        assertThat(two.without("box-room").chosen()).isEqualTo("box-room-2");
        assertThat(two.without("box-room-2").chosen()).isEqualTo("box-room");
        assertThat(Spots.NONE.with(room).without("box-room")).isEqualTo(Spots.NONE);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Spots(List.of(room, room), "")).hasMessageContaining("same id");
        assertThatThrownBy(() -> new Spots(List.of(room), "cellar")).hasMessageContaining("cellar");
        Spots full = Spots.NONE;
        for (int i = 0; i < Spots.MOST; i++) {
            full = full.with(room);
        }
        Spots all = full;
        assertThatThrownBy(() -> all.with(room)).hasMessageContaining("at most 12");
        assertThatThrownBy(() -> room.called(" ")).hasMessageContaining("name");
    }

    /** A metre from the microphone, on the reader's side; nearer where there is a wall. */
    @Test
    void oneClapsBehindTheReadingPlace() {
        Room wide = Rooms.box(5, 6, 3, Rooms.BRICK).placed(new Point(2, 3.15, 1.2), new Point(2, 3, 1.2));
        Room small = Rooms.box(2, 1.6, 2.4, Rooms.BRICK).placed(new Point(1, 0.9, 1.2), new Point(1, 0.75, 1.2));

        assertThat(ClapPlace.of(wide).mouth().y()).isCloseTo(4.0, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(ClapPlace.of(small).mouth().y()).isCloseTo(1.3, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(ClapPlace.of(wide).microphone()).isEqualTo(wide.microphone());
    }
}
