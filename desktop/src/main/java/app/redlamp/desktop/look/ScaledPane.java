package app.redlamp.desktop.look;

import javafx.scene.Parent;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/** Shows its content larger or smaller: the content is laid out in the room that is left after scaling. */
public final class ScaledPane extends Region {
    private final Parent content;
    private final Scale scale = new Scale(1, 1, 0, 0);

    public ScaledPane(Parent content) {
        this.content = content;
        content.getTransforms().add(scale);
        getChildren().add(content);
    }

    /** @param percent 100 for natural size */
    public void setScalePercent(int percent) {
        scale.setX(percent / 100.0);
        scale.setY(percent / 100.0);
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        content.resizeRelocate(0, 0, getWidth() / scale.getX(), getHeight() / scale.getY());
    }
}
