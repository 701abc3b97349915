package app.redlamp.core.measure.voice;

/** What is known of each 10 ms of a recording, over all channels. Not copied: do not change. */
public final class VoiceFrames {
    private final float[] all;
    private final float[] bends;
    private final float[] low;

    /**
     * @param all mean squares; digital silence as 0
     * @param bends mean squares of the samples' second differences
     * @param low mean squares below 60 Hz
     */
    public VoiceFrames(float[] all, float[] bends, float[] low) {
        this.all = all;
        this.bends = bends;
        this.low = low;
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
}
