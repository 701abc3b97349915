package app.redlamp.core.measure.origin;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BitMeterTest {
    private static float[] of(int bits, double level, long seed) {
        double steps = Math.pow(2, bits - 1);
        float[] noise = Signals.noise(level, 0.5, 44_100, seed);
        return Signals.of(noise.length, n -> Math.rint(noise[n] * steps) / steps);
    }

    @ParameterizedTest
    @CsvSource({"8, -12", "12, -20", "14, -30", "16, -40", "16, -70", "20, -60", "24, -80", "24, -12"})
    void theBitsThatAreUsedAreCounted(int bits, double level) {
        BitMeter meter = new BitMeter();
        float[] samples = of(bits, level, bits);
        meter.accept(samples, samples.length);
        assertThat(meter.bits()).hasValue(bits);
    }

    @Test
    void whatNoWholeNumberHoldsUsesAll() {
        BitMeter meter = new BitMeter();
        meter.accept(new float[] {0.1f, (float) 1e-9}, 2);
        assertThat(meter.bits()).hasValue(24);
    }

    @Test
    void fullScaleUsesOneBitAndSilenceNone() {
        BitMeter meter = new BitMeter();
        meter.accept(new float[1000], 1000);
        assertThat(meter.bits()).isEmpty();
        meter.accept(new float[] {-1, 0}, 2);
        assertThat(meter.bits()).hasValue(1);
        meter.accept(new float[] {0.5f}, 1);
        assertThat(meter.bits()).hasValue(2);
    }

    /** One stretch with all its bits is enough: an edit of several recordings is as good as the best of them. */
    @Test
    void theFinestOfSeveralBlocksCounts() {
        BitMeter meter = new BitMeter();
        for (int bits : new int[] {16, 22, 12}) {
            float[] block = of(bits, -30, bits);
            meter.accept(block, block.length);
        }
        assertThat(meter.bits()).hasValue(22);
    }

    @ParameterizedTest
    @CsvSource({
        "24, 16, true",
        "24, 20, true",
        "24, 22, false",
        "16, 12, true",
        "16, 8, true",
        "16, 16, false",
        "16, 14, false"
    })
    void unusedBitsAreAFinding(int stated, int used, boolean told) throws IOException {
        float[] voice = Speaker.reads(44_100, 12, 110.0 + used, stated + used);
        double steps = Math.pow(2, used - 1);
        float[] samples = Signals.of(voice.length, n -> Math.rint(voice[n] * steps) / steps);
        Report report = RecordingAnalyzer.of(
                Signals.source(44_100, samples),
                new AudioInfo("wav", "pcm_s24le", 44_100, OptionalInt.of(stated), 1, 12, OptionalInt.empty()));
        assertThat(Measured.kinds(report).contains(Finding.Kind.PADDED)).isEqualTo(told);
        assertThat(report.bitDepth()).hasValue(told ? used : stated);
    }

    /** A lossy coding has no depth, and a float of 32 bits holds 24. */
    @ParameterizedTest
    @ValueSource(ints = {0, 32})
    void whereThereIsNoDepthNoneIsMissing(int stated) throws IOException {
        OptionalInt depth = stated == 0 ? OptionalInt.empty() : OptionalInt.of(stated);
        float[] samples = Signals.noise(-30, 1, 44_100, 4);
        Report report = RecordingAnalyzer.of(
                Signals.source(44_100, samples), new AudioInfo("mp3", "mp3", 44_100, depth, 1, 1, OptionalInt.of(128)));
        assertThat(report.bitDepth()).isEqualTo(depth);
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.PADDED);
    }
}
