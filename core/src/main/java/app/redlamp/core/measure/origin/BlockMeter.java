package app.redlamp.core.measure.origin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Looks for the blocks that a coding with loss cut a recording into, also where it left the top of the spectrum alone. Where windows
 * begin just where its own began, much of what it set to zero is found again: the mean level of the values falls at one sample out of
 * N by a decibel or more, and at its neighbours not at all. (After J. Herre, M. Schug, AES convention paper 5256, 2000, from memory; how
 * it is decided is ours.)
 */
public final class BlockMeter {
    /** Pieces of a recording that are looked at, those with the most treble (ours). */
    private static final int MOST = 16;

    /** Fewer tell nothing (ours). */
    private static final int FEWEST = 8;

    /** Samples of a piece: three blocks of the longest kind (by definition). */
    public static final int PIECE = 3 * 1024;

    /** Values below are seldom set to zero (ours). */
    private static final double LOWEST_HZ = 3000;

    /** Values above may be zero without a coding (ours). */
    private static final double HIGHEST_HZ = 15_000;

    /** Nearer to half the sample rate filters begin (ours). */
    private static final double USABLE = 0.9;

    /** Values that are looked at first (ours). */
    private static final int FIRST_VALUES = 64;

    /** Beginnings that are looked at closer (ours). */
    private static final int CLOSER = 8;

    /** Samples beside a beginning that may share its fall (ours). */
    private static final int BESIDE = 3;

    /** Neighbours that it is held against, in samples to both sides (ours). */
    private static final int[] NEIGHBOURS = {5, 6, 8, 11, 15, 21, 30};

    /** Beginnings all over the block that it is held against (ours). */
    private static final int SPREAD = 24;

    /** So much below the least of all others, in dB (ours). */
    private static final double FALLS_DB = 0.5;

    /** So many times the standard deviation of all others below their mean (ours) ... */
    private static final double STANDS_OUT = 3;

    /** ... for short blocks, whose levels differ more by chance (ours). */
    private static final double SHORT_STANDS_OUT = 5;

    /** Blocks of AAC (ISO/IEC 14496-3, from memory). */
    private static final int LONG = 1024;

    /** Blocks of AC-3 (ATSC A/52, from memory). */
    private static final int SHORT = 256;

    /** What rounding to 16 bits leaves in one value, and half as much again for its dither (by definition of uniform rounding; the half is ours). */
    private static final double LEAST = 1.5 / (12.0 * 32_768 * 32_768);

    private final int sampleRateHz;
    private final List<Piece> pieces = new ArrayList<>();

    /** Samples and where they were. */
    private static final class Piece {
        private final long start;
        private final double treble;
        private final float[] samples;

        Piece(long start, double treble, float[] samples) {
            this.start = start;
            this.treble = treble;
            this.samples = samples;
        }
    }

    public BlockMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
    }

    /**
     * Offers a piece of {@link #PIECE} samples.
     *
     * @param start which sample of the recording its first one is
     * @param treble how much treble is in it, in any unit
     */
    public void offer(long start, double treble, float[] samples, int from) {
        if (pieces.size() == MOST) {
            Piece least = pieces.stream()
                    .min(Comparator.comparingDouble(p -> p.treble))
                    .orElseThrow();
            if (least.treble >= treble) {
                return;
            }
            pieces.remove(least);
        }
        pieces.add(new Piece(start, treble, Arrays.copyOfRange(samples, from, from + PIECE)));
    }

    /** Samples of the blocks that it was cut into; absent where none are found, or where there is too little to tell. */
    public OptionalInt blockSamples() {
        if (pieces.size() < FEWEST) {
            return OptionalInt.empty();
        }
        return Stream.of(LappedTransform.kaiser(LONG, 4), LappedTransform.sine(LONG), LappedTransform.kaiser(SHORT, 5))
                .map(LappedTransform::new)
                .filter(this::isCutBy)
                .mapToInt(LappedTransform::size)
                .findFirst();
    }

    private boolean isCutBy(LappedTransform transform) {
        double highest = Math.min(HIGHEST_HZ, USABLE * sampleRateHz / 2);
        int first = (int) (2 * transform.size() * LOWEST_HZ / sampleRateHz);
        int last = (int) (2 * transform.size() * highest / sampleRateHz);
        return candidates(transform, first, last).anyMatch(c -> fallsAt(c, transform, first, last));
    }

    /** Beginnings at which a few values fall the most against those beside them. */
    private IntStream candidates(LappedTransform transform, int first, int last) {
        int size = transform.size();
        double[] sums = new double[size];
        List<float[]> spectra = pieces.stream()
                .map(p -> transform.spectrum(Arrays.copyOf(p.samples, 3 * size)))
                .toList();
        for (int v = 0; v < FIRST_VALUES; v++) {
            float[] filter = transform.filter(first + v * (last - first) / FIRST_VALUES);
            for (int p = 0; p < pieces.size(); p++) {
                transform.addLevels(spectra.get(p), filter, LEAST, sums, (int) (pieces.get(p).start % size));
            }
        }
        double[] above = new double[size];
        Arrays.setAll(above, b -> sums[b] - beside(sums, b));
        return IntStream.range(0, size)
                .boxed()
                .sorted(Comparator.comparingDouble(b -> above[b]))
                .limit(CLOSER)
                .mapToInt(b -> b);
    }

    /** The mean of the neighbours. */
    private static double beside(double[] sums, int beginning) {
        double sum = 0;
        for (int away : NEIGHBOURS) {
            sum += sums[Math.floorMod(beginning + away, sums.length)];
            sum += sums[Math.floorMod(beginning - away, sums.length)];
        }
        return sum / (2 * NEIGHBOURS.length);
    }

    /** Beginnings that one is held against: its neighbours first, then some all over the block. */
    private static IntStream others(int beginning, int size) {
        return IntStream.concat(
                        Arrays.stream(NEIGHBOURS).flatMap(d -> IntStream.of(beginning + d, beginning - d)),
                        IntStream.range(1, SPREAD).map(i -> beginning + BESIDE + i * (size - 2 * BESIDE) / SPREAD))
                .map(b -> Math.floorMod(b, size));
    }

    private boolean fallsAt(int beginning, LappedTransform transform, int first, int last) {
        double here = levelDb(beginning, transform, first, last);
        double sum = 0;
        double squares = 0;
        int[] others = others(beginning, transform.size()).toArray();
        for (int other : others) {
            double above = levelDb(other, transform, first, last) - here;
            if (above < FALLS_DB) {
                return false;
            }
            sum += above;
            squares += above * above;
        }
        double mean = sum / others.length;
        double standsOut = transform.size() == SHORT ? SHORT_STANDS_OUT : STANDS_OUT;
        return mean >= standsOut * Math.sqrt(squares / others.length - mean * mean);
    }

    /** Mean level of all values of the windows that begin there, in dB. */
    private double levelDb(int beginning, LappedTransform transform, int first, int last) {
        int size = transform.size();
        double sum = 0;
        for (Piece piece : pieces) {
            int from = (int) Math.floorMod(beginning - piece.start, (long) size);
            sum += transform.levels(piece.samples, from, first, last, LEAST);
        }
        return sum / (pieces.size() * (last - first));
    }
}
