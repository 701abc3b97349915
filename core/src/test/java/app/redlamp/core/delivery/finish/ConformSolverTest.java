package app.redlamp.core.delivery.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import app.redlamp.core.delivery.process.Reduction;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import java.io.IOException;
import org.junit.jupiter.api.Test;

/** The solver against a bench whose samples follow simple laws; the real bench is tested where files are. */
class ConformSolverTest {
    private static final Specification AUDIOBOOK = Specifications.audiobook();

    /** How coding moves the peak in these tests, in dB. */
    private double codingMovesPeaksDb;

    /** How much of what the limiter takes off the peak also goes off the loudness. */
    private double limiterCostsLoudness;

    private final FinishBench bench = mock(FinishBench.class);

    @Test
    void aQuietRecordingIsRaisedAndDelivered() throws IOException {
        FinishOutcome.Finished finished =
                (FinishOutcome.Finished) solve(Reports.good().gain(-8));
        assertThat(finished.judgement().pass()).isTrue();
        assertThat(finished.settings().gainDb()).isCloseTo(7.5, within(1e-9));
        assertThat(finished.settings().ceilingDbtp().orElseThrow()).isLessThan(-3);
        verify(bench, times(1)).deliver(any());
    }

    @Test
    void peaksThatCodingRaisesLowerTheCeilingUntilTheDeliveryIsInside() throws IOException {
        codingMovesPeaksDb = 1.7;
        FinishOutcome.Finished finished =
                (FinishOutcome.Finished) solve(Reports.good().gain(-8).peak(-6));
        assertThat(finished.delivered().samplePeakDbfs().orElseThrow()).isLessThanOrEqualTo(-3);
        assertThat(finished.settings().ceilingDbtp().orElseThrow()).isLessThanOrEqualTo(-4.7);
        verify(bench, times(2)).deliver(any());
    }

    @Test
    void loudnessThatTheLimiterCostsIsMadeUpFor() throws IOException {
        limiterCostsLoudness = 0.5;
        FinishOutcome.Finished finished = (FinishOutcome.Finished)
                solve(Reports.good().loudness(-30).peak(-7).floor(-75));
        assertThat(finished.delivered().rmsDbfs().orElseThrow()).isBetween(-23.0, -18.0);
        assertThat(finished.settings().gainDb()).isGreaterThan(9.5);
    }

    @Test
    void whatCannotBeIsProvedAndNeverWritten() throws IOException {
        FinishOutcome.Refused refused =
                (FinishOutcome.Refused) solve(Reports.good().loudness(-32.4).floor(-61.5));
        assertThat(refused.obstacles()).singleElement().isInstanceOf(Obstacle.Noise.class);
        verify(bench, never()).deliver(any());
    }

    @Test
    void clippingIsRefusedBeforeAnyWork() throws IOException {
        FinishOutcome.Refused refused =
                (FinishOutcome.Refused) solve(Reports.good().clipped(14));
        assertThat(refused.obstacles()).containsExactly(new Obstacle.Clipped(14));
        verifyNoInteractions(bench);
    }

    /** Peaks so far above the voice that holding them takes all loudness away: said with the check, nothing kept. */
    @Test
    void aCheckThatStaysOutsideIsNamed() throws IOException {
        limiterCostsLoudness = 1;
        FinishOutcome.Refused refused = (FinishOutcome.Refused)
                solve(Reports.good().loudness(-40).peak(-3).floor(-90));
        assertThat(refused.obstacles())
                .singleElement()
                .isInstanceOfSatisfying(
                        Obstacle.StillOutside.class,
                        still -> assertThat(still.check().id()).isEqualTo(CheckId.LOUDNESS));
        verify(bench, never()).deliver(any());
    }

    @Test
    void stereoBecomesWhatTheOthersAre() throws IOException {
        Reports recording = Reports.good().channels(2);
        prepare(recording.get());
        FinishOutcome.Finished finished =
                (FinishOutcome.Finished) new ConformSolver(AUDIOBOOK, bench, 1).solve(recording.get());
        assertThat(finished.settings().channels()).isEqualTo(1);
    }

    private FinishOutcome solve(Reports recording) throws IOException {
        Report report = recording.get();
        prepare(report);
        return new ConformSolver(AUDIOBOOK, bench, 1).solve(report);
    }

    private void prepare(Report recording) throws IOException {
        when(bench.process(any())).thenAnswer(call -> {
            FinishSettings settings = call.getArgument(0);
            return new FinishBench.Processed(apply(recording, settings).get(), Reduction.NONE);
        });
        when(bench.deliver(any())).thenAnswer(call -> {
            Reports samples = apply(recording, call.getArgument(0));
            double peak = samples.get().samplePeakDbfs().orElseThrow();
            return samples.mp3(192).peak(peak + codingMovesPeaksDb).get();
        });
    }

    private Reports apply(Report recording, FinishSettings settings) {
        double peak = recording.samplePeakDbfs().orElseThrow() + settings.gainDb();
        double over = Math.max(0, peak - settings.ceilingDbtp().orElse(Double.POSITIVE_INFINITY));
        return Reports.good()
                .loudness(recording.rmsDbfs().orElseThrow() + settings.gainDb() - over * limiterCostsLoudness)
                .floor(recording.noiseFloorDbfs().orElseThrow() + settings.gainDb())
                .peak(peak - over);
    }
}
