package app.redlamp.desktop.look;

import java.text.MessageFormat;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;

/** The words of the interface, from the common bundle and those of the stations. Figures are formatted before they get here. */
public final class Strings {
    private static final String ROOT = "app.redlamp.desktop.";

    private final Map<String, String> words = new HashMap<>();
    private final Locale locale;

    public Strings(Locale locale) {
        this.locale = locale;
        read("");
        for (String name : Packages.ALL) {
            if (Strings.class.getResource("/" + ROOT.replace('.', '/') + name + "/strings.properties") != null) {
                read(name + ".");
            }
        }
    }

    private void read(String prefix) {
        ResourceBundle bundle = ResourceBundle.getBundle(ROOT + prefix + "strings", locale);
        for (String key : bundle.keySet()) {
            if (words.put(key, bundle.getString(key)) != null) {
                throw new IllegalStateException("two bundles have the key " + key);
            }
        }
    }

    public Locale locale() {
        return locale;
    }

    /** @throws MissingResourceException where there is no such key */
    public String say(String key, Object... values) {
        String pattern = words.get(key);
        if (pattern == null) {
            throw new MissingResourceException("no words for " + key, ROOT + "strings", key);
        }
        return new MessageFormat(pattern, locale).format(values);
    }

    public boolean knows(String key) {
        return words.containsKey(key);
    }

    /** All keys, for tests that hold them against the code. */
    Set<String> keys() {
        return Set.copyOf(words.keySet());
    }
}
