package app.redlamp.core.taking.joins;

import app.redlamp.core.measure.noise.FrameLevels;
import app.redlamp.core.measure.noise.PauseFinder;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.FloatSeries;
import app.redlamp.core.signal.FrameClock;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What is quiet in a stretch of a take: its pauses, and where there is none, the softest hundredths of a second. */
public final class Quiet {
    /** Frames that are read at once (ours). */
    private static final int BLOCK = 1 << 12;

    /** No more is listened to at once (ours). */
    private static final long LONGEST_S = 120;

    /** A key that is pressed may stand between an end and its pause (ours). */
    private static final double EDGE_S = 0.4;

    /**
     * A pause, in frames of the take.
     *
     * @param from where nobody speaks any more
     * @param to before which nobody speaks yet
     */
    public record Gap(long from, long to) {
        /** How many frames. */
        public long frames() {
            return to - from;
        }

        /** Its middle. */
        public long middle() {
            return from + frames() / 2;
        }
    }

    private final long from;
    private final int sampleRateHz;
    private final float[] levels;
    private final List<Gap> gaps = new ArrayList<>();
    private final float[] sound;

    private Quiet(long from, int sampleRateHz, float[] levels, float[] bends, float[] sound) {
        this.from = from;
        this.sampleRateHz = sampleRateHz;
        this.levels = levels;
        this.sound = sound;
        Pauses pauses = PauseFinder.of(levels, bends);
        for (Pauses.Stretch one : pauses.stretches()) {
            gaps.add(new Gap(frame(one.startS()), frame(one.endS())));
        }
        silences(levels).stream()
                .filter(s -> gaps.stream().noneMatch(g -> g.to() > s.from() && g.from() < s.to()))
                .forEach(gaps::add);
        gaps.sort(Comparator.comparingLong(Gap::from));
    }

    /** Digital silence has no noise floor, and is quiet all the same: runs as long as a pause, trimmed as pauses are. */
    private List<Gap> silences(float[] energies) {
        List<Gap> all = new ArrayList<>();
        int begun = 0;
        for (int i = 0; i <= energies.length; i++) {
            if (i == energies.length || energies[i] != 0) {
                if (i - begun >= PauseFinder.SHORTEST) {
                    all.add(new Gap(place(begun + PauseFinder.TRIM), place(i - PauseFinder.TRIM)));
                }
                begun = i + 1;
            }
        }
        return all;
    }

    private long place(long number) {
        return from + FrameClock.startOf(number, sampleRateHz);
    }

    /**
     * Listens to a stretch of a take, all its channels together.
     *
     * @param from first frame
     * @param frames how many; fewer where the take ends before
     */
    public static Quiet in(RawSounds sounds, String file, long from, long frames) throws IOException {
        try (AudioSource source = sounds.open(file, from)) {
            return read(source, from, frames);
        }
    }

    private static Quiet read(AudioSource source, long from, long frames) throws IOException {
        int rate = source.sampleRateHz();
        int channels = source.channels();
        FrameLevels levels = new FrameLevels();
        FloatSeries bends = new FloatSeries();
        float[] mono = new float[(int) Math.min(frames, LONGEST_S * rate)];
        float[][] block = new float[channels][BLOCK];
        float[] before = new float[channels];
        float[] beforeThat = new float[channels];
        double power = 0;
        double bend = 0;
        int frame = 0;
        int done = 0;
        int frameFrom = 0;
        int frameTo = (int) FrameClock.startOf(1, rate);
        int got;
        while (done < mono.length && (got = source.read(block, Math.min(BLOCK, mono.length - done))) > 0) {
            for (int i = 0; i < got; i++) {
                float sum = 0;
                for (int c = 0; c < channels; c++) {
                    float x = block[c][i];
                    double second = x - 2.0 * before[c] + beforeThat[c];
                    beforeThat[c] = before[c];
                    before[c] = x;
                    power += (double) x * x;
                    bend += second * second;
                    sum += x;
                }
                mono[done++] = sum / channels;
                if (done == frameTo) {
                    int samples = (frameTo - frameFrom) * channels;
                    levels.frame(power / samples);
                    bends.add((float) (bend / samples));
                    power = 0;
                    bend = 0;
                    frame++;
                    frameFrom = frameTo;
                    frameTo = (int) FrameClock.startOf(frame + 1L, rate);
                }
            }
        }
        return new Quiet(from, rate, levels.meanSquares(), bends.toArray(), Arrays.copyOf(mono, done));
    }

    /** Its pauses of 0.3 s and more, 50 ms less at both ends, in their order. */
    public List<Gap> gaps() {
        return List.copyOf(gaps);
    }

    /** Frames a second. */
    public int sampleRateHz() {
        return sampleRateHz;
    }

    /** Frame after its last. */
    public long end() {
        return from + sound.length;
    }

    /** First frame. */
    public long start() {
        return from;
    }

    /** All channels together, from {@link #start} on. */
    float[] sound() {
        return sound;
    }

    /** The pause that holds a frame, or the nearest to it within reach. */
    public Optional<Gap> near(long frame, double beforeS, double afterS) {
        return gaps.stream()
                .filter(g -> g.to() >= frame - beforeS * sampleRateHz && g.from() <= frame + afterS * sampleRateHz)
                .min(Comparator.comparingLong(g -> away(g, frame)));
    }

    private static long away(Gap gap, long frame) {
        return Math.max(0, Math.max(gap.from() - frame, frame - gap.to()));
    }

    /** The pause at its end; an empty one where it does not end in a pause. */
    Gap tail() {
        return gaps.stream()
                .filter(g -> end() - g.to() < EDGE_S * sampleRateHz)
                .reduce((a, b) -> b)
                .orElse(new Gap(end(), end()));
    }

    /** The pause at its beginning; an empty one where it does not begin in a pause. */
    Gap head() {
        return gaps.stream()
                .filter(g -> g.from() - from < EDGE_S * sampleRateHz)
                .findFirst()
                .orElse(new Gap(from, from));
    }

    /** The softest 30 ms that begin within reach of a frame. */
    public Gap softest(long frame, double beforeS, double afterS) {
        int width = 3;
        int first = (int) Math.max(0, Math.floor((frame - from) / (double) sampleRateHz * 100 - beforeS * 100));
        int last = (int)
                Math.min(levels.length - (double) width, (frame - from) / (double) sampleRateHz * 100 + afterS * 100);
        int best = Math.max(0, Math.min(first, levels.length - width));
        double least = Double.MAX_VALUE;
        for (int i = first; i <= last; i++) {
            double sum = 0;
            for (int k = 0; k < width; k++) {
                sum += levels[i + k];
            }
            if (sum < least) {
                least = sum;
                best = i;
            }
        }
        return new Gap(place(best), Math.min(end(), place(best + (long) width)));
    }

    private long frame(double seconds) {
        return from + Math.round(seconds * sampleRateHz);
    }
}
