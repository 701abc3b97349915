package app.redlamp.desktop.kit;

import app.redlamp.core.chain.compare.MicrophoneComparison;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.port.Recordings;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.Hearing;
import app.redlamp.desktop.production.ProductionModel;
import java.io.IOException;
import java.nio.file.Path;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Two takes of the same text, one for each of two microphones. */
public final class TakesModel {
    private final ProductionModel open;
    private final Recordings recordings;
    private final Strings strings;
    private final Hearing hearing;
    private final ReadOnlyObjectWrapper<Takes> takes = new ReadOnlyObjectWrapper<>();

    /** What was compared; the names are those of the recordings. */
    public record Takes(String first, String second, Hearing.Outcome<MicrophoneComparison> heard) {}

    public TakesModel(ProductionModel open, Recordings recordings, JobService jobs, Strings strings) {
        this.open = open;
        this.recordings = recordings;
        this.strings = strings;
        hearing = new Hearing(open, jobs);
        open.folder().addListener((o, was, now) -> takes.set(null));
    }

    /** The takes that were compared last; null for none. */
    public ReadOnlyObjectProperty<Takes> takes() {
        return takes.getReadOnlyProperty();
    }

    /** Compares two takes. */
    public void compare(Path first, Path second) {
        String a = String.valueOf(first.getFileName());
        String b = String.valueOf(second.getFileName());
        hearing.hear(
                strings.say("job.takes"),
                a + ", " + b,
                progress -> MicrophoneComparison.of(
                                recordings.measure(first, progress.part(0, 0.5)),
                                recordings.measure(second, progress.part(0.5, 1)))
                        .orElseThrow(() -> new IOException(strings.say("compare.silent"))),
                heard -> {
                    takes.set(new Takes(a, b, heard));
                    heard.result()
                            .ifPresent(c -> open.files()
                                    .log(new LogEntry.Microphones(
                                            a,
                                            b,
                                            c.better(MicrophoneComparison.Point.NOISE)
                                                    .orElse(0))));
                });
    }
}
