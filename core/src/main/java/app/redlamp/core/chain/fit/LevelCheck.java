package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.fit.Miss.Kind;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.verdict.Severity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Gain, ceilings and hum. */
final class LevelCheck {
    /** Hum that narrows the signal-to-noise ratio by less is nothing to buy a lead for (ours). */
    private static final double HUM_WORTH_DB = 0.5;

    /** Length of lead that is needed at a desk (common practice, no source). */
    private static final double AT_A_DESK_M = 1;

    private final Kit kit;
    private final Need need;
    private final Stock shelf;
    private final List<Miss> misses = new ArrayList<>();

    LevelCheck(Kit kit, Need need, Stock shelf) {
        this.kit = kit;
        this.need = need;
        this.shelf = shelf;
    }

    List<Miss> misses() {
        for (int i = 0; i < kit.seats().size(); i++) {
            Seat seat = kit.seats().get(i);
            Optional<Chain> chain = kit.chain(i, need.room(), need.finishing());
            chain.ifPresent(c -> levels(seat, c));
            inside(seat.microphone(), seat.name());
        }
        kit.box()
                .filter(b -> b.converter().bits() < need.bits())
                .ifPresent(b -> misses.add(Miss.of(
                        Kind.BITS,
                        Severity.ADVISES,
                        "",
                        b.shortName(),
                        b.converter().bits())));
        return misses;
    }

    private void levels(Seat seat, Chain chain) {
        Chain set = chain.set(need.school());
        SignalPath path = SignalPath.of(set);
        String name = seat.microphone().shortName();
        gain(seat, GainFit.of(chain, need.school()));
        double over = -path.node(Node.Stage.CAPSULE).orElseThrow().headroomDb().orElseThrow();
        if (over > 0) {
            misses.add(Miss.of(Kind.CAPSULE_CLIPS, Severity.SPOILS, seat.name(), name, over));
        }
        double hum = path.without(Source.LEAD);
        if (hum > HUM_WORTH_DB && seat.cable().isPresent()) {
            Plug socket = kit.box().orElseThrow().socket();
            Miss miss = Miss.of(
                    Kind.UNBALANCED,
                    Severity.SPOILS,
                    seat.name(),
                    seat.cable().get().shortName(),
                    hum);
            misses.add(
                    seat.microphone().plug().balanced()
                            ? miss.mendedBy(shelf.cable(seat.microphone().plug(), socket, AT_A_DESK_M), 1)
                            : miss);
        }
    }

    private void gain(Seat seat, GainFit fit) {
        String name = seat.microphone().shortName();
        boolean boostable = !seat.microphone().isDigital()
                && seat.booster().isEmpty()
                && seat.microphone().power() == Microphone.Power.NONE
                && kit.box().orElseThrow().phantom();
        Optional<BoosterPart> booster = boostable ? shelf.cheapest(BoosterPart.class, b -> true) : Optional.empty();
        switch (fit.verdict()) {
            case SHORT ->
                misses.add(Miss.of(Kind.GAIN_SHORT, Severity.SPOILS, seat.name(), name, fit.shortDb())
                        .mendedBy(booster, 1));
            case STRAINED ->
                misses.add(Miss.of(Kind.GAIN_STRAINED, Severity.ADVISES, seat.name(), name, fit.neededDb())
                        .mendedBy(booster, 1));
            case TOO_HOT -> misses.add(Miss.of(Kind.GAIN_HOT, Severity.SPOILS, seat.name(), name, fit.shortDb()));
            case ENOUGH -> {}
        }
    }

    private void inside(Microphone microphone, String seat) {
        if (microphone.inside().isEmpty()) {
            return;
        }
        Microphone.Inside inside = microphone.inside().get();
        if (inside.automatic()) {
            misses.add(Miss.of(Kind.AUTOMATIC, Severity.SPOILS, seat, microphone.shortName(), 0));
        }
        if (inside.converter().bits() < need.bits()) {
            misses.add(Miss.of(
                    Kind.BITS,
                    Severity.ADVISES,
                    seat,
                    microphone.shortName(),
                    inside.converter().bits()));
        }
    }
}
