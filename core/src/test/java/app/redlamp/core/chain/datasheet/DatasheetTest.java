package app.redlamp.core.chain.datasheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Parts;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DatasheetTest {
    private static Entry read(DataSheetItem item, String written) {
        return Quantity.read(item, written);
    }

    /** 20 mV/Pa: 20 log10(0.020) = −33.98 dBV, 2.218 dB more in dBu, 20 dB less to a microbar. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "20 mV/Pa;20",
                "20 mv / pa;20",
                "0.020 V/Pa;20",
                "−33.98 dBV/Pa;20",
                "-33.98 dB re 1 V/Pa;20",
                "–33,98 dB (0 dB = 1 V/Pa);20",
                "-31.76 dBu/Pa;20",
                "-53.98 dB re 1V/µbar;20",
                "−54 dBV;1.995",
                "1.5 mV;1.5"
            })
    void sensitivityInAnyUnit(String written, double millivolts) {
        assertThat(read(DataSheetItem.SENSITIVITY, written).value()).isCloseTo(millivolts, within(0.005 * millivolts));
    }

    @Test
    void whatCannotBeASensitivity() {
        assertThatThrownBy(() -> read(DataSheetItem.SENSITIVITY, "-5 mV/Pa")).hasMessageContaining("never below 0");
        assertThatThrownBy(() -> read(DataSheetItem.SENSITIVITY, "54 dBV/Pa"))
                .hasMessageContaining("was the minus lost?");
        assertThatThrownBy(() -> read(DataSheetItem.SENSITIVITY, "-6 dBFS")).hasMessageContaining("converter");
        assertThatThrownBy(() -> read(DataSheetItem.SENSITIVITY, "5 apples")).hasMessageContaining("unit is not known");
        assertThatThrownBy(() -> read(DataSheetItem.SENSITIVITY, "high")).hasMessageContaining("20 mV/Pa");
        assertThatThrownBy(() -> read(DataSheetItem.SENSITIVITY, "")).hasMessageContaining("is not a figure");
    }

    @Test
    void noise() {
        assertThat(read(DataSheetItem.SELF_NOISE, "14 dB-A").value()).isEqualTo(14);
        // Common practice, no source: quasi-peak readings lie about 11 dB higher.
        Entry quasiPeak = read(DataSheetItem.SELF_NOISE, "25 dB (CCIR 468)");
        assertThat(quasiPeak.value()).isEqualTo(14);
        assertThat(quasiPeak.how()).isEqualTo(Entry.How.FROM_QUASI_PEAK);
        assertThatThrownBy(() -> read(DataSheetItem.SELF_NOISE, "-3 dB(A)")).hasMessageContaining("above 0");
        assertThat(read(DataSheetItem.INPUT_NOISE, "-128 dBu").value()).isEqualTo(-128);
        // White noise through A: 2.05 dB less.
        assertThat(read(DataSheetItem.INPUT_NOISE, "-130 dBu A-weighted").value())
                .isCloseTo(-127.95, within(0.01));
        assertThat(read(DataSheetItem.INPUT_NOISE, "−130 dB(A)").value()).isCloseTo(-127.95, within(0.01));
        // 0 dBV is 2.218 dBu.
        assertThat(read(DataSheetItem.INPUT_NOISE, "-130.2 dBV").value()).isCloseTo(-127.98, within(0.01));
        assertThatThrownBy(() -> read(DataSheetItem.INPUT_NOISE, "+129 dBu"))
                .hasMessageContaining("was the minus lost?");
    }

    /** Twice the distortion is 6.02 dB more: 134 dB at 0.5 % are 140 at 1 %. */
    @Test
    void highestLevels() {
        assertThat(read(DataSheetItem.MAX_SPL, "134 dB at 0.5 % THD").value()).isCloseTo(140.02, within(0.01));
        assertThat(read(DataSheetItem.MAX_SPL, "140 dB SPL (1% THD)").value()).isEqualTo(140);
        assertThat(read(DataSheetItem.MAX_SPL, "149.5 dB, 3 %").value()).isCloseTo(139.96, within(0.01));
        assertThat(read(DataSheetItem.MAX_SPL, "120 dB").value()).isEqualTo(120);
        assertThat(read(DataSheetItem.MAX_INPUT, "8 dBV").value()).isCloseTo(10.22, within(0.01));
        assertThat(read(DataSheetItem.MAX_INPUT, "+12 dBu").value()).isEqualTo(12);
    }

    @Test
    void theRest() {
        assertThat(read(DataSheetItem.OUTPUT_IMPEDANCE, "150 Ω").value()).isEqualTo(150);
        assertThat(read(DataSheetItem.INPUT_IMPEDANCE, "3 kΩ").value()).isEqualTo(3000);
        assertThat(read(DataSheetItem.INPUT_IMPEDANCE, "1 MOhm").value()).isEqualTo(1e6);
        assertThatThrownBy(() -> read(DataSheetItem.OUTPUT_IMPEDANCE, "0 ohm")).hasMessageContaining("above 0");
        assertThat(read(DataSheetItem.WEIGHT, "450 g").value()).isEqualTo(0.45);
        assertThat(read(DataSheetItem.WEIGHT, "1.2 kg").value()).isEqualTo(1.2);
        assertThat(read(DataSheetItem.WEIGHT, "16 oz").value()).isCloseTo(0.4536, within(0.001));
        assertThat(read(DataSheetItem.DIAPHRAGM, "1 inch").value()).isEqualTo(25.4);
        assertThat(read(DataSheetItem.DIAPHRAGM, "34 mm").value()).isEqualTo(34);
    }

    @Test
    void aPastedSheet() {
        DataSheet sheet = DataSheetReader.read("""
                Sunday Lantern, large diaphragm condenser
                Polar pattern: cardioid
                Frequency range   20 Hz – 20 kHz
                Sensitivity at 1 kHz into 1 kohm: −34 dB re 1 V/Pa
                Impedance: 150 Ω; Recommended load impedance: 1 kΩ
                Equivalent noise level: 12 dB(A) | S/N ratio (re 94 dB SPL): 82 dB
                Maximum SPL for 0.5 % THD: 134 dB
                Powering: 48 V phantom, 3 mA
                Weight: 420 g
                """);
        assertThat(sheet.pattern()).contains(Pattern.CARDIOID);
        assertThat(sheet.phantom()).isTrue();
        assertThat(sheet.value(DataSheetItem.SENSITIVITY).orElseThrow()).isCloseTo(19.95, within(0.01));
        assertThat(sheet.value(DataSheetItem.OUTPUT_IMPEDANCE)).hasValue(150);
        assertThat(sheet.value(DataSheetItem.SELF_NOISE)).hasValue(12);
        assertThat(sheet.value(DataSheetItem.SIGNAL_TO_NOISE)).hasValue(82);
        assertThat(sheet.value(DataSheetItem.MAX_SPL).orElseThrow()).isCloseTo(140.02, within(0.01));
        assertThat(sheet.value(DataSheetItem.WEIGHT)).hasValue(0.42);
        assertThat(sheet.faults()).isEmpty();
        DataSheetMicrophone made = DataSheetMicrophone.of(sheet, Microphone.Kind.LARGE_CONDENSER);
        assertThat(made.assumed()).isEmpty();
        assertThat(made.doubts()).isEmpty();
        assertThat(made.usual()).isEqualTo(made.worst()).isEqualTo(made.best());
    }

    @Test
    void aPastedBox() {
        DataSheet sheet = DataSheetReader.read("""
                Microphone inputs
                Gain range: 0 dB to 56 dB
                EIN (A-weighted): -129 dBu
                Maximum input level: +9 dBu (at minimum gain)
                Input impedance: 3 kohms
                Dynamic range: 108 dB (A-weighted)
                Bit depth: 24 bit
                """);
        assertThat(sheet.value(DataSheetItem.MIN_GAIN)).hasValue(0);
        assertThat(sheet.value(DataSheetItem.MAX_GAIN)).hasValue(56);
        assertThat(sheet.value(DataSheetItem.INPUT_NOISE).orElseThrow()).isCloseTo(-126.95, within(0.01));
        assertThat(sheet.value(DataSheetItem.MAX_INPUT)).hasValue(9);
        assertThat(sheet.value(DataSheetItem.INPUT_IMPEDANCE)).hasValue(3000);
        assertThat(sheet.value(DataSheetItem.DYNAMIC_RANGE)).hasValue(108);
        assertThat(sheet.value(DataSheetItem.BITS)).hasValue(24);
    }

    /** SNR = 94 − self-noise: 14 dB(A) and 85 dB cannot both be. */
    @Test
    void contradictionsAreSeenAndTheWorseIsTaken() {
        DataSheet sheet = DataSheetReader.read("Self-noise: 8 dB(A)\nSignal-to-noise ratio: 75 dB");
        assertThat(sheet.selfNoiseDbA()).hasValue(19);
        Doubt doubt = DataSheetMicrophone.of(sheet, Microphone.Kind.LARGE_CONDENSER).doubts().stream()
                .filter(d -> d.kind() == Doubt.Kind.CONTRADICTION)
                .findFirst()
                .orElseThrow();
        assertThat(doubt.value()).isEqualTo(8);
        assertThat(doubt.other()).isEqualTo(19);
        assertThat(DataSheetReader.read("S/N: 80 dB").selfNoiseDbA()).hasValue(14);
    }

    @Test
    void whatHardlyCanBeIsDoubted() {
        DataSheet dynamic = DataSheetReader.read("Sensitivity: 25 mV/Pa\nImpedance: 300 ohms");
        assertThat(DataSheetMicrophone.of(dynamic, Microphone.Kind.DYNAMIC).doubts())
                .extracting(Doubt::kind, Doubt::item)
                .contains(tuple(Doubt.Kind.HIGH, DataSheetItem.SENSITIVITY));
        // 300 Ω at 1.5 mV/Pa hiss by 18.3 dB(A): no coil is quieter.
        DataSheet quiet = DataSheetReader.read("Sensitivity: 1.5 mV/Pa\nImpedance: 300 ohms\nSelf-noise 10 dB(A)");
        Doubt thermal = DataSheetMicrophone.of(quiet, Microphone.Kind.DYNAMIC).doubts().stream()
                .filter(d -> d.kind() == Doubt.Kind.BELOW_THERMAL)
                .findFirst()
                .orElseThrow();
        assertThat(thermal.other()).isCloseTo(18.3, within(0.1));
        DataSheet low = DataSheetReader.read("Sensitivity: 1 mV/Pa\nMax SPL: 90 dB");
        assertThat(DataSheetMicrophone.of(low, Microphone.Kind.LARGE_CONDENSER).doubts())
                .extracting(Doubt::kind)
                .containsOnly(Doubt.Kind.LOW);
    }

    @Test
    void whatIsMissingMakesTheAnswerWide() {
        Chain chain = Parts.with(Parts.CONDENSER, Optional.of(Parts.ONE))
                .chain(0, Surroundings.of(14, 12, 0.25), Parts.AUDIOBOOK)
                .orElseThrow();
        DataSheetMicrophone nothing = DataSheetMicrophone.of(DataSheet.EMPTY, Microphone.Kind.LARGE_CONDENSER);
        assertThat(nothing.assumed())
                .containsExactly(
                        DataSheetItem.SENSITIVITY,
                        DataSheetItem.SELF_NOISE,
                        DataSheetItem.MAX_SPL,
                        DataSheetItem.OUTPUT_IMPEDANCE);
        assertThat(nothing.spreadDb(chain)).isGreaterThan(5);
        DataSheet some = DataSheetReader.read("Self-noise: 12 dB(A)");
        double narrower =
                DataSheetMicrophone.of(some, Microphone.Kind.LARGE_CONDENSER).spreadDb(chain);
        assertThat(narrower).isLessThan(nothing.spreadDb(chain));
        // A dynamic's noise follows from its coil and is not assumed.
        assertThat(DataSheetMicrophone.of(DataSheet.EMPTY, Microphone.Kind.DYNAMIC)
                        .assumed())
                .doesNotContain(DataSheetItem.SELF_NOISE);
        for (Microphone.Kind kind : Microphone.Kind.values()) {
            DataSheetMicrophone any = DataSheetMicrophone.of(DataSheet.EMPTY, kind);
            assertThat(any.worst().sensitivityMvPerPa()).isLessThan(any.best().sensitivityMvPerPa());
            assertThat(any.doubts()).isEmpty();
        }
    }

    @Test
    void faultsAreSaidAndTheRestIsRead() {
        DataSheet sheet = DataSheetReader.read("Sensitivity: -5 mV/Pa\nEIN: 129 dBu\nSelf-noise: 12 dB(A)");
        assertThat(sheet.faults()).hasSize(2);
        assertThat(sheet.value(DataSheetItem.SELF_NOISE)).hasValue(12);
        assertThat(sheet.value(DataSheetItem.SENSITIVITY)).isEmpty();
        assertThat(sheet.with(read(DataSheetItem.SELF_NOISE, "9")).value(DataSheetItem.SELF_NOISE))
                .hasValue(9);
        assertThat(sheet.without(DataSheetItem.SELF_NOISE).entries()).isEmpty();
    }

    @Test
    void anyTextIsReadWithoutHarm() {
        Random random = new Random(5);
        String letters = "sensitivity:-−.,0123456789 dBVmPauΩk%()/\n;|EIN max splnoise";
        for (int i = 0; i < 400; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(300); n > 0; n--) {
                text.append(letters.charAt(random.nextInt(letters.length())));
            }
            DataSheet sheet = DataSheetReader.read(text.toString());
            assertThat(sheet.entries()).allMatch(e -> Double.isFinite(e.value()));
        }
        assertThat(DataSheetReader.read("").entries()).isEmpty();
        assertThatThrownBy(() -> DataSheetReader.read("x".repeat(100_001)))
                .hasMessageContaining("longer than any data sheet");
    }

    @Test
    void aBoxIsMadeOfItsSheet() {
        DataSheet sheet = DataSheetReader.read("Gain range: 0 to 56 dB\nEIN: -128 dBu\nMaximum input level: +9 dBu\n"
                + "Input impedance: 3 kohms\nDynamic range: 108 dB\nBit depth: 24 bit\n48 V phantom");
        DataSheetInterface box = DataSheetInterface.of(sheet);
        assertThat(box.assumed()).isEmpty();
        assertThat(box.doubts()).isEmpty();
        assertThat(box.usual()).isEqualTo(box.worst()).isEqualTo(box.best());
        assertThat(box.usual().fullScaleDbu()).isEqualTo(9);
        assertThat(box.converter().bits()).isEqualTo(24);
        Chain chain = Parts.with(Parts.DYNAMIC, Optional.of(Parts.ONE))
                .chain(0, Surroundings.of(14, 12, 0.25), Parts.AUDIOBOOK)
                .orElseThrow();
        assertThat(box.spreadDb(chain)).isZero();
        DataSheetInterface nothing = DataSheetInterface.of(DataSheet.EMPTY);
        assertThat(nothing.assumed()).contains(DataSheetItem.INPUT_NOISE, DataSheetItem.MAX_GAIN);
        assertThat(nothing.spreadDb(chain)).isGreaterThan(2);
        // The voice stands as high in the converter as before.
        Chain other = box.through(chain, box.usual());
        assertThat(SignalPath.of(other).loudestPeakDbfs())
                .isCloseTo(SignalPath.of(chain).loudestPeakDbfs(), within(1e-9));
    }

    /** −133 dBu is less than bare resistance of 150 Ω has, −130.9. */
    @Test
    void aBoxThatCannotBeIsDoubted() {
        DataSheet sheet = DataSheetReader.read("EIN: -133 dBu\nMaximum gain: 12 dB\nDynamic range: 138 dB");
        assertThat(DataSheetInterface.of(sheet).doubts())
                .extracting(Doubt::kind, Doubt::item)
                .containsExactly(
                        tuple(Doubt.Kind.BELOW_THERMAL, DataSheetItem.INPUT_NOISE),
                        tuple(Doubt.Kind.LOW, DataSheetItem.MAX_GAIN),
                        tuple(Doubt.Kind.HIGH, DataSheetItem.DYNAMIC_RANGE));
    }

    /** Headphones say their level like microphones, and mean another: what it is said at tells them apart. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Sensitivity: 98 dB SPL/mW                     | 98   | mW",
                "Sensitivity 102 dB at 1 mW                    | 102  | mW",
                "Sensitivity (1 kHz): 96 dB/mW                 | 96   | mW",
                "Sound pressure level (SPL): 112 dB @ 1 Vrms   | 112  | V",
                "Sensitivity: 115,5 dB SPL/V                   | 115.5 | V"
            })
    void headphonesAreTold(String line, double db, String at) {
        DataSheet sheet = DataSheetReader.read("Nominal impedance: 32 ohms\n" + line);
        boolean volt = at.equals("V");
        assertThat(sheet.value(volt ? DataSheetItem.HEADPHONE_SENSITIVITY_VOLT : DataSheetItem.HEADPHONE_SENSITIVITY))
                .hasValue(db);
        assertThat(sheet.value(DataSheetItem.SENSITIVITY)).isEmpty();
        assertThat(sheet.value(DataSheetItem.HEADPHONE_IMPEDANCE)).hasValue(32);
        assertThat(sheet.value(DataSheetItem.OUTPUT_IMPEDANCE)).isEmpty();
        DataSheetHeadphones made = DataSheetHeadphones.of(sheet);
        // 1 V over 32 Ω are 31.25 mW, 14.95 dB more than 1 mW (worked by hand).
        assertThat(made.usual().dbPerMilliwatt()).isCloseTo(volt ? db - 14.95 : db, within(0.01));
        assertThat(made.usual().ohm()).isEqualTo(32);
        assertThat(made.assumed()).isEmpty();
        assertThat(made.doubts()).isEmpty();
    }

    @Test
    void aMicrophoneStaysAMicrophone() {
        DataSheet sheet = DataSheetReader.read("Sensitivity: -34 dBV/Pa\nMax SPL: 134 dB");
        assertThat(sheet.value(DataSheetItem.SENSITIVITY)).isPresent();
        assertThat(sheet.value(DataSheetItem.MAX_SPL)).hasValue(134);
        assertThat(sheet.value(DataSheetItem.HEADPHONE_SENSITIVITY)).isEmpty();
        DataSheet volts = DataSheetReader.read("Sensitivity: -54 dB re 1 V/Pa");
        assertThat(volts.value(DataSheetItem.SENSITIVITY)).isPresent();
    }

    @Test
    void aSocketForHeadphonesIsKnownByBothOfItsFigures() {
        DataSheet sheet = DataSheetReader.read("Headphone output level: +4 dBu\nHeadphone output impedance: 22 ohms");
        assertThat(DataSheetHeadphones.socket(sheet).orElseThrow().ohm()).isEqualTo(22);
        assertThat(DataSheetHeadphones.socket(sheet).orElseThrow().volts()).isCloseTo(1.228, within(0.001));
        assertThat(DataSheetHeadphones.socket(DataSheetReader.read("Headphone output level: 1.4 V")))
                .isEmpty();
        assertThat(Quantity.read(DataSheetItem.SOCKET_LEVEL, "850 mV").value()).isEqualTo(0.85);
        assertThat(Quantity.read(DataSheetItem.SOCKET_LEVEL, "0 dBV").value()).isEqualTo(1);
        assertThatThrownBy(() -> Quantity.read(DataSheetItem.SOCKET_LEVEL, "60 mW into 32 ohms"))
                .hasMessageContaining("nothing plugged in");
        assertThatThrownBy(() -> Quantity.read(DataSheetItem.HEADPHONE_SENSITIVITY, "104 dB/V"))
                .hasMessageContaining("field for 1 V");
        assertThatThrownBy(() -> Quantity.read(DataSheetItem.HEADPHONE_SENSITIVITY_VOLT, "98 dB/mW"))
                .hasMessageContaining("field for 1 mW");
    }

    @Test
    void headphonesThatHardlyCanBeAreDoubted() {
        DataSheet sheet = DataSheetReader.read("Impedance: 900 ohms\nSensitivity: 124 dB/mW");
        assertThat(DataSheetHeadphones.of(sheet).doubts())
                .extracting(Doubt::kind, Doubt::item)
                .containsExactly(
                        tuple(Doubt.Kind.HIGH, DataSheetItem.HEADPHONE_IMPEDANCE),
                        tuple(Doubt.Kind.HIGH, DataSheetItem.HEADPHONE_SENSITIVITY));
        assertThat(DataSheetHeadphones.of(DataSheet.EMPTY).assumed())
                .containsExactly(DataSheetItem.HEADPHONE_IMPEDANCE, DataSheetItem.HEADPHONE_SENSITIVITY);
    }
}
