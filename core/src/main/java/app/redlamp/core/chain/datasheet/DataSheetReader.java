package app.redlamp.core.chain.datasheet;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;

/** Finds the figures in the pasted text of a data sheet, whatever else stands around them. The first of each item counts. */
public final class DataSheetReader {
    /** Longer texts are no data sheet (ours). */
    private static final int MOST_CHARACTERS = 100_000;

    /** As many lines (ours). */
    private static final int MOST_LINES = 2000;

    /** A name is looked for before names that are part of it. */
    private static final Map<String, DataSheetItem> NAMES = names();

    private static final java.util.regex.Pattern AT_FREQUENCY = java.util.regex.Pattern.compile(
            "(?i)(?:[@(,]\\s?)?(?:at |re |ref\\.? )?(?<!\\d)(?<!\\d[.,])\\d{1,6}(?:[.,]\\d{1,3})?\\s?k?hz\\)?");
    private static final java.util.regex.Pattern AT_LEVEL =
            java.util.regex.Pattern.compile("(?i)^[^\\d+-]*(?:@|at|re|ref\\.?)\\s?94\\s?db(?:\\s?spl)?");
    private static final java.util.regex.Pattern AT_PRESSURE =
            java.util.regex.Pattern.compile("(?i)^[^\\d+-]*(?:@|at|re|ref\\.?)\\s?1\\s?(?:pa|v/pa|v)\\b");
    private static final java.util.regex.Pattern LEADING = java.util.regex.Pattern.compile("^[\\s:=,.)(]+");
    private static final java.util.regex.Pattern RANGE = java.util.regex.Pattern.compile(
            "([-+]?\\d{1,3}(?:[.,]\\d)?)\\s*(?:db)?\\s*(?:to|\\.\\.\\.?|…|-)\\s*([-+]?\\d{1,3}(?:[.,]\\d)?)\\s*db");

    private final Map<DataSheetItem, Entry> entries = new LinkedHashMap<>();
    private final List<String> faults = new ArrayList<>();
    private Optional<Pattern> pattern = Optional.empty();
    private boolean phantom;

    private DataSheetReader() {}

    /** @throws IllegalArgumentException for a text that is longer than any data sheet */
    public static DataSheet read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(Faults.say("data-sheet-reader.text-is-longer"));
        }
        DataSheetReader reader = new DataSheetReader();
        text.lines()
                .limit(MOST_LINES)
                .flatMap(l -> List.of(l.split("[;|\t]", -1)).stream())
                .forEach(reader::line);
        reader.impedanceOfHeadphones();
        return new DataSheet(List.copyOf(reader.entries.values()), reader.pattern, reader.phantom, reader.faults);
    }

    private static Map<String, DataSheetItem> names() {
        Map<String, DataSheetItem> names = new LinkedHashMap<>();
        names.put("equivalent input noise", DataSheetItem.INPUT_NOISE);
        names.put("ein", DataSheetItem.INPUT_NOISE);
        names.put("equivalent noise", DataSheetItem.SELF_NOISE);
        names.put("self-noise", DataSheetItem.SELF_NOISE);
        names.put("self noise", DataSheetItem.SELF_NOISE);
        names.put("inherent noise", DataSheetItem.SELF_NOISE);
        names.put("noise level", DataSheetItem.SELF_NOISE);
        names.put("signal-to-noise", DataSheetItem.SIGNAL_TO_NOISE);
        names.put("signal to noise", DataSheetItem.SIGNAL_TO_NOISE);
        names.put("s/n", DataSheetItem.SIGNAL_TO_NOISE);
        names.put("snr", DataSheetItem.SIGNAL_TO_NOISE);
        names.put("dynamic range", DataSheetItem.DYNAMIC_RANGE);
        names.put("maximum sound pressure", DataSheetItem.MAX_SPL);
        names.put("sound pressure level", DataSheetItem.MAX_SPL);
        names.put("max spl", DataSheetItem.MAX_SPL);
        names.put("max. spl", DataSheetItem.MAX_SPL);
        names.put("maximum spl", DataSheetItem.MAX_SPL);
        names.put("maximum input sound", DataSheetItem.MAX_SPL);
        names.put("headphone output impedance", DataSheetItem.SOCKET_IMPEDANCE);
        names.put("headphones output impedance", DataSheetItem.SOCKET_IMPEDANCE);
        names.put("headphone impedance", DataSheetItem.SOCKET_IMPEDANCE);
        names.put("headphone output level", DataSheetItem.SOCKET_LEVEL);
        names.put("maximum headphone level", DataSheetItem.SOCKET_LEVEL);
        names.put("headphone level", DataSheetItem.SOCKET_LEVEL);
        names.put("input impedance", DataSheetItem.INPUT_IMPEDANCE);
        names.put("impedance", DataSheetItem.OUTPUT_IMPEDANCE);
        names.put("maximum input", DataSheetItem.MAX_INPUT);
        names.put("max. input", DataSheetItem.MAX_INPUT);
        names.put("max input", DataSheetItem.MAX_INPUT);
        names.put("maximum gain", DataSheetItem.MAX_GAIN);
        names.put("max. gain", DataSheetItem.MAX_GAIN);
        names.put("max gain", DataSheetItem.MAX_GAIN);
        names.put("minimum gain", DataSheetItem.MIN_GAIN);
        names.put("gain", DataSheetItem.MAX_GAIN);
        names.put("sensitivity", DataSheetItem.SENSITIVITY);
        names.put("open circuit", DataSheetItem.SENSITIVITY);
        names.put("diaphragm", DataSheetItem.DIAPHRAGM);
        names.put("weight", DataSheetItem.WEIGHT);
        names.put("bit depth", DataSheetItem.BITS);
        names.put("resolution", DataSheetItem.BITS);
        return names;
    }

    private void line(String written) {
        String line = Quantity.plain(written);
        String low = line.toLowerCase(Locale.ROOT);
        if (low.contains("phantom") || low.contains("48 v") || low.contains("p48")) {
            phantom = phantom || !(low.contains("not required") || low.contains("none"));
        }
        if (pattern.isEmpty()) {
            pattern = pattern(low);
        }
        // What a microphone wants to see is not what it is.
        if (low.contains("load impedance") || low.contains("recommended load") || low.contains("minimum load")) {
            return;
        }
        for (Map.Entry<String, DataSheetItem> name : NAMES.entrySet()) {
            int at = find(low, name.getKey());
            if (at >= 0) {
                String rest = line.substring(at + name.getKey().length());
                DataSheetItem item = ofHeadphones(name.getValue(), rest.toLowerCase(Locale.ROOT));
                if (!entries.containsKey(item)) {
                    take(item, rest, low);
                }
                return;
            }
        }
    }

    /** Headphones call their level what microphones call theirs: "98 dB at 1 mW" is none of a microphone. */
    private static DataSheetItem ofHeadphones(DataSheetItem item, String rest) {
        boolean level = item == DataSheetItem.SENSITIVITY || item == DataSheetItem.MAX_SPL;
        if (!level || !HeadphoneQuantity.isHeadphones(rest)) {
            return item;
        }
        return HeadphoneQuantity.isOfVolt(rest)
                ? DataSheetItem.HEADPHONE_SENSITIVITY_VOLT
                : DataSheetItem.HEADPHONE_SENSITIVITY;
    }

    /** Whose impedance it is only the other lines say. */
    private void impedanceOfHeadphones() {
        boolean headphones = entries.containsKey(DataSheetItem.HEADPHONE_SENSITIVITY)
                || entries.containsKey(DataSheetItem.HEADPHONE_SENSITIVITY_VOLT);
        Entry output = headphones ? entries.remove(DataSheetItem.OUTPUT_IMPEDANCE) : null;
        if (output != null) {
            entries.put(
                    DataSheetItem.HEADPHONE_IMPEDANCE,
                    new Entry(DataSheetItem.HEADPHONE_IMPEDANCE, output.value(), output.written(), output.how()));
        }
    }

    /** Where a name stands as words of its own. */
    private static int find(String line, String name) {
        int at = line.indexOf(name);
        while (at >= 0) {
            boolean before = at == 0 || !Character.isLetter(line.charAt(at - 1));
            int end = at + name.length();
            boolean after = end == line.length() || !Character.isLetter(line.charAt(end)) || name.length() > 4;
            if (before && after) {
                return at;
            }
            at = line.indexOf(name, at + 1);
        }
        return -1;
    }

    private void take(DataSheetItem item, String rest, String low) {
        Matcher range = RANGE.matcher(rest.toLowerCase(Locale.ROOT));
        if (item == DataSheetItem.MAX_GAIN && range.find()) {
            put(DataSheetItem.MIN_GAIN, range.group(1) + " dB", "");
            put(DataSheetItem.MAX_GAIN, range.group(2) + " dB", "");
            return;
        }
        int colon = rest.indexOf(':');
        boolean after =
                colon >= 0 && Quantity.NUMBER.matcher(rest.substring(colon)).find();
        // "for 0.5 % THD: 134 dB": what stands before the colon is the condition.
        String figure = withoutConditions(after ? rest.substring(colon) : rest);
        String condition = after ? " " + rest.substring(0, colon) : "";
        if (Quantity.NUMBER.matcher(figure).find()) {
            boolean weighted = low.contains("a-weighted") && item == DataSheetItem.INPUT_NOISE;
            put(item, figure, condition + (weighted ? " A-weighted" : ""));
        }
    }

    /** "(1 kHz) −54 dBV/Pa", "@ 94 dB SPL: 80 dB", "1 kHz at 1 Pa: 20 mV": the condition is no figure. */
    private static String withoutConditions(String rest) {
        String figure = AT_FREQUENCY.matcher(rest).replaceAll(" ");
        figure = AT_LEVEL.matcher(figure).replaceAll(" ");
        figure = AT_PRESSURE.matcher(figure).replaceAll(" ");
        return LEADING.matcher(figure).replaceAll("").strip();
    }

    /** @param condition what else counts, and is not shown with it */
    private void put(DataSheetItem item, String written, String condition) {
        try {
            Entry read = Quantity.read(item, written + condition);
            entries.putIfAbsent(item, new Entry(item, read.value(), written, read.how()));
        } catch (IllegalArgumentException e) {
            faults.add(e.getMessage());
        }
    }

    private static Optional<Pattern> pattern(String low) {
        if (low.contains("hypercardioid") || low.contains("hyper-cardioid")) {
            return Optional.of(Pattern.HYPERCARDIOID);
        }
        if (low.contains("supercardioid") || low.contains("super-cardioid")) {
            return Optional.of(Pattern.SUPERCARDIOID);
        }
        if (low.contains("cardioid")) {
            return Optional.of(Pattern.CARDIOID);
        }
        if (low.contains("omni")) {
            return Optional.of(Pattern.OMNI);
        }
        if (low.contains("figure-of-eight") || low.contains("figure of eight") || low.contains("bidirectional")) {
            return Optional.of(Pattern.FIGURE_EIGHT);
        }
        return Optional.empty();
    }
}
