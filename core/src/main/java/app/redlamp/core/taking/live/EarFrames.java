package app.redlamp.core.taking.live;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;

/**
 * What is heard, in frames of 10 ms: filled by the capturing thread, which waits for nobody and allocates nothing, and read by one other
 * thread. Whoever reads later than {@value #KEPT} frames misses some.
 */
public final class EarFrames {
    /** Frames that are kept: forty seconds (ours). */
    private static final int KEPT = 4096;

    /** Voices have their syllables between these (after de Jong and Wempe 2009, from memory). */
    private static final double LOW_HZ = 250;

    /** The upper one (after de Jong and Wempe 2009, from memory). */
    private static final double HIGH_HZ = 3500;

    /** Bursts of breath lie below, and voices hardly reach there (common practice, no source). */
    private static final double BREATH_HZ = 70;

    /** Full scale (by definition). */
    static final float FULL = 0.9999f;

    /** Softer than any converter (ours). */
    private static final double LEAST = 1e-15;

    private final int sampleRateHz;
    private final BiquadFilter highPass;
    private final BiquadFilter lowPass;
    private final BiquadFilter breath;
    private final float[] levels = new float[KEPT];
    private final float[] voiced = new float[KEPT];
    private final float[] low = new float[KEPT];
    private final float[] peaks = new float[KEPT];
    private volatile long written;
    private volatile long clipped;
    private long frames;
    private long full;
    private long read;
    private double power;
    private double voicedPower;
    private double lowPower;
    private float peak;
    private long done;
    private long frameTo;
    private long frameFrom;

    /**
     * One frame.
     *
     * @param levelDbfs RMS
     * @param voicedDbfs RMS between 250 Hz and 3.5 kHz
     * @param breathDbfs RMS below 70 Hz
     * @param peak largest sample, full scale 1
     */
    public record Frame(double levelDbfs, double voicedDbfs, double breathDbfs, double peak) {}

    /** Takes frames one after the other. */
    @FunctionalInterface
    public interface Reader {
        void frame(Frame frame);
    }

    public EarFrames(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        highPass = new BiquadFilter(Biquad.highPass(LOW_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        lowPass = new BiquadFilter(Biquad.lowPass(HIGH_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        breath = new BiquadFilter(Biquad.lowPass(BREATH_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz));
        frameTo = FrameClock.startOf(1, sampleRateHz);
    }

    /** The next samples, on the capturing thread. */
    public void accept(float[] samples, int count) {
        for (int i = 0; i < count; i++) {
            float x = Float.isFinite(samples[i]) ? samples[i] : 0;
            float size = Math.abs(x);
            peak = Math.max(peak, size);
            if (size >= FULL) {
                full++;
                clipped = full;
            }
            power += (double) x * x;
            double voice = lowPass.next(highPass.next(x));
            voicedPower += voice * voice;
            double rumble = breath.next(x);
            lowPower += rumble * rumble;
            done++;
            if (done == frameTo) {
                close();
            }
        }
    }

    private void close() {
        int at = (int) (frames % KEPT);
        double length = frameTo - frameFrom;
        levels[at] = db(power / length);
        voiced[at] = db(voicedPower / length);
        low[at] = db(lowPower / length);
        peaks[at] = peak;
        power = 0;
        voicedPower = 0;
        lowPower = 0;
        peak = 0;
        frames++;
        written = frames;
        frameFrom = frameTo;
        frameTo = FrameClock.startOf(frames + 1, sampleRateHz);
    }

    private static float db(double square) {
        return (float) Decibels.levelOfPower(Math.max(LEAST, square));
    }

    /** Samples at full scale so far. */
    public long clipped() {
        return clipped;
    }

    /** All frames that came since it was last asked, on the reading thread. */
    public void drain(Reader reader) {
        long now = written;
        read = Math.max(read, now - KEPT / 2);
        while (read < now) {
            int at = (int) (read % KEPT);
            reader.frame(new Frame(levels[at], voiced[at], low[at], peaks[at]));
            read++;
        }
    }
}
