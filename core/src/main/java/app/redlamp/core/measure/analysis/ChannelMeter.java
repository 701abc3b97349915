package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.loudness.ActiveSpeech;
import app.redlamp.core.measure.loudness.ActiveSpeechMeter;
import app.redlamp.core.measure.loudness.CeilingMeter;
import app.redlamp.core.measure.loudness.ClipMeter;
import app.redlamp.core.measure.loudness.KWeighting;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.loudness.TruePeakMeter;
import app.redlamp.core.measure.room.MiddleBand;
import app.redlamp.core.measure.voice.BreakMeter;
import app.redlamp.core.measure.voice.ClickMeter;
import app.redlamp.core.measure.voice.DropoutMeter;
import app.redlamp.core.measure.voice.RepeatMeter;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;

/**
 * Everything that is measured of one channel. What looks at every sample does so in two loops: the weighting, each of
 * whose samples waits for the one before, and the sums, which wait for nothing; together they would need more registers
 * than there are.
 */
final class ChannelMeter {
    /** Plosives blow below this (common practice, no source). */
    static final double LOW_HZ = 60;

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double NOTHING = 1e-30;

    private final int channel;
    private final ClipMeter clips;
    private final TruePeakMeter truePeak;
    private final ClickMeter clicks = new ClickMeter();
    private final DropoutMeter dropouts;
    private final RepeatMeter repeats;
    private final BreakMeter breaks;
    private final CeilingMeter ceiling = new CeilingMeter();
    private final ActiveSpeechMeter activeSpeech = new ActiveSpeechMeter(FrameClock.TICKS_PER_SECOND);
    private final OffsetTracker offset;
    private final MiddleBand middle = new MiddleBand();
    private final BiquadFilter low;
    private final BiquadFilter lower;
    private final BiquadFilter rumble;
    private final Biquad shelf;
    private final Biquad weighting;

    /** The shelf's numerator is divided by its first coefficient; closing a frame makes up for it. */
    private final double shelfB1;

    private final double shelfB2;

    /** The last samples and the last outputs of the shelf and of the weighting. */
    private double x1;

    private double x2;
    private double s1;
    private double s2;
    private double w1;
    private double w2;

    /** The last sample without offset, the step that led to it, and that step and the one before it. */
    private float last;

    private float step;

    private float pair;

    private long samples;
    private double squares;
    private int frameSamples;
    private double rumbleSquares;
    private double frameSquares;
    private double frameWeighted;
    private double frameBends;
    private double frameLow;
    private float framePeak;

    ChannelMeter(int channel, int sampleRateHz, ClipMeter clips) {
        this.channel = channel;
        this.clips = clips;
        truePeak = new TruePeakMeter(sampleRateHz);
        dropouts = new DropoutMeter(sampleRateHz);
        repeats = new RepeatMeter(sampleRateHz);
        breaks = new BreakMeter(sampleRateHz);
        double ticks = FrameClock.TICKS_PER_SECOND;
        // Two sections of these Q make a Butterworth response of 24 dB an octave.
        low = new BiquadFilter(Biquad.lowPass(LOW_HZ, 0.5412, ticks));
        lower = new BiquadFilter(Biquad.lowPass(LOW_HZ, 1.3066, ticks));
        rumble = new BiquadFilter(Biquad.lowPass(HighPassed.CORNER_HZ, Biquad.BUTTERWORTH_Q, ticks));
        offset = new OffsetTracker();
        shelf = KWeighting.shelf(sampleRateHz);
        weighting = KWeighting.highPass(sampleRateHz);
        shelfB1 = shelf.b1() / shelf.b0();
        shelfB2 = shelf.b2() / shelf.b0();
    }

    /** Takes a block for whatever needs no frames. */
    void block(float[] block, int count) {
        truePeak.accept(block, count);
        clips.accept(channel, block, count);
        dropouts.accept(block, count);
        repeats.accept(block, count);
        breaks.accept(block, count);
    }

    /** Takes the samples of one tick. */
    void tick(float[] block, int from, int to) {
        add(offset.take(block, from, to), to - from);
        weigh(block, from, to);
        middle.tick(block, from, to);
        samples += to - from;
        frameSamples += to - from;
    }

    private void weigh(float[] block, int from, int to) {
        double b1 = shelfB1;
        double b2 = shelfB2;
        double a1 = shelf.a1();
        double a2 = shelf.a2();
        double wa1 = weighting.a1();
        double wa2 = weighting.a2();
        double before = x1;
        double beforeThat = x2;
        double shelved1 = s1;
        double shelved2 = s2;
        double rise1 = s1 - s2;
        double weighted1 = w1;
        double weighted2 = w2;
        double weighted = 0;
        for (int i = from; i < to; i++) {
            double x = block[i];
            double shelved = x + b1 * before + b2 * beforeThat - a2 * shelved2 - a1 * shelved1;
            double rise = shelved - shelved1;
            double w = rise - rise1 - wa2 * weighted2 - wa1 * weighted1;
            weighted += w * w;
            beforeThat = before;
            before = x;
            shelved2 = shelved1;
            shelved1 = shelved;
            rise1 = rise;
            weighted2 = weighted1;
            weighted1 = w;
        }
        x1 = before;
        x2 = beforeThat;
        s1 = emptied(shelved1);
        s2 = emptied(shelved2);
        w1 = emptied(weighted1);
        w2 = emptied(weighted2);
        frameWeighted += weighted;
    }

    /** Sums of one tick; that few samples add up well in single precision. */
    private void add(float[] block, int count) {
        float before = last;
        float step1 = step;
        float pair1 = pair;
        float total = 0;
        float magnitudes = 0;
        float squared = 0;
        float bends = 0;
        float edges = 0;
        float peak = framePeak;
        for (int i = 0; i < count; i++) {
            float x = block[i];
            float rise = x - before;
            float bend = rise - step1;
            float both = rise + step1;
            float edge = both + pair1;
            total += x;
            float magnitude = Math.abs(x);
            magnitudes += magnitude;
            peak = Math.max(peak, magnitude);
            squared += x * x;
            bends += bend * bend;
            edges += edge * edge;
            before = x;
            step1 = rise;
            pair1 = both;
        }
        last = before;
        step = step1;
        pair = pair1;
        framePeak = peak;
        frameSquares += squared;
        frameBends += bends;
        double share = 1.0 / count;
        slow(total * share, magnitudes * share, count);
        clicks.tick(bends * share, edges * share);
    }

    /** What moves slowly sees the means of ticks. */
    private void slow(double mean, double magnitude, int count) {
        activeSpeech.next(magnitude);
        double blown = lower.next(low.next(mean));
        frameLow += count * blown * blown;
        double rumbled = rumble.next(mean);
        rumbleSquares += count * rumbled * rumbled;
    }

    /** Below −600 dB a memory is empty: numbers near the smallest there are cost a processor dearly. */
    private static double emptied(double value) {
        return Math.abs(value) < NOTHING ? 0 : value;
    }

    /** Ends the frame: puts its mean squares into {@code into} and begins a new one. */
    void closeFrame(Frame into) {
        double count = frameSamples;
        into.weighted[channel] = shelf.b0() * shelf.b0() * frameWeighted / count;
        into.square[channel] = frameSquares / count;
        into.bends[channel] = frameBends / count;
        into.low[channel] = frameLow / count;
        into.middle[channel] = middle.closeFrame();
        into.variance[channel] = offset.closeFrame();
        ceiling.add(framePeak);
        framePeak = 0;
        frameSamples = 0;
        squares += frameSquares;
        frameSquares = 0;
        frameWeighted = 0;
        frameBends = 0;
        frameLow = 0;
    }

    /**
     * One frame of all channels: mean squares, weighted, as they are, of second differences, below 60 Hz, around 1 kHz, without
     * their mean.
     */
    static final class Frame {
        final double[] weighted;
        final double[] square;
        final double[] bends;
        final double[] low;
        final double[] middle;
        final double[] variance;

        Frame(int channels) {
            weighted = new double[channels];
            square = new double[channels];
            bends = new double[channels];
            low = new double[channels];
            middle = new double[channels];
            variance = new double[channels];
        }
    }

    Levels.Channel levels() {
        return new Levels.Channel(
                truePeak.truePeakDbtp(),
                truePeak.samplePeakDbfs(),
                Decibels.ofPower(samples == 0 ? 0 : wholeSquares() / samples),
                offset.offset(),
                ceiling.share());
    }

    ActiveSpeech activeSpeech() {
        return activeSpeech.result(wholeSquares(), samples);
    }

    /**
     * Mean square behind the high-pass. A Butterworth high-pass and the low-pass of the same corner share all power
     * between them, so that nothing but the low-pass need run.
     */
    double highPassedMeanSquare() {
        return samples == 0 ? 0 : Math.max(0, wholeSquares() - rumbleSquares) / samples;
    }

    ClickMeter clicks() {
        return clicks;
    }

    DropoutMeter dropouts() {
        return dropouts;
    }

    RepeatMeter repeats() {
        return repeats;
    }

    BreakMeter breaks() {
        return breaks;
    }

    private double wholeSquares() {
        return squares + frameSquares;
    }
}
