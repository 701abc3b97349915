package app.redlamp.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurveTo;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;

/** Draws a ribbon. */
final class RibbonPicture extends Picture<Ribbon> {
    private static final double SIDE = 62;
    private static final double TOP = 20;
    private static final double BOTTOM = 44;
    private static final double DOT = 4.5;
    private static final double HANDLE = 7;
    private static final double PLATE = 15;

    private String chosen = "";
    private boolean focused;
    private String pointed = "";

    RibbonPicture() {
        super("ribbon");
    }

    /** Marks what is chosen, from the next drawing on. */
    void choose(String id, boolean withFocus) {
        chosen = id;
        focused = withFocus;
        requestLayout();
    }

    /** Says the levels of a stop, from the next drawing on; of what is chosen where it is none. */
    void point(String id) {
        if (!pointed.equals(id)) {
            pointed = id;
            requestLayout();
        }
    }

    /** Where a stop stands from left to right. */
    double x(Ribbon ribbon, int stop) {
        return SIDE + (getWidth() - 2 * SIDE) * stop / (ribbon.stops().size() - 1);
    }

    /** Height of a level. */
    double y(Ribbon ribbon, double db) {
        double share = (db - ribbon.lowDb()) / (ribbon.highDb() - ribbon.lowDb());
        return TOP + (getHeight() - TOP - BOTTOM) * (1 - Math.max(0, Math.min(1, share)));
    }

    /** Decibels to a step of the height. */
    double decibels(Ribbon ribbon, double height) {
        return -height * (ribbon.highDb() - ribbon.lowDb()) / (getHeight() - TOP - BOTTOM);
    }

    @Override
    void draw(Ribbon r) {
        band("ribbon-gap", r, Ribbon.Stop::averageDb, Ribbon.Stop::noiseDb);
        band("ribbon-noise", r, Ribbon.Stop::noiseDb, s -> r.lowDb());
        band("ribbon-voice", r, Ribbon.Stop::topDb, Ribbon.Stop::averageDb);
        ceiling(r);
        for (int i = 0; i < r.stops().size(); i++) {
            stop(r, i);
        }
        names(r);
        levels(r);
    }

    private void levels(Ribbon r) {
        String of = pointed.isEmpty() ? chosen : pointed;
        r.stops().stream().filter(s -> s.id().equals(of)).findFirst().ifPresent(s -> {
            Text words = front.text("ribbon-detail", s.levels());
            words.setX(10);
            words.setY(14);
        });
    }

    /** What lies between two courses of levels. */
    private void band(
            String style, Ribbon r, ToDoubleFunction<Ribbon.Stop> upper, ToDoubleFunction<Ribbon.Stop> lower) {
        List<PathElement> elements = new ArrayList<>();
        int last = r.stops().size() - 1;
        elements.add(new MoveTo(x(r, 0), y(r, upper.applyAsDouble(r.stops().get(0)))));
        for (int i = 1; i <= last; i++) {
            elements.add(curve(r, i - 1, i, upper));
        }
        elements.add(new LineTo(x(r, last), y(r, lower.applyAsDouble(r.stops().get(last)))));
        for (int i = last; i > 0; i--) {
            elements.add(curve(r, i, i - 1, lower));
        }
        back.take(style, Path.class, Path::new).getElements().setAll(elements);
    }

    private CubicCurveTo curve(Ribbon r, int from, int to, ToDoubleFunction<Ribbon.Stop> level) {
        double middle = (x(r, from) + x(r, to)) / 2;
        double fromY = y(r, level.applyAsDouble(r.stops().get(from)));
        double toY = y(r, level.applyAsDouble(r.stops().get(to)));
        return new CubicCurveTo(middle, fromY, middle, toY, x(r, to), toY);
    }

    private void ceiling(Ribbon r) {
        List<PathElement> elements = new ArrayList<>();
        int before = -1;
        for (int i = 0; i < r.stops().size(); i++) {
            if (r.stops().get(i).ceilingDb().isPresent()) {
                if (before < 0) {
                    elements.add(new MoveTo(
                            x(r, i), y(r, r.stops().get(i).ceilingDb().getAsDouble())));
                    Text word = front.text("ribbon-ceiling-word", r.ceiling());
                    word.setX(x(r, i) - 10 - word.getLayoutBounds().getWidth());
                    word.setY(y(r, r.stops().get(i).ceilingDb().getAsDouble()) + 4);
                } else {
                    elements.add(curve(r, before, i, s -> s.ceilingDb().orElse(r.highDb())));
                }
                before = i;
            }
        }
        back.take("ribbon-ceiling", Path.class, Path::new).getElements().setAll(elements);
    }

    private void stop(Ribbon r, int index) {
        Ribbon.Stop stop = r.stops().get(index);
        double x = x(r, index);
        back.line("ribbon-post", x, TOP, x, getHeight() - BOTTOM);
        dot(stop.clips() ? "ribbon-dot-clips" : "ribbon-dot", x, y(r, stop.topDb()));
        dot("ribbon-dot-noise", x, y(r, stop.noiseDb()));
        double middle = (y(r, stop.averageDb()) + y(r, stop.noiseDb())) / 2;
        Text snr = front.text(stop.thin() ? "ribbon-figure-thin" : "ribbon-figure", stop.snr());
        double wide = snr.getLayoutBounds().getWidth();
        back.rectangle("ribbon-plate", x - wide / 2 - 8, middle - PLATE / 2 - 3, wide + 16, PLATE + 6);
        snr.setX(x - wide / 2);
        snr.setY(middle + 4.5);
        if (stop.held()) {
            handle(r, stop, x);
        }
        write("ribbon-name", stop.name(), x, getHeight() - 25);
        write("ribbon-detail", stop.detail(), x, getHeight() - 9);
    }

    /** Two arrow heads at the average of the voice: what is drawn like this can be dragged up and down. */
    private void handle(Ribbon r, Ribbon.Stop stop, double x) {
        double at = y(r, stop.averageDb());
        boolean here = stop.id().equals(chosen);
        String style = here ? focused ? "ribbon-handle-focused" : "ribbon-handle-chosen" : "ribbon-handle";
        front.take(style, Polygon.class, Polygon::new)
                .getPoints()
                .setAll(x, at - HANDLE - 5, x + HANDLE, at, x, at + HANDLE + 5, x - HANDLE, at);
    }

    private void dot(String style, double x, double y) {
        Circle circle = front.take(style, Circle.class, Circle::new);
        circle.setCenterX(x);
        circle.setCenterY(y);
        circle.setRadius(DOT);
    }

    private void write(String style, String words, double x, double y) {
        Text text = front.text(style, words);
        double wide = text.getLayoutBounds().getWidth();
        text.setX(Math.max(2, Math.min(getWidth() - wide - 2, x - wide / 2)));
        text.setY(y);
    }

    /** Names stand where their band is thick enough; where it is nowhere, it is left unnamed. */
    private void names(Ribbon r) {
        name("ribbon-voice-word", r.voice(), r, Ribbon.Stop::topDb, Ribbon.Stop::averageDb);
        name("ribbon-noise-word", r.noise(), r, Ribbon.Stop::noiseDb, s -> r.lowDb());
    }

    private void name(
            String style,
            String word,
            Ribbon r,
            ToDoubleFunction<Ribbon.Stop> upper,
            ToDoubleFunction<Ribbon.Stop> lower) {
        int best = 1;
        double room = 0;
        for (int i = 0; i + 1 < r.stops().size(); i++) {
            double top = Math.max(
                    y(r, upper.applyAsDouble(r.stops().get(i))),
                    y(r, upper.applyAsDouble(r.stops().get(i + 1))));
            double bottom = Math.min(
                    y(r, lower.applyAsDouble(r.stops().get(i))),
                    y(r, lower.applyAsDouble(r.stops().get(i + 1))));
            if (bottom - top > room) {
                room = bottom - top;
                best = i;
            }
        }
        if (room > PLATE) {
            Text text = front.text(style, word);
            double x = (x(r, best) + x(r, best + 1)) / 2;
            double top = (y(r, upper.applyAsDouble(r.stops().get(best)))
                            + y(r, upper.applyAsDouble(r.stops().get(best + 1))))
                    / 2;
            double bottom = (y(r, lower.applyAsDouble(r.stops().get(best)))
                            + y(r, lower.applyAsDouble(r.stops().get(best + 1))))
                    / 2;
            double wide = text.getLayoutBounds().getWidth();
            text.setX(Math.min(x(r, r.stops().size() - 1) - wide - 6, x - wide / 2));
            text.setY((top + bottom) / 2 + 4);
        }
    }
}
