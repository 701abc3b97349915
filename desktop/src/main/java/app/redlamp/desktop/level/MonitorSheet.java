package app.redlamp.desktop.level;

import app.redlamp.core.port.Monitoring.Output;
import app.redlamp.core.setting.monitor.MonitorMix;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.input.MonitorModel;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Headphones: through which, how loud, how late, and whether a loudspeaker is heard. */
final class MonitorSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    /** Later than this somebody who speaks is put off by hearing it (common practice, no source). */
    private static final double LATE_S = 0.01;

    private final StationParts<LevelStation.Models> parts;
    private final MonitorModel model;
    private final Button start;
    private final Slider gain = new Slider(MonitorMix.LOWEST_DB, MonitorMix.HIGHEST_DB, MonitorMix.START_DB);
    private final Label gainWords = Parts.label("", "treat-figure");
    private final VBox outputs = new VBox();
    private final Label state = Parts.wrapped("", "order-value");
    private List<Output> shown = List.of();
    private boolean showing;

    MonitorSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        model = parts.models().monitor();
        getStyleClass().add("desk-sheet");
        outputs.getStyleClass().add("level-inputs");
        outputs.setId("outputs");
        state.setId("monitor-state");
        gain.setId("monitor-gain");
        gain.setAccessibleText(parts.say("monitor.gain"));
        gain.getStyleClass().add("knob");
        gain.setBlockIncrement(2);
        HBox.setHgrow(gain, Priority.ALWAYS);
        gainWords.setMinWidth(80);
        gain.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                model.turn(Math.rint(now.doubleValue()));
            }
        });
        start = parts.bench().button("monitor-start", "monitor.start", this::toggle);
        getChildren()
                .addAll(
                        Parts.line(
                                start,
                                parts.bench().button("monitor-refresh", "input.refresh", model::refresh),
                                parts.bench().name("monitor.gain", "monitoring"),
                                gain,
                                gainWords),
                        outputs,
                        state,
                        Parts.wrapped(parts.say("monitor.caution"), "reading-caution"));
        parts.bench().glossary().explain(state, "howl");
        Sight.follow(this, seen -> {
            if (seen) {
                model.refresh();
            }
        });
    }

    private void toggle() {
        if (model.on().get()) {
            model.stop();
        } else {
            model.start();
        }
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        offer(model.outputs().get());
        Output chosen = model.chosen().get();
        outputs.getChildren().forEach(n -> {
            RadioButton button = (RadioButton) n;
            button.setSelected(chosen != null && chosen.id().equals(button.getUserData()));
        });
        start.setDisable(chosen == null);
        start.setText(parts.say(model.on().get() ? "monitor.stop" : "monitor.start"));
        showing = true;
        gain.setValue(model.gainDb().get());
        showing = false;
        gainWords.setText(parts.say(
                "level.gain.words", parts.words().chains().gain(model.gainDb().get())));
        state.setText(state());
    }

    private void offer(List<Output> all) {
        if (all.equals(shown)) {
            return;
        }
        shown = all;
        ToggleGroup group = new ToggleGroup();
        outputs.getChildren().clear();
        for (Output output : all) {
            RadioButton button = new RadioButton(name(output));
            button.setId("output-" + output.id().replaceAll("[^A-Za-z0-9]", "-"));
            button.setUserData(output.id());
            button.setToggleGroup(group);
            button.setOnAction(e -> model.choose(output));
            outputs.getChildren().add(button);
        }
    }

    private String name(Output output) {
        if (output.simulated()) {
            return parts.say(output.loudspeaker() ? "monitor.booth.loudspeaker" : "monitor.booth.headphones");
        }
        return output.loudspeaker() ? parts.say("monitor.loudspeaker", output.name()) : output.name();
    }

    private String state() {
        if (model.fault().get() != null) {
            return parts.say("monitor.fault." + model.fault().get().id());
        }
        if (model.warning().get().present()) {
            return Trouble.monitor(parts);
        }
        if (!model.on().get()) {
            return parts.say("monitor.off");
        }
        double delay = model.delayS().orElse(0);
        String words = parts.say("monitor.on", parts.bench().figures().whole(1000 * delay));
        return delay > LATE_S ? words + " " + parts.say("monitor.late") : words;
    }
}
