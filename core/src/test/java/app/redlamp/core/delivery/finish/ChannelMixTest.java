package app.redlamp.core.delivery.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.measure.analysis.ChannelRelation;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Made-up readers on two channels of which one is spoilt, mixed as finishing does and measured again. */
class ChannelMixTest {
    private static final double SECONDS = 15;

    /** Two recordings of one voice on two channels. */
    private enum Pair {
        ALIKE(ChannelRelation.Kind.IDENTICAL),
        UPSIDE_DOWN(ChannelRelation.Kind.INVERTED),
        LATE(ChannelRelation.Kind.DELAYED),
        EARLY(ChannelRelation.Kind.DELAYED),
        FIRST_DEAD(ChannelRelation.Kind.ONE_SILENT),
        SECOND_DEAD(ChannelRelation.Kind.ONE_SILENT),
        TWO_PLACES(ChannelRelation.Kind.STEREO);

        private final ChannelRelation.Kind kind;

        Pair(ChannelRelation.Kind kind) {
            this.kind = kind;
        }

        float[][] channels(float[] read, int rate, long seed) {
            float[] dead = Signals.noise(-84, SECONDS, rate, seed + 9);
            return switch (this) {
                case ALIKE -> new float[][] {read, read.clone()};
                case UPSIDE_DOWN -> new float[][] {read, Speaker.louder(Signals.of(read.length, n -> -read[n]), -1.5)};
                case LATE -> new float[][] {read, late(read, (int) Math.round(0.00035 * rate))};
                case EARLY -> new float[][] {late(read, (int) Math.round(0.0021 * rate)), read};
                case FIRST_DEAD -> new float[][] {dead, read};
                case SECOND_DEAD -> new float[][] {read, dead};
                case TWO_PLACES -> {
                    float[] other = Speaker.louder(Speaker.reads(rate, SECONDS, 170, seed + 5), -4);
                    yield new float[][] {read, Signals.add(Speaker.louder(read, -3), other)};
                }
            };
        }

        private static float[] late(float[] read, int samples) {
            return Signals.of(read.length, n -> n < samples ? 0 : 0.8 * read[n - samples]);
        }
    }

    /** What is told from the report alone is what comes out, in mono and on both sides, whatever the loudness is measured in. */
    @ParameterizedTest
    @CsvSource({
        "ALIKE,44100,0",
        "UPSIDE_DOWN,48000,1",
        "LATE,44100,2",
        "EARLY,48000,3",
        "FIRST_DEAD,44100,4",
        "SECOND_DEAD,48000,5",
        "TWO_PLACES,44100,6"
    })
    void theLevelsComeOutAsForetold(Pair pair, int rate, int seed) throws IOException {
        for (int channels = 1; channels <= 2; channels++) {
            Report recording = Measured.report(rate, pair.channels(read(rate, seed), rate, 3));
            assertThat(recording.relation().kind()).isEqualTo(pair.kind);
            ChannelMix mix = ChannelMix.of(format(channels), recording, channels);
            Report mixed = Measured.report(rate, mixed(mix, rate, pair.channels(read(rate, seed), rate, 3)));
            for (LoudnessTarget.Measure measure : new LoudnessTarget.Measure[] {
                LoudnessTarget.Measure.RMS, LoudnessTarget.Measure.INTEGRATED, LoudnessTarget.Measure.ACTIVE
            }) {
                assertThat(mix.shiftDb(measure, recording))
                        .as("%s, %s, %d channels", pair, measure, channels)
                        .isCloseTo(level(measure, mixed) - level(measure, recording), within(0.5));
            }
        }
    }

    /** No comb and nothing that cancels: what comes out is the better channel, sample for sample. */
    @ParameterizedTest
    @CsvSource({"UPSIDE_DOWN,0", "LATE,0", "EARLY,1", "FIRST_DEAD,1", "SECOND_DEAD,0"})
    void aSpoiltPairIsNotMixed(Pair pair, int better) throws IOException {
        float[][] channels = pair.channels(read(48_000, 77), 48_000, 4);
        Report recording = Measured.report(48_000, channels);
        for (int wanted = 1; wanted <= 2; wanted++) {
            ChannelMix mix = ChannelMix.of(format(wanted), recording, wanted);
            assertThat(mix.alone()).hasValue(better);
            for (float[] out : mixed(mix, 48_000, channels)) {
                assertThat(out).isEqualTo(channels[better]);
            }
        }
    }

    @Test
    void whatIsNotSpoiltIsMixed() {
        Report recording = Measured.report(48_000, Pair.TWO_PLACES.channels(read(48_000, 5), 48_000, 4));
        assertThat(ChannelMix.of(format(1), recording, 1).alone()).isEmpty();
    }

    /** A dead channel takes part in no level: the file reads as the live one alone. */
    @ParameterizedTest
    @CsvSource({"44100,1,-200", "48000,2,-84", "96000,3,-75", "32000,4,-90", "48000,5,-76"})
    void aDeadChannelCountsForNothing(int rate, long seed, double deadDbfs) {
        float[] read = read(rate, seed);
        Report alone = Measured.report(rate, read.clone());
        Report both = Measured.report(rate, Signals.noise(deadDbfs, SECONDS, rate, seed), read.clone());
        assertThat(both.relation().kind()).isEqualTo(ChannelRelation.Kind.ONE_SILENT);
        assertThat(both.rmsDbfs().orElseThrow()).isCloseTo(alone.rmsDbfs().orElseThrow(), within(0.01));
        assertThat(both.integratedLufs().orElseThrow())
                .isCloseTo(alone.integratedLufs().orElseThrow(), within(0.05));
        assertThat(both.noiseFloorDbfs().orElseThrow())
                .isCloseTo(alone.noiseFloorDbfs().orElseThrow(), within(0.01));
        assertThat(both.noisiestDbfs().orElseThrow())
                .isCloseTo(alone.noisiestDbfs().orElseThrow(), within(0.01));
        assertThat(both.highPassed().rmsDbfs().orElseThrow())
                .isCloseTo(alone.highPassed().rmsDbfs().orElseThrow(), within(0.01));
    }

    private static float[] read(int rate, long seed) {
        return Signals.add(
                Speaker.reads(rate, SECONDS, 120 + 10.0 * seed % 90, seed), Speaker.fan(rate, SECONDS, -64, seed));
    }

    private static double level(LoudnessTarget.Measure measure, Report report) {
        OptionalDouble level = switch (measure) {
            case INTEGRATED -> report.integratedLufs();
            case ACTIVE -> report.activeSpeech().levelDbov();
            default -> report.rmsDbfs();
        };
        return level.orElseThrow();
    }

    private static float[][] mixed(ChannelMix mix, int rate, float[][] channels) throws IOException {
        return Signals.readAll(new MixedSource(Signals.source(rate, channels), mix), 1000);
    }

    private static DeliveryFormat format(int channels) {
        return new DeliveryFormat(
                DeliveryFormat.Coding.WAV, 48_000, OptionalInt.of(24), OptionalInt.empty(), channels, channels, true);
    }
}
