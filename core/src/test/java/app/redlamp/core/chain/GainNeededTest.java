package app.redlamp.core.chain;

import static app.redlamp.core.chain.Chains.chain;
import static app.redlamp.core.chain.Chains.dynamic;
import static app.redlamp.core.chain.Chains.typical;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.kit.Parts;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** How much gain a microphone needs, and whether a preamp has it. */
class GainNeededTest {
    /** Common practice, no source: a dynamic of 1.5 mV/Pa at 5 to 10 cm needs about 60 dB. */
    @Test
    void aLowOutputDynamicNeedsAboutSixtyDecibels() {
        double sum = 0;
        for (VocalEffort effort : new VocalEffort[] {VocalEffort.QUIET, VocalEffort.NORMAL}) {
            for (double distance : new double[] {0.05, 0.075, 0.10}) {
                Chain chain = typical(dynamic(), distance).spoken(new Voice(effort, effort, 15));
                double needed = chain.neededGainDb(Parts.MIDDLE);
                assertThat(needed).isBetween(51.0, 67.5);
                sum += needed;
            }
        }
        assertThat(sum / 6).isCloseTo(60, within(2.0));
    }

    /** Common practice, no source: a condenser of 15 to 25 mV/Pa at 15 to 20 cm needs about 30 to 40 dB. */
    @Test
    void aCondenserNeedsThirtyToForty() {
        for (double sensitivity : new double[] {15, 20, 25}) {
            for (double distance : new double[] {0.15, 0.20}) {
                Capsule capsule = new Capsule(Pattern.CARDIOID, sensitivity, OptionalDouble.of(12), 130, 150);
                Chain chain = typical(capsule, distance);
                assertThat(chain.neededGainDb(Parts.MIDDLE)).isBetween(30.0, 42.0);
            }
        }
    }

    @Test
    void theGainPutsTheLoudestLineWhereItIsWanted() {
        Chain set = chain(dynamic(), 0.075, 0).set(Parts.MIDDLE);
        assertThat(SignalPath.of(set).loudestPeakDbfs()).isCloseTo(-9, within(1e-6));
        // The school that edits later wants the average at −18 and no peak over −12: here the peaks decide.
        Chain edited = chain(dynamic(), 0.075, 0).set(GainSchool.EDITED);
        assertThat(SignalPath.of(edited).loudestPeakDbfs()).isCloseTo(-12.5, within(1e-6));
        // A voice without peaks is held by its average.
        Chain flat = chain(dynamic(), 0.075, 0).spoken(new Voice(VocalEffort.NORMAL, VocalEffort.NORMAL, 4));
        SignalPath held = SignalPath.of(flat.set(GainSchool.EDITED));
        assertThat(held.node(Node.Stage.CONVERTER).orElseThrow().averageDb()).isCloseTo(-18, within(1e-6));
    }

    @Test
    void whetherThereIsEnoughGain() {
        Preamp small = new Preamp(0, 40, -127, 4, 10, 3000);
        assertThat(fit(dynamic(), small).verdict()).isEqualTo(GainFit.Verdict.SHORT);
        // 47.23 dB are needed, by hand; 40 are there.
        assertThat(fit(dynamic(), small).shortDb()).isCloseTo(7.232, within(0.01));
        assertThat(fit(dynamic(), new Preamp(0, 50, -127, 4, 10, 3000)).verdict())
                .isEqualTo(GainFit.Verdict.STRAINED);
        assertThat(fit(dynamic(), new Preamp(0, 60, -127, 4, 10, 3000)).verdict())
                .isEqualTo(GainFit.Verdict.ENOUGH);
        Capsule loud = new Capsule(Pattern.CARDIOID, 60, OptionalDouble.of(10), 130, 150);
        GainFit hot = fit(loud, new Preamp(20, 60, -127, 4, -10, 3000));
        assertThat(hot.verdict()).isEqualTo(GainFit.Verdict.TOO_HOT);
        assertThat(hot.shortDb()).isPositive();
    }

    private static GainFit fit(Capsule capsule, Preamp preamp) {
        Chain chain = chain(capsule, 0.075, 50);
        return GainFit.of(
                new Chain(
                        chain.voice(),
                        chain.position(),
                        chain.room(),
                        capsule,
                        Lead.NONE,
                        Optional.empty(),
                        preamp,
                        preamp.minGainDb(),
                        chain.converter(),
                        chain.finishing()),
                Parts.MIDDLE);
    }
}
