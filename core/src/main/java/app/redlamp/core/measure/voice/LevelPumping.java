package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Tells an automatic gain by what it does to the pauses: once the voice stops it turns up, and the noise swells until the next
 * word. A room does the opposite: it fades. How it is told is ours.
 *
 * <p>All pauses that last long enough are laid over each other, from the last word on; of each moment a level low among them is
 * taken, so that a breath or a chair in some of them counts nothing. That curve rises behind an automatic gain, around 1 kHz and
 * in the treble alike; the breath before the next word raises one more than the other. A noise that comes and goes by itself falls in as
 * many pauses as it rises in.
 */
public final class LevelPumping {
    /** Frames of a window: 50 ms (ours). */
    private static final int WINDOW = 5;

    /** Windows of the shortest pause that shows whether the floor moves (ours). */
    private static final int SHORTEST = 6;

    /** Longer than 2 s nobody waits for a gain (ours). */
    private static final int LONGEST = 40;

    /** Frames before a word that may be its beginning (ours). */
    private static final int BEFORE_WORD = 4;

    /** Pauses that tell something (ours). */
    private static final int FEWEST = 6;

    /** Pauses that tell how much, once it is told (ours). */
    private static final int FEWEST_MORE = 3;

    /** More change nothing (ours). */
    private static final int MOST = 2000;

    /** A level that a fifth of the pauses do not reach (ours). */
    private static final double LOW = 0.2;

    /** The quiet tenth of all frames, and the loud one (ours). */
    private static final double TENTH = 0.1;

    /** Of 108 recordings without an automatic gain none rose by more than 1.4, of 40 others one by 2.2 (measured; ours). */
    private static final double LEAST_DB = 2.5;

    /** A gain lifts all bands alike, but for what a fade leaves ... (ours). */
    private static final double ALIKE_DB = 1.5;

    /** ... or as a share of the rise (ours). */
    private static final double ALIKE_SHARE = 0.35;

    /** A gain lifts every pause; a noise that comes and goes falls in some. So much of the rise a pause has of its own (ours) ... */
    private static final double TOGETHER = 0.4;

    /** ... in so many of them (ours). */
    private static final double TOGETHER_SHARE = 0.42;

    /** A pause: level of each of its windows in both bands, in dB. */
    private static final class Pause {
        private final double[] middle;
        private final double[] treble;

        Pause(double[] middle, double[] treble) {
            this.middle = middle;
            this.treble = treble;
        }

        double[] middle() {
            return middle;
        }

        double[] treble() {
            return treble;
        }
    }

    private final List<Pause> pauses;

    private LevelPumping(List<Pause> pauses) {
        this.pauses = pauses;
    }

    /** @return by how many dB the noise swells within the pauses; absent where it does not */
    static OptionalDouble swellDb(VoiceFrames frames) {
        LevelPumping all = new LevelPumping(pauses(frames));
        return all.most(FEWEST) < LEAST_DB ? OptionalDouble.empty() : OptionalDouble.of(all.most(FEWEST_MORE));
    }

    /** Pauses between words; those with digital silence in them tell nothing. */
    private static List<Pause> pauses(VoiceFrames frames) {
        float[] all = frames.all();
        List<Pause> found = new ArrayList<>();
        if (all.length == 0) {
            return found;
        }
        double threshold = Math.sqrt((double) Quantile.of(all, TENTH) * Quantile.of(all, 1 - TENTH));
        int start = 0;
        boolean spoken = false;
        for (int i = 0; i <= all.length; i++) {
            if (i < all.length && all[i] < threshold) {
                continue;
            }
            int windows = Math.min(LONGEST, (i - start - BEFORE_WORD) / WINDOW);
            if (spoken && windows >= SHORTEST) {
                Pause pause =
                        new Pause(levels(frames.middle(), start, windows), levels(frames.bends(), start, windows));
                if (isHeard(pause)) {
                    found.add(pause);
                }
            }
            spoken = true;
            start = i + 1;
        }
        return thinned(found);
    }

    private static double[] levels(float[] squares, int start, int windows) {
        double[] levels = new double[windows];
        for (int w = 0; w < windows; w++) {
            double sum = 0;
            for (int i = 0; i < WINDOW; i++) {
                sum += squares[start + w * WINDOW + i];
            }
            levels[w] = Decibels.levelOfPower(sum / WINDOW);
        }
        return levels;
    }

    private static boolean isHeard(Pause pause) {
        for (int w = 0; w < pause.middle().length; w++) {
            if (!(Double.isFinite(pause.middle()[w]) && Double.isFinite(pause.treble()[w]))) {
                return false;
            }
        }
        return true;
    }

    private static List<Pause> thinned(List<Pause> all) {
        int every = 1 + all.size() / MOST;
        List<Pause> some = new ArrayList<>();
        for (int i = 0; i < all.size(); i += every) {
            some.add(all.get(i));
        }
        return some;
    }

    /** The most that the noise swells in pauses of any length that there are so many of, in dB. */
    private double most(int fewest) {
        double most = 0;
        for (int windows = SHORTEST; windows <= LONGEST; windows++) {
            int length = windows;
            List<Pause> these =
                    pauses.stream().filter(p -> p.middle().length >= length).toList();
            if (these.size() < fewest) {
                break;
            }
            double middle = rise(these.stream().map(Pause::middle).toList(), length);
            double treble = rise(these.stream().map(Pause::treble).toList(), length);
            double alike = Math.max(ALIKE_DB, ALIKE_SHARE * Math.max(middle, treble));
            if (Math.abs(middle - treble) <= alike) {
                most = Math.max(most, (middle + treble) / 2);
            }
        }
        return most;
    }

    /** From the lowest moment up to the last, in dB. */
    private static double rise(List<double[]> levels, int windows) {
        double[] curve = new double[windows];
        int lowest = 0;
        for (int w = 0; w < windows; w++) {
            int at = w;
            curve[w] = Quantile.of(levels.stream().mapToDouble(l -> l[at]).toArray(), LOW);
            if (w < windows - 1 && curve[w] < curve[lowest]) {
                lowest = w;
            }
        }
        double rise = end(curve, windows) - curve[lowest];
        int from = lowest;
        long together = levels.stream()
                .filter(l -> end(l, windows) - l[from] >= TOGETHER * rise)
                .count();
        return together >= TOGETHER_SHARE * levels.size() ? rise : 0;
    }

    /** Level of the last moments. */
    private static double end(double[] levels, int windows) {
        return (levels[windows - 1] + levels[windows - 2]) / 2;
    }
}
