package app.redlamp.core.chain.kit;

import app.redlamp.core.fault.Faults;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What else belongs to it.
 *
 * @param use what it is for
 * @param reachM how far an arm or a stand reaches, 0 to 5 m; absent for anything else
 * @param holdsKg what an arm or a stand carries at that reach, 0 to 20 kg; absent for anything else
 * @param outputs sockets that a splitter for headphones has; 0 for anything else
 * @param headphones what headphones ask of a socket; absent where that is not known, and for anything else
 * @param drive what a splitter with an amplifier of its own gives; absent for one that only divides, and for anything else
 */
public record Extra(
        String id,
        String name,
        Use use,
        OptionalDouble reachM,
        OptionalDouble holdsKg,
        int outputs,
        Optional<Headphones> headphones,
        Optional<HeadphoneOutput> drive,
        Price price,
        String note)
        implements Gear {

    /** What it is for. */
    public enum Use {
        HEADPHONES_CLOSED,
        HEADPHONES_OPEN,
        HEADPHONE_SPLITTER,
        /** To listen with afterwards, over a lead whose two wires go against each other. */
        LOUDSPEAKERS_BALANCED,
        /** And over one whose screen is the way back, so that what flows from earth to earth is heard. */
        LOUDSPEAKERS_UNBALANCED,
        /** An arm that is clamped to a desk. */
        DESK_ARM,
        /** A stand on the desk. */
        DESK_STAND,
        /** A stand on the floor. */
        FLOOR_STAND,
        SHOCK_MOUNT,
        POP_FILTER,
        WINDSCREEN,
        ADAPTER,
        HUB;

        /** Name in files, such as {@code headphones-closed}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** Whether it holds a microphone. */
        public boolean holds() {
            return this == DESK_ARM || this == DESK_STAND || this == FLOOR_STAND;
        }

        /** Whether one hears through it. */
        public boolean isHeadphones() {
            return this == HEADPHONES_CLOSED || this == HEADPHONES_OPEN;
        }
    }

    /** @throws IllegalArgumentException out of range */
    public Extra {
        Gear.check(id, name);
        boolean right = reachM.orElse(0) >= 0
                && reachM.orElse(0) <= 5
                && holdsKg.orElse(0) >= 0
                && holdsKg.orElse(0) <= 20
                && outputs >= 0
                && outputs <= 16;
        boolean belongs =
                (headphones.isEmpty() || use.isHeadphones()) && (drive.isEmpty() || use == Use.HEADPHONE_SPLITTER);
        if (!right) {
            throw new IllegalArgumentException(
                    Faults.say("extra.reaches-holds-outputs", name, reachM.orElse(0), holdsKg.orElse(0), outputs));
        }
        if (!belongs) {
            throw new IllegalArgumentException(Faults.say("extra.figures-of-another", name, use.id()));
        }
    }
}
