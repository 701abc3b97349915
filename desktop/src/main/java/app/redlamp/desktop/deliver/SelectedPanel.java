package app.redlamp.desktop.deliver;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.desktop.control.ChoiceButton;
import app.redlamp.desktop.control.Course;
import app.redlamp.desktop.control.Hills;
import app.redlamp.desktop.control.LongSkyline;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Figures;
import app.redlamp.words.Wording;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The lower half of the bench: the selected recording by its levels or over time, and the button that plays it. */
final class SelectedPanel extends VBox {
    private static final double LEAST_HEIGHT = 130;
    private static final double BEFORE_ALL = -10;

    private final Strings strings;
    private final Wording wording;
    private final DeliverPicture picture;
    private final PlayModel player;
    private final PlayButton play;
    private final SilenceButton silence;
    private final Label caution = new Label();
    private final Hills hills = new Hills();
    private final LongSkyline skyline = new LongSkyline();
    private final Label title = new Label();
    private final Label line = new Label();
    private final ToggleButton levels;
    private final ToggleButton time;
    private final HBox tools;
    private final ChangeListener<OptionalDouble> onMoved = (o, was, now) -> skyline.playAt(now);
    private List<Course.Flag> flags = List.of();
    private DocketRow shownRow;
    private RowStatus shownStatus;
    private boolean drawn;

    /** Where was listened to last, in seconds. */
    private double heardS = BEFORE_ALL;

    SelectedPanel(Strings strings, Wording wording, PlayModel player) {
        this.strings = strings;
        this.wording = wording;
        this.player = player;
        picture = new DeliverPicture(strings, wording);
        play = new PlayButton(player, strings, wording.figures());
        silence = new SilenceButton(player, strings);
        caution.getStyleClass().add("secondary");
        caution.setId("silence-caution");
        caution.setText(strings.say("silence.caution"));
        caution.setMinWidth(Region.USE_PREF_SIZE);
        caution.visibleProperty().bind(player.turnedUp());
        caution.managedProperty().bind(caution.visibleProperty());
        title.getStyleClass().add("heading");
        title.setMinWidth(0);
        line.getStyleClass().add("secondary");
        line.setMinWidth(0);
        line.setText(strings.say("hills.line"));
        line.managedProperty().bind(line.visibleProperty());
        levels = new ChoiceButton("show-levels", strings.say("selected.levels"));
        line.visibleProperty()
                .bind(levels.selectedProperty().and(player.turnedUp().not()));
        time = new ChoiceButton("show-time", strings.say("selected.time"));
        ToggleGroup either = new ToggleGroup();
        either.getToggles().addAll(levels, time);
        levels.setSelected(true);
        either.selectedToggleProperty().addListener((o, was, now) -> {
            if (now == null) {
                was.setSelected(true);
            } else {
                showChosen();
            }
        });
        tools = new HBox(
                tool("time-further", Feather.ZOOM_OUT, strings.say("selected.further"), skyline::further),
                tool("time-closer", Feather.ZOOM_IN, strings.say("selected.closer"), skyline::closer),
                tool("flag-before", Feather.SKIP_BACK, strings.say("selected.before"), () -> hearFlag(false)),
                tool("flag-next", Feather.SKIP_FORWARD, strings.say("selected.next"), () -> hearFlag(true)));
        tools.getStyleClass().add("selected-tools");
        tools.setAlignment(Pos.CENTER_RIGHT);
        tools.managedProperty().bind(tools.visibleProperty());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox choices = new HBox(levels, time);
        choices.setMinWidth(Region.USE_PREF_SIZE);
        HBox right = new HBox(tools, silence, play);
        right.getStyleClass().add("selected-tools");
        right.setAlignment(Pos.CENTER_RIGHT);
        right.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(title, choices, line, caution, gap, right);
        head.getStyleClass().add("docket-header");
        hills.setId("hills");
        skyline.setId("over-time");
        skyline.onSpot(this::hear);
        Tooltip.install(skyline, new Tooltip(strings.say("selected.time.line")));
        getStyleClass().add("hills-panel");
        setMinHeight(LEAST_HEIGHT);
        VBox.setVgrow(this, Priority.ALWAYS);
        getChildren().add(head);
        showChosen();
    }

    /** Shows a recording; null for none. */
    void show(DocketRow row) {
        RowStatus status = row == null ? null : row.status().get();
        if (drawn && row == shownRow && status == shownStatus) {
            return;
        }
        boolean other = row != shownRow;
        if (other && shownRow != null) {
            shownRow.playingS().removeListener(onMoved);
        }
        if (other && row != null) {
            row.playingS().addListener(onMoved);
        }
        drawn = true;
        shownRow = row;
        shownStatus = status;
        play.follow(row);
        silence.follow(row);
        title.setText(row == null ? "" : row.title());
        hills.show(status == null ? Optional.empty() : picture.of(status), strings.say("hills.nothing"));
        hills.setAccessibleText(row == null ? "" : strings.say("hills.accessible", row.title()));
        Optional<Report> report = row == null ? Optional.empty() : row.report();
        flags = report.map(r -> Flags.of(r, wording)).orElse(List.of());
        skyline.show(report.map(this::course), strings.say("selected.nothing"), clock());
        skyline.setAccessibleText(row == null ? "" : strings.say("selected.accessible", row.title(), flags.size()));
        tools.setDisable(report.isEmpty());
        if (other) {
            heardS = BEFORE_ALL;
        }
    }

    /** Levels instead of time, or time instead of levels. */
    void turn() {
        (levels.isSelected() ? time : levels).setSelected(true);
    }

    /** Plays from the next flag, or the one before; does nothing where there is none. */
    void hearFlag(boolean next) {
        Flags.beside(flags, heardS, next).ifPresent(this::hear);
    }

    private void hear(double atS) {
        heardS = atS;
        player.playFrom(shownRow, atS - PlayModel.LEAD_IN_S);
    }

    private void showChosen() {
        boolean overTime = time.isSelected();
        Node chosen = overTime ? skyline : hills;
        VBox.setVgrow(chosen, Priority.ALWAYS);
        if (getChildren().size() > 1) {
            getChildren().remove(1);
        }
        getChildren().add(chosen);
        tools.setVisible(overTime);
    }

    private Course course(Report report) {
        return new Course(
                report.outline(),
                report.pauses().stretches().stream()
                        .map(p -> new Course.Span(p.startS(), p.endS()))
                        .toList(),
                flags);
    }

    private DoubleFunction<String> clock() {
        Figures figures = wording.figures();
        return atS -> Math.abs(atS - Math.rint(atS)) < 1e-6 ? figures.clock(atS) : figures.clockTenths(atS + 1e-6);
    }

    private static Button tool(String id, Feather icon, String words, Runnable action) {
        Button button = new Button("", new FontIcon(icon));
        button.setId(id);
        button.getStyleClass().add("play-button");
        button.setAccessibleText(words);
        button.setTooltip(new Tooltip(words));
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(e -> action.run());
        return button;
    }
}
