package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

/** What can be put into a room, as a menu: treatment by itself, doors and windows, furniture. */
final class NewThings {
    private static final double DOOR_WIDTH = 0.8;
    private static final double DOOR_HEIGHT = 2.0;
    private static final double SILL = 0.9;
    private static final double THING_WIDTH = 1.0;
    private static final double THING_DEPTH = 0.6;
    private static final double THING_TOP = 0.75;
    private static final double LYING_THICKNESS = 0.03;

    private final StationParts<RoomStation.Models> parts;

    NewThings(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
    }

    List<MenuItem> items() {
        List<MenuItem> all = new ArrayList<>();
        Menu treatment = new Menu(parts.strings().say("add.treatment"));
        fill(treatment, Material.Use.TREATMENT);
        Menu openings = new Menu(parts.strings().say("add.openings"));
        fill(openings, Material.Use.OPENING);
        Menu furniture = new Menu(parts.strings().say("add.furniture"));
        fill(furniture, Material.Use.FURNITURE);
        all.add(treatment);
        all.add(furniture);
        all.add(openings);
        return all;
    }

    private void fill(Menu menu, Material.Use use) {
        parts.models().shelf().parts().stream()
                .filter(m -> m.use() == use)
                .forEach(m -> menu.getItems().add(item(m)));
    }

    private MenuItem item(Material material) {
        MenuItem item = new MenuItem(material.name());
        item.setId("add-" + material.id());
        item.setOnAction(e -> add(material));
        return item;
    }

    /** Puts it where one would: treatment behind the reader or on the floor, doors and windows in a wall. */
    void add(Material material) {
        Room room = parts.models().room().spot().get().room();
        String id = room.freeId();
        parts.models().room().edit("edit.thing.add", r -> with(r, material, id));
        parts.models().room().selected().set(id);
    }

    private static Room with(Room room, Material material, String id) {
        if (material.use() == Material.Use.FURNITURE) {
            List<Furniture> more = new ArrayList<>(room.furniture());
            more.add(new Furniture(
                    id,
                    material,
                    0.05,
                    0.05,
                    Math.min(THING_WIDTH, room.space().widthM()),
                    Math.min(THING_DEPTH, room.space().depthM()),
                    THING_TOP,
                    !material.id().equals("desk")));
            return room.withFurniture(more);
        }
        if (material.use() == Material.Use.OPENING) {
            boolean window = material.id().equals("window");
            return room.with(
                    new Patch(id, material, Face.LEFT, 0.1, window ? SILL : 0, DOOR_WIDTH, window ? 1 : DOOR_HEIGHT));
        }
        Material.Ware ware = material.ware().orElseThrow();
        Face face = ware.thicknessM() <= LYING_THICKNESS && material.id().equals("rug") ? Face.FLOOR : Face.BACK;
        double width = Math.min(ware.widthM(), face.uLength(room.space()));
        double height = Math.min(ware.heightM(), face.vLength(room.space()));
        double u = Math.max(0, Math.min(face.uLength(room.space()) - width, face.u(room.mouth()) - width / 2));
        double v = Math.max(0, Math.min(face.vLength(room.space()) - height, face.v(room.mouth()) - height / 2));
        return room.with(new Patch(id, material, face, u, v, width, height));
    }
}
