package app.redlamp.desktop.look;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/** The words of the interface, from its resource bundle. Figures are formatted before they get here. */
public final class Strings {
    private final ResourceBundle bundle;
    private final Locale locale;

    public Strings(Locale locale) {
        this.locale = locale;
        bundle = ResourceBundle.getBundle("app.redlamp.desktop.strings", locale);
    }

    public Locale locale() {
        return locale;
    }

    /** @throws java.util.MissingResourceException where there is no such key */
    public String say(String key, Object... values) {
        return new MessageFormat(bundle.getString(key), locale).format(values);
    }

    public boolean knows(String key) {
        return bundle.containsKey(key);
    }
}
