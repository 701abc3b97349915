package app.redlamp.desktop.shell;

import app.redlamp.desktop.gradual.OutOfSight;
import app.redlamp.desktop.gradual.Piecemeal;
import app.redlamp.desktop.station.Station;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;

/**
 * Where stations are drawn, styled and laid out before anybody opens them: piece by piece, a piece in an idle moment, so that
 * neither opening nor preparing holds up the interface. It goes on as long as something changes that nobody looks at.
 */
final class Backstage {
    /** Between two pieces, so that what is asked meanwhile is done first. */
    private static final long BETWEEN_NS = 60_000_000;

    private final List<Station> stations;
    private final BorderPane page;
    private final StackPane layers;
    private final BooleanSupplier idle;
    private final Pane place = new OutOfSight();
    private final AnimationTimer clock = new Clock();
    private Optional<Station> under = Optional.empty();
    /** What will stand in place of a bench, and has been made ready. */
    private final Set<Node> readyBehind = Collections.newSetFromMap(new IdentityHashMap<>());

    /**
     * @param page where stations are shown: bench in the middle, reading on the right
     * @param layers where the place out of sight is laid
     * @param idle whether nothing else goes on
     */
    Backstage(List<Station> stations, BorderPane page, StackPane layers, BooleanSupplier idle) {
        this.stations = stations;
        this.page = page;
        this.layers = layers;
        this.idle = idle;
    }

    void begin() {
        layers.getChildren().add(0, place);
        for (Station station : stations) {
            station.stale().addListener((o, was, now) -> {
                if (now) {
                    clock.start();
                }
            });
        }
        clock.start();
    }

    /** Whether all stations are ready, or were opened meanwhile. */
    boolean done() {
        return under.isEmpty() && stations.stream().noneMatch(this::waits);
    }

    /** One piece a pulse at most: a clock that catches up after a long pulse would do several at once. */
    private final class Clock extends AnimationTimer {
        private long last;

        @Override
        public void handle(long now) {
            if (now - last > BETWEEN_NS) {
                last = now;
                turn();
            }
        }
    }

    private void turn() {
        if (done()) {
            clock.stop();
        } else if (idle.getAsBoolean()) {
            piece();
        }
    }

    /** Does one piece of what is left. */
    void piece() {
        if (under.isEmpty()) {
            under = stations.stream().filter(this::waits).findFirst();
            under.ifPresent(Station::attend);
            return;
        }
        if (under.get().stale().getValue()) {
            under.get().attend();
            return;
        }
        for (Node node : unseen(under.get())) {
            if (!holds(node)) {
                lay(node, node == under.get().reading() ? page.getRight() : page.getCenter());
                return;
            }
            Optional<Piecemeal> part = Piecemeal.under(node);
            if (part.isPresent()) {
                part.get().next();
                return;
            }
        }
        under.get().behind().ifPresent(readyBehind::add);
        leave();
    }

    private boolean waits(Station station) {
        return station.stale().getValue()
                || station.behind().filter(b -> !readyBehind.contains(b)).isPresent();
    }

    /** What of a station nobody looks at yet. */
    private List<Node> unseen(Station station) {
        return seen(station) ? station.behind().stream().toList() : List.of(station.reading(), station.bench());
    }

    private void leave() {
        under = Optional.empty();
        place.getChildren().clear();
    }

    /** As large as it will be, so that nothing is missing when it is shown. */
    private void lay(Node node, Node shown) {
        place.getChildren().add(node);
        Bounds like = (shown == null ? layers : shown).getLayoutBounds();
        node.resizeRelocate(0, 0, like.getWidth(), like.getHeight());
    }

    private boolean holds(Node node) {
        return node.getParent() == place;
    }

    /** Somebody has opened it. */
    private boolean seen(Station station) {
        return station.bench().getScene() != null && !holds(station.bench());
    }
}
