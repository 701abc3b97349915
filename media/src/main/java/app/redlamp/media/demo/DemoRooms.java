package app.redlamp.media.demo;

import app.redlamp.core.acoustics.outside.Barrier;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.port.Shelf;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Where the demo's reader may record: the box room above the bakery, the wardrobe in the bedroom, the cupboard by the stairs.
 * Mixers run from four in the morning, the yard's fan until the shop has closed, a fridge hums next door, and a neighbour
 * watches television on most evenings.
 */
final class DemoRooms {
    private static final Set<DayOfWeek> BAKING = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.SATURDAY);
    private static final Set<DayOfWeek> TELEVISION =
            EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY, DayOfWeek.FRIDAY, DayOfWeek.SATURDAY);

    private final Shelf<Material, Spot> shelf;

    /** @param shelf with what ships */
    DemoRooms(Shelf<Material, Spot> shelf) {
        this.shelf = shelf;
    }

    Spots spots() {
        return Spots.NONE.with(boxRoom()).with(wardrobe()).with(cupboard());
    }

    /** With a duvet on one wall and a clothes rail on the other, and the reader in the middle, as one would. */
    Spot boxRoom() {
        Spot preset = preset("box-room");
        Room room = preset.room();
        Room furnished = room.with(new Patch("duvet", material("duvet"), Face.LEFT, 0.35, 0.2, 1.35, 2.0))
                .with(new Patch("rail", material("clothes-rail"), Face.RIGHT, 0.85, 0, 1.0, 1.6))
                .placed(new Point(1.15, 0.98, 1.12), new Point(1.15, 0.82, 1.14));
        return preset.as("box-room")
                .called("Box room above the bakery")
                .with(furnished)
                .hearing(noises(0));
    }

    private Spot wardrobe() {
        return preset("wardrobe").called("Wardrobe in the bedroom").hearing(noises(4));
    }

    private Spot cupboard() {
        return preset("cupboard").called("Cupboard by the stairs").hearing(noises(-3));
    }

    /** @param furtherM how much further everything is than from the box room; negative for nearer */
    private List<OutsideSource> noises(double furtherM) {
        Barrier floor = new Barrier("floor", 120, 4.5, 0.05);
        Barrier wall = new Barrier("window", 15, 0.9, 0.5);
        Barrier partition = new Barrier("partition", 25, 4.5, 0.1);
        return List.of(
                new OutsideSource(
                        "mixers",
                        "the mixers below",
                        Timbre.RUMBLE,
                        80,
                        4 + furtherM,
                        Optional.of(floor),
                        List.of(new Hours(BAKING, LocalTime.of(4, 0), LocalTime.of(8, 0)))),
                new OutsideSource(
                        "fan",
                        "the fan in the yard",
                        Timbre.FAN,
                        79,
                        6 + furtherM,
                        Optional.of(wall),
                        List.of(new Hours(BAKING, LocalTime.of(5, 0), LocalTime.of(20, 0)))),
                new OutsideSource(
                        "neighbour",
                        "next door's television",
                        Timbre.SPEECH,
                        75,
                        4 + furtherM,
                        Optional.of(partition),
                        List.of(new Hours(TELEVISION, LocalTime.of(19, 0), LocalTime.of(23, 0)))),
                new OutsideSource(
                        "fridge",
                        "the fridge next door",
                        Timbre.HUM,
                        52,
                        4 + furtherM,
                        Optional.of(partition),
                        List.of(Hours.always())),
                new OutsideSource(
                        "house", "the house at rest", Timbre.FAN, 6, 1, Optional.empty(), List.of(Hours.always())));
    }

    private Spot preset(String id) {
        return shelf.presets().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private Material material(String id) {
        return shelf.part(id).orElseThrow();
    }
}
