package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.voice.Echo;
import app.redlamp.core.setting.monitor.EchoDetector;
import app.redlamp.core.setting.monitor.HowlDetector;
import app.redlamp.core.setting.monitor.MonitorMix;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * A microphone that hears what is monitored. The loop is closed sample by sample in the simulated booth, so that echo and howl
 * come out of it as they do in a room, and the detectors know nothing of it.
 */
class MonitoringLoopTest {
    private static final int BLOCK = 480;
    private static final double SECONDS = 8;
    private static final double USUAL_GAIN_DB = 32;

    /** What the detectors made of a time in the booth. */
    private record Run(Optional<Echo> echo, OptionalDouble howlHz, double endS) {}

    private static Run run(Optional<Loudspeaker> speaker, double gainDb, double monitorDb, Cue cue) {
        Stand stand = Booths.stand();
        Booth booth = Booths.of(stand.with(stand.chain().gained(gainDb)));
        BoothStream stream = new BoothStream(booth, List.of(Speech.tape(Booths.RATE)));
        stream.cue(0, cue);
        stream.hearing(speaker);
        MonitorMix mix = new MonitorMix(Booths.RATE);
        mix.turn(monitorDb);
        HowlDetector howls = new HowlDetector(Booths.RATE);
        EchoDetector echoes = new EchoDetector(Booths.RATE);
        float[][] block = new float[1][BLOCK];
        float[] heard = new float[BLOCK];
        float[] out = new float[BLOCK];
        OptionalDouble howl = OptionalDouble.empty();
        int at = 0;
        for (; at < SECONDS * Booths.RATE && howl.isEmpty(); at += BLOCK) {
            stream.read(block, BLOCK);
            mix.mix(block, BLOCK, heard, out);
            howl = howls.accept(heard, BLOCK);
            echoes.accept(heard, BLOCK);
            speaker.ifPresent(s -> s.play(out, BLOCK));
        }
        return new Run(echoes.echo(0.02), howl, (double) at / Booths.RATE);
    }

    private static Optional<Loudspeaker> desk() {
        return Optional.of(Loudspeaker.onTheDesk(Booths.RATE));
    }

    /** Far below the limit nothing howls; the delay is what the booth and the air were given, to the millisecond. */
    @ParameterizedTest
    @CsvSource({"STILL, -10", "STILL, 0", "READ, -15", "READ, -6", "LOUDEST, -15", "LOUDEST, -3"})
    void aLoudspeakerThatIsOnIsHeardBeforeItHowls(Cue cue, double monitorDb) {
        Run run = run(desk(), USUAL_GAIN_DB, monitorDb, cue);
        assertThat(run.howlHz()).isEmpty();
        assertThat(run.echo()).isPresent();
        double expected = desk().orElseThrow().delayS() + (double) BoothStream.BLOCK / Booths.RATE;
        assertThat(run.echo().orElseThrow().delayS()).isCloseTo(expected, within(0.001));
    }

    /** Turned down by so many dB, the echo is softer by so many. */
    @Test
    void theEchoIsAsLoudAsItIsTurned() {
        double loud =
                run(desk(), USUAL_GAIN_DB, -6, Cue.READ).echo().orElseThrow().levelDb();
        double soft =
                run(desk(), USUAL_GAIN_DB, -12, Cue.READ).echo().orElseThrow().levelDb();
        assertThat(loud - soft).isCloseTo(6, within(1.5));
    }

    /** Nothing comes back: not silent, not while somebody reads, shouts or whispers. */
    @ParameterizedTest
    @EnumSource
    void nothingIsSaidOfAVoiceAlone(Cue cue) {
        Run run = run(Optional.empty(), USUAL_GAIN_DB, 0, cue);
        assertThat(run.howlHz()).isEmpty();
        assertThat(run.echo()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"STILL, -30", "READ, -30", "READ, -6", "LOUDEST, -6"})
    void closedHeadphonesAreNoLoudspeaker(Cue cue, double monitorDb) {
        Optional<Loudspeaker> phones = Optional.of(Loudspeaker.headphones(Booths.RATE));
        Run run = run(phones, USUAL_GAIN_DB, monitorDb, cue);
        assertThat(run.howlHz()).isEmpty();
        assertThat(run.echo()).isEmpty();
    }

    /** From just over the limit to far over it, in silence and in speech. */
    @ParameterizedTest
    @CsvSource({"STILL, 40", "STILL, 44", "STILL, 52", "READ, 40", "READ, 44", "READ, 52"})
    void itIsMutedWhenItHowls(Cue cue, double gainDb) {
        Run run = run(desk(), gainDb, 0, cue);
        assertThat(run.howlHz()).isPresent();
        assertThat(run.endS()).isLessThan(3);
    }

    @Test
    void aBoothThatIsNotMonitoredSoundsAsBefore() {
        float[][] before = Booths.read(stream(Optional.empty()), 1);
        float[][] after = Booths.read(stream(desk()), 1);
        assertThat(after[0]).isEqualTo(before[0]);
    }

    private static BoothStream stream(Optional<Loudspeaker> speaker) {
        BoothStream stream = new BoothStream(Booths.of(Booths.stand()), List.of(Speech.tape(Booths.RATE)));
        stream.hearing(speaker);
        stream.cue(0, Cue.READ);
        return stream;
    }
}
