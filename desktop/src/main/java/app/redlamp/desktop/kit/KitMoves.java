package app.redlamp.desktop.kit;

import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.units.Decibels;
import app.redlamp.desktop.control.RibbonView;
import app.redlamp.desktop.production.KitModel;
import java.util.Optional;
import java.util.OptionalDouble;

/** What dragging the ribbon does: the voice speaks up, comes nearer, or is turned up. */
final class KitMoves implements RibbonView.Moves {
    private static final double GAIN_STEP_DB = 1;
    private static final double NEARER = 1.06;
    private static final double FURTHEST_M = 1;

    private final KitModel model;
    private Optional<Seat> taken = Optional.empty();

    KitMoves(KitModel model) {
        this.model = model;
    }

    @Override
    public void drag(String id, double db) {
        if (taken.isEmpty()) {
            taken = model.currentSeat();
        }
        taken.ifPresent(from -> model.drag(s -> moved(from, id, db)));
    }

    @Override
    public void drop() {
        taken = Optional.empty();
        model.drop("edit.ribbon");
    }

    @Override
    public void cancel() {
        taken = Optional.empty();
        model.cancelDrag();
    }

    @Override
    public void step(String id, double steps) {
        model.editSeat("edit.ribbon", s -> {
            if (id.equals(Node.Stage.PREAMP.id())) {
                return gained(s, s.gainDb() + steps * GAIN_STEP_DB);
            }
            if (id.equals(Node.Stage.CAPSULE.id())) {
                return placed(s, s.position().distanceM() * Math.pow(NEARER, -steps));
            }
            return spoken(s, steps > 0 ? 1 : -1);
        });
    }

    private Seat moved(Seat from, String id, double db) {
        if (id.equals(Node.Stage.PREAMP.id())) {
            return gained(from, from.gainDb() + db);
        }
        if (id.equals(Node.Stage.CAPSULE.id())) {
            return placed(from, from.position().distanceM() * Decibels.toAmplitude(-db));
        }
        double wanted = from.voice().reading().atOneMetreDb() + db;
        VocalEffort nearest = from.voice().reading();
        for (VocalEffort effort : VocalEffort.values()) {
            if (Math.abs(effort.atOneMetreDb() - wanted) < Math.abs(nearest.atOneMetreDb() - wanted)) {
                nearest = effort;
            }
        }
        return from.spoken(from.voice().reading(nearest));
    }

    /** Turned, within what its preamp has. */
    Seat gained(Seat seat, double db) {
        Kit kit = model.kit().get();
        Preamp preamp = seat.microphone()
                .inside()
                .map(i -> i.preamp())
                .orElseGet(() -> kit.box().orElseThrow().preamp());
        return seat.gained(preamp.within(db));
    }

    /** Placed, within what anybody would do; a pop filter stays between. */
    static Seat placed(Seat seat, double metres) {
        double distance = Math.max(Position.NEAREST_M * 2, Math.min(FURTHEST_M, metres));
        Seat moved = seat.at(seat.position().at(distance));
        return seat.popFilterM().isPresent()
                ? moved.screened(OptionalDouble.of(seat.popFilterM().getAsDouble()
                        * distance
                        / seat.position().distanceM()))
                : moved;
    }

    private static Seat spoken(Seat seat, int by) {
        VocalEffort[] all = VocalEffort.values();
        for (int i = 0; i < all.length; i++) {
            if (all[i] == seat.voice().reading()) {
                int to = Math.max(0, Math.min(all.length - 1, i + by));
                return seat.spoken(seat.voice().reading(all[to]));
            }
        }
        return seat;
    }
}
