package app.redlamp.media.json;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.util.Locale;

/** Names of fixed sets as they stand in files: small letters, hyphens. Capitals and underscores are read as well. */
public final class Named {
    private Named() {}

    /** Name of one of them. */
    public static String id(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @throws IOException where there is none of that name */
    public static <E extends Enum<E>> E of(Class<E> names, JsonObject o, String field) throws IOException {
        return of(names, o.text(field), o, field);
    }

    /**
     * @param o where it stands
     * @throws IOException where there is none of that name
     */
    public static <E extends Enum<E>> E of(Class<E> names, String written, JsonObject o, String field)
            throws IOException {
        String asked = written.toLowerCase(Locale.ROOT).replace('_', '-');
        StringBuilder all = new StringBuilder();
        for (E name : names.getEnumConstants()) {
            if (id(name).equals(asked)) {
                return name;
            }
            all.append(all.isEmpty() ? "" : ", ").append(id(name));
        }
        String said = "line " + o.lineOf(field) + ": " + field + " '" + Reason.shown(written) + "'";
        if (o.leniency().isNewer()) {
            o.leniency().note(Faults.say("named.is-not-known", said, id(names.getEnumConstants()[0])), "");
            return names.getEnumConstants()[0];
        }
        throw new IOException(Faults.say("named.must-be-one", said, all));
    }
}
