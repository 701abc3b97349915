package app.redlamp.desktop.kit;

import app.redlamp.desktop.bench.Overlay;

/** Which kit for this job, in this room. */
final class ChoosePane extends Overlay {
    private final KitParts parts;

    ChoosePane(KitParts parts, Runnable close) {
        super(parts.bench(), "choice.heading", close);
        this.parts = parts;
        getChildren().add(new ChoiceTable(parts, close));
    }

    @Override
    public void begin() {
        parts.model().choose();
        lookup("#overlay-close").requestFocus();
    }
}
