package app.redlamp.core.chain.datasheet;

import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.chain.datasheet.Entry.How;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one figure in whatever unit a data sheet uses. */
public final class Quantity {
    /** A longer text is no figure (ours). */
    private static final int LONGEST = 400;

    static final Pattern NUMBER = Pattern.compile("(?<![\\w.,])[-+]?\\d{1,6}(?:[.,]\\d{1,6})?(?![\\d.,]*\\s*%)");
    private static final Pattern DASHES = Pattern.compile("[−–—‐‑]");
    private static final Pattern BLANKS = Pattern.compile("[\\h\\s]+");
    private static final Pattern DISTORTION = Pattern.compile("(\\d{1,2}(?:[.,]\\d{1,3})?)\\s*%");

    /** By how much a reading of BS.468 lies over one in dB(A), for white noise (common practice, no source). */
    private static final double QUASI_PEAK_DB = 11;

    /** Millimetres of an inch (by definition). */
    private static final double INCH_MM = 25.4;

    private Quantity() {}

    /**
     * Reads the figure of an item.
     *
     * @param written such as "−54 dBV/Pa", "16 dB(A)", "134 dB at 0.5 % THD"
     * @throws IllegalArgumentException with one line that says what to write, where it is none or cannot be
     */
    public static Entry read(DataSheetItem item, String written) {
        String text = plain(written);
        Matcher number = NUMBER.matcher(text);
        if (text.length() > LONGEST || !number.find()) {
            throw new IllegalArgumentException(Faults.say("quantity.is-no-figure", shortened(written), example(item)));
        }
        double value = Double.parseDouble(number.group().replace(',', '.'));
        String unit = text.substring(number.end()).strip().toLowerCase(Locale.ROOT);
        return switch (item) {
            case SENSITIVITY -> sensitivity(value, unit, written);
            case SELF_NOISE -> selfNoise(value, unit, written);
            case MAX_SPL -> maxSpl(value, text, written);
            case INPUT_NOISE -> inputNoise(value, unit, text, written);
            case MAX_INPUT -> maxInput(value, unit, written);
            case OUTPUT_IMPEDANCE, INPUT_IMPEDANCE, HEADPHONE_IMPEDANCE, SOCKET_IMPEDANCE ->
                impedance(item, value, unit, written);
            case WEIGHT -> weight(value, unit, written);
            case DIAPHRAGM ->
                unit.startsWith("in") || unit.startsWith("\"")
                        ? new Entry(item, value * INCH_MM, written, How.FROM_OTHER_UNIT)
                        : as(item, value, written);
            case SOCKET_LEVEL -> HeadphoneQuantity.socket(value, unit, written);
            case HEADPHONE_SENSITIVITY, HEADPHONE_SENSITIVITY_VOLT ->
                HeadphoneQuantity.sensitivity(item, value, unit, written);
            case SIGNAL_TO_NOISE, MIN_GAIN, MAX_GAIN, DYNAMIC_RANGE, BITS -> as(item, value, written);
        };
    }

    /** One kind of minus, of hyphen and of space. */
    static String plain(String written) {
        return BLANKS.matcher(DASHES.matcher(written).replaceAll("-"))
                .replaceAll(" ")
                .strip();
    }

    static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    static Entry as(DataSheetItem item, double value, String written) {
        return new Entry(item, value, written, How.AS_IT_IS);
    }

    private static Entry sensitivity(double value, String unit, String written) {
        if (unit.startsWith("mv") || unit.startsWith("v/")) {
            if (!(value > 0)) {
                throw new IllegalArgumentException(Faults.say("quantity.voltage-is-never", shortened(written)));
            }
            boolean volts = unit.startsWith("v/");
            return new Entry(
                    DataSheetItem.SENSITIVITY,
                    volts ? value * 1000 : value,
                    written,
                    volts ? How.FROM_OTHER_UNIT : How.AS_IT_IS);
        }
        if (unit.startsWith("db") || unit.isEmpty()) {
            if (unit.startsWith("dbfs")) {
                throw new IllegalArgumentException(Faults.say("quantity.is-what-comes", shortened(written)));
            }
            if (unit.startsWith("dbu")) {
                return new Entry(
                        DataSheetItem.SENSITIVITY,
                        1000 * Volts.DBU_V * Decibels.toAmplitude(value),
                        written,
                        How.FROM_DBU);
            }
            boolean microbar = unit.contains("bar");
            double level = microbar ? value + 20 : value;
            if (!(level < 10)) {
                throw new IllegalArgumentException(Faults.say("quantity.such-levels-lie", shortened(written)));
            }
            return new Entry(
                    DataSheetItem.SENSITIVITY,
                    1000 * Decibels.toAmplitude(level),
                    written,
                    microbar ? How.FROM_MICROBAR : How.FROM_LEVEL);
        }
        throw new IllegalArgumentException(Faults.say("quantity.unit-is-not", shortened(written)));
    }

    private static Entry selfNoise(double value, String unit, String written) {
        if (!(value >= 0)) {
            throw new IllegalArgumentException(Faults.say("quantity.self-noise-is", shortened(written)));
        }
        boolean quasiPeak = unit.contains("468") || unit.contains("ccir") || unit.contains("quasi");
        return quasiPeak
                ? new Entry(DataSheetItem.SELF_NOISE, Math.max(0, value - QUASI_PEAK_DB), written, How.FROM_QUASI_PEAK)
                : as(DataSheetItem.SELF_NOISE, value, written);
    }

    private static Entry maxSpl(double value, String text, String written) {
        Optional<Double> percent = distortion(text);
        double thd = percent.orElse(1.0);
        boolean other = Math.abs(thd - 1) > 1e-9 && thd > 0;
        return other
                ? new Entry(DataSheetItem.MAX_SPL, value - Decibels.levelOfAmplitude(thd), written, How.FROM_DISTORTION)
                : as(DataSheetItem.MAX_SPL, value, written);
    }

    private static Optional<Double> distortion(String text) {
        Matcher m = DISTORTION.matcher(text);
        return m.find() ? Optional.of(Double.parseDouble(m.group(1).replace(',', '.'))) : Optional.empty();
    }

    private static Entry inputNoise(double value, String unit, String text, String written) {
        if (!(value < 0)) {
            throw new IllegalArgumentException(Faults.say("quantity.equivalent-input-noise", shortened(written)));
        }
        boolean weighted = unit.contains("(a)") || unit.startsWith("dbua") || weighted(text);
        double dbu = unit.startsWith("dbv") ? value + Volts.dbu(1) : value;
        if (weighted) {
            return new Entry(DataSheetItem.INPUT_NOISE, dbu - Noise.whiteWeightDb(), written, How.FROM_A_WEIGHTED);
        }
        return new Entry(DataSheetItem.INPUT_NOISE, dbu, written, unit.startsWith("dbv") ? How.FROM_DBV : How.AS_IT_IS);
    }

    private static boolean weighted(String text) {
        String low = text.toLowerCase(Locale.ROOT);
        return low.contains("a-weighted") || low.contains("a weighted");
    }

    private static Entry maxInput(double value, String unit, String written) {
        return unit.startsWith("dbv")
                ? new Entry(DataSheetItem.MAX_INPUT, value + Volts.dbu(1), written, How.FROM_DBV)
                : as(DataSheetItem.MAX_INPUT, value, written);
    }

    private static Entry impedance(DataSheetItem item, double value, String unit, String written) {
        boolean kilo = unit.startsWith("k");
        boolean mega = unit.startsWith("m");
        double ohm = kilo ? value * 1e3 : mega ? value * 1e6 : value;
        if (!(ohm > 0)) {
            throw new IllegalArgumentException(Faults.say("quantity.resistance-lies-above", shortened(written)));
        }
        return new Entry(item, ohm, written, kilo || mega ? How.FROM_OTHER_UNIT : How.AS_IT_IS);
    }

    private static Entry weight(double value, String unit, String written) {
        if (unit.startsWith("kg")) {
            return as(DataSheetItem.WEIGHT, value, written);
        }
        double grams = unit.startsWith("oz") ? value * 28.3495 : unit.startsWith("lb") ? value * 453.592 : value;
        return new Entry(DataSheetItem.WEIGHT, grams / 1000, written, How.FROM_OTHER_UNIT);
    }

    /** How an item may be written. */
    private static String example(DataSheetItem item) {
        return switch (item) {
            case SENSITIVITY -> "20 mV/Pa, or −34 dBV/Pa";
            case SELF_NOISE -> "14 dB(A)";
            case SIGNAL_TO_NOISE -> "80 dB";
            case MAX_SPL -> "134 dB at 0.5 %";
            case OUTPUT_IMPEDANCE -> "150 Ω";
            case INPUT_IMPEDANCE -> "3 kΩ";
            case HEADPHONE_SENSITIVITY -> "98 dB/mW";
            case HEADPHONE_SENSITIVITY_VOLT -> "112 dB/V";
            case HEADPHONE_IMPEDANCE -> "32 Ω";
            case SOCKET_LEVEL -> "1.2 V, or +4 dBu";
            case SOCKET_IMPEDANCE -> "10 Ω";
            case INPUT_NOISE -> "−128 dBu";
            case MIN_GAIN, MAX_GAIN -> "56 dB";
            case MAX_INPUT -> "+10 dBu";
            case DYNAMIC_RANGE -> "110 dB";
            case BITS -> "24";
            case WEIGHT -> "350 g";
            case DIAPHRAGM -> "25 mm";
        };
    }
}
