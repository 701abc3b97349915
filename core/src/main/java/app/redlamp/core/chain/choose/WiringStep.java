package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.fit.HeadphoneLevel;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * A step of putting a kit together.
 *
 * @param kind what to do
 * @param seat for which voice; empty for all
 * @param part with what, by name; empty for nothing
 * @param db where a knob is put; for headphones how loud they can get, where that is known; 0 in all other steps
 */
public record WiringStep(Kind kind, String seat, String part, double db) {

    /** What to do, in the order in which it is done. */
    public enum Kind {
        /** Faders, knobs and loudspeakers down, headphones off the ears. */
        ALL_DOWN,
        PHANTOM_OFF,
        /** Passive ribbon microphones are no friends of 48 V. */
        RIBBON,
        MOUNT,
        /** Spoken into across its length. */
        SIDE_ADDRESS,
        END_ADDRESS,
        LEAD_MICROPHONE,
        BOOSTER,
        LEAD_BOX,
        /** Straight into a port, and not into a hub. */
        PORT,
        HEADPHONES,
        /** Where it is known how loud they get. */
        HEADPHONES_LOUD,
        PHANTOM_ON,
        /** Until the voltage has settled and the pop is over. */
        WAIT,
        /** Faders of a mixer at unity. */
        UNITY,
        /** What the computer does by itself: level, noise, echo. */
        AUTOMATIC_OFF,
        GAIN,
        LISTEN;

        /** Name in reports, such as {@code phantom-off}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** All steps for a kit. */
    public static List<WiringStep> of(Kit kit) {
        List<WiringStep> steps = new ArrayList<>();
        boolean phantom = kit.seats().stream()
                .anyMatch(s -> s.microphone().power() == Microphone.Power.PHANTOM
                        || s.booster().isPresent());
        boolean box = kit.box().isPresent()
                && kit.seats().stream().anyMatch(s -> !s.microphone().isDigital());
        steps.add(all(Kind.ALL_DOWN));
        if (box && kit.box().get().phantom()) {
            steps.add(with(Kind.PHANTOM_OFF, kit.box().get()));
        }
        for (Seat seat : kit.seats()) {
            put(steps, seat, kit);
        }
        if (box && kit.box().get().form() != AudioInterface.Form.SOUND_CARD) {
            steps.add(with(Kind.PORT, kit.box().get()));
        }
        OptionalDouble loudest = HeadphoneLevel.loudestDb(kit);
        steps.add(
                loudest.isPresent()
                        ? new WiringStep(Kind.HEADPHONES_LOUD, "", "", loudest.getAsDouble())
                        : all(Kind.HEADPHONES));
        if (box && phantom) {
            steps.add(with(Kind.PHANTOM_ON, kit.box().get()));
            steps.add(all(Kind.WAIT));
        }
        if (box && kit.box().get().form() == AudioInterface.Form.MIXER) {
            steps.add(with(Kind.UNITY, kit.box().get()));
        }
        steps.add(all(Kind.AUTOMATIC_OFF));
        for (Seat seat : kit.seats()) {
            steps.add(new WiringStep(Kind.GAIN, seat.name(), seat.microphone().shortName(), seat.gainDb()));
        }
        steps.add(all(Kind.LISTEN));
        return steps;
    }

    private static void put(List<WiringStep> steps, Seat seat, Kit kit) {
        Microphone microphone = seat.microphone();
        if (microphone.kind() == Microphone.Kind.RIBBON) {
            steps.add(of(Kind.RIBBON, seat, microphone));
        }
        if (microphone.kind().isHeld() || microphone.kind().isWorn()) {
            steps.add(of(Kind.MOUNT, seat, microphone));
        }
        switch (microphone.address()) {
            case SIDE -> steps.add(of(Kind.SIDE_ADDRESS, seat, microphone));
            case END -> steps.add(of(Kind.END_ADDRESS, seat, microphone));
            case ANY -> {}
        }
        if (microphone.isDigital()) {
            if (microphone.plug() == Plug.USB) {
                steps.add(of(Kind.PORT, seat, microphone));
            }
            return;
        }
        seat.cable().ifPresent(c -> steps.add(of(Kind.LEAD_MICROPHONE, seat, c)));
        seat.booster().ifPresent(b -> steps.add(of(Kind.BOOSTER, seat, b)));
        kit.box().ifPresent(b -> steps.add(of(Kind.LEAD_BOX, seat, b)));
    }

    private static WiringStep of(Kind kind, Seat seat, Gear part) {
        return new WiringStep(kind, seat.name(), part.shortName(), 0);
    }

    private static WiringStep with(Kind kind, Gear part) {
        return new WiringStep(kind, "", part.shortName(), 0);
    }

    private static WiringStep all(Kind kind) {
        return new WiringStep(kind, "", "", 0);
    }
}
