package app.redlamp.core.chain;

import static app.redlamp.core.chain.Chains.TO_16_BITS;
import static app.redlamp.core.chain.Chains.condenser;
import static app.redlamp.core.chain.Chains.dynamic;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.kit.Parts;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Volts, ohms and hiss: what each link does to the voltage and adds to the noise. */
class ElectricsTest {
    /** Thermal noise of 150 Ω at 20 °C over 20 kHz: −130.9 dBu (Johnson and Nyquist). */
    @Test
    void thermalNoise() {
        assertThat(Volts.thermalDbu(150)).isCloseTo(-130.92, within(0.01));
        // Twice the resistance is twice the power.
        assertThat(Volts.thermalDbu(300) - Volts.thermalDbu(150)).isCloseTo(3.0103, within(1e-4));
        // A preamp that is as good as bare resistance adds nothing; one 3 dB above it as much again.
        assertThat(new Preamp(0, 60, Volts.thermalDbu(150) + 3.0103, 0, 10, 3000)
                        .noise(0)
                        .flatDb())
                .isCloseTo(Volts.thermalDbu(150), within(0.001));
    }

    @Test
    void powersAdd() {
        assertThat(Noise.sum(20, 20)).isCloseTo(23.01, within(0.01));
        assertThat(Noise.sum(20, 10)).isCloseTo(20.41, within(0.01));
        assertThat(Noise.white(0).and(Noise.NONE).flatDb()).isCloseTo(0, within(1e-9));
    }

    /** White noise of 20 kHz through the curve of IEC 61672-1, summed hertz by hertz: −2.05 dB. */
    @Test
    void whiteNoiseIsTwoDecibelsLessWhenWeighted() {
        assertThat(Noise.whiteWeightDb()).isCloseTo(-2.053, within(0.001));
        assertThat(Noise.whiteA(14).flatDb()).isCloseTo(16.053, within(0.001));
    }

    /** 1 V is 0 dBV and 2.218 dBu; 20 mV/Pa are −33.98 dBV/Pa, −31.76 dBu at 94 dB SPL. */
    @Test
    void sensitivities() {
        assertThat(Volts.dbu(1)).isCloseTo(2.218, within(0.001));
        assertThat(condenser(14).sensitivityDbu()).isCloseTo(-31.761, within(0.001));
        assertThat(condenser(14).outputDbu(74)).isCloseTo(-51.761, within(0.001));
    }

    /**
     * A dynamic's own noise is that of its coil: −127.91 dBu of 300 Ω against −54.26 dBu at 94 dB are 20.35 dB, 18.3 dB(A);
     * in the trade 18 to 20 (common practice, no source).
     */
    @Test
    void aCoilHisses() {
        assertThat(dynamic().noise().flatDb()).isCloseTo(20.352, within(0.001));
        assertThat(dynamic().noise().dbA()).isCloseTo(18.30, within(0.01));
    }

    /** 6.02 N + 1.76 dB under a full-scale sine, which is itself −3.01 dBFS RMS. */
    @Test
    void wholeStepsMakeNoise() {
        assertThat(Converter.steps(16).flatDb()).isCloseTo(-98.09 - 3.01, within(0.02));
        assertThat(new Converter(16, 140).noise().flatDb()).isCloseTo(-101.1, within(0.1));
    }

    /**
     * Balanced rejection by hand: 6810 Ω on each wire against 1 % of 150 Ω that the halves differ by: 4540 to 1, 73.1 dB.
     */
    @Test
    void aBalancedLeadKeepsHumOut() {
        assertThat(Lead.rejectionDb(150)).isCloseTo(73.14, within(0.01));
        Noise bare = new Lead(5, false).hum(150);
        Noise balanced = new Lead(5, true).hum(150);
        assertThat(bare.flatDb() - balanced.flatDb()).isCloseTo(73.14, within(0.01));
        // 5 m at 3 µV a metre: 15 µV are −94.3 dBu.
        assertThat(bare.flatDb()).isCloseTo(-94.26, within(0.01));
        assertThat(new Lead(10, false).hum(150).flatDb() - bare.flatDb()).isCloseTo(6.02, within(0.01));
        // Hum is low: the ear that is A-weighted hears far less of it.
        assertThat(bare.dbA()).isLessThan(bare.flatDb() - 8);
    }

    /** A bridge of 3000 and 150 Ω: 20/21 of the voltage, −0.42 dB. */
    @Test
    void thePreampLoadsTheMicrophone() {
        assertThat(Lead.loadDb(150, 3000)).isCloseTo(-0.424, within(0.001));
    }

    @Test
    void aStrainedPreampHisses() {
        Preamp preamp = new Preamp(0, 60, -127, 4, 10, 3000);
        assertThat(preamp.noise(54).flatDb()).isEqualTo(preamp.noise(10).flatDb());
        assertThat(preamp.noise(60).flatDb()).isGreaterThan(preamp.noise(54).flatDb() + 4);
        assertThat(preamp.cleanGainDb()).isEqualTo(54);
    }

    /** A booster of 25 dB before a hissing preamp: what the preamp adds counts 25 dB less. */
    @Test
    void aBoosterLetsThePreampRest() {
        Capsule capsule = dynamic();
        Chain hissing = new Chain(
                Parts.VOICE,
                Position.straight(0.075),
                Surroundings.of(15, 12, 0.2),
                capsule,
                Lead.NONE,
                Optional.empty(),
                new Preamp(0, 56, -115, 0, 10, 3000),
                0,
                new Converter(24, 105),
                TO_16_BITS);
        SignalPath without = SignalPath.of(hissing.set(Parts.MIDDLE));
        SignalPath with = SignalPath.of(
                hissing.through(Optional.of(new Booster(25, -128, 5))).set(Parts.MIDDLE));
        assertThat(without.limit()).isEqualTo(Source.PREAMP);
        assertThat(with.snrDb() - without.snrDb()).isGreaterThan(5);
        assertThat(without.chain().gainDb() - with.chain().gainDb()).isCloseTo(25, within(1e-9));
        assertThat(with.node(Node.Stage.BOOSTER)).isPresent();
    }
}
