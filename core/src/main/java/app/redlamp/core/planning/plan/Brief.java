package app.redlamp.core.planning.plan;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.fault.Faults;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What is to be done, for whom and by when.
 *
 * @param kind what it is
 * @param title what the production is called; never blank
 * @param client for whom; empty where it is for oneself
 * @param start first day on which there may be recording
 * @param deadline last day on which it may be delivered; absent where nobody waits
 * @param pattern how files are called, see {@link FileNames}
 * @param capture how it is recorded
 * @param school where the gain is set
 */
public record Brief(
        JobKind kind,
        String title,
        String client,
        LocalDate start,
        Optional<LocalDate> deadline,
        String pattern,
        RecordingFormat capture,
        GainSchool school) {

    /** @throws IllegalArgumentException without a title, or for a deadline before the start */
    public Brief {
        if (title.isBlank()) {
            throw new IllegalArgumentException(Faults.say("brief.production-needs-title"));
        }
        if (deadline.isPresent() && deadline.get().isBefore(start)) {
            throw new IllegalArgumentException(Faults.say("brief.deadline-lies-before", deadline.get(), start));
        }
    }

    /** A new job with what goes with its kind. */
    public static Brief of(JobKind kind, String title, String client, LocalDate start, Optional<LocalDate> deadline) {
        return new Brief(kind, title, client, start, deadline, kind.pattern(), kind.capture(), kind.school());
    }

    /** Another kind, with what goes with it. */
    public Brief as(JobKind other) {
        return of(other, title, client, start, deadline);
    }

    /** The same under another title. */
    public Brief called(String newTitle) {
        return new Brief(kind, newTitle, client, start, deadline, pattern, capture, school);
    }

    /** The same for another client; empty for none. */
    public Brief forClient(String newClient) {
        return new Brief(kind, title, newClient, start, deadline, pattern, capture, school);
    }

    /** The same with another start and deadline; absent for none. */
    public Brief between(LocalDate newStart, Optional<LocalDate> newDeadline) {
        return new Brief(kind, title, client, newStart, newDeadline, pattern, capture, school);
    }

    /** The same with another pattern for file names. */
    public Brief named(String newPattern) {
        return new Brief(kind, title, client, start, deadline, newPattern, capture, school);
    }

    /** The same recorded in another format, and set by another school. */
    public Brief captured(RecordingFormat newCapture, GainSchool newSchool) {
        return new Brief(kind, title, client, start, deadline, pattern, newCapture, newSchool);
    }
}
