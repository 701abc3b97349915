package app.redlamp.media.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.DemoVoice;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Recordings in which something is broken are finished round it or refused, and never delivered broken. */
class SpoiltRecordingsTest {
    private static final int RATE = 44_100;
    private static final int LENGTH = 20 * RATE;

    @TempDir
    Path folder;

    private final FileRecordings recordings = new FileRecordings();

    /** Two channels that must not be mixed come out as one of them alone would: the same gain and the same limiting. */
    @ParameterizedTest
    @CsvSource({
        "0,upside-down,audiobook-retail",
        "1,late,audiobook-retail",
        "2,first-dead,audiobook-retail",
        "3,upside-down,podcast-stereo",
        "4,late,podcast-stereo",
        "0,second-dead,podcast-stereo",
        "2,late,podcast-mono",
    })
    void aSpoiltPairComesOutAsOneOfThemAlone(int voice, String how, String id) throws IOException {
        float[] read = read(voice, -5, -74);
        float[][] pair = switch (how) {
            case "upside-down" -> new float[][] {read, Signals.of(LENGTH, n -> -0.95 * read[n])};
            case "late" ->
                new float[][] {read, Signals.of(LENGTH, n -> n < 15 + 20 * voice ? 0 : read[n - 15 - 20 * voice])};
            case "first-dead" -> new float[][] {new float[LENGTH], read};
            default -> new float[][] {read, Signals.noise(-88, 20, RATE, 8)};
        };
        Specification specification = specification(id);
        FinishOutcome.Finished alone = (FinishOutcome.Finished) finish(specification, read);
        Path file = write("pair.wav", pair);
        Report report = recordings.measure(file, Progress.NONE);
        FinishOutcome.Finished both = (FinishOutcome.Finished) finish(specification, file, report);
        assertThat(both.settings().mix().alone()).hasValue(how.equals("first-dead") ? 1 : 0);
        assertThat(both.settings().gainDb()).isCloseTo(alone.settings().gainDb(), within(0.02));
        assertThat(both.reductionDb()).isCloseTo(alone.reductionDb(), within(0.05));
        assertThat(both.flaws(report)).isEmpty();
        assertThat(both.delivered().relation().kind())
                .isEqualTo(alone.delivered().relation().kind());
        double foretold = Forecast.of(
                        specification, report, specification.format().fewestChannels())
                .gainDb()
                .orElseThrow();
        assertThat(foretold).isCloseTo(both.settings().gainDb(), within(0.6));
    }

    /** A fan that runs for a part of the chapter goes to no client, however quiet the rest is. */
    @ParameterizedTest
    @CsvSource({"0,-46,0.5,1", "1,-52,0.3,0.8", "2,-43,0.6,0.9", "3,-55,0.1,0.45", "4,-49,0.4,1"})
    void aFanThatComesIsRefused(int voice, double fanDbfs, double fromShare, double toShare) throws IOException {
        float[] read = read(voice, -5, -78);
        float[] fan = Signals.noise(fanDbfs, 20, RATE, 3);
        float[] mixed =
                Signals.of(LENGTH, n -> read[n] + (n > fromShare * LENGTH && n < toShare * LENGTH ? fan[n] : 0));
        FinishOutcome.Refused refused = (FinishOutcome.Refused) finish(specification("audiobook-retail"), mixed);
        assertThat(refused.obstacles()).singleElement().isInstanceOfSatisfying(Obstacle.Noise.class, noise -> {
            double highPassedDb = 0.3;
            assertThat(noise.floorDbfs() - noise.gainDb()).isCloseTo(fanDbfs, within(0.7 + highPassedDb));
        });
    }

    /**
     * Rumble at 31.5 Hz and below that the usual high-pass leaves too loud: it goes behind a steeper one, and the voice keeps its
     * level in the thirds where it begins.
     */
    @ParameterizedTest
    @CsvSource({"0,24,-42", "1,20,-40", "2,28,-44", "4,24,-42", "0,30,-45"})
    void rumbleThatTheUsualHighPassLeavesGoesBehindASteeperOne(int voice, double rumbleHz, double rumbleDbfs)
            throws IOException {
        float[] read = read(voice, -5, -78);
        double amplitude = Math.sqrt(2) * Math.pow(10, rumbleDbfs / 20);
        float[] mixed = Signals.of(
                LENGTH,
                n -> read[n]
                        + amplitude
                                * Math.sin(2 * Math.PI * rumbleHz * n / RATE)
                                * (1 + 0.2 * Math.sin(2 * Math.PI * 0.7 * n / RATE)));
        Specification specification = specification("audiobook-retail");
        Path file = write("rumble.wav", mixed);
        Report report = recordings.measure(file, Progress.NONE);
        assertThat(Forecast.of(specification, report, 1).obstacles()).isEmpty();
        FinishOutcome outcome = finish(specification, file, report);
        assertThat(outcome).isInstanceOf(FinishOutcome.Finished.class);
        FinishOutcome.Finished finished = (FinishOutcome.Finished) outcome;
        assertThat(finished.settings().steepHz().orElseThrow()).isBetween(47.0, 80.0);
        assertThat(finished.delivered().noisiestDbfs().orElseThrow()).isLessThan(-60);
        FinishOutcome.Finished clean = (FinishOutcome.Finished) finish(specification, read);
        assertThat(clean.settings().steepHz()).isEmpty();
        double rumbled = finished.settings().gainDb();
        assertThat(rumbled).isCloseTo(clean.settings().gainDb(), within(0.4));
        List<Double> after = finished.master().voice().spectrum().orElseThrow().levelsDb();
        List<Double> alone = clean.master().voice().spectrum().orElseThrow().levelsDb();
        for (int band = 0; band < after.size(); band++) {
            if (alone.get(band) > -20) {
                assertThat(after.get(band)).as("band %d", band).isCloseTo(alone.get(band), within(1.0));
            }
        }
    }

    /** Noise among the voice is refused as before: no high-pass takes it. */
    @ParameterizedTest
    @CsvSource({"0,-50", "2,-54"})
    void noiseThatNoHighPassTakesIsRefused(int voice, double noiseDbfs) throws IOException {
        FinishOutcome outcome = finish(specification("audiobook-retail"), read(voice, -5, noiseDbfs));
        assertThat(((FinishOutcome.Refused) outcome).obstacles())
                .singleElement()
                .isInstanceOf(Obstacle.Noise.class);
    }

    private FinishOutcome finish(Specification specification, float[] samples) throws IOException {
        Path file = write("alone.wav", samples);
        return finish(specification, file, recordings.measure(file, Progress.NONE));
    }

    private FinishOutcome finish(Specification specification, Path file, Report report) throws IOException {
        Finishing.Order order = new Finishing.Order(
                file, report, specification, specification.format().fewestChannels(), folder.resolve("ready"));
        return new FileFinishing().finish(order, Progress.NONE).outcome();
    }

    private float[] read(int voice, double gainDb, double noiseDbfs) throws IOException {
        float[] dry = Arrays.copyOf(DemoVoice.samples(DemoVoice.NAMES.get(voice), RATE, folder), LENGTH - 4 * RATE);
        float[] padded = Signals.join(Signals.silence(0.8, RATE), dry, Signals.silence(3.2, RATE));
        float[] noise = Signals.noise(noiseDbfs, 20, RATE, 5);
        float gain = (float) Math.pow(10, gainDb / 20);
        return Signals.of(LENGTH, n -> padded[n] * gain + noise[n]);
    }

    private Path write(String name, float[]... channels) throws IOException {
        Path file = folder.resolve(name);
        try (WavWriter writer = new WavWriter(file, RATE, channels.length, 24)) {
            writer.accept(channels, LENGTH);
        }
        return file;
    }

    private static Specification specification(String id) {
        return new SpecificationLibrary(Path.of("no", "library")).byId(id).orElseThrow();
    }
}
