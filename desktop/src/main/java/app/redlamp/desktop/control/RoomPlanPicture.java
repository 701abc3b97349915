package app.redlamp.desktop.control;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Group;
import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** Draws a room from above, to scale: walls, what is in it, ways of sound, and noises beside it. */
final class RoomPlanPicture extends Group {
    private static final double MARGIN = 40;
    private static final double NOTES = 168;
    private static final double WALL = 9;
    private static final double LEAST_STRIP = 7;
    private static final double NOTE_HEIGHT = 56;
    private static final int NOTE_LETTERS = 23;
    private static final double LINE_HEIGHT = 16;
    private static final double HEAD_M = 0.1;
    private static final double EDGE = 9;

    private final NodePool back = new NodePool();
    private final NodePool front = new NodePool();
    private double scale = 1;
    private double left;
    private double top;

    RoomPlanPicture() {
        setAutoSizeChildren(false);
        setManaged(false);
        setMouseTransparent(true);
        getChildren().addAll(back, front);
    }

    double x(double metres) {
        return left + metres * scale;
    }

    double y(double metres) {
        return top + metres * scale;
    }

    double metresX(double x) {
        return (x - left) / scale;
    }

    double metresY(double y) {
        return (y - top) / scale;
    }

    boolean covers(RoomPlan.Shape s, double x, double y) {
        double[] r = rectangle(s);
        return x >= r[0] - 3 && x <= r[0] + r[2] + 3 && y >= r[1] - 3 && y <= r[1] + r[3] + 3;
    }

    boolean deepInside(RoomPlan.Shape s, double x, double y) {
        double[] r = rectangle(s);
        return x > r[0] + EDGE && x < r[0] + r[2] - EDGE && y > r[1] + EDGE && y < r[1] + r[3] - EDGE;
    }

    void draw(Optional<RoomPlan> shown, String selected, boolean focused, double width, double height) {
        back.begin();
        front.begin();
        shown.ifPresent(p -> {
            boolean notes = !p.notes().isEmpty() && width > 3 * NOTES;
            double room = width - (notes ? NOTES + WALL + 6 : MARGIN) - MARGIN;
            scale = Math.max(1, Math.min(room / p.widthM(), (height - 2 * MARGIN - 8) / p.depthM()));
            left = Math.round(MARGIN + (room - p.widthM() * scale) / 2);
            top = Math.round(MARGIN - 6 + (height - 2 * MARGIN - 8 - p.depthM() * scale) / 2);
            walls(p);
            p.shapes().forEach(s -> shape(s, p, s.id().equals(selected), focused));
            rays(p);
            reader(p, selected, focused);
            if (notes) {
                notes(p.notes(), width - NOTES + 10, height);
            }
            measure(p, height);
        });
        back.end();
        front.end();
    }

    private void walls(RoomPlan p) {
        back.rectangle("plan-floor", x(0), y(0), p.widthM() * scale, p.depthM() * scale);
        Rectangle wall = back.rectangle(
                "plan-wall", x(0) - WALL / 2, y(0) - WALL / 2, p.widthM() * scale + WALL, p.depthM() * scale + WALL);
        wall.setStrokeWidth(WALL);
    }

    private void shape(RoomPlan.Shape s, RoomPlan p, boolean selected, boolean focused) {
        double[] r = rectangle(s);
        if (s.look() == RoomPlan.Look.DOOR || s.look() == RoomPlan.Look.WINDOW) {
            opening(s, p, r);
        } else {
            String style = "plan-" + s.look().name().toLowerCase(Locale.ROOT).replace('_', '-');
            Rectangle rectangle = back.rectangle(style, r[0], r[1], r[2], r[3]);
            rectangle.setArcWidth(6);
            rectangle.setArcHeight(6);
        }
        if (selected) {
            front.rectangle(focused ? "plan-chosen-focused" : "plan-chosen", r[0] - 3, r[1] - 3, r[2] + 6, r[3] + 6);
        }
        label(s, p, r);
    }

    private void opening(RoomPlan.Shape s, RoomPlan p, double[] r) {
        boolean across = s.widthM() >= s.depthM();
        boolean low = across ? s.y() < p.depthM() / 2 : s.x() < p.widthM() / 2;
        String style = s.look() == RoomPlan.Look.DOOR ? "plan-door" : "plan-window";
        if (across) {
            back.rectangle(style, r[0], low ? y(0) - WALL : y(p.depthM()), r[2], WALL);
        } else {
            back.rectangle(style, low ? x(0) - WALL : x(p.widthM()), r[1], WALL, r[3]);
        }
        if (s.look() == RoomPlan.Look.DOOR) {
            double size = across ? r[2] : r[3];
            Arc swing = back.take("plan-swing", Arc.class, Arc::new);
            swing.setType(ArcType.OPEN);
            swing.setRadiusX(size);
            swing.setRadiusY(size);
            swing.setCenterX(across ? r[0] : low ? x(0) : x(p.widthM()));
            swing.setCenterY(across ? low ? y(0) : y(p.depthM()) : r[1]);
            swing.setStartAngle(across ? low ? 270 : 0 : low ? 270 : 180);
            swing.setLength(90);
        }
    }

    private void label(RoomPlan.Shape s, RoomPlan p, double[] r) {
        Text text = front.text("plan-label", s.label());
        double wide = text.getLayoutBounds().getWidth();
        double middleX = r[0] + r[2] / 2;
        double middleY = r[1] + r[3] / 2;
        double atX = middleX - wide / 2;
        double atY = middleY + 4;
        boolean across = r[2] >= r[3];
        boolean opening = s.look() == RoomPlan.Look.DOOR || s.look() == RoomPlan.Look.WINDOW;
        if (opening) {
            boolean low = across ? s.y() < p.depthM() / 2 : s.x() < p.widthM() / 2;
            if (across) {
                atY = low ? y(0) - WALL - 5 : y(p.depthM()) + WALL + 14;
            } else {
                atX = low ? x(0) + 8 : x(p.widthM()) - wide - 8;
            }
        } else if (r[2] < wide + 6 && !across) {
            // Beside a strip on a wall, on its inner side.
            atX = middleX < x(p.widthM() / 2) ? r[0] + r[2] + 7 : r[0] - wide - 7;
        } else if (r[3] < LINE_HEIGHT) {
            atY = middleY < y(p.depthM() / 2) ? r[1] + r[3] + 14 : r[1] - 6;
        } else if (s.look() == RoomPlan.Look.OVERHEAD || s.look() == RoomPlan.Look.RUG) {
            atY = r[1] + r[3] - 6;
        }
        text.setX(atX);
        text.setY(atY);
    }

    private void rays(RoomPlan p) {
        for (RoomPlan.Ray ray : p.rays()) {
            String style = ray.loud() ? "plan-ray-loud" : "plan-ray";
            double wide = 0.8 + 3 * ray.strength();
            back.line(style, x(p.mouthX()), y(p.mouthY()), x(ray.x()), y(ray.y()))
                    .setStrokeWidth(wide);
            back.line(style, x(ray.x()), y(ray.y()), x(p.microphoneX()), y(p.microphoneY()))
                    .setStrokeWidth(wide);
            Text text = front.text("plan-ray-words", ray.label());
            double words = text.getLayoutBounds().getWidth();
            double toX = x(ray.x()) * 0.72 + x((p.mouthX() + p.microphoneX()) / 2) * 0.28;
            double toY = y(ray.y()) * 0.72 + y((p.mouthY() + p.microphoneY()) / 2) * 0.28;
            double atX = Math.max(x(0) + 6, Math.min(x(p.widthM()) - words - 6, toX - words / 2));
            double atY = Math.max(y(0) + 16, Math.min(y(p.depthM()) - 8, toY + 4));
            Rectangle plate = back.rectangle("plan-plate", atX - 4, atY - 13, words + 8, 18);
            plate.setArcWidth(6);
            plate.setArcHeight(6);
            text.setX(atX);
            text.setY(atY);
        }
    }

    private void reader(RoomPlan p, String selected, boolean focused) {
        double facing = Math.atan2(p.microphoneY() - p.mouthY(), p.microphoneX() - p.mouthX());
        double size = Math.max(9, HEAD_M * scale);
        // The head is behind the mouth.
        Circle head = back.take("plan-head", Circle.class, Circle::new);
        head.setCenterX(x(p.mouthX()) - Math.cos(facing) * size * 0.85);
        head.setCenterY(y(p.mouthY()) - Math.sin(facing) * size * 0.85);
        head.setRadius(size);
        Circle mouth = back.take("plan-mouth", Circle.class, Circle::new);
        mouth.setCenterX(x(p.mouthX()));
        mouth.setCenterY(y(p.mouthY()));
        mouth.setRadius(3);
        Circle microphone = back.take("plan-microphone", Circle.class, Circle::new);
        microphone.setCenterX(x(p.microphoneX()));
        microphone.setCenterY(y(p.microphoneY()));
        microphone.setRadius(6);
        mark(p.readerId(), head, selected, focused);
        mark(p.microphoneId(), microphone, selected, focused);
    }

    private void mark(String id, Circle around, String selected, boolean focused) {
        if (id.equals(selected)) {
            Circle mark = front.take(focused ? "plan-ring-focused" : "plan-ring", Circle.class, Circle::new);
            mark.setCenterX(around.getCenterX());
            mark.setCenterY(around.getCenterY());
            mark.setRadius(around.getRadius() + 4);
        }
    }

    private void notes(List<RoomPlan.Note> notes, double atX, double height) {
        double step = Math.min(NOTE_HEIGHT + 10, (height - 2 * 16) / notes.size());
        for (int i = 0; i < notes.size(); i++) {
            RoomPlan.Note note = notes.get(i);
            double atY = 28 + i * step;
            at(front.text("plan-note", shortened(note.title())), atX, atY);
            at(front.text("plan-note-line", note.line()), atX, atY + LINE_HEIGHT);
            at(front.text(note.loud() ? "plan-note-loud" : "plan-note-line", note.level()), atX, atY + 2 * LINE_HEIGHT);
        }
    }

    private static String shortened(String words) {
        return words.length() <= NOTE_LETTERS
                ? words
                : words.substring(0, NOTE_LETTERS - 1).strip() + "…";
    }

    private void measure(RoomPlan p, double height) {
        double atY = height - 14;
        back.line("plan-measure", x(0), atY, x(p.scaleM()), atY).setStrokeWidth(1.5);
        Text text = front.text("plan-label", p.scaleWords());
        at(text, x(p.scaleM()) + 8, atY + 4);
    }

    private double[] rectangle(RoomPlan.Shape s) {
        double wide = Math.max(LEAST_STRIP, s.widthM() * scale);
        double deep = Math.max(LEAST_STRIP, s.depthM() * scale);
        double atX = x(s.x());
        double atY = y(s.y());
        // A strip that was widened stays on its wall.
        atX = wide > s.widthM() * scale && s.x() > 0.01 ? x(s.x() + s.widthM()) - wide : atX;
        atY = deep > s.depthM() * scale && s.y() > 0.01 ? y(s.y() + s.depthM()) - deep : atY;
        return new double[] {atX, atY, wide, deep};
    }

    private static void at(Text text, double x, double y) {
        text.setX(x);
        text.setY(y);
    }
}
