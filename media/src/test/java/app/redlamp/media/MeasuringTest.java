package app.redlamp.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.process.Limiter;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.ffmpeg.LoudnessOracle;
import java.io.IOException;
import java.nio.file.Path;
import java.util.OptionalInt;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Real speech, measured by us and by the independent oracle, and speech whose noise is known. */
class MeasuringTest {
    private static final double ORACLE_LU = 0.1;
    private static final double ORACLE_PEAK_DB = 0.2;
    private static final double FLOOR_DB = 0.5;

    @TempDir
    Path scratch;

    /** FFmpeg's loudness filter, integrated and true peak. */
    @ParameterizedTest
    @CsvSource({"0,44100,0", "1,48000,-9", "2,44100,6", "3,32000,-20", "4,96000,-3"})
    void loudnessAndTruePeakAgreeWithTheOracle(int voice, int rate, double gainDb) throws IOException {
        float[] dry = DemoVoice.samples(DemoVoice.NAMES.get(voice), rate, scratch);
        float gain = (float) Math.pow(10, gainDb / 20);
        float[] noise = Signals.noise(-65, (double) dry.length / rate + 1, rate, voice);
        float[] speech = Signals.of(dry.length, n -> dry[n] * gain + noise[n]);
        Report ours = report(rate, speech);
        LoudnessOracle.Answer theirs = LoudnessOracle.measure(rate, speech);
        assertThat(ours.integratedLufs().orElseThrow()).isCloseTo(theirs.integratedLufs(), within(ORACLE_LU));
        assertThat(ours.truePeakDbtp().orElseThrow()).isCloseTo(theirs.truePeakDbtp(), within(ORACLE_PEAK_DB));
    }

    @ParameterizedTest
    @ValueSource(ints = {44_100, 48_000})
    void stereoAgreesWithTheOracle(int rate) throws IOException {
        float[] left = DemoVoice.samples(DemoVoice.NAMES.get(0), rate, scratch);
        float[] right = Signals.of(left.length, n -> n < 500 ? 0 : left[n - 500] * 0.6f);
        Report ours = report(rate, left, right);
        LoudnessOracle.Answer theirs = LoudnessOracle.measure(rate, left, right);
        assertThat(ours.integratedLufs().orElseThrow()).isCloseTo(theirs.integratedLufs(), within(ORACLE_LU));
        assertThat(ours.truePeakDbtp().orElseThrow()).isCloseTo(theirs.truePeakDbtp(), within(ORACLE_PEAK_DB));
    }

    /** White noise of known RMS under real speech; the truth is the noise, not what any meter says. */
    @ParameterizedTest
    @ValueSource(doubles = {-75, -70, -65, -60, -55, -50, -45})
    void theNoiseFloorIsTheKnownNoise(double noiseDbfs) throws IOException {
        for (String name : DemoVoice.NAMES) {
            float[] dry = DemoVoice.samples(name, 44_100, scratch);
            float[] padded = Signals.join(Signals.silence(0.7, 44_100), dry, Signals.silence(1.5, 44_100));
            float gain = (float) Math.pow(10, -5.0 / 20);
            float[] noise = Signals.noise(noiseDbfs, padded.length / 44_100.0 + 1, 44_100, name.hashCode());
            float[] speech = Signals.of(padded.length, n -> padded[n] * gain + noise[n]);
            assertThat(report(44_100, speech).noiseFloorDbfs().orElseThrow())
                    .as(name)
                    .isCloseTo(noiseDbfs, within(FLOOR_DB));
        }
    }

    /**
     * The oracle at every rate and number of channels. It gives momentary and short-term values each 100 ms, ours move
     * each 10 ms, so ours may be higher by what EBU Tech 3341 shows an update of 100 ms to miss.
     */
    @ParameterizedTest
    @CsvSource({
        "8000,1",
        "11025,1",
        "16000,2",
        "22050,1",
        "32000,2",
        "44100,3",
        "48000,4",
        "44100,5",
        "48000,6",
        "88200,2",
        "96000,6",
        "176400,1",
        "192000,2"
    })
    void agreesWithTheOracleAtEveryRateAndNumberOfChannels(int rate, int count) throws IOException {
        float[][] channels = new float[count][];
        for (int c = 0; c < count; c++) {
            float[] voice = DemoVoice.samples(DemoVoice.NAMES.get(c % DemoVoice.NAMES.size()), rate, scratch);
            // Behind the listener the two differ: BS.1770-5 table 3 has 1.0 at 135 degrees, FFmpeg 1.41 for every back
            // pair.
            boolean behind = count == 4 && c >= 2;
            float gain = behind ? 0 : 0.4f + 0.1f * c;
            channels[c] = Signals.of(12 * rate, n -> gain * voice[n % voice.length]);
        }
        Report ours = report(rate, channels);
        LoudnessOracle.Answer theirs = LoudnessOracle.measure(rate, channels);
        assertThat(ours.integratedLufs().orElseThrow()).isCloseTo(theirs.integratedLufs(), within(0.1));
        assertThat(ours.truePeakDbtp().orElseThrow()).isCloseTo(theirs.truePeakDbtp(), within(0.25));
        assertThat(ours.loudness().maxMomentaryLufs().orElseThrow() - theirs.momentaryLufs())
                .isBetween(-0.1, 0.6);
        assertThat(ours.loudness().maxShortTermLufs().orElseThrow() - theirs.shortTermLufs())
                .isBetween(-0.1, 0.2);
        assertThat(ours.loudness().rangeLu().orElseThrow()).isCloseTo(theirs.rangeLu(), within(0.3));
    }

    /** The limiter on real speech driven far too loud, its ceiling measured by the oracle. */
    @ParameterizedTest
    @CsvSource({"-1,44100", "-3,44100", "-1,48000", "-6,48000"})
    void theLimitersCeilingHoldsForTheOracle(double ceilingDbtp, int rate) throws IOException {
        float[] dry = DemoVoice.samples(DemoVoice.NAMES.get(2), rate, scratch);
        float[] loud = Signals.of(dry.length, n -> dry[n] * 4);
        float[] held = Signals.readAll(new Limiter(ceilingDbtp).over(Signals.source(rate, loud)), 4096)[0];
        assertThat(LoudnessOracle.measure(rate, held).truePeakDbtp()).isBetween(ceilingDbtp - 0.5, ceilingDbtp + 0.1);
    }

    private static Report report(int rate, float[]... channels) throws IOException {
        AudioInfo info =
                new AudioInfo("wav", "pcm_f32le", rate, OptionalInt.of(32), channels.length, 0, OptionalInt.empty());
        return RecordingAnalyzer.of(Signals.source(rate, channels), info);
    }
}
