package app.redlamp.desktop.kit;

import app.redlamp.core.chain.datasheet.DataSheet;
import app.redlamp.core.chain.datasheet.DataSheetReader;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.port.Equipment;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import app.redlamp.desktop.look.Strings;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;

/** Parts and kits of the library. Documents are written and read away from the interface thread. */
public final class PartsModel {
    private final Equipment equipment;
    private final JobService jobs;
    private final Strings strings;

    public PartsModel(Equipment equipment, JobService jobs, Strings strings) {
        this.equipment = equipment;
        this.jobs = jobs;
        this.strings = strings;
        equipment.faults().stream().reduce((a, b) -> a + " · " + b).ifPresent(jobs::notify);
    }

    /** Documents of the library that cannot be read, a line each. */
    List<String> faults() {
        return equipment.faults();
    }

    public <G extends Gear> List<G> of(Class<G> type) {
        return equipment.parts().stream()
                .filter(type::isInstance)
                .map(type::cast)
                .toList();
    }

    /**
     * A data sheet as it was understood.
     *
     * @param fault why it was not, one line; empty where it was
     */
    record ReadSheet(String pasted, DataSheet sheet, String fault) {
        static ReadSheet of(String pasted) {
            try {
                return new ReadSheet(pasted, DataSheetReader.read(pasted), "");
            } catch (IllegalArgumentException e) {
                return new ReadSheet(pasted, DataSheet.EMPTY, String.valueOf(e.getMessage()));
            }
        }
    }

    /** Reads data sheets away from the interface thread; of several that were asked for at once only the last is shown. */
    Consumer<String> reading(Consumer<ReadSheet> show) {
        Latest<String, ReadSheet> latest = new Latest<>(jobs, ReadSheet::of, show);
        return latest::ask;
    }

    /** Kits that were kept for several productions. */
    public List<Kit> kept() {
        return equipment.kept();
    }

    /** Keeps a part of the user's own in the library; told when it is there. */
    public void keep(Gear part, Runnable then) {
        jobs.chore(
                progress -> {
                    equipment.save(part);
                    return part;
                },
                kept -> {
                    jobs.notify(strings.say("kit.kept", kept.name()));
                    then.run();
                });
    }

    /** Keeps a kit in the library, for other productions. */
    public void keep(Kit kit) {
        jobs.chore(
                progress -> {
                    equipment.keep(kit);
                    return kit;
                },
                kept -> jobs.notify(strings.say("kit.kept", kept.name())));
    }

    /** Says something in the rail. */
    void say(String key) {
        jobs.notify(strings.say(key));
    }

    /** Reads a kit from a file. */
    public void read(Path file, Consumer<Kit> then) {
        jobs.chore(
                progress -> {
                    try {
                        return equipment.read(file);
                    } catch (IOException e) {
                        throw new IOException(file.getFileName() + " " + e.getMessage(), e);
                    }
                },
                then);
    }
}
