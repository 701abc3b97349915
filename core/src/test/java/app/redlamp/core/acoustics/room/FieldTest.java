package app.redlamp.core.acoustics.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FieldTest {

    /** Hand arithmetic: mouth and microphone 1 m apart and 2 m from a wall: √(1² + 4²) = 4.123 m over the wall. */
    @Test
    void aReflectionIsAsLongAndAsLateAsItsImage() {
        Room room = Rooms.box(6, 8, 5, Rooms.surface("hard", 0, 0, 0, 0, 0, 0))
                .placed(new Point(2, 3.5, 2.5), new Point(2, 4.5, 2.5))
                .heardBy(Pattern.OMNI);
        Reflection left = off(room, Face.LEFT);

        assertThat(left.pathM()).isCloseTo(Math.sqrt(17), within(1e-9));
        assertThat(left.delayMs()).isCloseTo((Math.sqrt(17) - 1) / 343.2146 * 1000, within(1e-3));
        assertThat(left.point()).isEqualTo(new Point(0, 4, 2.5));
        // 20 log(1/√17) = −12.30 dB, less what a mouth sends to the side: 0.7 + 0.3 cos 75.96°.
        double side = 20 * Math.log10(0.7 + 0.3 / Math.sqrt(17));
        assertThat(left.levelDb()).isCloseTo(-12.304 + side, within(0.01));
    }

    /** Delay 1 ms: 500, 1500, 2500 Hz (any acoustics handbook). */
    @Test
    void aMillisecondCancels500And1500And2500Hertz() {
        Reflection echo = new Reflection(
                Face.LEFT, Optional.empty(), Rooms.BRICK, new Point(0, 0, 0), 1, 1.0, SixBands.all(-6.0206));

        assertThat(echo.notchesHz(3)).containsExactly(500.0, 1500.0, 2500.0);
        assertThat(echo.notchDb()).isCloseTo(-6.0206, within(0.001));
    }

    @Test
    void anAbsorberTakesItsShareAndACardioidDoesNotHearBehind() {
        Room room = Rooms.box(4, 5, 3, Rooms.BRICK);
        Room treated = room.with(new Patch("p", Rooms.DUVET, Face.LEFT, 0, 0, 5, 3));

        // 10 log(1 − 0.70) − 10 log(1 − 0.02) at 1 kHz.
        assertThat(off(treated, Face.LEFT).levelsDb().at(3)
                        - off(room, Face.LEFT).levelsDb().at(3))
                .isCloseTo(10 * Math.log10(0.30 / 0.98), within(1e-9));
        // The microphone looks at the mouth, to the back of the plan: the front wall is behind it.
        assertThat(off(room, Face.FRONT).levelDb())
                .isLessThan(off(room.heardBy(Pattern.OMNI), Face.FRONT).levelDb() - 15);
        assertThat(off(room, Face.BACK).levelDb())
                .isCloseTo(off(room.heardBy(Pattern.OMNI), Face.BACK).levelDb(), within(0.01));
    }

    @Test
    void aDeskUnderTheMicrophoneHidesTheFloorAndSendsItsOwnEcho() {
        Room room = Rooms.box(3, 3, 2.5, Rooms.BRICK)
                .withFurniture(List.of(new Furniture("desk", Rooms.DESK, 0.5, 0.5, 2, 1.5, 0.75, false)));
        List<Reflection> all = Reflections.of(room);

        assertThat(all).anySatisfy(r -> assertThat(r.thing()).contains("desk"));
        assertThat(all)
                .noneSatisfy(r -> assertThat(r.face() == Face.FLOOR && r.thing().isEmpty())
                        .isTrue());
        assertThat(all.get(0).thing()).contains("desk");
    }

    /** Directivity index 0, 4.8, 5.7, 6.0, 4.8 dB; distance factor 1.0, 1.7, 1.9, 2.0, 1.7 (any microphone handbook). */
    @ParameterizedTest
    @CsvSource({
        "OMNI,0,1.0",
        "CARDIOID,4.8,1.7",
        "SUPERCARDIOID,5.7,1.9",
        "HYPERCARDIOID,6.0,2.0",
        "FIGURE_EIGHT,4.8,1.7"
    })
    void patternsHearAsTheHandbookSays(Pattern pattern, double indexDb, double distanceFactor) {
        assertThat(10 * Math.log10(pattern.directivity())).isCloseTo(indexDb, within(0.05));
        assertThat(Math.sqrt(pattern.directivity())).isCloseTo(distanceFactor, within(0.05));
    }

    @Test
    void aCardioidLosesSixDecibelsToTheSideAndKeepsALittleBehind() {
        assertThat(20 * Math.log10(Pattern.CARDIOID.gain(0))).isCloseTo(-6.02, within(0.01));
        assertThat(20 * Math.log10(Pattern.CARDIOID.gain(-1))).isCloseTo(-25, within(0.01));
    }

    /** Hand arithmetic: 0.057 √(1 · 60 / 1) = 0.4415 m. */
    @Test
    void criticalDistanceIsTheHandbooks() {
        assertThat(DirectSound.criticalM(1, 60, 1)).isCloseTo(0.4415, within(0.0001));
        Room room = Rooms.boxRoom();
        SixBands decay = DrawnDecay.of(room).seconds();
        DirectSound near = DirectSound.of(room, decay);
        Point further = room.microphone().plus(new Point(0, 0.30, 0));
        DirectSound far = DirectSound.of(room.placed(further, room.microphone()), decay);
        assertThat(near.speechDb() - far.speechDb()).isCloseTo(6.02, within(0.01));
        assertThat(near.overRoomDb().at(2)).isCloseTo(20 * Math.log10(near.criticalM() / 0.15), within(1e-9));
    }

    /** Far below the first mode, or in a room that swallows all, there is only the open field's pressure and more of it. */
    @Test
    void inADeadRoomTheBassIsThatOfTheOpen() {
        Material all = Rooms.surface("open", .99, .99, .99, .99, .99, .99);
        Room room = Rooms.box(5, 6, 4, all);
        double[] colour = new BassField(room, SixBands.all(0.03), 1500, new double[] {90, 150, 250})
                .colourDb(room.mouth(), room.microphone());

        for (double db : colour) {
            assertThat(db).isCloseTo(0, within(1.5));
        }
    }

    /** Source and microphone on the node of the mode from left to right do not hear it; in the corner they hear it most. */
    @Test
    void aModeIsHeardInTheCornerAndNotOnItsNode() {
        Room room = Rooms.box(2.4, 1.9, 2.45, Rooms.BRICK);
        SixBands decay = SixBands.all(0.6);
        double first = 343.2146 / 2 / 2.4;
        double[] hz = {first};
        BassField field = new BassField(room, decay, 1000, hz);
        double corner = field.colourDb(new Point(0.1, 0.3, 0.3), new Point(0.1, 0.1, 0.3))[0];
        double node = field.colourDb(new Point(1.2, 0.3, 0.3), new Point(1.2, 0.1, 0.3))[0];

        assertThat(corner).isGreaterThan(node + 8);
    }

    /** More modes change nothing: the sum has converged to what the static field leaves. */
    @Test
    void theSumOverModesHasConverged() {
        Room room = Rooms.boxRoom();
        SixBands decay = DrawnDecay.of(room).seconds();
        double[] hz = {70, 100, 140, 180, 230, 290};
        double[] usual = new BassField(room, decay, 1000, hz).colourDb(room.mouth(), room.microphone());
        double[] many = new BassField(room, decay, 1700, hz).colourDb(room.mouth(), room.microphone());

        for (int i = 0; i < hz.length; i++) {
            assertThat(usual[i]).isCloseTo(many[i], within(0.3));
        }
    }

    @Test
    void aBetterPlaceIsEvener() {
        Room room = Rooms.boxRoom().placed(new Point(1.2, 1.1, 1.225), new Point(1.2, 0.95, 1.225));
        SixBands decay = DrawnDecay.of(room).seconds();
        double now = Boominess.of(room, decay).worstDb();
        Boominess.Move move = Boominess.better(room, decay).orElseThrow();
        Room moved = room.placed(room.mouth().plus(move.by()), room.microphone().plus(move.by()));

        assertThat(now).isGreaterThan(Boominess.HEARD_DB);
        assertThat(Boominess.of(moved, decay).worstDb()).isLessThan(now - 1);
        assertThat(move.by().length()).isLessThanOrEqualTo(0.6 + 1e-9);
    }

    private static Reflection off(Room room, Face face) {
        return Reflections.of(room).stream()
                .filter(r -> r.face() == face && r.thing().isEmpty())
                .findFirst()
                .orElseThrow();
    }
}
