package app.redlamp.desktop.station;

import app.redlamp.core.print.PrintedTable;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Ways out of the window, which differ between the application and its tests. */
public interface Doors {

    /** What a file is asked for. */
    enum Kind {
        SCRIPT,
        RECORDING,
        KIT,
        PICTURE,
        /** Written: the plan, for a calendar or a table. */
        CALENDAR,
        /** Written: the report on a delivery. */
        REPORT
    }

    /** Folder in which new productions are made unless another is chosen. */
    Path home();

    /** Asks for a file that is there; absent where nobody wants one after all. */
    Optional<Path> open(Kind kind);

    /** Asks for several files that are there. */
    List<Path> openSeveral(Kind kind);

    /** Asks for a name to write to; absent where nobody wants one after all. */
    Optional<Path> save(Kind kind);

    /** Asks for a folder. */
    Optional<Path> folder();

    /** Writes a table where the user wants it. */
    void print(PrintedTable table);

    /** Puts a text where it can be pasted from. */
    void copy(String text);

    /** Shows a folder in the platform's file browser. */
    void show(Path folder);

    /** Closes the window. */
    void leave();
}
