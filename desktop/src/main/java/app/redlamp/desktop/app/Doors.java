package app.redlamp.desktop.app;

import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.brief.BriefStation;
import app.redlamp.desktop.deliver.DeliverStation;
import app.redlamp.desktop.kit.KitStation;
import app.redlamp.desktop.room.RoomStation;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** Ways out of the window. */
public record Doors(
        BriefStation.Doors brief,
        RoomStation.Doors room,
        KitStation.Doors kit,
        Level level,
        DeliverStation.Doors deliver,
        Whole window) {

    /**
     * Ways out of Level.
     *
     * @param print writes a table where the user wants it
     * @param choosePicture asks for a picture
     */
    public record Level(Consumer<PrintedTable> print, Supplier<Optional<Path>> choosePicture) {}

    /**
     * Ways out of the whole window.
     *
     * @param chooseFolder asks for a folder
     * @param leave closes the window
     */
    public record Whole(Supplier<Optional<Path>> chooseFolder, Runnable leave) {}
}
