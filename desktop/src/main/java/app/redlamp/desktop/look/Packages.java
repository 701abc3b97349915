package app.redlamp.desktop.look;

import java.util.List;

/**
 * The packages that bring words and styles of their own: {@code strings.properties} and a stylesheet of the package's name,
 * beside its classes. All seven stations stand here from the start, built or not: a new one changes nothing here.
 */
final class Packages {
    static final List<String> ALL = List.of(
            "control",
            "brief",
            "room",
            "kit",
            "level",
            "take",
            "finish",
            "deliver",
            "log",
            "practice",
            "specification");

    private Packages() {}
}
