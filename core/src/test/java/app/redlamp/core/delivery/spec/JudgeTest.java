package app.redlamp.core.delivery.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class JudgeTest {
    private static final Specification AUDIOBOOK = Specifications.audiobook();

    @Test
    void aGoodMasterPassesWithAdviceOnItsCoding() {
        Judgement judgement = Judge.judge(AUDIOBOOK, Reports.good().get());
        assertThat(judgement.pass()).isTrue();
        assertThat(verdict(judgement, CheckId.CODING)).isEqualTo(CheckResult.ADVICE);
        assertThat(verdict(judgement, CheckId.LOUDNESS)).isEqualTo(CheckResult.INSIDE);
        assertThat(judgement.check(CheckId.LOUDNESS).orElseThrow().margin().orElseThrow())
                .isCloseTo(2, within(1e-9));
    }

    @Test
    void eachFaultIsOutsideWithItsMargin() {
        assertFault(Reports.good().loudness(-28.1), CheckId.LOUDNESS, -5.1);
        assertFault(Reports.good().loudness(-15.2), CheckId.LOUDNESS, -2.8);
        assertFault(Reports.good().peak(-2.5), CheckId.PEAK, -0.5);
        assertFault(Reports.good().floor(-52.8), CheckId.NOISE_FLOOR, -7.2);
        assertFault(Reports.good().clipped(14), CheckId.CLIPPING, -14);
        assertFault(Reports.good().edges(0.2, 2), CheckId.HEAD, -0.3);
        assertFault(Reports.good().edges(0.75, 6.5), CheckId.TAIL, -1.5);
        assertFault(Reports.good().info(wav(44_100, 16, 8000)), CheckId.LENGTH, -800);
        assertFault(Reports.good().info(wav(48_000, 24, 60)), CheckId.SAMPLE_RATE, -3900);
    }

    @Test
    void whatIsUndefinedIsNeverInside() {
        Judgement silent = Judge.judge(AUDIOBOOK, Reports.good().silent().get());
        assertThat(verdict(silent, CheckId.LOUDNESS)).isEqualTo(CheckResult.OUTSIDE);
        assertThat(silent.check(CheckId.LOUDNESS).orElseThrow().margin()).isEmpty();
        Judgement noPause = Judge.judge(AUDIOBOOK, Reports.good().noFloor().get());
        assertThat(verdict(noPause, CheckId.NOISE_FLOOR)).isEqualTo(CheckResult.ADVICE);
    }

    @Test
    void lossyFilesAreJudgedByCodingAndBitRate() {
        assertThat(Judge.judge(AUDIOBOOK, Reports.good().mp3(192).get()).pass()).isTrue();
        assertThat(verdict(Judge.judge(AUDIOBOOK, Reports.good().mp3(128).get()), CheckId.BIT_RATE))
                .isEqualTo(CheckResult.OUTSIDE);
        AudioInfo ogg = new AudioInfo("ogg", "vorbis", 44_100, OptionalInt.empty(), 1, 60, OptionalInt.of(192));
        assertThat(verdict(Judge.judge(AUDIOBOOK, Reports.good().info(ogg).get()), CheckId.CODING))
                .isEqualTo(CheckResult.OUTSIDE);
    }

    @Test
    void depthCountsWhereTheClientTakesWav() {
        AudioInfo sixteen = wav(48_000, 16, 60);
        Judgement judgement = Judge.judge(
                Specifications.broadcast(),
                Reports.good().loudness(-23).info(sixteen).get());
        assertThat(judgement.faults()).extracting(Check::id).containsExactly(CheckId.BIT_DEPTH);
    }

    @Test
    void filesOfOneDeliveryMustMatchWhereTheClientAsksForIt() {
        Report mono = Reports.good().get();
        Report stereo = Reports.good().channels(2).get();
        int common = Judge.commonChannels(List.of(mono, stereo, mono));
        assertThat(Judge.judge(AUDIOBOOK, mono, common).pass()).isTrue();
        assertThat(Judge.judge(AUDIOBOOK, stereo, common).faults())
                .extracting(Check::id)
                .containsExactly(CheckId.CHANNELS);
        assertThat(Judge.commonChannels(List.of())).isEqualTo(1);
        assertThat(Judge.commonChannels(List.of(mono, stereo))).isEqualTo(1);
        assertThat(Judge.commonChannels(List.of(stereo, stereo, mono))).isEqualTo(2);
    }

    @Test
    void specificationsThatCannotBeAreRefusedWithTheirFigures() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PeakLimit(PeakLimit.Measure.TRUE, 0.5))
                .withMessageContaining("0.5");
        assertThatIllegalArgumentException().isThrownBy(() -> new PeakLimit(PeakLimit.Measure.TRUE, Double.NaN));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new LoudnessTarget(LoudnessTarget.Measure.RMS, Limits.atMost(-18)));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new DeliveryFormat(
                        DeliveryFormat.Coding.WAV, 48_000, OptionalInt.of(20), OptionalInt.empty(), 1, 2, false))
                .withMessageContaining("16 or 24");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new DeliveryFormat(
                        DeliveryFormat.Coding.MP3, 44_100, OptionalInt.empty(), OptionalInt.empty(), 1, 2, false));
    }

    /** What is certain is refused, what is within the error of a voice is said, and what cannot be told is not held against anybody. */
    @Test
    void aRoomIsRefusedWhereItIsHeardForCertain() {
        Specification dry = Specifications.audiobookAsClearAs(20);
        assertThat(dryness(dry, heard(24, 3)).verdict()).isEqualTo(CheckResult.INSIDE);
        assertThat(dryness(dry, heard(17, 3)).verdict()).isEqualTo(CheckResult.ADVICE);
        assertThat(dryness(dry, heard(14.5, 6)).verdict()).isEqualTo(CheckResult.ADVICE);
        assertThat(dryness(dry, heard(12, 3)).verdict()).isEqualTo(CheckResult.OUTSIDE);
        assertThat(dryness(dry, heard(12, 3)).margin().orElseThrow()).isCloseTo(-8, within(1e-9));
        assertThat(dryness(dry, Reverberation.UNKNOWN).verdict()).isEqualTo(CheckResult.ADVICE);
        Check unheard = dryness(dry, Reverberation.notHeard(20));
        assertThat(unheard.verdict()).isEqualTo(CheckResult.INSIDE);
        assertThat(unheard.text()).contains("not-heard");
        Check more = dryness(Specifications.audiobookAsClearAs(25), Reverberation.notHeard(20));
        assertThat(more.verdict()).isEqualTo(CheckResult.ADVICE);
        assertThat(Judge.judge(AUDIOBOOK, Reports.good().room(heard(5, 3)).get())
                        .check(CheckId.DRYNESS))
                .isEmpty();
    }

    private static Check dryness(Specification specification, Reverberation room) {
        return Judge.judge(specification, Reports.good().room(room).get())
                .check(CheckId.DRYNESS)
                .orElseThrow();
    }

    private static Reverberation heard(double clarityDb, double within) {
        return Reverberation.heard(new Reverberation.Told(clarityDb, within), Optional.empty());
    }

    private static void assertFault(Reports report, CheckId id, double margin) {
        Judgement judgement = Judge.judge(AUDIOBOOK, report.get());
        assertThat(judgement.pass()).as(id.id()).isFalse();
        assertThat(judgement.faults()).as(id.id()).extracting(Check::id).containsExactly(id);
        assertThat(judgement.faults().get(0).margin().orElseThrow()).as(id.id()).isCloseTo(margin, within(1e-9));
    }

    private static AudioInfo wav(int rate, int bits, double seconds) {
        return new AudioInfo("wav", "pcm_s" + bits + "le", rate, OptionalInt.of(bits), 1, seconds, OptionalInt.empty());
    }

    private static CheckResult verdict(Judgement judgement, CheckId id) {
        return judgement.check(id).orElseThrow().verdict();
    }
}
