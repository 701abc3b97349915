package app.redlamp.desktop.shell;

import app.redlamp.desktop.job.Job;
import app.redlamp.desktop.look.Strings;
import java.util.List;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The rail along the bottom: facts, the running job with progress and cancel, the last notice, undo, redo, theme, keys. */
final class RailView extends HBox {
    private final ShellModel model;
    private final Strings strings;
    private final HBox facts = new HBox();
    private final HBox job = new HBox();
    private final Label jobTitle = new Label();
    private final ProgressBar progress = new ProgressBar(0);
    private final HBox notice = new HBox();
    private final Label noticeText = new Label();

    RailView(ShellModel model, Runnable showKeys) {
        this.model = model;
        strings = model.strings();
        getStyleClass().add("rail");
        facts.getStyleClass().add("rail-facts");
        facts.setMinWidth(0);
        HBox.setHgrow(facts, Priority.ALWAYS);
        Button undo = icon(Feather.ROTATE_CCW, "rail.undo", model.history()::undo);
        Button redo = icon(Feather.ROTATE_CW, "rail.redo", model.history()::redo);
        Button theme = icon(Feather.SUN, "rail.theme", model::switchTheme);
        Button keys = new Button(strings.say("rail.keys"));
        keys.setId("rail.keys");
        keys.getStyleClass().add("rail-button");
        keys.setMinWidth(Region.USE_PREF_SIZE);
        keys.setOnAction(e -> showKeys.run());
        follow(undo, "rail.undo", model.history().undoName());
        follow(redo, "rail.redo", model.history().redoName());
        buildJob();
        buildNotice();
        getChildren().addAll(facts, notice, undo, redo, theme, keys);
        setAlignment(Pos.CENTER_LEFT);
    }

    void showFacts(List<String> texts) {
        facts.getChildren()
                .setAll(texts.stream()
                        .map(t -> {
                            Label label = new Label(t);
                            label.getStyleClass().add("rail-fact");
                            label.setMinWidth(0);
                            return (Node) label;
                        })
                        .toList());
    }

    private void buildJob() {
        job.getStyleClass().add("rail-job");
        progress.setPrefWidth(110);
        progress.setMinWidth(60);
        jobTitle.setMinWidth(Region.USE_PREF_SIZE);
        Button cancel = new Button(strings.say("rail.cancel"));
        cancel.setId("cancel");
        cancel.getStyleClass().add("rail-button");
        cancel.setMinWidth(Region.USE_PREF_SIZE);
        cancel.setOnAction(e -> model.jobs().cancelAll());
        job.getChildren().addAll(jobTitle, progress, cancel);
        model.jobs().running().addListener((ListChangeListener<Job>) change -> showJob());
        showJob();
    }

    /** The oldest job with a title; small chores have none and are not shown. */
    private void showJob() {
        progress.progressProperty().unbind();
        Job shown = model.jobs().running().stream()
                .filter(j -> !j.title().isEmpty())
                .findFirst()
                .orElse(null);
        if (shown == null) {
            getChildren().remove(job);
        } else {
            if (!getChildren().contains(job)) {
                getChildren().add(getChildren().indexOf(notice) + 1, job);
            }
            jobTitle.setText(shown.title());
            progress.progressProperty().bind(shown.progress());
            progress.setAccessibleText(shown.title());
        }
    }

    private void buildNotice() {
        notice.getStyleClass().add("rail-notice");
        noticeText.setId("notice");
        noticeText.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        noticeText.setMinWidth(0);
        Tooltip whole = new Tooltip();
        whole.setWrapText(true);
        whole.setMaxWidth(480);
        whole.textProperty().bind(noticeText.textProperty());
        noticeText.setTooltip(whole);
        noticeText.textProperty().bind(model.jobs().notice());
        Button dismiss = icon(Feather.X, "rail.dismiss", () -> model.jobs().notify(""));
        notice.getChildren().addAll(new FontIcon(Feather.ALERT_TRIANGLE), noticeText, dismiss);
        notice.visibleProperty().bind(model.jobs().notice().isNotEmpty());
        notice.managedProperty().bind(notice.visibleProperty());
        HBox.setHgrow(notice, Priority.SOMETIMES);
    }

    private void follow(Button button, String key, ReadOnlyStringProperty name) {
        Runnable update = () -> {
            boolean any = !name.get().isEmpty();
            button.setDisable(!any);
            String text = any ? strings.say(key + ".what", name.get()) : strings.say(key);
            button.getTooltip().setText(text);
            button.setAccessibleText(text);
        };
        name.addListener((o, was, now) -> update.run());
        update.run();
    }

    private Button icon(Feather icon, String key, Runnable action) {
        Button button = new Button();
        button.setId(key);
        button.setGraphic(new FontIcon(icon));
        button.getStyleClass().addAll("rail-button", "icon-button");
        button.setTooltip(new Tooltip(strings.say(key)));
        button.setAccessibleText(strings.say(key));
        button.setOnAction(e -> action.run());
        return button;
    }
}
