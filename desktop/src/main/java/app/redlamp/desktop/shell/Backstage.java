package app.redlamp.desktop.shell;

import app.redlamp.desktop.gradual.OneAtATime;
import app.redlamp.desktop.gradual.Piecemeal;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.Station;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;

/**
 * Where stations are drawn, styled and laid out before anybody opens them: piece by piece, a piece in an idle moment, so that
 * neither opening nor preparing holds up the interface. It goes on as long as something changes that nobody looks at.
 */
final class Backstage {
    /** Between two pieces, so that what is asked meanwhile is done first. */
    private static final long BETWEEN_NS = 60_000_000;

    private final List<Station> stations;
    private final OneAtATime benches;
    private final OneAtATime readings;
    private final BooleanSupplier idle;
    private final AnimationTimer clock = new Clock();
    private boolean begun;
    private Optional<Station> under = Optional.empty();
    /** What will stand in place of a bench, and has been made ready. */
    private final Set<Node> readyBehind = Collections.newSetFromMap(new IdentityHashMap<>());

    /**
     * @param benches where the bench of a station is shown
     * @param readings where its reading is shown
     * @param idle whether nothing else goes on
     */
    Backstage(List<Station> stations, OneAtATime benches, OneAtATime readings, BooleanSupplier idle) {
        this.stations = stations;
        this.benches = benches;
        this.readings = readings;
        this.idle = idle;
    }

    void begin() {
        begun = true;
        for (Station station : stations) {
            station.stale().addListener((o, was, now) -> {
                if (now) {
                    clock.start();
                }
            });
        }
        clock.start();
    }

    /** Everything will look different: what nobody sees is styled again piece by piece, and not in the turn that changes it. */
    void again() {
        under = Optional.empty();
        benches.clear();
        readings.clear();
        if (begun) {
            clock.start();
        }
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
            if (node.getParent() == null) {
                (node == under.get().reading() ? readings : benches).keep(node);
                return;
            }
            Optional<Piecemeal> part = Piecemeal.under(node);
            if (part.isPresent()) {
                part.get().next();
                return;
            }
        }
        under.get().behind().ifPresent(readyBehind::add);
        under = Optional.empty();
    }

    private boolean waits(Station station) {
        return station.stale().getValue()
                || station.bench().getParent() == null
                || station.behind().filter(b -> !readyBehind.contains(b)).isPresent();
    }

    /** What of a station nobody looks at yet. */
    private static List<Node> unseen(Station station) {
        return Sight.seen(station.bench())
                ? station.behind().stream().toList()
                : List.of(station.reading(), station.bench());
    }
}
