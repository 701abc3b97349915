package app.redlamp.core.delivery.finish;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.measure.origin.Edge;
import app.redlamp.core.measure.origin.Origin;
import app.redlamp.core.signal.AudioInfo;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a client who wants the samples whole is not sent. */
class WholeTest {
    private static final Specification RAW = Specifications.raw();

    private static Report of(double edgeHz, int used, int stated, int rate) {
        AudioInfo info =
                new AudioInfo("wav", "pcm_s" + stated + "le", rate, OptionalInt.of(stated), 1, 60, OptionalInt.empty());
        Optional<Edge> edge = edgeHz > 0 ? Optional.of(new Edge(edgeHz, 40)) : Optional.empty();
        return Reports.good()
                .info(info)
                .origin(new Origin(edge, OptionalInt.of(used), OptionalInt.empty()))
                .get();
    }

    @ParameterizedTest
    @CsvSource({
        "16000, 48000, true",
        "20500, 48000, true",
        "0, 48000, false",
        "0, 96000, false",
        "0, 44100, false",
        "0, 32000, true",
        "3500, 48000, true"
    })
    void whatWasLeftOutIsAnObstacle(double edgeHz, int rate, boolean refused) {
        Report report = of(edgeHz, 24, 24, rate);
        double reaches = edgeHz > 0 ? edgeHz : rate / 2.0;
        assertThat(Forecast.of(RAW, report, 1)
                        .obstacles()
                        .contains(new Obstacle.NotWhole(Optional.empty(), reaches, OptionalInt.empty())))
                .isEqualTo(refused);
        assertThat(Judge.judge(RAW, report)
                        .check(CheckId.BANDWIDTH)
                        .orElseThrow()
                        .verdict())
                .isEqualTo(refused ? CheckResult.OUTSIDE : CheckResult.INSIDE);
    }

    /** What a coding left its blocks in has been through it, however far up it reaches. */
    @Test
    void blocksOfACodingAreAnObstacleToo() {
        Report report = Reports.good()
                .origin(new Origin(Optional.empty(), OptionalInt.of(24), OptionalInt.of(1024)))
                .get();
        assertThat(Forecast.of(RAW, report, 1).obstacles())
                .contains(new Obstacle.NotWhole(Optional.empty(), report.bandwidthHz(), OptionalInt.of(1024)));
        assertThat(Judge.judge(RAW, report).check(CheckId.BLOCKS).orElseThrow().verdict())
                .isEqualTo(CheckResult.OUTSIDE);
        assertThat(Judge.judge(RAW, Reports.good().get()).check(CheckId.BLOCKS)).isEmpty();
        assertThat(Judge.judge(Specifications.audiobook(), report).check(CheckId.BLOCKS))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"16, 24, true", "24, 24, false", "23, 24, false", "16, 16, true", "24, 32, false"})
    void bitsThatWereNotRecordedAreNotMade(int used, int stated, boolean refused) {
        Report report = of(0, used, stated, 48_000);
        assertThat(Forecast.of(RAW, report, 1).obstacles().contains(new Obstacle.FewBits(used, 24)))
                .isEqualTo(refused);
    }

    /** The file says 24 bits and holds 16: a client who counts them finds 16. */
    @Test
    void unusedBitsDoNotCount() {
        assertThat(Judge.judge(RAW, of(0, 16, 24, 48_000))
                        .check(CheckId.BIT_DEPTH)
                        .orElseThrow()
                        .measured())
                .hasValue(16);
    }

    /** Who takes a lossy file, or 16 bits, takes one that was made from less. */
    @Test
    void othersAreNotAsked() {
        Specification audiobook = Specifications.audiobook();
        Report report = of(16_000, 16, 24, 44_100);
        assertThat(audiobook.wantsWhole()).isFalse();
        assertThat(Judge.judge(audiobook, report).check(CheckId.BANDWIDTH)).isEmpty();
        assertThat(Forecast.of(audiobook, report, 1).finishable()).isTrue();
        assertThat(Specifications.broadcast().wantsWhole()).isTrue();
    }

    /** Half a low sample rate is all that a client who asks for it can get. */
    @Test
    void aLowRateAsksForNoMoreThanItHolds() {
        assertThat(Specifications.raw(16_000).bandwidthHz()).isLessThan(8000);
        assertThat(RAW.bandwidthHz()).isEqualTo(20_700);
    }
}
