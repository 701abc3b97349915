package app.redlamp.desktop.level;

import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.diary.DiaryFault;
import app.redlamp.core.acoustics.diary.DiaryMeter;
import app.redlamp.core.acoustics.diary.NoiseEvent;
import app.redlamp.core.log.LogEntry;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Watches the room: listens for as long as it is let, names what rises out of the quiet, and keeps it in the production's log. */
public final class WatchModel {
    private final LevelModel level;
    private final RoomDiary room;
    private final ReadOnlyObjectWrapper<Watched> watched = new ReadOnlyObjectWrapper<>();
    private final Latest<Watch, Read> reading;
    private Optional<Watch> watch = Optional.empty();

    /** One watch, from its beginning to its end. */
    private static final class Watch implements InputModel.Sink {
        final DiaryMeter meter;
        final LocalDateTime since;
        final Path folder;
        int told;

        Watch(DiaryMeter meter, LocalDateTime since, Path folder) {
            this.meter = meter;
            this.since = since;
            this.folder = folder;
        }

        @Override
        public synchronized void take(float[][] block, int frames, long lost) {
            meter.accept(block, frames);
        }

        /** Taken quickly: whoever captures does not wait while hours are read. */
        synchronized DiaryMeter.Unread soFar() {
            return meter.soFar();
        }
    }

    /**
     * What was heard so far.
     *
     * @param since when it began
     * @param diary absent while there is too little
     * @param running whether it goes on
     */
    public record Watched(LocalDateTime since, Optional<Diary> diary, boolean running) {}

    /** Takes what was heard, for the room's diary. */
    @FunctionalInterface
    public interface RoomDiary {
        /** @param since when the listening began */
        void heard(Diary diary, LocalDateTime since);
    }

    public WatchModel(LevelModel level, RoomDiary room, JobService jobs) {
        this.level = level;
        this.room = room;
        reading = new Latest<>(jobs, WatchModel::read, this::show);
        level.input().listening().addListener((o, was, now) -> {
            if (!now) {
                stop();
            }
        });
    }

    /** What is watched, or was watched last; null for nothing. */
    public ReadOnlyObjectProperty<Watched> watched() {
        return watched.getReadOnlyProperty();
    }

    public boolean running() {
        return watch.isPresent();
    }

    /** Begins to watch. */
    public void start() {
        if (level.openProduction().production().get() == null
                || level.input().chosen().get() == null) {
            return;
        }
        level.stop();
        level.listen(() -> {
            int rate = level.input().format().get().sampleRateHz();
            int channels = level.input().format().get().channels();
            DiaryMeter fresh = new DiaryMeter(rate, channels);
            Watch begun = new Watch(
                    fresh, level.now(), level.openProduction().folder().get());
            watch = Optional.of(begun);
            watched.set(new Watched(begun.since, Optional.empty(), true));
            level.input().alsoTo(begun);
        });
    }

    /** Reads what was heard so far, away from the interface thread; what is new goes to the log. */
    public void look() {
        watch.ifPresent(reading::ask);
    }

    private static Read read(Watch watch) {
        try {
            return new Read(watch, Optional.of(watch.soFar().read()));
        } catch (DiaryFault e) {
            // Too short yet, or nothing but silence.
            return new Read(watch, Optional.empty());
        }
    }

    private void show(Read read) {
        boolean goesOn = watch.filter(read.watch()::equals).isPresent();
        read.diary().ifPresent(d -> tell(read.watch(), d, goesOn));
        if (goesOn || watch.isEmpty()) {
            watched.set(new Watched(read.watch().since, read.diary(), goesOn));
        }
        if (!goesOn
                && read.watch().folder.equals(level.openProduction().folder().get())) {
            read.diary().ifPresent(d -> room.heard(d, read.watch().since));
        }
    }

    /** What was read of a watch. */
    private record Read(Watch watch, Optional<Diary> diary) {}

    /** Logs events that are over, in the production that was open then: the last may still go on. */
    private void tell(Watch of, Diary diary, boolean goesOn) {
        if (!of.folder.equals(level.openProduction().folder().get())) {
            return;
        }
        List<NoiseEvent> events = diary.events();
        while (of.told < events.size() - (goesOn ? 1 : 0)) {
            NoiseEvent event = events.get(of.told);
            level.openProduction()
                    .files()
                    .log(new LogEntry.Heard(
                            event.kind().id(),
                            of.since.plusSeconds((long) event.startS()),
                            event.lengthS(),
                            event.riseDb()));
            of.told++;
        }
    }

    /** Stops; what was heard stays. */
    public void stop() {
        watch.ifPresent(w -> {
            level.input().noMoreTo(w);
            watch = Optional.empty();
            reading.ask(w);
            Watched last = watched.get();
            watched.set(new Watched(last.since(), last.diary(), false));
        });
    }
}
