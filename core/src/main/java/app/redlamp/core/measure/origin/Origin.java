package app.redlamp.core.measure.origin;

import app.redlamp.core.signal.AudioInfo;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What was left out of a recording before it came into this file.
 *
 * @param edge where it ends although there is room for more; absent where it does not
 * @param bits bits of its samples that are used; absent for silence
 * @param blockSamples samples of the blocks that a coding with loss cut it into, whatever it left of the top; absent where none are seen
 */
public record Origin(Optional<Edge> edge, OptionalInt bits, OptionalInt blockSamples) {
    /** Nothing known. */
    public static final Origin UNKNOWN = new Origin(Optional.empty(), OptionalInt.empty(), OptionalInt.empty());

    /** A gain of whole powers of two leaves a few bits unused; what is told is another depth (ours). */
    private static final int FEWEST_UNUSED = 4;

    /** Highest frequency that is there, in Hz: the edge, or half the sample rate. */
    public double bandwidthHz(AudioInfo info) {
        return edge.map(Edge::hz).orElse(info.sampleRateHz() / 2.0);
    }

    /** Whether there is no more than a call or a low sample rate holds. */
    public boolean isNarrow(AudioInfo info) {
        return bandwidthHz(info) <= Edge.LOW_RATE_HZ;
    }

    /** Whether it is lossless, and nothing tells that something was left out of it before. */
    public boolean isWhole(AudioInfo info) {
        return info.lossless() && edge.isEmpty() && blockSamples.isEmpty();
    }

    /** Bits a sample that are worth something: what the file says, or what is used of it where that is clearly less; absent for lossy codings. */
    public OptionalInt depth(AudioInfo info) {
        return isPadded(info) ? bits : info.bitDepth();
    }

    /** Whether the file has clearly more bits than are used. */
    public boolean isPadded(AudioInfo info) {
        return info.bitDepth().isPresent()
                && bits.isPresent()
                && bits.getAsInt()
                        <= Math.min(BitMeter.MOST_BITS, info.bitDepth().getAsInt()) - FEWEST_UNUSED;
    }
}
