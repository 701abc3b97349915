package app.redlamp.core.noise;

import java.util.List;
import java.util.OptionalDouble;

/**
 * Where nobody speaks, and what is heard there.
 *
 * @param noiseFloorDbfs energy mean of all pauses in dBFS RMS; absent where there is no pause of 0.3 s
 * @param voiceDbfs energy mean of the speech between the pauses in dBFS RMS; absent where nobody speaks
 * @param headS seconds before the first word; absent where nobody speaks
 * @param tailS seconds after the last word; absent where nobody speaks
 * @param digitalSilenceS seconds of digital silence, which counts in none of the levels
 * @param stretches the pauses, trimmed as they were measured, in the order of time
 */
public record Pauses(
        OptionalDouble noiseFloorDbfs,
        OptionalDouble voiceDbfs,
        OptionalDouble headS,
        OptionalDouble tailS,
        double digitalSilenceS,
        List<Stretch> stretches) {

    /** From {@code startS} up to {@code endS}, in seconds. */
    public record Stretch(double startS, double endS) {
        public double lengthS() {
            return endS - startS;
        }
    }

    public Pauses {
        stretches = List.copyOf(stretches);
    }
}
