package app.redlamp.desktop.brief;

import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Starts a production in a minute: what it is, its title, for whom, by when. What goes with the kind is said at once. */
final class StartPane extends VBox {
    private final StationParts<BriefStation.Models> parts;
    private final ToggleGroup kinds = new ToggleGroup();
    private final TextField title = field("start-title");
    private final TextField client = field("start-client");
    private final DatePicker deadline = new DatePicker();
    private final Label place = new Label();
    private Path parent;

    /** @param recent productions that were open before, the newest first */
    StartPane(StationParts<BriefStation.Models> parts, List<Path> recent, Path defaultParent) {
        this.parts = parts;
        parent = defaultParent;
        getStyleClass().add("start");
        deadline.setId("start-deadline");
        deadline.setAccessibleText(parts.strings().say("start.deadline"));
        getChildren().addAll(parts.bench().heading("start.heading"), kinds(), why(), fields(), fault(), buttons());
        if (!recent.isEmpty()) {
            getChildren().addAll(parts.bench().heading("start.recent"), recent(recent));
        }
    }

    void focus() {
        kinds.getToggles().stream()
                .filter(t -> t.isSelected() && t instanceof ToggleButton)
                .findFirst()
                .ifPresent(t -> ((ToggleButton) t).requestFocus());
    }

    private FlowPane kinds() {
        FlowPane pane = new FlowPane();
        pane.getStyleClass().add("start-kinds");
        for (JobKind kind : JobKind.values()) {
            ToggleButton button = new ToggleButton(parts.words().plans().kind(kind));
            button.setId("kind-" + kind.id());
            button.getStyleClass().add("start-kind");
            button.setUserData(kind);
            button.setToggleGroup(kinds);
            pane.getChildren().add(button);
        }
        kinds.getToggles().get(0).setSelected(true);
        kinds.selectedToggleProperty().addListener((o, was, now) -> {
            if (now == null) {
                was.setSelected(true);
            }
        });
        return pane;
    }

    private JobKind kind() {
        return (JobKind) kinds.getSelectedToggle().getUserData();
    }

    private Label why() {
        Label why = new Label();
        why.setId("start-why");
        why.getStyleClass().add("secondary");
        why.setWrapText(true);
        why.setMinHeight(Region.USE_PREF_SIZE);
        why.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> kinds.getSelectedToggle() == null ? "" : KindReasons.of(kind(), parts),
                        kinds.selectedToggleProperty()));
        return why;
    }

    private GridPane fields() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("start-fields");
        title.setPromptText(parts.strings().say("start.title.prompt"));
        client.setPromptText(parts.strings().say("start.client.prompt"));
        grid.addRow(0, parts.bench().name("start.title", ""), title);
        grid.addRow(1, parts.bench().name("start.client", ""), client);
        grid.addRow(2, parts.bench().name("start.deadline", ""), deadline);
        place.getStyleClass().add("secondary");
        showPlace();
        Button change = parts.bench()
                .button(
                        "start-place",
                        "start.place.change",
                        () -> parts.doors().folder().ifPresent(chosen -> {
                            parent = chosen;
                            showPlace();
                        }));
        HBox where = Parts.line(place, change);
        where.setAlignment(Pos.CENTER_LEFT);
        grid.addRow(3, parts.bench().name("start.place", ""), where);
        title.setOnAction(e -> start());
        client.setOnAction(e -> start());
        return grid;
    }

    private void showPlace() {
        place.setText(parent.toString());
        place.setTooltip(new Tooltip(parent.toString()));
    }

    private Label fault() {
        Label fault = new Label();
        fault.setId("start-fault");
        fault.getStyleClass().add("specification-fault");
        fault.setWrapText(true);
        fault.textProperty().bind(parts.models().brief().fault());
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        return fault;
    }

    private HBox buttons() {
        Button start = parts.bench().button("start", "start.start", this::start);
        start.getStyleClass().setAll("button", "primary");
        start.disableProperty()
                .bind(Bindings.createBooleanBinding(() -> title.getText().isBlank(), title.textProperty()));
        Button open = parts.bench()
                .button(
                        "open-production",
                        "start.open",
                        () -> parts.doors()
                                .folder()
                                .ifPresent(parts.models().brief().openProduction()::open));
        return Parts.line(start, open);
    }

    private void start() {
        if (!title.getText().isBlank()) {
            Optional<LocalDate> due = Optional.ofNullable(deadline.getValue());
            parts.models().brief().start(kind(), title.getText(), client.getText(), due, parent);
        }
    }

    private FlowPane recent(List<Path> recent) {
        FlowPane pane = new FlowPane();
        pane.getStyleClass().add("start-kinds");
        for (int i = 0; i < recent.size(); i++) {
            Path folder = recent.get(i);
            Button button = new Button(String.valueOf(folder.getFileName()));
            button.setId("recent-" + i);
            button.setMnemonicParsing(false);
            button.getStyleClass().add("quiet");
            button.setTooltip(new Tooltip(folder.toString()));
            button.setOnAction(e -> parts.models().brief().openProduction().open(folder));
            pane.getChildren().add(button);
        }
        return pane;
    }

    private static TextField field(String id) {
        TextField field = new TextField();
        field.setId(id);
        field.getStyleClass().add("field");
        field.setPrefColumnCount(28);
        HBox.setHgrow(field, Priority.ALWAYS);
        return field;
    }
}
