package app.redlamp.desktop.level;

import app.redlamp.core.setting.level.Sides;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.StationParts;
import java.util.Optional;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** Which side of the microphone is its front: one sentence to each, and what they tell. */
final class SidesSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final Duration EVERY = Duration.millis(100);

    private final StationParts<LevelStation.Models> parts;
    private final SidesModel model;
    private final Button first;
    private final Button second;
    private final Button turn;
    private final ProgressBar progress = new ProgressBar(0);
    private final Label answer = Parts.wrapped("", "order-value");
    private final Label signs = Parts.wrapped("", "order-source");
    private final Timeline following;

    SidesSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        model = parts.models().sides();
        getStyleClass().add("desk-sheet");
        first = parts.bench().button("sides-first", "sides.first", () -> press(SidesModel.Side.FIRST));
        second = parts.bench().button("sides-second", "sides.second", () -> press(SidesModel.Side.SECOND));
        // What is turned for good is turned in the kit too, where the kit shows the back.
        turn = parts.bench().button("sides-turn", "sides.kit", model::turnKit);
        turn.managedProperty().bind(turn.visibleProperty());
        progress.setId("sides-progress");
        progress.setAccessibleText(parts.say("level.listening"));
        progress.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(progress, Priority.ALWAYS);
        answer.setId("sides-answer");
        signs.setId("sides-signs");
        following = new Timeline(new KeyFrame(EVERY, e -> progress.setProgress(model.share())));
        following.setCycleCount(Timeline.INDEFINITE);
        getChildren().addAll(Parts.line(first, second, turn, progress), answer, signs);
        model.running().addListener((o, was, now) -> show(parts));
        model.heard().addListener((o, was, now) -> show(parts));
        Sight.follow(this, seen -> follow());
    }

    private void press(SidesModel.Side side) {
        if (model.running().get() == side) {
            model.stop();
        } else {
            model.take(side);
        }
    }

    private void follow() {
        if (model.running().get() != null && Sight.seen(this)) {
            following.play();
        } else {
            following.stop();
        }
        progress.setProgress(model.share());
        progress.setVisible(model.running().get() != null);
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        follow();
        SidesModel.Side running = model.running().get();
        SidesModel.Heard heard = model.heard().get();
        first.setText(parts.say(running == SidesModel.Side.FIRST ? "sides.stop" : "sides.first"));
        second.setText(parts.say(running == SidesModel.Side.SECOND ? "sides.stop" : "sides.second"));
        second.setDisable(heard.first().isEmpty() && running != SidesModel.Side.SECOND);
        Optional<Sides> sides = heard.sides();
        turn.setVisible(running == null && model.kitShowsBack());
        if (running != null) {
            answer.setText(parts.say("sides.speak"));
            signs.setText("");
        } else if (sides.isPresent()) {
            answer.setText(parts.words().level().sides(sides.get()));
            signs.setText(parts.words().level().signs(sides.get()));
        } else {
            answer.setText(parts.say(heard.first().isPresent() ? "sides.turn" : "sides.none"));
            signs.setText("");
        }
    }
}
