package app.redlamp.core.acoustics.diary;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.FloatSeries;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Reads events out of the frames of a diary: what rises 6 dB out of the quiet, A-weighted or in the two lowest octaves, until
 * it has stayed within 3 dB of it for two seconds (ours). Within what lasts longer than ten minutes it looks again, against
 * the quiet in there.
 */
final class DiaryReader {
    /** An event begins 6 dB over what was before (ours). */
    private static final double START_RATIO = Decibels.toPower(6);

    /** And ends when it is back within 3 dB (ours). */
    private static final double END_RATIO = Decibels.toPower(3);

    /** It has to stay there for so long (ours). */
    private static final double CALM_S = 2;

    /** Within what lasts longer it looks again (ours). */
    private static final double LONG_S = 600;

    /** What is shorter is a click and not told (ours). */
    private static final double SHORT_S = 0.5;

    /** The quietest tenth is the floor (common practice, no source). */
    private static final double QUIET_SHARE = 0.1;

    /** Shorter recordings tell nothing of a night (ours). */
    private static final double LEAST_S = 5;

    /** Power of digital silence, −140 dBFS (ours). */
    private static final double SILENT = 1e-14;

    /** It looks within what lasts long so many times at most (ours). */
    private static final int DEEPEST = 2;

    /** More in a night are no events (ours). */
    private static final int MOST_EVENTS = 4000;

    /** Steps to each side of a mean (ours). */
    private static final int SMOOTH = 2;
    /** A line that stands so far over both its sides is a hum (ours); a short piece of noise itself reaches about 5 dB. */
    private static final double TONAL_RATIO = Decibels.toPower(7.5);

    /** Beyond the window's main lobe, and in the middle between harmonics of 50 Hz (ours). */
    private static final int BESIDE = 3;

    /** A step of the drawn course is no longer (ours). */
    private static final double LONGEST_STEP_S = 60;

    /** Steps of the drawn course: about the width of a picture (ours). */
    private static final int MOST_STEPS = 480;

    private final DiaryFrames frames;
    private final float[] weighted;
    private final float[] low;
    private final List<NoiseEvent> events = new ArrayList<>();

    private DiaryReader(DiaryFrames frames) {
        this.frames = frames;
        weighted = smooth(frames.weighted());
        low = smooth(frames.low());
    }

    static Diary read(DiaryFrames frames) throws DiaryFault {
        double seconds = frames.count() * frames.frameS();
        if (seconds < LEAST_S) {
            throw new DiaryFault(Faults.say("diary-reader.is-shorter-than"));
        }
        return new DiaryReader(frames).diary(seconds);
    }

    private Diary diary(double seconds) throws DiaryFault {
        boolean silent = true;
        for (float power : weighted) {
            silent &= power < SILENT;
        }
        if (silent) {
            throw new DiaryFault(Faults.say("diary-reader.is-silent-from"));
        }
        double quiet = find(0, weighted.length, 0);
        events.sort(Comparator.comparingDouble(NoiseEvent::startS));
        int left = Math.max(0, events.size() - MOST_EVENTS);
        List<NoiseEvent> kept = events;
        if (left > 0) {
            kept = events.stream()
                    .sorted(Comparator.comparingDouble(e -> -e.overDb()))
                    .limit(MOST_EVENTS)
                    .sorted(Comparator.comparingDouble(NoiseEvent::startS))
                    .toList();
        }
        double stepS = Math.max(1, Math.min(LONGEST_STEP_S, seconds / MOST_STEPS));
        int perStep = (int) Math.max(1, Math.round(stepS / frames.frameS()));
        List<Double> means = new ArrayList<>();
        List<Double> tops = new ArrayList<>();
        for (int from = 0; from < weighted.length; from += perStep) {
            int to = Math.min(weighted.length, from + perStep);
            means.add(db(mean(frames.weighted(), from, to)));
            double top = 0;
            for (int i = from; i < to; i++) {
                top = Math.max(top, frames.weighted().get(i));
            }
            tops.add(db(top));
        }
        return new Diary(seconds, db(quiet), means, tops, kept, NoiseGroup.of(kept), left);
    }

    /** Finds what is in a stretch; returns the A-weighted mean square of the quiet in it. */
    private double find(int from, int to, int depth) {
        double quiet = Math.max(SILENT, share(weighted, from, to));
        double quietLow = Math.max(SILENT, share(low, from, to));
        int calm = (int) Math.max(1, CALM_S / frames.frameS());
        int start = -1;
        int last = -1;
        for (int i = from; i <= to; i++) {
            boolean in = i < to;
            if (in && start < 0 && (weighted[i] > START_RATIO * quiet || low[i] > START_RATIO * quietLow)) {
                start = i;
                last = i;
            } else if (in && start >= 0 && (weighted[i] > END_RATIO * quiet || low[i] > END_RATIO * quietLow)) {
                last = i;
            }
            if (start >= 0 && (!in || i - last >= calm)) {
                // What lasts as long as all of the stretch is the stretch itself.
                if (last + 1 - start < 0.95 * (to - from) || depth == 0) {
                    close(start, last + 1, quiet, quietLow, depth);
                }
                start = -1;
            }
        }
        return quiet;
    }

    private void close(int from, int to, double quiet, double quietLow, int depth) {
        double seconds = (to - from) * frames.frameS();
        double level = mean(frames.weighted(), from, to);
        double[] octaves = new double[OctaveLevels.COUNT];
        for (int b = 0; b < octaves.length; b++) {
            double before = Math.max(SILENT, quietBefore(frames.octaves().get(b), from));
            octaves[b] = db(Math.max(SILENT, mean(frames.octaves().get(b), from, to) - before));
        }
        OctaveLevels shape = OctaveLevels.of(octaves);
        events.add(new NoiseEvent(
                from * frames.frameS(),
                seconds,
                kind(from, to, seconds, shape),
                db(level),
                db(level) - db(quiet),
                rise(from, to, db(level) - db(quiet), quietLow),
                shape));
        if (seconds > LONG_S && depth < DEEPEST) {
            find(from, to, depth + 1);
        }
    }

    /** How far it rises, A-weighted or in the two lowest octaves, whichever is more. */
    private double rise(int from, int to, double overDb, double quietLow) {
        return Math.max(overDb, db(mean(frames.low(), from, to)) - db(quietLow));
    }

    private NoiseEvent.Kind kind(int from, int to, double seconds, OctaveLevels shape) {
        if (seconds < SHORT_S) {
            return NoiseEvent.Kind.CLICK;
        }
        if (tonal(from, to)) {
            return NoiseEvent.Kind.HUM;
        }
        double below = Decibels.toPower(shape.at(0)) + Decibels.toPower(shape.at(1));
        double all = 0;
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            all += Decibels.toPower(shape.at(b));
        }
        return below > 0.7 * all ? NoiseEvent.Kind.RUMBLE : NoiseEvent.Kind.BROADBAND;
    }

    /** Whether a line stands out of the mean spectrum of a stretch. */
    private boolean tonal(int from, int to) {
        int width = frames.lineCount();
        int first = from / DiaryFrames.FRAMES_A_BLOCK;
        int last = Math.max(first + 1, to / DiaryFrames.FRAMES_A_BLOCK);
        double[] mean = new double[width];
        for (int block = first; block < last; block++) {
            for (int k = 0; k < width && (block + 1) * width <= frames.lines().size(); k++) {
                mean[k] += frames.lines().get(block * width + k);
            }
        }
        double most = Arrays.stream(mean).max().orElse(0);
        for (int k = BESIDE; k + BESIDE < width; k++) {
            // Only what counts: a line far below the rest is nothing that anybody hears.
            boolean top = mean[k] >= mean[k - 1] && mean[k] >= mean[k + 1] && mean[k] > most / 10;
            double beside = Math.max(mean[k - BESIDE], mean[k + BESIDE]);
            if (top && mean[k] > TONAL_RATIO * beside) {
                return true;
            }
        }
        return false;
    }

    /** Mean square in the five seconds before; the beginning itself has nothing before it. */
    private double quietBefore(FloatSeries series, int from) {
        int begin = (int) Math.max(0, from - 5 / frames.frameS());
        return from > begin ? mean(series, begin, from) : 0;
    }

    /** What a tenth of a stretch does not go over; digital silence is no quiet. */
    private static double share(float[] values, int from, int to) {
        float[] sorted = Arrays.copyOfRange(values, from, to);
        Arrays.sort(sorted);
        int silent = 0;
        while (silent < sorted.length && sorted[silent] < SILENT) {
            silent++;
        }
        return silent == sorted.length ? 0 : sorted[silent + (int) (QUIET_SHARE * (sorted.length - silent))];
    }

    private static double mean(FloatSeries series, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += series.get(i);
        }
        return sum / Math.max(1, to - from);
    }

    /** A short mean, so that the chance of narrow bands raises nothing. */
    private static float[] smooth(FloatSeries series) {
        float[] smooth = new float[series.size()];
        for (int i = 0; i < smooth.length; i++) {
            int from = Math.max(0, i - SMOOTH / 2);
            int to = Math.min(smooth.length, i + SMOOTH / 2 + 1);
            smooth[i] = (float) mean(series, from, to);
        }
        return smooth;
    }

    private static double db(double meanSquare) {
        return Decibels.levelOfPower(Math.max(meanSquare, SILENT));
    }
}
