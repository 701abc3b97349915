package app.redlamp.media;

import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.HighPassed;
import app.redlamp.core.delivery.process.BandPass;
import app.redlamp.core.delivery.process.Gain;
import app.redlamp.core.delivery.process.Limiter;
import app.redlamp.core.delivery.process.ProcessorChain;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import app.redlamp.core.units.Limits;
import app.redlamp.media.ffmpeg.LoudnessOracle;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;

/**
 * Our whole pass and FFmpeg's loudness filter with true peak over the same decoded samples, in turn, one thread
 * each; prints the ratio of their CPU times over one hour, and how many times faster than real time
 * the finishing chain is.
 */
public final class HourBench {
    private static final int RATE = 44_100;
    private static final int MINUTES = 60;
    private static final int TURNS = 7;
    private static final int WARM = 2;
    private static final double GAIN_DB = 12;
    private static final double CEILING_DBTP = -3;

    private HourBench() {}

    public static void main(String[] arguments) throws IOException {
        float[] speech = speech();
        AudioInfo info = new AudioInfo("wav", "pcm_s16le", RATE, OptionalInt.of(16), 1, 0, OptionalInt.empty());
        ThreadMXBean threads = ManagementFactory.getThreadMXBean();
        List<Double> ratios = new ArrayList<>();
        double ours = Double.MAX_VALUE;
        double theirs = Double.MAX_VALUE;
        for (int turn = 0; turn < TURNS; turn++) {
            long start = threads.getCurrentThreadCpuTime();
            RecordingAnalyzer.of(Signals.source(RATE, speech), info);
            long middle = threads.getCurrentThreadCpuTime();
            LoudnessOracle.pass(RATE, speech);
            long end = threads.getCurrentThreadCpuTime();
            if (turn >= WARM) {
                ours = Math.min(ours, (middle - start) / 1e9);
                theirs = Math.min(theirs, (end - middle) / 1e9);
                ratios.add((double) (middle - start) / (end - middle));
            }
        }
        double finishing = Double.MAX_VALUE;
        for (int turn = 0; turn < TURNS; turn++) {
            long start = threads.getCurrentThreadCpuTime();
            finish(speech);
            finishing = Math.min(finishing, (threads.getCurrentThreadCpuTime() - start) / 1e9);
        }
        Collections.sort(ratios);
        System.out.printf(
                "one hour: all meters %.1f s of CPU, FFmpeg's loudness filter with true peak %.1f s; ratio %.2f at best,"
                        + " %.2f in the middle of %d turns%n",
                ours, theirs, ours / theirs, ratios.get(ratios.size() / 2), ratios.size());
        System.out.printf(
                "finishing chain (high-pass, %.0f dB of gain, limiter): %.1f s of CPU, %.0f times real time%n",
                GAIN_DB, finishing, MINUTES * 60 / finishing);
    }

    /** High-pass, gain and limiter, which has work to do in most words. */
    private static void finish(float[] speech) throws IOException {
        float[][] block = new float[1][RecordingAnalyzer.BLOCK];
        ProcessorChain chain = new ProcessorChain(List.of(
                new BandPass(Limits.atLeast(HighPassed.CORNER_HZ), false), new Gain(GAIN_DB), new Limiter(CEILING_DBTP)));
        try (AudioSource limited =
                chain.over(Signals.source(RATE, speech), ProcessorChain.NO_TAP).out()) {
            int count = limited.read(block, block[0].length);
            while (count > 0) {
                count = limited.read(block, block[0].length);
            }
        }
    }

    /** The demo voices over and over with a little noise, as a 16-bit recording holds them. */
    private static float[] speech() throws IOException {
        Path scratch = Files.createTempDirectory("redlamp-bench-");
        float[] voices = new float[0];
        for (String name : DemoVoice.NAMES) {
            voices = Signals.join(voices, DemoVoice.samples(name, RATE, scratch));
            Files.delete(DemoVoice.file(name, scratch));
        }
        Files.delete(scratch);
        float[] noise = Signals.noise(-66, 10, RATE, 1);
        float[] all = voices;
        return Signals.of(
                MINUTES * 60 * RATE,
                n -> Math.rint((all[n % all.length] + noise[n % noise.length]) * 32_768) / 32_768);
    }
}
