package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.decay.Clap;
import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.core.acoustics.diary.NoiseGroup;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Correction;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.MeasuredDecay;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.chain.compare.Comparison;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.port.Listening;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.units.Ids;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.Hearing;
import app.redlamp.desktop.production.Hearing.Outcome;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** Recordings of the room: a clap, a sentence before and after, a night. Each can be cancelled while it is read. */
public final class ListeningModel {
    /** Nights are recorded from bedtime on (common practice, no source). */
    private static final LocalTime USUAL_BEGIN = LocalTime.of(22, 0);

    private final RoomModel room;
    private final Listening listening;
    private final Recordings recordings;
    private final Hearing hearing;
    private final JobService jobs;
    private final Strings strings;
    private final ReadOnlyObjectWrapper<Outcome<Clap>> clap = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Outcome<Comparison>> comparison = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Outcome<Diary>> diary = new ReadOnlyObjectWrapper<>();
    private final ObjectProperty<LocalTime> begins = new SimpleObjectProperty<>(USUAL_BEGIN);

    public ListeningModel(
            RoomModel room, Listening listening, Recordings recordings, JobService jobs, Strings strings) {
        this.room = room;
        this.listening = listening;
        this.recordings = recordings;
        hearing = new Hearing(room.openProduction(), jobs);
        this.jobs = jobs;
        this.strings = strings;
        room.openProduction().folder().addListener((o, was, now) -> forget());
    }

    private void forget() {
        clap.set(null);
        comparison.set(null);
        diary.set(null);
    }

    /** The clap that was measured last; null for none. */
    public ReadOnlyObjectProperty<Outcome<Clap>> clap() {
        return clap.getReadOnlyProperty();
    }

    /** The sentences that were compared last; null for none. */
    public ReadOnlyObjectProperty<Outcome<Comparison>> comparison() {
        return comparison.getReadOnlyProperty();
    }

    /** The night that was read last; null for none. */
    public ReadOnlyObjectProperty<Outcome<Diary>> diary() {
        return diary.getReadOnlyProperty();
    }

    /** A clap and what it teaches about the building. */
    private record Taught(Clap clap, MeasuredDecay measured, Correction correction) {
        static Taught of(String name, Clap clap, Room drawn) {
            MeasuredDecay measured = MeasuredDecay.of(name, clap);
            return new Taught(clap, measured, Correction.toRing(drawn, measured.seconds()));
        }
    }

    /** Measures a clap, keeps it with the place, and corrects the drawing by it. */
    public void measure(Path file) {
        Spot measured = room.spot().get();
        if (measured == null) {
            return;
        }
        String name = name(file);
        hearing.hear(
                strings.say("job.clap", name),
                name,
                progress -> Taught.of(name, listening.clap(file, progress), measured.room()),
                heard -> {
                    clap.set(new Outcome<>(heard.name(), heard.result().map(Taught::clap), heard.fault()));
                    heard.result().ifPresent(t -> {
                        room.change(
                                "edit.measured",
                                s -> s.byId(measured.id())
                                        .map(m -> s.changing(m.measured(Optional.of(t.measured()))
                                                .with(m.room().corrected(t.correction()))))
                                        .orElse(s));
                        log(new LogEntry.Clap(name, t.clap().middleS().orElse(0)));
                    });
                });
    }

    /** Compares the same sentence before and after; the first is the one before. */
    public void compare(Path before, Path after) {
        String name = name(before) + " → " + name(after);
        hearing.hear(
                strings.say("job.compare"),
                name,
                progress -> Comparison.of(
                                recordings.measure(before, progress.part(0, 0.5)),
                                recordings.measure(after, progress.part(0.5, 1)))
                        .orElseThrow(() -> new IOException(strings.say("compare.silent"))),
                heard -> {
                    comparison.set(heard);
                    heard.result()
                            .flatMap(c -> c.lessNoiseDb().isPresent()
                                    ? Optional.of(c.lessNoiseDb().getAsDouble())
                                    : Optional.empty())
                            .ifPresent(db -> log(new LogEntry.Compare(name, db)));
                });
    }

    /** Reads a night. */
    public void listen(Path file) {
        String name = name(file);
        hearing.hear(strings.say("job.diary", name), name, progress -> listening.diary(file, progress), heard -> {
            diary.set(heard);
            heard.result().ifPresent(d -> log(new LogEntry.Diary(name, d.disturbed())));
        });
    }

    /**
     * Takes what was heard while the room was watched, as if it were a recording of a night.
     *
     * @param name what it is called
     * @param since when it began
     */
    public void watched(String name, Diary heard, LocalDateTime since) {
        begins.set(since.toLocalTime().truncatedTo(ChronoUnit.MINUTES));
        diary.set(new Outcome<>(name, Optional.of(heard), ""));
    }

    /** When the night begins; it can be set by whoever knows. */
    public ObjectProperty<LocalTime> begins() {
        return begins;
    }

    private void log(LogEntry entry) {
        room.openProduction().files().log(entry);
    }

    /** Whether the drawn room could be made to ring as it was measured. */
    public boolean correctable() {
        Spot spot = room.spot().get();
        return spot != null
                && spot.measured()
                        .map(m -> m.seconds().stream().anyMatch(s -> s.isPresent()))
                        .orElse(false);
    }

    /** Corrects the coefficients of the building, so that the drawing rings as long as the clap. */
    public void correct() {
        Spot measured = room.spot().get();
        if (measured == null || measured.measured().isEmpty()) {
            return;
        }
        jobs.chore(
                progress -> Correction.toRing(
                        measured.room(), measured.measured().orElseThrow().seconds()),
                found -> {
                    Spot now = room.spot().get();
                    if (now != null && now.id().equals(measured.id())) {
                        room.edit("edit.correct", r -> r.corrected(found));
                    }
                });
    }

    /** Counts the coefficients as they are drawn again. */
    public void uncorrect() {
        room.edit("edit.uncorrect", r -> r.corrected(Correction.NONE));
    }

    /**
     * Adds what was heard in a night to the place's noises, as loud as it was over the quiet.
     *
     * @param name what it is called
     * @param hours when it is on
     */
    public void add(NoiseGroup group, String name, List<Hours> hours) {
        Study study = room.study().get();
        if (study == null) {
            return;
        }
        double quiet = study.noiseDbA().orElse(study.wanted().noiseDbA() - 6);
        Timbre timbre = switch (group.kind()) {
            case HUM -> Timbre.HUM;
            case RUMBLE -> Timbre.RUMBLE;
            case BROADBAND -> Timbre.FAN;
            case CLICK -> Timbre.BROAD;
        };
        double wanted = quiet + group.overDb();
        SixBands areas = study.absorption().areas();
        room.editSpot("edit.noise.add", s -> {
            String id = freeId(s);
            OutsideSource one = new OutsideSource(id, name, timbre, 40, 1, Optional.empty(), hours);
            double there = one.inRoom(areas).dbA();
            double level = Math.max(0, Math.min(140, 40 + wanted - there));
            List<OutsideSource> more = new ArrayList<>(s.sources());
            more.add(new OutsideSource(id, name, timbre, level, 1, Optional.empty(), hours));
            return s.hearing(more);
        });
    }

    static String freeId(Spot spot) {
        return Ids.numbered(
                "noise",
                spot.sources().size() + 1,
                id -> spot.sources().stream().anyMatch(s -> s.id().equals(id)));
    }

    private static String name(Path file) {
        return String.valueOf(file.getFileName());
    }
}
