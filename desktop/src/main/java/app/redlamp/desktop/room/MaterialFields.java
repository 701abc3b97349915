package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * What a material swallows in each octave, what it costs, where the figures come from, and how not to set it on fire. All of
 * it can be changed: then it is the user's own, in the library and wherever it hangs in this room.
 */
final class MaterialFields extends VBox {
    private static final double FIELD = 52;

    private final StationParts<RoomStation.Models> parts;
    private final List<CommitField> fields = new ArrayList<>();
    private Material shown;

    MaterialFields(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("room-material");
    }

    void refresh() {
        fields.forEach(CommitField::refresh);
    }

    void show(Material material) {
        shown = material;
        fields.clear();
        getChildren().clear();
        GridPane bands = new GridPane();
        bands.getStyleClass().add("room-grid");
        bands.add(parts.bench().name("material.absorbs", "absorption"), 0, 1);
        for (int b = 0; b < SixBands.COUNT; b++) {
            int band = b;
            Label name = new Label(RoomPictures.shortName(b));
            name.getStyleClass().add("secondary");
            bands.add(name, b + 1, 0);
            bands.add(
                    field(
                            "absorbs-" + b,
                            name.getText(),
                            () -> parts.bench()
                                    .figures()
                                    .hundredths(shown.absorption().at(band)),
                            w -> keep(shown.absorbing(SixBands.each(i -> i == band
                                    ? parts.bench().number(w)
                                    : shown.absorption().at(i))))),
                    b + 1,
                    1);
        }
        getChildren().add(bands);
        material.ware().ifPresent(w -> {
            getChildren()
                    .add(Parts.line(
                            parts.bench().name("material.price", ""),
                            field(
                                    "material-price",
                                    parts.strings().say("material.price"),
                                    () -> parts.bench()
                                            .plain(shown.ware().orElseThrow().price()),
                                    t -> keep(priced(parts.bench().number(t)))),
                            secondary(w.fixing())));
            getChildren().add(caution(w.fire()));
        });
        String source = parts.strings().say("material.source", material.source());
        getChildren()
                .add(
                        parts.models().shelf().isOwn(material.id())
                                ? Parts.line(
                                        secondary(source),
                                        parts.bench().button("material-reset", "material.reset", this::reset))
                                : secondary(source));
    }

    private interface Say {
        String words();
    }

    private interface Take {
        void entry(String written);
    }

    private CommitField field(String id, String name, Say say, Take take) {
        CommitField field = new CommitField(
                        id, name, say::words, w -> parts.models().room().enter(() -> take.entry(w)))
                .wide(FIELD);
        field.refresh();
        fields.add(field);
        return field;
    }

    private Material priced(double price) {
        Material.Ware w = shown.ware().orElseThrow();
        return new Material(
                shown.id(),
                shown.name(),
                shown.use(),
                shown.absorption(),
                shown.source(),
                Optional.of(new Material.Ware(w.widthM(), w.heightM(), w.thicknessM(), price, w.fire(), w.fixing())));
    }

    private void keep(Material changed) {
        shown = changed;
        parts.models().shelf().save(changed, saved -> {});
        parts.models().room().edit("edit.material", r -> with(r, changed));
    }

    private void reset() {
        parts.models().shelf().forget(shown.id(), shipped -> {
            parts.models().room().edit("edit.material", r -> with(r, shipped));
            show(shipped);
        });
    }

    /** The room with all that is of this material made of the changed one. */
    private static Room with(Room room, Material changed) {
        List<Patch> patches = room.patches().stream()
                .map(p -> p.material().id().equals(changed.id()) ? p.of(changed) : p)
                .toList();
        List<Furniture> furniture = room.furniture().stream()
                .map(f -> f.material().id().equals(changed.id())
                        ? new Furniture(f.id(), changed, f.x(), f.y(), f.widthM(), f.depthM(), f.topM(), f.closed())
                        : f)
                .toList();
        return room.withPatches(patches).withFurniture(furniture);
    }

    private static Label secondary(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("secondary");
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    private static Label caution(String text) {
        Label label = secondary(text);
        label.getStyleClass().add("reading-caution");
        return label;
    }
}
