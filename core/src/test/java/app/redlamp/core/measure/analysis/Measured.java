package app.redlamp.core.measure.analysis;

import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.OptionalInt;

/** Measures samples through the one door. */
public final class Measured {
    private Measured() {}

    /** Report on samples, one array a channel. */
    public static Report report(int rate, float[]... channels) {
        AudioInfo info =
                new AudioInfo("wav", "pcm_f32le", rate, OptionalInt.of(32), channels.length, 0, OptionalInt.empty());
        try {
            return RecordingAnalyzer.of(Signals.source(rate, channels), info);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The findings' kinds of a report. */
    public static List<Finding.Kind> kinds(Report report) {
        return report.findings().stream().map(Finding::kind).toList();
    }
}
