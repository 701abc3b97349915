package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.desktop.gradual.Piecemeal;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Wording;
import java.util.List;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;

/** The recordings as a list: names of the bars, rows, and the button that opens more. Rows are made one by one where nobody looks. */
final class Docket extends VBox implements Piecemeal {
    private static final double ROW = 57;
    private static final int LEAST_ROWS = 2;

    private final StationParts<DeliverStation.Models> parts;
    private final DeliverModel model;
    private final PlayModel player;
    private final Strings strings;
    private final Wording wording;
    private final Glossary glossary;
    private final ListView<DocketRow> list = new ListView<>();
    private final Label[] columns = new Label[DocketColumns.MOST_BARS];
    private double most;
    /** Rows that there is room for yet. */
    private int begun;

    Docket(StationParts<DeliverStation.Models> parts) {
        model = parts.models().deliver();
        player = parts.models().player();
        strings = parts.strings();
        wording = parts.words().recordings();
        glossary = parts.bench().glossary();
        this.parts = parts;
        getStyleClass().add("docket-pane");
        buildList();
        Button hint = new Button(strings.say("docket.hint"));
        hint.setId("open-more");
        hint.getStyleClass().add("docket-hint");
        hint.setOnAction(e -> new DeliverFiles(parts).bring());
        hint.setMaxWidth(Double.MAX_VALUE);
        hint.setAlignment(Pos.CENTER);
        getChildren().addAll(columnHeader(), list, hint);
        follow();
        Piecemeal.finishWhenSeen(this);
    }

    /** As high as its rows while they fit into what is given, never less than two rows. */
    void fit(double most) {
        this.most = most;
        if (Sight.seen(this)) {
            begun = wanted();
        }
        begun = Math.min(begun, wanted());
        double height = Math.min((pending() ? begun : model.rows().size()) * ROW + 2, room());
        list.setPrefHeight(height);
        list.setMinHeight(Math.min(height, LEAST_ROWS * ROW));
    }

    private int wanted() {
        return Math.min(model.rows().size(), (int) Math.ceil(room() / ROW));
    }

    private double room() {
        return Math.max(LEAST_ROWS * ROW, most);
    }

    @Override
    public boolean pending() {
        return begun < wanted();
    }

    @Override
    public void next() {
        begun++;
        fit(most);
    }

    Node list() {
        return list;
    }

    void focus() {
        list.requestFocus();
    }

    /** Names the bars as the specification has them. */
    void name(Specification held) {
        List<CheckId> bars = RowFaces.bars(held);
        for (int i = 0; i < columns.length; i++) {
            columns[i].setText(
                    i < bars.size() ? wording.checkName(bars.get(i), held) + ", " + unit(bars.get(i), held) : "");
            if (i < bars.size()) {
                glossary.explain(columns[i], DeliverReading.term(bars.get(i), held));
            }
        }
    }

    /** Names of the three bars, each above its bar. */
    private Pane columnHeader() {
        Pane pane = new Pane() {
            @Override
            protected void layoutChildren() {
                DocketColumns at = DocketColumns.of(list.getWidth());
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
        list.widthProperty().addListener((o, was, now) -> pane.requestLayout());
        return pane;
    }

    private void buildList() {
        list.setId("docket");
        list.getStyleClass().add("docket");
        list.setItems(model.rows());
        list.setCellFactory(cells -> new DocketCell(new RowFaces(strings, wording), this::act, this::hear, this::menu));
        list.setAccessibleText(strings.say("docket.name"));
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
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
            list.getSelectionModel().clearSelection();
        } else if (list.getSelectionModel().getSelectedItem() != wanted) {
            list.getSelectionModel().select(wanted);
            bringIntoView(list.getSelectionModel().getSelectedIndex());
        }
    }

    private void bringIntoView(int index) {
        if (list.lookup(".virtual-flow") instanceof VirtualFlow<?> flow && flow.getFirstVisibleCell() != null) {
            boolean above = index <= flow.getFirstVisibleCell().getIndex();
            boolean below = index >= flow.getLastVisibleCell().getIndex();
            boolean all = flow.getFirstVisibleCell().getIndex() == 0
                    && flow.getLastVisibleCell().getIndex() == flow.getCellCount() - 1
                    && flow.getLastVisibleCell().getBoundsInParent().getMaxY() <= flow.getHeight();
            if (!all && (above || below)) {
                list.scrollTo(index);
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
            parts.doors().show(ended.result().written().get(0).getParent());
        }
    }

    /** Plays a recording from where its skyline was pressed. */
    private void hear(DocketRow row, double share) {
        row.report()
                .ifPresent(report -> player.playFrom(row, share * report.info().durationS() - PlayModel.LEAD_IN_S));
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

    private static String unit(CheckId bar, Specification held) {
        return switch (bar) {
            case LOUDNESS -> held.aim().measure().unit();
            case PEAK -> held.peak().measure().unit();
            default -> "dBFS";
        };
    }
}
