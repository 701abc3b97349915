package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.kit.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Two schools that disagree, each by the best that it has to offer for a job, and what the figures say (both schools: common
 * practice, no source).
 *
 * @param question what they disagree about
 * @param first what the first would take
 * @param second what the second would take
 * @param side which the figures are for; absent where they make no difference
 */
public record School(Question question, Candidate first, Candidate second, Optional<Candidate> side) {
    /** Less than this is no difference that somebody hears (common practice, no source). */
    private static final double HEARD_DB = 1;

    /** What schools disagree about. */
    public enum Question {
        /** XLR for anyone serious, or a good USB microphone for a beginner. */
        CONNECTION,
        /** A condenser always, or a dynamic in any untreated room. */
        CAPSULE;

        /** Name in reports, such as {@code connection}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        private Set<Candidate.Family> first() {
            return switch (this) {
                case CONNECTION ->
                    Set.of(Candidate.Family.XLR_CONDENSER, Candidate.Family.XLR_DYNAMIC, Candidate.Family.RIBBON);
                case CAPSULE -> Set.of(Candidate.Family.XLR_CONDENSER, Candidate.Family.USB_CONDENSER);
            };
        }

        private Set<Candidate.Family> second() {
            return switch (this) {
                case CONNECTION -> Set.of(Candidate.Family.USB_CONDENSER, Candidate.Family.USB_DYNAMIC);
                case CAPSULE -> Set.of(Candidate.Family.XLR_DYNAMIC, Candidate.Family.USB_DYNAMIC);
            };
        }
    }

    /** What the schools would take of these. */
    public static List<School> of(Candidates candidates, Need need) {
        List<School> schools = new ArrayList<>();
        for (Question question : Question.values()) {
            Optional<Candidate> first = best(candidates, question.first());
            Optional<Candidate> second = best(candidates, question.second());
            if (first.isPresent() && second.isPresent()) {
                schools.add(between(question, first.get(), second.get(), need));
            }
        }
        return schools;
    }

    private static Optional<Candidate> best(Candidates candidates, Set<Candidate.Family> families) {
        return candidates.best().stream()
                .filter(c -> families.contains(c.family()))
                .findFirst();
    }

    /** The figures side with what stays within the budget, has no hidden fault, and lacks less; with neither otherwise. */
    static School between(Question question, Candidate first, Candidate second, Need need) {
        boolean same = first.within(need) == second.within(need)
                && first.flawed() == second.flawed()
                && Math.abs(first.lacks().sumDb() - second.lacks().sumDb()) < HEARD_DB;
        if (same) {
            return new School(question, first, second, Optional.empty());
        }
        boolean isFirst = Candidates.order(need).compare(first, second) < 0;
        return new School(question, first, second, Optional.of(isFirst ? first : second));
    }
}
