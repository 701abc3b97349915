package app.redlamp.desktop.level;

import app.redlamp.core.acoustics.diary.Diary;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.ClapWording;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** The room is watched while nobody is there: what rises out of the quiet is named and logged. */
final class WatchSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final Duration EVERY = Duration.seconds(5);
    private static final double LEAST_QUIET_S = 120;
    private static final int MOST_GROUPS = 6;

    private final StationParts<LevelStation.Models> parts;
    private final Button start;
    private final Button toRoom;
    private final Label state = Parts.wrapped("", "order-value");
    private final VBox groups = new VBox();
    private final Timeline looking;

    /** @param night opens the room's diary */
    WatchSheet(StationParts<LevelStation.Models> parts, Runnable night) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        groups.getStyleClass().add("level-parts");
        groups.setId("watch-groups");
        state.setId("watch-state");
        start = parts.bench().button("watch-start", "watch.start", this::toggle);
        toRoom = parts.bench().button("watch-room", "watch.room", night);
        looking = new Timeline(new KeyFrame(EVERY, e -> parts.models().watch().look()));
        looking.setCycleCount(Timeline.INDEFINITE);
        getChildren().addAll(Parts.line(start, toRoom), state, groups);
        parts.models().watch().watched().addListener((o, was, now) -> show(parts));
        Sight.follow(this, seen -> run());
    }

    private void toggle() {
        if (parts.models().watch().running()) {
            parts.models().watch().stop();
        } else {
            parts.models().watch().start();
        }
    }

    private void run() {
        if (parts.models().watch().running() && Sight.seen(this)) {
            looking.play();
        } else {
            looking.stop();
        }
    }

    /** The longest stretch of quiet, where something else was heard too. */
    private String quiet(LocalDateTime since, Diary diary) {
        if (diary.events().isEmpty()) {
            return "";
        }
        return diary.quiet(LEAST_QUIET_S).stream()
                .max(Comparator.comparingDouble(Diary.Quiet::lengthS))
                .map(q -> " " + parts.say("watch.quiet", at(since, q.startS()), at(since, q.endS())))
                .orElse("");
    }

    private static String at(LocalDateTime since, double seconds) {
        return since.plusSeconds((long) seconds)
                .toLocalTime()
                .truncatedTo(ChronoUnit.MINUTES)
                .toString();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        run();
        WatchModel.Watched watched = parts.models().watch().watched().get();
        start.setText(parts.say(parts.models().watch().running() ? "watch.stop" : "watch.start"));
        groups.getChildren().clear();
        toRoom.setDisable(watched == null
                || watched.diary().isEmpty()
                || parts.models().watch().running());
        if (watched == null) {
            state.setText(parts.say("watch.none"));
            return;
        }
        ClapWording words =
                new ClapWording(parts.bench().strings().locale(), parts.words().lengths());
        String since = watched.since()
                .format(DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                        .withLocale(parts.bench().strings().locale()));
        if (watched.diary().isEmpty()) {
            state.setText(parts.say("watch.since", since));
            return;
        }
        Diary diary = watched.diary().get();
        state.setText(parts.say("watch.heard", since, words.diary(diary)) + quiet(watched.since(), diary));
        diary.groups().stream()
                .limit(MOST_GROUPS)
                .forEach(g -> groups.getChildren().add(Parts.wrapped(words.group(g), "order-source")));
    }
}
