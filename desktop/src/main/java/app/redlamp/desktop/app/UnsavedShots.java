package app.redlamp.desktop.app;

import app.redlamp.desktop.station.StationId;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.event.Event;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Views of what happens when the open production cannot be saved: its folder is taken away, as by a disk that is unplugged. */
final class UnsavedShots {
    private UnsavedShots() {}

    static List<ShotList.Shot> all() {
        return List.of(
                new ShotList.Shot("unsaved-dusk", UnsavedShots::takeAway),
                new ShotList.Shot("closing-dusk", w -> w.closing().mayLeave()),
                new ShotList.Shot("closing-large-daylight", w -> {
                    w.shell().switchTheme();
                    w.shell().scale(5);
                }),
                new ShotList.Shot("rescue-daylight", w -> {
                    w.shell().scale(0);
                    w.closing().offer();
                }));
    }

    private static void takeAway(Wiring w) {
        Path folder = w.production().folder().get();
        w.go(StationId.BRIEF);
        // The sheet of keys, which the view before this one shows.
        Event.fireEvent(
                w.scene().getRoot(),
                new KeyEvent(KeyEvent.KEY_TYPED, "?", "", KeyCode.UNDEFINED, false, false, false, false));
        try {
            Files.move(
                    folder,
                    Files.createDirectories(folder.resolveSibling("unplugged/disk"))
                            .resolve(folder.getFileName()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        w.production().edit("client", p -> p.with(p.brief().forClient("Mill House")));
    }
}
