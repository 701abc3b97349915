package app.redlamp.core.setting.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.GainSchool;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is advised of controls whose curves and noises are known, and where the truth is found by trying every pair. */
class MarkAdviceTest {
    private static final double AIM_DBFS = GainSchool.MIDDLE.aimDbfs();

    /** How knobs go: levels of the line's average before a slider that does nothing. */
    private enum KnobTaper {
        EVEN,
        /** A potentiometer in the foot of the feedback: nearly all in the last quarter. */
        LAST_QUARTER,
        EARLY,
        LATE;

        double db(double mark) {
            return switch (this) {
                case EVEN -> -64 + 5.5 * mark;
                case LAST_QUARTER -> -58 + 20 * Math.log10(1 / (1 - 0.0995 * mark));
                case EARLY -> -70 + 60 * Math.pow(mark / 10, 0.6);
                case LATE -> -60 + 50 * Math.pow(mark / 10, 1.6);
            };
        }
    }

    /** How sliders go. */
    private enum SliderTaper {
        AMPLITUDE,
        CUBE,
        DECIBELS,
        /** All the way up is 30 dB more than nothing. */
        LIFTED;

        double db(double percent) {
            double share = Math.max(percent, 0.1) / 100;
            return switch (this) {
                case AMPLITUDE -> 20 * Math.log10(share);
                case CUBE -> 60 * Math.log10(share);
                case DECIBELS -> -30 + 0.3 * percent;
                case LIFTED -> -17 + 0.47 * percent;
            };
        }
    }

    private static Learnt learn(Desk desk, SplittableRandom random) {
        Learnt learnt = desk.learn(Learnt.nothing("box"), random);
        for (int i = 0; i < 8; i++) {
            Optional<Positions> further = advice(learnt).further();
            if (further.isEmpty()) {
                break;
            }
            learnt = desk.learn(learnt.with(desk.say(further.get(), random)), random);
        }
        return learnt;
    }

    private static MarkAdvice advice(Learnt learnt) {
        return MarkAdvice.of(
                learnt,
                GainSchool.MIDDLE,
                learnt.phrases().get(learnt.phrases().size() - 1).at());
    }

    /** The least noise of all pairs within what was heard, by trying them all. */
    private static double leastNoise(Desk desk, Learnt learnt) {
        MarkCurve slider = learnt.curve(Control.SLIDER).orElseThrow();
        double least = Double.MAX_VALUE;
        for (double k = learnt.curve(Control.KNOB).orElseThrow().lowest();
                k <= learnt.highestClean().orElseThrow();
                k += 0.1) {
            for (double s = slider.lowest(); s <= slider.highest(); s += 0.5) {
                Positions at = new Positions(k, s);
                if (Math.abs(desk.averageDbfs(at) + Desk.CREST_DB - AIM_DBFS) < 0.3) {
                    least = Math.min(least, desk.noiseDb(at));
                }
            }
        }
        return least;
    }

    /** Quiet and loud rooms, good and bad converters, a narrow path behind; said exactly alike, and up to 1.5 dB otherwise. */
    @ParameterizedTest
    @CsvSource({
        "-45, -100, -140, 0",
        "-60, -85, -110, 0",
        "-70, -75, -96, 0",
        "-70, -95, -80, 0",
        "-45, -100, -140, 1.5",
        "-60, -85, -110, 1.5",
        "-70, -75, -96, 1.5",
        "-70, -95, -80, 1.5"
    })
    void theLevelComesOutAndTheQuietPairIsFound(double room, double converter, double behind, double sway) {
        int pairs = 0;
        int all = 0;
        for (KnobTaper knob : KnobTaper.values()) {
            for (SliderTaper slider : SliderTaper.values()) {
                Desk desk = new Desk(knob::db, slider::db, room, converter, behind, sway);
                Learnt learnt = learn(desk, new SplittableRandom(17L * all + 3));
                MarkAdvice advice = advice(learnt);
                all++;
                if (advice.state() != MarkAdvice.State.FOUND && advice.best().isEmpty()) {
                    continue;
                }
                Positions to = advice.wanted().orElseThrow().at();
                assertThat(desk.averageDbfs(to) + Desk.CREST_DB)
                        .as("%s %s to %s", knob, slider, to)
                        .isCloseTo(AIM_DBFS, within(1.8 + 1.5 * sway));
                double least = leastNoise(desk, learnt);
                if (advice.best().isPresent() && least < 0) {
                    pairs++;
                    assertThat(desk.noiseDb(to) - least)
                            .as("%s %s noise at %s", knob, slider, to)
                            .isLessThan(MarkAdvice.WORTH_DB + 0.7 + 2 * sway);
                }
            }
        }
        assertThat(pairs).isGreaterThanOrEqualTo(all - 4);
    }

    /** A quiet room and a noisy converter: up with the knob, down with the slider; the other way costs what it costs. */
    @Test
    void theSayingsAreCheckedAndNotCopied() {
        Desk desk = new Desk(KnobTaper.EVEN::db, SliderTaper.DECIBELS::db, -70, -75, -130, 0);
        Learnt learnt = learn(desk, new SplittableRandom(1));
        MarkAdvice advice = advice(learnt);
        assertThat(learnt.highestClean().orElseThrow())
                .as("heard as high as it goes")
                .isGreaterThan(8.5);
        assertThat(advice.spreadDb()).isGreaterThan(3);
        for (MarkAdvice.Checked checked : advice.sayings()) {
            double truth = desk.averageDbfs(checked.at()) + Desk.CREST_DB;
            assertThat(checked.setting()).isPresent();
            assertThat(checked.changeDb()).isCloseTo(AIM_DBFS - truth, within(1.5));
            assertThat(checked.noisierDb().orElseThrow())
                    .isCloseTo(
                            desk.noiseDb(checked.at())
                                    - desk.noiseDb(advice.best().orElseThrow().at()),
                            within(1.0));
        }
        assertThat(advice.sayings().get(1).noisierDb().orElseThrow())
                .as("nearly down")
                .isGreaterThan(20);
    }

    /** The noise of the room goes through both: no pair is better than another, and nobody is sent about. */
    @ParameterizedTest
    @EnumSource(KnobTaper.class)
    void whereTheRoomIsWhatIsHeardEveryPairIsAlike(KnobTaper knob) {
        Desk desk = new Desk(knob::db, SliderTaper.LIFTED::db, -38, -110, -140, 0);
        Learnt learnt = learn(desk, new SplittableRandom(2));
        MarkAdvice advice = advice(learnt);
        assertThat(advice.best()).isPresent();
        assertThat(advice.spreadDb()).isLessThan(0.2);
        if (advice.state() == MarkAdvice.State.FOUND) {
            assertThat(advice.wanted()).isEqualTo(advice.turned());
        }
    }

    @Test
    void beforeThreeMarksNothingIsAdvised() {
        Desk desk = new Desk(KnobTaper.EVEN::db, SliderTaper.CUBE::db, -60, -100, -130, 0);
        Learnt two = Learnt.nothing("box")
                .with(desk.say(new Positions(1, 65), new SplittableRandom(1)))
                .with(desk.say(new Positions(4.5, 65), new SplittableRandom(1)));
        MarkAdvice advice = advice(two);
        assertThat(advice.state()).isEqualTo(MarkAdvice.State.LEARNING);
        assertThat(advice.wanted()).isEmpty();
        assertThat(advice.further()).isEmpty();
    }

    /** Somebody turned the slider as well, or said it half as loud: no advice is made of it. */
    @Test
    void whatContradictsItselfIsSaid() {
        Desk desk = new Desk(KnobTaper.EVEN::db, SliderTaper.CUBE::db, -60, -100, -130, 0);
        Learnt learnt = Learnt.nothing("box");
        for (double knob : new double[] {1, 4.5, 7.5}) {
            Phrase plain = desk.say(new Positions(knob, 65), new SplittableRandom(1));
            double by = knob == 4.5 ? -26 : 0;
            learnt = learnt.with(new Phrase(
                    plain.at(), plain.heard(), plain.averageDbfs() + by, plain.peakDbfs() + by, plain.floorDbfs()));
        }
        assertThat(advice(learnt).state()).isEqualTo(MarkAdvice.State.CONTRADICTS);
    }

    /** A fridge began to run between the lines: the noise follows no knob, and no pair is named for it. */
    @Test
    void noiseThatFollowsNothingNamesNoPair() {
        Desk desk = new Desk(KnobTaper.EVEN::db, SliderTaper.DECIBELS::db, -60, -110, -130, 0);
        Learnt learnt = learn(desk, new SplittableRandom(5));
        Learnt disturbed = learnt;
        for (Phrase phrase : learnt.phrases()) {
            if (phrase.plain() && phrase.at().knob() > 6) {
                disturbed = disturbed.with(new Phrase(
                        phrase.at(),
                        phrase.heard(),
                        phrase.averageDbfs(),
                        phrase.peakDbfs(),
                        OptionalDouble.of(phrase.floorDbfs().orElseThrow() + 15)));
            }
        }
        assertThat(advice(learnt).best()).isPresent();
        assertThat(advice(disturbed).best()).isEmpty();
        assertThat(Arrays.asList(MarkAdvice.State.FOUND, MarkAdvice.State.TOO_SOFT))
                .contains(advice(disturbed).state());
    }
}
