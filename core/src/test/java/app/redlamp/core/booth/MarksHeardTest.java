package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.marks.Control;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkAdvice;
import app.redlamp.core.setting.marks.MarkCurve;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Knob and slider of simulated devices are learnt from what is heard in the booth; what they really do is known. */
class MarksHeardTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);
    private static final int SECONDS = 8;

    private static Report heard(Chain base, Positions at, long seed) {
        Chain now = base.gained(Taper.gainDb(base.preamp(), Scale.TEN.share(at.knob())));
        Stand stand = Booths.stand().with(now).slid(Taper.sliderDb(Scale.PERCENT.share(at.slider())));
        return Booths.heard(Booths.of(stand).seeded(seed), TAPE, SECONDS).report();
    }

    private static Chain converted(int bits, double dynamicDb, double distanceM) {
        Chain usual = Booths.chain();
        return new Chain(
                usual.voice(),
                usual.position().at(distanceM),
                usual.room(),
                usual.capsule(),
                usual.lead(),
                usual.booster(),
                usual.preamp(),
                usual.gainDb(),
                new Converter(bits, dynamicDb),
                usual.finishing());
    }

    private static Learnt learn(Chain base, long seed) {
        Learnt learnt = Learnt.nothing("booth");
        long chance = seed;
        for (int i = 0; i < 14; i++) {
            Learnt now = learnt;
            Optional<Positions> next = now.next()
                    .or(() -> now.phrases().isEmpty()
                            ? Optional.empty()
                            : advice(now).further());
            if (next.isEmpty()) {
                break;
            }
            learnt = learnt.with(Phrase.of(next.get(), heard(base, next.get(), ++chance)));
        }
        return learnt;
    }

    private static MarkAdvice advice(Learnt learnt) {
        return MarkAdvice.of(
                learnt,
                GainSchool.MIDDLE,
                learnt.phrases().get(learnt.phrases().size() - 1).at());
    }

    /** Another line of the same reader peaks where it should, within what lines differ by. */
    @ParameterizedTest
    @CsvSource({"24, 110, 0.18", "16, 90, 0.12", "16, 75, 0.3", "24, 100, 0.25"})
    void whereTheMarksAreAdvisedTheLinePeaksAsWanted(int bits, double dynamicDb, double distanceM) {
        Chain base = converted(bits, dynamicDb, distanceM);
        Learnt learnt = learn(base, 40);
        MarkAdvice advice = advice(learnt);
        Positions to = advice.wanted().orElseThrow().at();
        Report there = heard(base, to, 977);
        assertThat(there.samplePeakDbfs().orElseThrow())
                .as("at %s", to)
                .isCloseTo(GainSchool.MIDDLE.aimDbfs(), within(3.5));
        MarkCurve knob = learnt.curve(Control.KNOB).orElseThrow();
        Preamp preamp = base.preamp();
        double truth = Taper.gainDb(preamp, Scale.TEN.share(knob.highest()))
                - Taper.gainDb(preamp, Scale.TEN.share(knob.lowest()));
        assertThat(knob.mostDb() - knob.leastDb()).isCloseTo(truth, within(3.0));
        MarkCurve slider = learnt.curve(Control.SLIDER).orElseThrow();
        assertThat(slider.mostDb() - slider.leastDb())
                .isCloseTo(
                        Taper.sliderDb(Scale.PERCENT.share(slider.highest()))
                                - Taper.sliderDb(Scale.PERCENT.share(slider.lowest())),
                        within(3.0));
    }

    /** With a converter of 75 dB "nearly down" costs more than 10 dB; what a take there measures says the same. */
    @Test
    void aSayingThatCostsNoiseIsFoundOut() {
        Chain base = converted(16, 75, 0.18);
        Learnt learnt = learn(base, 7);
        MarkAdvice advice = advice(learnt);
        Positions up = advice.sayings().get(0).at();
        Positions down = advice.sayings().get(1).at();
        Phrase high = Phrase.of(up, heard(base, up, 31));
        Phrase low = Phrase.of(down, heard(base, down, 32));
        double measured = (low.floorDbfs().orElseThrow() - low.averageDbfs())
                - (high.floorDbfs().orElseThrow() - high.averageDbfs());
        double said = advice.sayings().get(1).noisierDb().orElseThrow()
                - advice.sayings().get(0).noisierDb().orElseThrow();
        assertThat(measured).isGreaterThan(10);
        assertThat(said).isCloseTo(measured, within(4.0));
    }

    @Test
    void theSimulatedKnobGoesThereAndBack() {
        Preamp preamp = Booths.chain().preamp();
        for (double share = 0; share <= 1; share += 0.05) {
            assertThat(Taper.knobShare(preamp, Taper.gainDb(preamp, share))).isCloseTo(share, within(1e-9));
        }
        assertThat(Taper.sliderDb(1)).isZero();
        assertThat(Taper.sliderDb(0.5)).isCloseTo(-18.06, within(0.01));
    }
}
