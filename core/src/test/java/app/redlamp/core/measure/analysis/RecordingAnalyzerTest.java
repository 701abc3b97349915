package app.redlamp.core.measure.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.Arrays;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RecordingAnalyzerTest {
    private static final int RATE = 44_100;

    /** One pass, any blocks: the report must not depend on how the recording is cut. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void theReportDoesNotDependOnTheBlocks(long seed) {
        float[] samples = speechLike();
        Report whole = report(samples, new int[] {samples.length});
        Random random = new Random(seed);
        int[] cuts = random.ints(2000, 1, 3000).toArray();
        assertThat(report(samples, cuts)).isEqualTo(whole);
    }

    @Test
    void noNumbersAreReadAsZeroAndReported() {
        float[] samples = speechLike();
        samples[5000] = Float.NaN;
        samples[5001] = Float.POSITIVE_INFINITY;
        samples[5002] = 1e30f;
        Report report = report(samples, new int[] {1024});
        assertThat(report.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.NOT_A_NUMBER)
                .singleElement()
                .satisfies(f -> assertThat(f.amount()).isEqualTo(3));
        assertThat(report.rmsDbfs().orElseThrow()).isBetween(-60.0, 0.0);
    }

    @Test
    void anEmptyRecordingHasNoFiguresAndNoFault() {
        Report report = report(new float[0], new int[] {1});
        assertThat(report.integratedLufs()).isEmpty();
        assertThat(report.truePeakDbtp()).isEmpty();
        assertThat(report.samplePeakDbfs()).isEmpty();
        assertThat(report.rmsDbfs()).isEmpty();
        assertThat(report.noiseFloorDbfs()).isEmpty();
        assertThat(report.snrDb()).isEmpty();
        assertThat(report.highPassed().rmsDbfs()).isEmpty();
        assertThat(report.info().durationS()).isZero();
    }

    @Test
    void noiseAndVoiceAreTwoHills() {
        Report report = report(speechLike(), new int[] {4096});
        assertThat(top(report.noiseHill())).isCloseTo(-60, within(1.5));
        assertThat(top(report.voiceHill())).isCloseTo(-20, within(1.5));
        assertThat(report.snrDb().orElseThrow()).isCloseTo(40, within(0.5));
    }

    /** 30 Hz rumble lies two octaves and more below the corner: the high-pass leaves −17 dB of it and the noise. */
    @Test
    void rumbleIsTakenOutOfTheFiguresThatFinishingStartsFrom() {
        float[] speech = speechLike();
        float[] rumble = Signals.sine(30, -40, (double) speech.length / RATE, RATE);
        Report report = report(Signals.add(speech, rumble), new int[] {4096});
        assertThat(report.noiseFloorDbfs().orElseThrow()).isCloseTo(-42.9, within(0.5));
        // |H| at 30 Hz of a second-order Butterworth at 80 Hz: 1/√(1 + (80/30)^4) = −17.1 dB.
        double expected = 10 * Math.log10(Math.pow(10, (-43.01 - 17.12) / 10) + Math.pow(10, -6.0));
        assertThat(report.highPassed().noiseFloorDbfs().orElseThrow()).isCloseTo(expected, within(0.5));
    }

    @Test
    void clippingIsAFaultWithItsPlace() throws IOException {
        float[] samples = speechLike();
        Arrays.fill(samples, RATE * 2, RATE * 2 + 10, 1f);
        Report report = RecordingAnalyzer.of(Signals.source(RATE, samples), info());
        assertThat(report.clippedRuns()).isEqualTo(1);
        assertThat(report.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.CLIPPING)
                .singleElement()
                .satisfies(f -> assertThat(f.startS()).isCloseTo(2, within(0.001)));
    }

    @Test
    void anOffsetIsFound() {
        float[] samples = speechLike();
        float[] moved = Signals.of(samples.length, n -> samples[n] + 0.01);
        assertThat(report(moved, new int[] {4096}).findings())
                .filteredOn(f -> f.kind() == Finding.Kind.DC_OFFSET)
                .singleElement()
                .satisfies(f -> assertThat(f.amount()).isCloseTo(-40, within(0.2)));
    }

    /** 1 s room tone, 3 s voice, 1 s room tone, 2 s voice, 2 s room tone. */
    private static float[] speechLike() {
        float[] speech = Signals.join(
                Signals.silence(1, RATE),
                Signals.noise(-20, 3, RATE, 1),
                Signals.silence(1, RATE),
                Signals.noise(-20, 2, RATE, 2),
                Signals.silence(2, RATE));
        return Signals.add(speech, Signals.noise(-60, 9, RATE, 3));
    }

    private static Report report(float[] samples, int[] cuts) {
        RecordingAnalyzer analyzer = new RecordingAnalyzer(RATE, 1);
        int at = 0;
        for (int i = 0; at < samples.length; i++) {
            int count = Math.min(cuts[i % cuts.length], samples.length - at);
            analyzer.accept(new float[][] {Arrays.copyOfRange(samples, at, at + count)}, count);
            at += count;
        }
        return analyzer.report(info());
    }

    private static AudioInfo info() {
        return new AudioInfo("wav", "pcm_s24le", RATE, OptionalInt.of(24), 1, 0, OptionalInt.empty());
    }

    private static double top(app.redlamp.core.signal.LevelHistogram hill) {
        int best = 0;
        for (int bin = 0; bin < app.redlamp.core.signal.LevelHistogram.BINS; bin++) {
            best = hill.count(bin) > hill.count(best) ? bin : best;
        }
        return app.redlamp.core.signal.LevelHistogram.levelOf(best);
    }
}
