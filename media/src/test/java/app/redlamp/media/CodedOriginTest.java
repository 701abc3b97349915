package app.redlamp.media;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.ffmpeg.CodedWriter;
import app.redlamp.media.ffmpeg.DecodedFile;
import app.redlamp.media.ffmpeg.Encoding;
import app.redlamp.media.library.SpecificationLibrary;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The speech that ships, coded by the coder that ships, put back into a WAV, and held against clients who want all of it. */
class CodedOriginTest {
    @TempDir
    Path scratch;

    private static Specification specification(String id) {
        return new SpecificationLibrary(Path.of("no", "library")).byId(id).orElseThrow();
    }

    private float[] speech(int voice, int rate) throws IOException {
        float[] dry = DemoVoice.samples(DemoVoice.NAMES.get(voice), rate, scratch);
        float[] noise = Signals.noise(-62 - 3 * voice, (double) dry.length / rate + 1, rate, 60 + voice);
        return Signals.of(dry.length, n -> dry[n] + noise[n]);
    }

    private Path coded(float[] samples, int rate, int kbps) throws IOException {
        Path file = scratch.resolve("coded.mp3");
        try (CodedWriter writer = new CodedWriter(file, Encoding.mp3(kbps), rate, 1, Labels.NONE)) {
            writer.accept(new float[][] {samples}, samples.length);
            writer.finish();
        }
        return file;
    }

    private static Report asWav(AudioSource source, int bits) throws IOException {
        float[] samples = Signals.readAll(source, 4096)[0];
        double steps = Math.pow(2, bits - 1);
        float[] rounded = Signals.of(samples.length, n -> Math.rint(samples[n] * steps) / steps);
        return RecordingAnalyzer.of(
                Signals.source(source.sampleRateHz(), rounded),
                new AudioInfo(
                        "wav",
                        "pcm_s" + bits + "le",
                        source.sampleRateHz(),
                        OptionalInt.of(bits),
                        1,
                        0,
                        OptionalInt.empty()));
    }

    @ParameterizedTest
    @CsvSource({
        "0, 44100, 64, 16",
        "1, 44100, 128, 24",
        "2, 48000, 128, 16",
        "3, 44100, 192, 24",
        "4, 48000, 256, 16",
        "1, 44100, 320, 24",
        "3, 48000, 320, 16"
    })
    void whatWasCodedGoesToNobodyWhoWantsItWhole(int voice, int rate, int kbps, int bits) throws IOException {
        float[] samples = speech(voice, rate);
        Report whole = asWav(Signals.source(rate, samples), bits);
        assertThat(whole.origin().edge()).isEmpty();
        try (DecodedFile decoded = new DecodedFile(coded(samples, rate, kbps))) {
            Report report = asWav(decoded, bits);
            assertThat(report.findings()).extracting(Finding::kind).contains(Finding.Kind.CODED);
            for (String id : new String[] {"client-raw", "voice-dataset", "broadcast-r128", "streamed-speech"}) {
                Specification wants = specification(id);
                assertThat(Judge.judge(wants, report)
                                .check(CheckId.BANDWIDTH)
                                .orElseThrow()
                                .verdict())
                        .isEqualTo(CheckResult.OUTSIDE);
                assertThat(Forecast.of(wants, report, 1).obstacles())
                        .contains(new Obstacle.NotWhole(Optional.empty(), report.bandwidthHz(), OptionalInt.empty()));
                assertThat(Forecast.of(wants, whole, 1).obstacles()).noneMatch(Obstacle.NotWhole.class::isInstance);
            }
            assertThat(Forecast.of(specification("audiobook-retail"), report, 1).obstacles())
                    .noneMatch(Obstacle.NotWhole.class::isInstance);
        }
    }

    /** The coded file itself says so, and needs no finding; where it is to be kept whole, it is refused for what it is. */
    @ParameterizedTest
    @CsvSource({"0, 44100, 128", "2, 48000, 320"})
    void aCodedFileIsRefusedForItsCoding(int voice, int rate, int kbps) throws IOException {
        try (DecodedFile decoded = new DecodedFile(coded(speech(voice, rate), rate, kbps))) {
            Report report = RecordingAnalyzer.of(decoded, decoded::info);
            assertThat(report.findings()).extracting(Finding::kind).doesNotContain(Finding.Kind.CODED);
            assertThat(Forecast.of(specification("client-raw"), report, 1).obstacles())
                    .anySatisfy(o -> assertThat(o)
                            .isInstanceOfSatisfying(
                                    Obstacle.NotWhole.class,
                                    n -> assertThat(n.coding()).contains("mp3")));
        }
    }
}
