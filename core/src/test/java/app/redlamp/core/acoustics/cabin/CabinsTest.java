package app.redlamp.core.acoustics.cabin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Rooms;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.SpotsForTests;
import app.redlamp.core.acoustics.spot.StaleAir;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Treatment;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class CabinsTest {
    private static final OctaveLevels TWENTY = OctaveLevels.each(b -> 20);

    private static Cabin cabin(String id, OctaveLevels keepsOut, double price) {
        return new Cabin(
                id,
                new Cabin.Shell(new Space(1.2, 1.2, 2.0), 0.08, Rooms.FOAM, Rooms.CARPET, 300),
                keepsOut,
                new Cabin.Ventilation(OptionalDouble.empty(), 6),
                new Cabin.Offer("Booth " + id, price, "test", ""));
    }

    private static Study study(Spot spot) {
        return Study.of(spot, SpotsForTests.NARRATION);
    }

    private static Spot measured(double dbA) {
        return SpotsForTests.boxRoom().hearing(List.of()).withNoise(OptionalDouble.of(dbA));
    }

    private static CabinChoice only(Study study, Cabin cabin) {
        return Cabins.of(study, List.of(), List.of(cabin), 1).get(1);
    }

    /** 45 dB(A) less 20 in every octave are 25, whatever the noise is made of; with a fan of as much, 3 dB more (by definition). */
    @Test
    void noiseInsideIsThatOutsideLessWhatIsKeptOutAndTheFan() {
        Study study = study(measured(45));
        CabinChoice shut = only(study, cabin("a", TWENTY, 2000));
        assertThat(shut.noiseDbA().orElseThrow()).isCloseTo(25, within(1e-9));
        CabinChoice blown =
                only(study, cabin("a", TWENTY, 2000).aired(new Cabin.Ventilation(OptionalDouble.of(25), 6)));
        assertThat(blown.noiseDbA().orElseThrow()).isCloseTo(25 + 10 * Math.log10(2), within(1e-9));
        CabinChoice now = Cabins.of(study, List.of(), List.of(), 1).get(0);
        assertThat(shut.quieterDb(now).orElseThrow()).isCloseTo(20, within(1e-9));
        assertThat(shut.noisePrice(now).orElseThrow()).isCloseTo(100, within(1e-9));
        assertThat(shut.quietHours())
                .as("of a single figure no hours are known")
                .isEmpty();
    }

    /** Rumble gets in where thin walls let it: the same figures at the treble help a bakery little. */
    @Test
    void whatNoiseIsMadeOfDecides() {
        Cabin thin = cabin("thin", OctaveLevels.of(2, 4, 9, 16, 24, 30, 34, 34), 1500);
        Study mixers = study(SpotsForTests.boxRoom());
        double rumble = only(mixers, thin)
                .quieterDb(Cabins.of(mixers, List.of(), List.of(), 1).get(0))
                .orElseThrow();
        Study fan = study(measured(45));
        double treble = only(fan, thin)
                .quieterDb(Cabins.of(fan, List.of(), List.of(), 1).get(0))
                .orElseThrow();
        assertThat(rumble).isLessThan(treble);
    }

    /** The mixers run from four to eight: of sixteen hours by day one is lost, and a booth gives it back. */
    @Test
    void quietHoursOfAWeekAreCounted() {
        Study study = study(SpotsForTests.boxRoom());
        List<CabinChoice> all = Cabins.of(study, List.of(), List.of(cabin("a", TWENTY, 2000)), 1);
        assertThat(all.get(0).quietHours()).hasValue(7 * 15);
        assertThat(all.get(1).quietHours()).hasValue(7 * 16);
    }

    /** 1.2 × 1.2 × 2 m lined with foam: Eyring by hand at 500 Hz is 0.161 V / (−S ln(1 − ᾱ)). */
    @Test
    void aBoothSoundsAsASmallRoomDoes() {
        CabinChoice choice = only(study(SpotsForTests.boxRoom()), cabin("a", TWENTY, 2000));
        double volume = 1.2 * 1.2 * 2.0;
        double floor = 1.2 * 1.2;
        double surface = 2 * floor + 4 * 1.2 * 2.0;
        double mean = ((surface - floor) * 0.91 + floor * 0.57) / surface;
        assertThat(choice.decayS()).isCloseTo(0.161 * volume / (-surface * Math.log(1 - mean)), within(0.01));
        assertThat(choice.staleMinutes())
                .as("six litres a second are enough for one")
                .isEmpty();
    }

    @Test
    void clothAndWoolStandBesideIt() {
        Study study = study(SpotsForTests.boxRoom());
        List<TreatmentStep> steps = new Treatment(SpotsForTests.NARRATION, List.of(Rooms.FOAM, Rooms.DUVET))
                .steps(study.spot().room());
        List<CabinChoice> all =
                Cabins.of(study, steps, List.of(cabin("dear", TWENTY, 4000), cabin("cheap", TWENTY, 900)), 1);
        assertThat(all).extracting(CabinChoice::way).startsWith(CabinChoice.Way.AS_IT_IS, CabinChoice.Way.TREATED);
        assertThat(all.get(1).price())
                .isEqualTo(steps.stream().mapToDouble(TreatmentStep::price).sum());
        assertThat(all.get(1).decayS()).isLessThan(all.get(0).decayS());
        assertThat(all.get(1).roomPrice(all.get(0)).orElseThrow())
                .isLessThan(all.get(2).roomPrice(all.get(0)).orElseThrow());
        assertThat(all.get(2).cabin().orElseThrow().id()).isEqualTo("cheap");
        assertThat(all.get(0).noisePrice(all.get(0))).isEmpty();
    }

    @Test
    void itMustStandInTheRoom() {
        Cabin cabin = cabin("a", TWENTY, 2000);
        assertThat(cabin.fits(new Space(2.4, 1.9, 2.45))).isTrue();
        assertThat(cabin.fits(new Space(2.4, 1.4, 2.45)))
                .as("walls on both sides")
                .isFalse();
        assertThat(cabin.fits(new Space(2.4, 1.9, 2.2))).as("under the ceiling").isFalse();
        Cabin deep = cabin.made(cabin.shell().sized(new Space(2.0, 1.2, 2.0)));
        assertThat(deep.fits(new Space(1.6, 2.4, 2.45))).as("turned round").isTrue();
    }

    /** 6 l/s and two people: 0.0374 m³/h into 0.3 · 3 + 21.6 m³/h are 1662 ppm over 420 (worked by hand). */
    @Test
    void aFanKeepsTheAirFresh() {
        StaleAir shut = new StaleAir(3, 14, 2, 0.3);
        assertThat(shut.minutesTo(StaleAir.STALE_PPM).orElseThrow()).isLessThan(20);
        assertThat(shut.aired(6).minutesTo(2090)).isEmpty();
        assertThat(shut.aired(6).minutesTo(2070)).isPresent();
        assertThat(new StaleAir(3, 14, 1, 0.3).aired(6).minutesTo(StaleAir.STALE_PPM))
                .isEmpty();
    }

    @Test
    void whatNoBoothIsIsRefused() {
        Cabin cabin = cabin("a", TWENTY, 2000);
        assertThatThrownBy(() -> cabin.as(" ")).hasMessageContaining("needs an id");
        assertThatThrownBy(() -> cabin.offer().called(" ")).hasMessageContaining("an offer needs a name");
        assertThatThrownBy(() -> cabin.offer().priced(Double.NaN)).hasMessageContaining("price between");
        assertThatThrownBy(() -> cabin.shell().walled(0)).hasMessageContaining("walls of 0.0 m");
        assertThatThrownBy(() -> new Cabin.Ventilation(OptionalDouble.empty(), 300))
                .hasMessageContaining("200 l/s");
        assertThatThrownBy(() -> cabin.keepingOut(OctaveLevels.each(b -> 95)))
                .hasMessageContaining("keeps out 95.0 dB");
    }
}
