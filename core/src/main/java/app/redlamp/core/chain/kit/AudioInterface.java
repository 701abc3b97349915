package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.fault.Faults;
import java.util.Locale;
import java.util.Optional;

/**
 * A box with preamps and a converter.
 *
 * @param form what kind of box
 * @param inputs for microphones, 1 to 64
 * @param socket what goes into them
 * @param phantom whether it gives 48 V
 * @param tracks that reach the computer one by one; a mixer that sends its sum has two
 * @param headphoneOutputs 0 to 16
 * @param headphoneOut what each of them gives; absent where that is not known
 * @param directMonitoring whether one can hear oneself without the delay of the computer
 * @param busMilliamps what it draws from the computer; 0 where it has a supply or a battery of its own
 */
public record AudioInterface(
        String id,
        String name,
        Form form,
        int inputs,
        Plug socket,
        Preamp preamp,
        Converter converter,
        boolean phantom,
        int tracks,
        int headphoneOutputs,
        Optional<HeadphoneOutput> headphoneOut,
        boolean directMonitoring,
        int busMilliamps,
        Price price,
        String note)
        implements Gear {

    /** What kind of box. */
    public enum Form {
        INTERFACE,
        MIXER,
        RECORDER,
        /** The socket that a computer or a telephone has anyway. */
        SOUND_CARD;

        /** Name in files, such as {@code sound-card}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** @throws IllegalArgumentException out of range */
    public AudioInterface {
        Gear.check(id, name);
        if (!(inputs >= 1 && inputs <= 64 && tracks >= 1 && tracks <= 64)) {
            throw new IllegalArgumentException(Faults.say("audio-interface.inputs-tracks-must", name, inputs, tracks));
        }
        if (!(headphoneOutputs >= 0 && headphoneOutputs <= 16 && busMilliamps >= 0 && busMilliamps <= 5000)) {
            throw new IllegalArgumentException(
                    Faults.say("audio-interface.outputs-for-headphones", name, headphoneOutputs, busMilliamps));
        }
    }

    /** Voices that get a track each. */
    public int voices() {
        return Math.min(inputs, tracks);
    }
}
