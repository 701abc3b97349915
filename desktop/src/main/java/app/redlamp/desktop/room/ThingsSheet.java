package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.Furniture;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What hangs and stands in the room, and about the one that is chosen: place, size, coefficients, price, fire. */
final class ThingsSheet extends HBox implements Desk.Sheet<Study> {
    private static final double LIST_WIDTH = 250;
    private static final double FIELD = 74;

    private final StationParts<RoomStation.Models> parts;
    private final ListView<String> list = new ListView<>();
    private final VBox about = new VBox();
    private final MaterialFields material;
    private final List<CommitField> fields = new ArrayList<>();
    private String built = "";
    private boolean showing;

    ThingsSheet(StationParts<RoomStation.Models> parts) {
        this.parts = parts;
        material = new MaterialFields(parts);
        getStyleClass().addAll("desk-sheet", "room-things");
        list.setId("room-things");
        list.setAccessibleText(parts.strings().say("desk.things"));
        list.getStyleClass().add("docket");
        list.setMinWidth(LIST_WIDTH);
        list.setMaxWidth(LIST_WIDTH);
        list.setPrefHeight(150);
        Label empty = new Label(parts.strings().say("things.empty"));
        empty.setWrapText(true);
        list.setPlaceholder(empty);
        list.setCellFactory(v -> new ThingCell());
        list.getSelectionModel().selectedItemProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                parts.models().room().selected().set(now);
            }
        });
        about.getStyleClass().add("room-about");
        HBox.setHgrow(about, Priority.ALWAYS);
        getChildren().addAll(list, about);
        parts.models().room().selected().addListener((o, was, now) -> refresh());
    }

    private final class ThingCell extends ListCell<String> {
        ThingCell() {
            getStyleClass().add("list-row");
        }

        @Override
        protected void updateItem(String id, boolean none) {
            super.updateItem(id, none);
            setText(none || id == null ? "" : describe(id));
        }
    }

    private String describe(String id) {
        Room room = room();
        return patch(room, id)
                .map(p -> parts.strings()
                        .say(
                                "things.on",
                                p.material().name(),
                                parts.words().rooms().face(p.face())))
                .or(() -> thing(room, id).map(f -> f.material().name()))
                .orElse("");
    }

    private static Optional<Patch> patch(Room room, String id) {
        return room.patches().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    private static Optional<Furniture> thing(Room room, String id) {
        return room.furniture().stream().filter(f -> f.id().equals(id)).findFirst();
    }

    private Room room() {
        return parts.models().room().spot().get().room();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study study) {
        refresh();
    }

    private void refresh() {
        if (parts.models().room().spot().get() == null) {
            return;
        }
        List<String> ids = new ArrayList<>();
        room().patches().forEach(p -> ids.add(p.id()));
        room().furniture().forEach(f -> ids.add(f.id()));
        showing = true;
        if (!list.getItems().equals(ids)) {
            list.getItems().setAll(ids);
        }
        String selected = parts.models().room().selected().get();
        list.getSelectionModel().clearAndSelect(ids.indexOf(selected));
        list.refresh();
        showing = false;
        String wanted = ids.contains(selected) ? selected + describe(selected) : "";
        if (!wanted.equals(built) || about.getChildren().isEmpty()) {
            built = wanted;
            build(selected);
        }
        fields.forEach(CommitField::refresh);
        material.refresh();
    }

    private void build(String id) {
        fields.clear();
        about.getChildren().clear();
        Optional<Patch> patch = patch(room(), id);
        Optional<Furniture> thing = thing(room(), id);
        if (patch.isPresent()) {
            aboutPatch(id, patch.get().face());
        } else if (thing.isPresent()) {
            aboutThing(id);
        } else {
            Label hint = new Label(parts.strings().say("things.hint"));
            hint.setWrapText(true);
            hint.getStyleClass().add("secondary");
            about.getChildren().add(hint);
        }
    }

    private void aboutPatch(String id, Face face) {
        FlowPane line = Parts.wrapping();
        add(
                line,
                "things.wide",
                () -> patch(room(), id).map(Patch::widthM),
                (r, m) -> r.changing(id, p -> p.sized(m, p.heightM())));
        add(
                line,
                "things.high",
                () -> patch(room(), id).map(Patch::heightM),
                (r, m) -> r.changing(id, p -> p.sized(p.widthM(), m)));
        add(line, "things.along", () -> patch(room(), id).map(Patch::u), (r, m) -> r.changing(id, p -> p.at(m, p.v())));
        add(
                line,
                face.isWall() ? "things.up" : "things.back",
                () -> patch(room(), id).map(Patch::v),
                (r, m) -> r.changing(id, p -> p.at(p.u(), m)));
        finish(line, id, patch(room(), id).map(Patch::material).orElseThrow());
    }

    private void aboutThing(String id) {
        FlowPane line = Parts.wrapping();
        add(
                line,
                "things.wide",
                () -> thing(room(), id).map(Furniture::widthM),
                (r, m) -> changed(r, id, f -> sized(f, m, f.depthM(), f.topM())));
        add(
                line,
                "things.deep",
                () -> thing(room(), id).map(Furniture::depthM),
                (r, m) -> changed(r, id, f -> sized(f, f.widthM(), m, f.topM())));
        add(
                line,
                "things.top",
                () -> thing(room(), id).map(Furniture::topM),
                (r, m) -> changed(r, id, f -> sized(f, f.widthM(), f.depthM(), m)));
        finish(line, id, thing(room(), id).map(Furniture::material).orElseThrow());
    }

    private void finish(FlowPane line, String id, Material made) {
        Node remove = parts.bench().button("thing-remove", "things.remove", () -> {
            parts.models().room().selected().set(id);
            parts.models().room().removeSelected();
        });
        line.getChildren().add(remove);
        about.getChildren().add(line);
        material.show(made);
        about.getChildren().add(material);
    }

    private static Furniture sized(Furniture f, double width, double depth, double top) {
        return new Furniture(f.id(), f.material(), f.x(), f.y(), width, depth, top, f.closed());
    }

    private interface ThingChange {
        Furniture of(Furniture thing);
    }

    private static Room changed(Room room, String id, ThingChange change) {
        return room.withFurniture(room.furniture().stream()
                .map(f -> f.id().equals(id) ? change.of(f) : f)
                .toList());
    }

    private interface Change {
        Room of(Room room, double metres);
    }

    private void add(FlowPane line, String key, Supplier<Optional<Double>> value, Change change) {
        CommitField field = new CommitField(
                        key.replace("things.", "thing-"),
                        parts.strings().say(key),
                        () -> value.get()
                                .map(m -> parts.words().lengths().say(m))
                                .orElse(""),
                        w -> parts.models()
                                .room()
                                .edit(
                                        "edit.thing",
                                        r -> change.of(
                                                r, parts.words().lengths().read(w))))
                .wide(FIELD);
        fields.add(field);
        field.refresh();
        line.getChildren().add(Parts.line(parts.bench().name(key, ""), field));
    }
}
