package app.redlamp.core.acoustics.diary;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.signal.AWeighting;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.FloatSeries;
import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;
import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.Arrays;
import java.util.stream.Stream;

/** Digests a recording of hours, block by block: one transform for each fifth of a second, of the channel that is louder. */
public final class DiaryMeter implements SampleSink {
    /** A level five times a second: what is shorter wakes nobody (ours). */
    private static final double FRAME_S = 0.2;

    /** Samples of one spectrum, a third of a second (ours). */
    private static final int BLOCK = 16_384;

    /** Below mains and motors there are no lines worth telling (ours). */
    private static final double LINE_FROM_HZ = 30;

    /** Eleven harmonics of 50 Hz, nine of 60 Hz (ours). */
    private static final double LINE_TO_HZ = 560;

    private final int length;
    private final float[][] waiting;
    private final float[] window;
    private final float[] work;
    private final float[] powers;
    private final double[] weights;
    private final int[] bands;
    private final Fourier transform;
    private final double scale;
    private final DiaryFrames frames;
    private final int lineFrom;
    private final double[] lineSums;
    private int filled;

    public DiaryMeter(int sampleRateHz, int channels) {
        length = PowerSpectrum.lengthFor(FRAME_S, sampleRateHz);
        waiting = new float[channels][length];
        window = Hann.window(length);
        work = new float[length];
        powers = new float[length / 2];
        scale = Hann.scale(window);
        transform = new Fourier(length);
        weights = new double[length / 2];
        bands = new int[length / 2];
        for (int k = 0; k < bands.length; k++) {
            double hz = (double) k * sampleRateHz / length;
            weights[k] = k == 0 ? 0 : Decibels.toPower(AWeighting.db(hz));
            bands[k] = OctaveLevels.bandOf(hz);
        }
        lineFrom = Math.max(1, (int) (LINE_FROM_HZ * length / sampleRateHz));
        lineSums = new double
                [Math.min(powers.length - lineFrom, (int) ((LINE_TO_HZ - LINE_FROM_HZ) * length / sampleRateHz))];
        frames = new DiaryFrames(
                (double) length / sampleRateHz,
                new FloatSeries(),
                new FloatSeries(),
                Stream.generate(FloatSeries::new).limit(OctaveLevels.COUNT).toList(),
                new FloatSeries(),
                lineSums.length);
    }

    /**
     * Reads a whole recording; the caller closes the source.
     *
     * @throws DiaryFault where it is silent or too short to be one
     */
    public static Diary of(AudioSource source) throws IOException {
        DiaryMeter meter = new DiaryMeter(source.sampleRateHz(), source.channels());
        float[][] block = new float[source.channels()][BLOCK];
        for (int n = source.read(block, BLOCK); n > 0; n = source.read(block, BLOCK)) {
            meter.accept(block, n);
        }
        return meter.diary();
    }

    @Override
    public void accept(float[][] block, int count) {
        int done = 0;
        while (done < count) {
            int more = Math.min(count - done, length - filled);
            for (int c = 0; c < waiting.length; c++) {
                System.arraycopy(block[c], done, waiting[c], filled, more);
            }
            filled += more;
            done += more;
            if (filled == length) {
                filled = 0;
                frame();
            }
        }
    }

    private void frame() {
        float[] loudest = waiting[0];
        double most = -1;
        for (float[] channel : waiting) {
            double sum = 0;
            for (float x : channel) {
                sum += (double) x * x;
            }
            if (sum > most) {
                most = sum;
                loudest = channel;
            }
        }
        // A frame with a sample that is no number counts as silent.
        boolean numbers = most >= 0 && most < Float.MAX_VALUE;
        for (int n = 0; n < length; n++) {
            work[n] = numbers ? loudest[n] * window[n] : 0;
        }
        transform.forward(work);
        double[] octaves = new double[OctaveLevels.COUNT];
        double weighted = 0;
        for (int k = 1; k < powers.length; k++) {
            double power = scale * (work[2 * k] * work[2 * k] + work[2 * k + 1] * work[2 * k + 1]);
            powers[k] = (float) power;
            weighted += power * weights[k];
            if (bands[k] != OctaveLevels.NO_BAND) {
                octaves[bands[k]] += power;
            }
        }
        frames.weighted().add((float) weighted);
        frames.low().add((float) (octaves[0] + octaves[1]));
        for (int b = 0; b < octaves.length; b++) {
            frames.octaves().get(b).add((float) octaves[b]);
        }
        lines();
    }

    /** Adds the low bins of a frame to those of its block. */
    private void lines() {
        for (int k = 0; k < lineSums.length; k++) {
            lineSums[k] += powers[lineFrom + k] / DiaryFrames.FRAMES_A_BLOCK;
        }
        if (frames.count() % DiaryFrames.FRAMES_A_BLOCK == 0) {
            for (double sum : lineSums) {
                frames.lines().add((float) sum);
            }
            Arrays.fill(lineSums, 0);
        }
    }

    /**
     * The diary of everything accepted.
     *
     * @throws DiaryFault where it is silent or too short
     */
    public Diary diary() throws DiaryFault {
        return DiaryReader.read(frames);
    }

    /** What was accepted so far: taken in no time, and read by another thread while more is accepted. */
    public Unread soFar() {
        return new Unread(frames.soFar());
    }

    /** A diary that nobody has read yet. */
    public static final class Unread {
        private final DiaryFrames frames;

        private Unread(DiaryFrames frames) {
            this.frames = frames;
        }

        /** @throws DiaryFault where it is silent or too short */
        public Diary read() throws DiaryFault {
            return DiaryReader.read(frames);
        }
    }
}
