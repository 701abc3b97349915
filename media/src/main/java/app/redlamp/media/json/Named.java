package app.redlamp.media.json;

import java.io.IOException;
import java.util.Locale;

/** Names of fixed sets as they stand in files: small letters, hyphens. */
public final class Named {
    private Named() {}

    /** Name of one of them. */
    public static String id(Enum<?> name) {
        return name.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** @throws IOException where there is none of that name */
    public static <E extends Enum<E>> E of(Class<E> names, JsonObject o, String field) throws IOException {
        return of(names, o.text(field), o.lineOf(field), field);
    }

    /** @throws IOException where there is none of that name */
    public static <E extends Enum<E>> E of(Class<E> names, String written, int line, String field) throws IOException {
        StringBuilder all = new StringBuilder();
        for (E name : names.getEnumConstants()) {
            if (id(name).equals(written)) {
                return name;
            }
            all.append(all.isEmpty() ? "" : ", ").append(id(name));
        }
        throw new IOException("line " + line + ": " + field + " '" + written + "' must be one of " + all);
    }
}
