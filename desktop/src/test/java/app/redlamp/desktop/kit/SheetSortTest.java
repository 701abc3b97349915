package app.redlamp.desktop.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.datasheet.DataSheet;
import app.redlamp.core.chain.datasheet.DataSheetItem;
import app.redlamp.core.chain.datasheet.DataSheetReader;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.HeadphoneOutput;
import app.redlamp.core.chain.kit.Headphones;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.Price;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SheetSortTest {
    private static final Price PRICE = new Price(120, OptionalDouble.empty());

    private static Optional<Chain> chain() {
        return Parts.with(Parts.DYNAMIC, Optional.of(Parts.ONE)).chain(0, Parts.quietRoom(), Parts.AUDIOBOOK);
    }

    @ParameterizedTest
    @EnumSource(SheetSort.class)
    void evenAnEmptySheetMakesAPartOfAssumptions(SheetSort sort) {
        SheetSort.Made made = sort.of(DataSheet.EMPTY, "Sunday Lantern", PRICE, 2, chain());
        assertThat(made.part().id()).isEqualTo("own-sunday-lantern");
        assertThat(made.part().price()).isEqualTo(PRICE);
        assertThat(made.assumed()).isNotEmpty();
        // What is on the ears changes nothing in the file.
        boolean inTheFile = !(made.part() instanceof Extra);
        assertThat(made.spreadDb() > 0).isEqualTo(inTheFile);
        assertThat(made.here().isPresent()).isEqualTo(inTheFile);
        assertThat(sort.items()).isNotEmpty().doesNotHaveDuplicates();
        assertThat(sort.of(DataSheet.EMPTY, "x", PRICE, 1, Optional.empty()).here())
                .isEmpty();
    }

    @Test
    void whatTheSheetSaysIsInThePart() {
        DataSheet sheet =
                DataSheetReader.read("Sensitivity 25 mV/Pa\nSelf-noise 9 dB(A)\nWeight 610 g\nDiaphragm 1 inch");
        Microphone m = (Microphone)
                SheetSort.LARGE_CONDENSER.of(sheet, "A", PRICE, 1, chain()).part();
        assertThat(m.capsule().sensitivityMvPerPa()).isEqualTo(25);
        assertThat(m.capsule().selfNoiseDbA()).hasValue(9);
        assertThat(m.weightKg()).isEqualTo(0.61);
        assertThat(m.diaphragmM()).isEqualTo(0.0254);
        assertThat(m.power()).isEqualTo(Microphone.Power.PHANTOM);
        assertThat(m.address()).isEqualTo(Microphone.Address.SIDE);
        Microphone d = (Microphone)
                SheetSort.DYNAMIC.of(DataSheet.EMPTY, "B", PRICE, 1, chain()).part();
        assertThat(d.power()).isEqualTo(Microphone.Power.NONE);
        assertThat(d.address()).isEqualTo(Microphone.Address.END);
        assertThat(d.capsule().selfNoiseDbA()).isEmpty();
    }

    @Test
    void whatGoesIntoAComputerHasItsConverterInside() {
        DataSheet sheet = DataSheetReader.read("Sensitivity 15 mV/Pa\nSelf-noise 18 dB(A)\nBit depth: 16 bit");
        Microphone usb = (Microphone)
                SheetSort.USB_CONDENSER.of(sheet, "U", PRICE, 1, chain()).part();
        assertThat(usb.isDigital()).isTrue();
        assertThat(usb.inside().orElseThrow().converter().bits()).isEqualTo(16);
        assertThat(usb.power()).isEqualTo(Microphone.Power.USB);
        Microphone worn = (Microphone)
                SheetSort.LAVALIER.of(DataSheet.EMPTY, "L", PRICE, 1, chain()).part();
        assertThat(worn.power()).isEqualTo(Microphone.Power.PLUG_IN);
        assertThat(worn.kind().isWorn()).isTrue();
    }

    @Test
    void anInterfaceHasAnInputForEveryVoice() {
        DataSheet sheet = DataSheetReader.read("Max gain: 62 dB\nPhantom power: 48 V\nBit depth: 24");
        AudioInterface box = (AudioInterface)
                SheetSort.INTERFACE.of(sheet, "Larder", PRICE, 3, chain()).part();
        assertThat(box.inputs()).isEqualTo(3);
        assertThat(box.voices()).isEqualTo(3);
        assertThat(box.phantom()).isTrue();
        assertThat(box.preamp().maxGainDb()).isEqualTo(62);
        assertThat(SheetSort.INTERFACE.items()).contains(DataSheetItem.INPUT_NOISE);
    }

    @Test
    void headphonesAndTheirSocketAreKept() {
        DataSheet sheet = DataSheetReader.read("Impedance: 80 ohms\nSensitivity: 95 dB/mW");
        Extra ears = (Extra) SheetSort.CLOSED_HEADPHONES
                .of(sheet, "Larder ears", PRICE, 1, chain())
                .part();
        assertThat(ears.use()).isEqualTo(Extra.Use.HEADPHONES_CLOSED);
        assertThat(ears.headphones()).contains(new Headphones(80, 95));
        assertThat(SheetSort.OPEN_HEADPHONES.of(sheet, "B", PRICE, 1, chain()).here())
                .isEmpty();
        DataSheet box = DataSheetReader.read("Headphone level: 1.5 V\nHeadphone impedance: 10 ohms");
        assertThat(((AudioInterface) SheetSort.INTERFACE
                                .of(box, "C", PRICE, 1, chain())
                                .part())
                        .headphoneOut())
                .contains(new HeadphoneOutput(1.5, 10));
        assertThat(SheetSort.CLOSED_HEADPHONES.isMicrophone()).isFalse();
        assertThat(SheetSort.CLOSED_HEADPHONES.items()).contains(DataSheetItem.HEADPHONE_IMPEDANCE);
    }

    @Test
    void whatNoPartHasIsRefused() {
        DataSheet sheet = DataSheetReader.read("Sensitivity: 900 mV/Pa");
        assertThatThrownBy(() -> SheetSort.RIBBON.of(sheet, "A", PRICE, 1, chain()))
                .hasMessageContaining("between 0.05 and 200");
    }
}
