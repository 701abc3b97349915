package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.analysis.Finding.Kind;
import app.redlamp.core.measure.analysis.Finding.Severity;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.voice.VoiceProfile;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Decides what is said of a recording that was worked on before it came here: limited, compressed, its noise taken out. */
final class ProcessFindings {
    /** Finishing that limits a little leaves 8 % at most, speech that was not limited 5 (measured; ours). */
    private static final double LIMITED_SHARE = 0.1;

    /** A compressor that turns down by more is heard at work (common practice, no source). */
    private static final double COMPRESSED_DB = 4;

    /** Noise as it is has 1; what rings has ten times as much (ours). */
    private static final double MUSICAL = 3;

    private ProcessFindings() {}

    static List<Finding> of(Report report, double durationS) {
        List<Finding> findings = new ArrayList<>();
        double share = report.levels().limitedShare();
        VoiceProfile voice = report.voice();
        OptionalDouble uneven = report.noise().map(NoiseProfile::unevenness).orElse(OptionalDouble.empty());
        // What was cut off has a ceiling too, and is told already; what comes up in pauses was down before.
        if (share >= LIMITED_SHARE
                && !isCut(report)
                && voice.syllablesPerSecond().isPresent()) {
            findings.add(whole(Kind.LIMITED, durationS, 100 * share));
        } else if (voice.turnedDownDb().orElse(0) >= COMPRESSED_DB
                && voice.swellDb().isEmpty()
                && isWhole(report)) {
            findings.add(whole(Kind.COMPRESSED, durationS, voice.turnedDownDb().getAsDouble()));
        }
        if (uneven.orElse(1) >= MUSICAL && isWhole(report)) {
            findings.add(whole(Kind.MUSICAL_NOISE, durationS, uneven.getAsDouble()));
        }
        return findings;
    }

    private static boolean isCut(Report report) {
        return report.clippedRuns() > 0 || report.clipping().flatTopDbfs().isPresent();
    }

    /** A coding leaves out noise beside words, and single bins of it, of its own accord. */
    private static boolean isWhole(Report report) {
        return report.info().lossless()
                && report.origin().edge().isEmpty()
                && report.origin().blockSamples().isEmpty();
    }

    private static Finding whole(Kind kind, double durationS, double amount) {
        return new Finding(kind, Severity.WARNING, 0, durationS, amount, List.of());
    }
}
