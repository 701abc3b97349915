package app.redlamp.desktop.kit;

import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.station.StationParts;

/** Which kit for this job, in this room. */
final class ChoosePane extends Overlay {
    private final StationParts<KitStation.Models> parts;

    ChoosePane(StationParts<KitStation.Models> parts, Runnable close) {
        super(parts.bench(), "choice.heading", close);
        this.parts = parts;
        getChildren().add(new ChoiceTable(parts, close));
    }

    @Override
    public void begin() {
        parts.models().kit().choose();
        lookup("#overlay-close").requestFocus();
    }
}
