package app.redlamp.core.chain;

import java.util.OptionalDouble;

/**
 * Where a school puts the voice in the converter.
 *
 * @param peakDbfs peaks of the loudest line, −40 to 0 dBFS
 * @param averageDbfs average of the reading, not to be exceeded; absent where only peaks count
 */
public record GainTarget(double peakDbfs, OptionalDouble averageDbfs) {
    /** @throws IllegalArgumentException out of range */
    public GainTarget {
        if (!(peakDbfs >= -40 && peakDbfs <= 0)) {
            throw new IllegalArgumentException("peaks at " + peakDbfs + " dBFS: must lie between −40 and 0");
        }
    }
}
