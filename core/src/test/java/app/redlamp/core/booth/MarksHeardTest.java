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
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Knob and slider of simulated devices are learnt from what is heard in the booth; what they really do is known. */
class MarksHeardTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);
    private static final int QUIET_S = 2;
    private static final int LINE_S = 6;

    /** Two seconds of quiet, and six of the loudest line. */
    private static Phrase heard(Chain base, Positions at, long seed) {
        Chain now = base.gained(Taper.gainDb(base.preamp(), Scale.TEN.share(at.knob())));
        Stand stand = Booths.stand().with(now).slid(Taper.sliderDb(Scale.PERCENT.share(at.slider())));
        BoothStream stream = new BoothStream(Booths.of(stand).seeded(seed), List.of(TAPE));
        Report quiet = Booths.measured(stream, Cue.STILL, QUIET_S);
        return Phrase.of(at, quiet, Booths.measured(stream, Cue.LOUDEST, LINE_S));
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
            learnt = learnt.with(heard(base, next.get(), ++chance));
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
        Phrase there = heard(base, to, 977);
        assertThat(there.peakDbfs()).as("at %s", to).isCloseTo(GainSchool.MIDDLE.aimDbfs(), within(3.5));
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

    /** With a converter of 85 dB one saying cuts the line off, and the other costs noise: takes there say the same. */
    @Test
    void sayingsAreFoundOut() {
        Chain base = converted(16, 85, 0.18);
        MarkAdvice advice = advice(learn(base, 7));
        MarkAdvice.Checked up = advice.sayings().get(0);
        MarkAdvice.Checked down = advice.sayings().get(1);
        assertThat(up.cut()).isTrue();
        assertThat(heard(base, up.at(), 31).heard()).isEqualTo(Phrase.Heard.CUT);
        double measured = noise(heard(base, down.at(), 32))
                - noise(heard(base, advice.best().orElseThrow().at(), 33));
        assertThat(measured).isGreaterThan(10);
        assertThat(down.noisierDb().orElseThrow()).isCloseTo(measured, within(4.0));
    }

    private static double noise(Phrase phrase) {
        return phrase.floorDbfs().orElseThrow() - phrase.averageDbfs();
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
