package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.fit.Miss.Kind;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.chain.placement.Breath;
import app.redlamp.core.chain.placement.Zone;
import app.redlamp.core.verdict.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Stands and arms, and what stands before the microphone. */
final class HoldingCheck {
    /** From the edge of a desk to before the mouth of whoever sits at it (common practice, no source). */
    private static final double TO_THE_MOUTH_M = 0.55;

    /** A shock mount and a pop filter weigh so much together (common practice, no source). */
    private static final double MOUNTS_KG = 0.35;

    /** From the microphone down the arm and along the desk (common practice, no source). */
    private static final double DOWN_M = 0.4;

    /** A pop filter has to take so much off a puff (ours). */
    private static final double SCREEN_WORTH_DB = 10;

    /** A side that is heard by so much less is none to speak into: the room comes in instead, in dB (common practice, no source). */
    private static final double UNHEARD_DB = 6.5;

    private final Kit kit;
    private final Stock shelf;
    private final List<Miss> misses = new ArrayList<>();

    HoldingCheck(Kit kit, Stock shelf) {
        this.kit = kit;
        this.shelf = shelf;
    }

    List<Miss> misses() {
        List<Extra> holders = kit.extras().stream().filter(e -> e.use().holds()).toList();
        List<Seat> held =
                kit.seats().stream().filter(s -> s.microphone().kind().isHeld()).toList();
        if (held.size() > holders.size()) {
            int missing = held.size() - holders.size();
            misses.add(Miss.of(Kind.HOLDER, Severity.SPOILS, "", "", missing)
                    .mendedBy(shelf.cheapest(Extra.class, e -> e.use().holds() && reaches(e)), missing));
        }
        for (int i = 0; i < Math.min(held.size(), holders.size()); i++) {
            holder(held.get(i), holders.get(i));
        }
        shocks(holders, held.size());
        kit.seats().forEach(this::before);
        return misses;
    }

    private static boolean reaches(Extra holder) {
        return holder.reachM().orElse(TO_THE_MOUTH_M) >= TO_THE_MOUTH_M;
    }

    private void holder(Seat seat, Extra holder) {
        if (!reaches(holder)) {
            misses.add(Miss.of(
                            Kind.REACH,
                            Severity.SPOILS,
                            seat.name(),
                            holder.shortName(),
                            TO_THE_MOUTH_M - holder.reachM().orElseThrow())
                    .mendedBy(shelf.cheapest(Extra.class, e -> e.use().holds() && reaches(e)), 1));
        }
        double weight = seat.microphone().weightKg() + MOUNTS_KG;
        if (weight > holder.holdsKg().orElse(Double.POSITIVE_INFINITY)) {
            misses.add(Miss.of(Kind.WEIGHT, Severity.SPOILS, seat.name(), holder.shortName(), weight)
                    .mendedBy(
                            shelf.cheapest(
                                    Extra.class,
                                    e -> e.use().holds()
                                            && reaches(e)
                                            && e.holdsKg().orElse(0) >= weight),
                            1));
        }
        double length = holder.reachM().orElse(0) + DOWN_M;
        seat.cable()
                .filter(c -> c.lengthM() < length)
                .ifPresent(c -> misses.add(
                        Miss.of(Kind.LEAD_SHORT, Severity.ADVISES, seat.name(), c.shortName(), length - c.lengthM())
                                .mendedBy(shelf.cable(c.from(), c.to(), length), 1)));
    }

    /** What stands on a desk hears every hand that is laid on it. */
    private void shocks(List<Extra> holders, int held) {
        long onDesk = holders.stream()
                .limit(held)
                .filter(h -> h.use() != Extra.Use.FLOOR_STAND)
                .count();
        int missing = (int) onDesk - kit.extras(Extra.Use.SHOCK_MOUNT).size();
        if (missing > 0) {
            misses.add(Miss.of(Kind.SHOCK_MOUNT, Severity.ADVISES, "", "", missing)
                    .mendedBy(shelf.extra(Extra.Use.SHOCK_MOUNT), missing));
        }
    }

    private void before(Seat seat) {
        boolean windscreen = !kit.extras(Extra.Use.WINDSCREEN).isEmpty();
        double puff = Breath.db(seat.position(), OptionalDouble.empty());
        if (puff > Breath.POPS_DB && seat.popFilterM().isEmpty() && !windscreen) {
            misses.add(about(seat, Kind.POP_FILTER, Severity.SPOILS, puff)
                    .mendedBy(
                            shelf.extra(
                                    seat.microphone().kind().isWorn() ? Extra.Use.WINDSCREEN : Extra.Use.POP_FILTER),
                            1));
        }
        double screen = Breath.screenDb(seat.position(), seat.popFilterM());
        if (seat.popFilterM().isPresent() && screen < SCREEN_WORTH_DB) {
            misses.add(about(seat, Kind.POP_FILTER_NEAR, Severity.ADVISES, screen));
        }
        double away = -seat.position().offAxisDb(seat.microphone().capsule().pattern());
        if (away > UNHEARD_DB) {
            misses.add(about(seat, Kind.WRONG_SIDE, Severity.SPOILS, away));
        }
        if (seat.position().distanceM() > Zone.TOO_FAR.fromM()) {
            misses.add(
                    about(seat, Kind.TOO_FAR, Severity.ADVISES, seat.position().distanceM()));
        }
    }

    private static Miss about(Seat seat, Kind kind, Severity severity, double amount) {
        return Miss.of(kind, severity, seat.name(), seat.microphone().shortName(), amount);
    }
}
