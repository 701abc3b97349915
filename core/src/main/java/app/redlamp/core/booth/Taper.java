package app.redlamp.core.booth;

import app.redlamp.core.chain.Preamp;
import app.redlamp.core.units.Decibels;

/** How knob and slider of the simulated device go: without decibels, and not evenly, as with most that people have. */
public final class Taper {
    /** The upper half of the knob does most of the work (ours). */
    private static final double BEND = 1.4;

    /** Amplitude goes with the cube of a slider, as of many systems (common practice, no source). */
    private static final double CUBE = 3;

    /** Further down the slider is shut (ours). */
    private static final double LEAST = 0.02;

    private Taper() {}

    /** Gain in dB with the knob at a share of the way up, 0 to 1. */
    public static double gainDb(Preamp preamp, double share) {
        return preamp.within(preamp.minGainDb() + (preamp.maxGainDb() - preamp.minGainDb()) * Math.pow(share, BEND));
    }

    /** Share of the way up at which the knob gives a gain in dB; 0 for a knob that does nothing. */
    public static double knobShare(Preamp preamp, double gainDb) {
        double span = preamp.maxGainDb() - preamp.minGainDb();
        return span > 0 ? Math.pow((preamp.within(gainDb) - preamp.minGainDb()) / span, 1 / BEND) : 0;
    }

    /** What the slider does at a share of the way up, 0 to 1, in dB; 0 all the way up. */
    public static double sliderDb(double share) {
        return CUBE * Decibels.levelOfAmplitude(Math.max(LEAST, Math.min(1, share)));
    }
}
