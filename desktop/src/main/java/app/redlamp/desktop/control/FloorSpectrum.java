package app.redlamp.desktop.control;

import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/** What a noise is made of, in third octaves: as it is heard just now, and as it was measured, as a line over it. */
public final class FloorSpectrum extends Region {
    private static final double LOWEST_DBFS = -120;
    private static final double HIGHEST_DBFS = -40;
    private static final double SIDE = 30;
    private static final double FOOT = 20;
    private static final int[] TOLD = {0, 3, 6, 9, 12, 15, 18, 21, 24};

    /** What stands still is drawn once. */
    private final Canvas frame = new Canvas();

    private final Canvas canvas = new Canvas();
    private final Rectangle fill = swatch("hills-noise");
    private final Rectangle line = swatch("hills-line");
    private final Text note = new Text();
    private final double[] xs = new double[2 * OctaveBands.THIRDS.count() + 4];
    private final double[] ys = new double[2 * OctaveBands.THIRDS.count() + 4];
    private String[] names = {};
    private double[] measured = {};
    private Thirds last;

    /** Level in a third octave, in dBFS. */
    public interface Thirds {
        double db(int band);
    }

    public FloorSpectrum() {
        getStyleClass().add("hills");
        note.getStyleClass().add("hills-note");
        note.setVisible(false);
        note.setManaged(false);
        frame.setManaged(false);
        canvas.setManaged(false);
        getChildren().addAll(fill, line, note, canvas, frame);
        // Another theme, or another size of letters: what stands still is drawn anew.
        Stream.of(note.fillProperty(), note.fontProperty(), line.fillProperty())
                .forEach(p -> p.addListener(o -> requestLayout()));
        setMinSize(200, 90);
        setPrefSize(460, 150);
    }

    private static Rectangle swatch(String style) {
        Rectangle swatch = new Rectangle();
        swatch.getStyleClass().add(style);
        swatch.setVisible(false);
        swatch.setManaged(false);
        return swatch;
    }

    /**
     * What is written under the octaves, and what was measured of them.
     *
     * @param octaves levels from 31.5 Hz on, in dBFS; empty for none
     */
    public void set(String[] octaveNames, double... octaves) {
        names = octaveNames.clone();
        measured = octaves.clone();
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        frame.setWidth(getWidth());
        frame.setHeight(getHeight());
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        drawFrame();
        draw(last);
    }

    private double x(double band) {
        return SIDE + (band + 0.5) / OctaveBands.THIRDS.count() * (getWidth() - 2 * SIDE);
    }

    private double y(double db, double bottom) {
        double share = (Math.max(LOWEST_DBFS, Math.min(HIGHEST_DBFS, db)) - LOWEST_DBFS) / (HIGHEST_DBFS - LOWEST_DBFS);
        return bottom - share * (bottom - 8);
    }

    /** Draws what is heard; only what was measured where it is null. */
    public void draw(Thirds heard) {
        last = heard;
        GraphicsContext g = canvas.getGraphicsContext2D();
        double bottom = getHeight() - FOOT;
        g.clearRect(0, 0, getWidth(), getHeight());
        int count = OctaveBands.THIRDS.count();
        if (heard != null) {
            int n = 0;
            for (int b = 0; b < count; b++) {
                double height = y(heard.db(b), bottom);
                xs[n] = x(b - 0.5);
                ys[n] = height;
                n++;
                xs[n] = x(b + 0.5);
                ys[n] = height;
                n++;
            }
            xs[n] = x(count - 0.5);
            ys[n] = bottom;
            n++;
            xs[n] = x(-0.5);
            ys[n] = bottom;
            n++;
            g.setFill(fill.getFill());
            g.fillPolygon(xs, ys, n);
        }
    }

    /** Axis, and what was measured, over what is heard. */
    private void drawFrame() {
        GraphicsContext g = frame.getGraphicsContext2D();
        double bottom = getHeight() - FOOT;
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setStroke(note.getFill());
        g.setLineWidth(2);
        // Octaves from 31.5 Hz: the second has the first third in its middle.
        for (int o = 1; o < measured.length; o++) {
            double middle = 3.0 * (o - 1);
            double height = y(measured[o] - Decibels.levelOfPower(3), bottom);
            g.strokeLine(x(middle - 1.4), height, x(middle + 1.4), height);
        }
        g.setFill(line.getFill());
        g.fillRect(SIDE, bottom, getWidth() - 2 * SIDE, 1);
        g.setFill(note.getFill());
        g.setFont(note.getFont());
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < Math.min(names.length, TOLD.length); i++) {
            g.fillText(names[i], x(TOLD[i]), bottom + 11);
        }
    }
}
