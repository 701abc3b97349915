package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.verdict.Severity;
import java.util.Locale;
import java.util.Optional;

/**
 * Something that does not fit together.
 *
 * @param kind what it is
 * @param severity how bad
 * @param seat which voice; empty for all of them
 * @param part what it is about, by name; empty for nothing
 * @param amount figure that belongs to it, in the unit of its kind; 0 where there is none
 * @param remedy what would end it, the cheapest there is; absent where nothing has to be bought
 * @param pieces how many of that
 */
public record Miss(
        Kind kind, Severity severity, String seat, String part, double amount, Optional<Gear> remedy, int pieces) {

    /** What it is; the amount is given with each. */
    public enum Kind {
        /** Voices without a microphone, how many. */
        VOICES,
        NO_BOX,
        LEAD_MISSING,
        PLUG,
        PHANTOM_MISSING,
        PLUG_IN_POWER_MISSING,
        BOOSTER_STOPS_PHANTOM,
        RIBBON_PHANTOM,
        /** Inputs that are missing. */
        INPUTS,
        /** Tracks that are missing. */
        TRACKS,
        /** Gain that is missing, dB. */
        GAIN_SHORT,
        /** Gain that is needed, dB. */
        GAIN_STRAINED,
        /** Gain that is too much, dB. */
        GAIN_HOT,
        /** By how much the loudest line is over what the microphone takes, dB. */
        CAPSULE_CLIPS,
        /** By how much hum on the lead narrows the snr, dB. */
        UNBALANCED,
        /** Length that is missing, m. */
        LEAD_SHORT,
        AUTOMATIC,
        /** Bits that there are. */
        BITS,
        /** Headphones that are missing. */
        HEADPHONES,
        HEADPHONES_OPEN,
        /** Sockets for headphones that are missing. */
        HEADPHONE_OUTPUTS,
        /** By how much one's own voice is too soft in them with their knob wide open, dB. */
        HEADPHONES_QUIET,
        /** Loudspeakers over a lead that is not balanced. */
        LOUDSPEAKER_HUM,
        NO_DIRECT_MONITORING,
        HUB,
        /** Current that is drawn, mA. */
        USB_POWER,
        /** By how much two clocks drift apart in an hour, s. */
        TWO_CLOCKS,
        /** Stands or arms that are missing. */
        HOLDER,
        /** Reach that is missing, m. */
        REACH,
        /** Weight on the arm, kg. */
        WEIGHT,
        SHOCK_MOUNT,
        /** Puff at the capsule, dB. */
        POP_FILTER,
        /** What is left of the pop filter's effect, dB. */
        POP_FILTER_NEAR,
        /** Distance, m. */
        TOO_FAR,
        /** By how much less the microphone hears from the side that is spoken into than from its front, dB. */
        WRONG_SIDE;

        /** Name in reports, such as {@code two-clocks}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    static Miss of(Kind kind, Severity severity, String seat, String part, double amount) {
        return new Miss(kind, severity, seat, part, amount, Optional.empty(), 0);
    }

    Miss mendedBy(Optional<? extends Gear> gear, int count) {
        return new Miss(kind, severity, seat, part, amount, gear.map(g -> g), gear.isPresent() ? count : 0);
    }

    /** Another remedy where there was none. */
    Miss orMendedBy(Optional<? extends Gear> gear, int count) {
        return remedy.isPresent() ? this : mendedBy(gear, count);
    }

    /** What the remedy costs new; 0 where nothing has to be bought. */
    public double cost() {
        return remedy.map(g -> g.price().fresh() * pieces).orElse(0.0);
    }
}
