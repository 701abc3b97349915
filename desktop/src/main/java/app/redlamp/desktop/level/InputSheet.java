package app.redlamp.desktop.level;

import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is listened to, and how. */
final class InputSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final List<Integer> RATES = List.of(44_100, 48_000, 88_200, 96_000, 16_000, 8_000);
    private static final List<Integer> DEPTHS = List.of(16, 24, 32);
    private static final int MOST_CHANNELS = 8;

    private final StationParts<LevelStation.Models> parts;
    private final VBox inputs = new VBox();
    private final Choice<Integer> rate;
    private final Choice<Integer> depth;
    private final Choice<Integer> channels;
    private final Choice<Integer> own;
    private final HBox routing;
    private final Label whose = Parts.label("", "order-name");
    private final Button listen;
    private final Label state = Parts.wrapped("", "order-value");
    private List<Input> shown = List.of();

    InputSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        inputs.getStyleClass().add("level-inputs");
        inputs.setId("inputs");
        rate = choice(
                "input-rate",
                "input.rate",
                RATES,
                r -> parts.say("input.hertz", parts.bench().figures().kiloHertz(r)),
                Format::sampleRateHz,
                (f, r) -> parts.models().level().input().listenAt(r, f.bits(), f.channels()));
        depth = choice(
                "input-depth",
                "input.depth",
                DEPTHS,
                d -> parts.say("input.bits", String.valueOf(d)),
                Format::bits,
                (f, d) -> parts.models().level().input().listenAt(f.sampleRateHz(), d, f.channels()));
        channels = choice(
                "input-channels",
                "input.channels",
                IntStream.rangeClosed(1, MOST_CHANNELS).boxed().toList(),
                String::valueOf,
                Format::channels,
                (f, c) -> parts.models().level().input().listenAt(f.sampleRateHz(), f.bits(), c));
        own = new Choice<>(
                "input-own",
                parts.say("input.own"),
                IntStream.rangeClosed(1, MOST_CHANNELS).boxed().toList(),
                String::valueOf,
                () -> parts.models().level().channel() + 1,
                c -> {
                    parts.models().level().route(c - 1);
                    show(parts);
                });
        routing = Parts.line(whose, own);
        listen = parts.bench().button("input-listen", "input.listen", this::toggle);
        getChildren()
                .addAll(
                        Parts.line(
                                listen,
                                parts.bench()
                                        .button(
                                                "input-refresh",
                                                "input.refresh",
                                                () -> parts.models()
                                                        .level()
                                                        .input()
                                                        .refresh()),
                                parts.bench().name("input.rate", ""),
                                rate,
                                parts.bench().name("input.depth", ""),
                                depth,
                                parts.bench().name("input.channels", ""),
                                channels),
                        inputs,
                        routing,
                        state,
                        Parts.wrapped(parts.say("input.caution"), "reading-caution"));
    }

    private interface Part {
        int of(Format format);
    }

    private interface Change {
        void to(Format format, int value);
    }

    private Choice<Integer> choice(
            String id,
            String key,
            List<Integer> all,
            java.util.function.Function<Integer, String> words,
            Part part,
            Change change) {
        return new Choice<>(
                id,
                parts.say(key),
                all,
                words,
                () -> part.of(parts.models().level().input().format().get()),
                v -> change.to(parts.models().level().input().format().get(), v));
    }

    private void toggle() {
        if (parts.models().level().input().listening().get()) {
            parts.models().level().stop();
            parts.models().level().input().close();
        } else {
            parts.models().level().listen();
        }
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        List<Input> all = parts.models().level().input().inputs().get();
        if (!all.equals(shown)) {
            shown = all;
            ToggleGroup group = new ToggleGroup();
            inputs.getChildren().clear();
            for (Input input : all) {
                RadioButton button =
                        new RadioButton(input.simulated() ? parts.say("input.simulated", input.name()) : input.name());
                button.setId("input-" + input.id().replaceAll("[^A-Za-z0-9]", "-"));
                button.setUserData(input.id());
                button.setToggleGroup(group);
                button.setOnAction(e -> parts.models().level().input().choose(input));
                inputs.getChildren().add(button);
            }
        }
        Input chosen = parts.models().level().input().chosen().get();
        inputs.getChildren().forEach(n -> {
            RadioButton button = (RadioButton) n;
            button.setSelected(chosen != null && chosen.id().equals(button.getUserData()));
        });
        rate.refresh();
        depth.refresh();
        channels.refresh();
        own.refresh();
        whose.setText(parts.say("input.own.whose", parts.models().level().voice()));
        boolean several = chosen != null && !chosen.simulated() && chosen.channels() > 1;
        routing.setVisible(several);
        routing.setManaged(several);
        boolean on = parts.models().level().input().listening().get();
        listen.setText(parts.say(on ? "input.stop" : "input.listen"));
        state.setText(state(on));
    }

    private String state(boolean on) {
        if (parts.models().level().input().fault().get() != null) {
            return Trouble.device(parts);
        }
        return on
                ? parts.say(
                        "input.on",
                        parts.bench()
                                .figures()
                                .whole(1000 * parts.models().level().input().latencyS()))
                : parts.say("input.off");
    }
}
