package app.redlamp.desktop.control;

import java.util.List;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/** A ruler with a bar for each school of distance, and where the microphone stands. */
public final class DistanceBands extends Picture<MicPlace> {
    private static final double ROW = 22;
    private static final double NAMES = 172;
    private static final double STEP_M = 0.05;
    private static final double END = 14;

    public DistanceBands() {
        super("room-plan");
        setMinSize(300, 172);
        setPrefSize(400, 180);
    }

    @Override
    void draw(MicPlace p) {
        double top = 12;
        double wide = getWidth() - NAMES - END - 26;
        List<MicPlace.Band> bands = p.bands();
        double bottom = top + bands.size() * ROW;
        for (double m = 0; m <= p.furthestM() + 1e-9; m += STEP_M) {
            double x = NAMES + wide * m / p.furthestM();
            back.line("curve-grid", x, top, x, bottom);
        }
        for (int i = 0; i < bands.size(); i++) {
            MicPlace.Band band = bands.get(i);
            double y = top + i * ROW;
            double left = NAMES + wide * Math.min(1, band.fromM() / p.furthestM());
            double right = NAMES + wide * Math.min(1, band.toM() / p.furthestM());
            Text name = front.text(band.holds() ? "plan-note" : "curve-scale", band.name());
            name.setX(END);
            name.setY(y + 14);
            Rectangle bar = back.rectangle(
                    band.holds() ? "place-band-holds" : "place-band", left, y + 4, right - left, ROW - 9);
            bar.setArcWidth(6);
            bar.setArcHeight(6);
        }
        double at = NAMES + wide * Math.min(1, p.distanceM() / p.furthestM());
        front.line("place-marker", at, top - 2, at, bottom + 4);
        Text here = front.text("plan-ray-words", p.here());
        here.setX(Math.min(getWidth() - here.getLayoutBounds().getWidth() - 4, at - 8));
        here.setY(bottom + 18);
    }
}
