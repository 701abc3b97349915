package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.chain.Lead;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.signal.AudioInfo;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HumGeneratorTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);

    /** A bad lead at both mains, drifted: family, base and level. */
    @ParameterizedTest
    @CsvSource({"50, 0", "50, 0.2", "50, -0.2", "60, 0", "60, 0.2", "60, -0.2"})
    void theFamilyIsFoundWithDriftedMains(int nominal, double drift) {
        Stand bad = Booths.stand()
                .with(new app.redlamp.core.chain.Chain(
                        Booths.chain().voice(),
                        Booths.chain().position(),
                        Booths.chain().room(),
                        Booths.chain().capsule(),
                        new Lead(4, false),
                        Booths.chain().booster(),
                        Booths.chain().preamp(),
                        Booths.chain().gainDb(),
                        Booths.chain().converter(),
                        Booths.chain().finishing()));
        Booth booth = Booths.of(bad).humming(new Mains(nominal, drift));
        Report report = still(booth, 10);
        NoiseProfile noise = report.noise().orElseThrow();
        assertThat(noise.hum()).isPresent();
        assertThat(noise.hum().get().familyHz()).isEqualTo(nominal);
        assertThat(noise.hum().get().baseHz()).isCloseTo(nominal + drift, within(0.1));
        assertThat(noise.kind()).isEqualTo(NoiseProfile.Kind.HUM);
        double predicted = SignalPath.of(bad.chain())
                .node(Node.Stage.CONVERTER)
                .orElseThrow()
                .noises()
                .get(Source.LEAD)
                .flatDb();
        // Its first harmonic counts whole here, and less behind the high-pass that the prediction stands behind.
        assertThat(noise.hum().get().levelDbfs()).isBetween(predicted - 0.5, predicted + 4);
        assertThat(report.highPassed().noiseFloorDbfs().orElseThrow())
                .isCloseTo(
                        SignalPath.of(bad.chain())
                                .node(Node.Stage.CONVERTER)
                                .orElseThrow()
                                .noise()
                                .flatDb(),
                        within(0.5));
    }

    @Test
    void aGoodLeadDoesNotHum() {
        assertThat(still(Booths.of(Booths.stand()), 10).noise().orElseThrow().hum())
                .isEmpty();
    }

    /** A fridge in the room: half of it is a hum. */
    @Test
    void aFridgeHums() {
        RoomSource fridge = new RoomSource(
                "fridge",
                Timbre.HUM.at(40),
                List.of(app.redlamp.core.acoustics.outside.Hours.always()),
                0.5,
                RoomSource.Cycle.STEADY);
        Scene scene = Booths.BOX.hearing(List.of(RoomSource.steady("room", Timbre.FAN.at(18)), fridge));
        Booth booth = new Booth(
                        List.of(Booths.stand()),
                        scene,
                        app.redlamp.core.chain.placement.Bleed.Seats.ACROSS,
                        1,
                        Mains.EUROPEAN,
                        Booths.MORNING,
                        Booths.RATE,
                        3)
                .at(Booths.MORNING);
        Report report = still(booth, 10);
        assertThat(report.noise().orElseThrow().hum()).isPresent();
        assertThat(report.noise().orElseThrow().hum().get().familyHz()).isEqualTo(50);
        assertThat(report.highPassed().noiseFloorDbfs().orElseThrow())
                .isCloseTo(
                        SignalPath.of(booth.stands().get(0).chain())
                                .node(Node.Stage.CONVERTER)
                                .orElseThrow()
                                .noise()
                                .flatDb(),
                        within(0.5));
    }

    private static Report still(Booth booth, int seconds) {
        BoothStream stream = new BoothStream(booth, List.of(TAPE));
        RecordingAnalyzer analyzer = new RecordingAnalyzer(Booths.RATE, 1);
        float[][] block = new float[1][Booths.RATE];
        for (int i = 0; i < seconds; i++) {
            stream.read(block, Booths.RATE);
            analyzer.accept(block, Booths.RATE);
        }
        return analyzer.report(
                new AudioInfo("wav", "pcm_s24le", Booths.RATE, OptionalInt.of(24), 1, seconds, OptionalInt.empty()));
    }
}
