package app.redlamp.desktop.production;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.choose.Shopping;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import java.util.List;
import java.util.Optional;

/**
 * What would help a kit.
 *
 * @param kit which
 * @param need for what
 * @param fit what does not go together
 * @param shopping what is still to be bought
 * @param upgrades one part that would be another, every one that goes into it, the best first
 * @param closerDb by how much the signal-to-noise ratio of the chosen voice would grow a fifth nearer
 */
public record KitAdvice(Kit kit, Need need, Fit fit, Shopping shopping, List<Upgrade> upgrades, double closerDb) {
    /** So much nearer is what is offered. */
    public static final double CLOSER = 0.8;

    /** Whoever is as near as this is not sent nearer (common practice, no source). */
    private static final double NEAR_ENOUGH_M = 0.06;

    public KitAdvice {
        upgrades = List.copyOf(upgrades);
    }

    static KitAdvice of(Kit kit, int seat, Need need, Stock shelf) {
        boolean complete = kit.chain(0, need.room(), need.finishing()).isPresent();
        return new KitAdvice(
                kit,
                need,
                Fit.of(kit, need, shelf),
                Shopping.of(kit, need, shelf),
                complete ? Upgrade.all(kit, need, shelf) : List.of(),
                closer(kit, seat, need));
    }

    private static double closer(Kit kit, int seat, Need need) {
        Optional<Chain> chain = kit.chain(seat, need.room(), need.finishing());
        if (chain.isEmpty() || chain.get().position().distanceM() <= NEAR_ENOUGH_M) {
            return 0;
        }
        Chain now = chain.get().set(need.school());
        Chain then =
                now.at(now.position().at(now.position().distanceM() * CLOSER)).set(need.school());
        return SignalPath.of(then).snrDb() - SignalPath.of(now).snrDb();
    }
}
