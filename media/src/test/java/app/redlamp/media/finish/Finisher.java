package app.redlamp.media.finish;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.library.SpecificationLibrary;
import java.io.IOException;
import java.nio.file.Path;

/** Finishes a recording again and again, saying each step that it makes; made to be killed. */
final class Finisher {
    private Finisher() {}

    public static void main(String[] arguments) throws IOException {
        Path recording = Path.of(arguments[0]);
        Report report = new FileRecordings().measure(recording, Progress.NONE);
        Finishing.Order order = new Finishing.Order(
                recording,
                report,
                new SpecificationLibrary(Path.of("no", "library"))
                        .byId("audiobook-retail")
                        .orElseThrow(),
                1,
                Path.of(arguments[1]));
        System.out.println("measured");
        for (int n = 0; n < Integer.parseInt(arguments[2]); n++) {
            new FileFinishing().finish(order, new Progress() {
                private double told;

                @Override
                public void at(double share) {
                    if (share > told + 0.1) {
                        told = share;
                        System.out.println(share);
                    }
                }

                @Override
                public boolean cancelled() {
                    return false;
                }
            });
        }
    }
}
