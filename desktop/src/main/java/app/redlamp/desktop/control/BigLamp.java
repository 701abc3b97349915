package app.redlamp.desktop.control;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Rectangle;

/** The lamp at the end of the wire: lit when all is clear, with the answer and what is left to do under it. */
public final class BigLamp extends VBox {
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final double RADIUS = 26;

    private final Label answer = new Label();
    private final Label remaining = new Label();

    public BigLamp() {
        getStyleClass().add("big-lamp");
        setAlignment(Pos.TOP_CENTER);
        Ellipse glow = new Ellipse(0, RADIUS * 0.6, RADIUS * 1.9, RADIUS * 1.2);
        glow.getStyleClass().add("big-lamp-glow");
        Arc dome = new Arc(0, RADIUS, RADIUS, RADIUS, 0, 180);
        dome.setType(ArcType.CHORD);
        dome.getStyleClass().add("big-lamp-dome");
        Rectangle base = new Rectangle(-30, RADIUS, 60, 6);
        base.setArcWidth(4);
        base.setArcHeight(4);
        base.getStyleClass().add("big-lamp-base");
        Pane drawing = new Pane(glow, dome, base);
        drawing.setMinHeight(RADIUS + 8);
        drawing.setPrefSize(0, RADIUS + 8);
        drawing.setMaxWidth(0);
        answer.getStyleClass().add("big-lamp-answer");
        remaining.getStyleClass().add("big-lamp-remaining");
        getChildren().addAll(drawing, answer, remaining);
        setAccessibleText("");
    }

    /** Shows whether all is clear, the answer in words, and in a few words what comes first. */
    public void show(boolean lit, String answerText, String remainingText) {
        pseudoClassStateChanged(LIT, lit);
        answer.setText(answerText);
        remaining.setText(remainingText);
        setAccessibleText(answerText + ", " + remainingText);
    }
}
