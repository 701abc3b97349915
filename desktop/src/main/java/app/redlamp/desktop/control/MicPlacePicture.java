package app.redlamp.desktop.control;

import javafx.scene.shape.Arc;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.scene.transform.Rotate;

/** Draws a microphone before a mouth: from above and from the side. */
final class MicPlacePicture extends Picture<MicPlace> {
    private static final double HEAD_M = 0.09;
    private static final double NOSE_M = 0.012;
    private static final double LEFT = 16;
    private static final double TITLE = 24;
    /** Lips lie lower than the middle: microphones are raised more often than they hang low. */
    private static final double LIPS = 0.6;

    private static final double BREATH_DEG = 10;
    private static final double MICROPHONE_LENGTH = 44;
    private static final double MICROPHONE_WIDTH = 20;
    private static final double RING_M = 0.1;

    MicPlacePicture() {
        super("mic-place");
    }

    /** Pixels to a metre: the furthest distance and the head fit into half of the picture. */
    double scale(MicPlace p) {
        return (getWidth() / 2 - 2 * LEFT - 20) / (p.furthestM() + 2 * HEAD_M);
    }

    /** Where the lips are: in the view from above, or from the side. */
    double lipsX(MicPlace p, boolean side) {
        return (side ? getWidth() / 2 : 0) + LEFT + 2 * HEAD_M * scale(p);
    }

    double lipsY(MicPlace p) {
        return TITLE + (getHeight() - TITLE) * LIPS;
    }

    double microphoneX(MicPlace p, boolean side) {
        double angle = Math.toRadians(side ? p.raisedDeg() : p.sideDeg());
        return lipsX(p, side) + p.distanceM() * scale(p) * Math.cos(angle);
    }

    double microphoneY(MicPlace p, boolean side) {
        double angle = Math.toRadians(side ? p.raisedDeg() : p.sideDeg());
        return lipsY(p) - p.distanceM() * scale(p) * Math.sin(angle);
    }

    @Override
    void draw(MicPlace p) {
        view(p, false);
        view(p, true);
        back.line("curve-grid", getWidth() / 2, TITLE - 10, getWidth() / 2, getHeight() - 10);
    }

    private void view(MicPlace p, boolean side) {
        double x = lipsX(p, side);
        double y = lipsY(p);
        double scale = scale(p);
        Text title = front.text("plan-note", side ? p.beside() : p.above());
        title.setX((side ? getWidth() / 2 : 0) + LEFT);
        title.setY(18);
        for (double r = RING_M; r <= p.furthestM() + 1e-9; r += RING_M) {
            Arc ring = back.take("place-ring", Arc.class, Arc::new);
            ring.setCenterX(x);
            ring.setCenterY(y);
            ring.setRadiusX(r * scale);
            ring.setRadiusY(r * scale);
            ring.setStartAngle(-60);
            ring.setLength(120);
            ring.setType(ArcType.OPEN);
        }
        breath(p, x, y, scale);
        head(x, y, scale, side);
        screen(p, x, y, scale, side);
        microphone(p, side);
    }

    private void breath(MicPlace p, double x, double y, double scale) {
        double far = p.furthestM() * scale;
        double wide = far * Math.tan(Math.toRadians(BREATH_DEG));
        back.take(p.pops() ? "place-breath-pops" : "place-breath", Polygon.class, Polygon::new)
                .getPoints()
                .setAll(x, y, x + far, y - wide, x + far, y + wide);
        back.line("place-axis", x, y, x + far, y);
    }

    private void head(double x, double y, double scale, boolean side) {
        Ellipse head = front.take("plan-head", Ellipse.class, Ellipse::new);
        head.setCenterX(x - HEAD_M * scale);
        head.setCenterY(side ? y - HEAD_M * scale * 0.45 : y);
        head.setRadiusX(HEAD_M * scale);
        head.setRadiusY(HEAD_M * scale * (side ? 1.25 : 0.82));
        double nose = side ? y - HEAD_M * scale * 0.4 : y;
        front.take("plan-head-nose", Polygon.class, Polygon::new)
                .getPoints()
                .setAll(
                        x - NOSE_M * scale,
                        nose - NOSE_M * scale,
                        x + NOSE_M * scale * 0.9,
                        nose,
                        x - NOSE_M * scale,
                        nose + NOSE_M * scale);
        Circle mouth = front.take("plan-mouth", Circle.class, Circle::new);
        mouth.setCenterX(x);
        mouth.setCenterY(y);
        mouth.setRadius(4);
    }

    private void screen(MicPlace p, double x, double y, double scale, boolean side) {
        p.screenM().ifPresent(m -> {
            double angle = Math.toRadians(side ? p.raisedDeg() : p.sideDeg());
            double atX = x + m * scale * Math.cos(angle);
            double atY = y - m * scale * Math.sin(angle);
            double half = 0.065 * scale;
            front.line(
                    "place-screen",
                    atX - half * Math.sin(angle),
                    atY - half * Math.cos(angle),
                    atX + half * Math.sin(angle),
                    atY + half * Math.cos(angle));
        });
    }

    /** Its front is the round end; it looks at the mouth unless it is turned away. */
    private void microphone(MicPlace p, boolean side) {
        double atX = microphoneX(p, side);
        double atY = microphoneY(p, side);
        double angle = side ? p.raisedDeg() : p.sideDeg();
        double turned = -angle + (side ? 0 : p.angleDeg());
        Rectangle body = front.rectangle(
                "plan-microphone", atX, atY - MICROPHONE_WIDTH / 2, MICROPHONE_LENGTH, MICROPHONE_WIDTH);
        body.setArcWidth(MICROPHONE_WIDTH);
        body.setArcHeight(MICROPHONE_WIDTH);
        body.getTransforms().setAll(new Rotate(turned, atX, atY));
        back.line("place-line", lipsX(p, side), lipsY(p), atX, atY);
        Text here = front.text("plan-ray-words", p.here());
        here.setX(atX + MICROPHONE_LENGTH / 2 - here.getLayoutBounds().getWidth() / 2);
        here.setY(atY + MICROPHONE_LENGTH);
    }
}
