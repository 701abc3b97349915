package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.kit.Need;

/**
 * What a way from mouth to file lacks of what a job asks, in dB; 0 for nothing. One rule for the verdict, the table of choices
 * and what a better part would bring.
 *
 * @param signalToNoiseDb of the signal-to-noise ratio in the file
 * @param headroomDb of headroom: by so much the loudest line is cut off
 * @param clarityDb of clarity in the room
 */
public record Lacks(double signalToNoiseDb, double headroomDb, double clarityDb) {
    /**
     * Less clarity than this is not missed: the just noticeable difference of early-to-late energy in speech is 1.1 dB
     * (Bradley, Reich and Norcross, J. Acoust. Soc. Am. 106, 1999; from memory).
     */
    public static final double CLARITY_SLACK_DB = 1.1;

    /** @param path with its knob where the loudest line is wanted, or as it is */
    public static Lacks of(SignalPath path, Need need) {
        double clarity = need.clarityDb() - path.clarityDb();
        return new Lacks(
                Math.max(0, -path.marginDb()),
                Math.max(0, -path.headroomDb()),
                clarity > CLARITY_SLACK_DB ? clarity : 0);
    }

    /** Whether nothing is missing. */
    public boolean nothing() {
        return sumDb() == 0;
    }

    /** All of it together, in dB; only good for putting things in an order. */
    public double sumDb() {
        return signalToNoiseDb + headroomDb + clarityDb;
    }
}
