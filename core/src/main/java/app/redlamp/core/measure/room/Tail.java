package app.redlamp.core.measure.room;

import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;

/**
 * A reverberation that falls evenly, seen in frames of 10 ms: after a frame of sound, what the room still holds of it.
 *
 * @param decayS to −60 dB
 * @param directDb the voice itself over all of its reverberation
 */
record Tail(double decayS, double directDb) {
    /** Length of a frame (by definition). */
    private static final double FRAME_S = FrameClock.secondsOf(1);

    /** Share of the room's power that is left a frame later. */
    double keep() {
        return Math.exp(-1 / frames());
    }

    /**
     * Power in the room at the end of a frame, of each power that was in the frame and was not from the room. Sound comes
     * anywhere within the frame, so that some of its reverberation lies there already.
     */
    double feed() {
        double keep = keep();
        double room = Decibels.toPower(-directDb);
        double within = 1 - frames() * (1 - keep);
        return room * (1 - keep) * (1 - keep) * frames() / keep / (1 + room * within);
    }

    double clarityDb() {
        return Clarity.db(directDb, decayS);
    }

    /** In so many frames the power falls to 1/e. */
    private double frames() {
        return decayS / (6 * Math.log(10)) / FRAME_S;
    }
}
