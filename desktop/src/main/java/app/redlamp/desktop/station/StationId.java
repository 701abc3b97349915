package app.redlamp.desktop.station;

import java.util.Locale;

/** The stations in the order of the job; each has its number from the start, whether it is built yet or not. */
public enum StationId {
    BRIEF,
    ROOM,
    KIT,
    LEVEL,
    TAKE,
    FINISH,
    DELIVER;

    /** Name in bundles and files, such as {@code brief}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Its place on the wire and its digit on the keyboard, from 1. */
    public int number() {
        return switch (this) {
            case BRIEF -> 1;
            case ROOM -> 2;
            case KIT -> 3;
            case LEVEL -> 4;
            case TAKE -> 5;
            case FINISH -> 6;
            case DELIVER -> 7;
        };
    }
}
