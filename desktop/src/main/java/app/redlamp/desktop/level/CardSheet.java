package app.redlamp.desktop.level;

import app.redlamp.core.print.PrintedTable;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.card.Moved;
import app.redlamp.core.setting.marks.Control;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The gain card: written when everything is right, printed, and held against today. */
final class CardSheet extends VBox implements Desk.Sheet<StationParts<LevelStation.Models>> {
    private static final double PHOTO_WIDTH = 200;
    private static final double PHOTO_HEIGHT = 150;

    private final StationParts<LevelStation.Models> parts;
    private final TextField knob = new TextField();
    private final TextField note = new TextField();
    private final Button write;
    private final Button printing;
    private final Button picture;
    private final ImageView photo = new ImageView();
    private Optional<Path> pictured = Optional.empty();
    private final GridPane table = new GridPane();
    private final VBox moved = new VBox();
    private Optional<GainCard> shown = Optional.empty();

    CardSheet(StationParts<LevelStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        knob.setId("card-knob");
        knob.setPromptText(parts.say("card.knob.prompt"));
        note.setId("card-note");
        note.setPromptText(parts.say("card.note.prompt"));
        HBox.setHgrow(note, Priority.ALWAYS);
        HBox.setHgrow(knob, Priority.ALWAYS);
        write = parts.bench().button("card-write", "card.write", this::write);
        printing = parts.bench().button("card-print", "card.print", this::print);
        table.getStyleClass().add("room-grid");
        table.setId("card-table");
        moved.setId("card-moved");
        moved.getStyleClass().add("level-parts");
        picture = parts.bench().button("card-picture", "card.picture", this::picture);
        photo.setId("card-photo");
        photo.setPreserveRatio(true);
        photo.setFitWidth(PHOTO_WIDTH);
        photo.setFitHeight(PHOTO_HEIGHT);
        HBox both = new HBox(table, photo, moved);
        both.getStyleClass().add("level-floor");
        HBox.setHgrow(table, Priority.ALWAYS);
        moved.setMinWidth(160);
        moved.setPrefWidth(340);
        getChildren()
                .addAll(
                        Parts.line(
                                parts.bench().name("card.knob.name", ""),
                                knob,
                                parts.bench().name("card.note.name", ""),
                                note,
                                write,
                                picture,
                                printing),
                        both);
    }

    @Override
    public Region node() {
        return this;
    }

    private void write() {
        List<GainCard.Knob> knobs = new ArrayList<>();
        double gain = parts.models().level().chain().orElseThrow().gainDb();
        String words = knob.getText().isBlank()
                ? parts.say("level.gain.words", parts.words().chains().gain(gain)) + marks()
                : knob.getText().strip();
        knobs.add(new GainCard.Knob(parts.say("card.gain"), words, OptionalDouble.of(gain)));
        parts.models().cards().write(knobs, note.getText().strip());
        note.clear();
    }

    /** In one's own marks too, where they were learnt. */
    private String marks() {
        MarksModel marks = parts.models().marks();
        return marks.stands()
                .filter(p -> marks.learnt().get().curve(Control.KNOB).isPresent())
                .map(p -> ", " + parts.words().marks().at(marks.learnt().get(), p))
                .orElse("");
    }

    private void picture() {
        if (shown.flatMap(GainCard::photo).isPresent()) {
            parts.models().cards().unpicture();
        } else {
            parts.doors().open(Doors.Kind.PICTURE).ifPresent(parts.models().cards()::picture);
        }
    }

    /** Read beside the interface, and no larger than it is shown: it may be anything that lies there. */
    private void photo() {
        Optional<Path> now = shown.flatMap(parts.models().cards()::photo);
        if (!now.equals(pictured)) {
            pictured = now;
            photo.setImage(
                    now.map(p -> new Image(p.toUri().toString(), 2 * PHOTO_WIDTH, 2 * PHOTO_HEIGHT, true, true, true))
                            .orElse(null));
        }
        photo.setVisible(now.isPresent());
        photo.setManaged(now.isPresent());
        picture.setDisable(shown.isEmpty());
        picture.setText(parts.say(now.isPresent() ? "card.unpicture" : "card.picture"));
    }

    private void print() {
        shown.ifPresent(c -> parts.doors().print(parts.words().cards().table(c)));
    }

    @Override
    public void show(StationParts<LevelStation.Models> now) {
        write.setDisable(!parts.models().cards().canWrite());
        shown = parts.models().cards().last();
        printing.setDisable(shown.isEmpty());
        photo();
        table.getChildren().clear();
        moved.getChildren().clear();
        if (shown.isEmpty()) {
            table.addRow(0, Parts.wrapped(parts.say("card.none"), "order-value"));
            return;
        }
        PrintedTable sheet = parts.words().cards().table(shown.get());
        table.addRow(0, Parts.label(sheet.line(), "level-part"));
        GridPane.setColumnSpan(table.getChildren().get(0), 2);
        int row = 1;
        for (PrintedTable.Row cells : sheet.rows()) {
            Label name = Parts.label(cells.cells().get(0), "order-source");
            name.setMinWidth(Region.USE_PREF_SIZE);
            table.addRow(row, name, Parts.wrapped(cells.cells().get(1), "order-value"));
            row++;
        }
        Optional<List<Moved>> changes = parts.models().cards().moved();
        moved.getChildren()
                .add(Parts.wrapped(
                        changes.isPresent()
                                ? parts.words().cards().moved(shown.get(), changes.get())
                                : parts.say("card.sit-still"),
                        "level-part"));
        changes.ifPresent(all -> all.forEach(
                m -> moved.getChildren().add(Parts.wrapped(parts.words().cards().moved(m), "order-source"))));
    }
}
