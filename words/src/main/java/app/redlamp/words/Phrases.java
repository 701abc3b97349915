package app.redlamp.words;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** Texts of a bundle with their figures put in. */
final class Phrases {
    private final ResourceBundle bundle;
    private final Locale locale;

    Phrases(String name, Locale locale) {
        bundle = ResourceBundle.getBundle("app.redlamp.words." + name, locale);
        this.locale = locale;
    }

    String say(String key, Object... figures) {
        return new MessageFormat(bundle.getString(key), locale).format(figures);
    }

    /** The form for one or for many; the number is the first figure. */
    String count(String key, long number, Object... more) {
        Object[] figures = new Object[more.length + 1];
        figures[0] = String.valueOf(number);
        System.arraycopy(more, 0, figures, 1, more.length);
        return say(key + (number == 1 ? ".one" : ".many"), figures);
    }
}
