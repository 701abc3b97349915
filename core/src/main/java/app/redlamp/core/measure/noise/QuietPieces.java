package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.Centred;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Samples of stretches in which it was quiet, kept while a recording passes, because where its pauses really are is
 * known only at the end. When there is no room for more, every second piece is dropped and from then on only every
 * second one kept, so that what is left is spread over the whole recording.
 */
public final class QuietPieces {
    /** A minute of pauses is enough for every figure (ours). */
    private static final int MOST_SAMPLES = 3_000_000;

    /** A long pause is kept in pieces, so that some of it survives (ours). */
    private static final double LONGEST_S = 4;

    /** A piece of one channel. */
    static final class Piece {
        private final double startS;
        private final float[] samples;

        /** @param startS where it begins in the recording */
        Piece(double startS, float[] samples) {
            this.startS = startS;
            this.samples = samples;
        }

        double startS() {
            return startS;
        }

        float[] samples() {
            return samples;
        }
    }

    private final int sampleRateHz;
    private List<Piece> pieces = new ArrayList<>();
    private int kept;
    private int every = 1;
    private int offered;

    public QuietPieces(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
    }

    /** Offers the samples {@code from} to {@code to} of an array. */
    public void offer(double startS, float[] samples, int from, int to) {
        int longest = (int) (LONGEST_S * sampleRateHz);
        for (int at = from; at < to; at += longest) {
            if (offered++ % every == 0) {
                float[] copy = new float[Math.min(to, at + longest) - at];
                Centred.copy(samples, at, copy, copy.length);
                pieces.add(new Piece(startS + (double) (at - from) / sampleRateHz, copy));
                kept += copy.length;
            }
            if (kept > MOST_SAMPLES) {
                thin();
            }
        }
    }

    /** The parts of the pieces that lie within pauses and last at least {@code shortest} samples. */
    List<Piece> within(List<Pauses.Stretch> pauses, int shortest) {
        List<Piece> found = new ArrayList<>();
        int next = 0;
        for (Piece piece : pieces) {
            double endS = piece.startS() + (double) piece.samples().length / sampleRateHz;
            while (next < pauses.size() && pauses.get(next).endS() <= piece.startS()) {
                next++;
            }
            for (int p = next; p < pauses.size() && pauses.get(p).startS() < endS; p++) {
                int from = index(pauses.get(p).startS() - piece.startS(), piece);
                int to = index(pauses.get(p).endS() - piece.startS(), piece);
                if (to - from >= shortest) {
                    found.add(new Piece(
                            piece.startS() + (double) from / sampleRateHz,
                            Arrays.copyOfRange(piece.samples(), from, to)));
                }
            }
        }
        return found;
    }

    private int index(double seconds, Piece piece) {
        return (int) Math.max(0, Math.min(piece.samples().length, Math.round(seconds * sampleRateHz)));
    }

    private void thin() {
        List<Piece> half = new ArrayList<>();
        kept = 0;
        for (int i = 0; i < pieces.size(); i += 2) {
            half.add(pieces.get(i));
            kept += pieces.get(i).samples().length;
        }
        pieces = half;
        every *= 2;
    }
}
