package app.redlamp.core.planning.plan;

import app.redlamp.core.planning.script.Count;
import app.redlamp.core.planning.script.Piece;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The plan of a production: the one door through which screen and command line get the same figures.
 *
 * @param production what it is the plan of
 * @param counts counts of each piece
 * @param pace how fast things go
 * @param pieces how long each piece takes
 * @param from first day of the calendar
 * @param schedule the calendar
 * @param disk room on disk
 * @param income what the client pays; absent where nobody does
 */
public record ProductionPlan(
        Production production,
        List<Count> counts,
        Pace pace,
        List<PieceTime> pieces,
        LocalDate from,
        Schedule schedule,
        DiskNeed disk,
        Optional<BigDecimal> income) {
    /** Seconds of a minute (by definition). */
    private static final double MINUTE_S = 60;

    public ProductionPlan {
        counts = List.copyOf(counts);
        pieces = List.copyOf(pieces);
    }

    /**
     * @param takes recordings that there are
     * @param today the calendar begins today, or on the first day of the brief where that is later
     * @param zone where the user works; decides what clocks that are put forward or back do to an evening
     */
    public static ProductionPlan of(Production production, List<Recorded> takes, LocalDate today, ZoneId zone) {
        return of(production, counts(production), takes, today, zone);
    }

    /** The same with what was counted before, which takes longest. */
    public static ProductionPlan of(
            Production production, List<Count> counts, List<Recorded> found, LocalDate today, ZoneId zone) {
        List<Recorded> takes = found.stream()
                .filter(t -> t.isWhole(counts.get(t.piece()).words()))
                .toList();
        Pace pace = Pace.of(production, counts.stream().map(Count::words).toList(), takes);
        Map<Integer, Recorded> byPiece = new HashMap<>();
        takes.forEach(t -> byPiece.put(t.piece(), t));
        List<PieceTime> times = new ArrayList<>();
        for (int i = 0; i < counts.size(); i++) {
            times.add(
                    time(production.pieces().get(i), counts.get(i).words(), pace, Optional.ofNullable(byPiece.get(i))));
        }
        double finishedS = times.stream().mapToDouble(PieceTime::finishedS).sum();
        int words = counts.stream().mapToInt(Count::words).sum();
        LocalDate start = production.brief().start();
        LocalDate from = start.isAfter(today) ? start : today;
        Schedule schedule = Scheduler.plan(
                times, production.time(), from, production.brief().deadline(), zone);
        DiskNeed disk = DiskNeed.of(
                production.brief().capture(),
                production.order().specification().format(),
                finishedS,
                production.effort().kept());
        Optional<BigDecimal> income = production.money().fee().map(f -> f.income(finishedS, words));
        return new ProductionPlan(production, counts, pace, times, from, schedule, disk, income);
    }

    /** Counts of each piece. */
    public static List<Count> counts(Production production) {
        return production.pieces().stream()
                .map(p -> production.script().count(p))
                .toList();
    }

    private static PieceTime time(Piece piece, int words, Pace pace, Optional<Recorded> take) {
        double planned = piece.plannedS().orElse(words / pace.wordsPerMinute() * MINUTE_S);
        double finishedS = take.map(Recorded::lengthS).orElse(planned);
        double minutes = finishedS / MINUTE_S;
        boolean ready = take.map(Recorded::ready).orElse(false);
        return new PieceTime(
                words,
                finishedS,
                take.isPresent(),
                take.isPresent() ? 0 : minutes * pace.booth(),
                ready ? 0 : minutes * pace.edit(),
                ready ? 0 : minutes * pace.proof());
    }

    /** Words of all pieces together. */
    public int words() {
        return counts.stream().mapToInt(Count::words).sum();
    }

    /** Finished length of everything, in seconds. */
    public double finishedS() {
        return pieces.stream().mapToDouble(PieceTime::finishedS).sum();
    }

    /** Hours in the booth for the whole production, what is recorded already included. */
    public double boothHours() {
        return finishedS() / 3600 * pace.booth();
    }

    /** Hours of editing and proof listening for the whole production. */
    public double editHours() {
        return finishedS() / 3600 * (pace.edit() + pace.proof());
    }

    /** Pieces that are recorded. */
    public int recorded() {
        return (int) pieces.stream().filter(PieceTime::recorded).count();
    }

    /** What an hour of the user's time brings; absent without a fee or without work. */
    public Optional<BigDecimal> hourly() {
        double hours = boothHours() + editHours();
        return hours > 0
                ? income.map(i -> i.divide(BigDecimal.valueOf(hours), 2, RoundingMode.HALF_EVEN))
                : Optional.empty();
    }
}
