package app.redlamp.core.chain;

import static app.redlamp.core.chain.Chains.TO_16_BITS;
import static app.redlamp.core.chain.Chains.at;
import static app.redlamp.core.chain.Chains.chain;
import static app.redlamp.core.chain.Chains.condenser;
import static app.redlamp.core.chain.Chains.dynamic;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.kit.Parts;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Two chains worked by hand in volts and pascals, not in decibels. Sound: p = 1 Pa · 10^((L − 94)/20) / r. Microphone: V = S p.
 * Input: V · 3000 / (3000 + Zout). Noise: √(4 k T R B), 20 °C, 20 kHz; squares add.
 */
class ChainsTest {
    @Test
    void aDynamicByHand() {
        SignalPath path = SignalPath.of(chain(dynamic(), 0.075, 50));
        // 62.35 dB SPL at 1 m are 84.849 at 7.5 cm, where it is built to be even; the room, 22.04 dB below that (0.057
        // √(1.923 · 3 · 12 / 0.25) is 0.949 m), makes it 84.876: 0.350 Pa. 1.5 mV/Pa make 0.525 mV, of which 0.477 mV
        // reach the preamp.
        assertThat(path.node(Node.Stage.CAPSULE).orElseThrow().averageDb()).isCloseTo(84.876, within(0.001));
        assertThat(path.node(Node.Stage.MICROPHONE).orElseThrow().averageDb()).isCloseTo(-63.384, within(0.001));
        assertThat(path.node(Node.Stage.LEAD).orElseThrow().averageDb()).isCloseTo(-64.212, within(0.001));
        // × 316.2 = 0.1509 V; full scale is a sine of 2.449 V RMS: −27.22 dBFS RMS, peaks of the loudest line −6.23
        // dBFS.
        Node converter = path.node(Node.Stage.CONVERTER).orElseThrow();
        assertThat(converter.averageDb()).isCloseTo(-27.222, within(0.001));
        assertThat(path.loudestPeakDbfs()).isCloseTo(-6.232, within(0.001));
        // Noise at the input: room 30 dB, a third of its power by the cardioid; 300 Ω; what −127 dBu are without 150 Ω.
        assertThat(at(converter, Source.ROOM)).isCloseTo(-86.869, within(0.001));
        assertThat(at(converter, Source.MICROPHONE)).isCloseTo(-91.746, within(0.001));
        assertThat(at(converter, Source.PREAMP)).isCloseTo(-92.270, within(0.001));
        assertThat(at(converter, Source.CONVERTER)).isCloseTo(-105.957, within(0.001));
        assertThat(converter.noise().flatDb()).isCloseTo(-84.758, within(0.001));
        assertThat(converter.snrDb()).isCloseTo(57.536, within(0.001));
        // Lifted by 7.222 dB to −20 dBFS, and 16 bits with dither (−96.33 dBFS).
        assertThat(path.makeUpDb()).isCloseTo(7.222, within(0.001));
        assertThat(path.floorDbfs()).isCloseTo(-77.478, within(0.001));
        assertThat(path.limit()).isEqualTo(Source.ROOM);
        assertThat(path.marginDb()).isCloseTo(17.478, within(0.001));
    }

    @Test
    void aCondenserByHand() {
        // −31.950 dBFS by the levels alone; nearness adds 1.362 dB, and the room, 14.436 dB below, makes it 1.474.
        SignalPath path = SignalPath.of(chain(condenser(14), 0.18, 30));
        Node converter = path.node(Node.Stage.CONVERTER).orElseThrow();
        assertThat(converter.averageDb()).isCloseTo(-30.476, within(0.001));
        assertThat(converter.noise().flatDb()).isCloseTo(-83.440, within(0.001));
        assertThat(converter.snrDb()).isCloseTo(52.964, within(0.001));
        // Squares of the voltages: 88.6 % of the power is the room's, 10.7 % the microphone's.
        assertThat(converter.share(Source.ROOM)).isCloseTo(0.886, within(0.001));
        assertThat(converter.share(Source.MICROPHONE)).isCloseTo(0.107, within(0.001));
        // −10 log10(1 − 0.107): a silent microphone would give half a decibel. The room is the limit.
        assertThat(converter.without(Source.MICROPHONE)).isCloseTo(0.492, within(0.002));
        assertThat(converter.without(Source.ROOM)).isGreaterThan(9);
    }

    @Test
    void aShoutClipsWhatIsTooSmall() {
        Capsule weak = new Capsule(Pattern.CARDIOID, 20, OptionalDouble.of(14), 100, 150);
        Chain shouting = chain(weak, 0.05, 10).spoken(new Voice(VocalEffort.SHOUT, VocalEffort.SHOUT, 15));
        SignalPath path = SignalPath.of(shouting);
        // 82.3 + 26.02 + 15 dB of peak, and 7.615 of nearness and room (the thirds of the average of speech, summed
        // with another
        // language), against 100 + 3.01 dB.
        assertThat(path.node(Node.Stage.CAPSULE).orElseThrow().headroomDb().orElseThrow())
                .isCloseTo(103.01 - 130.935, within(0.01));
        assertThat(path.headroomDb()).isLessThanOrEqualTo(103.01 - 130.935 + 0.01);
        assertThat(path.tightest().headroomDb().orElseThrow()).isEqualTo(path.headroomDb());
    }

    @Test
    void compressionLiftsTheNoiseByWhatItTakesFromTheVoice() {
        Chain plain = chain(condenser(14), 0.18, 30);
        SignalPath squeezed = SignalPath.of(plain.finished(TO_16_BITS.compressing(4)));
        assertThat(squeezed.floorDbfs() - SignalPath.of(plain).floorDbfs()).isCloseTo(4, within(0.1));
        assertThat(squeezed.limitingDb()).isLessThan(SignalPath.of(plain).limitingDb());
    }

    @ParameterizedTest
    @EnumSource(Pattern.class)
    void moreDistanceNeverRaisesTheGap(Pattern pattern) {
        for (Capsule capsule : new Capsule[] {dynamic(), condenser(8), condenser(30)}) {
            double last = Double.POSITIVE_INFINITY;
            double lastSet = Double.POSITIVE_INFINITY;
            for (double d = 0.02; d < 2; d *= 1.1) {
                Chain chain = chain(capsule.heard(pattern), d, 40);
                double snr = SignalPath.of(chain).snrDb();
                double set = SignalPath.of(chain.set(Parts.MIDDLE)).snrDb();
                assertThat(snr).isLessThan(last);
                assertThat(set).isLessThan(lastSet);
                last = snr;
                lastSet = set;
            }
        }
    }

    @Test
    void moreNoiseNeverRaisesTheGap() {
        double last = Double.POSITIVE_INFINITY;
        for (double dbA = 10; dbA < 60; dbA += 2.5) {
            double snr = SignalPath.of(chain(condenser(12), 0.18, 30).in(Surroundings.of(dbA, 12, 0.25)))
                    .snrDb();
            assertThat(snr).isLessThan(last);
            last = snr;
        }
        last = Double.POSITIVE_INFINITY;
        for (double noise = 0; noise < 40; noise += 2.5) {
            double snr = SignalPath.of(chain(condenser(noise), 0.18, 30)).snrDb();
            assertThat(snr).isLessThan(last);
            last = snr;
        }
    }

    @Test
    void noiseOnlyGrowsOnTheWayToTheConverter() {
        SignalPath path = SignalPath.of(chain(dynamic(), 0.1, 45));
        double last = Double.POSITIVE_INFINITY;
        for (Node node : path.nodes()) {
            if (node.stage() != Node.Stage.MOUTH) {
                assertThat(node.snrDb()).isLessThanOrEqualTo(last + 1e-9);
                last = node.snrDb();
            }
        }
    }

    /** 0.057 √(Q V / T) with both ends' directivity; C50 of an even fall is 10 log10((D + 1 − l)/l), l = e^(−13.8 · 0.05/T). */
    @Test
    void clarityByHand() {
        Surroundings room = new Surroundings(Noise.NONE, 12, 0.25);
        // Q = 1.923 · 3; critical distance 0.9486 m; 18 cm: D/R = 14.44 dB = 27.78; l = 0.0631.
        assertThat(room.directDb(Position.straight(0.18), Pattern.CARDIOID)).isCloseTo(14.44, within(0.02));
        assertThat(room.clarityDb(Position.straight(0.18), Pattern.CARDIOID)).isCloseTo(26.58, within(0.05));
        assertThat(room.clarityDb(Position.straight(0.36), Pattern.CARDIOID)).isLessThan(22);
    }

    @Test
    void whatCannotBeIsRefusedWithWhatIsAllowed() {
        assertThatThrownBy(() -> new Preamp(0, 60, 129, 0, 10, 3000))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("did you mean −129");
        assertThatThrownBy(() -> new Preamp(0, 60, -160, 0, 10, 3000))
                .hasMessageContaining("nothing real lies below a bare resistor");
        assertThatThrownBy(() -> new Preamp(0, -5, -128, 0, 10, 3000)).hasMessageContaining("highest not below");
        assertThatThrownBy(() -> new Capsule(Pattern.OMNI, -5, OptionalDouble.empty(), 130, 150))
                .hasMessageContaining("between 0.05 and 200");
        assertThatThrownBy(() -> new Capsule(Pattern.OMNI, 5, OptionalDouble.of(Double.NaN), 130, 150))
                .hasMessageContaining("self-noise");
        assertThatThrownBy(() -> Position.straight(Double.NaN)).hasMessageContaining("1 cm and 5 m");
        assertThatThrownBy(() -> new Position(0.2, 0, 100, 0)).hasMessageContaining("0 and 90°");
        assertThatThrownBy(() -> new Voice(VocalEffort.LOUD, VocalEffort.QUIET, 15))
                .hasMessageContaining("no softer");
        assertThatThrownBy(() -> new Lead(-1, true)).hasMessageContaining("between 0 and 200");
        assertThatThrownBy(() -> chain(dynamic(), 0.1, 70)).hasMessageContaining("between 0.0 and 60.0");
        assertThatThrownBy(() -> new Converter(4, 100)).hasMessageContaining("8 and 32");
        assertThatThrownBy(() -> new Booster(90, -128, 0)).hasMessageContaining("1 and 40");
        assertThatThrownBy(() -> new FinishingTarget(3, -3, 0, 24, OptionalDouble.empty()))
                .hasMessageContaining("−60 and 0");
        assertThatThrownBy(() -> new Noise(Double.NaN, 0)).hasMessageContaining("must be numbers");
        assertThatThrownBy(() -> new Surroundings(Noise.NONE, 0, 1)).hasMessageContaining("0.2");
    }
}
