package app.redlamp.core.port;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** Finishes recordings on disk to a specification. */
public interface Finishing {

    /**
     * What is to be finished.
     *
     * @param recording the file; it is never changed
     * @param report its report
     * @param specification what the client checks
     * @param commonChannels channels of the other files of the delivery
     * @param into folder for what is written; made where it is missing; nothing in it is ever overwritten
     */
    record Order(Path recording, Report report, Specification specification, int commonChannels, Path into) {}

    /**
     * What came of it.
     *
     * @param outcome finished or refused
     * @param written the files, the delivery last; none where it was refused
     */
    record Result(FinishOutcome outcome, List<Path> written) {
        public Result {
            written = List.copyOf(written);
        }
    }

    /**
     * Finishes one recording.
     *
     * @throws IOException where something cannot be read or written; one line that says what to do, nothing left behind
     * @throws java.util.concurrent.CancellationException if cancelled, with nothing left behind
     */
    Result finish(Order order, Progress progress) throws IOException;

    /**
     * Bytes that can still be written where a folder is, or would be made.
     *
     * @throws IOException where that cannot be told
     */
    long freeBytes(Path folder) throws IOException;
}
