package app.redlamp.desktop.kit;

import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.production.KitAdvice;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Figures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Gain, place and voice as knobs, and what another part would do here. */
final class KitKnobsSheet extends VBox implements Desk.Sheet<Kit> {
    private static final PseudoClass WARN = PseudoClass.getPseudoClass("over");
    private static final double BASS_HZ = 100;
    private static final double NEAREST_CM = 2;
    private static final double FURTHEST_CM = 60;
    private static final int MOST_ROWS = 6;

    /** Half of a slider's thumb: its track ends so far from its edge. */
    private static final double THUMB = 10;

    /** None, gentle, and as much as is plenty (common practice, no source). */
    private static final List<Double> COMPRESSIONS = List.of(0.0, 3.0, 6.0);

    /** Of the table, without the button at its end. */
    private static final int COLUMNS = 6;

    private final StationParts<KitStation.Models> parts;
    private final KitMoves moves;
    private final Slider gain = new Slider(0, 60, 0);
    private final Slider place = new Slider(NEAREST_CM, FURTHEST_CM, 18);
    private final Region strain = new Region();
    private final Label gainWords = words("knob-gain-words");
    private final Label placeWords = words("knob-place-words");
    private final Choice<VocalEffort> reading;
    private final Choice<VocalEffort> loudest;
    private final Choice<Double> finishing;
    private final GridPane table = new GridPane();
    private boolean showing;

    KitKnobsSheet(StationParts<KitStation.Models> parts) {
        this.parts = parts;
        moves = new KitMoves(parts.models().kit());
        getStyleClass().add("desk-sheet");
        table.getStyleClass().add("room-grid");
        table.setId("kit-upgrades");
        reading = effort("voice-reading", "knobs.reading", false);
        loudest = effort("voice-loudest", "knobs.loudest", true);
        finishing = new Choice<>(
                "kit-compression",
                parts.say("knobs.finishing"),
                COMPRESSIONS,
                db -> db == 0
                        ? parts.say("knobs.compression.none")
                        : parts.say("knobs.compression", parts.bench().plain(db)),
                () -> parts.models().kit().kit().get() == null
                        ? 0.0
                        : parts.models().kit().kit().get().compressionDb(),
                db -> parts.models().kit().edit("edit.compression", k -> k.compressing(db)));
        HBox voice = Gradual.fill(
                Parts.line(),
                parts.bench().name("knobs.reading", "effort"),
                reading,
                parts.bench().name("knobs.loudest", "crest"),
                loudest,
                parts.bench().name("knobs.finishing", "makeup"),
                finishing);
        Gradual.fill(
                this,
                knob(
                        gain,
                        "knob-gain",
                        "knobs.gain",
                        "gain",
                        gainWords,
                        db -> parts.models().kit().drag(s -> moves.gained(s, Math.rint(db)))),
                knob(
                        place,
                        "knob-place",
                        "knobs.place",
                        "proximity",
                        placeWords,
                        cm -> parts.models().kit().drag(s -> KitMoves.placed(s, cm / 100))),
                voice,
                table);
        gain.setBlockIncrement(1);
        place.setBlockIncrement(1);
        parts.models().kit().path().addListener((o, was, now) -> follow());
        parts.models().kit().advice().addListener((o, was, now) -> rows());
        follow();
        rows();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Kit kit) {
        follow();
        rows();
    }

    private Node knob(Slider slider, String id, String key, String term, Label words, DoubleConsumer drag) {
        slider.setId(id);
        slider.setAccessibleText(parts.say(key));
        slider.getStyleClass().add("knob");
        StackPane track = new StackPane(slider);
        if (slider.equals(gain)) {
            strain.getStyleClass().add("knob-strain");
            strain.setMouseTransparent(true);
            StackPane.setAlignment(strain, Pos.BOTTOM_RIGHT);
            StackPane.setMargin(strain, new Insets(0, THUMB, 0, 0));
            track.getChildren().add(strain);
        }
        HBox.setHgrow(track, Priority.ALWAYS);
        slider.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                drag.accept(now.doubleValue());
                if (!slider.isValueChanging()) {
                    parts.models().kit().drop("edit.knob");
                }
            }
        });
        slider.valueChangingProperty().addListener((o, was, now) -> {
            if (!now) {
                parts.models().kit().drop("edit.knob");
            }
        });
        Label name = parts.bench().name(key, term);
        name.setMinWidth(48);
        return Parts.line(name, track, words);
    }

    private Choice<VocalEffort> effort(String id, String key, boolean loud) {
        return new Choice<>(
                id,
                parts.say(key),
                List.of(VocalEffort.values()),
                e -> parts.words().chains().effort(e),
                () -> parts.models()
                        .kit()
                        .currentSeat()
                        .map(s -> loud ? s.voice().loudest() : s.voice().reading())
                        .orElse(VocalEffort.NORMAL),
                e -> parts.models()
                        .kit()
                        .editSeat(
                                "edit.loudness",
                                s -> s.spoken(
                                        loud ? s.voice().loudest(e) : s.voice().reading(e))));
    }

    /** Follows what is shown, also while it is dragged somewhere else. */
    private void follow() {
        SignalPath path = parts.models().kit().path().get();
        setDisable(path == null);
        if (path == null) {
            gainWords.setText("");
            placeWords.setText("");
            return;
        }
        Preamp preamp = path.chain().preamp();
        showing = true;
        gain.setMin(preamp.minGainDb());
        gain.setMax(preamp.maxGainDb());
        strained(preamp);
        if (!gain.isValueChanging()) {
            gain.setValue(path.chain().gainDb());
        }
        if (!place.isValueChanging()) {
            place.setValue(path.chain().position().distanceM() * 100);
        }
        reading.refresh();
        loudest.refresh();
        finishing.refresh();
        showing = false;
        words(path);
    }

    /** The last part of the knob, where preamps hiss, is marked below its track. */
    private void strained(Preamp preamp) {
        double range = preamp.maxGainDb() - preamp.minGainDb();
        double share = range > 0 ? (preamp.maxGainDb() - preamp.cleanGainDb()) / range : 0;
        strain.maxWidthProperty().bind(gain.widthProperty().subtract(2 * THUMB).multiply(share));
        strain.setVisible(share > 0);
    }

    private void words(SignalPath path) {
        Need need = parts.models().kit().need().get();
        GainFit fit = GainFit.of(path.chain(), need.school());
        gainWords.setText(parts.say(
                "knobs.gain.words",
                parts.words().chains().gain(path.chain().gainDb()),
                parts.words().chains().gain(fit, path.chain().preamp())));
        gainWords.pseudoClassStateChanged(
                WARN, path.chain().gainDb() > path.chain().preamp().cleanGainDb() || path.headroomDb() < 0);
        double distance = path.chain().position().distanceM();
        double bass = path.chain().capsule().liftDb(path.chain().position().angleDeg(), distance, BASS_HZ);
        placeWords.setText(parts.say(
                "knobs.place.words",
                parts.words().lengths().say(distance),
                parts.bench().figures().whole(bass)));
        placeWords.pseudoClassStateChanged(WARN, bass > 9);
    }

    /** What other parts would do here: the best of them, and the best microphone even where it is no use. */
    private void rows() {
        table.getChildren().clear();
        List<Node> cells = new ArrayList<>();
        Optional<KitAdvice> advice =
                Optional.ofNullable(parts.models().kit().advice().get());
        SignalPath now = parts.models().kit().path().get();
        if (advice.isPresent() && !advice.get().upgrades().isEmpty() && now != null) {
            List<Upgrade> all = advice.get().upgrades();
            row(
                    cells,
                    0,
                    head("knobs.part"),
                    head("knobs.snr"),
                    head("knobs.headroom"),
                    head("knobs.clarity"),
                    head("knobs.price"),
                    head("knobs.buys"));
            row(cells, 1, figures(parts.say("knobs.as-it-is"), now, Figures.ABSENT, ""));
            for (int i = 0; i < Math.min(MOST_ROWS, all.size()); i++) {
                upgrade(cells, i + 2, all.get(i));
            }
        }
        Gradual.fillBy(COLUMNS, table, cells);
    }

    private void upgrade(List<Node> cells, int row, Upgrade u) {
        String price = u.cost() > 0 ? parts.bench().plain(u.cost()) : parts.say("knobs.there");
        row(
                cells,
                row,
                figures(
                        u.part().name(),
                        u.then().path(),
                        price,
                        parts.words().choices().buys(u)));
        Button put = parts.bench()
                .button(
                        "upgrade-" + u.part().id(),
                        "kit.put-in",
                        () -> parts.models()
                                .kit()
                                .edit("edit.upgrade", k -> u.then().kit()));
        GridPane.setConstraints(put, COLUMNS, row);
        cells.add(put);
    }

    private static void row(List<Node> cells, int row, Node... all) {
        for (int i = 0; i < all.length; i++) {
            GridPane.setConstraints(all[i], i, row);
            cells.add(all[i]);
        }
    }

    private Node[] figures(String name, SignalPath path, String price, String buys) {
        Figures figures = parts.bench().figures();
        return new Node[] {
            Parts.label(name, "order-value"),
            Parts.label(figures.whole(path.snrDb()), "treat-figure"),
            Parts.label(figures.whole(path.headroomDb()), "treat-figure"),
            Parts.label(figures.whole(path.clarityDb()), "treat-figure"),
            Parts.label(price, "treat-figure"),
            Parts.label(buys, "order-source")
        };
    }

    private Label head(String key) {
        return parts.bench().name(key, "");
    }

    private static Label words(String id) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add("treat-figure");
        label.setMinWidth(330);
        label.setPrefWidth(330);
        return label;
    }
}
