package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.fault.Faults;
import java.util.Locale;
import java.util.Optional;

/**
 * A microphone.
 *
 * @param kind how it is built
 * @param capsule what it does to sound
 * @param address which side is its front
 * @param plug what comes out of it
 * @param power what it needs to work
 * @param inside preamp and converter, where they are built in
 * @param diaphragmM diameter of its diaphragm, 1 to 60 mm
 * @param weightKg 0 to 5
 */
public record Microphone(
        String id,
        String name,
        Kind kind,
        Capsule capsule,
        Address address,
        Plug plug,
        Power power,
        Optional<Inside> inside,
        double diaphragmM,
        double weightKg,
        Price price,
        String note)
        implements Gear {

    /** How it is built. */
    public enum Kind {
        LARGE_CONDENSER,
        SMALL_CONDENSER,
        DYNAMIC,
        RIBBON,
        LAVALIER,
        HEADSET,
        TELEPHONE,
        COMPUTER;

        /** Name in files, such as {@code large-condenser}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** Whether it is one of the condensers. */
        public boolean isCondenser() {
            return this == LARGE_CONDENSER || this == SMALL_CONDENSER;
        }

        /** Where it is used at its best, from mouth to capsule in metres (common practice, no source). */
        public double usualM() {
            return switch (this) {
                case LARGE_CONDENSER, SMALL_CONDENSER -> 0.18;
                case RIBBON -> 0.15;
                case DYNAMIC -> 0.08;
                case LAVALIER -> 0.20;
                case HEADSET -> 0.04;
                case TELEPHONE -> 0.25;
                case COMPUTER -> 0.50;
            };
        }

        /** Whether it is worn, so that neither stand nor pop filter belongs to it. */
        public boolean isWorn() {
            return this == LAVALIER || this == HEADSET;
        }

        /** Whether it stands before the mouth on something that holds it. */
        public boolean isHeld() {
            return !isWorn() && this != TELEPHONE && this != COMPUTER;
        }
    }

    /** Which side is the front. */
    public enum Address {
        /** The flat side, where the sign of its pattern is: spoken into across its length. */
        SIDE,
        /** The end, as one speaks into a torch. */
        END,
        /** It hears all round, or nobody can turn it. */
        ANY;

        /** Name in files, such as {@code side}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** What it needs to work. */
    public enum Power {
        NONE,
        /** 48 V on the lead (IEC 61938). */
        PHANTOM,
        /** A few volts out of a small jack. */
        PLUG_IN,
        USB;

        /** Name in files, such as {@code plug-in}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * What is built in.
     *
     * @param headphones whether headphones can be plugged into it and hear it without delay
     * @param headphoneOut what that socket gives; absent where that is not known, or there is none
     * @param automatic whether it sets its level by itself, which pumps the noise
     */
    public record Inside(
            Preamp preamp,
            Converter converter,
            boolean headphones,
            Optional<HeadphoneOutput> headphoneOut,
            boolean automatic) {}

    /** @throws IllegalArgumentException out of range, or where it neither has a converter nor a plug for one */
    public Microphone {
        Gear.check(id, name);
        if (!(diaphragmM >= 0.001 && diaphragmM <= 0.06 && weightKg >= 0 && weightKg <= 5)) {
            throw new IllegalArgumentException(Faults.say("microphone.diaphragm-must-lie", name, diaphragmM, weightKg));
        }
        boolean digital = plug == Plug.USB || plug == Plug.NONE;
        if (digital != inside.isPresent()) {
            throw new IllegalArgumentException(
                    Faults.say(digital ? "microphone.computer-needs-preamp" : "microphone.preamp-has-none", name));
        }
    }

    /** Whether it goes straight into a computer. */
    public boolean isDigital() {
        return inside.isPresent();
    }

    /** The same with another capsule. */
    public Microphone hearing(Capsule other) {
        return new Microphone(id, name, kind, other, address, plug, power, inside, diaphragmM, weightKg, price, note);
    }
}
