package app.redlamp.desktop.deliver;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.desktop.control.Course;
import app.redlamp.words.Wording;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The places of a recording that are worth hearing: those of all findings but mere notes, in the order of time. */
final class Flags {
    private static final double APART_S = 1;

    private Flags() {}

    static List<Course.Flag> of(Report report, Wording wording) {
        return report.findings().stream()
                .filter(f -> f.severity() != Finding.Severity.NOTE)
                .flatMap(f -> f.places().stream().map(place -> new Course.Flag(place.startS(), wording.flag(f.kind()))))
                .sorted(Comparator.comparingDouble(Course.Flag::atS))
                .toList();
    }

    /** The first flag after a place, or the last one before it, in seconds; not one that would sound the same. */
    static Optional<Double> beside(List<Course.Flag> flags, double placeS, boolean after) {
        return after
                ? flags.stream()
                        .map(Course.Flag::atS)
                        .filter(s -> s > placeS + APART_S)
                        .findFirst()
                : flags.stream()
                        .map(Course.Flag::atS)
                        .filter(s -> s < placeS - APART_S)
                        .reduce((a, b) -> b);
    }
}
