package app.redlamp.desktop.app;

import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.station.Doors;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** No way out: for pictures, of which nobody chooses anything. */
class ClosedDoors implements Doors {
    @Override
    public Path home() {
        return Path.of("Red Lamp");
    }

    @Override
    public Optional<Path> open(Kind kind) {
        return Optional.empty();
    }

    @Override
    public List<Path> openSeveral(Kind kind) {
        return List.of();
    }

    @Override
    public Optional<Path> save(Kind kind) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> folder() {
        return Optional.empty();
    }

    @Override
    public void print(PrintedTable table) {}

    @Override
    public void copy(String text) {}

    @Override
    public void show(Path folder) {}

    @Override
    public void leave() {}
}
