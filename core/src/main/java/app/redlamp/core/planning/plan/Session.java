package app.redlamp.core.planning.plan;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.List;

/**
 * Time in the booth on one day.
 *
 * @param day the day it belongs to; one that ends after midnight belongs to the day on which it began
 * @param begins when it begins
 * @param ends when it ends, breaks included
 * @param boothMin minutes of work in the booth, without breaks
 * @param breaks when the breaks begin
 * @param parts what is read; nothing for a session that is kept for corrections
 */
public record Session(
        LocalDate day,
        ZonedDateTime begins,
        ZonedDateTime ends,
        double boothMin,
        List<ZonedDateTime> breaks,
        List<Part> parts) {

    /**
     * Part of a session.
     *
     * @param piece index of the piece, from 0
     * @param boothMin minutes in the booth for it in this session
     * @param last whether the piece is finished with it
     */
    public record Part(int piece, double boothMin, boolean last) {}

    public Session {
        breaks = List.copyOf(breaks);
        parts = List.copyOf(parts);
    }

    /** Whether it is kept for what the client wants changed. */
    public boolean forCorrections() {
        return parts.isEmpty();
    }
}
