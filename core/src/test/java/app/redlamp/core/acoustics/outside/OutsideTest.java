package app.redlamp.core.acoustics.outside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.SixBands;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class OutsideTest {
    private static final SixBands AREAS = SixBands.all(10);
    private static final Barrier WALL = new Barrier("wall", 50, 10, 0);

    static OutsideSource source(String id, double dbA, Optional<Barrier> barrier, Hours... hours) {
        return new OutsideSource(id, id, Timbre.FAN, dbA, 1, barrier, List.of(hours));
    }

    private static LocalTime at(int hour) {
        return LocalTime.of(hour, 0);
    }

    /** Hand arithmetic: two equal noises are 3.01 dB louder, one 10 dB below adds 0.41 dB. */
    @Test
    void powersAdd() {
        OctaveLevels forty = OctaveLevels.each(b -> 40);

        assertThat(forty.and(forty).at(3)).isCloseTo(43.01, within(0.005));
        assertThat(forty.and(forty.plus(-10)).at(3)).isCloseTo(40.41, within(0.005));
    }

    /** A-weighting of IEC 61672-1 at the octaves by hand: 1 kHz alone counts in full, 63 Hz alone 26.2 dB less. */
    @ParameterizedTest
    @CsvSource({"0,-26.2", "1,-16.1", "2,-8.6", "3,-3.2", "4,0", "5,1.2", "6,1.0", "7,-1.1"})
    void octavesAreWeighted(int band, double weight) {
        OctaveLevels one = OctaveLevels.each(b -> b == band ? 60 : OctaveLevels.SILENCE_DB);

        assertThat(one.dbA()).isCloseTo(60 + weight, within(0.1));
    }

    /** NR 25 at 63 Hz is 55.2 dB and at 1 kHz 25 dB (table of ISO/R 1996, from memory). */
    @Test
    void noiseRatingIsThatOfTheWorstOctave() {
        assertThat(OctaveLevels.noiseRatingDb(25, 0)).isCloseTo(55.2, within(0.1));
        assertThat(OctaveLevels.noiseRatingDb(25, 4)).isCloseTo(25, within(1e-9));
        OctaveLevels curve = OctaveLevels.each(b -> OctaveLevels.noiseRatingDb(30, b));
        assertThat(curve.noiseRating()).isCloseTo(30, within(1e-9));
        OctaveLevels hump = OctaveLevels.each(b -> OctaveLevels.noiseRatingDb(30, b) + (b == 2 ? 9.3 : -3));
        assertThat(hump.noiseRating()).isCloseTo(40, within(1e-9));
    }

    /** Hand arithmetic: 10 kg/m² at 500 Hz: 20 log 5000 − 47 = 26.98 dB; twice the mass or the frequency 6.02 dB more. */
    @Test
    void theMassLawIsTheHandbooks() {
        assertThat(Barrier.massLawDb(10, 500)).isCloseTo(26.98, within(0.005));
        assertThat(Barrier.massLawDb(20, 500) - Barrier.massLawDb(10, 500)).isCloseTo(6.02, within(0.005));
        assertThat(Barrier.massLawDb(10, 1000) - Barrier.massLawDb(10, 500)).isCloseTo(6.02, within(0.005));
        assertThat(Barrier.massLawDb(0.5, 63)).isZero();
    }

    /** A hundredth of the area open lets a hundredth through: never more than 20 dB, whatever the wall weighs. */
    @Test
    void aGapSpoilsTheHeaviestWall() {
        Barrier heavy = new Barrier("wall", 400, 10, 1);

        assertThat(heavy.lossDb(4)).isCloseTo(20, within(0.1));
        assertThat(heavy.sealed().lossDb(4)).isCloseTo(40, within(0.2));
        assertThat(new Barrier("wall", 400, 10, 0).lossDb(4)).isCloseTo(Barrier.massLawDb(400, 1000), within(1e-9));
    }

    /** Hand arithmetic at 1 kHz: L − R + 10 log(S/A) with S = A = 10 m² and R = 20 log(50 · 1000) − 47 = 46.98 dB. */
    @Test
    void throughAWallComesWhatTheHandbookSays() {
        OutsideSource outside = source("a", 80, Optional.of(WALL), Hours.always());
        double there = Timbre.FAN.at(80).at(4);

        assertThat(outside.inRoom(AREAS).at(4)).isCloseTo(there - 46.98, within(0.005));
        assertThat(outside.at(2).inRoom(AREAS).at(4)).isCloseTo(there - 46.98 - 6.02, within(0.01));
        assertThat(outside.inRoom(SixBands.all(20)).at(4)).isCloseTo(there - 46.98 - 3.01, within(0.01));
    }

    /** In the room: direct 0 dB at 1 m, reverberation 10 log 4π + 10 log(4/10) = 7.01 dB over it; together 7.80 dB. */
    @Test
    void whatIsInTheRoomIsHeardTwice() {
        OutsideSource computer = source("a", 30, Optional.empty(), Hours.always());

        assertThat(computer.inRoom(AREAS).at(4) - Timbre.FAN.at(30).at(4)).isCloseTo(7.80, within(0.01));
    }

    @ParameterizedTest
    @EnumSource(Timbre.class)
    void aTimbreHasTheLevelItIsGiven(Timbre timbre) {
        assertThat(timbre.at(47).dbA()).isCloseTo(47, within(1e-9));
    }

    @Test
    void theWeekKnowsWhenTheMixersRun() {
        OutsideSource rest = source("rest", 22, Optional.empty(), Hours.always());
        Hours early = new Hours(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.SATURDAY), at(4), at(8));
        OutsideSource mixers = source("mixers", 50, Optional.empty(), early);
        WeekNoise week = WeekNoise.of(List.of(rest, mixers), AREAS).orElseThrow();

        double quiet = rest.inRoom(AREAS).dbA();
        assertThat(week.at(DayOfWeek.MONDAY, 7)).isCloseTo(quiet, within(1e-9));
        assertThat(week.at(DayOfWeek.MONDAY, 8)).isGreaterThan(quiet + 27);
        assertThat(week.at(DayOfWeek.SUNDAY, 8)).isCloseTo(quiet, within(1e-9));
        assertThat(week.quietest()).isCloseTo(quiet, within(1e-9));
        assertThat(week.spectrum(List.of(rest, mixers), DayOfWeek.MONDAY, 8).dbA())
                .isCloseTo(week.at(DayOfWeek.MONDAY, 8), within(1e-9));
        List<WeekNoise.Quiet> stretches = week.quiet(quiet + 3, at(7), at(23));
        assertThat(stretches).hasSize(7);
        assertThat(stretches.get(0)).isEqualTo(new WeekNoise.Quiet(DayOfWeek.MONDAY, at(8), at(23), week.quietest()));
        assertThat(stretches.get(6).from()).isEqualTo(at(7));
    }

    /** A quarter of a half hour counts a quarter of its power: 10 log ¼ = −6.02 dB. */
    @Test
    void partOfAHalfHourCountsInPart() {
        Hours shortly = Hours.daily(LocalTime.of(12, 0), LocalTime.of(12, 7, 30));
        Hours quarter = Hours.daily(LocalTime.of(12, 0), LocalTime.of(12, 15));
        OutsideSource one = source("a", 60, Optional.empty(), quarter);
        WeekNoise week = WeekNoise.of(List.of(one), AREAS).orElseThrow();

        assertThat(week.at(DayOfWeek.TUESDAY, 24)).isCloseTo(one.inRoom(AREAS).dbA() - 3.01, within(0.005));
        assertThat(shortly.minutesIn(DayOfWeek.MONDAY, 720, 750)).isEqualTo(7);
    }

    @Test
    void hoursMayGoOverMidnight() {
        Hours night = new Hours(EnumSet.of(DayOfWeek.SUNDAY), at(22), at(6));

        assertThat(night.minutesIn(DayOfWeek.SUNDAY, 22 * 60, 24 * 60)).isEqualTo(120);
        assertThat(night.minutesIn(DayOfWeek.MONDAY, 0, 8 * 60)).isEqualTo(360);
        assertThat(night.minutesIn(DayOfWeek.SUNDAY, 0, 8 * 60)).isZero();
        assertThat(Hours.always().minutesIn(DayOfWeek.FRIDAY, 0, 1440)).isEqualTo(1440);
    }

    @Test
    void everyChangeIsCountedAgainstAllNoise() {
        OutsideSource rest = source("rest", 20, Optional.empty(), Hours.always());
        OutsideSource mixers = new OutsideSource(
                "mixers",
                "mixers",
                Timbre.RUMBLE,
                75,
                3,
                Optional.of(new Barrier("floor", 200, 6, 0.5)),
                List.of(Hours.daily(at(4), at(8))));
        List<WhatIf> changes = WhatIf.of(List.of(rest, mixers), AREAS, 20);

        assertThat(changes).extracting(WhatIf::source).containsOnly("mixers");
        assertThat(changes.get(0).kind()).isEqualTo(WhatIf.Kind.ANOTHER_HOUR);
        WhatIf far = changes.stream()
                .filter(w -> w.kind() == WhatIf.Kind.TWICE_AS_FAR)
                .findFirst()
                .orElseThrow();
        assertThat(far.thenDbA()).isCloseTo(mixers.inRoom(AREAS).dbA() - 6.02, within(0.005));
        assertThat(far.gainDb()).isBetween(1.0, 6.02);
        assertThat(WhatIf.of(List.of(), AREAS, 20)).isEmpty();
        assertThat(WhatIf.of(List.of(rest, mixers), AREAS, 70)).isEmpty();
        assertThat(WeekNoise.of(List.of(), AREAS)).isEmpty();
    }

    @Test
    void aDayWithoutAnHourOfQuietHasNone() {
        OutsideSource loud = source("a", 60, Optional.empty(), Hours.always());

        assertThat(WeekNoise.of(List.of(loud), AREAS).orElseThrow().quiet(30, at(7), at(23)))
                .isEmpty();
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> new Barrier("w", 0, 1, 0)).hasMessageContaining("kg/m²");
        assertThatThrownBy(() -> new Barrier("w", 10, 1, Double.NaN)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> source("a", 200, Optional.empty())).hasMessageContaining("140");
        assertThatThrownBy(() -> new Hours(EnumSet.noneOf(DayOfWeek.class), at(1), at(2)))
                .hasMessageContaining("day");
        assertThatThrownBy(() -> OctaveLevels.of(1, 2, 3)).hasMessageContaining("eight");
    }

    /** IEC 61260-1, base ten (from memory): the octave of 1 kHz goes from 707.95 to 1412.54 Hz; the eight end at 44.67 and 11220.2 Hz. */
    @ParameterizedTest
    @CsvSource({"707.9,3", "708.0,4", "1412.5,4", "1412.6,5", "44.6,-1", "44.7,0", "11220,7", "11221,-1"})
    void everyFrequencyHasItsOctave(double hz, int band) {
        assertThat(OctaveLevels.bandOf(hz)).isEqualTo(band);
    }
}
