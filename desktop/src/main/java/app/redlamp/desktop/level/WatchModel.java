package app.redlamp.desktop.level;

import app.redlamp.core.diary.Diary;
import app.redlamp.core.diary.DiaryFault;
import app.redlamp.core.diary.DiaryMeter;
import app.redlamp.core.diary.NoiseEvent;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.Latest;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Watches the room: listens for as long as it is let, names what rises out of the quiet, and keeps it in the production's log. */
public final class WatchModel {
    private final LevelModel level;
    private final ReadOnlyObjectWrapper<Watched> watched = new ReadOnlyObjectWrapper<>();
    private final Latest<DiaryMeter, Read> reading;
    private Optional<DiaryMeter> meter = Optional.empty();
    private LocalDateTime since;
    private int told;

    /**
     * What was heard so far.
     *
     * @param since when it began
     * @param diary absent while there is too little
     * @param running whether it goes on
     */
    public record Watched(LocalDateTime since, Optional<Diary> diary, boolean running) {}

    public WatchModel(LevelModel level, JobService jobs) {
        this.level = level;
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
        return meter.isPresent();
    }

    /** Begins to watch. */
    public void start() {
        if (level.open().production().get() == null || level.input().chosen().get() == null) {
            return;
        }
        level.stop();
        level.listen(() -> {
            int rate = level.input().format().get().sampleRateHz();
            int channels = level.input().format().get().channels();
            DiaryMeter fresh = new DiaryMeter(rate, channels);
            meter = Optional.of(fresh);
            since = level.now();
            told = 0;
            watched.set(new Watched(since, Optional.empty(), true));
            level.input().alsoTo(Optional.of((block, frames) -> {
                synchronized (fresh) {
                    fresh.accept(block, frames);
                }
            }));
        });
    }

    /** Reads what was heard so far, away from the interface thread; what is new goes to the log. */
    public void look() {
        meter.ifPresent(reading::ask);
    }

    private static Read read(DiaryMeter meter) {
        synchronized (meter) {
            try {
                return new Read(meter, Optional.of(meter.diary()));
            } catch (DiaryFault e) {
                // Too short yet, or nothing but silence.
                return new Read(meter, Optional.empty());
            }
        }
    }

    private void show(Read read) {
        boolean goesOn = meter.filter(read.meter()::equals).isPresent();
        read.diary().ifPresent(d -> tell(d, goesOn));
        watched.set(new Watched(since, read.diary(), goesOn));
    }

    /** What was read of a meter. */
    private record Read(DiaryMeter meter, Optional<Diary> diary) {}

    /** Events that are over: the last may still go on. */
    private void tell(Diary diary, boolean goesOn) {
        List<NoiseEvent> events = diary.events();
        while (told < events.size() - (goesOn ? 1 : 0)) {
            NoiseEvent event = events.get(told);
            level.open()
                    .log(
                            "heard",
                            Map.of(
                                    "kind", event.kind().id(),
                                    "at",
                                            since.plusSeconds((long) event.startS())
                                                    .toString(),
                                    "lengthS", String.valueOf(event.lengthS()),
                                    "riseDb", String.valueOf(event.riseDb())));
            told++;
        }
    }

    /** Stops; what was heard stays. */
    public void stop() {
        if (meter.isPresent()) {
            reading.ask(meter.get());
            meter = Optional.empty();
            level.input().alsoTo(Optional.empty());
            Watched last = watched.get();
            watched.set(new Watched(last.since(), last.diary(), false));
        }
    }
}
