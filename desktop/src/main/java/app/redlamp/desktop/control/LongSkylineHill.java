package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.shape.Polygon;

/** Draws the level of a part of a recording: the voice in one colour, the noise in its pauses in another. */
final class LongSkylineHill {
    private final Course course;
    private final double lowestDbfs;
    private final double pointsPerSecond;

    LongSkylineHill(Course course, double lowestDbfs) {
        this.course = course;
        this.lowestDbfs = lowestDbfs;
        pointsPerSecond = course.outline().points() / course.outline().lengthS();
    }

    /** Draws the hills of a part, as wide as given and standing on the bottom. */
    void draw(NodePool layer, TimeWindow window, double left, double width, double top, double bottom) {
        int columns = (int) Math.max(1, width);
        double[] levels =
                course.outline().loudestDbfs(window.fromS() * pointsPerSecond, window.toS() * pointsPerSecond, columns);
        boolean[] paused = paused(window, columns);
        layer.begin();
        int from = 0;
        for (int x = 1; x <= columns; x++) {
            if (x == columns || paused[x] != paused[from]) {
                Polygon hill = layer.take(
                        paused[from] ? "hills-noise" : "skyline-hill", Polygon.class, LongSkylineHill::polygon);
                hill.getPoints().setAll(points(levels, from, x, left, top, bottom));
                from = x;
            }
        }
        layer.end();
    }

    /** All its edges are upright or level: smoothing them would only cost time. */
    private static Polygon polygon() {
        Polygon hill = new Polygon();
        hill.setSmooth(false);
        return hill;
    }

    private List<Double> points(double[] levels, int from, int to, double left, double top, double bottom) {
        List<Double> points = new ArrayList<>(4 * (to - from) + 4);
        points.add(left + from);
        points.add(bottom);
        for (int x = from; x < to; x++) {
            double share = Math.max(0, Math.min(1, (levels[x] - lowestDbfs) / -lowestDbfs));
            double y = bottom - share * (bottom - top);
            points.add(left + x);
            points.add(y);
            points.add(left + x + 1);
            points.add(y);
        }
        points.add(left + to);
        points.add(bottom);
        return points;
    }

    /** Which columns lie wholly within a pause. */
    private boolean[] paused(TimeWindow window, int columns) {
        boolean[] paused = new boolean[columns];
        for (Course.Span pause : course.pauses()) {
            if (pause.toS() > window.fromS() && pause.fromS() < window.toS()) {
                int from = (int) Math.ceil(Math.max(0, window.shareOf(pause.fromS())) * columns);
                int to = (int) Math.floor(Math.min(1, window.shareOf(pause.toS())) * columns);
                for (int x = from; x < to; x++) {
                    paused[x] = true;
                }
            }
        }
        return paused;
    }
}
