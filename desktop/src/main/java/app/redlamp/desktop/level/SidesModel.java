package app.redlamp.desktop.level;

import app.redlamp.core.booth.Cue;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.setting.level.Sides;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * One sentence to each side of the microphone. While the simulated booth is in use its microphone is turned round for the second
 * side, and back afterwards.
 */
public final class SidesModel {
    /** Long enough for one sentence. */
    private static final double SECONDS = 10;

    /** Beyond a right angle a microphone shows its back. */
    private static final double SIDEWAYS_DEG = 90;

    private final LevelModel level;
    private final LineTake line;
    private final ReadOnlyObjectWrapper<Side> running = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Heard> heard = new ReadOnlyObjectWrapper<>(Heard.NOTHING);

    /** One of the two. */
    public enum Side {
        /** The one that is spoken into as the microphone stands. */
        FIRST,
        /** The one behind it. */
        SECOND
    }

    /** What was heard of both, as far as it was. */
    public record Heard(Optional<Report> first, Optional<Report> second) {
        static final Heard NOTHING = new Heard(Optional.empty(), Optional.empty());

        Heard with(Side side, Report report) {
            return side == Side.FIRST ? new Heard(Optional.of(report), second) : new Heard(first, Optional.of(report));
        }

        /** Absent until both were heard. */
        public Optional<Sides> sides() {
            return first.flatMap(f -> second.map(s -> Sides.of(f, s)));
        }
    }

    public SidesModel(LevelModel level, LineTake line) {
        this.level = level;
        this.line = line;
        level.input().chosen().addListener((o, was, now) -> forget());
        level.kit().seat().addListener((o, was, now) -> forget());
        level.kit().path().addListener((o, was, now) -> {
            if (was == null || now == null || !stands(was).equals(stands(now))) {
                forget();
            }
        });
        level.openProduction().folder().addListener((o, was, now) -> forget());
    }

    /** The side that is listened to; null for none. */
    public ReadOnlyObjectProperty<Side> running() {
        return running.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Heard> heard() {
        return heard.getReadOnlyProperty();
    }

    /** Share of what is listened to that is over, 0 to 1. */
    public double share() {
        return running.get() == null ? 0 : line.share();
    }

    /** Whether the second side is the front and the kit has the microphone with its back to the reader. */
    public boolean kitShowsBack() {
        boolean second = heard.get()
                .sides()
                .filter(s -> s.answer() == Sides.Answer.SECOND)
                .isPresent();
        return second
                && level.chain()
                        .filter(c -> c.position().angleDeg() > SIDEWAYS_DEG)
                        .isPresent();
    }

    /** Turns the microphone round in the kit as well. */
    public void turnKit() {
        level.kit().editSeat("edit.knob", s -> s.at(s.position().turnedRound()));
    }

    /** Listens to one sentence; nothing while there is no input, or no kit. */
    public void take(Side side) {
        if (!line.ready()) {
            return;
        }
        line.stop();
        level.booth().turnRound(side == Side.SECOND);
        running.set(side);
        line.take(List.of(new LineTake.Part(Cue.READ, SECONDS)), new LineTake.Listener() {
            @Override
            public void heard(List<Report> reports) {
                heard.set(heard.get().with(side, reports.get(0)));
            }

            @Override
            public void over() {
                running.set(null);
                level.booth().turnRound(false);
            }
        });
    }

    /** The microphone and where it stands; its gain is another matter. */
    private static List<Object> stands(SignalPath path) {
        return List.of(path.chain().capsule(), path.chain().position());
    }

    /** Gives up what is listened to; what was heard stays. */
    public void stop() {
        if (running.get() != null) {
            line.stop();
        }
    }

    /** Another microphone or another reader: what was heard says nothing about it. */
    private void forget() {
        stop();
        heard.set(Heard.NOTHING);
    }
}
