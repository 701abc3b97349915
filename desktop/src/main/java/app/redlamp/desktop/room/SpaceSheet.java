package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.acoustics.room.Point;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Size of the room, what its sides are made of, how high mouth and microphone are. */
final class SpaceSheet extends VBox implements Desk.Sheet<Study> {
    private static final double WIDE = 92;
    private static final double CHOICE = 176;

    private final StationParts<RoomStation.Models> parts;
    private final List<CommitField> fields = new ArrayList<>();
    private final List<Choice<?>> choices = new ArrayList<>();

    SpaceSheet(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        GridPane grid = new GridPane();
        grid.getStyleClass().add("room-grid");
        addLength(
                grid,
                0,
                0,
                "space.width",
                s -> s.space().widthM(),
                (r, m) -> r.sized(new Space(m, r.space().depthM(), r.space().heightM())));
        addLength(
                grid,
                0,
                1,
                "space.depth",
                s -> s.space().depthM(),
                (r, m) -> r.sized(new Space(r.space().widthM(), m, r.space().heightM())));
        addLength(
                grid,
                0,
                2,
                "space.height",
                s -> s.space().heightM(),
                (r, m) -> r.sized(new Space(r.space().widthM(), r.space().depthM(), m)));
        addLength(
                grid, 0, 3, "space.mouth", s -> s.mouth().z(), (r, m) -> r.placed(high(r.mouth(), m), r.microphone()));
        addLength(
                grid,
                0,
                4,
                "space.microphone",
                s -> s.microphone().z(),
                (r, m) -> r.placed(r.mouth(), high(r.microphone(), m)));
        int row = 0;
        for (Face face : Face.values()) {
            Choice<Material> choice = new Choice<>(
                    "surface-" + face.id(),
                    parts.words().rooms().face(face),
                    surfaces(),
                    Material::name,
                    () -> room().surfaces().get(face),
                    m -> parts.models().room().edit("edit.surface", r -> r.made(face, m)));
            choices.add(choice);
            choice.setPrefWidth(CHOICE);
            grid.add(parts.bench().name("space.face." + face.id(), ""), 2 + row / 3 * 2, row % 3);
            grid.add(choice, 3 + row / 3 * 2, row % 3);
            row++;
        }
        Choice<Pattern> pattern = new Choice<>(
                "room-pattern",
                parts.strings().say("space.pattern"),
                List.of(Pattern.values()),
                p -> parts.strings().say("pattern." + p.id()),
                () -> room().pattern(),
                p -> parts.models().room().edit("edit.pattern", r -> r.heardBy(p)));
        choices.add(pattern);
        pattern.setPrefWidth(CHOICE);
        grid.add(parts.bench().name("space.pattern", "hears"), 2, 3);
        grid.add(pattern, 3, 3);
        addNumber(grid, 4, 3, "space.temperature", r -> r.air().temperatureC(), (r, c) -> air(r, c));
        getChildren().add(grid);
    }

    private static Room air(Room r, double celsius) {
        return new Room(
                r.space(),
                r.surfaces(),
                r.patches(),
                r.furniture(),
                r.mouth(),
                r.microphone(),
                r.pattern(),
                new Air(celsius, r.air().humidityPercent()),
                r.correction());
    }

    private static Point high(Point point, double z) {
        return new Point(point.x(), point.y(), z);
    }

    private List<Material> surfaces() {
        List<Material> all = new ArrayList<>(parts.models().shelf().parts().stream()
                .filter(m -> m.use() == Material.Use.SURFACE)
                .toList());
        // What a room was made of may not be in this library.
        room().surfaces().values().stream().filter(m -> !all.contains(m)).forEach(all::add);
        return all;
    }

    private Room room() {
        return parts.models().room().spot().get().room();
    }

    private interface Change {
        Room of(Room room, double value);
    }

    private void addLength(
            GridPane grid, int column, int row, String key, ToDoubleFunction<Room> value, Change change) {
        add(
                grid,
                column,
                row,
                key,
                value,
                m -> parts.words().lengths().say(m),
                w -> parts.words().lengths().read(w),
                change);
    }

    private void addNumber(
            GridPane grid, int column, int row, String key, ToDoubleFunction<Room> value, Change change) {
        add(grid, column, row, key, value, parts.bench()::plain, parts.bench()::number, change);
    }

    private void add(
            GridPane grid,
            int column,
            int row,
            String key,
            ToDoubleFunction<Room> value,
            DoubleFunction<String> words,
            ToDoubleFunction<String> read,
            Change change) {
        CommitField field = new CommitField(
                        "room-" + key.substring(key.indexOf('.') + 1),
                        parts.strings().say(key),
                        () -> words.apply(value.applyAsDouble(room())),
                        w -> enter(r -> change.of(r, read.applyAsDouble(w))))
                .wide(WIDE);
        fields.add(field);
        grid.add(parts.bench().name(key, ""), column, row);
        grid.add(field, column + 1, row);
    }

    private void enter(UnaryOperator<Room> change) {
        parts.models().room().edit("edit.size", change);
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study study) {
        fields.forEach(CommitField::refresh);
        choices.stream().filter(c -> !c.isShowing()).forEach(Choice::refresh);
    }
}
