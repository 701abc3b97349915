package app.redlamp.core.setting.level;

import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.Hann;
import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/**
 * What is heard just now, for a picture that follows: level, peaks, hills and spectrum of one channel. Takes blocks on one
 * thread and is looked at from another; neither allocates.
 *
 * <p>The level shows peaks at once and falls by 20 dB in 1.7 s (IEC 60268-18, from memory).
 */
public final class LiveMeter {
    /** Seconds that hills and peaks remember (ours). */
    public static final double REMEMBERS_S = 30;

    /** A hill's level is a mean of so long (ours). */
    private static final double LEVEL_S = 0.05;

    /** Levels that are kept (by definition). */
    private static final int LEVELS = (int) (REMEMBERS_S / LEVEL_S);

    /** A peak is the highest sample of so much (ours). */
    private static final int LEVELS_A_PEAK = 8;

    /** Peaks that are kept (by definition). */
    static final int PEAKS = LEVELS / LEVELS_A_PEAK;

    /** 20 dB in 1.7 s, as peak programme meters fall (IEC 60268-10, type I, from memory). */
    private static final double FALL_DB_A_S = 20 / 1.7;

    /** Spectra of so long (ours). */
    private static final double WINDOW_S = 0.17;

    /** Share of a new spectrum in the drawn one (ours). */
    private static final double FOLLOW = 0.3;

    /** What stands for nothing (ours). */
    private static final float SILENCE_DB = -150;

    /** Levels so far over the floor are voice (ours). */
    private static final double VOICE_OVER_DB = 8;

    /** Fewer of them are none: whoever speaks for a second in half a minute is above (ours). */
    private static final double RARE_SHARE = 0.02;

    /** The quietest tenth is the floor (common practice, no source). */
    private static final double QUIET_SHARE = 0.1;

    private final int samplesALevel;
    private final double fallASample;
    private final float[] levels = new float[LEVELS];
    private final float[] peaks = new float[PEAKS];
    private final float[] sorted = new float[LEVELS];
    private final Fourier transform;
    private final float[] ring;
    private final float[] window;
    private final float[] work;
    private final float[] bands = new float[OctaveBands.THIRDS.count()];
    private final int[] bandOfBin;
    private final double[] sums = new double[OctaveBands.THIRDS.count()];
    private final double scale;
    private double shown;
    private double square;
    private float peak;
    private float levelPeak;
    private int inLevel;
    private int levelCount;
    private int peakCount;
    private int ringAt;
    private int ringNew;
    private float highest;
    private long clipped;
    private long levelsSoFar;
    private long spectraSoFar;

    /** What is looked at; filled by {@link LiveMeter#look} and used again. */
    public static final class Look {
        private final int[] noise = new int[LevelHistogram.BINS];
        private final int[] voice = new int[LevelHistogram.BINS];
        private final float[] peaksDb = new float[PEAKS];
        private final float[] thirdsDb = new float[OctaveBands.THIRDS.count()];
        private double levelDb;
        private double highestDb;
        private double quietDb;
        private long clipped;
        private int peakCount;
        private long hills;
        private long spectra;

        /** Another number where hills and peaks are others than before: about twenty times a second. */
        public long hills() {
            return hills;
        }

        /** Another number where the spectrum is another than before: about twelve times a second. */
        public long spectra() {
            return spectra;
        }

        /** Counts of the noise in the bins of {@link LevelHistogram}. */
        public int noise(int bin) {
            return noise[bin];
        }

        /** How often a level was voice, by its half decibel. */
        public int voice(int bin) {
            return voice[bin];
        }

        /** How many peaks are remembered. */
        public int peakCount() {
            return peakCount;
        }

        /** A peak in dBFS, the oldest first. */
        public double peakDb(int index) {
            return peaksDb[index];
        }

        /** Level in a third octave of {@link OctaveBands#THIRDS} in dBFS. */
        public double thirdDb(int band) {
            return thirdsDb[band];
        }

        /** The level that the meter shows, in dBFS. */
        public double levelDb() {
            return levelDb;
        }

        /** Highest peak since it was last forgotten, in dBFS. */
        public double highestDb() {
            return highestDb;
        }

        /** What a tenth of the last half minute does not go over, in dBFS RMS. */
        public double quietDb() {
            return quietDb;
        }

        /** Samples at full scale since it was last forgotten. */
        public long clipped() {
            return clipped;
        }
    }

    public LiveMeter(int sampleRateHz) {
        samplesALevel = (int) (LEVEL_S * sampleRateHz);
        fallASample = Decibels.toAmplitude(-FALL_DB_A_S / sampleRateHz);
        int size = Integer.highestOneBit((int) (WINDOW_S * sampleRateHz));
        transform = new Fourier(size);
        ring = new float[size];
        window = Hann.window(size);
        work = new float[size];
        scale = Hann.scale(window);
        bandOfBin = new int[size / 2];
        for (int k = 0; k < bandOfBin.length; k++) {
            bandOfBin[k] = -1;
            double hz = (double) k * sampleRateHz / size;
            for (int b = 0; b < bands.length; b++) {
                if (OctaveBands.THIRDS.contains(b, hz)) {
                    bandOfBin[k] = b;
                }
            }
        }
        Arrays.fill(bands, SILENCE_DB);
    }

    /** Takes the next samples; what is no number counts as silence. */
    public synchronized void accept(float[] samples, int count) {
        for (int n = 0; n < count; n++) {
            float x = Float.isFinite(samples[n]) ? samples[n] : 0;
            float size = Math.abs(x);
            shown = Math.max(size, shown * fallASample);
            peak = Math.max(peak, size);
            clipped += size >= 0.9999f ? 1 : 0;
            square += (double) x * x;
            ring[ringAt] = x;
            ringAt = ringAt + 1 == ring.length ? 0 : ringAt + 1;
            inLevel++;
            if (inLevel == samplesALevel) {
                closeLevel();
            }
        }
        highest = Math.max(highest, peak);
        ringNew += count;
        if (ringNew >= ring.length / 2) {
            ringNew = 0;
            spectrum();
        }
    }

    private void closeLevel() {
        levels[levelCount % LEVELS] = db(Math.sqrt(square / samplesALevel));
        levelCount++;
        levelsSoFar++;
        levelPeak = Math.max(levelPeak, peak);
        highest = Math.max(highest, peak);
        if (levelCount % LEVELS_A_PEAK == 0) {
            peaks[peakCount % PEAKS] = db(levelPeak);
            peakCount++;
            levelPeak = 0;
        }
        peak = 0;
        square = 0;
        inLevel = 0;
    }

    private void spectrum() {
        spectraSoFar++;
        for (int n = 0; n < ring.length; n++) {
            work[n] = ring[(ringAt + n) % ring.length] * window[n];
        }
        transform.forward(work);
        Arrays.fill(sums, 0);
        for (int k = 1; k < bandOfBin.length; k++) {
            if (bandOfBin[k] >= 0) {
                sums[bandOfBin[k]] += scale * (work[2 * k] * work[2 * k] + work[2 * k + 1] * work[2 * k + 1]);
            }
        }
        for (int b = 0; b < bands.length; b++) {
            float now = db(Math.sqrt(sums[b]));
            bands[b] = bands[b] <= SILENCE_DB ? now : (float) (bands[b] + FOLLOW * (now - bands[b]));
        }
    }

    private static float db(double amplitude) {
        return amplitude < 1e-7 ? SILENCE_DB : (float) Decibels.levelOfAmplitude(amplitude);
    }

    /** Forgets what it remembers; the level goes on. */
    public synchronized void forget() {
        levelCount = 0;
        levelsSoFar++;
        peakCount = 0;
        levelPeak = 0;
        highest = 0;
        clipped = 0;
    }

    /** Looks at it. */
    public synchronized void look(Look into) {
        into.levelDb = db(shown);
        into.highestDb = db(highest);
        into.clipped = clipped;
        into.hills = levelsSoFar;
        into.spectra = spectraSoFar;
        System.arraycopy(bands, 0, into.thirdsDb, 0, bands.length);
        int known = Math.min(LEVELS, levelCount);
        System.arraycopy(levels, 0, sorted, 0, known);
        Arrays.sort(sorted, 0, known);
        into.quietDb = known == 0 ? SILENCE_DB : sorted[(int) (QUIET_SHARE * (known - 1))];
        Arrays.fill(into.noise, 0);
        Arrays.fill(into.voice, 0);
        double voiceFrom = into.quietDb + VOICE_OVER_DB;
        // A hill is as high as the picture, however few they are: what is rare is noise that wavers, and no voice.
        boolean rare = known > 0 && sorted[(int) ((1 - RARE_SHARE) * (known - 1))] <= voiceFrom;
        for (int i = 0; i < known; i++) {
            int bin = (int) ((levels[i] - LevelHistogram.LOWEST_DBFS) / LevelHistogram.BIN_DB);
            int[] hill = levels[i] > voiceFrom && !rare ? into.voice : into.noise;
            hill[Math.max(0, Math.min(LevelHistogram.BINS - 1, bin))]++;
        }
        into.peakCount = Math.min(PEAKS, peakCount);
        for (int i = 0; i < into.peakCount; i++) {
            into.peaksDb[i] = peaks[(peakCount - into.peakCount + i) % PEAKS];
        }
    }
}
