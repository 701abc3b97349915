package app.redlamp.words;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Lengths as people write them: metres and centimetres, or feet and inches. */
public final class Lengths {
    private static final double FOOT_M = 0.3048;
    private static final double INCH_M = 0.0254;
    private static final double LONGEST_M = 10_000;
    private static final Pattern FEET = Pattern.compile(
            "(?:(\\d+(?:\\.\\d+)?)\\s*(?:ft|feet|foot|')\\s*)?(?:(\\d+(?:\\.\\d+)?)\\s*(?:in|inch|inches|\")?)?");
    private static final Pattern METRIC = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(m|cm|mm)?");

    private final Figures figures;
    private final Phrases phrases;
    private final boolean imperial;

    /** @param imperial whether lengths are written in feet and inches */
    public Lengths(Locale locale, boolean imperial) {
        figures = new Figures(locale);
        phrases = new Phrases("wording", locale);
        this.imperial = imperial;
    }

    public boolean imperial() {
        return imperial;
    }

    /** Whether people of a country measure rooms in feet. */
    public static boolean imperialIn(Locale locale) {
        return "US".equals(locale.getCountry());
    }

    /** A length to the centimetre, or to the half inch: "2.40 m", "35 cm", "7 ft 10.5 in". */
    public String say(double metres) {
        if (imperial) {
            double halves = Math.rint(Math.abs(metres) / INCH_M * 2);
            long feet = (long) (halves / 24);
            double inches = (halves - feet * 24) / 2;
            String rest = inches == Math.rint(inches) ? figures.whole(inches) : figures.tenths(inches);
            String sign = metres < 0 && halves > 0 ? "−" : "";
            if (feet == 0) {
                return sign + rest + " in";
            }
            return sign + feet + " ft" + (inches > 0 ? " " + rest + " in" : "");
        }
        double centimetres = Math.rint(metres * 100);
        return Math.abs(centimetres) < 100
                ? figures.whole(centimetres) + " cm"
                : figures.hundredths(centimetres / 100) + " m";
    }

    /**
     * Reads a length, whichever way it is written. A bare number is metres, or feet where lengths are imperial.
     *
     * @throws IllegalArgumentException with one line, where it is none
     */
    public double read(String written) {
        String text = written.strip()
                .toLowerCase(Locale.ROOT)
                .replace(',', '.')
                .replace('′', '\'')
                .replace('’', '\'')
                .replace('″', '"')
                .replace('”', '"')
                .replace("''", "\"");
        Matcher metric = METRIC.matcher(text);
        if (metric.matches() && !(imperial && metric.group(2) == null)) {
            double unit = "cm".equals(metric.group(2)) ? 0.01 : "mm".equals(metric.group(2)) ? 0.001 : 1;
            return checked(Double.parseDouble(metric.group(1)) * unit, written);
        }
        if (imperial && metric.matches()) {
            return checked(Double.parseDouble(metric.group(1)) * FOOT_M, written);
        }
        Matcher feet = FEET.matcher(text);
        if (!text.isEmpty() && text.length() < 40 && feet.matches()) {
            double whole = feet.group(1) == null ? 0 : Double.parseDouble(feet.group(1));
            double inches = feet.group(2) == null ? 0 : Double.parseDouble(feet.group(2));
            return checked(whole * FOOT_M + inches * INCH_M, written);
        }
        throw wrong(written);
    }

    private double checked(double metres, String written) {
        if (metres <= LONGEST_M) {
            return metres;
        }
        throw wrong(written);
    }

    private IllegalArgumentException wrong(String written) {
        String shown = written.length() > 24 ? written.substring(0, 24) + "…" : written;
        return new IllegalArgumentException(
                phrases.say(imperial ? "length.wrong.imperial" : "length.wrong.metric", shown));
    }
}
