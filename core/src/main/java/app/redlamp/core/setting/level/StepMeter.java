package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** Listens for the length of a step, each channel by itself. */
public final class StepMeter {
    private final int sampleRateHz;
    private final int bits;
    private final List<RecordingAnalyzer> analyzers = new ArrayList<>();
    private final float[][] one = new float[1][];
    private final float[] copy;
    private final long wanted;
    private long skipped;
    private long taken;

    /**
     * @param skipS seconds that are let pass first: somebody has just pressed a key
     * @param seconds how long it listens after that
     * @param mostFrames frames that are given at a time, at most
     */
    public StepMeter(int sampleRateHz, int bits, int channels, double skipS, double seconds, int mostFrames) {
        this.sampleRateHz = sampleRateHz;
        this.bits = bits;
        for (int c = 0; c < channels; c++) {
            analyzers.add(new RecordingAnalyzer(sampleRateHz, 1));
        }
        skipped = Math.round(skipS * sampleRateHz);
        wanted = Math.round(seconds * sampleRateHz);
        copy = new float[mostFrames];
    }

    /** Takes the next frames; what comes after the end is left. The block is not changed. */
    public void accept(float[][] block, int frames) {
        int from = (int) Math.min(skipped, frames);
        skipped -= from;
        int count = (int) Math.min(frames - from, wanted - taken);
        if (count <= 0) {
            return;
        }
        for (int c = 0; c < analyzers.size(); c++) {
            System.arraycopy(block[c], from, copy, 0, count);
            one[0] = copy;
            analyzers.get(c).accept(one, count);
        }
        taken += count;
    }

    /** Share of the step that is over, 0 to 1. */
    public double share() {
        return (double) taken / wanted;
    }

    /** Whether the step has lasted long enough. */
    public boolean done() {
        return taken >= wanted;
    }

    /** What was heard; nothing may be taken after it. */
    public List<Report> reports() {
        AudioInfo info = new AudioInfo(
                "live", "pcm_s" + bits + "le", sampleRateHz, OptionalInt.of(bits), 1, 0, OptionalInt.empty());
        return analyzers.stream().map(a -> a.report(info)).toList();
    }
}
