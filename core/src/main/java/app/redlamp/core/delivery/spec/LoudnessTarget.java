package app.redlamp.core.delivery.spec;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;

/** Which loudness a client measures and the window it must lie in. */
public record LoudnessTarget(Measure measure, Limits limits) {

    /** How loudness is measured. */
    public enum Measure {
        /** RMS of the whole file in dBFS, plain convention. */
        RMS("dBFS"),
        /** Integrated loudness in LUFS, ITU-R BS.1770-5. */
        INTEGRATED("LUFS"),
        /** Active speech level in dBov, ITU-T P.56 method B. */
        ACTIVE("dBov"),
        /** Largest sample in dBFS, where a client asks for a level of peaks and no loudness. */
        SAMPLE_PEAK("dBFS"),
        /** True peak in dBTP, likewise. */
        TRUE_PEAK("dBTP");

        private final String unit;

        Measure(String unit) {
            this.unit = unit;
        }

        /** Unit of its window: LUFS, dBFS or dBov. */
        public String unit() {
            return unit;
        }
    }

    /** @throws IllegalArgumentException unless the window is closed on both sides */
    public LoudnessTarget {
        if (limits.low().isEmpty() || limits.high().isEmpty()) {
            throw new IllegalArgumentException(Faults.say("loudness-target.loudness-window-needs", limits));
        }
    }

    /** What a recording has of it; absent for silence. */
    public OptionalDouble of(Report report) {
        return switch (measure) {
            case RMS -> report.rmsDbfs();
            case INTEGRATED -> report.integratedLufs();
            case ACTIVE -> report.activeSpeech().levelDbov();
            case SAMPLE_PEAK -> report.samplePeakDbfs();
            case TRUE_PEAK -> report.truePeakDbtp();
        };
    }
}
