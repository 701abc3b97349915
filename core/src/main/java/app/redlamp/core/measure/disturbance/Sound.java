package app.redlamp.core.measure.disturbance;

/** A sound that stands by itself, described as far as is asked: most are words, and little is needed to see that. */
final class Sound {
    private final float[] samples;
    private final int sampleRateHz;
    private final Ranges ranges;
    private Crackle crackle;
    private Pulses strokes;
    private Thump thump;
    private Pitch pitch;

    /** @param samples its samples without an offset, a little of the quiet around it with them */
    Sound(float[] samples, Ranges ranges, int sampleRateHz) {
        this.samples = samples;
        this.ranges = ranges;
        this.sampleRateHz = sampleRateHz;
    }

    Ranges ranges() {
        return ranges;
    }

    Crackle crackle() {
        crackle = crackle == null ? Crackle.of(samples, sampleRateHz) : crackle;
        return crackle;
    }

    /** As of {@link Creak}. */
    Pulses strokes() {
        strokes = strokes == null ? Creak.of(samples, sampleRateHz) : strokes;
        return strokes;
    }

    Thump thump() {
        thump = thump == null ? Thump.of(samples, sampleRateHz) : thump;
        return thump;
    }

    Pitch pitch() {
        pitch = pitch == null ? Pitch.of(samples, sampleRateHz) : pitch;
        return pitch;
    }
}
