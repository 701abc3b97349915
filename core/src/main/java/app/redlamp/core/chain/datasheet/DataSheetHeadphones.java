package app.redlamp.core.chain.datasheet;

import app.redlamp.core.chain.kit.HeadphoneOutput;
import app.redlamp.core.chain.kit.Headphones;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Headphones as a data sheet has them. What the sheet leaves open is assumed; what is usual is common practice, no source.
 *
 * @param usual with what is usual where nothing is said
 * @param assumed what was not said
 * @param doubts what cannot be, or hardly can
 */
public record DataSheetHeadphones(Headphones usual, List<DataSheetItem> assumed, List<Doubt> doubts) {
    /** Of headphones for small sockets (common practice, no source). */
    private static final double USUAL_OHM = 32;

    /** Of closed ones for listening while one speaks (common practice, no source). */
    private static final double USUAL_DB = 98;

    /** The most that headphones have (common practice, no source). */
    private static final double MOST_OHM = 600;

    public DataSheetHeadphones {
        assumed = List.copyOf(assumed);
        doubts = List.copyOf(doubts);
    }

    /** @throws IllegalArgumentException for a figure that no headphones have; one line */
    public static DataSheetHeadphones of(DataSheet sheet) {
        List<DataSheetItem> assumed = new ArrayList<>();
        OptionalDouble ohm = sheet.value(DataSheetItem.HEADPHONE_IMPEDANCE);
        if (ohm.isEmpty()) {
            assumed.add(DataSheetItem.HEADPHONE_IMPEDANCE);
        }
        double load = ohm.orElse(USUAL_OHM);
        OptionalDouble milliwatt = sheet.value(DataSheetItem.HEADPHONE_SENSITIVITY);
        OptionalDouble volt = sheet.value(DataSheetItem.HEADPHONE_SENSITIVITY_VOLT);
        if (milliwatt.isEmpty() && volt.isEmpty()) {
            assumed.add(DataSheetItem.HEADPHONE_SENSITIVITY);
        }
        Headphones usual = milliwatt.isEmpty() && volt.isPresent()
                ? Headphones.ofVolt(load, volt.getAsDouble())
                : new Headphones(load, milliwatt.orElse(USUAL_DB));
        List<Doubt> doubts = new ArrayList<>();
        doubt(DataSheetItem.HEADPHONE_IMPEDANCE, load, 8, MOST_OHM, doubts);
        doubt(DataSheetItem.HEADPHONE_SENSITIVITY, usual.dbPerMilliwatt(), 84, 115, doubts);
        return new DataSheetHeadphones(usual, assumed, doubts);
    }

    /** Whether a sheet is one of headphones: it says how loud they get. */
    public static boolean isOne(DataSheet sheet) {
        return sheet.value(DataSheetItem.HEADPHONE_SENSITIVITY).isPresent()
                || sheet.value(DataSheetItem.HEADPHONE_SENSITIVITY_VOLT).isPresent();
    }

    /** A socket for headphones; absent where the sheet does not say both of its figures. */
    public static Optional<HeadphoneOutput> socket(DataSheet sheet) {
        OptionalDouble volts = sheet.value(DataSheetItem.SOCKET_LEVEL);
        OptionalDouble ohm = sheet.value(DataSheetItem.SOCKET_IMPEDANCE);
        return volts.isPresent() && ohm.isPresent()
                ? Optional.of(new HeadphoneOutput(volts.getAsDouble(), ohm.getAsDouble()))
                : Optional.empty();
    }

    private static void doubt(DataSheetItem item, double value, double low, double high, List<Doubt> doubts) {
        if (value < low) {
            doubts.add(new Doubt(Doubt.Kind.LOW, item, value, low));
        } else if (value > high) {
            doubts.add(new Doubt(Doubt.Kind.HIGH, item, value, high));
        }
    }
}
