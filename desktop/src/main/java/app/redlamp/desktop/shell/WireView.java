package app.redlamp.desktop.shell;

import app.redlamp.desktop.control.BigLamp;
import app.redlamp.desktop.control.LampGlyph;
import app.redlamp.desktop.station.Clearance;
import app.redlamp.desktop.station.Station;
import app.redlamp.desktop.station.StationId;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.QuadCurve;

/** The wire along the top: the production, a lamp for each station that works, and the big lamp at its end. */
final class WireView extends Region {
    private static final double HEIGHT = 92;
    private static final double TITLE_WIDTH = 300;
    private static final double LAMP_WIDTH = 214;
    private static final double SIDE = 24;
    private static final double ENDS = 18;
    private static final double SAG = 14;
    private static final double CORD = 9;
    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");

    private final Label title = new Label();
    private final Label line = new Label();
    private final VBox headings = new VBox(title, line);
    private final QuadCurve wire = new QuadCurve();
    private final Polygon cone = new Polygon();
    private final BigLamp bigLamp = new BigLamp();
    private final List<Stop> stops = new ArrayList<>();
    private final Clearance clearance;
    private final List<Station> stations;
    private int open;

    /** One station's place on the wire. */
    private record Stop(Line cord, LampGlyph glyph, ToggleButton name, Region underline) {}

    WireView(List<Station> stations, Clearance clearance, Consumer<StationId> onOpen) {
        this.stations = stations;
        this.clearance = clearance;
        getStyleClass().add("wire");
        title.getStyleClass().add("wire-title");
        line.getStyleClass().add("wire-line");
        title.setId("production-title");
        wire.getStyleClass().add("wire-cord");
        cone.getStyleClass().add("wire-cone");
        bigLamp.setId("big-lamp");
        getChildren().addAll(headings, cone, wire, bigLamp);
        for (int i = 0; i < stations.size(); i++) {
            int index = i;
            Station station = stations.get(i);
            Stop stop = new Stop(new Line(), new LampGlyph(), new ToggleButton(station.name()), new Region());
            stop.cord().getStyleClass().add("wire-cord");
            stop.name().getStyleClass().add("wire-name");
            stop.name().setOnAction(e -> onOpen.accept(station.id()));
            stop.underline().getStyleClass().add("wire-underline");
            station.standing().addListener((o, was, now) -> show(index, station));
            station.headings().addListener((o, was, now) -> show(index, station));
            stops.add(stop);
            getChildren().addAll(stop.cord(), stop.glyph(), stop.name(), stop.underline());
            show(index, station);
        }
        clearance.now().addListener((o, was, now) -> {
            for (int i = 0; i < stations.size(); i++) {
                show(i, stations.get(i));
            }
        });
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
    }

    void open(Station station) {
        open = stations.indexOf(station);
        show(open, station);
    }

    private void show(int index, Station station) {
        Station.Standing standing = station.standing().getValue();
        Stop stop = stops.get(index);
        stop.glyph().setState(clearance.lamp(station).orElse(standing.lamp()));
        stop.name().setAccessibleText(station.name() + ", " + standing.answer());
        if (index == open) {
            if (clearance.guardedBy(station)) {
                Clearance.Now now = clearance.now().get();
                bigLamp.show(now.clear(), now.answer(), now.first());
            } else {
                bigLamp.show(standing.lit(), standing.answer(), standing.first());
            }
            title.setText(station.headings().getValue().title());
            line.setText(station.headings().getValue().line());
        }
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double from = SIDE + TITLE_WIDTH - 40;
        double to = width - LAMP_WIDTH + 20;
        headings.resizeRelocate(SIDE, 18, TITLE_WIDTH - 50, 60);
        bigLamp.resizeRelocate(width - LAMP_WIDTH - 10, 10, LAMP_WIDTH, HEIGHT - 12);
        wire.setStartX(from);
        wire.setStartY(ENDS);
        wire.setEndX(to);
        wire.setEndY(ENDS);
        wire.setControlX((from + to) / 2);
        wire.setControlY(ENDS + 2 * SAG);
        for (int i = 0; i < stops.size(); i++) {
            double share = (i + 0.5) / stops.size();
            place(stops.get(i), from + share * (to - from), ENDS + 4 * SAG * share * (1 - share), i == open);
        }
    }

    private void place(Stop stop, double x, double y, boolean isOpen) {
        stop.cord().setStartX(x);
        stop.cord().setEndX(x);
        stop.cord().setStartY(y);
        stop.cord().setEndY(y + CORD);
        stop.glyph().relocate(x - 8, y + CORD - 1);
        double nameWidth = stop.name().prefWidth(-1);
        double nameTop = y + CORD + 15;
        stop.name().resizeRelocate(x - nameWidth / 2, nameTop, nameWidth, 24);
        stop.name().setSelected(isOpen);
        stop.name().pseudoClassStateChanged(OPEN, isOpen);
        stop.underline().setVisible(isOpen);
        stop.underline().resizeRelocate(x - 22, HEIGHT - 4, 44, 4);
        if (isOpen) {
            cone.getPoints().setAll(x - 6, y + CORD + 12, x + 6, y + CORD + 12, x + 44, HEIGHT, x - 44, HEIGHT);
        }
    }
}
