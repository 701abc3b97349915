package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.units.Ids;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/**
 * An offer of a booth with the seller's figures. What is entered is kept in the library at once: a booth that ships becomes one of
 * the user's own.
 */
final class BoothOfferPane extends Overlay {
    private static final String BEGINS_WITH = "single-wall";
    private static final double NAME = 240;
    private static final double FIGURE = 62;
    private static final double OCTAVE = 46;

    private final StationParts<RoomStation.Models> parts;
    private final Runnable close;
    private final GridPane grid = new GridPane();
    private final Label fault = Parts.wrapped("", "specification-fault");
    private final Button forget;
    private Cabin booth;

    /** @param from the offer that is changed; absent for a new one */
    BoothOfferPane(StationParts<RoomStation.Models> parts, Optional<Cabin> from, Runnable close) {
        super(parts.bench(), "booth.heading", close);
        this.parts = parts;
        this.close = close;
        booth = from.orElseGet(this::fresh);
        forget = parts.bench().button("booth-forget", "booth.forget", this::forget);
        tool(forget);
        grid.getStyleClass().add("room-grid");
        fault.setId("booth-fault");
        getChildren().add(Parts.wrapped(parts.say("booth.ask"), "secondary"));
        getChildren().addAll(grid, fault);
        getChildren().add(Parts.wrapped(booth.offer().care(), "reading-caution"));
        fields();
        if (from.isEmpty()) {
            parts.models().booths().keep(booth, this::kept);
        }
        kept();
    }

    /** What is one's own can be forgotten. */
    private void kept() {
        forget.setDisable(!parts.models().booths().isOwn(booth.id()));
    }

    /** A new one begins with the figures of what is usual. */
    private Cabin fresh() {
        List<Cabin> all = parts.models().booths().offers();
        Cabin usual =
                all.stream().filter(c -> c.id().equals(BEGINS_WITH)).findFirst().orElse(all.get(0));
        return usual.as(Ids.free("own-booth", id -> all.stream().anyMatch(c -> c.id().equals(id))))
                .offered(usual.offer().called(parts.say("booth.mine")).from(parts.say("booth.source")));
    }

    @Override
    public void begin() {
        grid.lookup("#booth-name").requestFocus();
    }

    private void fields() {
        row(
                "booth.name",
                field(
                        "booth-name",
                        "booth.name",
                        NAME,
                        () -> booth.offer().name(),
                        w -> booth.offered(booth.offer().called(w.strip()))));
        row(
                "booth.price",
                number(
                        "booth-price",
                        "booth.price",
                        () -> booth.offer().price(),
                        v -> booth.offered(booth.offer().priced(v))));
        row(
                "booth.inside",
                Parts.line(
                        length(
                                "booth-width",
                                "booth.inside",
                                () -> inside().widthM(),
                                v -> sized(v, inside().depthM(), inside().heightM())),
                        length(
                                "booth-depth",
                                "booth.inside",
                                () -> inside().depthM(),
                                v -> sized(inside().widthM(), v, inside().heightM())),
                        length(
                                "booth-height",
                                "booth.inside",
                                () -> inside().heightM(),
                                v -> sized(inside().widthM(), inside().depthM(), v))));
        row(
                "booth.walls",
                length(
                        "booth-walls",
                        "booth.walls",
                        () -> booth.shell().wallM(),
                        v -> booth.made(booth.shell().walled(v))));
        row("booth.keeps-out", Parts.line(octaves()));
        row("booth.fan", field("booth-fan", "booth.fan", FIGURE, this::fan, this::fanned));
        row(
                "booth.air",
                number(
                        "booth-air",
                        "booth.air",
                        () -> booth.air().litresPerS(),
                        v -> booth.aired(new Cabin.Ventilation(booth.air().fanDbA(), v))));
        row(
                "booth.weight",
                number(
                        "booth-weight",
                        "booth.weight",
                        () -> booth.shell().weightKg(),
                        v -> booth.made(booth.shell().weighing(v))));
    }

    private Node[] octaves() {
        List<Node> bands = new ArrayList<>();
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            int band = b;
            bands.add(new VBox(
                    Parts.label(parts.words().boothOffers().octave(b), "secondary"),
                    field(
                            "booth-keeps-" + b,
                            "booth.keeps-out",
                            OCTAVE,
                            () -> parts.bench().plain(booth.keepsOutDb().at(band)),
                            w -> keeping(band, parts.bench().number(w)))));
        }
        return bands.toArray(new Node[0]);
    }

    private Space inside() {
        return booth.shell().inside();
    }

    private Cabin sized(double width, double depth, double height) {
        return booth.made(booth.shell().sized(new Space(width, depth, height)));
    }

    private Cabin keeping(int band, double db) {
        return booth.keepingOut(
                OctaveLevels.each(b -> b == band ? db : booth.keepsOutDb().at(b)));
    }

    private String fan() {
        OptionalDouble dbA = booth.air().fanDbA();
        return dbA.isPresent() ? parts.bench().plain(dbA.getAsDouble()) : "";
    }

    private Cabin fanned(String written) {
        OptionalDouble dbA = written.isBlank()
                ? OptionalDouble.empty()
                : OptionalDouble.of(parts.bench().number(written));
        return booth.aired(new Cabin.Ventilation(dbA, booth.air().litresPerS()));
    }

    private CommitField field(
            String id, String key, double width, Supplier<String> shown, Function<String, Cabin> change) {
        CommitField field = new CommitField(id, parts.say(key), shown, w -> {
            try {
                fault.setText("");
                booth = change.apply(w);
                parts.models().booths().keep(booth, this::kept);
            } catch (IllegalArgumentException e) {
                fault.setText(String.valueOf(e.getMessage()));
            }
        });
        field.refresh();
        field.setMaxWidth(width);
        return field.wide(width);
    }

    private CommitField number(String id, String key, Supplier<Double> shown, Function<Double, Cabin> change) {
        return field(
                id,
                key,
                FIGURE,
                () -> parts.bench().plain(shown.get()),
                w -> change.apply(parts.bench().number(w)));
    }

    private CommitField length(String id, String key, Supplier<Double> shown, Function<Double, Cabin> change) {
        return field(
                id,
                key,
                FIGURE,
                () -> parts.words().lengths().say(shown.get()),
                w -> change.apply(parts.words().lengths().read(w)));
    }

    private void row(String key, Node field) {
        grid.addRow(grid.getRowCount(), parts.bench().name(key, ""), field);
    }

    private void forget() {
        parts.models().booths().forget(booth.id(), close);
    }
}
