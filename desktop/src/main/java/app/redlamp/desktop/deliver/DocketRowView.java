package app.redlamp.desktop.deliver;

import app.redlamp.desktop.control.LampGlyph;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.control.Skyline;
import app.redlamp.desktop.control.WindowBar;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;

/** One row of the docket: lamp, name and note, skyline, three window bars, a button. Narrow rows leave out what fits not. */
final class DocketRowView extends Region {
    private static final PseudoClass HOPELESS = PseudoClass.getPseudoClass("hopeless");
    private static final PseudoClass PENDING = PseudoClass.getPseudoClass("pending");
    private static final double HEIGHT = 50;

    private final LampGlyph lamp = new LampGlyph();
    private final Label title = new Label();
    private final Label note = new Label();
    private final Skyline skyline = new Skyline();
    private final WindowBar[] bars = new WindowBar[DocketColumns.MOST_BARS];
    private final Label[] values = new Label[DocketColumns.MOST_BARS];
    private final Button action = new Button();

    DocketRowView(Runnable onAction, DoubleConsumer onSpot) {
        getStyleClass().add("docket-row");
        title.getStyleClass().add("docket-title");
        note.getStyleClass().add("docket-note");
        action.getStyleClass().add("docket-action");
        action.setFocusTraversable(false);
        action.setMnemonicParsing(false);
        action.setOnAction(e -> onAction.run());
        skyline.onSpot(onSpot);
        getChildren().addAll(lamp, title, note, skyline, action);
        for (int i = 0; i < bars.length; i++) {
            bars[i] = new WindowBar();
            values[i] = new Label();
            values[i].getStyleClass().add("docket-value");
            getChildren().addAll(bars[i], values[i]);
        }
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
    }

    void show(RowFace face, OptionalDouble playingShare) {
        lamp.setState(face.lamp());
        title.setText(face.title());
        note.setText(face.note());
        pseudoClassStateChanged(HOPELESS, face.lamp() == LampState.BARRED);
        pseudoClassStateChanged(PENDING, face.lamp() == LampState.HALF);
        skyline.show(face.outline(), face.flags());
        skyline.playAt(playingShare);
        for (int i = 0; i < bars.length; i++) {
            Optional<RowFace.Bar> bar =
                    i < face.bars().size() ? Optional.of(face.bars().get(i)) : Optional.empty();
            bars[i].setVisible(bar.isPresent());
            values[i].setVisible(bar.isPresent());
            bars[i].show(
                    bar.flatMap(RowFace.Bar::gauge),
                    bar.map(RowFace.Bar::hopeless).orElse(false));
            values[i].setText(bar.map(RowFace.Bar::value).orElse(""));
        }
        action.setText(face.action());
        action.setVisible(!face.action().isEmpty());
        requestLayout();
    }

    void play(OptionalDouble share) {
        skyline.playAt(share);
    }

    @Override
    protected void layoutChildren() {
        boolean bare = !bars[0].isVisible() && skyline.isVisible();
        DocketColumns columns = DocketColumns.of(getWidth());
        double height = getHeight();
        lamp.relocate(14, height / 2 - 8);
        double words = (bare ? columns.actionLeft() : columns.nameRight()) - DocketColumns.NAME_LEFT - 8;
        title.resizeRelocate(DocketColumns.NAME_LEFT, height / 2 - 20, words, 20);
        note.resizeRelocate(DocketColumns.NAME_LEFT, height / 2 + 1, words, 18);
        place(skyline, columns.skyline(), 8, height - 12);
        for (int i = 0; i < bars.length; i++) {
            DocketColumns.Span span = columns.bar(i);
            place(bars[i], span, (height - 22) / 2, 22);
            values[i].resizeRelocate(span.right() + 6, height / 2 - 10, DocketColumns.VALUE, 20);
            values[i].setOpacity(span.width() > 0 ? 1 : 0);
        }
        double width = Math.min(action.prefWidth(-1), DocketColumns.ACTION);
        action.resizeRelocate(columns.actionLeft() + DocketColumns.ACTION - width, (height - 28) / 2, width, 28);
    }

    private static void place(Region region, DocketColumns.Span span, double top, double height) {
        region.setManaged(false);
        region.resizeRelocate(span.left(), top, Math.max(0, span.width()), height);
        region.setOpacity(span.width() > 0 ? 1 : 0);
    }
}
