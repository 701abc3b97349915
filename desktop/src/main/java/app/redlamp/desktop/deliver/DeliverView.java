package app.redlamp.desktop.deliver;

import app.redlamp.core.spec.CheckId;
import app.redlamp.core.spec.Specification;
import app.redlamp.core.text.Wording;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Strings;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The bench of the Deliver station: the docket, and the hills of the selected recording. */
final class DeliverView {
    private static final double ROW = 57;
    private static final double BESIDE_DOCKET = 300;
    private static final double LEAD_IN_S = 0.3;

    private final DeliverModel model;
    private final Strings strings;
    private final Wording wording;
    private final Glossary glossary;
    private final PlayModel player;
    private final DeliverStation.Doors doors;
    private final SelectedPanel selected;
    private final ListView<DocketRow> docket = new ListView<>();
    private final ComboBox<Specification> chooser = new ComboBox<>();
    private final Label[] columns = new Label[DocketColumns.MOST_BARS];
    private final VBox bench = new VBox();
    private final StackPane page = new StackPane(bench);
    private boolean offering;

    DeliverView(
            DeliverModel model,
            PlayModel player,
            Strings strings,
            Wording wording,
            Glossary glossary,
            DeliverStation.Doors doors) {
        this.model = model;
        this.strings = strings;
        this.wording = wording;
        this.glossary = glossary;
        this.player = player;
        this.doors = doors;
        selected = new SelectedPanel(strings, wording, player);
        bench.getStyleClass().add("bench");
        buildDocket();
        Button hint = new Button(strings.say("docket.hint"));
        hint.setId("open-more");
        hint.getStyleClass().add("docket-hint");
        hint.setOnAction(e -> doors.chooseFiles().run());
        hint.setMaxWidth(Double.MAX_VALUE);
        hint.setAlignment(Pos.CENTER);
        Pane names = columnHeader();
        bench.getChildren().addAll(header(), names, docket, hint, selected);
        names.visibleProperty().bind(selected.visibleProperty());
        selected.visibleProperty().bind(Bindings.isNotEmpty(model.rows()));
        selected.managedProperty().bind(selected.visibleProperty());
        hint.visibleProperty().bind(selected.visibleProperty());
        hint.managedProperty().bind(selected.visibleProperty());
        bench.heightProperty().addListener((o, was, now) -> fitDocket());
        model.rows().addListener((ListChangeListener<DocketRow>) c -> fitDocket());
        fitDocket();
        Soon refresh = new Soon(this::refresh);
        model.changes().addListener((o, was, now) -> refresh.ask());
        model.selected().addListener((o, was, now) -> refresh());
        refresh();
    }

    Node node() {
        return page;
    }

    /** As high as its rows, but the hills keep their room; all of the bench while it is empty. */
    private void fitDocket() {
        boolean empty = model.rows().isEmpty();
        double most = Math.max(2 * ROW, bench.getHeight() - BESIDE_DOCKET);
        double height = Math.min(model.rows().size() * ROW + 2, most);
        docket.setPrefHeight(empty ? Region.USE_COMPUTED_SIZE : height);
        docket.setMinHeight(empty ? 0 : Math.min(height, 2 * ROW));
        VBox.setVgrow(docket, empty ? Priority.ALWAYS : Priority.NEVER);
    }

    void focusSpecification() {
        chooser.requestFocus();
        chooser.show();
    }

    /** Opens the editor in place of docket and hills; it goes when saved or cancelled. */
    void editSpecification() {
        if (page.getChildren().size() > 1) {
            return;
        }
        SpecificationEditor editor = new SpecificationEditor(model.edit(), model, strings, () -> {
            page.getChildren().setAll(bench);
            offerSpecifications();
            docket.requestFocus();
        });
        page.getChildren().add(editor);
        editor.focus();
    }

    SelectedPanel selected() {
        return selected;
    }

    private HBox header() {
        Label name = new Label(strings.say("docket.name"));
        name.getStyleClass().add("heading");
        chooser.setId("specification");
        offerSpecifications();
        chooser.setCellFactory(list -> specificationCell());
        chooser.setButtonCell(specificationCell());
        chooser.setAccessibleText(strings.say("docket.specification"));
        glossary.explain(chooser, "specification");
        chooser.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!offering && now != null) {
                model.choose(now);
            }
        });
        Button edit = new Button(strings.say("specification.edit"));
        edit.setId("edit-specification");
        edit.getStyleClass().add("quiet");
        edit.setOnAction(e -> editSpecification());
        glossary.explain(edit, "specification");
        Button sheet = new Button(strings.say("sheet.write"));
        sheet.setId("write-sheet");
        sheet.getStyleClass().add("quiet");
        sheet.setOnAction(e -> doors.writeSheet().run());
        sheet.disableProperty().bind(Bindings.isEmpty(model.rows()));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox header = new HBox(name, new Label(strings.say("docket.against")), chooser, edit, between, sheet);
        header.getStyleClass().add("docket-header");
        return header;
    }

    /** Shows what can be chosen and what is; that is no choice of the user's. */
    private void offerSpecifications() {
        offering = true;
        chooser.getItems().setAll(model.specifications());
        chooser.getSelectionModel().select(model.specification().get());
        offering = false;
    }

    private static ListCell<Specification> specificationCell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Specification item, boolean empty) {
                super.updateItem(item, empty);
                setText(empty || item == null ? "" : item.name());
            }
        };
    }

    /** Names of the three bars, each above its bar. */
    private Pane columnHeader() {
        Pane pane = new Pane() {
            @Override
            protected void layoutChildren() {
                DocketColumns at = DocketColumns.of(docket.getWidth());
                for (int i = 0; i < columns.length; i++) {
                    columns[i].resizeRelocate(at.bar(i).left(), 0, at.barStep() + DocketColumns.VALUE, 18);
                    columns[i].setOpacity(at.bar(i).width() > 0 ? 1 : 0);
                }
            }
        };
        for (int i = 0; i < columns.length; i++) {
            columns[i] = new Label();
            columns[i].getStyleClass().add("column-name");
            pane.getChildren().add(columns[i]);
        }
        pane.setMinHeight(18);
        pane.setPrefHeight(18);
        docket.widthProperty().addListener((o, was, now) -> pane.requestLayout());
        return pane;
    }

    private void buildDocket() {
        docket.setId("docket");
        docket.getStyleClass().add("docket");
        docket.setItems(model.rows());
        docket.setCellFactory(
                list -> new DocketCell(new RowFaces(strings, wording), this::act, this::hear, this::menu));
        docket.setAccessibleText(strings.say("docket.name"));
        Label first = new Label(strings.say("docket.empty"));
        first.getStyleClass().add("docket-empty-title");
        VBox nothing = new VBox(first, new Label(strings.say("docket.empty.detail")));
        nothing.getStyleClass().add("docket-empty");
        docket.setPlaceholder(nothing);
        docket.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (now != null) {
                model.selected().set(now);
            }
        });
        model.rows().addListener((ListChangeListener<DocketRow>) c -> follow());
        model.selected().addListener((o, was, now) -> follow());
    }

    private void follow() {
        DocketRow wanted = model.selected().get();
        if (wanted == null) {
            docket.getSelectionModel().clearSelection();
        } else if (docket.getSelectionModel().getSelectedItem() != wanted) {
            docket.getSelectionModel().select(wanted);
            bringIntoView(docket.getSelectionModel().getSelectedIndex());
        }
    }

    private void bringIntoView(int index) {
        if (docket.lookup(".virtual-flow") instanceof VirtualFlow<?> flow && flow.getFirstVisibleCell() != null) {
            boolean above = index <= flow.getFirstVisibleCell().getIndex();
            boolean below = index >= flow.getLastVisibleCell().getIndex();
            if (above || below) {
                docket.scrollTo(index);
            }
        }
    }

    private void act(DocketRow row) {
        model.selected().set(row);
        RowStatus status = row.status().get();
        if (status.finishable()) {
            model.finish(row);
        } else if (status instanceof RowStatus.Unreadable) {
            model.remove(row);
        } else if (status instanceof RowStatus.Unmeasured) {
            model.measureAgain(row);
        } else if (status instanceof RowStatus.Ended ended
                && !ended.result().written().isEmpty()) {
            doors.showFolder().accept(ended.result().written().get(0).getParent());
        }
    }

    /** Plays a recording from where its skyline was pressed. */
    private void hear(DocketRow row, double share) {
        row.report()
                .ifPresent(report -> player.playFrom(row, share * report.info().durationS() - LEAD_IN_S));
    }

    /** What can be done with a recording, for the pointer; every item has its key too. */
    private ContextMenu menu(DocketRow row) {
        RowStatus status = row.status().get();
        ContextMenu menu = new ContextMenu();
        if (status.finishable()) {
            menu.getItems().add(item("menu.finish", () -> model.finish(row)));
        }
        if (row.report().isPresent()) {
            menu.getItems().add(item("menu.play", () -> player.toggle(row)));
        }
        menu.getItems().add(item("menu.remove", () -> model.remove(row)));
        return menu;
    }

    private MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(strings.say(key));
        item.setOnAction(e -> action.run());
        return item;
    }

    private void refresh() {
        Specification held = model.specification().get();
        if (!held.equals(chooser.getSelectionModel().getSelectedItem())) {
            offerSpecifications();
        }
        List<CheckId> bars = RowFaces.bars(held);
        for (int i = 0; i < columns.length; i++) {
            columns[i].setText(
                    i < bars.size() ? wording.checkName(bars.get(i), held) + ", " + unit(bars.get(i), held) : "");
            if (i < bars.size()) {
                glossary.explain(columns[i], DeliverReading.term(bars.get(i), held));
            }
        }
        selected.show(model.selected().get());
    }

    private static String unit(CheckId bar, Specification held) {
        return switch (bar) {
            case LOUDNESS -> held.aim().measure().unit();
            case PEAK -> held.peak().measure().unit();
            default -> "dBFS";
        };
    }
}
