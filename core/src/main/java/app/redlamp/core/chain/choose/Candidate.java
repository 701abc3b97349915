package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.fit.Lacks;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Seat;
import java.util.Locale;
import java.util.Map;

/**
 * A kit that comes into question, with what it would do.
 *
 * @param kit with every knob where it is wanted
 * @param path of the first voice
 * @param gain whether there is enough of it
 * @param cost of what is not there yet, new
 * @param lacks what is missing of what the job asks
 * @param flawed whether it has a fault that no figure shows: a level that moves by itself, two clocks
 */
public record Candidate(Kit kit, SignalPath path, GainFit gain, double cost, Lacks lacks, boolean flawed) {

    /** What is said about all of one sort at once. */
    public enum Family {
        TELEPHONE,
        COMPUTER,
        HEADSET,
        LAVALIER,
        USB_CONDENSER,
        USB_DYNAMIC,
        XLR_CONDENSER,
        XLR_DYNAMIC,
        RIBBON;

        /** Name in reports, such as {@code usb-condenser}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** Family that a microphone belongs to. */
        public static Family of(Microphone microphone) {
            boolean usb = microphone.isDigital();
            return switch (microphone.kind()) {
                case LARGE_CONDENSER, SMALL_CONDENSER -> usb ? USB_CONDENSER : XLR_CONDENSER;
                case DYNAMIC -> usb ? USB_DYNAMIC : XLR_DYNAMIC;
                case RIBBON -> RIBBON;
                case LAVALIER -> LAVALIER;
                case HEADSET -> HEADSET;
                case TELEPHONE -> TELEPHONE;
                case COMPUTER -> COMPUTER;
            };
        }
    }

    /** What can be done with it later. */
    public enum Growth {
        /** Everything is in one part: to better one thing all of it is replaced. */
        NONE,
        /** Each part can be bettered by itself. */
        PARTS,
        /** That, and there is an input free for one more voice. */
        VOICES;

        /** Name in reports, such as {@code parts}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Works out what a kit would do, with every knob where it is wanted.
     *
     * @return null never; the kit must have a preamp for its first voice
     */
    static Candidate of(Kit kit, Need need) {
        Kit set = kit.set(need.room(), need.finishing(), need.school());
        Chain chain = set.chain(0, need.room(), need.finishing()).orElseThrow();
        SignalPath path = SignalPath.of(chain);
        return new Candidate(
                set, path, GainFit.of(chain, need.school()), cost(set, need), Lacks.of(path, need), flawed(set));
    }

    /** What of a kit is not there yet costs new. */
    static double cost(Kit kit, Need need) {
        double sum = 0;
        for (Map.Entry<Gear, Integer> part : kit.parts().entrySet()) {
            sum += need.missing(part.getKey(), part.getValue())
                    * part.getKey().price().fresh();
        }
        return sum;
    }

    private static boolean flawed(Kit kit) {
        int digital = 0;
        boolean automatic = false;
        for (Seat seat : kit.seats()) {
            digital += seat.microphone().isDigital() ? 1 : 0;
            automatic |= seat.microphone()
                    .inside()
                    .filter(Microphone.Inside::automatic)
                    .isPresent();
        }
        return automatic || digital > 1;
    }

    /** Family of its microphone. */
    public Family family() {
        return Family.of(microphone());
    }

    /** Its microphone; all seats have the same. */
    public Microphone microphone() {
        return kit.seats().get(0).microphone();
    }

    /** How far it can grow later. */
    public Growth growth() {
        if (microphone().isDigital()) {
            return Growth.NONE;
        }
        int free = kit.box().map(AudioInterface::voices).orElse(0) - kit.seats().size();
        return free > 0 ? Growth.VOICES : Growth.PARTS;
    }

    /** Things that have to be put together for each voice: the effort. */
    public int things() {
        return kit.parts().values().stream().mapToInt(n -> n).sum();
    }

    /** Whether it costs no more than there is. */
    public boolean within(Need need) {
        return cost <= need.budget().orElse(Double.POSITIVE_INFINITY);
    }

    /** By how much the signal-to-noise ratio is larger than that of another. */
    public double gainOver(Candidate other) {
        return path.snrDb() - other.path.snrDb();
    }
}
