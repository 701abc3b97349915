package app.redlamp.core.planning.plan;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.TreeMap;

/**
 * Lays work into days: reading in the room's quiet hours, as long as the voice bears; editing and proof listening from the
 * day after a piece was read; corrections at the end. Pieces are read and edited in their order.
 */
final class Scheduler {
    /** Two years: what takes longer is no plan (ours). */
    private static final int HORIZON_DAYS = 731;

    /** A shorter one is not worth warming up for (common practice, no source). */
    private static final double SHORTEST_SESSION_MIN = 15;

    /** Rounding of doubles (ours). */
    private static final double ROUNDING_MIN = 1e-6;

    private final List<PieceTime> pieces;
    private final WorkingTime time;
    private final ZoneId zone;
    private final double[] boothLeft;
    private final double[] editLeft;
    private final List<Session> sessions = new ArrayList<>();
    private final Map<LocalDate, Double> edits = new TreeMap<>();
    private int reading;
    private int editing;

    private Scheduler(List<PieceTime> pieces, WorkingTime time, ZoneId zone) {
        this.pieces = pieces;
        this.time = time;
        this.zone = zone;
        boothLeft = pieces.stream().mapToDouble(PieceTime::boothMin).toArray();
        editLeft = pieces.stream().mapToDouble(p -> p.editMin() + p.proofMin()).toArray();
    }

    /**
     * @param from first day
     * @param deadline last day; absent where nobody waits
     */
    static Schedule plan(
            List<PieceTime> pieces, WorkingTime time, LocalDate from, Optional<LocalDate> deadline, ZoneId zone) {
        return new Scheduler(pieces, time, zone).run(from, deadline);
    }

    private Schedule run(LocalDate from, Optional<LocalDate> deadline) {
        int corrections = time.correctionDays();
        Optional<LocalDate> done = Optional.empty();
        skipDone();
        boolean late = deadline.isPresent() && deadline.get().isBefore(from);
        double shortMin = late ? undone(corrections) : 0;
        OptionalInt breaksAt = late ? firstUndone() : OptionalInt.empty();
        for (int i = 0; i < HORIZON_DAYS && done.isEmpty(); i++) {
            LocalDate day = from.plusDays(i);
            if (!allDone()) {
                work(day);
            } else if (corrections > 0 && correct(day)) {
                corrections--;
            }
            done = allDone() && corrections == 0 ? Optional.of(day) : Optional.empty();
            if (deadline.isPresent() && day.equals(deadline.get())) {
                shortMin = undone(corrections);
                breaksAt = firstUndone();
            }
        }
        return new Schedule(sessions, edits, done, spare(done, deadline), shortMin, breaksAt);
    }

    private OptionalInt firstUndone() {
        return allDone() ? OptionalInt.empty() : OptionalInt.of(Math.min(reading, editing));
    }

    private static OptionalLong spare(Optional<LocalDate> done, Optional<LocalDate> deadline) {
        return done.isPresent() && deadline.isPresent()
                ? OptionalLong.of(ChronoUnit.DAYS.between(done.get(), deadline.get()))
                : OptionalLong.empty();
    }

    private void work(LocalDate day) {
        // What is read in the evening is edited from the day after.
        int readable = reading;
        read(day);
        edit(day, readable);
    }

    private void read(LocalDate day) {
        double room = Math.min(time.longestSessionMin(), usableMin(day));
        if (reading == pieces.size() || room < SHORTEST_SESSION_MIN) {
            return;
        }
        List<Session.Part> parts = new ArrayList<>();
        double used = 0;
        while (reading < pieces.size() && room - used > ROUNDING_MIN) {
            double minutes = Math.min(room - used, boothLeft[reading]);
            boothLeft[reading] -= minutes;
            used += minutes;
            boolean last = boothLeft[reading] <= ROUNDING_MIN;
            parts.add(new Session.Part(reading, minutes, last));
            if (last) {
                reading++;
                skipDone();
            }
        }
        sessions.add(session(day, used, parts));
    }

    private boolean correct(LocalDate day) {
        double room = Math.min(time.longestSessionMin(), usableMin(day));
        if (room < SHORTEST_SESSION_MIN) {
            return false;
        }
        sessions.add(session(day, room, List.of()));
        return true;
    }

    /** Minutes of work in the quiet hours of a day when breaks are taken out of them. */
    private double usableMin(LocalDate day) {
        double window = time.on(day).map(q -> q.length(day, zone).toMinutes()).orElse(0L);
        double round = time.stretchMin() + time.breakMin();
        double whole = Math.floor(window / round);
        return whole * time.stretchMin() + Math.min(time.stretchMin(), window - whole * round);
    }

    private Session session(LocalDate day, double boothMin, List<Session.Part> parts) {
        ZonedDateTime begins = time.on(day).orElseThrow().begins(day, zone);
        List<ZonedDateTime> breaks = new ArrayList<>();
        int count = (int) Math.ceil(boothMin / time.stretchMin() - ROUNDING_MIN) - 1;
        for (int i = 0; i < count && time.breakMin() > 0; i++) {
            breaks.add(begins.plusMinutes((long) (i + 1) * time.stretchMin() + (long) i * time.breakMin()));
        }
        long length = Math.round(boothMin) + (long) breaks.size() * time.breakMin();
        return new Session(day, begins, begins.plusMinutes(length), boothMin, breaks, parts);
    }

    private void edit(LocalDate day, int readable) {
        double room = time.daysOff().contains(day) ? 0 : time.editMin();
        double used = 0;
        while (editing < readable && (room - used > ROUNDING_MIN || editLeft[editing] <= ROUNDING_MIN)) {
            double minutes = Math.min(room - used, editLeft[editing]);
            editLeft[editing] -= minutes;
            used += minutes;
            if (editLeft[editing] <= ROUNDING_MIN) {
                editing++;
            }
        }
        if (used > 0) {
            edits.put(day, used);
        }
    }

    /** Pieces that need no more reading, such as those that are recorded. */
    private void skipDone() {
        while (reading < pieces.size() && boothLeft[reading] <= ROUNDING_MIN) {
            reading++;
        }
        while (editing < reading && editLeft[editing] <= ROUNDING_MIN) {
            editing++;
        }
    }

    private boolean allDone() {
        return reading == pieces.size() && editing == pieces.size();
    }

    private double undone(int corrections) {
        double sum = corrections * (double) time.longestSessionMin();
        for (int i = 0; i < pieces.size(); i++) {
            sum += boothLeft[i] + editLeft[i];
        }
        return sum;
    }
}
