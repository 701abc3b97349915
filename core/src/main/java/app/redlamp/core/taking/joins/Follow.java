package app.redlamp.core.taking.joins;

import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.taking.joins.Quiet.Gap;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** How one take goes on after another: in the pauses at their ends, and over room tone where there is hardly a pause. */
final class Follow {
    /** What is listened to at the ends of a take (ours). */
    private static final int END_S = 30;

    /** Half of a pause between the end of a take and the beginning of the next (ours). */
    private static final double HALF_S = 0.4;

    /** An overlap at a place that is not quiet (ours). */
    private static final double SHORT_FADE_S = 0.01;

    private Follow() {}

    /**
     * The two of them, with what stands between.
     *
     * @throws IOException where they cannot be read; one line
     */
    static List<Passage> of(RawSounds sounds, Passage last, Passage next) throws IOException {
        Quiet before = end(sounds, last);
        Quiet after = beginning(sounds, next);
        int rate = before.sampleRateHz();
        Gap tail = before.tail();
        Gap head = after.head();
        long half = Math.round(HALF_S * rate);
        int fade = Fades.over(tail, head, rate);
        if (fade > 0) {
            long out = Fades.within(tail, Math.min(tail.to(), tail.from() + half), fade);
            long in = Fades.within(head, Math.max(head.from(), head.to() - half), fade);
            return List.of(last.endingAt(out), next.startingAt(in).entered(JoinKind.NEXT_TAKE, fade));
        }
        int over = (int) Math.round(SHORT_FADE_S * rate);
        if (last.frames() < 4L * over || next.frames() < 4L * over) {
            return List.of(last, next.entered(JoinKind.NEXT_TAKE, 0));
        }
        List<Passage> joined = new ArrayList<>();
        joined.add(last.endingAt(last.to() - over));
        Stream.of(tones(before, last), tones(after, next))
                .flatMap(List::stream)
                .max(Comparator.comparingLong(Passage::frames))
                .ifPresent(tone -> {
                    long length = Math.min(half, tone.frames() - 2L * over);
                    joined.add(new Passage(
                            tone.file(), tone.from() + over, tone.from() + over + length, JoinKind.TONE, over));
                });
        joined.add(next.startingAt(next.from() + over).entered(JoinKind.NEXT_TAKE, over));
        return joined;
    }

    private static List<Passage> tones(Quiet quiet, Passage passage) {
        return quiet.gaps().stream()
                .map(g -> Passage.first(passage.file(), g.from(), g.to()))
                .toList();
    }

    private static Quiet end(RawSounds sounds, Passage last) throws IOException {
        long most = frames(sounds, last.file());
        long from = Math.max(last.from(), last.to() - most);
        return Quiet.in(sounds, last.file(), from, last.to() - from);
    }

    private static Quiet beginning(RawSounds sounds, Passage next) throws IOException {
        return Quiet.in(sounds, next.file(), next.from(), Math.min(next.frames(), frames(sounds, next.file())));
    }

    private static long frames(RawSounds sounds, String file) throws IOException {
        try (var source = sounds.open(file, 0)) {
            return (long) END_S * source.sampleRateHz();
        }
    }
}
