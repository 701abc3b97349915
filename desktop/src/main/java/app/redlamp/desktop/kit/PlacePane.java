package app.redlamp.desktop.kit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Breath;
import app.redlamp.core.chain.placement.Placing;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.core.chain.placement.Zone;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.CommitField;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.control.DistanceBands;
import app.redlamp.desktop.control.MicPlace;
import app.redlamp.desktop.control.MicPlaceView;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Where the microphone stands, and what that does to the sound. */
final class PlacePane extends Overlay {
    private static final double FURTHEST_M = 0.4;
    private static final double LISTENER_M = 0.8;
    private static final double SPEAKER_DEG = 120;
    private static final double LEFT_WIDTH = 400;
    private static final double BELOW = 290;

    private final StationParts<KitStation.Models> parts;
    private final MicPlaceView picture = new MicPlaceView();
    private final DistanceBands bands = new DistanceBands();
    private final Label verdict = Parts.wrapped("", "overlay-verdict");
    private final GridPane figures = new GridPane();
    private final VBox more = new VBox();
    private final Slider turned = new Slider(0, 90, 0);
    private final CheckBox screen;
    private final Choice<Bleed.Seats> seats;
    private final CommitField apart;
    private boolean showing;

    PlacePane(StationParts<KitStation.Models> parts, Runnable close) {
        super(parts.bench(), "place.heading", close);
        this.parts = parts;
        picture.setId("place-picture");
        picture.onMoves(moves());
        verdict.setId("place-verdict");
        figures.getStyleClass().add("room-grid");
        more.getStyleClass().add("kit-schools");
        screen = new CheckBox(parts.say("place.screen"));
        screen.setId("place-screen");
        screen.setOnAction(e -> parts.models().kit().editSeat("edit.screen", s -> screened(s, screen.isSelected())));
        seats = new Choice<>(
                "place-seats",
                parts.say("place.seats"),
                List.of(Bleed.Seats.values()),
                s -> parts.words().places().seats(s),
                () -> table().seats(),
                s -> parts.models().kit().sit(table().seated(s)));
        apart = new CommitField(
                "place-apart",
                parts.say("place.apart"),
                () -> parts.words().lengths().say(table().apartM()),
                text -> parts.models()
                        .kit()
                        .enter(() -> parts.models()
                                .kit()
                                .sit(table().apart(parts.words().lengths().read(text)))));
        follow(parts.models().kit().table());
        bands.setId("place-bands");
        VBox left = new VBox(
                bands,
                knob(
                        turned,
                        "place-turned",
                        "place.turned",
                        deg -> parts.models().kit().drag(s -> s.at(s.position().turned(deg)))),
                screen,
                Parts.line(parts.bench().name("place.seats", "three"), seats, apart.wide(80)));
        left.getStyleClass().add("kit-choice");
        left.setMinWidth(LEFT_WIDTH);
        left.setPrefWidth(LEFT_WIDTH);
        VBox right = new VBox(figures, more);
        right.getStyleClass().add("kit-choice");
        ScrollPane page = new ScrollPane(right);
        page.setFitToWidth(true);
        page.getStyleClass().add("desk-page");
        HBox.setHgrow(page, Priority.ALWAYS);
        HBox below = new HBox(left, page);
        below.getStyleClass().add("room-middle");
        below.setPrefHeight(BELOW);
        below.setMaxHeight(BELOW);
        VBox.setVgrow(picture, Priority.ALWAYS);
        getChildren().addAll(verdict, picture, below);
        follow(parts.models().kit().path());
        refresh();
    }

    private Node knob(Slider slider, String id, String key, DoubleConsumer drag) {
        slider.setId(id);
        slider.setAccessibleText(parts.say(key));
        slider.getStyleClass().add("knob");
        slider.setBlockIncrement(5);
        HBox.setHgrow(slider, Priority.ALWAYS);
        slider.valueProperty().addListener((o, was, now) -> {
            if (!showing) {
                drag.accept(Math.rint(now.doubleValue()));
                if (!slider.isValueChanging()) {
                    parts.models().kit().drop("edit.place.knob");
                }
            }
        });
        slider.valueChangingProperty().addListener((o, was, now) -> {
            if (!now) {
                parts.models().kit().drop("edit.place.knob");
            }
        });
        return Parts.line(parts.bench().name(key, ""), slider);
    }

    private MicPlaceView.Moves moves() {
        return new MicPlaceView.Moves() {
            @Override
            public void above(double distanceM, double sideDeg) {
                parts.models().kit().drag(s -> {
                    Seat near = KitMoves.placed(s, Math.min(FURTHEST_M, distanceM));
                    return near.at(near.position().beside(Math.rint(Math.max(0, Math.min(90, sideDeg)))));
                });
            }

            @Override
            public void beside(double distanceM, double raisedDeg) {
                parts.models().kit().drag(s -> {
                    Seat near = KitMoves.placed(s, Math.min(FURTHEST_M, distanceM));
                    double most = Position.HIGHEST_DEG;
                    return near.at(near.position().raised(Math.rint(Math.max(-most, Math.min(most, raisedDeg)))));
                });
            }

            @Override
            public void drop() {
                parts.models().kit().drop("edit.place.knob");
            }

            @Override
            public void cancel() {
                parts.models().kit().cancelDrag();
            }
        };
    }

    private static Seat screened(Seat seat, boolean there) {
        return seat.screened(
                there ? OptionalDouble.of(Breath.screenAtM(seat.position().distanceM())) : OptionalDouble.empty());
    }

    @Override
    public void begin() {
        picture.requestFocus();
    }

    @Override
    public void refresh() {
        SignalPath path = parts.models().kit().path().get();
        Optional<Seat> seat = parts.models().kit().currentSeat();
        figures.getChildren().clear();
        more.getChildren().clear();
        if (path == null || seat.isEmpty()) {
            verdict.setText(parts.say("place.none"));
            picture.show(Optional.empty());
            bands.show(Optional.empty());
            return;
        }
        Chain chain = path.chain();
        Placing placing = Placing.of(
                chain, seat.get().microphone().diaphragmM(), seat.get().popFilterM());
        verdict.setText(parts.words().places().verdict(placing));
        MicPlace there = picture(seat.get(), placing);
        picture.show(Optional.of(there));
        bands.show(Optional.of(there));
        picture.setAccessibleText(
                verdict.getText() + " " + parts.words().places().at(chain.position()));
        showing = true;
        turned.setValue(chain.position().angleDeg());
        screen.setSelected(seat.get().popFilterM().isPresent());
        seats.refresh();
        apart.refresh();
        showing = false;
        rows(placing, path);
        lines(chain);
    }

    private MicPlace picture(Seat seat, Placing placing) {
        List<MicPlace.Band> bands = new ArrayList<>();
        for (Zone zone : Zone.values()) {
            bands.add(new MicPlace.Band(
                    parts.words().places().zone(zone),
                    zone.fromM(),
                    zone.toM(),
                    placing.zones().contains(zone)));
        }
        Position p = seat.position();
        return new MicPlace(
                Math.min(FURTHEST_M, p.distanceM()),
                p.sideDeg(),
                p.raisedDeg(),
                p.angleDeg(),
                seat.popFilterM(),
                bands,
                FURTHEST_M,
                placing.pops(),
                parts.words().lengths().say(p.distanceM()),
                parts.say("place.above"),
                parts.say("place.beside"));
    }

    private void rows(Placing placing, SignalPath path) {
        row("place.at", parts.words().places().at(path.chain().position()), "");
        row("place.level", parts.words().places().level(placing), "");
        row("place.snr", parts.words().chains().snrInFile(path), "snr");
        row("place.bass", parts.words().places().bass(placing), "proximity");
        row("place.treble", parts.words().places().treble(placing), "off-axis");
        row("place.breath", parts.words().places().breath(placing), "plosives");
        row("place.room", parts.words().places().room(placing), "critical");
        row("place.zones", parts.words().places().zones(placing), "");
    }

    private void row(String key, String value, String term) {
        figures.addRow(figures.getRowCount(), parts.bench().name(key, term), Parts.wrapped(value, "order-value"));
    }

    private void lines(Chain chain) {
        for (VocalEffort effort : List.of(VocalEffort.WHISPER, VocalEffort.LOUD)) {
            if (effort != chain.voice().reading()) {
                add(parts.words().places().lineOf(effort, Placing.distanceFor(chain, effort)));
            }
        }
        bleeds(chain);
        add(parts.words().places().speaker(Bleed.ofSpeaker(chain, LISTENER_M, SPEAKER_DEG)));
    }

    /** What is left of the other voice in each track; of one voice, what would be. */
    private void bleeds(Chain own) {
        Kit kit = parts.models().kit().kit().get();
        if (kit.seats().size() == 1) {
            add(parts.words()
                    .places()
                    .bleed(Bleed.of(own, table().seats(), table().apartM()), table().seats(), table().apartM()));
            return;
        }
        Need need = parts.models().kit().need().get();
        for (int i = 0; i < kit.seats().size(); i++) {
            String name = kit.seats().get(i).name();
            kit.chain(i, need.room(), need.finishing())
                    .ifPresent(c -> add(parts.say(
                            "place.track",
                            name,
                            parts.words()
                                    .places()
                                    .bleed(
                                            Bleed.of(c, table().seats(), table().apartM()),
                                            table().seats(),
                                            table().apartM()))));
        }
    }

    private Table table() {
        return parts.models().kit().table().get();
    }

    private void add(String words) {
        more.getChildren().add(Parts.wrapped(words, "order-source"));
    }
}
