package app.redlamp.core.delivery.finish;

import app.redlamp.core.measure.analysis.Report;
import java.io.IOException;

/** Where a recording is finished with given settings and what comes out is measured. */
public interface FinishBench {

    /**
     * Finishes without writing a file.
     *
     * @return the report on the finished samples
     */
    Processed process(FinishSettings settings) throws IOException;

    /**
     * Finishes and codes as the client takes it, decodes the coded file again and measures that.
     *
     * @return the report on the decoded samples
     */
    Report deliver(FinishSettings settings) throws IOException;

    /**
     * What processing gave.
     *
     * @param report the finished samples, measured
     * @param reductionDb the most that the limiter turned down, 0 or more
     */
    record Processed(Report report, double reductionDb) {}
}
