package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.decay.BandDecay;
import app.redlamp.core.acoustics.decay.BandDecay.Trust;
import app.redlamp.core.acoustics.decay.Burst;
import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.decay.EarlyEcho;
import app.redlamp.core.acoustics.decay.Flutter;
import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.diary.NoiseEvent;
import app.redlamp.core.acoustics.diary.NoiseGroup;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.outside.WhatIf;
import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Reflections;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Rooms;
import app.redlamp.core.acoustics.spot.Ranking;
import app.redlamp.core.acoustics.spot.RoomProblem;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.SpotsForTests;
import app.redlamp.core.acoustics.spot.StaleAir;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Treatment;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.chain.compare.Comparison;
import app.redlamp.core.measure.room.Reverberation;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class RoomWordingTest {
    private final Lengths lengths = new Lengths(Locale.UK, false);
    private final RoomWording rooms = new RoomWording(Locale.UK, lengths);
    private final ClapWording claps = new ClapWording(Locale.UK, lengths);

    private static Study study(Room room) {
        return Study.of(SpotsForTests.spot("room", room), SpotsForTests.NARRATION);
    }

    @Test
    void aBareRoomIsSaidToRingAndToBoom() {
        String verdict = rooms.verdict(study(Rooms.boxRoom()));

        assertThat(verdict)
                .startsWith("Too much reverb: 0.8")
                .contains("boxy at")
                .endsWith("where you sit.");
    }

    /** The hours of a box room and the minutes of a cupboard, in either school of degrees. */
    @Test
    void theAirBehindAClosedDoorIsSaidInMinutes() {
        assertThat(rooms.air(StaleAir.of(Rooms.boxRoom().space(), 1)))
                .contains("stuffy in about 2", "bad in about", "°C", "an estimate");
        String cupboard = new RoomWording(Locale.US, new Lengths(Locale.US, true)).air(new StaleAir(1, 6, 1, 0.3));
        assertThat(cupboard).contains("stuffy in about 2 min, bad in about 5", "°F");
        assertThat(rooms.air(new StaleAir(300, 300, 1, 2))).contains("open up now and then");
        assertThat(rooms.air(StaleAir.of(Rooms.boxRoom().space(), 2))).contains("2 people in it", "stuffy in about 1");
        assertThat(rooms.air(new StaleAir(80, 110, 1, 0.3)))
                .contains("stuffy in about")
                .doesNotContain("bad in");
    }

    @Test
    void aDeadQuietRoomIsToRecordIn() {
        Room dead = Rooms.box(1.3, 1.4, 1.5, Rooms.surface("cushions", .6, .8, .9, .9, .9, .9));

        assertThat(rooms.verdict(study(dead))).isEqualTo("Dead, even and quiet enough: record here.");
        Spot unknown = SpotsForTests.spot("room", dead).hearing(List.of());
        assertThat(rooms.verdict(Study.of(unknown, SpotsForTests.NARRATION))).contains("not known yet");
        assertThat(rooms.noise(Study.of(unknown, SpotsForTests.NARRATION))).startsWith("no noise");
    }

    @Test
    void aLoudRoomIsSaidToBeLoud() {
        Room dead = Rooms.box(1.3, 1.4, 1.5, Rooms.surface("cushions", .6, .8, .9, .9, .9, .9));
        Spot loud = SpotsForTests.spot("room", dead).withNoise(OptionalDouble.of(47));
        Study study = Study.of(loud, new Wanted(0.25, 32));

        assertThat(rooms.verdict(study)).isEqualTo("Dead enough, but 47 dB(A) even at its quietest.");
        assertThat(rooms.noise(study)).isEqualTo("47 dB(A) measured; wanted 32 or less");
        assertThat(Ranking.of(List.of(study)).get(0).lacks()).containsExactly(RoomProblem.NOISE);
        assertThat(rooms.reason(Ranking.of(List.of(study)).get(0))).startsWith("noise 47 dB(A)");
    }

    @Test
    void thinTreatmentIsSaidToLeaveTheBass() {
        List<TreatmentStep> steps =
                new Treatment(SpotsForTests.NARRATION, List.of(Rooms.THIN_FOAM)).steps(Rooms.boxRoom());

        assertThat(rooms.step(steps.get(0))).contains("thin foam on");
        assertThat(rooms.stepDetail(steps.get(0))).contains(" s to 0.").contains("leaves 125 Hz as it is");
    }

    @Test
    void waysAndChangesAreSaidInWords() {
        Boominess.Move move = new Boominess.Move(new Point(-0.2, 0.3, 0), 11.4, 5.6);

        assertThat(rooms.move(move)).isEqualTo("Move 20 cm towards the left wall and 30 cm towards the back wall");
        assertThat(rooms.moveDetail(move)).isEqualTo("the worst boom falls from 11 to 6 dB; costs nothing");
        Spot spot = SpotsForTests.boxRoom();
        WhatIf seal = new WhatIf(WhatIf.Kind.SEAL, "mixers", 30, 4.2);
        assertThat(rooms.whatIf(seal, spot.sources())).isEqualTo("Seal the gaps towards mixers below");
        assertThat(rooms.whatIfDetail(seal)).isEqualTo("4.2 dB less noise while it is on");
        assertThat(rooms.size(spot.room().space())).isEqualTo("2.40 × 1.90 × 2.45 m");
        assertThat(new RoomWording(Locale.US, new Lengths(Locale.US, true))
                        .size(spot.room().space()))
                .isEqualTo("7 ft 10.5 in × 6 ft 3 in × 8 ft 0.5 in");
    }

    @Test
    void theFormulaThatCountsIsNamedWithItsReason() {
        assertThat(rooms.trust(study(Rooms.boxRoom()))).startsWith("Sabine’s formula holds: the room absorbs 0.06");
        assertThat(rooms.trust(study(Rooms.box(2, 2, 2, Rooms.DUVET)))).startsWith("Eyring’s formula holds");
        assertThat(rooms.trust(study(Rooms.box(3.6, 2.8, 2.4, Rooms.PLASTERBOARD, Rooms.CARPET, Rooms.FOAM))))
                .startsWith("Neither");
    }

    private static Clap clap(Optional<Flutter> flutter, boolean clipped, int count) {
        BandDecay band = new BandDecay(
                OptionalDouble.of(0.4),
                OptionalDouble.of(0.42),
                OptionalDouble.empty(),
                38,
                0.3,
                false,
                Trust.GOOD,
                Trust.FAIR,
                Trust.NONE);
        return new Clap(new Burst(0, 1000, 50, clipped, count, 2), Collections.nCopies(6, band), flutter, List.of());
    }

    @Test
    void aClapIsSaidWithItsTrustAndItsFaults() {
        Clap clap = clap(Optional.of(new Flutter(14, 0.5)), true, 3);

        assertThat(claps.verdict(clap))
                .isEqualTo("Reverb time 0.42 s at 500 Hz, with a flutter echo between two hard sides.");
        assertThat(claps.band(2, clap.bands().get(2)))
                .isEqualTo(
                        "500 Hz: EDT 0.40 s, T20 0.42 s, T30 – s; fair: near the noise, good to compare by, 38 dB over"
                                + " the noise");
        assertThat(claps.notes(clap, 343.2146))
                .containsExactly(
                        "3 claps; number 2 stands out furthest from the noise and is used",
                        "the clap clips: its early decay and its echoes cannot be trusted; step further away or turn down",
                        "rattle every 14.0 ms: two hard sides 2.40 m apart");
    }

    @Test
    void aRattleIsMatchedToTheSidesThatAreSoFarApart() {
        Room room = Rooms.boxRoom();

        assertThat(claps.flutter(new Flutter(14, 0.5), room))
                .contains("between the left wall and the right wall, 2.40 m apart");
        assertThat(claps.flutter(new Flutter(20, 0.5), room)).isEmpty();
    }

    @Test
    void anEchoIsMatchedToWhatIsDrawn() {
        Room room = Rooms.boxRoom().with(new Patch("d", Rooms.DUVET, Face.LEFT, 0, 0, 1.9, 2));
        double left = Reflections.of(room).stream()
                .filter(r -> r.face() == Face.LEFT)
                .findFirst()
                .orElseThrow()
                .delayMs();

        assertThat(claps.echo(new EarlyEcho(left + 0.1, -12), room, Reflections.of(room)))
                .endsWith("further: the duvet on the left wall");
        assertThat(claps.echo(new EarlyEcho(1.0, -12), room, Reflections.of(room)))
                .endsWith("nothing that is drawn");
    }

    @Test
    void beforeAndAfterAreSaidAtEqualLoudness() {
        Comparison better = new Comparison(1, side(-50, 9), side(-61, 15));

        assertThat(claps.comparison(better))
                .isEqualTo("At equal loudness: 11 dB less noise, the voice stands 6 dB clearer in the room.");
        assertThat(claps.comparison(new Comparison(0, side(-50, 9), side(-50.3, 10))))
                .isEqualTo("At equal loudness nothing changed that could be heard.");
    }

    @Test
    void whatIsNotListedIsSaid() {
        Diary many = new Diary(3600, -60, List.of(), List.of(), List.of(), List.of(), 12);
        NoiseEvent one = new NoiseEvent(0, 40, NoiseEvent.Kind.HUM, -60, 4, 27, OctaveLevels.silence());
        Diary listed = new Diary(3600, -60, List.of(), List.of(), List.of(one), List.of(), 12);

        assertThat(claps.diary(listed)).contains("13 times something rose").endsWith("The 1 loudest are listed.");
        assertThat(many.disturbed()).isZero();
    }

    @Test
    void anEchoIsSaidWithWhatItTakesAway() {
        Study study = study(Rooms.boxRoom());
        String said = rooms.reflection(study.spot().room(), study.reflections().get(0));

        assertThat(said).startsWith("the back wall: ").contains("ms late").contains(" dB away at ");
    }

    @Test
    void aFridgeIsSaidWithItsRhythm() {
        NoiseEvent one = new NoiseEvent(0, 40, NoiseEvent.Kind.HUM, -60, 4, 27, OctaveLevels.silence());
        NoiseGroup fridge = new NoiseGroup(List.of(one, one, one), OptionalDouble.of(150));

        assertThat(claps.group(fridge)).isEqualTo("hum, 3 times, 40 s long, 27 dB over the quiet, every 2.5 min");
        assertThat(claps.group(new NoiseGroup(List.of(one), OptionalDouble.empty())))
                .isEqualTo("hum, once, 40 s long, 27 dB over the quiet");
    }

    private static Comparison.Side side(double floor, double clarity) {
        return new Comparison.Side(
                -20,
                OptionalDouble.of(floor),
                List.of(),
                List.of(),
                Reverberation.heard(new Reverberation.Told(clarity, 3), Optional.empty()),
                OptionalDouble.empty(),
                OptionalDouble.empty());
    }
}
