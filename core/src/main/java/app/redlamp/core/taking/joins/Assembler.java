package app.redlamp.core.taking.joins;

import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.MarkKind;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.taking.joins.Quiet.Gap;
import app.redlamp.core.taking.joins.Rereading.Twice;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Puts a chapter together of its takes: one goes on where the other ends, what was abandoned is left out, and every join lies in a
 * pause. Only what surrounds a join is listened to.
 */
public final class Assembler {
    /** Around the places of a punch-in (ours). */
    private static final double AROUND_S = 8;

    /** Words that follow a stumble (ours) ... */
    private static final double AFTER_S = 15;

    /** ... and where they follow soon (ours). */
    private static final double NEAR_AFTER_S = 6;

    /** A punch-in lies as far as this from the pause that it was meant for (ours). */
    private static final double SLIP_S = 0.6;

    private final RawSounds sounds;

    public Assembler(RawSounds sounds) {
        this.sounds = sounds;
    }

    /**
     * Takes of a piece that are put together, in the order in which they came: the one that was chosen for it, or all that were not
     * rejected.
     */
    public static List<Take> used(String piece, Takes takes) {
        List<Take> all =
                takes.all().stream().filter(t -> t.piece().equals(piece)).toList();
        List<Take> chosen =
                all.stream().filter(t -> t.state() == Take.State.CHOSEN).toList();
        return chosen.isEmpty()
                ? all.stream().filter(t -> t.state() == Take.State.RAW).toList()
                : chosen;
    }

    /**
     * The same with takes that it does not know yet, one after the other at its end.
     *
     * @throws IOException where one of them cannot be read; one line
     */
    public Assembly with(Assembly before, List<Take> takes) throws IOException {
        Assembly after = before;
        for (Take take : takes) {
            if (!after.takes().contains(take.file())) {
                after = append(after, take).knowing(List.of(take.file()));
            }
        }
        return after;
    }

    private Assembly append(Assembly before, Take take) throws IOException {
        List<Passage> own = passages(take);
        if (own.isEmpty()) {
            return before;
        }
        List<Passage> all = new ArrayList<>(before.passages());
        if (all.isEmpty()) {
            all.addAll(own);
        } else {
            all.addAll(Follow.of(sounds, all.remove(all.size() - 1), own.get(0)));
            all.addAll(own.subList(1, own.size()));
        }
        return before.with(all);
    }

    /** What of a take counts. */
    private List<Passage> passages(Take take) throws IOException {
        Ends ends = ends(take.file());
        if (ends.frames == 0) {
            return List.of();
        }
        List<Passage> all = new ArrayList<>();
        all.add(Passage.first(take.file(), 0, ends.frames));
        List<Mark> marks = take.marks().stream()
                .filter(m -> m.is(MarkKind.PUNCH_IN) || m.is(MarkKind.AGAIN))
                .sorted(Comparator.comparingDouble(m -> m.atS() + m.lengthS()))
                .toList();
        for (Mark mark : marks) {
            Optional<Cut> cut =
                    mark.is(MarkKind.PUNCH_IN) ? punched(take.file(), ends, mark) : again(take.file(), ends, mark);
            cut.ifPresent(c -> leaveOut(all, c));
        }
        return all;
    }

    /** What is left out from {@code from} up to {@code to}, and how long the overlap over it is. */
    private record Cut(long from, long to, int fade, JoinKind kind) {}

    private static void leaveOut(List<Passage> all, Cut cut) {
        Passage last = all.remove(all.size() - 1);
        if (cut.to + cut.fade >= last.to()) {
            all.add(last);
            return;
        }
        Passage rest = new Passage(last.file(), cut.to, last.to(), cut.kind, cut.fade);
        while (cut.from <= last.from() + last.fadeAfter() + cut.fade && !all.isEmpty()) {
            // All of this passage was abandoned as well.
            Passage before = all.remove(all.size() - 1);
            last = cut.from >= before.to() ? before : before.endingAt(last.to());
        }
        if (cut.from <= last.from() + last.fadeAfter() + cut.fade) {
            all.add(last.startingAt(cut.to));
            return;
        }
        all.add(last.endingAt(Math.min(cut.from, last.to())));
        all.add(rest);
    }

    private Optional<Cut> punched(String file, Ends ends, Mark mark) throws IOException {
        long out = Math.min(ends.frames, Math.round(mark.atS() * ends.rate));
        long in = Math.min(ends.frames, Math.round((mark.atS() + mark.lengthS()) * ends.rate));
        Gap before = pause(file, ends, out);
        Gap after = pause(file, ends, in);
        int fade = Fades.over(before, after, ends.rate);
        long from = Fades.within(before, out, fade);
        long to = Fades.within(after, in, fade);
        return to > from ? Optional.of(new Cut(from, to, fade, JoinKind.PUNCH_IN)) : Optional.empty();
    }

    private Gap pause(String file, Ends ends, long frame) throws IOException {
        long around = Math.round(AROUND_S * ends.rate);
        Quiet quiet = Quiet.in(sounds, file, Math.max(0, frame - around), 2 * around);
        return quiet.near(frame, SLIP_S, SLIP_S).orElseGet(() -> quiet.softest(frame, SLIP_S / 2, SLIP_S / 2));
    }

    private Optional<Cut> again(String file, Ends ends, Mark mark) throws IOException {
        long at = Math.min(ends.frames, Math.round(mark.atS() * ends.rate));
        Optional<Twice> near = twice(file, ends, at, Rereading.USUAL_REACH_S, NEAR_AFTER_S);
        Optional<Twice> found =
                near.filter(Twice::alike).isPresent() ? near : twice(file, ends, at, Rereading.REACH_S, AFTER_S);
        return found.map(twice -> {
            Gap before = twice.before();
            Gap after = twice.again();
            int fade = Fades.over(before, after, ends.rate);
            // The pause is as long as the one before the first reading was.
            long from = Fades.within(before, before.middle(), fade);
            long to = Fades.within(after, after.to() - (before.to() - from), fade);
            return new Cut(from, to, fade, JoinKind.AGAIN);
        });
    }

    private Optional<Twice> twice(String file, Ends ends, long at, double backS, double onS) throws IOException {
        long start = Math.max(0, at - Math.round(backS * ends.rate));
        Quiet quiet = Quiet.in(sounds, file, start, at - start + Math.round(onS * ends.rate));
        return Rereading.of(quiet, at);
    }

    /** How long a file is. */
    private record Ends(long frames, int rate) {}

    private Ends ends(String file) throws IOException {
        try (var source = sounds.open(file, 0)) {
            return new Ends(Math.max(0, source.expectedFrames()), source.sampleRateHz());
        }
    }
}
