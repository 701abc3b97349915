package app.redlamp.media.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.BoothStream;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Habits;
import app.redlamp.core.booth.Mains;
import app.redlamp.core.booth.RoomSource;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.Stand;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.Booster;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Lead;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import java.io.IOException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the chain computes is what comes out of the simulated booth, within half a decibel. */
class AgreementTest {
    static final DemoVoice VOICE = new DemoVoice();
    private static final int RATE = 48_000;
    static final WeekTime MORNING = new WeekTime(DayOfWeek.MONDAY, LocalTime.of(9, 30));
    private static final FinishingTarget FINISHING = new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60));
    private static final Converter GOOD = new Converter(24, 110);
    private static final OptionalDouble NOTHING = OptionalDouble.empty();

    static Stream<Arguments> chains() {
        Capsule condenser = new Capsule(Pattern.CARDIOID, 20, OptionalDouble.of(14), 130, 150);
        Capsule noisy = new Capsule(Pattern.OMNI, 10, OptionalDouble.of(34), 115, 2200);
        Capsule dynamic = new Capsule(Pattern.CARDIOID, 1.5, NOTHING, 155, 200, OptionalDouble.of(0.08));
        Capsule ribbon = new Capsule(Pattern.FIGURE_EIGHT, 1.7, NOTHING, 145, 300);
        Capsule hyper = new Capsule(Pattern.HYPERCARDIOID, 2.4, NOTHING, 155, 300);
        Preamp clean = new Preamp(0, 60, -128, 2, 10, 3000);
        Preamp hissing = new Preamp(0, 56, -112, 0, 10, 3000);
        Lead none = Lead.NONE;
        Scene box = Scene.of(24, 12, 0.25);
        Scene still = Scene.of(14, 2.5, 0.12);
        Scene hard = Scene.of(36, 60, 0.9);
        Scene rumbling = box.hearing(List.of(RoomSource.steady("mixers", Timbre.RUMBLE.at(34))));
        Scene rain = box.hearing(List.of(RoomSource.steady("rain", Timbre.BROAD.at(30))));
        return Stream.of(
                row("condenser, narration", condenser, none, clean, 32, 0.18, 0, box, VocalEffort.NORMAL),
                row("condenser, far", condenser, none, clean, 40, 0.5, 0, box, VocalEffort.NORMAL),
                row("condenser, very close", condenser, none, clean, 20, 0.05, 0, box, VocalEffort.NORMAL),
                row("condenser, turned", condenser, none, clean, 36, 0.18, 60, box, VocalEffort.NORMAL),
                row("condenser, whispered", condenser, none, clean, 46, 0.15, 0, still, VocalEffort.WHISPER),
                row("condenser, raised, rumble", condenser, none, clean, 26, 0.25, 20, rumbling, VocalEffort.RAISED),
                row("condenser, rain", condenser, none, clean, 32, 0.18, 0, rain, VocalEffort.NORMAL),
                row("omni on a desk in a hard room", noisy, none, clean, 44, 0.5, 0, hard, VocalEffort.NORMAL),
                row("dynamic, four fingers", dynamic, none, clean, 54, 0.075, 0, box, VocalEffort.NORMAL),
                row("dynamic, hissing preamp", dynamic, none, hissing, 54, 0.075, 15, still, VocalEffort.NORMAL),
                row(
                        "dynamic, broken shield",
                        dynamic,
                        new Lead(3, false),
                        clean,
                        54,
                        0.075,
                        0,
                        still,
                        VocalEffort.NORMAL),
                row("ribbon, at an angle", ribbon, new Lead(5, true), clean, 52, 0.15, 30, box, VocalEffort.QUIET),
                row("hypercardioid, loud", hyper, none, clean, 38, 0.1, 0, hard, VocalEffort.LOUD));
    }

    private static Arguments row(
            String name,
            Capsule capsule,
            Lead lead,
            Preamp preamp,
            double gain,
            double distance,
            double angle,
            Scene scene,
            VocalEffort effort) {
        Chain chain = new Chain(
                new Voice(effort, effort.louder(), 14),
                new Position(distance, angle, 0, 0),
                new Surroundings(scene.noiseAt(MORNING), scene.volumeM3(), scene.middleS()),
                capsule,
                lead,
                Optional.<Booster>empty(),
                preamp,
                gain,
                GOOD,
                FINISHING);
        return Arguments.of(name, chain, scene);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("chains")
    void whatIsComputedComesOut(String name, Chain chain, Scene scene) throws IOException {
        Booth booth = booth(chain, scene, 7);
        SignalPath path = SignalPath.of(chain);
        Node converter = path.node(Node.Stage.CONVERTER).orElseThrow();
        Report still = measured(booth, Cue.STILL, 12);
        double floor = still.highPassed().noiseFloorDbfs().orElseThrow();
        Report read = measured(booth, Cue.READ, 60);
        double level = read.activeSpeech().levelDbov().orElseThrow();
        assertThat(floor).isCloseTo(converter.noise().flatDb(), within(0.5));
        assertThat(level).isCloseTo(converter.averageDb(), within(0.5));
        // Peaks have no formula: rooms and nearness move them a little.
        assertThat(read.samplePeakDbfs().orElseThrow()).isCloseTo(converter.peakDb(), within(3.0));
    }

    /** A condenser as a narrator uses it, in a quiet box room. */
    static Chain narration() {
        return new Chain(
                new Voice(VocalEffort.NORMAL, VocalEffort.RAISED, 14),
                Position.straight(0.18),
                new Surroundings(Scene.of(24, 12, 0.25).noiseAt(MORNING), 12, 0.25),
                new Capsule(Pattern.CARDIOID, 20, OptionalDouble.of(14), 130, 150),
                Lead.NONE,
                Optional.empty(),
                new Preamp(0, 60, -128, 2, 10, 3000),
                32,
                GOOD,
                FINISHING);
    }

    static Booth booth(Chain chain, Scene scene, long seed) {
        Stand stand = new Stand("reader", chain, OptionalDouble.of(0.1), 0.02, true, Habits.NONE);
        return new Booth(List.of(stand), scene, Bleed.Seats.ACROSS, 1, Mains.EUROPEAN, MORNING, RATE, seed);
    }

    static Report measured(Booth booth, Cue cue, double seconds) throws IOException {
        double crest = booth.stands().get(0).chain().voice().crestDb();
        BoothStream stream = new BoothStream(booth, List.of(VOICE.tape(RATE, 0, crest)));
        stream.cue(0, cue);
        RecordingAnalyzer analyzer = new RecordingAnalyzer(RATE, 1);
        float[][] block = new float[1][4800];
        for (int i = 0; i < seconds * 10; i++) {
            stream.read(block, 4800);
            analyzer.accept(block, 4800);
        }
        return analyzer.report(
                new AudioInfo("wav", "pcm_s24le", RATE, OptionalInt.of(24), 1, seconds, OptionalInt.empty()));
    }
}
