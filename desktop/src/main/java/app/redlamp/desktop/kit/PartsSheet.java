package app.redlamp.desktop.kit;

import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.CheckBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Spinner;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Which parts the kit is made of, and how many of each are there already. */
final class PartsSheet extends VBox implements Desk.Sheet<Kit> {
    private static final int MOST_OWNED = 16;
    private static final double FIELD_WIDTH = 290;

    private final StationParts<KitStation.Models> parts;
    private final GridPane way = new GridPane();
    private final GridPane owned = new GridPane();
    private final CheckBox hub;
    private final CommitField name;
    private Optional<Kit> shown = Optional.empty();
    private int shownSeat = -1;

    PartsSheet(StationParts<KitStation.Models> parts) {
        this.parts = parts;
        getStyleClass().add("desk-sheet");
        way.getStyleClass().add("room-grid");
        owned.getStyleClass().add("room-grid");
        hub = new CheckBox(parts.say("parts.hub"));
        hub.setId("kit-hub");
        hub.setOnAction(e -> parts.models().kit().edit("edit.hub", k -> k.hubbed(hub.isSelected())));
        name = new CommitField(
                "seat-name",
                parts.say("parts.voice"),
                () -> parts.models().kit().currentSeat().map(Seat::name).orElse(""),
                text -> parts.models().kit().editSeat("edit.seat", s -> s.called(text.strip())));
        HBox columns = new HBox(way, owned);
        columns.getStyleClass().add("room-things");
        getChildren().add(columns);
        parts.models().kit().seat().addListener((o, was, now) -> refresh());
        refresh();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Kit kit) {
        refresh();
    }

    private void refresh() {
        Kit kit = parts.models().kit().kit().get();
        int seat = parts.models().kit().seat().get();
        if (kit == null || parts.models().kit().dragging()) {
            return;
        }
        name.refresh();
        hub.setSelected(kit.hub());
        if (shown.filter(kit::equals).isPresent() && shownSeat == seat) {
            return;
        }
        shown = Optional.of(kit);
        shownSeat = seat;
        way();
        owned(kit);
    }

    private void way() {
        way.getChildren().clear();
        row("parts.voice", name);
        row(
                "parts.microphone",
                required(
                        "pick-microphone",
                        Microphone.class,
                        Seat::microphone,
                        (s, m) -> s.with(m).at(s.position().at(m.kind().usualM()))));
        row("parts.lead", optional("pick-lead", Cable.class, Seat::cable, Seat::wired));
        row("parts.booster", optional("pick-booster", BoosterPart.class, Seat::booster, Seat::boosted));
        row("parts.box", box());
        row("parts.extras", extras());
        way.add(hub, 1, way.getRowCount());
        way.add(
                Parts.line(
                        parts.bench().button("seat-add", "parts.seat.add", this::add),
                        parts.bench().button("seat-remove", "parts.seat.remove", this::remove)),
                1,
                way.getRowCount());
    }

    private void row(String key, Region field) {
        field.setPrefWidth(FIELD_WIDTH);
        field.setMaxWidth(FIELD_WIDTH);
        way.addRow(way.getRowCount(), parts.bench().name(key, ""), field);
    }

    private interface Putting<G> {
        Seat put(Seat seat, G part);
    }

    private <G extends Gear> Choice<G> required(String id, Class<G> type, Function<Seat, G> shown, Putting<G> put) {
        List<G> all = new ArrayList<>(parts.models().shelf().of(type));
        G now = parts.models().kit().currentSeat().map(shown).orElseThrow();
        if (!all.contains(now)) {
            all.add(0, now);
        }
        return new Choice<>(
                id,
                parts.say("parts.microphone"),
                all,
                Gear::name,
                () -> parts.models().kit().currentSeat().map(shown).orElse(null),
                part -> parts.models().kit().editSeat("edit.part", s -> put.put(s, part)));
    }

    private <G extends Gear> Choice<Optional<G>> optional(
            String id, Class<G> type, Function<Seat, Optional<G>> shown, Putting<Optional<G>> put) {
        return choice(
                id,
                type,
                parts.models().kit().currentSeat().flatMap(shown),
                () -> parts.models().kit().currentSeat().flatMap(shown),
                part -> parts.models().kit().editSeat("edit.part", s -> put.put(s, part)));
    }

    private Choice<Optional<AudioInterface>> box() {
        return choice(
                "pick-box",
                AudioInterface.class,
                parts.models().kit().kit().get().box(),
                () -> Optional.ofNullable(parts.models().kit().kit().get()).flatMap(Kit::box),
                box -> parts.models().kit().edit("edit.part", k -> k.through(box)));
    }

    private <G extends Gear> Choice<Optional<G>> choice(
            String id, Class<G> type, Optional<G> now, Supplier<Optional<G>> shown, Consumer<Optional<G>> commit) {
        List<Optional<G>> all = new ArrayList<>();
        all.add(Optional.empty());
        parts.models().shelf().of(type).forEach(p -> all.add(Optional.of(p)));
        if (!all.contains(now)) {
            all.add(1, now);
        }
        return new Choice<>(
                id,
                parts.say("parts.choose"),
                all,
                p -> p.map(Gear::name).orElse(parts.say("parts.none")),
                shown,
                commit);
    }

    private MenuButton extras() {
        MenuButton menu = new MenuButton(parts.say("parts.extras.add"));
        menu.setId("extra-add");
        for (Extra extra : parts.models().shelf().of(Extra.class)) {
            MenuItem item = new MenuItem(extra.name());
            item.setOnAction(e -> parts.models().kit().edit("edit.extra", k -> k.adding(extra)));
            menu.getItems().add(item);
        }
        return menu;
    }

    private void add() {
        parts.models().kit().edit("edit.seat.add", k -> {
            List<Seat> all = new ArrayList<>(k.seats());
            all.add(parts.models()
                    .kit()
                    .currentSeat()
                    .orElseThrow()
                    .called(parts.say("parts.voice.new", all.size() + 1)));
            return k.seated(all);
        });
        parts.models().kit().look(parts.models().kit().kit().get().seats().size() - 1);
    }

    private void remove() {
        int seat = parts.models().kit().seat().get();
        parts.models().kit().edit("edit.seat.remove", k -> {
            List<Seat> all = new ArrayList<>(k.seats());
            all.remove(seat);
            return k.seated(all);
        });
    }

    /** How many of each part are there: what is there already is not bought. */
    private void owned(Kit kit) {
        owned.getChildren().clear();
        owned.addRow(
                0,
                parts.bench().name("parts.all", ""),
                parts.bench().name("parts.count", ""),
                parts.bench().name("parts.owned", ""));
        int row = 1;
        for (Map.Entry<Gear, Integer> part : kit.parts().entrySet()) {
            Gear gear = part.getKey();
            Spinner<Integer> count = new Spinner<>(
                    0, MOST_OWNED, parts.models().kit().kits().owned().getOrDefault(gear.id(), 0));
            count.setId("owned-" + gear.id());
            count.getStyleClass().add("kit-owned");
            count.setAccessibleText(parts.say("parts.owned.of", gear.name()));
            count.valueProperty().addListener((o, was, now) -> own(gear, now));
            owned.addRow(
                    row,
                    Parts.label(gear.name(), "order-value"),
                    Parts.label(String.valueOf(part.getValue()), "treat-figure"),
                    count);
            if (gear instanceof Extra extra) {
                owned.add(
                        parts.bench()
                                .button(
                                        "extra-remove-" + gear.id(),
                                        "parts.take-out",
                                        () -> parts.models().kit().edit("edit.extra.remove", k -> without(k, extra))),
                        3,
                        row);
            }
            row++;
        }
    }

    private static Kit without(Kit kit, Extra extra) {
        List<Extra> all = new ArrayList<>(kit.extras());
        all.remove(extra);
        return kit.with(all);
    }

    private void own(Gear gear, int count) {
        parts.models().kit().change("edit.owned", k -> {
            Map<String, Integer> counts = new HashMap<>(k.owned());
            counts.put(gear.id(), count);
            return k.owning(counts);
        });
    }
}
