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
 * @param gated whether the noise floor is unknown because the pauses were gated to digital silence
 * @param stretches the pauses, trimmed as they were measured, in the order of time
 * @param noisiest the half second of pauses with the most noise, one pause after the other: what somebody finds who looks for
 *     the worst place. It ends later than half a second after its start where it takes several pauses, which lie within 8 s; it
 *     is less where there is no more within 8 s. Absent where there is no pause
 * @param throbS seconds from swell to swell of a noise that throbs; absent where none is told, in less than half a minute too
 */
public record Pauses(
        OptionalDouble noiseFloorDbfs,
        OptionalDouble voiceDbfs,
        OptionalDouble headS,
        OptionalDouble tailS,
        Edge head,
        Edge tail,
        double digitalSilenceS,
        boolean gated,
        List<Stretch> stretches,
        Optional<Stretch> noisiest,
        OptionalDouble throbS) {

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
        /** Its length in seconds. */
        public double lengthS() {
            return endS - startS;
        }
    }

    public Pauses {
        stretches = List.copyOf(stretches);
    }

    /** The pause with the most noise; absent for none. */
    public Optional<Stretch> loudest() {
        return stretches.stream().max(Comparator.comparingDouble(Stretch::levelDbfs));
    }

    /** The pause with the least noise; absent for none. */
    public Optional<Stretch> quietest() {
        return stretches.stream().min(Comparator.comparingDouble(Stretch::levelDbfs));
    }

    /** The level in dBFS RMS of the quieter pauses that make up a share of their time, the loudest of these; asked where there are some. */
    double quieterDbfs(double share) {
        List<Stretch> byLevel = stretches.stream()
                .sorted(Comparator.comparingDouble(Stretch::levelDbfs))
                .toList();
        double left = share * stretches.stream().mapToDouble(Stretch::lengthS).sum();
        int at = 0;
        while (at + 1 < byLevel.size() && left > byLevel.get(at).lengthS()) {
            left -= byLevel.get(at++).lengthS();
        }
        return byLevel.get(at).levelDbfs();
    }

    /** The longest of them; absent for none. */
    public Optional<Stretch> longest() {
        return stretches.stream().max(Comparator.comparingDouble(Stretch::lengthS));
    }

    /** Level of the noisiest half second in dBFS RMS: what a limit on the noise is held against. Absent where there is no pause. */
    public OptionalDouble noisiestDbfs() {
        return noisiest.stream().mapToDouble(Stretch::levelDbfs).findFirst();
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
