package app.redlamp.core.acoustics.spot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Absorption;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.DrawnDecay;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Rooms;
import app.redlamp.core.acoustics.room.SixBands;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StudyTest {
    private static final List<Material> WARES = List.of(Rooms.FOAM, Rooms.THIN_FOAM, Rooms.WOOL, Rooms.DUVET);

    @Test
    void aBareBoxRoomDoesNotFitAndSaysWhere() {
        Study study = Study.of(SpotsForTests.boxRoom(), SpotsForTests.NARRATION);

        assertThat(RoomVerdict.of(study).clear()).isFalse();
        assertThat(study.tooLong()).contains(1, 2, 3, 4, 5);
        assertThat(study.deadFrom()).isEmpty();
        assertThat(study.quietEnough()).isTrue();
        assertThat(study.week().orElseThrow().loudest())
                .isGreaterThan(study.week().orElseThrow().quietest() + 3);
    }

    @Test
    void whatIsMeasuredCountsBeforeWhatIsDrawn() {
        Study study = Study.of(SpotsForTests.boxRoom().withNoise(OptionalDouble.of(44)), SpotsForTests.NARRATION);

        assertThat(study.noiseDbA()).hasValue(44);
        assertThat(study.quietEnough()).isFalse();
    }

    @Test
    void theWorstIsTreatedFirstAndEveryStepHelps() {
        Room room = Rooms.boxRoom();
        List<TreatmentStep> steps = new Treatment(SpotsForTests.NARRATION, WARES).steps(room);

        assertThat(steps).hasSizeGreaterThanOrEqualTo(3);
        double worth = Double.POSITIVE_INFINITY;
        SixBands before = DrawnDecay.of(room).seconds();
        for (TreatmentStep step : steps) {
            assertThat(step.before()).isEqualTo(before);
            assertThat(step.gain()).isPositive();
            assertThat(step.price())
                    .isEqualTo(step.pieces()
                            * step.patch().material().ware().orElseThrow().price());
            assertThat(step.after().at(3)).isLessThanOrEqualTo(step.before().at(3) + 1e-9);
            before = step.after();
            worth = Math.min(worth, step.gain() / (step.price() + 8));
        }
        assertThat(steps.get(0).gain() / (steps.get(0).price() + 8)).isGreaterThanOrEqualTo(worth);
        Room treated = steps.get(steps.size() - 1).room();
        assertThat(DrawnDecay.of(treated).middleS())
                .isLessThan(0.5 * DrawnDecay.of(room).middleS());
        assertThat(treated.patches())
                .noneSatisfy(p -> assertThat(p.face() == Face.BACK
                                && p.material().use() == Material.Use.TREATMENT
                                && p.covers(0.5, 1))
                        .isTrue());
    }

    @Test
    void thickAbsorptionInTheCornerTakesTheBoomDown() {
        Room room = Rooms.box(2.4, 1.9, 2.45, Rooms.BRICK);
        BassTrap trap = BassTrap.of(room, WARES).orElseThrow();

        assertThat(trap.patch().material()).isEqualTo(Rooms.WOOL);
        assertThat(trap.patch().face()).isEqualTo(Face.BACK);
        assertThat(trap.patch().u()).isZero();
        assertThat(trap.thenDb()).isLessThan(trap.nowDb() - 1);
        assertThat(trap.price()).isEqualTo(trap.pieces() * 45);
        assertThat(BassTrap.of(room, List.of(Rooms.FOAM, Rooms.DUVET))).isEmpty();
    }

    @Test
    void aDeadRoomNeedsNothing() {
        Room dead = Rooms.box(2, 2, 2.2, Rooms.surface("all", .7, .8, .9, .9, .9, .9));

        assertThat(new Treatment(SpotsForTests.NARRATION, WARES).steps(dead)).isEmpty();
        assertThat(new Treatment(SpotsForTests.NARRATION, List.of(Rooms.BRICK)).steps(Rooms.boxRoom()))
                .isEmpty();
    }

    /** Thin foam does not cure bass: all walls full of it, and 125 Hz rings on. */
    @Test
    void thinFoamLeavesTheBass() {
        Room room = Rooms.box(2.4, 1.9, 2.45, Rooms.BRICK);
        Room foamed = room;
        for (Face face : Face.values()) {
            foamed = foamed.with(new Patch("p" + face, Rooms.THIN_FOAM, face, 0, 0, 3, 3));
        }
        SixBands after = DrawnDecay.of(foamed).seconds();

        assertThat(after.at(4)).isLessThan(0.1);
        assertThat(after.at(0)).isGreaterThan(4 * after.at(4));
    }

    /** None of it keeps the neighbour out: twice the absorption takes 3 dB of what comes through the floor. */
    @Test
    void absorptionHardlyKeepsTheNeighbourOut() {
        Spot bare = SpotsForTests.boxRoom();
        Room covered = bare.room();
        for (Face face : Face.values()) {
            covered = covered.with(new Patch("p" + face, Rooms.FOAM, face, 0, 0, 3, 3));
        }
        double before =
                Study.of(bare, SpotsForTests.NARRATION).week().orElseThrow().loudest();
        double after = Study.of(bare.with(covered), SpotsForTests.NARRATION)
                .week()
                .orElseThrow()
                .loudest();

        assertThat(before - after).isBetween(0.0, 9.0);
    }

    @Test
    void placesAreRankedForTheJob() {
        Room quiet = Rooms.box(1.2, 1.6, 2.2, Rooms.DUVET);
        List<Ranking> ranked = Ranking.of(List.of(
                Study.of(SpotsForTests.boxRoom(), SpotsForTests.NARRATION),
                Study.of(SpotsForTests.spot("wardrobe", quiet), SpotsForTests.NARRATION)));

        assertThat(ranked).extracting(r -> r.study().spot().id()).containsExactly("wardrobe", "box-room");
        assertThat(ranked.get(1).lacks()).startsWith(RoomProblem.DECAY).doesNotContain(RoomProblem.ECHO);
        assertThat(ranked.get(0).trouble().sum())
                .isLessThan(ranked.get(1).trouble().sum());
    }

    @Test
    void aMeasuredDecayCorrectsTheBuildingAndNotTheTreatment() {
        Room room = Rooms.boxRoom().with(new Patch("d", Rooms.DUVET, Face.LEFT, 0, 0, 1.35, 2));
        SixBands drawn = DrawnDecay.of(room).seconds();
        List<OptionalDouble> measured = IntStream.range(0, SixBands.COUNT)
                .mapToObj(b -> b == 0 ? OptionalDouble.empty() : OptionalDouble.of(drawn.at(b) * 0.7))
                .toList();
        Correction correction = Correction.toRing(room, measured);
        SixBands after = DrawnDecay.of(room.corrected(correction)).seconds();

        assertThat(correction.factors().at(0)).isEqualTo(1);
        for (int b = 1; b < SixBands.COUNT; b++) {
            assertThat(after.at(b)).isCloseTo(0.7 * drawn.at(b), within(0.01));
            assertThat(correction.factors().at(b)).isGreaterThan(1.2);
        }
        Room covered = Rooms.box(2, 2, 2, Rooms.DUVET).corrected(correction);
        assertThat(Absorption.of(covered).means())
                .isEqualTo(Absorption.of(covered.corrected(Correction.NONE)).means());
    }

    /** Normal effort at 1 m is 62.35 dB (ANSI S3.5-1997, from memory); a spread hand away 14 dB more. */
    @Test
    void theNoiseThatIsLetPassFollowsFromVoiceAndGap() {
        assertThat(Wanted.voiceDb(1)).isCloseTo(62.35, within(1e-9));
        assertThat(Wanted.voiceDb(0.2) - Wanted.voiceDb(1)).isCloseTo(13.98, within(0.005));
        assertThat(Wanted.noiseDbA(0.2, 40)).isCloseTo(62.35 + 13.98 - 40 - 6, within(0.005));
        assertThatThrownBy(() -> new Wanted(0, 30)).hasMessageContaining("0.05");
    }

    @Test
    void aDeskBelowTheReaderIsAnEcho() {
        Room desk = Rooms.boxRoom()
                .withFurniture(List.of(new Furniture("desk", Rooms.DESK, 0.6, 0.4, 1.2, 1.0, 0.85, false)))
                .placed(new Point(1.2, 1.0, 1.1), new Point(1.2, 0.85, 1.1));
        Study study = Study.of(SpotsForTests.spot("desk", desk), SpotsForTests.NARRATION);

        assertThat(study.echoes()).hasSize(1);
        assertThat(study.echoes().get(0).thing()).contains("desk");
    }

    @Test
    void measuredFiguresMustBeSix() {
        assertThatThrownBy(() -> new MeasuredDecay("x", List.of(), false, Optional.empty(), List.of()))
                .hasMessageContaining("six");
    }
}
