package app.redlamp.core.analysis;

import app.redlamp.core.loudness.ClipMeter;
import app.redlamp.core.loudness.IntegratedLoudness;
import app.redlamp.core.loudness.SampleLevels;
import app.redlamp.core.loudness.TruePeakMeter;
import app.redlamp.core.noise.FrameLevels;
import app.redlamp.core.noise.PauseFinder;
import app.redlamp.core.noise.Pauses;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The one door to all meters: takes a recording block by block, in one pass and in little memory, and gives its
 * {@link Report}. The screen and the command line both ask here and so say the same.
 *
 * <p>Samples that are no finite numbers, or beyond +60 dBFS, are read as zero, counted and reported.
 */
public final class RecordingAnalyzer implements SampleSink {
    /** Frames a block that {@link #of} reads at a time. */
    public static final int BLOCK = 8192;

    /** An offset from here on is worth a word, in dBFS (common practice, no source). */
    private static final double DC_NOTE_DBFS = -50;

    /** +60 dBFS: beyond it a float sample is damage, not sound. */
    private static final float LARGEST = 1000;

    private static final int LEVEL_FRAMES = 5;

    /** Outside the pauses too, what lies less than this above the floor is a gap between words and no voice. */
    private static final double NOISE_TOP_DB = 4;

    private final int sampleRateHz;
    private final IntegratedLoudness loudness;
    private final TruePeakMeter truePeak;
    private final SampleLevels levels;
    private final ClipMeter clips;
    private final FrameLevels frames;
    private final HighPassedLevels highPassed;
    private long notNumbers;

    public RecordingAnalyzer(int sampleRateHz, int channels) {
        this.sampleRateHz = sampleRateHz;
        loudness = new IntegratedLoudness(sampleRateHz, channels);
        truePeak = new TruePeakMeter(sampleRateHz, channels);
        levels = new SampleLevels(channels);
        clips = new ClipMeter(sampleRateHz, channels);
        frames = new FrameLevels(sampleRateHz, channels);
        highPassed = new HighPassedLevels(sampleRateHz, channels);
    }

    /** Measures a whole recording; the caller closes the source. */
    public static Report of(AudioSource source, AudioInfo info) throws IOException {
        RecordingAnalyzer analyzer = new RecordingAnalyzer(source.sampleRateHz(), source.channels());
        float[][] block = new float[source.channels()][BLOCK];
        for (int n = source.read(block, BLOCK); n > 0; n = source.read(block, BLOCK)) {
            analyzer.accept(block, n);
        }
        return analyzer.report(info);
    }

    @Override
    public void accept(float[][] block, int count) {
        for (float[] samples : block) {
            for (int i = 0; i < count; i++) {
                if (!(Math.abs(samples[i]) <= LARGEST)) {
                    samples[i] = 0;
                    notNumbers++;
                }
            }
        }
        levels.accept(block, count);
        clips.accept(block, count);
        frames.accept(block, count);
        highPassed.accept(block, count);
        loudness.accept(block, count);
        truePeak.accept(block, count);
    }

    /** The report on everything accepted so far; the duration in it is the one measured. */
    public Report report(AudioInfo info) {
        double durationS = (double) levels.frames() / sampleRateHz;
        float[] meanSquares = frames.meanSquares();
        Pauses pauses = PauseFinder.of(meanSquares);
        return new Report(
                info.withDuration(durationS),
                loudness.integratedLufs(),
                truePeak.truePeakDbtp(),
                levels.peakDbfs(),
                levels.rmsDbfs(),
                pauses,
                highPassed.result(),
                clips.runs(),
                clips.positionsS(),
                levels.dcOffset(),
                hill(meanSquares, pauses, true),
                hill(meanSquares, pauses, false),
                Outline.of(meanSquares),
                findings(durationS, pauses));
    }

    private List<Finding> findings(double durationS, Pauses pauses) {
        List<Finding> findings = new ArrayList<>();
        if (clips.runs() > 0) {
            double first = clips.positionsS().get(0);
            double last = clips.positionsS().get(clips.positionsS().size() - 1);
            findings.add(
                    new Finding(Finding.Kind.CLIPPING, Finding.Severity.FAULT, first, last, (double) clips.runs()));
        }
        OptionalDouble dc = Decibels.ofAmplitude(Math.abs(levels.dcOffset()));
        if (dc.isPresent() && dc.getAsDouble() >= DC_NOTE_DBFS) {
            findings.add(whole(Finding.Kind.DC_OFFSET, Finding.Severity.WARNING, durationS, dc.getAsDouble()));
        }
        if (pauses.digitalSilenceS() >= 0.3) {
            findings.add(
                    whole(Finding.Kind.DIGITAL_SILENCE, Finding.Severity.NOTE, durationS, pauses.digitalSilenceS()));
        }
        if (pauses.noiseFloorDbfs().isEmpty() && pauses.digitalSilenceS() < 0.3) {
            findings.add(whole(Finding.Kind.NO_PAUSE, Finding.Severity.NOTE, durationS, 0.3));
        }
        if (notNumbers > 0) {
            findings.add(whole(Finding.Kind.NOT_A_NUMBER, Finding.Severity.FAULT, durationS, (double) notNumbers));
        }
        return findings;
    }

    private static Finding whole(Finding.Kind kind, Finding.Severity severity, double endS, double amount) {
        return new Finding(kind, severity, 0, endS, amount);
    }

    private static LevelHistogram hill(float[] meanSquares, Pauses pauses, boolean inPauses) {
        int points = meanSquares.length / LEVEL_FRAMES;
        double noiseTop = pauses.noiseFloorDbfs().orElse(Double.NEGATIVE_INFINITY) + NOISE_TOP_DB;
        double[] levelsDbfs = new double[points];
        int count = 0;
        int next = 0;
        List<Pauses.Stretch> stretches = pauses.stretches();
        for (int p = 0; p < points; p++) {
            double middleS = (p + 0.5) * LEVEL_FRAMES / FrameLevels.FRAMES_PER_SECOND;
            while (next < stretches.size() && stretches.get(next).endS() <= middleS) {
                next++;
            }
            boolean paused = next < stretches.size() && stretches.get(next).startS() <= middleS;
            OptionalDouble level = levelOf(meanSquares, p * LEVEL_FRAMES);
            if (level.isPresent() && (paused || level.getAsDouble() < noiseTop) == inPauses) {
                levelsDbfs[count++] = level.getAsDouble();
            }
        }
        return LevelHistogram.of(Arrays.copyOf(levelsDbfs, count));
    }

    private static OptionalDouble levelOf(float[] meanSquares, int from) {
        double sum = 0;
        for (int i = from; i < from + LEVEL_FRAMES; i++) {
            sum += meanSquares[i];
        }
        return Decibels.ofPower(sum / LEVEL_FRAMES);
    }
}
