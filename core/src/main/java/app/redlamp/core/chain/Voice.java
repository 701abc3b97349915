package app.redlamp.core.chain;

import app.redlamp.core.fault.Faults;

/**
 * Whoever speaks.
 *
 * @param reading how loud most of the job is
 * @param loudest the loudest line of the job, at least as loud
 * @param crestDb from the average up to the peaks; speech has 12 to 18 dB (common practice, no source)
 */
public record Voice(VocalEffort reading, VocalEffort loudest, double crestDb) {
    /** Peaks of reading over its average (common practice, no source). */
    public static final double USUAL_CREST_DB = 15;

    /** Somebody who reads on and gets one step louder. */
    public static final Voice USUAL = new Voice(VocalEffort.NORMAL, VocalEffort.RAISED, USUAL_CREST_DB);

    /** @throws IllegalArgumentException for a loudest line that is softer, or peaks out of 3 to 30 dB */
    public Voice {
        if (loudest.compareTo(reading) < 0 || !(crestDb >= 3 && crestDb <= 30)) {
            throw new IllegalArgumentException(
                    Faults.say("voice.loudest-line-over", loudest.id(), reading.id(), crestDb));
        }
    }

    /** Another effort; what is loudest keeps its distance upwards. */
    public Voice reading(VocalEffort effort) {
        return new Voice(effort, effort.compareTo(loudest) > 0 ? effort : loudest, crestDb);
    }

    /** The same with a loudest line of another effort. */
    public Voice loudest(VocalEffort effort) {
        return new Voice(effort.compareTo(reading) < 0 ? effort : reading, effort, crestDb);
    }

    /** By how much the loudest line is louder than the rest, in dB. */
    public double swellDb() {
        return loudest.atOneMetreDb() - reading.atOneMetreDb();
    }
}
