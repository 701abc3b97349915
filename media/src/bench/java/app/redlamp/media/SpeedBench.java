package app.redlamp.media;

import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.delivery.process.Limiter;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.ffmpeg.LoudnessOracle;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.OptionalInt;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;

/** How long our pass and our limiter take beside FFmpeg's loudness filter on the same speech; prints ratios. */
@State(Scope.Benchmark)
public class SpeedBench {
    private static final int RATE = 44_100;

    private float[] speech = new float[0];

    /** All five demo voices with a little noise, about 90 s. */
    @Setup(Level.Trial)
    public void prepare() throws IOException {
        Path scratch = Files.createTempDirectory("redlamp-bench-");
        for (String name : DemoVoice.NAMES) {
            speech = Signals.join(speech, DemoVoice.samples(name, RATE, scratch));
            Files.delete(DemoVoice.file(name, scratch));
        }
        Files.delete(scratch);
        speech = Signals.add(speech, Signals.noise(-65, (double) speech.length / RATE + 1, RATE, 1));
    }

    @Benchmark
    public Report measureEverything() throws IOException {
        AudioInfo info = new AudioInfo("wav", "pcm_f32le", RATE, OptionalInt.of(32), 1, 0, OptionalInt.empty());
        return RecordingAnalyzer.of(Signals.source(RATE, speech), info);
    }

    @Benchmark
    public double limit() throws IOException {
        float[][] block = new float[1][8192];
        double last = 0;
        try (AudioSource limited = new Limiter(-6).over(Signals.source(RATE, speech))) {
            for (int n = limited.read(block, 8192); n > 0; n = limited.read(block, 8192)) {
                last = block[0][n - 1];
            }
        }
        return last;
    }

    @Benchmark
    public LoudnessOracle.Answer loudnessFilterOfFfmpeg() throws IOException {
        return LoudnessOracle.measure(RATE, speech);
    }

    /** Runs all three and prints what each takes of the filter's time. */
    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(SpeedBench.class.getName())
                        .mode(Mode.AverageTime)
                        .forks(1)
                        .warmupIterations(3)
                        .warmupTime(TimeValue.seconds(2))
                        .measurementIterations(5)
                        .measurementTime(TimeValue.seconds(2))
                        .build())
                .run();
        double filter = score(results, "loudnessFilterOfFfmpeg");
        for (String name : new String[] {"measureEverything", "limit"}) {
            System.out.printf("%s takes %.2f of the time of FFmpeg's loudness filter with true peak%n", name,
                    score(results, name) / filter);
        }
    }

    private static double score(Collection<RunResult> results, String name) {
        return results.stream()
                .filter(r -> r.getParams().getBenchmark().endsWith("." + name))
                .mapToDouble(r -> r.getPrimaryResult().getScore())
                .findFirst()
                .orElseThrow();
    }
}
