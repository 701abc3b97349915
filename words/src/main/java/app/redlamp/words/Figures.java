package app.redlamp.words;

import java.math.RoundingMode;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.Locale;
import java.util.OptionalDouble;

/** Numbers as people read them: decimals as the locale has them, a true minus sign, no "−0.0". */
public final class Figures {
    /** Stands for a value that is undefined. */
    public static final String ABSENT = "–";

    private final Locale locale;

    public Figures(Locale locale) {
        this.locale = locale;
    }

    public Locale locale() {
        return locale;
    }

    /** One decimal, such as {@code −20.4}. */
    public String tenths(double value) {
        return format(value, 1);
    }

    public String tenths(OptionalDouble value) {
        return value.isPresent() ? tenths(value.getAsDouble()) : ABSENT;
    }

    /** One decimal and always a sign, such as {@code +9.4}. */
    public String signed(double value) {
        String text = tenths(value);
        return value > 0 && !text.equals(tenths(0)) ? "+" + text : text;
    }

    /** Two decimals, such as {@code 0.35}. */
    public String hundredths(double value) {
        return format(value, 2);
    }

    /** No decimals and no grouping, such as {@code 44100}. */
    public String whole(double value) {
        return format(value, 0);
    }

    /** A frequency in kHz with the decimals it needs, such as {@code 44.1}. */
    public String kiloHertz(double hertz) {
        DecimalFormat format = pattern("0.###");
        return format.format(hertz / 1000);
    }

    /** A place in time to the tenth of a second, such as {@code 1:02.3}. */
    public String clockTenths(double seconds) {
        double tenths = Math.floor(seconds * 10) / 10;
        long minutes = (long) (tenths / 60);
        String rest = format(tenths - minutes * 60, 1);
        return minutes + ":" + (tenths - minutes * 60 < 10 ? "0" : "") + rest;
    }

    /** A length of time as {@code 1:02:03} or {@code 2:03}. */
    public String clock(double seconds) {
        long whole = Math.round(seconds);
        long hours = whole / 3600;
        long minutes = whole / 60 % 60;
        return hours > 0
                ? String.format(locale, "%d:%02d:%02d", hours, minutes, whole % 60)
                : String.format(locale, "%d:%02d", minutes, whole % 60);
    }

    private String format(double value, int decimals) {
        double factor = Math.pow(10, decimals);
        double rounded = Math.rint(value * factor) / factor;
        return pattern(decimals == 0 ? "0" : "0." + "0".repeat(decimals)).format(rounded == 0 ? 0 : rounded);
    }

    private DecimalFormat pattern(String pattern) {
        DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(locale);
        symbols.setMinusSign('−');
        DecimalFormat format = new DecimalFormat(pattern, symbols);
        format.setRoundingMode(RoundingMode.HALF_EVEN);
        return format;
    }
}
