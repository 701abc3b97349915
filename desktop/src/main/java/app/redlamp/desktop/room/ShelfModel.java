package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Rooms;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.util.List;
import java.util.function.Consumer;

/** Materials and rooms of the library, read at once and written away from the interface thread. */
public final class ShelfModel {
    private final Rooms rooms;
    private final JobService jobs;
    private final Strings strings;

    public ShelfModel(Rooms rooms, JobService jobs, Strings strings) {
        this.rooms = rooms;
        this.jobs = jobs;
        this.strings = strings;
        rooms.faults().stream().reduce((a, b) -> a + " · " + b).ifPresent(jobs::notify);
    }

    /** Documents of the library that cannot be read, a line each. */
    public List<String> faults() {
        return rooms.faults();
    }

    /** Rooms to begin with. */
    public List<Spot> presets() {
        return rooms.presets();
    }

    /** Rooms that were kept for several productions. */
    public List<Spot> kept() {
        return rooms.kept();
    }

    /** Whether a material is the user's own. */
    public boolean isOwn(String materialId) {
        return rooms.isOwn(materialId);
    }

    public List<Material> materials(Material.Use use) {
        return rooms.materials().stream().filter(m -> m.use() == use).toList();
    }

    /** Keeps a changed material in the library. */
    public void keep(Material changed) {
        jobs.chore(
                progress -> {
                    rooms.save(changed);
                    return changed;
                },
                kept -> {});
    }

    /** Forgets the user's own figures of a material; told what ships, where something of that name does. */
    public void forget(String id, Consumer<Material> then) {
        jobs.chore(
                progress -> {
                    rooms.forget(id);
                    return rooms.material(id);
                },
                shipped -> shipped.ifPresent(then));
    }

    /** Keeps a place in the library, for other productions. */
    public void keep(Spot kept) {
        jobs.chore(
                progress -> {
                    rooms.keep(kept);
                    return kept;
                },
                k -> jobs.notify(strings.say("room.kept", k.name())));
    }
}
