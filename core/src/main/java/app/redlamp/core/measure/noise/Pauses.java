package app.redlamp.core.measure.noise;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where nobody speaks, and what is heard there.
 *
 * @param noiseFloorDbfs energy mean of all pauses in dBFS RMS; absent where there is no pause of 0.3 s
 * @param voiceDbfs energy mean of the speech between the pauses in dBFS RMS; absent where nobody speaks
 * @param headS seconds before the first word; absent where nobody speaks
 * @param tailS seconds after the last word; absent where nobody speaks
 * @param head what is heard before the first word
 * @param tail what is heard after the last word
 * @param digitalSilenceS seconds of digital silence, which counts in none of the levels
 * @param stretches the pauses, trimmed as they were measured, in the order of time
 */
public record Pauses(
        OptionalDouble noiseFloorDbfs,
        OptionalDouble voiceDbfs,
        OptionalDouble headS,
        OptionalDouble tailS,
        Edge head,
        Edge tail,
        double digitalSilenceS,
        List<Stretch> stretches) {

    /** What an end of a recording consists of. */
    public enum Edge {
        /** The word begins or ends with the file. */
        NONE,
        ROOM_TONE,
        DIGITAL_SILENCE;

        /** Name in reports, such as {@code room-tone}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** From {@code startS} up to {@code endS}, in seconds, with the energy mean in dBFS RMS. */
    public record Stretch(double startS, double endS, double levelDbfs) {
        /** All pauses together, in seconds. */
        public double lengthS() {
            return endS - startS;
        }
    }

    public Pauses {
        stretches = List.copyOf(stretches);
    }

    /** The pause with the loudest noise. */
    public Optional<Stretch> loudest() {
        return stretches.stream().max(Comparator.comparingDouble(Stretch::levelDbfs));
    }

    /** The longest of them; absent for none. */
    public Optional<Stretch> longest() {
        return stretches.stream().max(Comparator.comparingDouble(Stretch::lengthS));
    }

    /** Whether a moment lies in a pause. */
    public boolean contains(double seconds) {
        int low = 0;
        int high = stretches.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (stretches.get(middle).endS() <= seconds) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low < stretches.size() && stretches.get(low).startS() <= seconds;
    }
}
