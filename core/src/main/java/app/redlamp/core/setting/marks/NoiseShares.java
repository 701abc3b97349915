package app.redlamp.core.setting.marks;

import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Where the noise comes in, told by how it follows the controls: what comes in before the knob (room, microphone, preamp) rises with the
 * voice; what comes in between knob and slider (the converter) rises with the slider alone; what comes in behind both (whole steps of a
 * narrow path) stays. Against the voice that is a + b/K + c/(K·S) with the power gains K of the knob and S of the slider. The three are
 * found by least squares of relative error with none below zero; the equation follows from the order of the stages (ours).
 *
 * @param before against the voice, as a power, at the highest marks that were heard
 * @param between the same
 * @param behind the same
 */
public record NoiseShares(double before, double between, double behind) {
    /** Worse, and the noise was not the same each time (ours). */
    private static final double FITS_DB = 3;

    /** Less of a column that the ones before it do not explain, and it says the same as they do (ours). */
    private static final double SAME = 1e-9;

    /** Before, between, behind (by definition). */
    private static final int KINDS = 3;

    /**
     * @return absent where fewer than three lines left a pause to measure, or where the noise follows no such law: something else ran
     *     meanwhile
     */
    public static Optional<NoiseShares> of(MarkLevels levels, List<Phrase> phrases) {
        List<Phrase> heard = phrases.stream()
                .filter(p -> p.plain() && p.floorDbfs().isPresent() && levels.knows(p.at()))
                .toList();
        if (heard.size() < MarkCurve.FEWEST) {
            return Optional.empty();
        }
        double[][] rows = new double[heard.size()][];
        for (int i = 0; i < rows.length; i++) {
            Phrase p = heard.get(i);
            double noise = Decibels.toPower(p.floorDbfs().getAsDouble() - p.averageDbfs());
            double[] kinds = kinds(levels, p.at());
            rows[i] = Arrays.stream(kinds).map(k -> k / noise).toArray();
        }
        double[] best = new double[KINDS];
        double least = Double.MAX_VALUE;
        for (int kinds = 1; kinds < 1 << KINDS; kinds++) {
            double[] found = leastSquares(rows, kinds);
            double off = off(rows, found);
            if (Arrays.stream(found).allMatch(s -> s >= 0) && off < least) {
                least = off;
                best = found;
            }
        }
        NoiseShares shares = new NoiseShares(best[0], best[1], best[2]);
        boolean fits = heard.stream()
                .allMatch(p -> Math.abs(shares.againstVoiceDb(levels, p.at())
                                - (p.floorDbfs().getAsDouble() - p.averageDbfs()))
                        <= FITS_DB);
        return fits ? Optional.of(shares) : Optional.empty();
    }

    private static double[] kinds(MarkLevels levels, Positions at) {
        double knob = Decibels.toPower(-levels.knobDb(at));
        return new double[] {1, knob, knob * Decibels.toPower(-levels.sliderDb(at))};
    }

    /** Noise against the voice in dB: negative, and the lower the better. */
    public double againstVoiceDb(MarkLevels levels, Positions at) {
        double[] kinds = kinds(levels, at);
        return Decibels.levelOfPower(before * kinds[0] + between * kinds[1] + behind * kinds[2]);
    }

    private static double off(double[][] rows, double[] shares) {
        double sum = 0;
        for (double[] row : rows) {
            double all = 0;
            for (int k = 0; k < KINDS; k++) {
                all += row[k] * shares[k];
            }
            sum += (all - 1) * (all - 1);
        }
        return sum;
    }

    /** The shares of some kinds, bit by bit, of which every row should come to 1; below zero where they cannot be told apart. */
    private static double[] leastSquares(double[][] rows, int kinds) {
        int[] free =
                IntStream.range(0, KINDS).filter(k -> (kinds >> k & 1) == 1).toArray();
        int size = free.length;
        double[][] matrix = new double[size][size + 1];
        for (int i = 0; i < size; i++) {
            for (double[] row : rows) {
                for (int j = 0; j < size; j++) {
                    matrix[i][j] += row[free[i]] * row[free[j]];
                }
                matrix[i][size] += row[free[i]];
            }
        }
        double[] found = new double[KINDS];
        double[] solved = solved(matrix);
        for (int i = 0; i < size; i++) {
            found[free[i]] = solved[i];
        }
        return found;
    }

    /** Elimination without pivots: the matrix is symmetric and not negative. */
    private static double[] solved(double[][] matrix) {
        int size = matrix.length;
        double[] whole = new double[size];
        for (int i = 0; i < size; i++) {
            whole[i] = matrix[i][i];
        }
        for (int i = 0; i < size; i++) {
            double pivot = matrix[i][i];
            for (int below = i + 1; below < size; below++) {
                double share = matrix[below][i] / pivot;
                for (int j = i; j <= size; j++) {
                    matrix[below][j] -= share * matrix[i][j];
                }
                if (matrix[below][below] < SAME * whole[below]) {
                    double[] none = new double[size];
                    Arrays.fill(none, -1);
                    return none;
                }
            }
        }
        double[] all = new double[size];
        for (int i = size - 1; i >= 0; i--) {
            double rest = matrix[i][size];
            for (int j = i + 1; j < size; j++) {
                rest -= matrix[i][j] * all[j];
            }
            all[i] = rest / matrix[i][i];
        }
        return all;
    }
}
