package app.redlamp.core.booth;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.fault.Faults;
import java.util.OptionalDouble;

/**
 * One microphone and who sits before it.
 *
 * @param name of who speaks
 * @param chain from the mouth to the file
 * @param popFilterM from the lips to a pop filter; absent for none
 * @param diaphragmM diameter of the microphone's diaphragm, 0.001 to 0.06 m
 * @param powered whether the microphone has the voltage that it needs
 * @param habits what the reader does besides reading
 * @param sliderDb what the slider of the system does behind the converter, −120 to 40 dB; 0 for nothing
 */
public record Stand(
        String name,
        Chain chain,
        OptionalDouble popFilterM,
        double diaphragmM,
        boolean powered,
        Habits habits,
        double sliderDb) {

    /** @throws IllegalArgumentException for a diaphragm or a slider out of range */
    public Stand {
        if (!(diaphragmM >= 0.001 && diaphragmM <= 0.06)) {
            throw new IllegalArgumentException(Faults.say("stand.diaphragm-must-lie", diaphragmM));
        }
        if (!(sliderDb >= -120 && sliderDb <= 40)) {
            throw new IllegalArgumentException(Faults.say("stand.slider-must-lie", sliderDb));
        }
    }

    /** Without a slider. */
    public Stand(
            String name, Chain chain, OptionalDouble popFilterM, double diaphragmM, boolean powered, Habits habits) {
        this(name, chain, popFilterM, diaphragmM, powered, habits, 0);
    }

    /** The same with another chain. */
    public Stand with(Chain other) {
        return new Stand(name, other, popFilterM, diaphragmM, powered, habits, sliderDb);
    }

    /** The same with its 48 V on or off. */
    public Stand powered(boolean on) {
        return new Stand(name, chain, popFilterM, diaphragmM, on, habits, sliderDb);
    }

    /** The same reader with other habits. */
    public Stand behaving(Habits other) {
        return new Stand(name, chain, popFilterM, diaphragmM, powered, other, sliderDb);
    }

    /** The same with a pop filter so many metres from the lips; absent for none. */
    public Stand screened(OptionalDouble metres) {
        return new Stand(name, chain, metres, diaphragmM, powered, habits, sliderDb);
    }

    /** The same with the slider of its system at so many dB. */
    public Stand slid(double db) {
        return new Stand(name, chain, popFilterM, diaphragmM, powered, habits, db);
    }
}
