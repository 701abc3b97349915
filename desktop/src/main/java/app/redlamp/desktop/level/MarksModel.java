package app.redlamp.desktop.level;

import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Taper;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.LearntControls;
import app.redlamp.core.setting.marks.Control;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkAdvice;
import app.redlamp.core.setting.marks.MarkCurve;
import app.redlamp.core.setting.marks.MarkLevels;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import app.redlamp.desktop.job.JobService;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Knob and slider without decibels: the loudest line at several positions. In the simulated booth they are turned here; of a real device
 * they are turned by hand, and here it is said where they stand.
 */
public final class MarksModel {
    /** Quiet first, for the noise, and then the loudest line. */
    private static final List<LineTake.Part> PARTS =
            List.of(new LineTake.Part(Cue.STILL, 2), new LineTake.Part(Cue.LOUDEST, 6));

    private final LevelModel level;
    private final LineTake line;
    private final LearntControls kept;
    private final JobService jobs;
    private final ReadOnlyObjectWrapper<Learnt> learnt = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Positions> placed = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper running = new ReadOnlyBooleanWrapper();
    private final ReadOnlyBooleanWrapper speaking = new ReadOnlyBooleanWrapper();

    /** Where both stood when that was last known, and the gain of the kit then. */
    private Optional<Anchor> anchor = Optional.empty();

    private record Anchor(Positions at, double gainDb) {}

    public MarksModel(LevelModel level, LineTake line, LearntControls kept, JobService jobs) {
        this.level = level;
        this.line = line;
        this.kept = kept;
        this.jobs = jobs;
        level.input().chosen().addListener((o, was, now) -> follow());
        kept.faults().stream().reduce((a, b) -> a + " · " + b).ifPresent(jobs::notify);
        follow();
    }

    private void follow() {
        anchor = Optional.empty();
        placed.set(null);
        learnt.set(
                level.input().chosen().get() == null
                        ? null
                        : kept.of(level.input().chosen().get().name())
                                .orElseGet(() -> Learnt.nothing(
                                        level.input().chosen().get().name())));
    }

    /** What was learnt of the input; null without one. */
    public ReadOnlyObjectProperty<Learnt> learnt() {
        return learnt.getReadOnlyProperty();
    }

    /** Where both were put last; null for nowhere yet. */
    public ReadOnlyObjectProperty<Positions> placed() {
        return placed.getReadOnlyProperty();
    }

    /** Whether a line is listened to. */
    public ReadOnlyBooleanProperty running() {
        return running.getReadOnlyProperty();
    }

    /** Whether the line is to be said now; before it, quiet is listened to. */
    public ReadOnlyBooleanProperty speaking() {
        return speaking.getReadOnlyProperty();
    }

    /** Share of the quiet or of the line that is over, 0 to 1. */
    public double share() {
        return running.get() ? line.share() : 0;
    }

    /** Where both stand; absent where nobody said so. */
    public Optional<Positions> stands() {
        Learnt now = learnt.get();
        if (now == null) {
            return Optional.empty();
        }
        if (level.input().simulated()) {
            return level.chain().map(c -> simulated(now, c));
        }
        return anchor.map(a -> moved(now, a));
    }

    private Positions simulated(Learnt now, Chain chain) {
        Scale knob = now.knob();
        Scale slider = now.slider().orElse(Scale.PERCENT);
        return new Positions(
                knob.at(Taper.knobShare(chain.preamp(), chain.gainDb())),
                slider.at(level.booth().sliderShare()));
    }

    /** The kit's gain was changed since: by so much the knob was turned. */
    private Positions moved(Learnt now, Anchor from) {
        double by = level.chain().map(c -> c.gainDb() - from.gainDb()).orElse(0.0);
        OptionalDouble there = turned(now, from.at().knob(), by);
        return by == 0 || there.isEmpty() ? from.at() : from.at().knob(there.getAsDouble());
    }

    private static OptionalDouble turned(Learnt now, double knob, double db) {
        Optional<MarkCurve> curve = now.curve(Control.KNOB).filter(c -> c.knows(knob) && !c.falls());
        return curve.map(c -> c.markAt(c.dbAt(knob) + db)).orElse(OptionalDouble.empty());
    }

    /** The mark at which the knob comes to stand when it is turned by so many dB; absent where that was not learnt. */
    public OptionalDouble turned(double db) {
        Learnt now = learnt.get();
        return stands().map(p -> turned(now, p.knob(), db)).orElse(OptionalDouble.empty());
    }

    /** What to do; absent without an input or a school. */
    public Optional<MarkAdvice> advice() {
        Optional<GainSchool> school = level.school();
        Learnt now = learnt.get();
        return now == null || school.isEmpty()
                ? Optional.empty()
                : Optional.of(MarkAdvice.of(
                        now,
                        school.get(),
                        stands().orElseGet(() -> now.at(now.knob().lowest()))));
    }

    /** Where to say the line next; absent where enough was heard. */
    public Optional<Positions> next() {
        Learnt now = learnt.get();
        return now == null ? Optional.empty() : now.next().or(() -> advice().flatMap(MarkAdvice::further));
    }

    /** Other scales; what was heard at the marks of the old ones is forgotten. */
    public void scale(Scale knob, Optional<Scale> slider) {
        stop();
        keep(learnt.get().scaled(knob, slider));
    }

    /** Forgets a line. */
    public void forget(Phrase phrase) {
        keep(learnt.get().without(phrase));
    }

    /** Listens to the loudest line with both at one place; nothing while there is no input, or no kit. */
    public void say(Positions at) {
        if (!line.ready()) {
            return;
        }
        line.stop();
        put(at, 0);
        running.set(true);
        line.take(PARTS, new LineTake.Listener() {
            @Override
            public void begins(int part) {
                speaking.set(part > 0);
            }

            @Override
            public void heard(List<Report> reports) {
                keep(learnt.get().with(Phrase.of(at, reports.get(0), reports.get(1))));
            }

            @Override
            public void over() {
                speaking.set(false);
                running.set(false);
            }
        });
    }

    /** Puts both where they are best; of a real device, says that they were. */
    public void put(Positions at) {
        stop();
        double by = MarkLevels.of(learnt.get())
                .flatMap(l -> stands().filter(l::knows).map(from -> l.changeDb(from, at)))
                .orElse(0.0);
        put(at, by);
    }

    /** What was measured before was measured with the knob elsewhere. */
    private void put(Positions at, double changeDb) {
        level.forgetVoice();
        Learnt now = learnt.get();
        double before = level.chain().map(Chain::gainDb).orElse(0.0);
        if (level.input().simulated()) {
            level.chain()
                    .ifPresent(c -> gain(Taper.gainDb(c.preamp(), now.knob().share(at.knob()))));
            level.booth().slide(now.slider().map(s -> s.share(at.slider())).orElse(1.0));
        } else {
            double gainDb =
                    level.chain().map(c -> c.preamp().within(before + changeDb)).orElse(before);
            gain(gainDb);
            anchor = Optional.of(new Anchor(at, gainDb));
        }
        placed.set(at);
    }

    private void gain(double db) {
        level.kit().editSeat("edit.gain", s -> s.gained(db));
    }

    /** Gives up the line that is listened to. */
    public void stop() {
        if (running.get()) {
            line.stop();
        }
    }

    private void keep(Learnt now) {
        if (now.equals(learnt.get())) {
            return;
        }
        learnt.set(now);
        // What cannot be written is said on the rail, and is known until the window is shut.
        jobs.save(
                progress -> {
                    kept.keep(now);
                    return now;
                },
                new JobService.Listener<>() {
                    @Override
                    public void done(int part, Learnt saved) {}

                    @Override
                    public void failed(int part, String message) {}

                    @Override
                    public void ended(boolean cancelled) {}
                });
    }
}
