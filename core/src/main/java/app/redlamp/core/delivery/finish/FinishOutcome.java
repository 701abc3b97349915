package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.process.Reduction;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import java.util.List;
import java.util.stream.Stream;

/** How finishing ended. */
public sealed interface FinishOutcome {

    /**
     * The delivery lies inside its specification, measured on the decoded file.
     *
     * @param settings what was done
     * @param master the finished samples before coding
     * @param predicted the finished samples before coding held against the specification
     * @param reduction what the limiter turned down
     * @param delivered the delivered file, decoded and measured
     * @param judgement the delivered file held against the specification
     */
    record Finished(
            FinishSettings settings,
            Report master,
            Judgement predicted,
            Reduction reduction,
            Report delivered,
            Judgement judgement)
            implements FinishOutcome {

        /** The most that the limiter turned down, in dB, 0 or more. */
        public double reductionDb() {
            return reduction.mostDb();
        }

        /** Whether the limiter had to do what levelling should have done. */
        public boolean limitedHard() {
            return reduction.heavy(activeS());
        }

        /** The share of the speech for which the limiter turned down by more than 3 dB, 0 to 1. */
        public double limitedShare() {
            return reduction.share(activeS());
        }

        /**
         * What is broken in what would be sent: coding covers what was lost before, so that a delivery has the flaws of its recording
         * too, but for channels of which one was taken alone.
         *
         * @param recording the recording, measured
         */
        public List<Finding> flaws(Report recording) {
            boolean alone = settings.mix().alone().isPresent();
            return Stream.concat(
                            recording.flaws().stream()
                                    .filter(f -> !(alone && f.kind().isOfChannels())),
                            delivered.flaws().stream())
                    .toList();
        }

        private double activeS() {
            return master.activeSpeech().activity() * master.info().durationS();
        }
    }

    /** It cannot be done; nothing is kept. At least one obstacle. */
    record Refused(List<Obstacle> obstacles) implements FinishOutcome {
        public Refused {
            obstacles = List.copyOf(obstacles);
        }
    }
}
