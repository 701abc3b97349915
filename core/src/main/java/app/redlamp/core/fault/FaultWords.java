package app.redlamp.core.fault;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.Locale;
import java.util.ResourceBundle;

/** The sentences of faults, from the bundle of a module: what is wrong, and what to do. Read when something first goes wrong. */
public final class FaultWords {
    private final String bundle;

    /** @param bundle name of the bundle, which lies beside the module's classes */
    public FaultWords(String bundle) {
        this.bundle = bundle;
    }

    /**
     * A sentence, or the part of one that follows the name of a file.
     *
     * @param values put in as they are: figures are not rounded and get no separators
     * @throws java.util.MissingResourceException where there is no such key
     */
    public String say(String key, Object... values) {
        String pattern = ResourceBundle.getBundle(bundle, Locale.getDefault(), FaultWords.class.getClassLoader())
                .getString(key);
        return new MessageFormat(pattern, Locale.ROOT)
                .format(Arrays.stream(values).map(String::valueOf).toArray());
    }
}
