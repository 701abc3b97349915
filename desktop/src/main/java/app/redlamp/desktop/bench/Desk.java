package app.redlamp.desktop.bench;

import app.redlamp.desktop.control.ChoiceButton;
import app.redlamp.desktop.gradual.Piecemeal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The lower part of the bench: one of a few sheets, built when it is first looked at. */
public final class Desk<S> extends VBox implements Piecemeal {
    private static final double HEIGHT = 262;
    private static final double LEAST_HEIGHT = 100;

    private final ToggleGroup chosen = new ToggleGroup();
    private final Map<String, Supplier<Sheet<S>>> makers = new LinkedHashMap<>();
    private final Map<String, Sheet<S>> sheets = new LinkedHashMap<>();
    private final ScrollPane page = new ScrollPane();
    private Optional<S> shown = Optional.empty();

    /** One of them. */
    public interface Sheet<S> {
        Region node();

        void show(S shown);
    }

    /**
     * @param makers name of each sheet and what makes it, in their order
     * @param faultText why the last entry was not taken; empty for nothing
     */
    public Desk(Parts parts, Map<String, Supplier<Sheet<S>>> makers, ObservableValue<String> faultText) {
        this.makers.putAll(makers);
        getStyleClass().add("desk");
        setMinHeight(LEAST_HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        HBox tabs = new HBox();
        tabs.getStyleClass().add("desk-tabs");
        for (String name : makers.keySet()) {
            ToggleButton tab = new ChoiceButton("desk-" + name, parts.strings().say("desk." + name));
            tab.setUserData(name);
            tab.setToggleGroup(chosen);
            tabs.getChildren().add(tab);
        }
        Label fault = new Label();
        fault.setId("desk-fault");
        fault.getStyleClass().add("specification-fault");
        fault.setMinWidth(0);
        fault.textProperty().bind(faultText);
        tabs.getChildren().add(fault);
        page.setFitToWidth(true);
        page.getStyleClass().add("desk-page");
        VBox.setVgrow(page, Priority.ALWAYS);
        getChildren().addAll(tabs, page);
        chosen.selectedToggleProperty().addListener((o, was, now) -> {
            if (now == null) {
                was.setSelected(true);
            } else {
                turn((String) now.getUserData());
            }
        });
        Piecemeal.finishWhenSeen(this);
    }

    /** The first sheet is made when somebody looks. */
    @Override
    public boolean pending() {
        return chosen.getSelectedToggle() == null;
    }

    @Override
    public void next() {
        chosen.getToggles().get(0).setSelected(true);
    }

    public void show(S now) {
        shown = Optional.of(now);
        sheets.values().forEach(s -> s.show(now));
    }

    /** Turns to a sheet and puts the focus there. */
    public void open(String name) {
        chosen.getToggles().stream()
                .filter(t -> t.getUserData().equals(name))
                .findFirst()
                .ifPresent(t -> {
                    t.setSelected(true);
                    ((ToggleButton) t).requestFocus();
                });
    }

    private void turn(String name) {
        Sheet<S> sheet = sheets.computeIfAbsent(name, n -> makers.get(n).get());
        shown.ifPresent(sheet::show);
        page.setContent(sheet.node());
    }
}
