package app.redlamp.desktop.shell;

import app.redlamp.desktop.bench.OutOfSight;
import app.redlamp.desktop.bench.Piecemeal;
import app.redlamp.desktop.station.Station;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/**
 * Where stations are built, styled and laid out before anybody opens them: piece by piece, a piece in an idle moment, so that
 * neither the first opening nor the preparing holds up the interface.
 */
final class Backstage {
    private static final Duration BETWEEN = Duration.millis(60);

    private final Deque<Station> waiting;
    private final StackPane layers;
    private final BooleanSupplier idle;
    private final Pane place = new OutOfSight();
    private final Timeline clock = new Timeline(new KeyFrame(BETWEEN, e -> turn()));
    private Optional<Station> under = Optional.empty();

    /**
     * @param layers where the place out of sight is laid
     * @param idle whether nothing else goes on
     */
    Backstage(List<Station> stations, StackPane layers, BooleanSupplier idle) {
        waiting = new ArrayDeque<>(stations);
        this.layers = layers;
        this.idle = idle;
        clock.setCycleCount(Timeline.INDEFINITE);
    }

    void begin() {
        layers.getChildren().add(0, place);
        clock.play();
    }

    /** Whether all stations were made ready, or opened meanwhile. */
    boolean done() {
        return waiting.isEmpty() && under.isEmpty();
    }

    private void turn() {
        if (done()) {
            clock.stop();
            layers.getChildren().remove(place);
        } else if (idle.getAsBoolean()) {
            piece();
        }
    }

    /** Does one piece of what is left. */
    void piece() {
        if (under.isEmpty()) {
            next();
            return;
        }
        Station station = under.get();
        if (seen(station)) {
            leave();
        } else if (!holds(station.reading())) {
            lay(station.reading());
        } else if (!holds(station.bench())) {
            lay(station.bench());
        } else {
            Piecemeal.under(station.bench()).ifPresentOrElse(Piecemeal::next, this::leave);
        }
    }

    private void next() {
        Station station = waiting.poll();
        if (station != null && !seen(station)) {
            under = Optional.of(station);
            station.attend();
        }
    }

    private void leave() {
        under = Optional.empty();
        place.getChildren().clear();
    }

    private void lay(Node node) {
        place.getChildren().add(node);
        node.resizeRelocate(0, 0, layers.getWidth(), layers.getHeight());
    }

    private boolean holds(Node node) {
        return node.getParent() == place;
    }

    /** Somebody has opened it. */
    private boolean seen(Station station) {
        return station.bench().getScene() != null && !holds(station.bench());
    }
}
