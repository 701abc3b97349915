package app.redlamp.core.chain.datasheet;

import app.redlamp.core.chain.Volts;
import app.redlamp.core.chain.datasheet.Entry.How;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;
import java.util.Locale;
import java.util.regex.Pattern;

/** Figures of headphones and of the sockets that they go into. */
final class HeadphoneQuantity {
    private static final Pattern OF_MILLIWATT = Pattern.compile("(?:/|@|at|per|\\b1)\\s?(?:1\\s?)?m\\s?w");
    private static final Pattern OF_VOLT = Pattern.compile("(?:/|@|at|per|\\b1)\\s?(?:1\\s?)?v(?:rms)?\\b");

    private HeadphoneQuantity() {}

    /** Whether a line in small letters says how loud headphones get, for 1 mW or 1 V, and not how sensitive a microphone is. */
    static boolean isHeadphones(String line) {
        return line.contains("db") && (OF_MILLIWATT.matcher(line).find() || isOfVolt(line)) && !line.contains("/pa");
    }

    /** Whether it is said for 1 V, and not for 1 mW. */
    static boolean isOfVolt(String line) {
        String low = line.toLowerCase(Locale.ROOT);
        return !OF_MILLIWATT.matcher(low).find() && OF_VOLT.matcher(low).find();
    }

    static Entry sensitivity(DataSheetItem item, double value, String unit, String written) {
        boolean volt = item == DataSheetItem.HEADPHONE_SENSITIVITY_VOLT;
        boolean other = volt ? OF_MILLIWATT.matcher(unit).find() : isOfVolt(unit);
        if (other) {
            throw new IllegalArgumentException(Faults.say(
                    volt ? "quantity.headphones-of-milliwatt" : "quantity.headphones-of-volt",
                    Quantity.shortened(written)));
        }
        return Quantity.as(item, value, written);
    }

    /** A level becomes the voltage that it is. */
    static Entry socket(double value, String unit, String written) {
        if (unit.startsWith("dbu")) {
            return of(Volts.DBU_V * Decibels.toAmplitude(value), written, How.FROM_DBU);
        }
        if (unit.startsWith("dbv")) {
            return of(Decibels.toAmplitude(value), written, How.FROM_OTHER_UNIT);
        }
        boolean milli = unit.startsWith("mv");
        if (value > 0 && (unit.isEmpty() || milli || unit.startsWith("v"))) {
            return of(milli ? value / 1000 : value, written, milli ? How.FROM_OTHER_UNIT : How.AS_IT_IS);
        }
        throw new IllegalArgumentException(Faults.say("quantity.socket-in-volts", Quantity.shortened(written)));
    }

    private static Entry of(double volts, String written, How how) {
        return new Entry(DataSheetItem.SOCKET_LEVEL, volts, written, how);
    }
}
