package app.redlamp.desktop.level;

import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Breath;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Knob and place of the microphone. In the simulated booth they are moved here; of a real one they say how it stands. */
final class LevelKnobsSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final double NEAREST_CM = 3;
    private static final double FURTHEST_CM = 60;
    private static final double MOST_DEG = 180;
    private static final List<LocalTime> HOURS = hours();

    private final StationParts<LevelStation.Models> parts;
    private final Label whose = Parts.wrapped("", "order-value");
    private final Slider gain = new Slider(0, 60, 0);
    private final Slider distance = new Slider(NEAREST_CM, FURTHEST_CM, 18);
    private final Slider angle = new Slider(0, MOST_DEG, 0);
    private final Label gainWords = figure("level-gain-words");
    private final Label distanceWords = figure("level-distance-words");
    private final Label angleWords = figure("level-angle-words");
    private final CheckBox screen;
    private final Choice<DayOfWeek> day;
    private final Choice<LocalTime> hour;
    private final HBox clock;
    private final Choice<Bleed.Seats> seats;
    private final CommitField apart;
    private final HBox table;
    private boolean showing;

    LevelKnobsSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        screen = new CheckBox(parts.say("level.pop"));
        screen.setId("level-pop");
        screen.setOnAction(e -> edit(s -> s.screened(
                screen.isSelected()
                        ? OptionalDouble.of(Breath.screenAtM(s.position().distanceM()))
                        : OptionalDouble.empty())));
        day = new Choice<>(
                "level-day",
                parts.say("level.day"),
                List.of(DayOfWeek.values()),
                d -> d.getDisplayName(TextStyle.FULL, parts.bench().strings().locale()),
                () -> parts.models().level().booth().time().get().day(),
                d -> parts.models()
                        .level()
                        .booth()
                        .setTime(new WeekTime(
                                d, parts.models().level().booth().time().get().time())));
        hour = new Choice<>(
                "level-hour",
                parts.say("level.hour"),
                HOURS,
                LocalTime::toString,
                () -> parts.models().level().booth().time().get().time(),
                t -> parts.models()
                        .level()
                        .booth()
                        .setTime(new WeekTime(
                                parts.models().level().booth().time().get().day(), t)));
        clock = Parts.line(parts.bench().name("level.when", ""), day, hour);
        seats = new Choice<>(
                "level-seats",
                parts.say("level.seats"),
                List.of(Bleed.Seats.values()),
                s -> parts.words().places().seats(s),
                () -> parts.models().level().kit().table().get().seats(),
                s -> parts.models()
                        .level()
                        .kit()
                        .sit(parts.models().level().kit().table().get().seated(s)));
        apart = new CommitField(
                        "level-apart",
                        parts.say("level.apart"),
                        () -> parts.words()
                                .lengths()
                                .say(parts.models().level().kit().table().get().apartM()),
                        text -> parts.models()
                                .level()
                                .kit()
                                .enter(() -> parts.models()
                                        .level()
                                        .kit()
                                        .sit(parts.models()
                                                .level()
                                                .kit()
                                                .table()
                                                .get()
                                                .apart(parts.words().lengths().read(text)))))
                .wide(80);
        table = Parts.line(parts.bench().name("level.seats", "three"), seats, apart);
        getChildren()
                .addAll(
                        whose,
                        knob(gain, "level-gain", "level.gain", "gain", gainWords, db -> edit(s -> s.gained(db))),
                        knob(
                                distance,
                                "level-distance",
                                "level.distance",
                                "proximity",
                                distanceWords,
                                cm -> edit(s -> s.at(s.position().at(cm / 100)))),
                        knob(
                                angle,
                                "level-angle",
                                "level.angle",
                                "",
                                angleWords,
                                deg -> edit(s -> s.at(s.position().turned(deg)))),
                        Parts.line(screen, table, clock));
        gain.setBlockIncrement(1);
        distance.setBlockIncrement(1);
        angle.setBlockIncrement(5);
    }

    private static List<LocalTime> hours() {
        List<LocalTime> all = new ArrayList<>();
        for (int half = 0; half < 48; half++) {
            all.add(LocalTime.MIDNIGHT.plusMinutes(30L * half));
        }
        return all;
    }

    private void edit(UnaryOperator<Seat> change) {
        parts.models().level().kit().editSeat("edit.knob", change);
    }

    @Override
    public Region node() {
        return this;
    }

    private Node knob(Slider slider, String id, String key, String term, Label words, DoubleConsumer set) {
        slider.setId(id);
        slider.setAccessibleText(parts.say(key));
        slider.getStyleClass().add("knob");
        HBox.setHgrow(slider, Priority.ALWAYS);
        slider.valueProperty().addListener((o, was, now) -> {
            if (!showing && !slider.isValueChanging()) {
                set.accept(Math.rint(now.doubleValue()));
            }
        });
        slider.valueChangingProperty().addListener((o, was, now) -> {
            if (!now) {
                set.accept(Math.rint(slider.getValue()));
            }
        });
        Label name = parts.bench().name(key, term);
        name.setMinWidth(64);
        return Parts.line(name, slider, words);
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        Optional<Chain> chain = parts.models().level().chain();
        setDisable(chain.isEmpty());
        boolean simulated = parts.models().level().input().simulated();
        whose.setText(parts.say(simulated ? "level.knobs.simulated" : "level.knobs.real"));
        clock.setVisible(simulated);
        clock.setManaged(simulated);
        if (chain.isEmpty()) {
            return;
        }
        showing = true;
        Preamp preamp = chain.get().preamp();
        Position position = chain.get().position();
        gain.setMin(preamp.minGainDb());
        gain.setMax(preamp.maxGainDb());
        gain.setValue(chain.get().gainDb());
        distance.setValue(position.distanceM() * 100);
        angle.setValue(position.angleDeg());
        screen.setSelected(parts.models()
                .level()
                .kit()
                .currentSeat()
                .filter(s -> s.popFilterM().isPresent())
                .isPresent());
        seats.refresh();
        apart.refresh();
        Kit kit = parts.models().level().kit().kit().get();
        table.setVisible(kit != null && kit.seats().size() > 1);
        table.setManaged(table.isVisible());
        day.refresh();
        hour.refresh();
        showing = false;
        gainWords.setText(parts.say(
                "level.gain.words", parts.words().chains().gain(chain.get().gainDb())));
        distanceWords.setText(parts.words().lengths().say(position.distanceM()));
        angleWords.setText(parts.say("level.degrees", parts.bench().figures().whole(position.angleDeg())));
    }

    private static Label figure(String id) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add("treat-figure");
        label.setMinWidth(80);
        label.setPrefWidth(80);
        return label;
    }
}
