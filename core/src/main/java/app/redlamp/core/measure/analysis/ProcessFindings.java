package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.analysis.Finding.Kind;
import app.redlamp.core.measure.analysis.Finding.Severity;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.voice.VoiceProfile;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Decides what is said of a recording that was worked on before it came here: limited, compressed, its noise taken out. */
final class ProcessFindings {
    /** A compressor that turns down by more is heard at work (common practice, no source). */
    private static final double COMPRESSED_DB = 4;

    /** Noise as it is has 1; what rings has ten times as much (ours). */
    private static final double MUSICAL = 3;

    private ProcessFindings() {}

    static List<Finding> of(Report report, double durationS) {
        List<Finding> findings = new ArrayList<>();
        double share = report.levels().limitedShare();
        VoiceProfile voice = report.voice();
        // What comes up in pauses was down before.
        if (Limiting.is(report.levels(), report.clipping())
                && voice.syllablesPerSecond().isPresent()) {
            findings.add(new Finding(Kind.LIMITED, Severity.WARNING, 0, durationS, 100 * share, List.of()));
        } else if (voice.swellDb().isEmpty() && isWhole(report)) {
            voice.turnedDown()
                    .filter(down -> down.amount() >= COMPRESSED_DB)
                    .ifPresent(down -> findings.add(new Finding(
                            Kind.COMPRESSED, Severity.WARNING, down.startS(), down.endS(), down.amount(), List.of())));
        }
        OptionalDouble uneven = report.noise().map(NoiseProfile::unevenness).orElse(OptionalDouble.empty());
        if (uneven.orElse(1) >= MUSICAL && isWhole(report)) {
            Pauses.Stretch heard = report.pauses().longest().orElseThrow();
            findings.add(new Finding(
                    Kind.MUSICAL_NOISE,
                    Severity.WARNING,
                    heard.startS(),
                    heard.endS(),
                    uneven.getAsDouble(),
                    List.of()));
        }
        return findings;
    }

    /** A coding leaves out noise beside words, and single bins of it, of its own accord. */
    private static boolean isWhole(Report report) {
        return report.origin().isWhole(report.info());
    }
}
