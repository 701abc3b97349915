package app.redlamp.core.booth;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/** What a broken device makes of a sound. */
public final class DefectiveSource extends SourceStep {
    /** The cable is pulled so late (ours). */
    private static final double GONE_AFTER_S = 3;

    /** A block is lost so often (ours). */
    private static final double STUTTER_EVERY_S = 2.7;

    /** And is so long (ours). */
    private static final double STUTTER_S = 0.02;

    /** A sample is no number so often (ours). */
    private static final double NUMBERLESS_EVERY_S = 1.3;

    /** Half of full scale: what clips before the converter (ours). */
    private static final float CEILING = 0.5f;

    /** A direct voltage that is plainly one (ours). */
    private static final float OFFSET = 0.02f;

    /** The band of a headset on a phone (ITU-T G.712, from memory). */
    private static final double NARROW_HZ = 3400;

    /** Where an automatic gain wants the voice (ours). */
    private static final double WANTED_RMS = 0.08;

    /** How fast it comes down (ours). */
    private static final double ATTACK_S = 0.02;

    /** How fast it goes up (ours). */
    private static final double RELEASE_S = 0.2;

    /** And how far (ours). */
    private static final double MOST_GAIN = 30;

    private final Defect defect;
    private final BiquadFilter[][] narrow;
    private final double attack;
    private final double release;
    private double level = WANTED_RMS * WANTED_RMS;
    private long position;

    public DefectiveSource(AudioSource source, Defect defect) {
        super(source);
        this.defect = defect;
        int rate = source.sampleRateHz();
        narrow = new BiquadFilter[source.channels()][4];
        for (BiquadFilter[] filters : narrow) {
            for (int i = 0; i < filters.length; i++) {
                double corner = Math.min(NARROW_HZ, 0.45 * rate);
                filters[i] = new BiquadFilter(Biquad.lowPass(corner, i % 2 == 0 ? 0.5412 : 1.3066, rate));
            }
        }
        attack = 1 - Math.exp(-1 / (ATTACK_S * rate));
        release = 1 - Math.exp(-1 / (RELEASE_S * rate));
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        if (defect == Defect.GONE && position > GONE_AFTER_S * sampleRateHz()) {
            return 0;
        }
        int count = source.read(block, frames);
        for (int n = 0; n < count; n++) {
            spoil(block, n);
            position++;
        }
        return count;
    }

    private void spoil(float[][] block, int n) {
        double gain = defect == Defect.AUTOMATIC_GAIN ? followed(block, n) : 1;
        for (int c = 0; c < block.length; c++) {
            float x = block[c][n];
            block[c][n] = switch (defect) {
                case GONE -> x;
                case ZEROS -> 0;
                case NOT_A_NUMBER -> every(NUMBERLESS_EVERY_S, 0) ? Float.NaN : x;
                case NARROW_BAND -> narrowed(c, x);
                case STUTTER -> every(STUTTER_EVERY_S, STUTTER_S) ? 0 : x;
                case FIRST_CHANNEL_SILENT -> c == 0 ? 0 : x;
                case CLIPPED_BELOW -> Math.max(-CEILING, Math.min(CEILING, x));
                case AUTOMATIC_GAIN -> (float) Math.max(-1, Math.min(1, gain * x));
                case OFFSET -> x + OFFSET;
            };
        }
    }

    private boolean every(double periodS, double lengthS) {
        long period = (long) (periodS * sampleRateHz());
        return position % period <= (long) (lengthS * sampleRateHz()) && position >= period;
    }

    private float narrowed(int channel, float x) {
        double y = x;
        for (BiquadFilter filter : narrow[channel]) {
            y = filter.next(y);
        }
        return (float) y;
    }

    /** Quickly down, slowly up. */
    private double followed(float[][] block, int n) {
        double square = 0;
        for (float[] channel : block) {
            square = Math.max(square, (double) channel[n] * channel[n]);
        }
        level += (square > level ? attack : release) * (square - level);
        return Math.min(MOST_GAIN, WANTED_RMS / Math.sqrt(Math.max(1e-12, level)));
    }
}
