package app.redlamp.desktop.bench;

import app.redlamp.core.port.Shelf;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;

/**
 * Parts and wholes of the library, read at once and written away from the interface thread.
 *
 * @param <P> a part
 * @param <W> a whole
 */
public final class ShelfModel<P, W> {
    private final Shelf<P, W> shelf;
    private final Function<W, String> name;
    private final JobService jobs;
    private final Strings strings;

    /** @param name of a whole, to say that it is kept */
    public ShelfModel(Shelf<P, W> shelf, Function<W, String> name, JobService jobs, Strings strings) {
        this.shelf = shelf;
        this.name = name;
        this.jobs = jobs;
        this.strings = strings;
        shelf.faults().stream().reduce((a, b) -> a + " · " + b).ifPresent(jobs::notify);
    }

    /** Documents of the library that cannot be read, a line each. */
    public List<String> faults() {
        return shelf.faults();
    }

    /** All parts, in the order in which they are offered. */
    public List<P> parts() {
        return shelf.parts();
    }

    /** Parts of one type. */
    public <T extends P> List<T> of(Class<T> type) {
        return parts().stream().filter(type::isInstance).map(type::cast).toList();
    }

    /** Whether a part is the user's own. */
    public boolean isOwn(String partId) {
        return shelf.isOwn(partId);
    }

    /** Wholes to begin with. */
    public List<W> presets() {
        return shelf.presets();
    }

    /** Wholes that were kept for several productions. */
    public List<W> kept() {
        return shelf.kept();
    }

    /** Keeps a part of the user's own in the library; told when it is there. */
    public void save(P part, Consumer<P> then) {
        jobs.chore(
                progress -> {
                    shelf.save(part);
                    return part;
                },
                then);
    }

    /** Forgets a part of the user's own; told what ships, where something of that name does. */
    public void forget(String partId, Consumer<P> then) {
        jobs.chore(
                progress -> {
                    shelf.forget(partId);
                    return shelf.part(partId);
                },
                (Optional<P> shipped) -> shipped.ifPresent(then));
    }

    /** Keeps a whole in the library, for other productions. */
    public void keep(W whole) {
        jobs.chore(
                progress -> {
                    shelf.keep(whole);
                    return whole;
                },
                kept -> sayKept(name.apply(kept)));
    }

    /** Reads a whole from a file. */
    public void read(Path file, Consumer<W> then) {
        jobs.chore(
                progress -> {
                    try {
                        return shelf.read(file);
                    } catch (IOException e) {
                        throw new IOException(file.getFileName() + " " + e.getMessage(), e);
                    }
                },
                then);
    }

    /** Says in the rail that something is in the library now. */
    public void sayKept(String name) {
        jobs.notify(strings.say("shelf.kept", name));
    }
}
