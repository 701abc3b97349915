package app.redlamp.core.acoustics.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.decay.BandDecay;
import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.ClapMeter;
import app.redlamp.core.signal.References;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DecayAndModesTest {
    /** Dry and cold air takes least; at 125 Hz it takes nothing that counts. */
    private static final double AIR_TAKES = 0.004;

    /** Rooms computed in numpy from the closed forms: tools/reference/make_tables.py. */
    @Test
    void sabineEyringAndSchroederAreThoseOfTheTable() throws Exception {
        int seen = 0;
        for (JsonNode row : References.read("rooms").get("rooms")) {
            if (row.get("c").asDouble() != 343.0) {
                continue;
            }
            Room room = room(row);
            Absorption absorption = Absorption.of(room);
            assertThat(absorption.surfaceM2()).isCloseTo(row.get("S").asDouble(), within(1e-9));
            assertThat(absorption.areas().at(0)).isCloseTo(row.get("A_m2").asDouble(), within(1e-9));
            assertThat(absorption.means().at(0)).isCloseTo(row.get("alpha_mean").asDouble(), within(1e-6));
            DrawnDecay decay = DrawnDecay.of(room);
            double longer = decay.sabineS().at(0) > 5 ? 0.03 : AIR_TAKES;
            double sabine = row.get("rt60_sabine_s").asDouble();
            double eyring = row.get("rt60_eyring_s").asDouble();
            assertThat(decay.sabineS().at(0)).isCloseTo(sabine, within(longer * sabine));
            assertThat(decay.eyringS().at(0)).isCloseTo(eyring, within(longer * eyring));
            assertThat(DrawnDecay.schroederHz(sabine, room.space().volume()))
                    .isCloseTo(row.get("schroeder_hz_from_sabine").asDouble(), within(0.02));
            seen++;
        }
        assertThat(seen).isGreaterThanOrEqualTo(5);
    }

    private static Room room(JsonNode row) {
        JsonNode alpha = row.get("alpha");
        // Sides are named after the edge that they are as long as: wall_L is L wide.
        return Rooms.box(
                        row.get("L").asDouble(),
                        row.get("W").asDouble(),
                        row.get("H").asDouble(),
                        same(alpha.get("wall_L").asDouble()),
                        same(alpha.get("floor").asDouble()),
                        same(alpha.get("ceiling").asDouble()))
                .made(Face.LEFT, same(alpha.get("wall_W").asDouble()))
                .made(Face.RIGHT, same(alpha.get("wall_W").asDouble()));
    }

    private static Material same(double alpha) {
        return Rooms.surface("all " + alpha, alpha, alpha, alpha, alpha, alpha, alpha);
    }

    /** Sabine's textbook room: 4 × 5 × 3 m, mean coefficient 0.1, 1.03 s with 0.161 s/m (any acoustics handbook). */
    @Test
    void theTextbookRoomRingsASecond() {
        DrawnDecay decay = DrawnDecay.of(Rooms.box(4, 5, 3, same(0.1)));

        assertThat(decay.sabineS().at(0)).isCloseTo(1.03, within(0.01));
        assertThat(decay.trust().get(0)).isEqualTo(DrawnDecay.Trust.SABINE);
        assertThat(decay.eyringS().at(0)).isLessThan(decay.sabineS().at(0));
    }

    /** With a mean of 1 nothing comes back; Sabine's formula would still ring. */
    @Test
    void deadRoomsAreCountedAfterEyring() {
        DrawnDecay decay = DrawnDecay.of(Rooms.box(2, 2.5, 2.2, same(0.5)));

        assertThat(decay.trust()).containsOnly(DrawnDecay.Trust.EYRING);
        assertThat(decay.seconds()).isEqualTo(decay.eyringS());
        assertThat(decay.middleS()).isLessThan(0.75 * decay.sabineS().at(SixBands.MIDDLE));
    }

    @Test
    void betweenHardWallsACarpetedRoomRingsLongerThanSabineSays() {
        DrawnDecay decay = DrawnDecay.of(Rooms.box(3.6, 2.8, 2.4, Rooms.PLASTERBOARD, Rooms.CARPET, Rooms.FOAM));

        assertThat(decay.trust().get(3)).isEqualTo(DrawnDecay.Trust.RAYS);
        assertThat(decay.seconds().at(3)).isGreaterThan(2 * decay.sabineS().at(3));
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void theTableOfModesIsKept(boolean axialOnly) throws Exception {
        JsonNode row = References.read("rooms").get("rooms").get(1);
        Space space = new Space(
                row.get("L").asDouble(), row.get("W").asDouble(), row.get("H").asDouble());
        List<Mode> modes = Mode.upTo(300, space, 343.0);
        List<Double> wanted = new ArrayList<>();
        if (axialOnly) {
            row.get("axial_modes_upto_300_hz")
                    .forEach(m -> wanted.add(m.get("hz").asDouble()));
            modes = modes.stream().filter(m -> m.kind() == Mode.Kind.AXIAL).toList();
        } else {
            row.get("first_10_modes_all_kinds").forEach(m -> wanted.add(m.asDouble()));
            assertThat(modes).hasSize(row.get("n_modes_upto_300_hz_all_kinds").asInt());
            modes = modes.subList(0, 10);
        }
        assertThat(modes).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.size(); i++) {
            assertThat(modes.get(i).frequencyHz()).isCloseTo(wanted.get(i), within(0.001));
        }
    }

    @Test
    void soundIsAsFastAsInTheTable() throws Exception {
        References.read("rooms")
                .get("speed_of_sound")
                .properties()
                .forEach(e -> assertThat(new Air(Double.parseDouble(e.getKey()), 50).speedMps())
                        .isCloseTo(e.getValue().asDouble(), within(0.001)));
    }

    /** ISO 9613-2:1996, table 2, dB a kilometre, from memory. */
    @ParameterizedTest
    @CsvSource({
        "20,70,500,2.8",
        "20,70,1000,5.0",
        "20,70,2000,9.0",
        "20,70,4000,22.9",
        "10,70,1000,3.7",
        "15,50,4000,36.2"
    })
    void airTakesWhatTheStandardSays(double celsius, double percent, double hz, double dbPerKm) {
        assertThat(1000 * new Air(celsius, percent).absorptionDbPerM(hz)).isCloseTo(dbPerKm, within(0.06 * dbPerKm));
    }

    /**
     * A room that is simulated by images and measured like a recorded clap gives back what was drawn, in the bands above
     * twice the Schroeder frequency, as a mean over four places (ISO 3382-2 asks for several).
     */
    @ParameterizedTest
    @ValueSource(strings = {"even", "box room", "carpet", "bedroom"})
    void aSimulatedClapGivesBackTheDrawnDecay(String name) throws Exception {
        Room room = switch (name) {
            case "even" -> Rooms.box(4, 5, 3, same(0.1));
            case "box room" -> Rooms.boxRoom();
            case "carpet" -> Rooms.boxRoom().made(Face.FLOOR, Rooms.CARPET);
            default ->
                Rooms.box(3.6, 2.8, 2.4, Rooms.PLASTERBOARD, Rooms.CARPET, Rooms.PLASTERBOARD)
                        .withFurniture(List.of(new Furniture("bed", Rooms.BED, .2, .2, 1.4, 2, .5, true)));
        };
        DrawnDecay drawn = DrawnDecay.of(room);
        int seen = 0;
        for (int band = 0; band < SixBands.COUNT; band++) {
            if (SixBands.centreHz(band) < 2 * drawn.schroederHz()) {
                continue;
            }
            seen++;
            double measured = measured(room, band, drawn.seconds().at(band));
            assertThat(measured / drawn.seconds().at(band))
                    .as(band + " of " + name)
                    .isCloseTo(1, within(0.15));
        }
        assertThat(seen).isGreaterThanOrEqualTo(2);
    }

    private static double measured(Room room, int band, double seconds) throws Exception {
        double[][] places = {
            {.2, .3, .4, .7, .6, .55}, {.3, .75, .5, .65, .2, .35}, {.15, .2, .3, .8, .8, .7}, {.4, .4, .5, .8, .3, .2}
        };
        double sum = 0;
        Space space = room.space();
        for (double[] p : places) {
            Room at = room.placed(
                    new Point(p[0] * space.widthM(), p[1] * space.depthM(), p[2] * space.heightM()),
                    new Point(p[3] * space.widthM(), p[4] * space.depthM(), p[5] * space.heightM()));
            float[] heard = ImpulseResponse.of(at, seconds * 0.9, 24_000)[band];
            float[] recorded = new float[heard.length + 24_000];
            System.arraycopy(heard, 0, recorded, 12_000, heard.length);
            Clap clap = ClapMeter.of(recorded, 24_000);
            BandDecay decay = clap.bands().get(band);
            sum += decay.t20().orElseThrow();
        }
        return sum / places.length;
    }

    @Test
    void whatLiesOverSomethingHidesIt() {
        Room room = Rooms.box(4, 3, 2.5, Rooms.BRICK)
                .with(new Patch("a", Rooms.FOAM, Face.LEFT, 0, 0, 2, 2))
                .with(new Patch("b", Rooms.DUVET, Face.LEFT, 1, 1, 5, 5));
        Coverage coverage = new Coverage(room);

        assertThat(coverage.areas(Face.LEFT))
                .containsEntry(Rooms.FOAM, 3.0)
                .containsEntry(Rooms.DUVET, 3.0)
                .containsEntry(Rooms.BRICK, 1.5);
        assertThat(coverage.at(Face.LEFT, 1.5, 1.5)).isEqualTo(Rooms.DUVET);
    }

    @Test
    void aBedCoversTheFloorAndADeskDoesNot() {
        Room empty = Rooms.box(4, 3, 2.5, Rooms.BRICK);
        Room bed = empty.withFurniture(List.of(new Furniture("b", Rooms.BED, 0, 0, 1, 2, .5, true)));
        Room desk = empty.withFurniture(List.of(new Furniture("d", Rooms.DESK, 0, 0, 1, 2, .7, false)));

        assertThat(Absorption.of(bed).surfaceM2()).isCloseTo(empty.space().surface(), within(1e-9));
        assertThat(Absorption.of(desk).surfaceM2()).isCloseTo(empty.space().surface() + 4, within(1e-9));
    }

    @Test
    void whatCannotBeIsRefusedWithWhatIsAllowed() {
        assertThatThrownBy(() -> new Space(0.2, 2, 2)).hasMessageContaining("0.5");
        assertThatThrownBy(() -> new Space(Double.NaN, 2, 2)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> SixBands.of(1, 2)).hasMessageContaining("six");
        assertThatThrownBy(() -> Rooms.BRICK.absorbing(SixBands.all(1.2))).hasMessageContaining("between 0 and 1");
        assertThatThrownBy(() -> new Correction(SixBands.all(0))).hasMessageContaining("0.05");
        Room room = Rooms.boxRoom();
        assertThat(room.placed(new Point(9, 9, 9), room.microphone()).mouth().x())
                .isCloseTo(2.35, within(1e-9));
    }
}
