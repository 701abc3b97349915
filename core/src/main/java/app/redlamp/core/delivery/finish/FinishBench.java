package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.process.Reduction;
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
     * @param reduction what the limiter turned down
     */
    record Processed(Report report, Reduction reduction) {}
}
