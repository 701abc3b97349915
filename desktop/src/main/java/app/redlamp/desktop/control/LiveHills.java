package app.redlamp.desktop.control;

import app.redlamp.core.signal.LevelHistogram;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/**
 * Where the levels of the last half minute lie, as it is heard: noise one hill, voice another, peaks a scatter above the voice,
 * the window as a band. Drawn many times a second with what is there already: it makes nothing new for a picture.
 */
public final class LiveHills extends Region {
    private static final double LOWEST_DBFS = -90;
    private static final double STEP_DB = 15;
    private static final double SIDE = 20;
    private static final double HEAD = 62;
    private static final double FOOT = 26;
    private static final int SMOOTH = 3;
    private static final double DOT = 5;
    private static final int ROWS = 5;

    /** What stands still is drawn once; only the hills are drawn again and again. */
    private final Canvas frame = new Canvas();

    private final Canvas canvas = new Canvas();
    private final Rectangle noiseFill = swatch("hills-noise");
    private final Rectangle voiceFill = swatch("hills-voice");
    private final Rectangle windowFill = swatch("hills-window");
    private final Rectangle dotFill = swatch("hills-peak");
    private final Rectangle overFill = swatch("hills-peak-over");
    private final Rectangle lineFill = swatch("hills-line");
    private final Text note = new Text();
    private final double[] xs = new double[LevelHistogram.BINS + 2];
    private final double[] ys = new double[LevelHistogram.BINS + 2];
    private final double[] heights = new double[LevelHistogram.BINS];
    private Words words = new Words("", "", "", List.of());
    private Levels last;
    private double low = Double.NaN;
    private double high = Double.NaN;

    /** What is heard. */
    public interface Levels {
        int noise(int bin);

        int voice(int bin);

        int peakCount();

        double peakDb(int index);
    }

    /**
     * Texts in the picture.
     *
     * @param axis one each 15 dB from −90 to 0
     */
    public record Words(String noise, String voice, String peaks, List<String> axis) {
        public Words {
            axis = List.copyOf(axis);
        }
    }

    public LiveHills() {
        getStyleClass().add("hills");
        frame.setManaged(false);
        canvas.setManaged(false);
        note.getStyleClass().add("hills-note");
        note.setVisible(false);
        note.setManaged(false);
        getChildren().addAll(noiseFill, voiceFill, windowFill, dotFill, overFill, lineFill, note, frame, canvas);
        // Another theme, or another size of letters: what stands still is drawn anew.
        Stream.of(note.fillProperty(), note.fontProperty(), windowFill.fillProperty(), lineFill.fillProperty())
                .forEach(p -> p.addListener(o -> requestLayout()));
        setMinSize(180, 120);
        setPrefSize(320, 220);
    }

    /** A node that is never seen: a stylesheet gives it the colour that is drawn with. */
    private static Rectangle swatch(String style) {
        Rectangle swatch = new Rectangle();
        swatch.getStyleClass().add(style);
        swatch.setVisible(false);
        swatch.setManaged(false);
        return swatch;
    }

    /** What is written, and where peaks are wanted, in dBFS. */
    public void set(Words now, double lowDbfs, double highDbfs) {
        words = now;
        low = lowDbfs;
        high = highDbfs;
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

    private double x(double dbfs) {
        return SIDE + (Math.max(LOWEST_DBFS, Math.min(0, dbfs)) - LOWEST_DBFS) / -LOWEST_DBFS * (getWidth() - 2 * SIDE);
    }

    private void write(GraphicsContext g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        g.setFont(note.getFont());
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.CENTER);
    }

    private void drawFrame() {
        GraphicsContext g = frame.getGraphicsContext2D();
        double bottom = getHeight() - FOOT;
        write(g);
        if (low < high) {
            g.setFill(windowFill.getFill());
            g.fillRect(x(low), 20, x(high) - x(low), bottom - 20);
        }
        g.setFill(note.getFill());
        if (low < high) {
            g.fillText(words.peaks(), Math.min(x((low + high) / 2), getWidth() - 44), 11);
        }
        for (int i = 0; i < words.axis().size(); i++) {
            g.fillText(words.axis().get(i), x(LOWEST_DBFS + i * STEP_DB), bottom + 14);
        }
        g.setFill(lineFill.getFill());
        g.fillRect(SIDE, bottom, getWidth() - 2 * SIDE, 1);
    }

    /** Draws what is heard; nothing but the frame where it is null. */
    public void draw(Levels levels) {
        last = levels;
        GraphicsContext g = canvas.getGraphicsContext2D();
        double bottom = getHeight() - FOOT;
        write(g);
        if (levels != null) {
            hill(g, levels, true, bottom);
            hill(g, levels, false, bottom);
            peaks(g, levels);
        }
    }

    private void hill(GraphicsContext g, Levels levels, boolean noise, double bottom) {
        double most = 0;
        int top = 0;
        for (int b = 0; b < LevelHistogram.BINS; b++) {
            double sum = 0;
            for (int d = -SMOOTH; d <= SMOOTH; d++) {
                int at = b + d;
                if (at >= 0 && at < LevelHistogram.BINS) {
                    sum += (SMOOTH + 1 - Math.abs(d)) * (double) (noise ? levels.noise(at) : levels.voice(at));
                }
            }
            heights[b] = sum;
            if (sum > most) {
                most = sum;
                top = b;
            }
        }
        if (most == 0) {
            return;
        }
        int n = 0;
        xs[n] = x(LOWEST_DBFS);
        ys[n] = bottom;
        n++;
        for (int b = 0; b < LevelHistogram.BINS; b++) {
            double level = LevelHistogram.levelOf(b);
            if (level >= LOWEST_DBFS) {
                xs[n] = x(level);
                ys[n] = bottom - heights[b] / most * (bottom - HEAD);
                n++;
            }
        }
        xs[n] = x(0);
        ys[n] = bottom;
        n++;
        g.setFill((noise ? noiseFill : voiceFill).getFill());
        g.fillPolygon(xs, ys, n);
        g.setFill(note.getFill());
        g.fillText(noise ? words.noise() : words.voice(), x(LevelHistogram.levelOf(top)), HEAD - 10);
    }

    private void peaks(GraphicsContext g, Levels levels) {
        for (int i = 0; i < levels.peakCount(); i++) {
            double db = levels.peakDb(i);
            if (db > LOWEST_DBFS) {
                g.setFill((db > high ? overFill : dotFill).getFill());
                g.fillOval(x(db) - DOT / 2, 22 + i % ROWS * 5, DOT, DOT);
            }
        }
    }
}
