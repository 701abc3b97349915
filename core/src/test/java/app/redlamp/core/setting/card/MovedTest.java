package app.redlamp.core.setting.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Position;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class MovedTest {
    private static final int RATE = 48_000;
    private static final GainCard CARD = card(still(1, 0, 0, 0));

    /** White noise times a gain, with more below 80 Hz, a hum of 100 Hz, and more above 4 kHz. */
    private static Report still(double gain, double rumble, double hum, double hiss) {
        SplittableRandom random = new SplittableRandom(7);
        BiquadFilter low = new BiquadFilter(Biquad.lowPass(80, 0.7, RATE));
        BiquadFilter high = new BiquadFilter(Biquad.highPass(4000, 0.7, RATE));
        RecordingAnalyzer analyzer = new RecordingAnalyzer(RATE, 1);
        float[][] block = new float[1][RATE];
        for (int s = 0; s < 10; s++) {
            for (int n = 0; n < RATE; n++) {
                double white = random.nextGaussian();
                double sum = white + rumble * low.next(random.nextGaussian()) + hiss * high.next(random.nextGaussian());
                sum += hum * Math.sin(2 * Math.PI * 100 * n / RATE);
                block[0][n] = (float) (gain * 3e-4 * sum);
            }
            analyzer.accept(block, RATE);
        }
        return analyzer.report(new AudioInfo("wav", "pcm_s24le", RATE, OptionalInt.of(24), 1, 10, OptionalInt.empty()));
    }

    private static GainCard card(Report still) {
        GainCard blank = GainCards.card("card", "Ada");
        NoiseProfile noise = still.noise().orElseThrow();
        return new GainCard(
                blank.id(),
                blank.when(),
                blank.kit(),
                blank.voice(),
                blank.input(),
                blank.knobs(),
                blank.place(),
                new GainCard.Levels(
                        GainSchool.MIDDLE,
                        noise.highPassedDbfs(),
                        noise.floorDbA(),
                        -28,
                        -9,
                        OptionalDouble.empty(),
                        noise.octavesDbfs(),
                        List.of()),
                Optional.empty(),
                "");
    }

    private static List<Moved> moved(Report still, double shiftDb, double averageDbfs, Position place) {
        return Moved.of(CARD, CARD.input(), still, shiftDb, OptionalDouble.of(averageDbfs), Optional.empty(), place);
    }

    private static List<Moved> noise(Report still) {
        return moved(still, 0, -28, CARD.place().position());
    }

    @Test
    void nothingMoved() {
        assertThat(noise(still(1, 0, 0, 0))).isEmpty();
    }

    @Test
    void allOfTheNoiseIsTheGain() {
        assertThat(noise(still(2, 0, 0, 0))).singleElement().satisfies(m -> {
            assertThat(m.kind()).isEqualTo(Moved.Kind.GAIN);
            assertThat(m.amount()).isCloseTo(6.02, within(0.3));
        });
        assertThat(noise(still(0.5, 0, 0, 0)))
                .singleElement()
                .satisfies(m -> assertThat(m.amount()).isCloseTo(-6.02, within(0.3)));
    }

    /** Whoever turned the knob by as much since knows it already. */
    @Test
    void aKnobThatWasTurnedSinceIsNoNews() {
        assertThat(moved(still(2, 0, 0, 0), -6.02, -28, CARD.place().position()))
                .isEmpty();
    }

    @Test
    void partsOfTheNoise() {
        assertThat(noise(still(1, 40, 0, 0))).extracting(Moved::kind).contains(Moved.Kind.LOW_NOISE);
        assertThat(noise(still(1, 0, 0, 3)))
                .extracting(Moved::kind)
                .contains(Moved.Kind.HIGH_NOISE)
                .doesNotContain(Moved.Kind.LOW_NOISE, Moved.Kind.GAIN);
        assertThat(noise(still(1, 0, 5, 0))).extracting(Moved::kind).contains(Moved.Kind.HUM);
    }

    @Test
    void voicePlaceAndInput() {
        Position nearer = new Position(0.12, 30, 15, 10);
        List<Moved> all = Moved.of(
                CARD,
                new GainCard.Input("Another box", false, 44_100, 24),
                still(1, 0, 0, 0),
                0,
                OptionalDouble.of(-24),
                Optional.empty(),
                nearer);
        assertThat(all)
                .extracting(Moved::kind)
                .containsExactlyInAnyOrder(
                        Moved.Kind.INPUT,
                        Moved.Kind.RATE,
                        Moved.Kind.VOICE_LEVEL,
                        Moved.Kind.DISTANCE,
                        Moved.Kind.ANGLE);
        assertThat(all)
                .filteredOn(m -> m.kind() == Moved.Kind.VOICE_LEVEL)
                .singleElement()
                .satisfies(m -> assertThat(m.amount()).isCloseTo(4, within(1e-9)));
    }
}
