package app.redlamp.desktop.kit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.datasheet.DataSheet;
import app.redlamp.core.chain.datasheet.DataSheetHeadphones;
import app.redlamp.core.chain.datasheet.DataSheetInterface;
import app.redlamp.core.chain.datasheet.DataSheetItem;
import app.redlamp.core.chain.datasheet.DataSheetMicrophone;
import app.redlamp.core.chain.datasheet.Doubt;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Headphones;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Price;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a data sheet may be of, and what is made of it. */
enum SheetSort {
    LARGE_CONDENSER,
    SMALL_CONDENSER,
    DYNAMIC,
    RIBBON,
    LAVALIER,
    USB_CONDENSER,
    USB_DYNAMIC,
    INTERFACE,
    CLOSED_HEADPHONES,
    OPEN_HEADPHONES;

    private static final double USUAL_DIAPHRAGM_MM = 20;
    private static final double USUAL_WEIGHT_KG = 0.4;

    /**
     * What a sheet comes to.
     *
     * @param here the chain with it, where it is used at its best
     */
    record Made(Gear part, List<DataSheetItem> assumed, List<Doubt> doubts, double spreadDb, Optional<Chain> here) {}

    /** Name in strings, such as {@code large-condenser}. */
    String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    boolean isMicrophone() {
        return this != INTERFACE && !isHeadphones();
    }

    private boolean isHeadphones() {
        return this == CLOSED_HEADPHONES || this == OPEN_HEADPHONES;
    }

    /** Figures that count. */
    List<DataSheetItem> items() {
        if (isHeadphones()) {
            return List.of(
                    DataSheetItem.HEADPHONE_IMPEDANCE,
                    DataSheetItem.HEADPHONE_SENSITIVITY,
                    DataSheetItem.HEADPHONE_SENSITIVITY_VOLT);
        }
        return isMicrophone()
                ? List.of(
                        DataSheetItem.SENSITIVITY,
                        DataSheetItem.SELF_NOISE,
                        DataSheetItem.SIGNAL_TO_NOISE,
                        DataSheetItem.MAX_SPL,
                        DataSheetItem.OUTPUT_IMPEDANCE,
                        DataSheetItem.DIAPHRAGM,
                        DataSheetItem.WEIGHT)
                : List.of(
                        DataSheetItem.INPUT_NOISE,
                        DataSheetItem.MIN_GAIN,
                        DataSheetItem.MAX_GAIN,
                        DataSheetItem.MAX_INPUT,
                        DataSheetItem.INPUT_IMPEDANCE,
                        DataSheetItem.DYNAMIC_RANGE,
                        DataSheetItem.BITS,
                        DataSheetItem.SOCKET_LEVEL,
                        DataSheetItem.SOCKET_IMPEDANCE);
    }

    private Microphone.Kind kind() {
        return switch (this) {
            case LARGE_CONDENSER, USB_CONDENSER -> Microphone.Kind.LARGE_CONDENSER;
            case SMALL_CONDENSER -> Microphone.Kind.SMALL_CONDENSER;
            case RIBBON -> Microphone.Kind.RIBBON;
            case LAVALIER -> Microphone.Kind.LAVALIER;
            case DYNAMIC, USB_DYNAMIC, INTERFACE, CLOSED_HEADPHONES, OPEN_HEADPHONES -> Microphone.Kind.DYNAMIC;
        };
    }

    /**
     * Makes a part of a sheet.
     *
     * @param name what it is called; not blank
     * @param inputs of an interface
     * @throws IllegalArgumentException for a figure that no such part has; one line
     */
    Made of(DataSheet sheet, String name, Price price, int inputs, Optional<Chain> now) {
        String id = "own-" + safe(name);
        if (isMicrophone()) {
            DataSheetMicrophone m = DataSheetMicrophone.of(sheet, kind());
            return new Made(
                    microphone(sheet, m, id, name, price),
                    m.assumed(),
                    m.doubts(),
                    now.map(m::spreadDb).orElse(0.0),
                    now.map(c -> c.heardBy(m.usual()).at(c.position().at(kind().usualM()))));
        }
        if (isHeadphones()) {
            DataSheetHeadphones head = DataSheetHeadphones.of(sheet);
            return new Made(
                    headphones(head.usual(), id, name, price), head.assumed(), head.doubts(), 0, Optional.empty());
        }
        DataSheetInterface box = DataSheetInterface.of(sheet);
        return new Made(
                new AudioInterface(
                        id,
                        name,
                        AudioInterface.Form.INTERFACE,
                        inputs,
                        Plug.COMBO,
                        box.usual(),
                        box.converter(),
                        sheet.phantom(),
                        inputs,
                        1,
                        DataSheetHeadphones.socket(sheet),
                        true,
                        0,
                        price,
                        ""),
                box.assumed(),
                box.doubts(),
                now.map(box::spreadDb).orElse(0.0),
                now.map(c -> box.through(c, box.usual())));
    }

    private Extra headphones(Headphones figures, String id, String name, Price price) {
        Extra.Use use = this == OPEN_HEADPHONES ? Extra.Use.HEADPHONES_OPEN : Extra.Use.HEADPHONES_CLOSED;
        return new Extra(
                id,
                name,
                use,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                Optional.of(figures),
                Optional.empty(),
                price,
                "");
    }

    private Microphone microphone(DataSheet sheet, DataSheetMicrophone made, String id, String name, Price price) {
        return new Microphone(
                id,
                name,
                kind(),
                made.usual(),
                address(),
                plug(),
                power(),
                isUsb() ? Optional.of(inside(sheet)) : Optional.empty(),
                sheet.value(DataSheetItem.DIAPHRAGM).orElse(USUAL_DIAPHRAGM_MM) / 1000,
                sheet.value(DataSheetItem.WEIGHT).orElse(USUAL_WEIGHT_KG),
                price,
                "");
    }

    private boolean isUsb() {
        return this == USB_CONDENSER || this == USB_DYNAMIC;
    }

    /** Sheets of USB microphones rarely say what is inside: what is usual in boxes counts, and a socket for headphones. */
    private static Microphone.Inside inside(DataSheet sheet) {
        DataSheetInterface box = DataSheetInterface.of(sheet);
        return new Microphone.Inside(box.usual(), box.converter(), true, DataSheetHeadphones.socket(sheet), false);
    }

    private Microphone.Address address() {
        return switch (this) {
            case LARGE_CONDENSER, USB_CONDENSER, RIBBON -> Microphone.Address.SIDE;
            case LAVALIER -> Microphone.Address.ANY;
            case SMALL_CONDENSER, DYNAMIC, USB_DYNAMIC, INTERFACE, CLOSED_HEADPHONES, OPEN_HEADPHONES ->
                Microphone.Address.END;
        };
    }

    private Plug plug() {
        return isUsb() ? Plug.USB : this == LAVALIER ? Plug.MINI : Plug.XLR;
    }

    private Microphone.Power power() {
        return switch (this) {
            case LARGE_CONDENSER, SMALL_CONDENSER -> Microphone.Power.PHANTOM;
            case LAVALIER -> Microphone.Power.PLUG_IN;
            case USB_CONDENSER, USB_DYNAMIC -> Microphone.Power.USB;
            case DYNAMIC, RIBBON, INTERFACE, CLOSED_HEADPHONES, OPEN_HEADPHONES -> Microphone.Power.NONE;
        };
    }

    private static String safe(String name) {
        String plain =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-+|(?<!-)-+$", "");
        return plain.substring(0, Math.min(50, plain.length()));
    }
}
