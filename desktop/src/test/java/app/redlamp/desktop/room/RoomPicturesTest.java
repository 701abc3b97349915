package app.redlamp.desktop.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.port.Shelf;
import app.redlamp.desktop.control.BandsView;
import app.redlamp.desktop.control.CurveView;
import app.redlamp.desktop.control.RoomPlan;
import app.redlamp.desktop.station.Stations;
import app.redlamp.media.room.RoomShelf;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RoomPicturesTest {
    @TempDir
    Path library;

    private Shelf<Material, Spot> shelf;
    private final RoomPictures pictures =
            new RoomPictures(Stations.parts(new RoomStation.Models(null, null, null, null, null)));

    @BeforeEach
    void read() {
        shelf = RoomShelf.in(library);
    }

    private Spot boxRoom() {
        return shelf.presets().get(0);
    }

    private static Study study(Spot spot) {
        return Study.of(spot, new Wanted(0.25, 33));
    }

    @Test
    void whatHangsLiesOnItsWallAndWhatLiesOnTheFloor() {
        Material duvet = shelf.part("duvet").orElseThrow();
        Material rug = shelf.part("rug").orElseThrow();
        Room room = boxRoom()
                .room()
                .with(new Patch("d", duvet, Face.RIGHT, 0.3, 0, 1.35, 2))
                .with(new Patch("r", rug, Face.FLOOR, 0.2, 0.2, 1.5, 1.2))
                .with(new Patch("c", duvet, Face.CEILING, 0.2, 0.2, 1.35, 1.5));
        RoomPlan plan = pictures.plan(room, study(boxRoom().with(room)));

        RoomPlan.Shape right = shape(plan, "d");
        assertThat(right.x() + right.widthM()).isCloseTo(2.4, within(1e-9));
        assertThat(right.look()).isEqualTo(RoomPlan.Look.TREATMENT);
        assertThat(shape(plan, "r").look()).isEqualTo(RoomPlan.Look.RUG);
        assertThat(shape(plan, "c").look()).isEqualTo(RoomPlan.Look.OVERHEAD);
        assertThat(shape(plan, "door").look()).isEqualTo(RoomPlan.Look.DOOR);
        assertThat(shape(plan, "window").look()).isEqualTo(RoomPlan.Look.WINDOW);
        assertThat(plan.shapes().get(0).id()).isEqualTo("r");
        assertThat(plan.rays()).isNotEmpty().noneMatch(RoomPlan.Ray::loud);
    }

    private static RoomPlan.Shape shape(RoomPlan plan, String id) {
        return plan.shapes().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void nothingIsComparedWithItself() {
        Study now = study(boxRoom());
        BandsView.Bands same = pictures.bands(now, Optional.of(now));
        CurveView.Curves alone = pictures.bass(now, Optional.of(now));

        assertThat(same.before()).isEmpty();
        assertThat(same.now()).hasSize(6);
        assertThat(alone.lines()).hasSize(1);
        Study other = study(boxRoom()
                .with(boxRoom().room().made(Face.FLOOR, shelf.part("tiles").orElseThrow())));
        assertThat(pictures.bands(other, Optional.of(now)).before()).hasSize(6);
    }

    @Test
    void hoursAreSaidAsShortAsTheyAre() {
        assertThat(pictures.hours(source(Hours.always()))).isEqualTo("always");
        assertThat(pictures.hours(source(new Hours(
                        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.SATURDAY), LocalTime.of(4, 0), LocalTime.of(8, 0)))))
                .isEqualTo("04:00–08:00 Mon–Sat");
        assertThat(pictures.days(EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.SUNDAY)))
                .isEqualTo("Tue Sun");
        assertThat(pictures.here(3)).isEqualTo("not heard here");
        assertThat(pictures.here(35.4)).isEqualTo("35 dB(A) here");
    }

    private static OutsideSource source(Hours hours) {
        return new OutsideSource("a", "a", Timbre.FAN, 60, 1, Optional.empty(), List.of(hours));
    }
}
