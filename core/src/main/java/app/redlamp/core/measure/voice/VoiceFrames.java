package app.redlamp.core.measure.voice;

/** What is known of each 10 ms of a recording, over all channels. Not copied: do not change. */
public final class VoiceFrames {
    private final float[] all;
    private final float[] bends;
    private final float[] low;
    private final float[] middle;

    /**
     * @param all mean squares; digital silence as 0
     * @param bends mean squares of the samples' second differences
     * @param low mean squares below 60 Hz
     * @param middle mean squares around 1 kHz, as {@link app.redlamp.core.measure.room.MiddleBand} has them
     */
    public VoiceFrames(float[] all, float[] bends, float[] low, float[] middle) {
        this.all = all;
        this.bends = bends;
        this.low = low;
        this.middle = middle;
    }

    /** Mean squares. */
    public float[] all() {
        return all;
    }

    /** Mean squares of second differences. */
    public float[] bends() {
        return bends;
    }

    float[] low() {
        return low;
    }

    float[] middle() {
        return middle;
    }
}
