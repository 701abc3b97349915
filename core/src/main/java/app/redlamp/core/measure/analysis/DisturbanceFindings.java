package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.analysis.Finding.Kind;
import app.redlamp.core.measure.analysis.Finding.Severity;
import app.redlamp.core.measure.disturbance.Disturbance;
import app.redlamp.core.measure.disturbance.Disturbance.Path;
import app.redlamp.core.measure.disturbance.Disturbance.Source;
import app.redlamp.core.measure.voice.Event;
import java.util.ArrayList;
import java.util.List;

/** Decides which sounds in pauses are worth a word: what comes again and again, said once with the way that most of it takes. */
final class DisturbanceFindings {
    /** One alone is chance (ours). */
    private static final int FEWEST = 2;

    /** In a long recording a few are chance: one in four minutes (ours). */
    private static final double SELDOM_A_MINUTE = 0.25;

    /** From here on they are a habit, and no longer a note (ours). */
    private static final double OFTEN_A_MINUTE = 2;

    private DisturbanceFindings() {}

    /** One finding of each source at most, in the order of the sources. */
    static List<Finding> of(List<Disturbance> disturbances, double durationS) {
        double minutes = Math.max(1, durationS / 60);
        List<Finding> findings = new ArrayList<>();
        for (Source source : Source.values()) {
            List<Disturbance> same =
                    disturbances.stream().filter(d -> d.source() == source).toList();
            if (same.size() >= FEWEST && same.size() > SELDOM_A_MINUTE * minutes) {
                findings.add(Finding.of(
                        kind(source, same),
                        same.size() > OFTEN_A_MINUTE * minutes ? Severity.WARNING : Severity.NOTE,
                        Event.Tally.of(same.stream().map(Disturbance::event).toList())));
            }
        }
        return findings;
    }

    private static Kind kind(Source source, List<Disturbance> same) {
        boolean desk = mostly(Path.DESK, same);
        return switch (source) {
            case STEPS -> Kind.STEPS;
            case DESK -> Kind.KNOCKS;
            case HANDLING -> Kind.HANDLING;
            case KEYS -> desk ? Kind.KEYS_ON_DESK : Kind.KEYS;
            case CHAIR -> mostly(Path.FLOOR, same) ? Kind.CHAIR_ON_FLOOR : Kind.CHAIR;
            case PAPER -> desk ? Kind.PAPER_ON_DESK : Kind.PAPER;
        };
    }

    private static boolean mostly(Path path, List<Disturbance> same) {
        return 2 * same.stream().filter(d -> d.path() == path).count() > same.size();
    }
}
